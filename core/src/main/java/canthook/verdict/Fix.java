package canthook.verdict;

import canthook.plan.BoxPlan;

/**
 * A change that mends a verdict. Applying it is putting {@code after} in the place of the plan; undoing it is putting the
 * plan back.
 *
 * @param label what the button says, with the effect: {@code Lower it to 14.78 mm}
 * @param after the plan once it is done
 */
public record Fix(String label, BoxPlan after) {}
