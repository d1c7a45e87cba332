package canthook.planner;

import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Weight;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Only fixes that fix are offered: each is applied, the plan worked again, and looked at. What leaves its verdict standing, puts
 * another of its kind in its place, or stops the box somewhere else, is left out. Worked once, when somebody asks for it.
 */
final class Offers {
    /** Another size may want another board: that is said, and no reason to hold a fix back. */
    private static final Set<Verdict.Code> BOARDS = Set.of(Verdict.Code.BLANK_TOO_SHORT, Verdict.Code.BLANK_TOO_NARROW);

    private volatile @Nullable List<Verdict> proven;

    List<Verdict> of(WorkedPlan worked) {
        List<Verdict> known = proven;
        if (known == null) {
            known = prove(worked, verdict -> true);
            proven = known;
        }
        return known;
    }

    /** Those that are mended at a place with their fixes, the others without. */
    List<Verdict> at(WorkedPlan worked, Place place) {
        return prove(worked, verdict -> place.mends(verdict.station()));
    }

    private static List<Verdict> prove(WorkedPlan worked, Predicate<Verdict> offered) {
        List<Verdict> found = worked.found();
        Set<Verdict.Code> stops = stops(found);
        List<Verdict> all = new ArrayList<>(found.size());
        for (Verdict verdict : found) {
            List<Fix> fixing = offered.test(verdict)
                    ? verdict.fixes().stream()
                            .filter(fix -> mends(verdict, fix, worked, stops))
                            .toList()
                    : List.of();
            all.add(
                    fixing.size() == verdict.fixes().size()
                            ? verdict
                            : new Verdict(
                                    verdict.code(),
                                    verdict.weight(),
                                    verdict.station(),
                                    verdict.place(),
                                    verdict.sentence(),
                                    fixing));
        }
        return List.copyOf(all);
    }

    private static boolean mends(Verdict verdict, Fix fix, WorkedPlan worked, Set<Verdict.Code> stops) {
        List<Verdict> after = Planner.work(fix.after(), worked.shop()).found();
        Set<Verdict.Code> left = new HashSet<>(stops(after));
        left.removeAll(stops);
        left.removeAll(BOARDS);
        List<Verdict> was = alike(verdict, worked.found());
        List<Verdict> is = alike(verdict, after);
        return left.isEmpty() && is.size() < was.size() && same(verdict, is) < same(verdict, was);
    }

    /** How often it is said: of twins one may be taken away. */
    private static long same(Verdict verdict, List<Verdict> all) {
        return all.stream().filter(v -> v.sentence().equals(verdict.sentence())).count();
    }

    /** Those of the same kind at the same station: of two things that meet one may be mended before the other. */
    private static List<Verdict> alike(Verdict verdict, List<Verdict> all) {
        return all.stream()
                .filter(v -> v.code() == verdict.code() && v.station().equals(verdict.station()))
                .toList();
    }

    private static Set<Verdict.Code> stops(List<Verdict> verdicts) {
        return verdicts.stream()
                .filter(v -> v.weight() == Weight.STOP)
                .map(Verdict::code)
                .collect(Collectors.toSet());
    }
}
