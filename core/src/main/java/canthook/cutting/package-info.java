/** Parts of many boxes out of many blanks: what is asked, what is possible in a blank, and the plan. */
@NullMarked
package canthook.cutting;

import org.jspecify.annotations.NullMarked;
