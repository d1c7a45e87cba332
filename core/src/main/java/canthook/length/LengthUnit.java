package canthook.length;

/** The unit a bare number is taken in. */
public enum LengthUnit {
    MILLIMETRE("mm", 1_000_000),
    INCH("in", 25_400_000);

    private static final double LITTLE = 5;

    private final String sign;
    private final long nanometres;

    LengthUnit(String sign, long nanometres) {
        this.sign = sign;
        this.nanometres = nanometres;
    }

    public String sign() {
        return sign;
    }

    public long nanometres() {
        return nanometres;
    }

    /** What a size that nobody told is rounded to: a tenth of a millimetre, a sixty-fourth of an inch. */
    public Length fine() {
        return new Length(
                switch (this) {
                    case MILLIMETRE -> nanometres / 10;
                    case INCH -> nanometres / 64;
                });
    }

    /** The finest size of this unit that is no more. */
    public Length down(Length length) {
        return length.downTo(fine());
    }

    /** The finest size of this unit that is no less. */
    public Length up(Length length) {
        Length down = down(length);
        return down.isUnder(length) ? down.plus(fine()) : down;
    }

    /** What boards are planed to that is no thinner: half a millimetre, a thirty-second of an inch. */
    public Length planed(Length least) {
        Length step = fine().times(this == MILLIMETRE ? 5 : 2);
        Length down = least.downTo(step);
        return down.isUnder(least) ? down.plus(step) : down;
    }

    /**
     * A usual size as the makers of this unit have it: in inches the nearest sixteenth, of little things the nearest sixty-fourth.
     *
     * @param millimetres it has for the others
     */
    public Length usual(double millimetres) {
        Length size = Length.mm(millimetres);
        return switch (this) {
            case MILLIMETRE -> size;
            case INCH -> {
                Length step = millimetres < LITTLE ? fine() : fine().times(4);
                yield size.plus(step.dividedBy(2)).downTo(step);
            }
        };
    }
}
