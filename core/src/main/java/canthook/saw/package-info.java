/**
 * At the saw. A {@link canthook.saw.SawRun} replays the events of a run over a cut list and says which cut is next, what is spoilt and
 * how long the rest takes; {@link canthook.saw.Jobs} what is done before and after the joint; {@link canthook.saw.SetUpGate} what is
 * checked before the first cut. Events that do not fit are refused; the run before them stands.
 */
@NullMarked
package canthook.saw;

import org.jspecify.annotations.NullMarked;
