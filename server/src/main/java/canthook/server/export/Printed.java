package canthook.server.export;

import canthook.board.Blank;
import canthook.building.JigToBuild;
import canthook.figure.BoringTemplates;
import canthook.figure.Figure;
import canthook.figure.PlateTemplate;
import canthook.figure.StickFigure;
import canthook.figure.TemplateFigure;
import canthook.plan.BatchWish;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.saw.SheetWords;
import canthook.server.breakdown.BreakdownAnswer;
import canthook.server.sheets.SheetAnswer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.jspecify.annotations.Nullable;

/** The papers of a box. */
enum Printed {
    SHOP_SHEET("Shop sheet", "pinned over the saw: parts, board, jig, order of work"),
    RUN_SHEET("Run sheet", "each set-up with its picture, every cut to tick"),
    BLANK_SHEET("Board", "how the parts lie on it and what it must give"),
    PANEL_SHEET("Panels", "bottom and lid, their grooves and where these stop"),
    BATCH_SHEET("Batch", "what of each box is done, the stacks at the saw, spares"),
    LABELS("Labels", "one a part, to cut out: A3 is side A of box 3"),
    JIG_SHEET("Jig to build", "its parts, from above and cut through, in which order, what is checked"),
    PLATE("Plate template, at 1:1", "where the base of a router sled is bored"),
    STICK("Stick, at 1:1", "the wall's height laid out"),
    CORNERS("Corner templates, at 1:1", "both wall ends, to lay on the wood"),
    BORING("Boring and hinge templates, at 1:1", "mortises, grips, pegs and dadoes, wall by wall");

    /**
     * One of the box as it is kept.
     *
     * @param sheets how its panels lie on the sheets of the rack, sought when it is wanted
     * @param rack which pieces of it the parts of a jig may come out of
     * @param batch the plan by which its batch is cut, sought when it is wanted; null when there is none in time
     */
    record Of(
            WorkedPlan worked,
            long revision,
            LocalDate day,
            String address,
            Supplier<@Nullable BreakdownAnswer> batch,
            Supplier<SheetAnswer> sheets,
            Function<JigToBuild, Map<String, Blank>> rack) {}

    private final String title;
    private final String about;

    Printed(String title, String about) {
        this.title = title;
        this.about = about;
    }

    String title() {
        return title;
    }

    String about() {
        return about;
    }

    /** As it stands in an address. */
    String named() {
        return name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    /** @throws Refused when no paper has that name */
    static Printed byName(String name) {
        return Arrays.stream(values())
                .filter(p -> p.named().equals(name))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "sheet",
                        "There is no paper “" + name + "”. There are "
                                + Arrays.stream(values()).map(Printed::named).collect(Collectors.joining(", "))
                                + "."));
    }

    /** Whether there is anything on it for this box. */
    boolean isFor(WorkedPlan worked) {
        BatchWish batch = worked.plan().batch();
        return switch (this) {
            case BATCH_SHEET -> batch != null && batch.count() > 1;
            case PLATE -> plate(worked).isPresent();
            case SHOP_SHEET, RUN_SHEET, BLANK_SHEET, PANEL_SHEET, LABELS, JIG_SHEET, STICK, CORNERS, BORING -> true;
        };
    }

    /** Of a jig that carries a router; empty for any other. */
    static Optional<Figure> plate(WorkedPlan worked) {
        return JigToBuild.of(worked).flatMap(jig -> PlateTemplate.of(worked, jig));
    }

    /** @throws Refused when there is none */
    static Figure bored(WorkedPlan worked) {
        return plate(worked)
                .orElseThrow(
                        () -> new Refused("sheet", "This box is not cut on a router sled: there is no plate to bore."));
    }

    /** As it is sent. */
    byte[] pdf(Of box, Paper paper) {
        String name = box.worked().plan().name();
        return switch (this) {
            case STICK -> FigurePdf.of(List.of(StickFigure.of(box.worked())), name, paper);
            case CORNERS -> FigurePdf.of(List.of(TemplateFigure.of(box.worked())), name, paper);
            case PLATE -> FigurePdf.of(List.of(bored(box.worked())), name, paper);
            case BORING -> FigurePdf.of(BoringTemplates.of(box.worked()), name, paper);
            case SHOP_SHEET -> sheet(box, paper, name, ShopSheet::fill);
            case BATCH_SHEET -> sheet(box, paper, name + ": batch", BatchSheet::fill);
            case JIG_SHEET ->
                sheet(box, paper, name + ": jig", (sheet, worked) -> JigSheet.fill(sheet, worked, box.rack()));
            case LABELS -> sheet(box, paper, name + ": labels", LabelSheet::fill);
            case RUN_SHEET -> sheet(box, paper, name + ": run sheet", RunSheet::fill);
            case BLANK_SHEET ->
                sheet(
                        box,
                        paper,
                        name + ": board",
                        (sheet, worked) ->
                                BlankSheet.fill(sheet, worked, box.batch().get()));
            case PANEL_SHEET ->
                sheet(
                        box,
                        paper,
                        name + ": panels",
                        (sheet, worked) ->
                                PanelSheet.fill(sheet, worked, box.sheets().get()));
        };
    }

    /** Fills a sheet from a plan. */
    private interface Filling {
        void fill(Sheet sheet, WorkedPlan worked) throws IOException;
    }

    /** The sheet of a jig no box stands behind. */
    static byte[] jigSheet(
            WorkedPlan worked,
            LocalDate day,
            String address,
            Paper paper,
            Function<JigToBuild, Map<String, Blank>> rack) {
        return sheet(
                worked,
                paper,
                worked.plan().name(),
                day.toString(),
                address,
                (sheet, plan) -> JigSheet.fill(sheet, plan, rack));
    }

    private static byte[] sheet(Of box, Paper paper, String title, Filling filling) {
        String about = SheetWords.of(box.worked()).wood() + " · " + box.day() + " · change " + box.revision();
        return sheet(box.worked(), paper, title, about, box.address(), filling);
    }

    private static byte[] sheet(
            WorkedPlan worked, Paper paper, String title, String about, String address, Filling filling) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            try (Sheet sheet = new Sheet(document, paper, title, about, address)) {
                filling.fill(sheet, worked);
            }
            document.getDocumentInformation().setTitle(title);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("A page that cannot be written", e);
        }
    }
}
