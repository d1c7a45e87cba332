/** A glue-up as it goes, by a clock that runs on whatever becomes of the page: when the glue was opened, which step, how long it took. */
@NullMarked
package canthook.server.gluing;

import org.jspecify.annotations.NullMarked;
