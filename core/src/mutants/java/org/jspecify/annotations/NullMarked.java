package org.jspecify.annotations;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The same annotation, forgotten after compiling. Java 17 refuses to swap in a changed record whose
 * components carry annotations of type use, so the build for mutants is compiled with this one.
 */
@Retention(RetentionPolicy.SOURCE)
@Target({ElementType.MODULE, ElementType.PACKAGE, ElementType.TYPE, ElementType.METHOD, ElementType.CONSTRUCTOR})
public @interface NullMarked {}
