package canthook.sheets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.board.Blank;
import canthook.board.Defect;
import canthook.length.Length;
import canthook.sheets.SheetPlan.Laid;
import canthook.sheets.SheetPlan.Left;
import canthook.sheets.SheetPlan.Opened;
import canthook.sheets.SheetPlan.Piece;
import canthook.sheets.SheetPlan.Strip;
import canthook.sheets.SheetTask.Panel;
import canthook.wood.Wood;
import canthook.wood.Woods;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Sheets to try the search on, and a saw that cuts a plan as rectangles, apart from how it was found. */
final class SawnSheets {
    static final Wood PLY = wood("sheet-plywood");
    static final Wood HARDBOARD = wood("sheet-hardboard");

    private SawnSheets() {}

    static Wood wood(String id) {
        return Woods.published().find(id).orElseThrow();
    }

    static Length mm(double value) {
        return Length.mm(value);
    }

    static Blank sheet(String id, Wood wood, double length, double width, boolean scrap, Defect... defects) {
        return new Blank(
                id,
                id,
                mm(length),
                mm(width),
                mm(4),
                wood.id(),
                0,
                null,
                Blank.GrainFigure.STRAIGHT,
                false,
                "",
                List.of(defects),
                scrap);
    }

    static Panel panel(String name, Wood wood, double along, double across, int count) {
        return new Panel("tray", name, wood, mm(along), mm(across), mm(4), count);
    }

    static Defect hole(double from, double to, double low, double high) {
        return new Defect(Defect.Kind.OTHER, mm(from), mm(to), mm(low), mm(high), false);
    }

    record Rect(double left, double right, double low, double high) {
        boolean meets(Rect o, double apart) {
            double hair = 1e-6;
            return left < o.right + apart - hair
                    && o.left < right + apart - hair
                    && low < o.high + apart - hair
                    && o.low < high + apart - hair;
        }

        boolean isIn(Rect o) {
            double hair = 1e-6;
            return left > o.left - hair && right < o.right + hair && low > o.low - hair && high < o.high + hair;
        }
    }

    /** Every cut runs from edge to edge of what it cuts; each panel has its size, its grain, a kerf to its neighbours, no flaw. */
    static void saws(SheetPlan plan) {
        SheetTask task = plan.task();
        for (int p = 0; p < task.panels().size(); p++) {
            assertThat(plan.made(p)).isLessThanOrEqualTo(task.panels().get(p).count());
        }
        assertThat(plan.opened().stream().map(o -> o.sheet().id()).distinct().count())
                .as("no sheet is opened twice")
                .isEqualTo(plan.opened().size());
        for (Opened opened : plan.opened()) {
            saws(task, opened);
        }
    }

    private static void saws(SheetTask task, Opened opened) {
        double kerf = task.kerf().mm();
        List<Rect> taken = new ArrayList<>();
        Rect whole = new Rect(0, opened.ripLength().mm(), 0, opened.ripWidth().mm());
        double y = 0;
        for (Strip strip : opened.strips()) {
            Rect band = new Rect(
                    0,
                    whole.right,
                    strip.from().mm(),
                    strip.from().mm() + strip.width().mm());
            assertThat(band.isIn(whole)).as("strip on the sheet").isTrue();
            assertThat(band.low).isGreaterThanOrEqualTo(y - 1e-6);
            y = band.high + kerf;
            double x = 0;
            for (Piece piece : strip.pieces()) {
                Rect cut = new Rect(
                        piece.from().mm(), piece.from().mm() + piece.length().mm(), band.low, band.high);
                assertThat(cut.isIn(band)).as("piece in its strip").isTrue();
                assertThat(cut.left).isGreaterThanOrEqualTo(x - 1e-6);
                x = cut.right + kerf;
                double low = 0;
                for (Laid laid : piece.panels()) {
                    Panel panel = task.panels().get(laid.panel());
                    Rect is = new Rect(
                            cut.left,
                            cut.right,
                            laid.from().mm(),
                            laid.from().mm() + laid.width().mm());
                    assertThat(is.isIn(cut)).as("panel in its piece").isTrue();
                    assertThat(is.low).isGreaterThanOrEqualTo(low - 1e-6);
                    low = is.high + kerf;
                    assertThat(is.right - is.left)
                            .isCloseTo((laid.turned() ? panel.across() : panel.along()).mm(), within(1e-6));
                    assertThat(laid.width()).isEqualTo(laid.turned() ? panel.along() : panel.across());
                    if (panel.grainBinds()) {
                        assertThat(laid.turned() || opened.turned())
                                .as("grain runs along")
                                .isFalse();
                    }
                    assertThat(panel.comesOf(opened.sheet())).isTrue();
                    taken.add(is);
                }
            }
        }
        for (int i = 0; i < taken.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertThat(taken.get(i).meets(taken.get(j), kerf))
                        .as("%s and %s are a kerf apart", taken.get(i), taken.get(j))
                        .isFalse();
            }
        }
        List<Rect> flaws =
                opened.sheet().defects().stream().map(d -> flaw(d, opened)).toList();
        for (Rect flaw : flaws) {
            assertThat(taken).as("no panel touches %s", flaw).noneMatch(t -> t.meets(flaw, 0));
        }
        for (Left left : opened.left()) {
            Rect over = opened.turned()
                    ? new Rect(
                            left.across().mm(),
                            left.across().mm() + left.width().mm(),
                            left.from().mm(),
                            left.from().mm() + left.length().mm())
                    : new Rect(
                            left.from().mm(),
                            left.from().mm() + left.length().mm(),
                            left.across().mm(),
                            left.across().mm() + left.width().mm());
            assertThat(over.isIn(whole)).isTrue();
            assertThat(taken).as("what is left is a kerf away from what is cut").noneMatch(t -> t.meets(over, kerf));
            assertThat(flaws).noneMatch(f -> f.meets(over, 0));
        }
    }

    private static Rect flaw(Defect d, Opened opened) {
        double low = d.acrossFrom() == null ? 0 : d.acrossFrom().mm();
        double high = d.acrossTo() == null
                ? opened.sheet().width().mm()
                : d.acrossTo().mm();
        return opened.turned()
                ? new Rect(low, high, d.from().mm(), d.to().mm())
                : new Rect(d.from().mm(), d.to().mm(), low, high);
    }

    /** A workshop's task of any kind. */
    static SheetTask any(long seed) {
        Random random = new Random(7000 + seed);
        Wood wood = random.nextBoolean() ? PLY : HARDBOARD;
        List<Panel> panels = new ArrayList<>();
        int sizes = 1 + random.nextInt(6);
        for (int i = 0; i < sizes; i++) {
            panels.add(panel("p" + i, wood, 60 + random.nextInt(340), 50 + random.nextInt(240), 1 + random.nextInt(8)));
        }
        List<Blank> sheets = new ArrayList<>();
        int n = 1 + random.nextInt(8);
        for (int i = 0; i < n; i++) {
            boolean scrap = random.nextInt(4) == 0;
            double length = scrap ? 200 + random.nextInt(300) : random.nextBoolean() ? 1220 : 610 + random.nextInt(400);
            double width = scrap ? 120 + random.nextInt(200) : random.nextBoolean() ? 610 : 305 + random.nextInt(200);
            List<Defect> defects = new ArrayList<>();
            if (random.nextInt(4) == 0) {
                double from = random.nextInt((int) length - 60);
                double low = random.nextInt((int) width - 60);
                defects.add(hole(from, from + 5 + random.nextInt(50), low, low + 5 + random.nextInt(50)));
            }
            sheets.add(sheet("s" + i, wood, length, width, scrap, defects.toArray(new Defect[0])));
        }
        return new SheetTask(panels, sheets, mm(random.nextBoolean() ? 3.2 : 2));
    }

    /** Forty panels of six sizes, eight sheets; every fourth rack is of equal sheets, every other may turn its panels. */
    static SheetTask forty(int seed, boolean knots) {
        Random random = new Random(seed);
        Wood wood = seed % 2 == 0 ? PLY : HARDBOARD;
        List<Panel> panels = new ArrayList<>();
        int left = 40;
        for (int kind = 0; kind < 6; kind++) {
            int count = kind == 5 ? left : 4 + random.nextInt(5);
            left -= count;
            panels.add(panel("p" + kind, wood, 120 + random.nextInt(300), 90 + random.nextInt(200), count));
        }
        List<Blank> sheets = new ArrayList<>();
        boolean equal = seed % 4 < 2;
        for (int i = 0; i < 8; i++) {
            double length = equal ? 610 : 500 + random.nextInt(500);
            double width = equal ? 610 : 300 + random.nextInt(400);
            List<Defect> defects = new ArrayList<>();
            if (knots && random.nextInt(10) < 4) {
                double from = 50 + random.nextInt(400);
                double low = 30 + random.nextInt(250);
                defects.add(hole(from, from + 10 + random.nextInt(40), low, low + 10 + random.nextInt(40)));
            }
            sheets.add(sheet("s" + i, wood, length, width, !equal && i == 0, defects.toArray(new Defect[0])));
        }
        return new SheetTask(panels, sheets, mm(3.2));
    }
}
