/** The exact search, by a solver library; nothing else in the core knows it. */
@NullMarked
package canthook.cutting.exact;

import org.jspecify.annotations.NullMarked;
