/**
 * From the joint to the last coat: what is to do in which order, what dries meanwhile, and when that is, given the shop's hours.
 *
 * <p>In: what is to do as {@link canthook.finish.Task}s, the hours of the shop, a moment to begin at or a day to be ready by. Out: a
 * {@link canthook.finish.Calendar}. What day it is, is told from outside. Hours that no shop has are refused; work that never fits is told.
 */
@NullMarked
package canthook.finish;

import org.jspecify.annotations.NullMarked;
