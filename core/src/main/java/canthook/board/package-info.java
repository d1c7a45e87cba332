/**
 * Boards on the rack: what they measure, what is wrong with them, how moist they are. Records that check themselves: a blank out of
 * bounds throws {@link canthook.refusal.Refused} with the field it came from. Nothing is worked here.
 */
@NullMarked
package canthook.board;

import org.jspecify.annotations.NullMarked;
