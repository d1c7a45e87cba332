/** Fourth stage: where the key stands and the first cuts. */
@NullMarked
package canthook.jig;

import org.jspecify.annotations.NullMarked;
