/** What the shop owns and believes, as it is kept: blanks, woods, climates, house rules. */
@NullMarked
package canthook.server.rack;

import org.jspecify.annotations.NullMarked;
