/**
 * The bottom. Each kind is a file that says what it asks of the walls and what follows; {@link canthook.bottom.Bottoms} is the only reader
 * of the plan's choice. Comes after the joint; what contradicts itself is a verdict.
 */
@NullMarked
package canthook.bottom;

import org.jspecify.annotations.NullMarked;
