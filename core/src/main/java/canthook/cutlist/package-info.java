/** Fifth stage: every cut on every part, in working order. */
@NullMarked
package canthook.cutlist;

import org.jspecify.annotations.NullMarked;
