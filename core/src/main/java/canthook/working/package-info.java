/**
 * Numbers that carry their own working. A {@link canthook.working.Term} computes and remembers how to write what it computed; a {@link
 * canthook.working.Worked} is a term with id, symbol, rule and source; a {@link canthook.working.Worksheet} gives the ids of one stage.
 * Lengths are exact to the nanometre, rounded half up once, at the end of a term. Adding a length to a plain number is a fault of the
 * program and throws {@link java.lang.IllegalStateException}; so does dividing by nothing, with {@link java.lang.ArithmeticException}.
 */
@NullMarked
package canthook.working;

import org.jspecify.annotations.NullMarked;
