/** Panels of a box and its batch out of the sheets on the rack: sought, shown, and ticked as sheets are cut. */
@NullMarked
package canthook.server.sheets;

import org.jspecify.annotations.NullMarked;
