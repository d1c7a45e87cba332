package canthook.plan;

import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.LengthUnit;
import canthook.refusal.OneLine;
import canthook.refusal.Refused;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Everything the maker decided about one box, and nothing that follows from it.
 *
 * @param version of this document; {@link #VERSION} is the newest this program reads
 * @param name what the maker calls the box
 * @param purpose what it is for
 * @param unit a bare number is taken in
 * @param display how lengths are shown
 * @param walls wood of the sides, and of the ends when they are not of another
 * @param ends wood of the ends when it is another than the sides', or stands another way; null when all walls are alike
 * @param batch how many, out of which boards of the rack; null for one box out of the board at hand
 * @param assumed what was begun sensibly and not said yet; none when null
 * @param shared the place it shares with others, which it follows; null when it stands by itself
 * @param fittings what goes in, on and through it; none when null
 * @param host id of the box whose tray it is; null when it is none
 * @param glueUp how it is glued and trimmed; what is usual when null
 * @param finish what it is finished with and when it is wanted; no finish when null
 */
public record BoxPlan(
        int version,
        String name,
        String purpose,
        LengthUnit unit,
        LengthDisplay display,
        Stuff walls,
        SizeWish size,
        FingerChoice fingers,
        BoardAtHand blank,
        JigChoice jig,
        Bottom bottom,
        Lid lid,
        SeasonsChoice seasons,
        @Nullable Stuff ends,
        @Nullable BatchWish batch,
        @Nullable Set<Assumed> assumed,
        SharedPlace.@Nullable Share shared,
        @Nullable List<Fitting> fittings,
        @Nullable String host,
        @Nullable GlueChoice glueUp,
        @Nullable FinishChoice finish) {
    /** How many fittings a box may have. */
    private static final int MOST_FITTINGS = 40;

    /** The newest version of the document. */
    public static final int VERSION = 15;

    public BoxPlan {
        if (version > VERSION) {
            throw new Refused(
                    "version",
                    "This plan was made by a newer Cant Hook (version " + version + "); this one reads up to version "
                            + VERSION + ".");
        }
        if (version < 1) {
            throw new Refused("version", "A plan's version is 1 or more; " + version + " is not.");
        }
        // what earlier versions could not say is left unsaid: the same plan
        version = VERSION;
        Refused.ifMissing("purpose", "Purpose", purpose);
        name = OneLine.name("name", "A box", name, 80);
        purpose = OneLine.words("purpose", "The purpose", purpose, 400);
        Refused.ifMissing("unit", "Unit", unit);
        Refused.ifMissing("display", "Display", display);
        Refused.ifMissing("walls", "The walls' wood", walls);
        Refused.ifMissing("size", "Size", size);
        Refused.ifMissing("fingers", "Fingers", fingers);
        Refused.ifMissing("blank", "Blank", blank);
        Refused.ifMissing("jig", "Jig", jig);
        Refused.ifMissing("bottom", "Bottom", bottom);
        Refused.ifMissing("lid", "Lid", lid);
        Refused.ifMissing("seasons", "Seasons", seasons);
        assumed =
                assumed == null || assumed.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(assumed));
        glueUp = glueUp == null ? GlueChoice.USUAL : glueUp;
        finish = finish == null ? FinishChoice.NONE : finish;
        fittings = fittings == null ? List.of() : List.copyOf(fittings);
        if (fittings.size() > MOST_FITTINGS) {
            throw new Refused("fittings", "At most " + MOST_FITTINGS + " fittings.");
        }
    }

    @Override
    public Set<Assumed> assumed() {
        return Objects.requireNonNull(assumed);
    }

    /** One box out of the board at hand, all walls of one wood. */
    public BoxPlan(
            int version,
            String name,
            String purpose,
            LengthUnit unit,
            LengthDisplay display,
            Stuff walls,
            SizeWish size,
            FingerChoice fingers,
            BoardAtHand blank,
            JigChoice jig,
            Bottom bottom,
            Lid lid,
            SeasonsChoice seasons) {
        this(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, null,
                null, null, null, null, null, null, null);
    }

    @Override
    public List<Fitting> fittings() {
        return Objects.requireNonNull(fittings);
    }

    @Override
    public GlueChoice glueUp() {
        return Objects.requireNonNull(glueUp);
    }

    @Override
    public FinishChoice finish() {
        return Objects.requireNonNull(finish);
    }

    public BoxPlan with(FinishChoice changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, changed);
    }

    public BoxPlan with(GlueChoice changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, host, changed, finish);
    }

    /** The lining of its inside; null when it has none. */
    public @Nullable Lining lining() {
        for (Fitting fitting : fittings()) {
            if (fitting instanceof Lining lining) {
                return lining;
            }
        }
        return null;
    }

    /** How thick the plates under it are together. */
    public Length baseUnder() {
        Length under = Length.ZERO;
        for (Fitting fitting : fittings()) {
            if (fitting instanceof BasePlate base) {
                under = under.plus(base.thickness());
            }
        }
        return under;
    }

    /** How far feet and plates lift it. */
    public Length lifted() {
        Length under = baseUnder();
        for (Fitting fitting : fittings()) {
            if (fitting instanceof Fitting.Feet feet) {
                under = under.plus(feet.height());
            }
        }
        return under;
    }

    public BoxPlan withFittings(List<Fitting> changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, changed, host, glueUp, finish);
    }

    /** The tray of another box, or of none. */
    public BoxPlan in(@Nullable String box) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, box, glueUp, finish);
    }

    /** With another in the place of one of its fittings. */
    public BoxPlan with(int which, Fitting changed) {
        List<Fitting> all = new ArrayList<>(fittings());
        all.set(which, changed);
        return withFittings(all);
    }

    /** What the ends are made of. */
    public Stuff endStuff() {
        return ends == null ? walls : ends;
    }

    /** Sides and ends out of one board: only then can the figure run round a corner. */
    public boolean isOfOneWood() {
        return endStuff().wood().equals(walls.wood());
    }

    public BoxPlan withEnds(@Nullable Stuff changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, changed,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan withBatch(@Nullable BatchWish changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, ends,
                changed, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan with(SizeWish changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, changed, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan with(FingerChoice changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, changed, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan with(BoardAtHand changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, changed, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan with(JigChoice changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, changed, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan with(Bottom changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, changed, lid, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan with(Lid changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, changed, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan with(SeasonsChoice changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, changed, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan with(Stuff changed) {
        return new BoxPlan(
                version, name, purpose, unit, display, changed, size, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    public BoxPlan with(LengthDisplay changed) {
        return new BoxPlan(
                version, name, purpose, unit, changed, walls, size, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }

    /** With these begun and not said. */
    public BoxPlan assuming(Set<Assumed> some) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, some, shared, fittings, host, glueUp, finish);
    }

    /** With this said. */
    public BoxPlan saying(Set<Assumed> some) {
        Set<Assumed> left = EnumSet.noneOf(Assumed.class);
        left.addAll(assumed());
        left.removeAll(some);
        return assuming(left);
    }

    /** One of a set that shares a place. */
    public BoxPlan sharing(SharedPlace.@Nullable Share place) {
        return new BoxPlan(
                version, name, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, place, fittings, host, glueUp, finish);
    }

    public BoxPlan withName(String changed) {
        return new BoxPlan(
                version, changed, purpose, unit, display, walls, size, fingers, blank, jig, bottom, lid, seasons, ends,
                batch, assumed, shared, fittings, host, glueUp, finish);
    }
}
