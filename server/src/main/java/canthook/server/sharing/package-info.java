/** The shop opened to its own network: over HTTPS, with a passcode, to devices that are listed and can be put out. */
@NullMarked
package canthook.server.sharing;

import org.jspecify.annotations.NullMarked;
