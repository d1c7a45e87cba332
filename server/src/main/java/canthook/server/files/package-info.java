/** The whole shop as one archive of open files, out and in. */
@NullMarked
package canthook.server.files;

import org.jspecify.annotations.NullMarked;
