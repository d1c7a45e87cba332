package canthook.server.sharing;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * What a device of the network must be allowed to ask this. Without it what only reads wants {@link May#READ}, and what may change something
 * {@link May#ALL}; so what is new is closed until somebody says otherwise.
 */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
public @interface OpenTo {
    May value();
}
