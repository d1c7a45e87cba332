/** The application: an HTTP API over the core, with storage beside it. */
@NullMarked
package canthook.server;

import org.jspecify.annotations.NullMarked;
