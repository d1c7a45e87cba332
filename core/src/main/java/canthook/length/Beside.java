package canthook.length;

/**
 * Two lengths compared in one sentence, told so finely that what differs reads differently: no wall of 1/16 in where at least 1/16 in is
 * wanted. Lengths that differ by less than a caliper tells read alike.
 */
public record Beside(String one, String other) {
    public static Beside of(LengthDisplay display, Precision precision, Length one, Length other) {
        String text = display.text(one, precision);
        String beside = display.text(other, precision);
        return text.equals(beside) && !one.equals(other)
                ? new Beside(display.text(one, Precision.CALIPER), display.text(other, Precision.CALIPER))
                : new Beside(text, beside);
    }
}
