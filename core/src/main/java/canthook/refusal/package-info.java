/** Decisions that cannot be taken as they stand. */
@NullMarked
package canthook.refusal;

import org.jspecify.annotations.NullMarked;
