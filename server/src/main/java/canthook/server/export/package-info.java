/** What leaves the tool and comes in. */
@NullMarked
package canthook.server.export;

import org.jspecify.annotations.NullMarked;
