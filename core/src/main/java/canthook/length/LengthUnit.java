package canthook.length;

/** The unit a bare number is taken in. */
public enum LengthUnit {
    MILLIMETRE("mm", 1_000_000),
    INCH("in", 25_400_000);

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
}
