/** Fifth stage: what a test cut says and which way to move. */
@NullMarked
package canthook.fit;

import org.jspecify.annotations.NullMarked;
