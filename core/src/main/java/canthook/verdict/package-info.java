/** What stands in the way, why, and what would mend it. */
@NullMarked
package canthook.verdict;

import org.jspecify.annotations.NullMarked;
