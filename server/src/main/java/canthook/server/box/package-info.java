/** Boxes as they are kept. */
@NullMarked
package canthook.server.box;

import org.jspecify.annotations.NullMarked;
