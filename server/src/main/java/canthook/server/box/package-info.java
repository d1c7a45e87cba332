/**
 * Boxes as they are kept: a plan as a document with a revision, and every state it had. A write from an older revision is refused (409)
 * and tells what stands.
 */
@NullMarked
package canthook.server.box;

import org.jspecify.annotations.NullMarked;
