package canthook.plan;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Every length of a plan that the maker decides, by its place in the plan, as text that reads back as it was. */
public final class PlanLengths {
    private final LengthDisplay display;
    private final Map<String, String> texts = new LinkedHashMap<>();

    private PlanLengths(LengthDisplay display) {
        this.display = display;
    }

    /** Lengths left to the house rules are not in the map. */
    public static Map<String, String> of(BoxPlan plan) {
        PlanLengths lengths = new PlanLengths(plan.display());
        lengths.put("size.length", plan.size().length());
        lengths.put("size.width", plan.size().width());
        lengths.put("size.height", plan.size().height());
        lengths.put("size.thickness", plan.size().thickness());
        lengths.put("size.proud", plan.size().proud());
        lengths.put("size.endThickness", plan.size().endThickness());
        lengths.size(plan.size());
        lengths.put("fingers.kerf", plan.fingers().kerf());
        lengths.put("fingers.clearance", plan.fingers().clearance());
        lengths.put("fingers.lowerBy", plan.fingers().lowerBy());
        lengths.put("fingers.higherBy", plan.fingers().higherBy());
        lengths.put("blank.length", plan.blank().length());
        lengths.put("blank.width", plan.blank().width());
        lengths.put("blank.squaring", plan.blank().squaring());
        lengths.put("blank.crosscutKerf", plan.blank().crosscutKerf());
        List<Length> measured = plan.blank().measured();
        for (int i = 0; measured != null && i < measured.size(); i++) {
            lengths.put("blank.measured." + i, measured.get(i));
        }
        lengths.jig(plan.jig());
        List<Length> widths = plan.fingers().widths();
        for (int i = 0; widths != null && i < widths.size(); i++) {
            lengths.put("fingers.widths." + i, widths.get(i));
        }
        lengths.put("bottom.thickness", plan.bottom().thickness());
        lengths.put("bottom.groove", plan.bottom().groove());
        lengths.put("bottom.gap", plan.bottom().gap());
        lengths.put("bottom.endFit", plan.bottom().endFit());
        lengths.bottom(plan.bottom());
        lengths.put("lid.thickness", plan.lid().thickness());
        lengths.put("lid.groove", plan.lid().groove());
        lengths.put("lid.running", plan.lid().running());
        lengths.put("lid.vertical", plan.lid().vertical());
        lengths.lid(plan.lid());
        for (int i = 0; i < plan.fittings().size(); i++) {
            lengths.fitting("fittings." + i + ".", plan.fittings().get(i));
        }
        GlueChoice.Diagonals diagonals = plan.glueUp().diagonals();
        if (diagonals != null) {
            lengths.put("glueUp.diagonals.one", diagonals.one());
            lengths.put("glueUp.diagonals.other", diagonals.other());
        }
        GlueChoice.Edge edge = plan.glueUp().edge();
        if (edge != null) {
            lengths.put("glueUp.edge.by", edge.by());
        }
        return lengths.texts;
    }

    /** What only some kinds of bottom are told. */
    private void bottom(Bottom bottom) {
        bottom.<Map<String, Length>>fold(new Bottom.Kinds<>(
                        none -> Map.of(),
                        captured -> captured.covering() == null ? Map.of() : Map.of("covering", captured.covering()),
                        rabbeted -> Map.of("rabbet", rabbeted.rabbet(), "radius", rabbeted.radius()),
                        applied -> Map.of("oversize", applied.oversize()),
                        slats -> Map.of()))
                .forEach((field, length) -> put("bottom." + field, length));
    }

    private void pull(Pull pull) {
        put("lid.pull.overhang", pull.overhang());
        put("lid.pull.notch", pull.notch());
        put("lid.pull.stop", pull.stop());
        put("lid.pull.pin", pull.pin());
    }

    /** What only some kinds of lid are told. */
    private void lid(Lid lid) {
        lid.<Runnable>fold(new Lid.Kinds<>(
                        none -> () -> {}, sliding -> () -> pull(sliding.pulled()), this::sawnOff, this::onTop))
                .run();
    }

    private Runnable sawnOff(Lid.SawnOff lid) {
        return () -> {
            put("lid.seam", lid.seam());
            put("lid.kerf", lid.kerf());
            put("lid.flattened", lid.flattened());
            put("lid.liner.thickness", lid.liner().thickness());
            put("lid.liner.over", lid.liner().over());
            hinges(lid.hinges());
        };
    }

    private Runnable onTop(Lid.OnTop lid) {
        return () -> {
            put("lid.overhang", lid.overhang());
            put("lid.lip", lid.lip());
            put("lid.ends.width", lid.ends().width());
            put("lid.ends.tongue", lid.ends().tongue());
            put("lid.ends.inset", lid.ends().inset());
            put("lid.ends.peg", lid.ends().peg());
            hinges(lid.hinges());
        };
    }

    private void hinges(Hinges hinges) {
        put("lid.hinges.leafLength", hinges.leafLength());
        put("lid.hinges.leafWidth", hinges.leafWidth());
        put("lid.hinges.leaf", hinges.leaf());
        put("lid.hinges.folded", hinges.folded());
        put("lid.hinges.knuckle", hinges.knuckle());
        put("lid.hinges.gap", hinges.gap());
        put("lid.hinges.inset", hinges.inset());
    }

    private void fitting(String at, Fitting fitting) {
        fitting.<Runnable>fold(new Fitting.Kinds<>(
                        divider -> () -> {
                            put(at + "at", divider.at());
                            put(at + "thickness", divider.thickness());
                            put(at + "height", divider.height());
                            put(at + "dado", divider.dado());
                        },
                        grip -> () -> {
                            put(at + "wide", grip.wide());
                            put(at + "diameter", grip.diameter());
                            put(at + "under", grip.under());
                        },
                        pegs -> () -> put(at + "diameter", pegs.diameter()),
                        pin -> () -> put(at + "diameter", pin.diameter()),
                        handle -> () -> {
                            put(at + "along", handle.along());
                            put(at + "across", handle.across());
                            put(at + "high", handle.high());
                            put(at + "spacing", handle.spacing());
                        },
                        feet -> () -> {
                            put(at + "square", feet.square());
                            put(at + "height", feet.height());
                            put(at + "inset", feet.inset());
                        },
                        tray -> () -> {
                            put(at + "over", tray.over());
                            put(at + "height", tray.height());
                            put(at + "along", tray.along());
                            put(at + "clearance", tray.clearance());
                            put(at + "runner", tray.runner());
                        },
                        base -> () -> {
                            put(at + "thickness", base.thickness());
                            put(at + "overhang", base.overhang());
                        },
                        upright -> () -> upright(at, upright),
                        block -> () -> {
                            put(at + "along", block.along());
                            put(at + "thickness", block.thickness());
                            put(at + "across", block.across());
                            put(at + "high", block.high());
                        },
                        stay -> () -> {
                            put(at + "along", stay.along());
                            put(at + "under", stay.under());
                        },
                        slit -> () -> {
                            put(at + "kerf", slit.kerf());
                            put(at + "deep", slit.deep());
                        },
                        label -> () -> {
                            put(at + "wide", label.wide());
                            put(at + "high", label.high());
                            put(at + "deep", label.deep());
                            put(at + "under", label.under());
                        },
                        lining -> () -> put(at + "thickness", lining.thickness()),
                        second -> () -> {
                            put(at + "thickness", second.thickness());
                            put(at + "over", second.over());
                            put(at + "cleat", second.cleat());
                            put(at + "play", second.play());
                        }))
                .run();
    }

    private void upright(String at, UprightHandle handle) {
        put(at + "thickness", handle.thickness());
        put(at + "height", handle.height());
        put(at + "shoulder", handle.shoulder());
        put(at + "dado", handle.dado());
        put(at + "grip", handle.grip());
        put(at + "diameter", handle.diameter());
        put(at + "under", handle.under());
        put(at + "round", handle.round());
    }

    private void jig(JigChoice jig) {
        put("jig.slimmerBy", jig.slimmerBy());
        put("jig.base", jig.base());
        put("jig.rod", jig.rod());
        put("jig.resolution", jig.resolution());
        put("jig.closingError", jig.closingError());
        if (jig.leaves() != null) {
            put("jig.leaves.zeroGap", jig.leaves().zeroGap());
            put("jig.leaves.paper", jig.leaves().paper());
        }
        if (jig.screw() != null) {
            put("jig.screw.lead", jig.screw().lead());
            put("jig.screw.backlash", jig.screw().backlash());
        }
    }

    private void size(SizeWish size) {
        Opening opening = size.opening();
        if (opening != null) {
            put("size.opening.length", opening.length());
            put("size.opening.width", opening.width());
            put("size.opening.height", opening.height());
            put("size.opening.clearLength", opening.clearLength());
            put("size.opening.clearWidth", opening.clearWidth());
            put("size.opening.clearHeight", opening.clearHeight());
        }
        if (size.lowered() != null) {
            put("size.lowered.height", size.lowered().height());
        }
        Contents contents = size.contents();
        if (contents != null) {
            put("size.contents.divider", contents.divider());
            for (int i = 0; i < contents.items().size(); i++) {
                Contents.Item item = contents.items().get(i);
                String at = "size.contents.items." + i + ".";
                put(at + "length", item.length());
                put(at + "width", item.width());
                put(at + "height", item.height());
                put(at + "playLength", item.playLength());
                put(at + "playWidth", item.playWidth());
                put(at + "playHeight", item.playHeight());
                put(at + "divider", item.divider());
            }
        }
    }

    private void put(String place, @Nullable Groove groove) {
        if (groove == null) {
            return;
        }
        put(place + ".width", groove.width());
        put(place + ".depth", groove.depth());
        put(place + ".offset", groove.offset());
        put(place + ".bit", groove.bit());
    }

    private void put(String place, @Nullable Length length) {
        if (length != null) {
            texts.put(place, display.editable(length));
        }
    }
}
