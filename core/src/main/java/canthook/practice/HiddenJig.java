package canthook.practice;

import canthook.fit.Cause;
import canthook.jig.Setting;
import canthook.length.Length;
import canthook.plan.JigChoice.Way;
import canthook.planner.WorkedPlan;
import canthook.practice.Piece.Cutting;
import canthook.practice.Piece.Means;
import java.util.Objects;
import java.util.Set;

/**
 * A jig as it truly stands, and what it truly cuts. Lengths in millimetres.
 *
 * <pre>
 * what a move changes          slot          finger
 * key, spacers, stops          —             + δ
 * screw, whole steps           —             + δ       a thinner kerf: − δ/2, + δ/2
 * shim of a band saw           − δ/2         + δ/2
 * knife lines                  − δ           —
 * </pre>
 */
final class HiddenJig {
    private static final double DRAG = 0.045;
    private static final double BLADE_WOBBLES = 0.06;

    private final HiddenShop shop;
    private final WorkedPlan worked;
    private double moved;
    private double byKerf;

    HiddenJig(HiddenShop shop, WorkedPlan worked) {
        this.shop = shop;
        this.worked = worked;
    }

    /**
     * A move.
     *
     * @param by as it is meant
     * @param slips whether the clamp lets most of it go
     * @param off what the hand makes of it beside
     */
    void move(Length by, boolean slips, double off) {
        double truly = by.mm() * (slips ? shop.slips() : 1) + off;
        moved += truly;
        if (isScrew() && !isWhole(by)) {
            byKerf += truly;
        }
    }

    /** How far it was moved in all, as it truly was. */
    double moved() {
        return moved;
    }

    /** How it cuts with what goes wrong now. */
    Cutting cutting(Set<Cause> bad, boolean thickScrap, int fingers) {
        boolean blade = bad.contains(Cause.BLADE);
        Means means = way(Means.WALKED, Means.PLACED, Means.PLACED, Means.SHIMMED);
        return new Cutting(
                slot() + (thickScrap ? DRAG * shop.scrapThicker() : 0) + (blade ? BLADE_WOBBLES : 0),
                finger(),
                means,
                shop.step(),
                blade ? BLADE_WOBBLES : shop.wobble(),
                bad.contains(Cause.PRESSED) ? shop.play() : 0,
                bad.contains(Cause.DUST) ? shop.dust() : 0,
                fingers);
    }

    /** One of four, for what the jig does: walk on a key, stand at places, follow lines, take a shim. */
    private <T> T way(T key, T placed, T lines, T shim) {
        Setting setting = Objects.requireNonNull(worked.jig().setting());
        return setting.fold(k -> key, screw -> placed, spacers -> placed, stops -> placed, hand -> lines, saw -> shim);
    }

    private boolean isScrew() {
        return shop.plan().jig().way() == Way.SCREW;
    }

    /** What a slot truly is, with nothing gone wrong. */
    double slot() {
        double planned = worked.fingers().chosen().slot().length().mm();
        double stands = shop.setOff() + moved;
        if (isScrew()) {
            return planned - (shop.setOff() + byKerf) / 2;
        }
        return way(planned + shop.kerfOff(), planned + shop.kerfOff(), planned - stands, planned - stands / 2);
    }

    /** What a finger truly is. */
    double finger() {
        double planned = worked.fingers().chosen().finger().length().mm();
        double stands = shop.setOff() + moved;
        if (isScrew()) {
            return planned + (shop.setOff() + byKerf) / 2 + (moved - byKerf);
        }
        return way(planned + stands, planned + stands - shop.kerfOff(), planned, planned + stands / 2);
    }

    /** Whether a screw makes the move by whole steps of itself. */
    private boolean isWhole(Length by) {
        return Objects.requireNonNull(worked.jig().setting())
                .fold(k -> false, screw -> screw.isWhole(by), sp -> false, st -> false, h -> false, b -> false);
    }
}
