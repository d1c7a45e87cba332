/** Timber, air and movement. */
@NullMarked
package canthook.wood;

import org.jspecify.annotations.NullMarked;
