package canthook.server.answer;

import canthook.figure.BlankFigure;
import canthook.figure.BottomFigures;
import canthook.figure.CornerFigures;
import canthook.figure.EdgesFigure;
import canthook.figure.Figure;
import canthook.figure.FitFigures;
import canthook.figure.FittingFigures;
import canthook.figure.GlueFigures;
import canthook.figure.JigFigure;
import canthook.figure.LidFigures;
import canthook.figure.MarkFigures;
import canthook.figure.MoveFigure;
import canthook.figure.SizeFigures;
import canthook.figure.StandingFigure;
import canthook.figure.StickFigure;
import canthook.figure.TrimFigure;
import canthook.figure.YearFigure;
import canthook.fit.Fit;
import canthook.glue.GlueUp;
import canthook.judgement.Judgement;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.FinishChoice;
import canthook.plan.GlueChoice;
import canthook.plan.PlanLengths;
import canthook.plan.Recipe;
import canthook.planner.Alternatives;
import canthook.planner.GainedTime;
import canthook.planner.Place;
import canthook.planner.Stations;
import canthook.planner.WorkedPlan;
import canthook.server.answer.Answer.AlternativeView;
import canthook.server.answer.Answer.CauseView;
import canthook.server.answer.Answer.CornerView;
import canthook.server.answer.Answer.FinishView;
import canthook.server.answer.Answer.FixView;
import canthook.server.answer.Answer.GlueStepView;
import canthook.server.answer.Answer.GlueView;
import canthook.server.answer.Answer.HintView;
import canthook.server.answer.Answer.NumberView;
import canthook.server.answer.Answer.OptionView;
import canthook.server.answer.Answer.QuickerView;
import canthook.server.answer.Answer.TestCutView;
import canthook.server.answer.Answer.VerdictView;
import canthook.server.answer.Answer.WorkingView;
import canthook.shop.TestCut;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.working.Quantity;
import canthook.working.Show;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Puts worked plans on the wire. Computes nothing. */
public final class Answers {
    private Answers() {}

    /**
     * @param station whose figures are wanted; null for none and all numbers
     * @param day of the year for panels, 0 driest … 1 wettest
     * @param step which of the first cuts the jig shows
     */
    public static Answer of(WorkedPlan worked, @Nullable String station, double day, int step) {
        Place place = station == null ? null : Place.byId(station);
        LengthDisplay display = worked.plan().display();
        List<NumberView> numbers = new ArrayList<>();
        List<Worked> all = worked.numbers();
        all.addAll(worked.numbersOn(day));
        for (Worked number : all) {
            if (number.show() != Show.STEP && (place == null || place.shows(number.id()))) {
                numbers.add(number(number, display));
            }
        }
        Fit.Reading reading = worked.fit().reading();
        Map<String, String> fields = PlanLengths.of(worked.plan());
        if (reading != null && reading.direction() != Fit.Direction.STAY) {
            fields.put("fit.move", display.editable(reading.move().length()));
            if (reading.correction() != null) {
                fields.put("fit.made", display.editable(reading.correction().made()));
            }
        }
        return new Answer(
                fields,
                numbers,
                (place == null ? worked.verdicts() : worked.verdictsAt(place))
                        .stream().map(Answers::verdict).toList(),
                Stations.of(worked),
                worked.fingers().chosen().sections().count(),
                worked.fingers().best().sections().count(),
                worked.fingers().standing() < 0
                        ? ""
                        : worked.fingers()
                                .rungs()
                                .get(worked.fingers().standing())
                                .name(),
                worked.fingers().best().name(),
                worked.fingers().sentence(),
                place == Place.FINGERS ? LadderAnswer.of(worked) : null,
                place == Place.JIG ? CutsAnswer.steps(worked) : null,
                place == Place.JIG || place == Place.FINGERS ? CutsAnswer.jig(worked) : null,
                place == Place.CUT ? CutsAnswer.list(worked) : null,
                place == Place.FINGERS ? patterns(worked) : null,
                place == Place.FINGERS ? alternatives(worked) : null,
                place == Place.CORNERS ? corners(worked) : null,
                reading == null ? null : reading.direction(),
                reading == null || reading.correction() == null
                        ? List.of()
                        : reading.correction().steps(),
                reading == null
                        ? List.of()
                        : reading.causes().stream()
                                .map(c -> new CauseView(c.words(), c.look()))
                                .toList(),
                testCuts(worked),
                place == null ? List.of() : figures(worked, place, day, step),
                StickFigure.of(worked),
                hints(worked, place),
                place == Place.GLUE ? glue(worked) : null,
                place == Place.FINISH ? finish(worked) : null);
    }

    private static List<Figure> glueFigures(WorkedPlan worked, int step) {
        List<Figure> figures = new ArrayList<>(GlueFigures.of(worked, step));
        figures.add(TrimFigure.of(worked));
        EdgesFigure.of(worked).ifPresent(figures::add);
        return figures;
    }

    private static FinishView finish(WorkedPlan worked) {
        Recipe recipe = worked.plan().finish().recipe();
        return new FinishView(
                options(FinishChoice.Finish.values(), FinishChoice.Finish::words),
                options(FinishChoice.Touches.values(), FinishChoice.Touches::words),
                recipe == null
                        ? List.of()
                        : recipe.steps().stream().map(Recipe.Step::says).toList(),
                worked.finish().cautions());
    }

    private static GlueView glue(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        GlueUp glue = worked.glue();
        return new GlueView(
                glueSteps(worked),
                GainedTime.of(worked).stream()
                        .map(q -> new QuickerView(
                                q.says(), clock(q.seconds()), clock(q.inHand()), q.isEnough(), q.after()))
                        .toList(),
                glue.tips(display),
                glue.square() == null ? null : glue.square().says(display),
                glue.square() != null && glue.square().isSquare(),
                glue.time().isEnough(),
                options(GlueChoice.Glue.values(), GlueChoice.Glue::words),
                options(GlueChoice.Clamps.values(), GlueChoice.Clamps::words),
                options(GlueChoice.Trim.values(), GlueChoice.Trim::words));
    }

    private static <E extends Enum<E>> List<OptionView> options(E[] values, Function<E, String> words) {
        return Arrays.stream(values)
                .map(v -> new OptionView(v.name(), words.apply(v)))
                .toList();
    }

    private static String clock(double seconds) {
        return Show.CLOCK.number(Quantity.of(seconds), LengthDisplay.METRIC);
    }

    /** The order card, a step after the other. */
    public static List<GlueStepView> glueSteps(WorkedPlan worked) {
        return worked.glue().card().steps().stream()
                .map(s -> new GlueStepView(s.says(), s.why(), s.phase(), s.seconds()))
                .toList();
    }

    private static List<HintView> hints(WorkedPlan worked, @Nullable Place place) {
        return Judgement.of(worked).stream()
                .filter(h -> place == null || h.call().place() == place)
                .map(h -> new HintView(h.call(), h.call().title(), h.says(), h.why(), fixes(h.fixes())))
                .toList();
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
        return new VerdictView(v.code(), v.weight(), v.station(), v.place(), v.sentence(), fixes(v.fixes()));
    }

    private static List<FixView> fixes(List<Fix> fixes) {
        return fixes.stream().map(f -> new FixView(f.label(), f.after())).toList();
    }

    private static List<TestCutView> testCuts(WorkedPlan worked) {
        LengthDisplay display = worked.plan().display();
        List<TestCutView> views = new ArrayList<>();
        for (int i = 0; i < worked.shop().testCuts().size(); i++) {
            TestCut cut = worked.shop().testCuts().get(i);
            views.add(new TestCutView(
                    read(cut.slots(), display),
                    read(cut.fingers(), display),
                    display.text(worked.fit().past().get(i), Precision.CALIPER),
                    cut.felt() == null ? null : cut.felt().words()));
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

    private static List<AlternativeView> alternatives(WorkedPlan worked) {
        return Alternatives.of(worked).stream()
                .map(a -> new AlternativeView(a.says(), a.cost(), a.after(), a.stands()))
                .toList();
    }

    private static List<FixView> patterns(WorkedPlan worked) {
        return worked.patterns().stream()
                .map(f -> new FixView(f.label(), f.after()))
                .toList();
    }

    private static List<Figure> withYear(WorkedPlan worked, List<Figure> drawn) {
        List<Figure> figures = new ArrayList<>(drawn);
        figures.add(YearFigure.of(worked));
        return figures;
    }

    private static List<Figure> figures(WorkedPlan worked, Place place, double day, int step) {
        return switch (place) {
            case SIZE -> List.of(SizeFigures.of(worked), SizeFigures.beside(worked), SizeFigures.unfolded(worked));
            case CORNERS -> CornerFigures.of(worked);
            case BEGUN -> List.of(StandingFigure.of(worked));
            case FINGERS -> List.of();
            case BLANK -> List.of(BlankFigure.of(worked), BlankFigure.round(worked));
            case JIG -> List.of(JigFigure.of(worked, step));
            case CUT -> List.of(MarkFigures.marked(worked), MarkFigures.turned(worked));
            case FIT -> List.of(FitFigures.joint(worked), MoveFigure.of(worked), FitFigures.band(worked));
            case BOTTOM -> withYear(worked, BottomFigures.all(worked, day));
            case LID -> withYear(worked, LidFigures.all(worked, day));
            case FITTINGS -> FittingFigures.all(worked);
            case GLUE -> glueFigures(worked, step);
            // its drawing follows from the clock and the shop's hours: the calendar has it
            case FINISH -> List.of();
        };
    }
}
