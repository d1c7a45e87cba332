package canthook.server.book;

import canthook.refusal.Refused;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A photo as it is kept: encoded anew as JPEG, upright as it was held, no side longer than a screen’s; where and when it was taken is not
 * kept with it.
 *
 * @param small for the diary
 */
record Photo(byte[] large, byte[] small, int width, int height) {
    static final int LONGEST = 1600;
    static final int SMALL = 320;
    /** A picture of more dots than this is not opened. */
    private static final long MOST_DOTS = 80_000_000;

    private static final double QUALITY = 0.82;

    /** @throws Refused when it is no picture that can be read */
    static Photo of(byte[] sent) {
        check(sent);
        try {
            BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(sent))
                    .size(LONGEST, LONGEST)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            return new Photo(jpeg(upright, LONGEST), jpeg(upright, SMALL), upright.getWidth(), upright.getHeight());
        } catch (IOException | IllegalArgumentException e) {
            throw unread();
        }
    }

    private static byte[] jpeg(BufferedImage image, int longest) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        int size = Math.min(longest, Math.max(image.getWidth(), image.getHeight()));
        Thumbnails.of(image)
                .size(size, size)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return out.toByteArray();
    }

    /** Looks at the head alone: what is no picture, or opens to too large a one, is never opened. */
    private static void check(byte[] sent) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw unread();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                if ((long) reader.getWidth(0) * reader.getHeight(0) > MOST_DOTS) {
                    throw new Refused("photo", "The picture has more than 80 million dots. Send a smaller one.");
                }
            } finally {
                reader.dispose();
            }
        } catch (IOException e) {
            throw unread();
        }
    }

    private static Refused unread() {
        return new Refused("photo", "That is no picture this can read. Send a JPEG or a PNG; what you wrote is kept.");
    }
}
