package canthook.fitting;

import canthook.bottom.WorkedBottom;
import canthook.fingers.Ladder;
import canthook.fitting.Collisions.Pair;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.lid.WorkedLid;
import canthook.panel.CutPiece;
import canthook.panel.GrooveRun;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Kinds;
import canthook.seasons.Year;
import canthook.size.SizedBox;
import canthook.verdict.Verdict;
import canthook.verdict.Verdicts;
import canthook.walls.WallDemands;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Everything that goes in, on and through the box, worked out and looked at together. The only reader of the plan's fittings.
 *
 * @param features of bottom, lid and fittings, on the inside of each wall
 * @param collisions pairs that want the same wood
 */
public record Fittings(
        List<WorkedFitting> all,
        List<Feature> features,
        List<Pair> collisions,
        List<Worked> numbers,
        List<Verdict> verdicts) {
    private static final Length TENTH = Length.mm(0.1);

    /** Works them out, in the plan's order; none where the walls leave no room between them. */
    public static Fittings of(
            BoxPlan plan,
            WallDemands walls,
            SizedBox box,
            Ladder ladder,
            Year year,
            WorkedBottom bottom,
            WorkedLid lid,
            Worked kerf) {
        List<Fitting> told = plan.fittings();
        if (told.isEmpty() || !box.hasInside()) {
            return new Fittings(List.of(), List.of(), List.of(), List.of(), List.of());
        }
        Worksheet sheet = new Worksheet("fittings");
        List<WorkedFitting> all = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            int index = i;
            all.add(told.get(i)
                    .fold(new Kinds<WorkedFitting>(
                            divider -> DividerIn.of(sheet, index, divider, crossing(told, divider), box, walls, year),
                            grip -> GripHole.of(
                                    sheet, index, grip, box, ladder.joint().top(grip.wall())),
                            pegs -> PegsThrough.of(
                                    sheet,
                                    index,
                                    pegs,
                                    box,
                                    ladder.joint(),
                                    ladder.chosen().finger()),
                            pin -> PinDownCorner.of(sheet, index, pin, box, ladder.joint(), ladder.wall()),
                            handle -> HandleOnLid.of(
                                    sheet, index, handle, lid, plan.walls().known()),
                            feet -> FeetUnder.of(
                                    sheet,
                                    index,
                                    feet,
                                    ladder,
                                    walls,
                                    kerf,
                                    plan.walls().known()))));
        }
        List<Feature> own = all.stream().flatMap(f -> f.features().stream()).toList();
        List<GrooveRun> grooves = new ArrayList<>(bottom.grooves());
        grooves.addAll(lid.grooves());
        List<Feature> ofBox =
                Collisions.ofTheBox(box, walls, grooves, lid, ladder.wall().length());
        List<Pair> pairs = Collisions.among(own, ofBox);
        List<Feature> features = new ArrayList<>(ofBox);
        features.addAll(own);
        Verdicts verdicts = new Verdicts("fittings");
        FittingJudge judge = new FittingJudge(plan, walls, box, ladder, lid, ofBox, verdicts);
        for (WorkedFitting fitting : all) {
            judge.of(fitting, all);
        }
        for (Pair pair : pairs) {
            judge.collision(pair, all);
        }
        List<Worked> numbers = new ArrayList<>(sheet.numbers());
        for (WorkedFitting fitting : all) {
            numbers.addAll(fitting.fold(new WorkedFitting.Kinds<List<Worked>>(
                    DividerIn::moves,
                    grip -> List.of(),
                    pegs -> List.of(),
                    pin -> List.of(),
                    handle -> List.of(),
                    feet -> List.of())));
        }
        return new Fittings(List.copyOf(all), List.copyOf(features), pairs, List.copyOf(numbers), verdicts.all());
    }

    private static List<Divider> crossing(List<Fitting> told, Divider divider) {
        return dividers(told).stream().filter(d -> d.run() != divider.run()).toList();
    }

    private static List<Divider> dividers(List<Fitting> told) {
        return told.stream()
                .<Optional<Divider>>map(f -> f.fold(new Kinds<>(
                        Optional::of,
                        grip -> Optional.empty(),
                        pegs -> Optional.empty(),
                        pin -> Optional.empty(),
                        handle -> Optional.empty(),
                        feet -> Optional.empty())))
                .flatMap(Optional::stream)
                .toList();
    }

    public List<CutPiece> pieces() {
        return all.stream().flatMap(f -> f.pieces().stream()).toList();
    }

    public List<Step> steps(LengthDisplay display) {
        return all.stream().flatMap(f -> f.steps(display).stream()).toList();
    }

    /** What the station has settled, in one line. */
    public String line() {
        if (all.isEmpty()) {
            return "none";
        }
        int dividers = (int) all.stream().filter(DividerIn.class::isInstance).count();
        List<String> words = new ArrayList<>();
        if (dividers > 0) {
            words.add(dividers == 1 ? "a divider" : dividers + " dividers");
        }
        for (WorkedFitting fitting : all) {
            fitting.fold(new WorkedFitting.Kinds<>(
                    divider -> false,
                    grip -> words.add("a grip"),
                    pegs -> words.add("pegs"),
                    pin -> words.add("corner pins"),
                    handle -> words.add("a handle"),
                    feet -> words.add("feet")));
        }
        return String.join(", ", words);
    }

    /** To a tenth of a millimetre, downwards. */
    public static Length tenths(Length length) {
        return TENTH.times(length.nanometres() / TENTH.nanometres());
    }
}
