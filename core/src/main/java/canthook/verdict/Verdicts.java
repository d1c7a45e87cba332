package canthook.verdict;

import canthook.verdict.Verdict.Code;
import canthook.verdict.Verdict.Weight;
import canthook.working.Later;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Supplier;

/** The verdicts of one station, in the order they were found. */
public final class Verdicts {
    private final String station;
    private final List<Verdict> found = new ArrayList<>();

    public Verdicts(String station) {
        this.station = station;
    }

    public void stop(Code code, String place, String sentence, Fix... fixes) {
        found.add(new Verdict(code, Weight.STOP, station, place, sentence, List.of(fixes)));
    }

    public void mind(Code code, String place, String sentence, Fix... fixes) {
        found.add(new Verdict(code, Weight.MIND, station, place, sentence, List.of(fixes)));
    }

    public void mind(Code code, String place, String sentence, List<Fix> fixes) {
        found.add(new Verdict(code, Weight.MIND, station, place, sentence, fixes));
    }

    /** A stop whose ways out take some looking for: that is done when somebody asks, and must be pure. */
    public void stop(Code code, String place, String sentence, Supplier<List<Fix>> fixes) {
        found.add(new Verdict(code, Weight.STOP, station, place, sentence, asked(fixes)));
    }

    /** A mind likewise. */
    public void mind(Code code, String place, String sentence, Supplier<List<Fix>> fixes) {
        found.add(new Verdict(code, Weight.MIND, station, place, sentence, asked(fixes)));
    }

    /** A note likewise. */
    public void note(Code code, String place, String sentence, Supplier<List<Fix>> fixes) {
        found.add(new Verdict(code, Weight.NOTE, station, place, sentence, asked(fixes)));
    }

    private static Later<List<Fix>> asked(Supplier<List<Fix>> fixes) {
        return new Later<>(() -> List.copyOf(fixes.get()));
    }

    public void note(Code code, String place, String sentence, Fix... fixes) {
        found.add(new Verdict(code, Weight.NOTE, station, place, sentence, List.of(fixes)));
    }

    public List<Verdict> all() {
        return Collections.unmodifiableList(found);
    }
}
