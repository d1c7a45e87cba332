/** Boards on the rack: what they measure, what is wrong with them, how moist they are. */
@NullMarked
package canthook.board;

import org.jspecify.annotations.NullMarked;
