package canthook.server.sharing;

import canthook.server.sharing.Door.Standing;
import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.Map;

/** Where to go, as a code to scan: on the screen and in the terminal. */
final class SharedAt {
    private static final int QUIET = 4;

    private SharedAt() {}

    /** The address that joins: the passcode stands behind the hash, which no browser sends and no server writes down. */
    static String joining(Standing open, String name) {
        return open.address(name) + "/join#" + open.passcode().shown();
    }

    /**
     * A code as the outline of its dark squares.
     *
     * @param size squares a side, with the quiet ground around
     * @param path of an SVG, one square one unit
     */
    record Code(int size, String path) {}

    static Code code(String text) {
        BitMatrix squares = squares(text);
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < squares.getHeight(); y++) {
            for (int x = 0; x < squares.getWidth(); x++) {
                int from = x;
                while (x < squares.getWidth() && squares.get(x, y)) {
                    x++;
                }
                if (x > from) {
                    path.append('M')
                            .append(from)
                            .append(' ')
                            .append(y)
                            .append('h')
                            .append(x - from);
                    path.append("v1h-").append(x - from).append('z');
                }
            }
        }
        return new Code(squares.getWidth(), path.toString());
    }

    private static BitMatrix squares(String text) {
        try {
            return new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    QUIET,
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
        } catch (WriterException e) {
            throw new IllegalStateException("an address too long for a code", e);
        }
    }

    /** For a dark terminal as for a light one: two rows of squares a line, dark on light by its colours. */
    static String inTheTerminal(Standing open) {
        String name = open.names().get(0);
        BitMatrix squares = squares(joining(open, name));
        StringBuilder text = new StringBuilder("\n");
        for (int y = 0; y < squares.getHeight(); y += 2) {
            text.append("  \u001b[30;47m");
            for (int x = 0; x < squares.getWidth(); x++) {
                boolean upper = squares.get(x, y);
                boolean lower = y + 1 < squares.getHeight() && squares.get(x, y + 1);
                text.append(upper && lower ? '█' : upper ? '▀' : lower ? '▄' : ' ');
            }
            text.append("\u001b[0m\n");
        }
        return text.append("\nOpen to the shop’s network at ")
                .append(open.address(name))
                .append("\nPasscode ")
                .append(open.passcode().shown())
                .append(". Who joins may: ")
                .append(open.may().words())
                .append(".\nThe tablet warns once of a certificate it does not know. It begins with ")
                .append(open.authority().fingerprint())
                .append("\n")
                .toString();
    }
}
