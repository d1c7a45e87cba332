package canthook.server.answer;

import canthook.figure.Figure;
import canthook.figure.LadderFigure;
import canthook.fit.Fit;
import canthook.glue.OrderCard;
import canthook.jig.Cut;
import canthook.judgement.Call;
import canthook.length.Length;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice;
import canthook.planner.Stations.Station;
import canthook.saw.Jobs;
import canthook.verdict.Verdict;
import canthook.working.Worked;
import canthook.working.Worked.Basis;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A worked plan on the wire: all numbers and verdicts, and the figures of the station asked for.
 *
 * @param fields every length the maker can decide, as text to edit, by its place in the plan
 * @param numbers those the station shows; all of them when no station was asked for
 * @param ladder the rungs, when the station is fingers
 * @param steps every pass over either kind of end, when the station is jig
 * @param jig the way of indexing, when the station is jig or fingers
 * @param cuts every cut on every part, when the station is cut
 * @param patterns ways to divide into unequal sections, when the station is fingers
 * @param corners kinds of corner compared, when the station is corners
 * @param direction which way the key goes, when there is a test cut
 * @param testCuts as shown, oldest first, in step with those sent
 * @param recommended the recommended count of sections
 * @param rung name of the rung that stands; one that is on no ladder while sections are a list
 * @param recommendedRung name of the recommended rung
 * @param alternatives different answers to how many fingers, with what each costs
 * @param fitCauses what is to be found before anything is moved, the likeliest first; empty where tests and readings agree
 * @param fitSteps what is set anew to put the fit right, one after another; empty when the verdict says it all
 * @param recommendation why, in one sentence
 * @param hints what a good maker would say at this station; all of them when no station was asked for
 * @param finish what there is to finish with and to take care of, when the station is finish
 * @param glue the order card and what beside the numbers belongs to it, when the station is glue
 */
public record Answer(
        Map<String, String> fields,
        List<NumberView> numbers,
        List<VerdictView> verdicts,
        List<Station> stations,
        int sections,
        int recommended,
        String rung,
        String recommendedRung,
        String recommendation,
        @Nullable LadderView ladder,
        @Nullable List<StepView> steps,
        @Nullable JigView jig,
        @Nullable CutListView cuts,
        @Nullable List<FixView> patterns,
        @Nullable List<AlternativeView> alternatives,
        @Nullable List<CornerView> corners,
        Fit.@Nullable Direction direction,
        List<String> fitSteps,
        List<CauseView> fitCauses,
        List<TestCutView> testCuts,
        List<Figure> figures,
        Figure stick,
        List<HintView> hints,
        @Nullable GlueView glue,
        @Nullable FinishView finish) {

    /**
     * The finish.
     *
     * @param steps it is made in, each in a line
     * @param cautions what to take care of
     */
    public record FinishView(
            List<OptionView> finishes, List<OptionView> touches, List<String> steps, List<String> cautions) {}

    /**
     * The glue-up.
     *
     * @param quicker ways to gain time, those that come to enough first
     * @param tips what becomes of the tips, in sentences
     * @param square what the diagonals say; null until they are read
     * @param enough whether the glue gives the time that is needed
     */
    public record GlueView(
            List<GlueStepView> steps,
            List<QuickerView> quicker,
            List<String> tips,
            @Nullable String square,
            boolean isSquare,
            boolean enough,
            List<OptionView> glues,
            List<OptionView> clamps,
            List<OptionView> trims) {}

    /**
     * One step of the order card.
     *
     * @param seconds of the clock it takes; 0 where the clock does not run
     */
    public record GlueStepView(String says, String why, OrderCard.Phase phase, double seconds) {}

    /** A way to gain time, and what it comes to; taking it is taking {@code after} for the plan. */
    public record QuickerView(String says, String time, String inHand, boolean enough, BoxPlan after) {}

    /** One of a choice, in the maker's words. */
    public record OptionView(String value, String words) {}

    /** Something that makes test cuts contradict each other, and how it is found. */
    public record CauseView(String words, String look) {}

    /** A judgement call on this box: what to do, why, and what would follow it. */
    public record HintView(Call call, String title, String says, String why, List<FixView> fixes) {}

    /**
     * A test cut as shown, in the display's unit.
     *
     * @param felt how it went together, where nothing was read; null where it was read
     */
    public record TestCutView(
            String slots,
            String fingers,
            String clearance,
            @Nullable String felt) {}

    /**
     * A worked number as shown. Its working is asked for when it is opened.
     *
     * @param text without unit
     * @param value millimetres, mm², or the plain number
     * @param residue what a fraction hides, in words; empty when nothing
     */
    public record NumberView(
            String id,
            String label,
            String symbol,
            String text,
            String unit,
            double value,
            Basis basis,
            String residue) {}

    /** A verdict with what would mend it, told where it is mended; at other stations without. */
    public record VerdictView(
            Verdict.Code code,
            Verdict.Weight weight,
            String station,
            String place,
            String sentence,
            List<FixView> fixes) {}

    /** A change that mends; applying it is taking {@code after} for the plan. */
    public record FixView(String label, BoxPlan after) {}

    /** One answer to how many fingers, and what it costs; taking it is taking {@code after} for the plan. */
    public record AlternativeView(String says, String cost, BoxPlan after, boolean stands) {}

    /**
     * The rungs about the one that stands, by count, and the recommended one wherever it lies.
     *
     * @param coarser rungs of fewer sections that are not sent
     * @param finer rungs of more sections that are not sent
     */
    public record LadderView(List<RungView> rungs, int coarser, int finer) {}

    /**
     * One rung of the ladder; its numbers open under its name: {@code fingers.13.…}.
     *
     * @param aSlot how one slot is made, in words
     * @param inAll how often over all stacks, in words
     * @param ripOff what must come off; empty far from the rung that stands
     * @param onePassCloses where one pass would close; likewise
     * @param reasons what its score is made of; empty far from the rung that stands, where there are very many
     * @param figure how it looks; null likewise, and asked for by the rung's name when it is wanted
     */
    public record RungView(
            String name,
            String cutter,
            String cutterId,
            int sections,
            boolean feasible,
            String why,
            String slot,
            String aSlot,
            String inAll,
            String closing,
            String ripOff,
            boolean closesLower,
            String onePassCloses,
            double score,
            List<String> reasons,
            @Nullable LadderFigure figure) {}

    /**
     * One pass over a kind of end.
     *
     * @param number id of the number that says where the jig stands
     * @param place where the jig stands, as shown
     */
    public record StepView(
            String id,
            String end,
            String title,
            String instruction,
            String from,
            String to,
            String number,
            String place,
            String placeLabel,
            StepSizes sizes) {}

    /**
     * Exact sizes of a pass, so that nobody need read its sentence. Millimetres; null where the way of indexing has no such thing.
     *
     * @param set what the jig is set to: the number's own value
     * @param gap from key to cutter
     * @param spacer between key and part, or for this pass at the fence
     * @param leaves behind a moving fence
     * @param steps of the crank from zero
     * @param stepsOn from the pass before
     * @param pitches pitch spacers at the fence
     * @param odd thickness of the odd spacer; 0 when it does not stand there
     * @param shim whether the shim stands between fence and part
     * @param flipped whether the far edge is towards the fence
     */
    public record StepSizes(
            double from,
            double to,
            double set,
            @Nullable Double gap,
            @Nullable Double spacer,
            @Nullable List<Double> leaves,
            @Nullable Long steps,
            @Nullable Long stepsOn,
            @Nullable Integer pitches,
            @Nullable Double odd,
            @Nullable Boolean shim,
            @Nullable Boolean flipped) {

        static StepSizes of(Cut cut, Worked place) {
            double from = cut.from().mm();
            double to = cut.to().mm();
            double set = place.plain();
            if (cut.where() instanceof Cut.OnKey on) {
                List<Double> leaves = on.leaves().isEmpty()
                        ? null
                        : on.leaves().stream().map(Length::mm).toList();
                return new StepSizes(
                        from, to, set, on.gap().mm(), on.spacer().mm(), leaves, null, null, null, null, null, null);
            }
            if (cut.where() instanceof Cut.Turns turns) {
                return new StepSizes(
                        from, to, set, null, null, null, turns.quanta(), turns.since(), null, null, null, null);
            }
            if (cut.where() instanceof Cut.Stacked stacked) {
                return new StepSizes(
                        from,
                        to,
                        set,
                        null,
                        stacked.pass().mm(),
                        null,
                        null,
                        null,
                        stacked.pitches(),
                        stacked.odd().mm(),
                        null,
                        null);
            }
            if (cut.where() instanceof Cut.Fence fence) {
                return new StepSizes(
                        from, to, set, null, null, null, null, null, null, null, fence.shim(), fence.flipped());
            }
            return new StepSizes(from, to, set, null, null, null, null, null, null, null, null, null);
        }
    }

    /**
     * The way of indexing.
     *
     * @param ways to choose from; those that cannot make this layout say so
     * @param card how to set up, with its checks
     * @param errors how its errors behave
     * @param plans of a screw, best first, in words; empty for other ways
     */
    public record JigView(List<WayView> ways, List<String> card, String errors, List<String> plans) {}

    /** A way of indexing, and whether it can make this layout. */
    public record WayView(JigChoice.Way way, String words, boolean able) {}

    /** Every cut, by the stack that is in the jig. */
    public record CutListView(List<SetupView> setups, List<MeetingView> meetings, List<JobView> jobs) {}

    /** What is cut beside the joint. */
    public record JobView(Jobs.When when, String says, String number) {}

    /**
     * What is cut with one stack in the jig.
     *
     * @param upTo where these ends stop below the wall's edge, as shown; null when they run the whole height
     * @param cuts every pass, or the first of very many
     */
    public record SetupView(
            String stack,
            String kind,
            String depth,
            String face,
            int passes,
            @Nullable String upTo,
            String why,
            List<StepView> cuts) {}

    /**
     * Which ends meet at a corner.
     *
     * @param sections jointed there
     * @param upTo where the joint stops at a lower wall, as shown; null for a full corner
     */
    public record MeetingView(
            int number,
            String one,
            String oneKind,
            String other,
            String otherKind,
            int sections,
            @Nullable String upTo) {}

    /** A kind of corner; its numbers by their ids. */
    public record CornerView(
            String id,
            String title,
            String side,
            String end,
            String glue,
            String ratio,
            String fasteners,
            String cutters,
            String setups,
            String says) {}

    /** A number opened. */
    public record WorkingView(
            NumberView number,
            String rule,
            String source,
            @Nullable String formula,
            @Nullable String withValues,
            @Nullable String field,
            List<NumberView> inputs) {}
}
