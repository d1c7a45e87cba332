package canthook.length;

/** How finely a length is shown: for laying out (0.1 mm) or for fit (0.01 mm). */
public enum Precision {
    LAYOUT,
    FIT,
    /** As a caliper reads: hundredths of a millimetre, thousandths of an inch, never a fraction. */
    CALIPER
}
