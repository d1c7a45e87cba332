package canthook.fitting;

import static canthook.working.Term.fixed;

import canthook.fingers.Joint;
import canthook.fingers.Layout.Span;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.panel.CutPiece;
import canthook.panel.Step;
import canthook.plan.Fitting.Pegs;
import canthook.plan.Fitting.Which;
import canthook.plan.PartEnd;
import canthook.size.SizedBox;
import canthook.working.Show;
import canthook.working.Term;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Pegs bored square to a face through the middle of a finger, on into the mate's slot floor.
 *
 * <pre>
 * at most      a third of the finger's width and of the thickness
 * centre       half the mate's thickness from the end, mid-finger
 * deep         T + the larger of 10 and T
 * </pre>
 *
 * Check: walls 12: deep 24, centre 6 from the end; walls 9: deep 19, 4.5.
 *
 * @param sides fingers of A and C
 * @param ends fingers of B and D; the same where all walls are of one thickness
 * @param count in all
 * @param thickest a peg may be
 * @param at every end of every part
 */
public record PegsThrough(
        int index,
        Pegs told,
        Bored sides,
        Bored ends,
        Worked count,
        Worked thickest,
        List<At> at,
        List<Feature> features)
        implements WorkedFitting {

    /**
     * Which fingers of one end are pegged.
     *
     * @param fingers counted from the bottom edge, from 1, among the fingers of this end
     */
    public record At(PartEnd end, List<Integer> fingers) {}

    /**
     * Where the pegs of a part are bored.
     *
     * @param centre from its finished end
     * @param deep through it and into its mate
     */
    public record Bored(Worked centre, Worked deep) {
        String says(LengthDisplay display) {
            return centre.text(display) + " from the finished end, " + deep.text(display) + " deep";
        }
    }

    private static final Length LEAST_PAST = Length.mm(10);

    /** @param others what everything else takes of the walls: {@link Which#FREE} leaves out pegs that would meet it */
    static PegsThrough of(
            Worksheet sheet, int index, Pegs told, SizedBox box, Joint joint, Worked finger, List<Feature> others) {
        Worked peg = sheet.decided("peg", "d", "Peg", Show.LAYOUT, told.diameter(), "fittings." + index + ".diameter");
        Worked thin = box.thinnestWall();
        Worked thickest = sheet.work(
                "thickest",
                "d₊",
                "A peg at most",
                Show.FIT,
                Term.smaller(finger.over(3), thin.over(3)),
                "A third of the finger’s width, and of the thinner wall.");
        Bored sides = bored(sheet, "", "", box.finalThickness(), box.finalEndThickness());
        Bored ends =
                box.finalThickness().length().equals(box.finalEndThickness().length())
                        ? sides
                        : bored(sheet, "-ends", " in the ends", box.finalEndThickness(), box.finalThickness());
        List<Feature> features = new ArrayList<>();
        List<At> at = new ArrayList<>();
        for (PartEnd end : PartEnd.all()) {
            List<Span> fingers = joint.fingers(end);
            List<Integer> pegged = new ArrayList<>();
            Length deep = (end.part().isSide() ? sides : ends).deep().length();
            AtEnd bored = AtEnd.of(Feature.of(index), told.diameter().dividedBy(2), box, end, deep);
            for (int i = 0; i < fingers.size(); i++) {
                if (!isAskedFor(told.which(), i, fingers.size())) {
                    continue;
                }
                List<Feature> taken = bored.taken(fingers.get(i));
                if (told.which() != Which.FREE || isFree(taken, others)) {
                    pegged.add(i + 1);
                    features.addAll(taken);
                }
            }
            at.add(new At(end, List.copyOf(pegged)));
        }
        Worked count = sheet.work(
                "count",
                "N",
                "Pegs in all",
                Show.COUNT,
                fixed(at.stream().mapToInt(a -> a.fingers().size()).sum()),
                "Counted at all four corners, on both mates.");
        return new PegsThrough(index, told, sides, ends, count, thickest, List.copyOf(at), List.copyOf(features));
    }

    private static Bored bored(Worksheet sheet, String name, String where, Worked own, Worked mate) {
        return new Bored(
                sheet.work(
                        "centre" + name,
                        "c",
                        "Peg’s middle from the finished end" + where,
                        Show.FIT,
                        mate.over(2),
                        "Half the mate’s thickness from the end, in the middle of the finger."),
                sheet.work(
                        "deep" + name,
                        "b",
                        "Bore deep" + where,
                        Show.LAYOUT,
                        own.plus(Term.larger(fixed(LEAST_PAST), own)),
                        "Through the finger, and as far again into the mate; never less than the least that holds."));
    }

    private static boolean isAskedFor(Which which, int finger, int of) {
        return switch (which) {
            case ALL, FREE -> true;
            case EVERY_SECOND -> finger % 2 == 0;
            case OUTER -> finger == 0 || finger == of - 1;
        };
    }

    private static boolean isFree(List<Feature> taken, List<Feature> others) {
        for (Feature own : taken) {
            for (Feature other : others) {
                if (own.meets(other)) {
                    return false;
                }
            }
        }
        return true;
    }

    /**
     * The holes of one end, alike but for the finger.
     *
     * @param of whose they are
     * @param half a peg’s radius
     * @param end of the part the pegs are driven into
     * @param own the wall they go through
     * @param middle of the mate, from the end
     */
    private record AtEnd(
            String of,
            Length half,
            SizedBox box,
            PartEnd end,
            PartEnd mate,
            Length own,
            Length middle,
            Length deep,
            String called,
            String mates) {
        static AtEnd of(String of, Length half, SizedBox box, PartEnd end, Length deep) {
            PartEnd mate = end.mate();
            return new AtEnd(
                    of,
                    half,
                    box,
                    end,
                    mate,
                    Collisions.thick(box, end.part()),
                    Collisions.half(box, mate.part()),
                    deep,
                    PegsThrough.called(end),
                    PegsThrough.called(mate));
        }

        /** The hole through the finger, and on into the mate, in the middle of its thickness. */
        List<Feature> taken(Span finger) {
            Length over = finger.from().plus(finger.to()).dividedBy(2);
            Span high = new Span(over.minus(half), over.plus(half));
            Length from = middle.minus(half);
            Length to = middle.plus(half);
            return List.of(
                    stretch(of, called, end, box, from, to, high, Length.ZERO, own),
                    stretch(of, mates, mate, box, Length.ZERO, deep, high, from, to));
        }
    }

    private static String called(PartEnd end) {
        return "a peg in " + end.part();
    }

    /** From an end of a part inwards, as it lies from the outer corner at D or A. */
    static Feature stretch(
            String of,
            String called,
            PartEnd end,
            SizedBox box,
            Length from,
            Length to,
            Span high,
            Length in,
            Length out) {
        boolean atOrigin = Collisions.isAtOrigin(end);
        Length whole = (end.part().isSide() ? box.outsideLength() : box.outsideWidth()).length();
        return new Feature(
                of,
                called,
                end.part(),
                atOrigin ? from : whole.minus(to),
                atOrigin ? to : whole.minus(from),
                high.from(),
                high.to(),
                in,
                out);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.pegs().apply(this);
    }

    @Override
    public String called() {
        return "the pegs";
    }

    @Override
    public String word() {
        return "pegs";
    }

    @Override
    public List<Worked> follows() {
        return List.of();
    }

    @Override
    public String place() {
        return sides.deep().id();
    }

    @Override
    public List<CutPiece> pieces() {
        return List.of();
    }

    /** “A1, C1: 2, 3; A2: none”: ends with the same fingers together. */
    private String where() {
        return at.stream()
                .collect(Collectors.groupingBy(
                        At::fingers,
                        LinkedHashMap::new,
                        Collectors.mapping(a -> a.end().toString(), Collectors.joining(", "))))
                .entrySet()
                .stream()
                .map(e -> e.getValue() + ": " + (e.getKey().isEmpty() ? "none" : stretches(e.getKey())))
                .collect(Collectors.joining("; "));
    }

    /** “1–4, 6, 7”: from three on, those that follow each other are told by the first and the last. */
    private static String stretches(List<Integer> fingers) {
        List<String> told = new ArrayList<>();
        for (int i = 0; i < fingers.size(); i++) {
            int last = i;
            while (last + 1 < fingers.size() && fingers.get(last + 1) == fingers.get(last) + 1) {
                last++;
            }
            if (last - i < 2) {
                told.add(String.valueOf(fingers.get(i)));
            } else {
                told.add(fingers.get(i) + "–" + fingers.get(last));
                i = last;
            }
        }
        return String.join(", ", told);
    }

    @Override
    public List<Step> steps(LengthDisplay display) {
        return List.of(new Step(
                Step.When.AFTER_GLUE,
                "Bore for " + count.text(display) + " pegs of " + display.text(told.diameter(), Precision.LAYOUT)
                        + " with a drilling block, in the middle of "
                        + switch (told.which()) {
                            case ALL -> "every finger";
                            case EVERY_SECOND -> "every second finger, the lowest first";
                            case OUTER -> "the outer fingers";
                            case FREE ->
                                "every finger where nothing else is in the way (from the bottom, " + where() + ")";
                        }
                        + ": "
                        + (sides.equals(ends)
                                ? sides.says(display)
                                : "of A and C " + sides.says(display) + "; of B and D " + ends.says(display))
                        + ". Glue them in, saw them off, pare them flush.",
                sides.deep().id()));
    }
}
