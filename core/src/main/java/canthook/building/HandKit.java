package canthook.building;

import static canthook.working.Term.fixed;

import canthook.building.JigPart.Made;
import canthook.jig.HandSetting;
import canthook.length.Length;
import canthook.shop.Machine.Measure;
import canthook.working.Worked;

/**
 * What it takes by hand.
 *
 * <pre>
 * saw's plate under a third of the slot; chisel at least 0.2 narrower than it; gauge at the mate's thickness and what stands proud
 * </pre>
 */
final class HandKit {
    private HandKit() {}

    static JigToBuild of(Drafting d, HandSetting setting) {
        Worked plate = d.exact(
                "plate",
                "ks",
                "Saw's plate, at most",
                d.rung.slot().over(3),
                "A third of the slot: two cuts and something between them.");
        Worked chisel = d.exact(
                "chisel",
                "wc",
                "Chisel, at most",
                d.rung.slot().minus(fixed(Length.mm(0.2))),
                "It goes in without touching the walls.");
        if (!chisel.length().isPositive()) {
            d.stop("Slots of " + d.rung.slot().text(d.display) + " take no chisel: fewer sections, or a coping saw.");
        }
        Worked stick = d.length(
                "stick",
                "ls",
                "Stick, long",
                d.height.plus(fixed(Length.mm(20))),
                "The height, and something to hold it by.");
        Worked opens = d.machine.read(Measure.VICE_OPENING, "vice", "v");
        d.part(new JigPart(
                "stick",
                "Stick",
                1,
                stick,
                d.given("stick-wide", "ws", "Stick, wide", 25, "Lies on the part."),
                d.given("stick-thick", "ts", "Stick, thick", 6, "Thin, so that the knife follows it."),
                Made.WOOD,
                Drafting.HARDWOOD,
                "Marked once, for all eight ends."));
        d.part(new JigPart(
                "bench-stop",
                "Bench stop",
                1,
                d.length(
                        "bench-long",
                        "lb",
                        "Bench stop, long",
                        d.height.plus(fixed(Length.mm(60))),
                        "The part lies against it."),
                d.given("bench-wide", "wb", "Bench stop, wide", 120, "Carries the part while it is chiselled."),
                d.given("bench-thick", "tb", "Bench stop, thick", 18, "Stiff."),
                Made.SHEET,
                Drafting.SHEET,
                "A lip under, one on top."));
        d.part(new JigPart(
                "saw",
                "Saw",
                1,
                null,
                null,
                plate,
                Made.BOUGHT,
                "fine, thin plate",
                "Its plate no thicker than this."));
        d.part(new JigPart(
                "chisel", "Chisel", 1, null, chisel, null, Made.BOUGHT, "bench chisel", "No wider than this."));
        d.part(new JigPart(
                "gauge",
                "Gauge, set to",
                1,
                d.depth,
                null,
                null,
                Made.BOUGHT,
                "marking gauge or knife",
                "The mate's thickness and what stands proud."));
        d.then("Gauge all ends, both faces. Stick on the reference edge; prick every line, knife it across.");
        d.then("Saw beside the line, in the waste; chop from both faces to the middle.");
        d.caution(
                "Both hands behind the edge; the part clamped, or in a vice that opens " + opens.text(d.display) + ".");
        d.check("stick", "The stick's last mark.", d.height);
        d.check("gauge", "The gauge on a scrap.", d.depth);
        return d.done("Stick and tools for " + setting.layout().sections() + " sections by hand", 30);
    }
}
