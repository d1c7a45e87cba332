package canthook.machines;

import static canthook.working.Term.fixed;

import canthook.cutter.Cutter;
import canthook.fingers.Rung;
import canthook.jig.Jig;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.GrooveEnds.Run;
import canthook.panel.GrooveRun;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.shop.Machine;
import canthook.shop.Machine.Kind;
import canthook.shop.Machine.Measure;
import canthook.shop.Shop;
import canthook.size.SizedBox;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdicts;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What a box asks of the machines it is cut on.
 *
 * <pre>
 * stopped groove at a table saw   runs out over √(2 · R · e − e²)      R 125, e 5: 35
 * stacked cutter                  kerf ≤ what the arbor holds; and only where the saw's manual allows one
 * table saw                       slot's depth ≤ what it stands over the table; the insert's opening over the kerf
 * router                          the opening of its base over the bit
 * band saw                        its kerf as it was taken; the part's height goes between blade and frame
 * </pre>
 *
 * A limit is judged only where such a machine hangs on the rack; of several of a kind the first that does it all is taken. What nobody
 * measured on it counts as usual, and the sentence says so.
 */
public record AtTheMachines(List<Worked> numbers, List<Verdict> verdicts) {
    /** Two kerfs nearer than this are one. */
    private static final Length SAME = Length.mm(0.05);

    public AtTheMachines {
        numbers = List.copyOf(numbers);
        verdicts = List.copyOf(verdicts);
    }

    public static AtTheMachines of(BoxPlan plan, SizedBox box, Rung rung, Jig jig, List<GrooveRun> grooves, Shop shop) {
        List<Worked> numbers = new ArrayList<>();
        Set<String> told = new LinkedHashSet<>();
        for (GrooveRun run : grooves) {
            if (run.ends().stream().anyMatch(e -> e.run() == Run.STOP) && told.add(run.of())) {
                numbers.addAll(arc(run, shop));
            }
        }
        List<Verdict> verdicts = new ArrayList<>();
        if (jig.setting() != null) {
            Worked deepest = box.endSlotDepth().isOver(box.slotDepth().length()) ? box.endSlotDepth() : box.slotDepth();
            Asks asks = new Asks(plan, rung, deepest);
            Kind kind = kind(plan.jig().way(), rung.tool().cutter());
            if (kind != null) {
                judge(asks, kind, shop, numbers, verdicts);
            }
        }
        return new AtTheMachines(numbers, verdicts);
    }

    /** What is asked of a machine. */
    private record Asks(BoxPlan plan, Rung rung, Worked deepest) {
        LengthDisplay display() {
            return plan.display();
        }
    }

    private static List<Worked> arc(GrooveRun run, Shop shop) {
        Worksheet sheet = new Worksheet(run.of());
        Worked radius = new Measured(shop.machines(), sheet).read(Measure.BLADE_RADIUS, "blade-radius", "R");
        Worked depth = run.groove().depth();
        sheet.work(
                "saw-arc",
                "ra",
                "At a table saw a stopped groove runs out over",
                Show.LAYOUT,
                Term.root(fixed(2).times(radius).times(depth).minus(depth.times(depth))),
                "The blade's arc at the groove's depth: use a router, or a groove that may run through.");
        return sheet.numbers();
    }

    /** Which machine a way is cut on; null by hand. */
    private static @Nullable Kind kind(Way way, @Nullable Cutter cutter) {
        return switch (way) {
            case HAND -> null;
            case BAND_SAW -> Kind.BAND_SAW;
            case ROUTER_SLED -> Kind.ROUTER;
            case SLED_KEY, ROD_KEY, SHIM_FENCE, SCREW, SPACERS, STOPS ->
                cutter == null
                        ? Kind.TABLE_SAW
                        : switch (cutter.kind()) {
                            case BIT -> Kind.ROUTER;
                            case BLADE, STACK -> Kind.TABLE_SAW;
                            case BAND_SAW, HAND_SAW -> null;
                        };
        };
    }

    private static void judge(Asks asks, Kind kind, Shop shop, List<Worked> numbers, List<Verdict> verdicts) {
        Tried first = null;
        for (Machine machine : shop.machines()) {
            if (machine.kind() != kind) {
                continue;
            }
            Tried tried = tried(asks, machine);
            if (tried.verdicts().isEmpty()) {
                numbers.addAll(tried.numbers());
                return;
            }
            first = first == null ? tried : first;
        }
        if (first != null) {
            numbers.addAll(first.numbers());
            verdicts.addAll(first.verdicts());
        }
    }

    /** One machine, and what it does not do. */
    private record Tried(List<Worked> numbers, List<Verdict> verdicts) {}

    private static Tried tried(Asks asks, Machine machine) {
        Worksheet sheet = new Worksheet("jig");
        Verdicts verdicts = new Verdicts("jig");
        Measured measured = new Measured(List.of(machine), sheet);
        switch (machine.kind()) {
            case TABLE_SAW -> saw(asks, machine, sheet, measured, verdicts);
            case ROUTER -> router(asks, machine, sheet, measured, verdicts);
            case BAND_SAW -> bandSaw(asks, machine, sheet, measured, verdicts);
            case DRILL_PRESS, VICE -> {
                // nothing of a joint is cut there
            }
        }
        return new Tried(sheet.numbers(), verdicts.all());
    }

    private static void saw(Asks asks, Machine machine, Worksheet sheet, Measured measured, Verdicts verdicts) {
        LengthDisplay d = asks.display();
        Cutter cutter = asks.rung().tool().cutter();
        Worked kerf = asks.rung().kerf();
        if (cutter != null && cutter.kind() == Cutter.Kind.STACK) {
            if (!Boolean.TRUE.equals(machine.stacked())) {
                String says = machine.stacked() == null
                        ? "Whether the manual of “" + machine.name()
                                + "” allows stacked cutters was not looked up. Never take it for granted."
                        : "The manual of “" + machine.name() + "” does not allow stacked cutters. Take another cutter.";
                if (machine.stacked() == null) {
                    verdicts.mind(Code.STACK_NOT_ASKED, "fingers.kerf", says);
                } else {
                    verdicts.stop(Code.STACK_NOT_ALLOWED, "fingers.kerf", says);
                }
            }
            Worked arbor = measured.read(Measure.ARBOR, "arbor", "a");
            Worked room =
                    room(sheet, "arbor-room", "Left on the arbor", arbor.minus(kerf), "What it holds, less the stack.");
            if (room.length().isNegative()) {
                verdicts.stop(
                        Code.ARBOR_SHORT,
                        "jig.arbor-room",
                        "A stack of " + kerf.text(d) + " does not go on the arbor of “" + machine.name()
                                + "”: it holds "
                                + arbor.text(d) + said(measured, Measure.ARBOR)
                                + ". The nut must be fully on.");
            }
        }
        Worked most = measured.read(Measure.GREATEST_HEIGHT, "greatest-height", "hₘ");
        Worked left = room(
                sheet,
                "height-left",
                "The saw stands higher by",
                most.minus(asks.deepest()),
                "What it stands over the table at most, less the slot's depth; a sled's base comes off it.");
        if (left.length().isNegative()) {
            verdicts.stop(
                    Code.CUTTER_TOO_LOW,
                    "jig.height-left",
                    "The slots are " + asks.deepest().text(d) + " deep, and “" + machine.name()
                            + "” stands over its table by " + most.text(d) + " at most"
                            + said(measured, Measure.GREATEST_HEIGHT)
                            + ". Cut such walls on another machine.");
        }
        Worked throat = measured.read(Measure.THROAT, "throat", "i");
        Worked beside =
                room(sheet, "throat-room", "Insert wider by", throat.minus(kerf), "Its opening, less the kerf.");
        if (beside.length().isNegative()) {
            verdicts.mind(
                    Code.INSERT_NARROW,
                    "jig.throat-room",
                    "The insert of “" + machine.name() + "” is open by " + throat.text(d)
                            + said(measured, Measure.THROAT) + ", the cutter is " + kerf.text(d)
                            + " wide: fit one that clears it, and turn it by hand once, unplugged.");
        }
    }

    private static void router(Asks asks, Machine machine, Worksheet sheet, Measured measured, Verdicts verdicts) {
        LengthDisplay d = asks.display();
        Worked opening = measured.read(Measure.OPENING, "opening", "o");
        Worked kerf = asks.rung().kerf();
        Worked beside =
                room(sheet, "opening-room", "Opening wider by", opening.minus(kerf), "The base's hole, less the bit.");
        if (!beside.length().isPositive()) {
            verdicts.stop(
                    Code.BIT_OVER_OPENING,
                    "jig.opening-room",
                    "A bit of " + kerf.text(d) + " does not come through the base of “" + machine.name()
                            + "”: it is open by " + opening.text(d) + said(measured, Measure.OPENING) + ".");
        }
    }

    private static void bandSaw(Asks asks, Machine machine, Worksheet sheet, Measured measured, Verdicts verdicts) {
        LengthDisplay d = asks.display();
        Length taken = machine.measures().get(Measure.BAND_KERF);
        Worked kerf = asks.rung().kerf();
        if (taken != null && taken.minus(kerf.length()).abs().isOver(SAME)) {
            Worked own = measured.read(Measure.BAND_KERF, "band-kerf", "kᵦ");
            verdicts.mind(
                    Code.BAND_KERF_OTHER,
                    "jig.band-kerf",
                    "The plan reckons with a kerf of " + kerf.text(d) + "; on “" + machine.name() + "” it was taken as "
                            + own.text(d) + ".",
                    new Fix(
                            "Reckon with " + d.text(taken, Precision.CALIPER),
                            asks.plan().with(asks.plan().fingers().withKerf(taken))));
        }
        Worked throat = measured.read(Measure.BAND_THROAT, "band-throat", "t");
        Worked left = room(
                sheet,
                "band-room",
                "Beside the blade there is left",
                throat.minus(asks.rung().wall()),
                "Blade to frame, less the part's height: it lies between them when the fence stands on the other side.");
        if (left.length().isNegative()) {
            verdicts.mind(
                    Code.BAND_SAW_NARROW,
                    "jig.band-room",
                    "A part " + asks.rung().wall().text(d) + " high does not go between blade and frame of “"
                            + machine.name()
                            + "”, " + throat.text(d) + said(measured, Measure.BAND_THROAT)
                            + ": the lines far from the fence cannot be sawn.");
        }
    }

    private static Worked room(Worksheet sheet, String name, String label, Term term, String rule) {
        return sheet.work(name, "Δ", label, Show.LAYOUT, term, rule);
    }

    /** Said behind a number nobody took. */
    private static String said(Measured measured, Measure measure) {
        return measured.assumed().contains(measure) ? ", assumed: it was not taken yet" : "";
    }
}
