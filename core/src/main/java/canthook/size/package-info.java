/** First stage: from a wish to four parts. */
@NullMarked
package canthook.size;

import org.jspecify.annotations.NullMarked;
