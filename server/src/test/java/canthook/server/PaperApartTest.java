package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A paper is read at arm's length: nothing written on it lies on anything else that is written, and nothing leaves the sheet. */
@Tag("long")
class PaperApartTest extends ServerTestBase {
    /** What letters reach over and under their line, as shares of their size. */
    private static final double OVER = 0.62;

    /** How large a heading is written, in points. */
    private static final double HEADING = 10;

    /** Words that stand together, and what they take of the sheet, in points. */
    private record Written(int page, String words, Rectangle2D taken, boolean heading) {
        @Override
        public String toString() {
            return "“" + words + "” on page " + page + " at " + Math.round(taken.getX()) + " "
                    + Math.round(taken.getY());
        }
    }

    /** Reads words as they were put on the sheet, letter after letter. */
    private static final class Reader extends PDFTextStripper {
        private final List<Written> all = new ArrayList<>();
        private final StringBuilder words = new StringBuilder();
        private Rectangle2D taken = new Rectangle2D.Double();
        private boolean heading;
        private Point2D next = new Point2D.Double(-1, -1);

        List<Written> of(PDDocument document) throws IOException {
            getText(document);
            close();
            return List.copyOf(all);
        }

        @Override
        protected void endPage(PDPage page) {
            close();
        }

        @Override
        protected void processTextPosition(TextPosition letter) {
            AffineTransform at = letter.getTextMatrix().createAffineTransform();
            double size = Math.hypot(at.getScaleX(), at.getShearY());
            double wide = letter.getWidth() == 0 ? letter.getHeight() : Math.max(letter.getWidth(), 0);
            boolean upright = Math.abs(at.getShearY()) > Math.abs(at.getScaleX());
            if (upright) {
                wide = letter.getWidthDirAdj();
            }
            double x = at.getTranslateX();
            double y = at.getTranslateY();
            if (next.distance(x, y) > 0.5) {
                close();
            }
            Rectangle2D box = upright
                    ? new Rectangle2D.Double(x - OVER * size, y, OVER * size, wide)
                    : new Rectangle2D.Double(x, y, wide, OVER * size);
            if (!letter.getUnicode().isBlank()) {
                taken = words.isEmpty() ? box : taken.createUnion(box);
            }
            if (!words.isEmpty() || !letter.getUnicode().isBlank()) {
                words.append(letter.getUnicode());
            }
            heading = letter.getFont().getName().endsWith("Bold") && Math.abs(size - HEADING) < 0.1;
            next = upright ? new Point2D.Double(x, y + wide) : new Point2D.Double(x + wide, y);
        }

        private void close() {
            if (!words.toString().isBlank()) {
                all.add(new Written(getCurrentPageNo(), words.toString(), taken, heading));
            }
            words.setLength(0);
            next = new Point2D.Double(-1, -1);
        }
    }

    /** What stands at the foot of every page. */
    private static boolean isFoot(Written one) {
        return one.words().startsWith("Unplug") || one.words().contains("at 100 %");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1-germination-box.json",
                "2-envelope-drawer.json",
                "3-packet-tray.json",
                "4-drawer-batch.json",
                "5-almanac-box.json",
                "6-seed-chest.json",
                "7-sorting-tray.json",
                "8-gridded-seed-box.json",
                "9-cabinet-tray.json"
            })
    void nothingWrittenLiesOnAnythingWritten(String file) throws IOException {
        for (String display : List.of("METRIC", "FRACTION_64")) {
            String paper = display.equals("METRIC") ? "a4" : "letter";
            ObjectNode plan = demoPlan(file);
            plan.put("display", display);
            String id = post("/api/boxes", node().set("plan", plan))
                    .body()
                    .path("id")
                    .asText();
            try (PDDocument document = Loader.loadPDF(bytes("/api/boxes/" + id + "/papers.pdf?paper=" + paper))) {
                List<Written> all = new Reader().of(document);
                assertThat(all).hasSizeGreaterThan(100);
                List<String> faults = new ArrayList<>();
                for (int i = 0; i < all.size(); i++) {
                    Written one = all.get(i);
                    for (Written other : all.subList(i + 1, all.size())) {
                        if (one.page() == other.page()) {
                            Rectangle2D both = one.taken().createIntersection(other.taken());
                            if (both.getWidth() > 1 && both.getHeight() > 1) {
                                faults.add(one + " and " + other);
                            }
                        }
                    }
                }
                assertThat(faults).as("%s in %s", file, display).isEmpty();
                assertThat(all.stream().filter(Written::heading))
                        .hasSizeGreaterThan(5)
                        .allMatch(heading -> all.stream()
                                .anyMatch(other -> other.page() == heading.page()
                                        && other.taken().getMaxY()
                                                < heading.taken().getY()
                                        && !isFoot(other)));
            }
        }
    }
}
