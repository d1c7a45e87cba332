package canthook.sheets;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.sheets.SheetPlan.Laid;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetPlan.Piece;
import canthook.sheets.SheetPlan.Strip;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The order of cuts of one sheet, each setting once: the fence for the strips, the stop for the pieces, the fence again to trim.
 * A setting is what lies between fence or stop and the blade.
 */
public final class SheetCuts {
    private SheetCuts() {}

    /** Which of the three. */
    public enum Stage {
        RIP,
        CROSSCUT,
        TRIM
    }

    /**
     * One setting.
     *
     * @param often cuts at it
     * @param waste whether what it cuts off is waste: a flaw that is cut away first
     */
    public record Setting(Stage stage, Length at, int often, boolean waste) {
        /** In a sentence: “Fence at 140 mm: rip 2 strips.” */
        public String says(LengthDisplay display) {
            String size = display.text(at, Precision.LAYOUT);
            String does = switch (stage) {
                case RIP -> "Fence at " + size + ": rip ";
                case CROSSCUT -> "Stop at " + size + ": crosscut ";
                case TRIM -> "Fence at " + size + ": trim ";
            };
            if (waste) {
                return does + "off a flaw.";
            }
            String what = switch (stage) {
                case RIP -> "strip";
                case CROSSCUT -> "piece";
                case TRIM -> "panel";
            };
            return does + often + " " + what + (often == 1 ? "." : "s.");
        }
    }

    private record Key(Stage stage, Length at, boolean waste) {}

    /** Settings in the order they are cut in: no strip is crosscut before all are ripped. */
    public static List<Setting> of(Opened opened, Length kerf) {
        Map<Key, Integer> rips = new LinkedHashMap<>();
        Map<Key, Integer> crosscuts = new LinkedHashMap<>();
        Map<Key, Integer> trims = new LinkedHashMap<>();
        Length y = Length.ZERO;
        for (Strip strip : opened.strips()) {
            between(rips, Stage.RIP, y, strip.from(), kerf);
            Length top = strip.from().plus(strip.width());
            cut(rips, Stage.RIP, strip.width(), top, opened.ripWidth());
            y = top.plus(kerf);
            Length x = Length.ZERO;
            for (Piece piece : strip.pieces()) {
                between(crosscuts, Stage.CROSSCUT, x, piece.from(), kerf);
                Length end = piece.from().plus(piece.length());
                cut(crosscuts, Stage.CROSSCUT, piece.length(), end, opened.ripLength());
                x = end.plus(kerf);
                Length low = strip.from();
                for (Laid laid : piece.panels()) {
                    between(trims, Stage.TRIM, low, laid.from(), kerf);
                    Length high = laid.from().plus(laid.width());
                    cut(trims, Stage.TRIM, laid.width(), high, top);
                    low = high.plus(kerf);
                }
            }
        }
        List<Setting> settings = new ArrayList<>();
        for (Map<Key, Integer> stage : List.of(rips, crosscuts, trims)) {
            stage.forEach((key, often) -> settings.add(new Setting(key.stage(), key.at(), often, key.waste())));
        }
        return settings;
    }

    /** Where nothing is left beyond it, what lies there is the piece already. */
    private static void cut(Map<Key, Integer> cuts, Stage stage, Length at, Length end, Length edge) {
        if (end.isUnder(edge)) {
            cuts.merge(new Key(stage, at, false), 1, Integer::sum);
        }
    }

    /** A flaw between two of them is cut away by a cut of its own. */
    private static void between(Map<Key, Integer> cuts, Stage stage, Length from, Length to, Length kerf) {
        Length over = to.minus(from).minus(kerf);
        if (over.isPositive()) {
            cuts.merge(new Key(stage, over, true), 1, Integer::sum);
        }
    }
}
