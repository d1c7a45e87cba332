/**
 * Decisions that cannot be taken as they stand. {@link canthook.refusal.Refused} carries the field and a sentence; whoever nests the record
 * puts its own place in front, so that {@code height} arrives as {@code plan.size.height}.
 */
@NullMarked
package canthook.refusal;

import org.jspecify.annotations.NullMarked;
