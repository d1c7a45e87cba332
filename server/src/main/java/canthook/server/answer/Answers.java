package canthook.server.answer;

import canthook.cutlist.CutList;
import canthook.cutlist.SawCut;
import canthook.figure.BlankFigure;
import canthook.figure.BoxFigures;
import canthook.figure.CornerFigures;
import canthook.figure.Figure;
import canthook.figure.FitFigures;
import canthook.figure.JigFigure;
import canthook.figure.LadderFigure;
import canthook.figure.PanelFigures;
import canthook.figure.StickFigure;
import canthook.figure.YearFigure;
import canthook.fingers.Rung;
import canthook.fit.Fit;
import canthook.jig.Cut;
import canthook.jig.ScrewSetting;
import canthook.jig.Setting;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice.Way;
import canthook.planner.PlanLengths;
import canthook.planner.Stations;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.answer.Answer.CornerView;
import canthook.server.answer.Answer.CutListView;
import canthook.server.answer.Answer.FixView;
import canthook.server.answer.Answer.JigView;
import canthook.server.answer.Answer.MeetingView;
import canthook.server.answer.Answer.NumberView;
import canthook.server.answer.Answer.RungView;
import canthook.server.answer.Answer.SetupView;
import canthook.server.answer.Answer.StepView;
import canthook.server.answer.Answer.TestCutView;
import canthook.server.answer.Answer.VerdictView;
import canthook.server.answer.Answer.WayView;
import canthook.server.answer.Answer.WorkingView;
import canthook.shop.TestCut;
import canthook.verdict.Verdict;
import canthook.working.Show;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Puts worked plans on the wire. Computes nothing. */
public final class Answers {
    /** Which stages' numbers each station shows. */
    private static final Map<String, List<String>> STAGES = Map.of(
            "size", List.of("size.", "fingers.low", "fingers.slope", "mates."),
            "corners", List.of("corners.", "size.", "mates.", "fingers.glue-area", "fingers.glue-ratio"),
            "fingers", List.of("fingers.", "size.height", "size.thickness"),
            "blank", List.of("blank.", "size.", "fingers.first-rip", "fingers.closing-height"),
            "jig", List.of("jig.", "fingers.", "size.slot-depth", "fit.closing-height-after", "fit.clearance"),
            "cut", List.of("cut.", "jig.", "size.slot-depth", "size.end-slot-depth", "fingers.first-rip"),
            "fit", List.of("fit.", "fingers.", "jig.gap"),
            "bottom", List.of("bottom.", "seasons."),
            "lid", List.of("lid.", "seasons."));

    private Answers() {}

    /**
     * @param station whose figures are wanted; null for none and all numbers
     * @param day of the year for panels, 0 driest … 1 wettest
     * @param step which of the first cuts the jig shows
     */
    public static Answer of(WorkedPlan worked, @Nullable String station, double day, int step) {
        if (station != null && !STAGES.containsKey(station)) {
            throw new Refused("station", "There is no station called “" + station + "”.");
        }
        LengthDisplay display = worked.plan().display();
        List<NumberView> numbers = new ArrayList<>();
        List<String> stages = station == null ? null : STAGES.get(station);
        List<Worked> all = worked.numbers();
        all.addAll(worked.numbersOn(day));
        for (Worked number : all) {
            if (number.show() != Show.STEP && (stages == null || stages.stream().anyMatch(number.id()::startsWith))) {
                numbers.add(number(number, display));
            }
        }
        Fit.Reading reading = worked.fit().reading();
        Map<String, String> fields = PlanLengths.of(worked.plan());
        if (reading != null && reading.direction() != Fit.Direction.STAY) {
            fields.put("fit.move", display.editable(reading.move().length()));
        }
        return new Answer(
                fields,
                numbers,
                worked.verdicts().stream().map(Answers::verdict).toList(),
                Stations.of(worked),
                worked.fingers().chosen().sections().count(),
                worked.fingers().recommended(),
                worked.fingers().sentence(),
                "fingers".equals(station) ? ladder(worked) : null,
                "jig".equals(station) ? steps(worked) : null,
                "jig".equals(station) || "fingers".equals(station) ? jig(worked) : null,
                "cut".equals(station) ? cuts(worked) : null,
                "fingers".equals(station) ? patterns(worked) : null,
                "corners".equals(station) ? corners(worked) : null,
                reading == null ? null : reading.direction(),
                testCuts(worked),
                station == null ? List.of() : figures(worked, station, day, step),
                StickFigure.of(worked));
    }

    /** The working of one number, or empty when the plan has no such number. */
    public static java.util.Optional<WorkingView> working(WorkedPlan worked, String id, double day) {
        LengthDisplay display = worked.plan().display();
        return worked.number(id)
                .or(() -> worked.numbersOn(day).stream()
                        .filter(n -> n.id().equals(id))
                        .findFirst())
                .map(n -> working(n, display));
    }

    /** A worked number opened. */
    public static WorkingView working(Worked n, LengthDisplay display) {
        return new WorkingView(
                number(n, display),
                n.rule(),
                n.source(),
                n.formula(),
                n.withValues(display),
                n.field(),
                n.inputs().stream().map(i -> number(i, display)).toList());
    }

    private static NumberView number(Worked n, LengthDisplay display) {
        return new NumberView(
                n.id(),
                n.label(),
                n.symbol(),
                n.number(display),
                n.show().unit(display),
                n.plain(),
                n.basis(),
                n.show().residue(n.value(), display));
    }

    /** A verdict with what would mend it. */
    public static VerdictView verdict(Verdict v) {
        return new VerdictView(
                v.code(),
                v.weight(),
                v.station(),
                v.place(),
                v.sentence(),
                v.fixes().stream().map(f -> new FixView(f.label(), f.after())).toList());
    }

    private static List<RungView> ladder(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        List<RungView> ladder = new ArrayList<>();
        for (Rung rung : worked.fingers().rungs()) {
            ladder.add(new RungView(
                    rung.slot().id().replace(".slot", ""),
                    rung.tool().name(),
                    rung.tool().id(),
                    rung.sections().count(),
                    rung.feasible(),
                    rung.why(),
                    rung.slot().text(display),
                    rung.passes().count(),
                    rung.cuts().count(),
                    rung.closing().text(display),
                    rung.ripOff().text(display),
                    rung.ripOff().length().isPositive(),
                    rung.onePassCloses().text(display),
                    rung.score().number(),
                    rung.reasons().stream()
                            .map(r -> r.lost() > 0 ? r.words() + " −" + trimmed(r.lost()) : r.words())
                            .toList(),
                    LadderFigure.of(rung)));
        }
        return ladder;
    }

    private static String trimmed(double points) {
        return points == Math.rint(points)
                ? String.valueOf((long) points)
                : String.valueOf(Math.round(points * 10) / 10.0);
    }

    private static List<TestCutView> testCuts(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        List<TestCutView> views = new ArrayList<>();
        for (int i = 0; i < worked.shop().testCuts().size(); i++) {
            TestCut cut = worked.shop().testCuts().get(i);
            views.add(new TestCutView(
                    read(cut.slots(), display),
                    read(cut.fingers(), display),
                    display.text(worked.fit().past().get(i), Precision.CALIPER)));
        }
        return views;
    }

    private static List<CornerView> corners(WorkedPlan worked) {
        return worked.corners().ways().stream()
                .map(way -> new CornerView(
                        way.corner().id(),
                        way.corner().title(),
                        way.side().id(),
                        way.end().id(),
                        way.glue().id(),
                        way.ratio().id(),
                        way.corner().fasteners(),
                        way.corner().cutters(),
                        way.corner().setups(),
                        way.corner().says()))
                .toList();
    }

    private static String read(List<Length> readings, LengthDisplay display) {
        return readings.stream().map(r -> display.number(r, Precision.CALIPER)).collect(Collectors.joining(" "));
    }

    private static List<StepView> steps(WorkedPlan worked) {
        return worked.jig().cuts().stream()
                .map(cut -> step(worked, cut, cut.id()))
                .toList();
    }

    private static StepView step(WorkedPlan worked, Cut cut, String id) {
        LengthDisplay display = worked.plan().display();
        Worked place = worked.jig().place(cut);
        return new StepView(
                id,
                cut.end().words(),
                cut.title(),
                cut.instruction(),
                display.number(cut.from(), Precision.CALIPER),
                display.number(cut.to(), Precision.CALIPER),
                place.id(),
                place.number(display),
                worked.jig().placeLabel(cut));
    }

    private static JigView jig(WorkedPlan worked) {
        List<WayView> ways = new ArrayList<>();
        for (Way way : Way.values()) {
            ways.add(new WayView(way, way.words(), worked.jig().able().contains(way)));
        }
        Setting setting = worked.jig().setting();
        LengthDisplay display = worked.plan().display();
        List<String> plans = new ArrayList<>();
        if (setting instanceof ScrewSetting screw) {
            plans.add(screw.words(screw.plan(), display));
            screw.others().forEach(other -> plans.add(screw.words(other, display)));
        }
        return new JigView(
                ways, setting == null ? List.of() : setting.card(), setting == null ? "" : setting.errors(), plans);
    }

    private static CutListView cuts(WorkedPlan worked) {
        CutList list = worked.cuts();
        LengthDisplay display = worked.plan().display();
        List<SetupView> setups = new ArrayList<>();
        int from = 0;
        for (CutList.Setup setup : list.setups()) {
            List<SawCut> cuts = list.cuts().subList(from, from + setup.passes());
            from += setup.passes();
            setups.add(new SetupView(
                    setup.stack(),
                    setup.end().words(),
                    display.text(setup.depth(), Precision.CALIPER),
                    setup.face().words(),
                    setup.passes(),
                    setup.why(),
                    cuts.stream().map(c -> step(worked, c.pass(), c.id())).toList()));
        }
        return new CutListView(
                setups,
                list.meetings().stream()
                        .map(m -> new MeetingView(
                                m.number(),
                                m.one(),
                                m.oneKind().words(),
                                m.other(),
                                m.otherKind().words()))
                        .toList());
    }

    private static List<FixView> patterns(WorkedPlan worked) {
        return worked.patterns().stream()
                .map(f -> new FixView(f.label(), f.after()))
                .toList();
    }

    private static List<Figure> figures(WorkedPlan worked, String station, double day, int step) {
        return switch (station) {
            case "size" -> List.of(BoxFigures.size(worked), BoxFigures.unfolded(worked));
            case "corners" -> CornerFigures.of(worked);
            case "blank" -> List.of(BlankFigure.of(worked));
            case "jig" -> List.of(JigFigure.of(worked, step));
            case "cut" -> List.of(BoxFigures.marked(worked), BoxFigures.turned(worked));
            case "fit" -> List.of(FitFigures.joint(worked), FitFigures.move(worked), FitFigures.band(worked));
            case "bottom" -> panel(worked, false, day);
            case "lid" -> panel(worked, true, day);
            default -> List.of();
        };
    }

    private static List<Figure> panel(WorkedPlan worked, boolean lid, double day) {
        return List.of(
                PanelFigures.section(worked, lid, day),
                PanelFigures.grooves(worked, lid, day),
                PanelFigures.ends(worked, lid),
                YearFigure.of(worked));
    }
}
