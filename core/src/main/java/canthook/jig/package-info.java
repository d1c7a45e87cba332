/**
 * Where the jig stands for every pass. A {@link canthook.jig.Setting} is one of nine ways of indexing; each says its own line, building
 * sizes, set-up checks, error and correction, and makes the {@link canthook.jig.Cut}s of either kind of end. A way that cannot make
 * the joint gives no setting, and a verdict that says why.
 */
@NullMarked
package canthook.jig;

import org.jspecify.annotations.NullMarked;
