/** Runs at the saw: one cut after another, kept through reload, power loss and a second device. */
@NullMarked
package canthook.server.saw;

import org.jspecify.annotations.NullMarked;
