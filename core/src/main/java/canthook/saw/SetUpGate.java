package canthook.saw;

import canthook.fit.Fit;
import canthook.jig.Jig;
import canthook.jig.KeySetting;
import canthook.jig.Setting;
import canthook.length.LengthDisplay;
import canthook.planner.WorkedPlan;
import java.util.ArrayList;
import java.util.List;

/** What is checked before the first cut: machine isolated, jig set, test cut accepted, parts marked. */
public final class SetUpGate {
    private SetUpGate() {}

    /**
     * One check.
     *
     * @param id stable name
     * @param says what to do or look at, in a sentence
     * @param number id of the number it is about; empty for none
     */
    public record Check(String id, String says, String number) {}

    /** The checks, in the order they are made; none when the joint cannot be cut. */
    public static List<Check> of(WorkedPlan worked) {
        Jig jig = worked.jig();
        Setting setting = jig.setting();
        List<Check> checks = new ArrayList<>();
        if (setting == null) {
            return checks;
        }
        LengthDisplay display = worked.plan().display();
        checks.add(new Check(
                "isolated", "Machine unplugged, cutter still, while you set and measure. Its manual comes first.", ""));
        checks.add(new Check(
                "height",
                "Cutter height " + jig.cutterHeight().text(display) + ".",
                jig.cutterHeight().id()));
        if (setting instanceof KeySetting key) {
            checks.add(new Check(
                    "gap",
                    "Gap from key to cutter " + key.gap().text(display) + ".",
                    key.gap().id()));
        }
        List<String> card = setting.card();
        for (int i = 0; i < card.size(); i++) {
            checks.add(new Check("card-" + (i + 1), card.get(i), ""));
        }
        Fit.Reading reading = worked.fit().reading();
        checks.add(
                reading == null
                        ? new Check(
                                "test-cut",
                                "No test cut is recorded for this box: cut a few sections in scrap and try them first.",
                                "")
                        : new Check(
                                "test-cut",
                                "Test cut: clearance " + reading.clearance().text(display)
                                        + (reading.direction() == Fit.Direction.STAY
                                                ? ", accepted."
                                                : ", not where it should be. See the Fit station."),
                                reading.clearance().id()));
        checks.add(new Check(
                "marked", "All four parts marked: letter on the outside, reference edge, corner numbers.", ""));
        checks.add(new Check("ready", "Guards on, eyes, ears and dust seen to; hands out of the line. Plug in.", ""));
        return List.copyOf(checks);
    }
}
