/** What the maker decided, and nothing that follows from it. */
@NullMarked
package canthook.plan;

import org.jspecify.annotations.NullMarked;
