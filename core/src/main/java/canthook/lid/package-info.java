/** Seventh stage: a lid that slides. */
@NullMarked
package canthook.lid;

import org.jspecify.annotations.NullMarked;
