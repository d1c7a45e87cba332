/**
 * Other ways to join the same corner, to compare with: length of parts, faces, fasteners, cutters, set-ups. Read from the sized box and
 * the joint; decides nothing.
 */
@NullMarked
package canthook.corner;

import org.jspecify.annotations.NullMarked;
