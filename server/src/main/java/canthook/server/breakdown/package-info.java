/**
 * Boards cut up for a batch: searches asked for, waited for and stopped. One search at a time, the others wait their turn; the same
 * question joins the search that is on.
 */
@NullMarked
package canthook.server.breakdown;

import org.jspecify.annotations.NullMarked;
