/** What good makers would say over the maker's shoulder: hints with their reason. None of them stands in the way. */
@NullMarked
package canthook.judgement;

import org.jspecify.annotations.NullMarked;
