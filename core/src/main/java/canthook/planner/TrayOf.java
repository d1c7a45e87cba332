package canthook.planner;

import canthook.fitting.TrayIn;
import canthook.length.Length;
import canthook.plan.Assumed;
import canthook.plan.BoxPlan;
import canthook.plan.Fitting;
import canthook.plan.Opening;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.StartingPlan;
import canthook.plan.Tray;
import canthook.refusal.OneLine;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;

/**
 * Host and tray, two boxes that know each other: the tray fits the place its host leaves it, and what is changed at the tray the host
 * is told.
 *
 * <pre>
 * place of the tray    as long as the host says, as wide as its inside, as high as the tray; the clearance across
 * told to the host     length, height, clearance, wood and thickness of the tray, as its own place has them
 * </pre>
 */
public final class TrayOf {
    private TrayOf() {}

    /** A tray as the host has it worked out. */
    public static Optional<TrayIn> in(WorkedPlan host, int index) {
        return host.fittings().all().stream()
                .filter(f -> f.index() == index)
                .filter(TrayIn.class::isInstance)
                .map(TrayIn.class::cast)
                .findFirst();
    }

    /** The first plan of a tray. */
    public static BoxPlan begun(WorkedPlan host, TrayIn tray, String hostId) {
        BoxPlan of = host.plan();
        BoxPlan begun = StartingPlan.of(new StartingPlan.Wish(
                OneLine.beginning(of.name(), 70) + ", tray",
                "Slides on runners in " + of.name(),
                of.unit(),
                From.OPENING,
                tray.along().length(),
                tray.across().length(),
                tray.told().height(),
                null,
                null,
                tray.told().stuff().wood(),
                null,
                null,
                null,
                null,
                null));
        return Begun.panels(
                following(
                        begun.with(of.display())
                                .with(tray.told().stuff())
                                .with(of.seasons())
                                .in(hostId),
                        host,
                        tray),
                host.shop());
    }

    /** The tray in the place its host leaves it now; the same plan when nothing has changed. */
    public static BoxPlan following(BoxPlan tray, WorkedPlan host, TrayIn at) {
        Opening place = new Opening(
                Opening.LENGTH.nearest(at.along().length()),
                Opening.WIDTH.nearest(at.across().length().plus(at.told().clearance())),
                Opening.HEIGHT.nearest(at.told().height()),
                Length.ZERO,
                at.told().clearance(),
                Length.ZERO);
        SizeWish size = tray.size();
        if (size.from() == From.OPENING
                && place.equals(size.opening())
                && tray.walls().equals(at.told().stuff())) {
            return tray;
        }
        return tray.with(size.with(place).withFrom(From.OPENING))
                .with(at.told().stuff())
                .saying(EnumSet.of(Assumed.LENGTH, Assumed.WIDTH, Assumed.HEIGHT));
    }

    /** The host as the tray has it: what was changed there is told here. The same plan when nothing was. */
    public static BoxPlan told(WorkedPlan host, TrayIn at, BoxPlan tray) {
        Opening place = tray.size().opening();
        if (tray.size().from() != From.OPENING || place == null) {
            return host.plan();
        }
        Length along = place.length().minus(place.clearLength());
        Tray now = at.told();
        Tray then = new Tray(
                now.over(),
                Tray.HEIGHT.nearest(place.height().minus(place.clearHeight())),
                along.equals(at.along().length()) ? now.along() : Tray.ALONG.nearest(along),
                Tray.CLEARANCE.nearest(place.clearWidth()),
                now.runner(),
                now.stacked(),
                tray.walls(),
                now.box(),
                Tray.WALL.nearest(tray.size().thickness()));
        return then.equals(now) ? host.plan() : host.plan().with(at.index(), then);
    }

    /** Where the host has this box for a tray; −1 where it has not. */
    public static int indexOf(BoxPlan host, String tray) {
        List<Fitting> all = host.fittings();
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i) instanceof Tray fitting && tray.equals(fitting.box())) {
                return i;
            }
        }
        return -1;
    }

    /** A plan that knows no other box: as a copy, or as it comes from another shop. */
    public static BoxPlan alone(BoxPlan plan) {
        BoxPlan alone = plan.in(null);
        List<Fitting> all = alone.fittings();
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i) instanceof Tray tray && tray.box() != null) {
                alone = alone.with(i, tray.withBox(null));
            }
        }
        return alone;
    }

    /** A plan that knows the boxes another knows: its host, the place it shares, and trays at the same place among the fittings. */
    public static BoxPlan kinAs(BoxPlan known, BoxPlan plan) {
        BoxPlan kin = plan.in(known.host()).sharing(known.shared());
        for (int i = 0; i < Math.min(kin.fittings().size(), known.fittings().size()); i++) {
            if (kin.fittings().get(i) instanceof Tray tray && known.fittings().get(i) instanceof Tray same) {
                kin = kin.with(i, tray.withBox(same.box()));
            }
        }
        return kin;
    }
}
