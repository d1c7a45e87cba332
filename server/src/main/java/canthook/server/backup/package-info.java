/** A shop backed up and brought back: by itself every day, by a button, by a command. */
@NullMarked
package canthook.server.backup;

import org.jspecify.annotations.NullMarked;
