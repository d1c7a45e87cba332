package canthook.history;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BatchWish;
import canthook.plan.BoxPlan;
import canthook.plan.Groove;
import canthook.plan.PlanLengths;
import canthook.plan.Stuff;
import canthook.planner.Place;
import canthook.planner.Stations;
import canthook.planner.Stations.Station;
import canthook.planner.WorkedPlan;
import canthook.wood.Wood;
import canthook.wood.Woods;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What changed between two states of a box, one sentence a change.
 *
 * <pre>
 * what has a name of its own first:   13 → 11 sections · bottom groove up 1.2 · indexed by a screw
 * then every length that was decided: Height of the wall 96 → 101.6, under the label its number has
 * then, of a part that changed otherwise, what its station says before and after
 * </pre>
 *
 * Two states that differ are never told as the same.
 */
public final class WhatChanged {
    private final WorkedPlan before;
    private final WorkedPlan after;
    private final LengthDisplay display;
    private final List<String> says = new ArrayList<>();
    /** Parts of a plan of which something was said already. */
    private final Set<String> told = new LinkedHashSet<>();

    private WhatChanged(WorkedPlan before, WorkedPlan after) {
        this.before = before;
        this.after = after;
        display = after.plan().display();
    }

    /** In the display of the later one; nothing when they are alike. */
    public static List<String> between(WorkedPlan before, WorkedPlan after) {
        return before.plan().equals(after.plan()) ? List.of() : new WhatChanged(before, after).all();
    }

    private List<String> all() {
        BoxPlan a = before.plan();
        BoxPlan b = after.plan();
        if (!a.name().equals(b.name())) {
            tell("name", "called “" + b.name() + "”, before “" + a.name() + "”");
        }
        if (!a.purpose().equals(b.purpose())) {
            tell("purpose", b.purpose().isEmpty() ? "no purpose any more" : "purpose: " + b.purpose());
        }
        if (a.display() != b.display() || a.unit() != b.unit()) {
            tell("display", "lengths shown otherwise");
        }
        turned("walls", "wood", wood(a.walls()), wood(b.walls()));
        turned("ends", "wood of the ends", wood(a.ends()), wood(b.ends()));
        turned(
                "size",
                "sized from",
                words(a.size().from().name()),
                words(b.size().from().name()));
        turned(
                "size",
                "tips",
                words(a.size().tips().name()),
                words(b.size().tips().name()));
        int was = before.fingers().chosen().sections().count();
        int is = after.fingers().chosen().sections().count();
        if (was != is) {
            tell("fingers", was + " → " + is + " sections");
        }
        turned("fingers", "cut with", a.fingers().cutter(), b.fingers().cutter());
        turned(
                "fingers",
                "count",
                words(a.fingers().parity().name()),
                words(b.fingers().parity().name()));
        turned("jig", "indexed by", a.jig().way().words(), b.jig().way().words());
        kind("bottom", a.bottom().getClass(), b.bottom().getClass());
        kind("lid", a.lid().getClass(), b.lid().getClass());
        groove("bottom", a.bottom().groove(), b.bottom().groove());
        groove("lid", a.lid().groove(), b.lid().groove());
        if (a.fittings().size() != b.fittings().size()) {
            tell(
                    "fittings",
                    "fittings " + a.fittings().size() + " → " + b.fittings().size());
        }
        if (boxes(a.batch()) != boxes(b.batch())) {
            tell("batch", boxes(a.batch()) + " → " + boxes(b.batch()) + (boxes(b.batch()) == 1 ? " box" : " boxes"));
        }
        lengths();
        others();
        return List.copyOf(says);
    }

    private void tell(String part, String sentence) {
        told.add(part);
        says.add(sentence.substring(0, 1).toUpperCase(Locale.ROOT) + sentence.substring(1));
    }

    private void turned(String part, String what, String was, String is) {
        if (!was.equals(is)) {
            tell(part, what + " " + was + " → " + is);
        }
    }

    private void kind(String part, Class<?> was, Class<?> is) {
        if (was != is) {
            tell(part, part + " " + spaced(was.getSimpleName()) + " → " + spaced(is.getSimpleName()));
        }
    }

    private void groove(String part, @Nullable Groove was, @Nullable Groove is) {
        if (was == null || is == null || was.offset().equals(is.offset())) {
            return;
        }
        Length by = is.offset().minus(was.offset());
        tell(part, part + " groove " + (by.isPositive() ? "up " : "down ") + display.number(by.abs(), Precision.FIT));
    }

    /** Every length that was decided, but those of a part that is of another kind now, and of a groove that was told. */
    private void lengths() {
        Map<String, String> was = PlanLengths.of(before.plan().with(display));
        Map<String, String> is = PlanLengths.of(after.plan());
        Map<String, String> labels = labels();
        Set<String> all = new LinkedHashSet<>(was.keySet());
        all.addAll(is.keySet());
        for (String field : all) {
            String part = field.contains(".") ? field.substring(0, field.indexOf('.')) : field;
            boolean otherKind = part.equals("bottom")
                            && before.plan().bottom().getClass()
                                    != after.plan().bottom().getClass()
                    || part.equals("lid")
                            && before.plan().lid().getClass()
                                    != after.plan().lid().getClass()
                    || part.equals("fittings")
                            && before.plan().fittings().size()
                                    != after.plan().fittings().size();
            String one = was.get(field);
            String other = is.get(field);
            if (otherKind || field.endsWith("groove.offset") || Objects.equals(one, other)) {
                continue;
            }
            String label = labels.getOrDefault(field, readable(field));
            tell(
                    part,
                    label + " " + (one == null ? "as your rules have it" : one) + " → "
                            + (other == null ? "as your rules have it" : other));
        }
    }

    /** What a decided number is called, by its place in the plan. */
    private Map<String, String> labels() {
        Map<String, String> labels = new HashMap<>();
        for (WorkedPlan one : List.of(before, after)) {
            for (Worked number : one.numbers()) {
                if (number.field() != null) {
                    labels.put(number.field(), number.label());
                }
            }
        }
        return labels;
    }

    /** Of what changed and was not told: what its station says before and after, or that it changed. */
    private void others() {
        BoxPlan a = before.plan();
        BoxPlan b = after.plan();
        Map<String, Boolean> same = new LinkedHashMap<>();
        same.put("size", a.size().equals(b.size()));
        same.put("fingers", a.fingers().equals(b.fingers()));
        same.put("blank", a.blank().equals(b.blank()));
        same.put("jig", a.jig().equals(b.jig()));
        same.put("bottom", a.bottom().equals(b.bottom()));
        same.put("lid", a.lid().equals(b.lid()));
        same.put("seasons", a.seasons().equals(b.seasons()));
        same.put("walls", a.walls().equals(b.walls()));
        same.put("ends", Objects.equals(a.ends(), b.ends()));
        same.put("batch", Objects.equals(a.batch(), b.batch()));
        same.put("assumed", a.assumed().equals(b.assumed()));
        same.put("shared", Objects.equals(a.shared(), b.shared()));
        same.put("fittings", a.fittings().equals(b.fittings()));
        same.put("host", Objects.equals(a.host(), b.host()));
        same.put("glueUp", a.glueUp().equals(b.glueUp()));
        same.put("finish", a.finish().equals(b.finish()));
        same.forEach((part, alike) -> {
            if (!alike && !told.contains(part)) {
                tell(part, other(part));
            }
        });
    }

    private String other(String part) {
        String was = line(before, part);
        String is = line(after, part);
        String words = switch (part) {
            case "size" -> "size";
            case "fingers" -> "fingers";
            case "blank" -> "board";
            case "jig" -> "jig";
            case "bottom" -> "bottom";
            case "lid" -> "lid";
            case "seasons" -> "where it lives, and what the wood has";
            case "walls" -> "how the walls’ wood stands";
            case "ends" -> "how the ends’ wood stands";
            case "batch" -> "the batch";
            case "assumed" -> "what is assumed";
            case "shared" -> "the place it shares";
            case "fittings" -> "fittings";
            case "host" -> "the box it is a tray of";
            case "glueUp" -> "glue-up";
            case "finish" -> "finish";
            default -> throw new IllegalStateException("no part " + part);
        };
        return was.equals(is) || is.isEmpty() ? words + " changed" : words + ": " + was + " → " + is;
    }

    /** What the station of a part says; empty for what has none. */
    private static String line(WorkedPlan worked, String part) {
        Place place = switch (part) {
            case "size" -> Place.SIZE;
            case "fingers" -> Place.FINGERS;
            case "blank", "batch" -> Place.BLANK;
            case "jig" -> Place.JIG;
            case "bottom" -> Place.BOTTOM;
            case "lid" -> Place.LID;
            case "fittings" -> Place.FITTINGS;
            case "glueUp" -> Place.GLUE;
            case "finish" -> Place.FINISH;
            default -> null;
        };
        return place == null
                ? ""
                : Stations.of(worked).stream()
                        .filter(s -> s.id().equals(place.id()))
                        .map(Station::line)
                        .findFirst()
                        .orElse("");
    }

    private static int boxes(@Nullable BatchWish batch) {
        return batch == null ? 1 : batch.count();
    }

    private static String wood(@Nullable Stuff stuff) {
        if (stuff == null) {
            return "as the sides";
        }
        Wood own = stuff.own();
        return own != null
                ? own.name()
                : Woods.published().find(stuff.wood()).map(Wood::name).orElse(stuff.wood());
    }

    private static String words(String constant) {
        return constant.toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static String spaced(String name) {
        return name.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
    }

    /** {@code lid.hinges.leafWidth} is the lid's hinges leaf width. */
    private static String readable(String field) {
        return spaced(field.replace('.', ' '));
    }
}
