/**
 * The exact search, by a solver library; nothing else in the core knows it. Told at length in {@code docs/essays/how-boards-are-cut-up.md}.
 * Runs on one thread with a fixed seed; stopped from another by its watch, and then gives the best so far, not proven. A solver that
 * fails throws {@link java.lang.IllegalStateException}: it is never taken for a plan.
 */
@NullMarked
package canthook.breakdown.exact;

import org.jspecify.annotations.NullMarked;
