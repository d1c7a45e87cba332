package canthook.history;

import canthook.length.LengthDisplay;
import canthook.planner.Place;
import canthook.planner.WorkedPlan;
import canthook.working.Show;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The numbers in which two plans of one box differ, station by station; what is alike is only counted. */
public final class NumbersApart {
    private NumbersApart() {}

    /**
     * A number that differs.
     *
     * @param was with its unit; null where the first plan has no such number
     * @param is likewise of the second
     */
    public record Apart(
            String id,
            String label,
            @Nullable String was,
            @Nullable String is) {}

    /** The differing numbers of one station, in the order they are worked. */
    public record AtStation(Place place, List<Apart> numbers) {}

    /**
     * @param stations with what differs there; those without are left out
     * @param alike how many numbers are the same in both
     */
    public record Comparison(List<AtStation> stations, int alike) {}

    /** In the display of the second. Places of single cuts, other rungs and other corners are not compared: they follow from what is. */
    public static Comparison between(WorkedPlan before, WorkedPlan after) {
        LengthDisplay display = after.plan().display();
        Map<String, Worked> was = compared(before);
        Map<String, Worked> is = compared(after);
        Map<String, Worked> all = new LinkedHashMap<>(is);
        was.forEach(all::putIfAbsent);
        Map<Place, List<Apart>> apart = new LinkedHashMap<>();
        int alike = 0;
        for (Worked number : all.values()) {
            String one = text(was.get(number.id()), display);
            String other = text(is.get(number.id()), display);
            if (Objects.equals(one, other)) {
                alike++;
            } else {
                apart.computeIfAbsent(home(number.id()), p -> new ArrayList<>())
                        .add(new Apart(number.id(), number.label(), one, other));
            }
        }
        return new Comparison(
                Arrays.stream(Place.values())
                        .filter(apart::containsKey)
                        .map(p -> new AtStation(p, List.copyOf(apart.getOrDefault(p, List.of()))))
                        .toList(),
                alike);
    }

    private static Map<String, Worked> compared(WorkedPlan worked) {
        Map<String, Worked> numbers = new LinkedHashMap<>();
        for (Worked number : worked.numbers()) {
            boolean ofOne = number.id().chars().anyMatch(Character::isDigit)
                    && !number.id().startsWith("fittings.");
            if (number.show() != Show.STEP && !ofOne && !Place.CORNERS.id().equals(first(number.id()))) {
                numbers.put(number.id(), number);
            }
        }
        return numbers;
    }

    private static @Nullable String text(@Nullable Worked number, LengthDisplay display) {
        return number == null ? null : number.text(display);
    }

    private static String first(String id) {
        return id.substring(0, Math.max(0, id.indexOf('.')));
    }

    /** The station of that name, else the first that shows it. */
    private static Place home(String id) {
        return Arrays.stream(Place.values())
                .filter(p -> p.id().equals(first(id)))
                .findFirst()
                .or(() -> Arrays.stream(Place.values()).filter(p -> p.shows(id)).findFirst())
                .orElse(Place.SIZE);
    }
}
