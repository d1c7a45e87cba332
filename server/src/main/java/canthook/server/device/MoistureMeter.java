package canthook.server.device;

/** A meter that is pressed to a board and read. */
public interface MoistureMeter {
    /**
     * Reads a board.
     *
     * @param board whatever tells one board from another
     * @return percent of dry weight
     * @throws Unready when it gives no reading
     */
    double read(String board);

    /** The instrument gives no reading, and says why. */
    final class Unready extends RuntimeException {
        private static final long serialVersionUID = 1L;

        public Unready(String why) {
            super(why);
        }
    }
}
