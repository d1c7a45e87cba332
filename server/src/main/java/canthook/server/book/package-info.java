/** The Book: everything recorded, as a diary; lines written by hand, with photos. */
@NullMarked
package canthook.server.book;

import org.jspecify.annotations.NullMarked;
