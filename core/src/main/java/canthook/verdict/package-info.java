/**
 * What stands in the way, why, and what would mend it. A stage is given a {@link canthook.verdict.Verdicts} and says stop (it cannot be
 * made), mind (it will be felt) or note. A {@link canthook.verdict.Fix} is the whole plan as it would be after; the planner tries each
 * before it is offered. Ways out that take some looking for are looked for when somebody asks.
 */
@NullMarked
package canthook.verdict;

import org.jspecify.annotations.NullMarked;
