/**
 * What goes in, on and through the box. Each kind is a file that says what is cut for it and what it takes of the walls as a
 * {@link canthook.fitting.Feature}; {@link canthook.fitting.Fittings} is the only reader of the plan's list, and
 * {@link canthook.fitting.Collisions} looks at every pair. Comes last; what contradicts itself is a verdict.
 */
@NullMarked
package canthook.fitting;

import org.jspecify.annotations.NullMarked;
