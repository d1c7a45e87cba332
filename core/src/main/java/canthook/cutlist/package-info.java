/**
 * Every cut on every part, in working order. From the joint, the gangs and the jig's passes comes a {@link canthook.cutlist.CutList}: set-ups,
 * stacks, faces, depths, and how far up each is cut. The only place that counts passes. Empty while the jig waits for a decision.
 */
@NullMarked
package canthook.cutlist;

import org.jspecify.annotations.NullMarked;
