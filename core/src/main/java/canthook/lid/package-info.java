/**
 * The lid. Each kind is a file that says what it asks of the walls and what follows; {@link canthook.lid.Lids} is the only reader of the
 * plan's choice. Comes after the joint; what contradicts itself is a verdict.
 */
@NullMarked
package canthook.lid;

import org.jspecify.annotations.NullMarked;
