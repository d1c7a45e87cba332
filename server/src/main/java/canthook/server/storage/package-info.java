/**
 * The data folder and the shop's file in it. One server at a time holds the folder. Reads never wait for a writer; writers wait in one
 * line, bounded. A connection that may have lost its transaction is thrown away. What is the matter with the file is named
 * ({@link canthook.server.storage.StorageFault}), at the start and while it runs, and goes away without a restart.
 */
@NullMarked
package canthook.server.storage;

import org.jspecify.annotations.NullMarked;
