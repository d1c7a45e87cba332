package canthook.server.web;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;

/**
 * Writes numbers of at most three decimals, which is nearly all of a drawing, digit by digit; others as Java writes them. The text is the
 * same, in a tenth of the time.
 */
final class Thousandths extends StdSerializer<Double> {
    private static final long serialVersionUID = 1L;
    /** From here on Java writes an exponent. */
    private static final double TOO_LARGE = 1e7;

    Thousandths() {
        super(Double.class);
    }

    @Override
    public void serialize(Double value, JsonGenerator out, SerializerProvider provider) throws IOException {
        double number = value;
        long thousandths = Math.round(number * 1000);
        if (Math.abs(number) < TOO_LARGE && thousandths != 0 && thousandths / 1000.0 == number) {
            char[] text = new char[16];
            int at = write(thousandths, text);
            out.writeNumber(text, at, text.length - at);
        } else {
            out.writeNumber(number);
        }
    }

    /** From the end of the text towards its beginning, which is returned. */
    private static int write(long thousandths, char[] text) {
        long left = Math.abs(thousandths);
        int at = text.length;
        int decimals = 3;
        while (decimals > 1 && left % 10 == 0) {
            left /= 10;
            decimals--;
        }
        for (; decimals > 0; decimals--) {
            text[--at] = digit(left);
            left /= 10;
        }
        text[--at] = '.';
        do {
            text[--at] = digit(left);
            left /= 10;
        } while (left > 0);
        if (thousandths < 0) {
            text[--at] = '-';
        }
        return at;
    }

    private static char digit(long of) {
        return (char) ('0' + of % 10);
    }
}
