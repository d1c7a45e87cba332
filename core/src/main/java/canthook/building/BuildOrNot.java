package canthook.building;

import canthook.building.ShopJigs.How;
import canthook.building.ShopJigs.Makes;
import canthook.planner.WorkedPlan;
import canthook.shop.RackJig;
import java.util.List;
import java.util.Map;

/**
 * Whether a jig of the shop cuts the box, or one is to be built: jigs and rungs weighed against an hour at the bench.
 *
 * @param makes every jig, those that make it as they are first
 * @param rungs what the jigs that need no building make of the rungs, by the rung's name
 * @param says in a sentence; empty where no jig hangs in the shop
 * @param minutes it takes to build the one of the way that stands; zero when that way cannot cut the joint
 */
public record BuildOrNot(List<Makes> makes, Map<String, List<JigOnRung>> rungs, String says, int minutes) {
    public static BuildOrNot of(WorkedPlan worked, List<RackJig> jigs) {
        List<Makes> makes = ShopJigs.of(worked, jigs);
        int minutes = JigToBuild.of(worked).map(JigToBuild::minutes).orElse(0);
        return new BuildOrNot(makes, JigOnRung.of(worked, jigs), says(worked, makes, minutes), minutes);
    }

    private static String says(WorkedPlan worked, List<Makes> makes, int minutes) {
        if (makes.isEmpty()) {
            return "";
        }
        String build = minutes > 0 ? "build one, about " + minutes + " min" : "choose another way";
        int now = worked.fingers().chosen().sections().count();
        List<Makes> asIs = makes.stream().filter(m -> m.how() == How.AS_IT_IS).toList();
        List<Makes> same = asIs.stream().filter(m -> isSameCount(m, now)).toList();
        if (!same.isEmpty()) {
            return names(same) + (same.size() == 1 ? " cuts" : " cut") + " this as it is: nothing to build.";
        }
        if (!asIs.isEmpty()) {
            return names(asIs) + (asIs.size() == 1 ? " cuts" : " cut")
                    + " another count as it is, nothing to build; for this one " + build + ".";
        }
        List<Makes> shim =
                makes.stream().filter(m -> m.how() == How.AFTER_A_SHIM).toList();
        if (!shim.isEmpty()) {
            return names(shim) + (shim.size() == 1 ? " cuts" : " cut") + " it after a shim; or " + build + ".";
        }
        List<Makes> anew = makes.stream().filter(m -> m.how() == How.SET_ANEW).toList();
        if (!anew.isEmpty()) {
            return names(anew) + (anew.size() == 1 ? " is" : " are")
                    + " set anew for it: nothing to build. Of the other ways, " + build + ".";
        }
        List<Makes> key = makes.stream().filter(m -> m.how() == How.ANOTHER_KEY).toList();
        return key.isEmpty()
                ? "For a box like this you have no jig yet: " + build + "."
                : names(key) + (key.size() == 1 ? " wants" : " want") + " another piece to index by; or " + build + ".";
    }

    private static boolean isSameCount(Makes makes, int now) {
        return makes.after() != null
                && (makes.after().fingers().sections() == null
                        || makes.after().fingers().sections() == now);
    }

    private static String names(List<Makes> makes) {
        List<String> all = makes.stream().map(m -> "“" + m.name() + "”").toList();
        int last = all.size() - 1;
        return last < 1 ? String.join("", all) : String.join(", ", all.subList(0, last)) + " and " + all.get(last);
    }
}
