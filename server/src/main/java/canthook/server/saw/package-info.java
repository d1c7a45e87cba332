/**
 * Runs at the saw: one cut after another, kept through reload, power loss and a second device. Events are only ever added; a run is read
 * back by replaying them. An event that does not fit the run is refused and nothing is written.
 */
@NullMarked
package canthook.server.saw;

import org.jspecify.annotations.NullMarked;
