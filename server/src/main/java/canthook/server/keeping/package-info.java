/** What all that is kept has in common: readable ids, and writes that never overwrite unseen. */
@NullMarked
package canthook.server.keeping;

import org.jspecify.annotations.NullMarked;
