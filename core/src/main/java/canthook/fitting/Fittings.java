package canthook.fitting;

import canthook.bottom.WorkedBottom;
import canthook.fingers.Ladder;
import canthook.fitting.Collisions.Pair;
import canthook.length.LengthDisplay;
import canthook.lid.WorkedLid;
import canthook.panel.CutPiece;
import canthook.panel.GrooveRun;
import canthook.panel.Step;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.Fitting.Divider;
import canthook.plan.Fitting.Kinds;
import canthook.plan.Fitting.Pegs;
import canthook.plan.Fitting.Run;
import canthook.plan.Fitting.Which;
import canthook.plan.UprightHandle;
import canthook.seasons.Year;
import canthook.size.SizedBox;
import canthook.verdict.Verdict;
import canthook.verdict.Verdicts;
import canthook.walls.WallDemands;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

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
        Around around = Around.of(sheet, plan, walls, box, ladder, year, lid, kerf);
        List<GrooveRun> grooves = new ArrayList<>(bottom.grooves());
        grooves.addAll(lid.grooves());
        List<Feature> ofBox =
                Collisions.ofTheBox(box, walls, grooves, lid, ladder.wall().length());
        List<WorkedFitting> all = new ArrayList<>(told.size());
        for (int index : order(told)) {
            Worksheet own = sheet.part(Feature.of(index).concat("-"));
            all.add(told.get(index)
                    .fold(new Kinds<WorkedFitting>(
                            divider -> DividerIn.of(own, index, divider, crossing(told, divider, box), around),
                            grip -> GripHole.of(
                                    own, index, grip, box, ladder.joint().top(grip.wall())),
                            pegs -> PegsThrough.of(
                                    own,
                                    index,
                                    pegs,
                                    box,
                                    ladder.joint(),
                                    ladder.chosen().finger(),
                                    pegs.which() == Which.FREE ? inTheWay(ofBox, all) : List.of()),
                            pin -> PinDownCorner.of(own, index, pin, box, ladder.joint(), ladder.wall()),
                            handle -> HandleOnLid.of(own, index, handle, around),
                            feet -> FeetUnder.of(own, index, feet, around),
                            tray -> TrayIn.of(own, index, tray, around),
                            base -> BaseUnder.of(own, index, base, around),
                            upright -> HandleUpright.of(own, index, upright, across(told), around),
                            block -> BlockOfFingers.of(own, index, block, around),
                            stay -> StayAt.of(own, index, stay, around),
                            slit -> SlitFor.of(own, index, slit, around),
                            label -> LabelIn.of(own, index, label, around),
                            lining -> LiningIn.of(own, index, lining, around),
                            second -> FloorOver.of(own, index, second, around))));
        }
        all.sort(Comparator.comparingInt(WorkedFitting::index));
        List<Feature> features = new ArrayList<>(ofBox);
        for (WorkedFitting fitting : all) {
            features.addAll(fitting.features());
        }
        List<Pair> pairs = Collisions.among(features.subList(ofBox.size(), features.size()), ofBox);
        Verdicts verdicts = new Verdicts("fittings");
        FittingJudge judge = new FittingJudge(around, ofBox, all, StandsThrough.all(all, around), verdicts);
        judge.judge();
        Levels.judge(all, judge);
        CollisionJudge collisions = new CollisionJudge(judge);
        for (Pair pair : pairs) {
            collisions.collision(pair);
        }
        List<Worked> numbers = new ArrayList<>(sheet.numbers());
        for (WorkedFitting fitting : all) {
            numbers.addAll(fitting.follows());
        }
        return new Fittings(List.copyOf(all), List.copyOf(features), pairs, List.copyOf(numbers), verdicts.all());
    }

    /** Pegs that go where nothing else is are worked last. */
    private static List<Integer> order(List<Fitting> told) {
        List<Integer> order = new ArrayList<>();
        List<Integer> last = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            boolean waits = told.get(i) instanceof Pegs pegs && pegs.which() == Which.FREE;
            (waits ? last : order).add(i);
        }
        order.addAll(last);
        return order;
    }

    private static List<Feature> inTheWay(List<Feature> ofBox, List<WorkedFitting> worked) {
        List<Feature> all = new ArrayList<>(ofBox);
        worked.forEach(f -> all.addAll(f.features()));
        return all;
    }

    /** Dividers that run the other way; an upright handle is one that runs along the middle. */
    private static List<Divider> crossing(List<Fitting> told, Divider divider, SizedBox box) {
        List<Divider> all = new ArrayList<>();
        for (Fitting fitting : told) {
            if (fitting instanceof Divider other && other.run() != divider.run()) {
                all.add(other);
            } else if (fitting instanceof UprightHandle handle && divider.run() == Run.ACROSS) {
                all.add(handle.asDivider(box.insideWidth().length().dividedBy(2)));
            }
        }
        return all;
    }

    private static List<Divider> across(List<Fitting> told) {
        return told.stream()
                .filter(Divider.class::isInstance)
                .map(Divider.class::cast)
                .filter(d -> d.run() == Run.ACROSS)
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
        all.stream().filter(f -> !(f instanceof DividerIn)).forEach(f -> words.add(f.word()));
        return String.join(", ", words);
    }
}
