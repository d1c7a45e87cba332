package canthook.server.book;

import canthook.figure.Figure;
import canthook.figure.FitFigures;
import canthook.figure.GapFigures;
import canthook.figure.MoveFigure;
import canthook.figure.PracticeFigures;
import canthook.figure.StandingFigure;
import canthook.figure.StickFigure;
import canthook.fit.Fit;
import canthook.judgement.Call;
import canthook.judgement.Hint;
import canthook.judgement.Judgement;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.BoxPlan;
import canthook.plan.JigChoice.Way;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.practice.Act;
import canthook.practice.HiddenShop;
import canthook.practice.Level;
import canthook.practice.Round;
import canthook.refusal.Refused;
import canthook.saw.Pace;
import canthook.saw.SawEvent;
import canthook.server.book.BookEntry.Kind;
import canthook.server.book.BookMapper.EntryRow;
import canthook.server.book.BookMapper.RunEventRow;
import canthook.server.rack.ShopFloor;
import canthook.shop.GapAt;
import canthook.shop.TestCut;
import canthook.verdict.Verdict;
import canthook.working.Quantity;
import canthook.working.Show;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads a row as an entry: what it is in a sentence, what was decided then, and a small drawing of it. */
@Component
class EntryReader {
    private final BookMapper rows;
    private final ShopFloor floor;
    private final ObjectMapper json;

    EntryReader(BookMapper rows, ShopFloor floor, ObjectMapper json) {
        this.rows = rows;
        this.floor = floor;
        this.json = json;
    }

    /** What a row says. */
    private record Said(
            String about,
            String says,
            List<String> lines,
            @Nullable Figure figure) {
        static Said of(String says, List<String> lines, @Nullable Figure figure) {
            return new Said("", says, lines, figure);
        }
    }

    /** The entry of a row; one that cannot be read says so and is no less there. */
    BookEntry read(EntryRow row, List<Long> photos) {
        Kind kind = Kind.of(row.kind());
        Said said;
        try {
            said = said(kind, row);
        } catch (JsonProcessingException | IllegalArgumentException | Refused e) {
            said = Said.of("This entry is damaged and cannot be read.", List.of(), null);
        }
        return new BookEntry(
                kind,
                kind.words(),
                row.ref(),
                row.box(),
                row.name(),
                row.at(),
                said.about(),
                said.says(),
                said.lines(),
                row.removed() == 1,
                photos,
                said.figure());
    }

    private Said said(Kind kind, EntryRow row) throws JsonProcessingException {
        return switch (kind) {
            case TEST_CUT -> testCut(row);
            case MOVE -> move(row);
            case RUN -> run(row);
            case SPOILT -> spoilt(row);
            case GLUE_UP -> glueUp(row);
            case REPAIR -> repair(row);
            case CALL -> call(row);
            case NOTE -> note(row);
            case FINISHED -> finished(row);
            case PRACTICE -> practice(row);
            case DRILLS -> {
                String[] count = row.body().split(" ");
                yield Said.of(count[1] + " of " + count[0] + " right that day", List.of(), null);
            }
        };
    }

    private Optional<BoxPlan> plan(EntryRow row) throws JsonProcessingException {
        return row.plan() == null ? Optional.empty() : Optional.of(json.readValue(row.plan(), BoxPlan.class));
    }

    private @Nullable Figure standing(EntryRow row) throws JsonProcessingException {
        return plan(row)
                .map(p -> StandingFigure.of(Planner.work(p, floor.shop(p, List.of()))))
                .orElse(null);
    }

    private Said testCut(EntryRow row) throws JsonProcessingException {
        TestCut cut = json.readValue(row.body(), TestCut.class);
        BoxPlan plan = plan(row).orElseThrow(() -> new IllegalArgumentException("no plan"));
        WorkedPlan worked = Planner.work(plan, floor.shop(plan, List.of(cut)));
        LengthDisplay display = plan.display();
        Fit fit = worked.fit();
        Fit.Reading reading = fit.reading();
        List<String> lines = new ArrayList<>();
        lines.add("set as " + worked.jig().line(display));
        fit.verdicts().stream().map(Verdict::sentence).findFirst().ifPresent(lines::add);
        String says = cut.felt() != null
                ? "Felt: it " + cut.felt().words()
                : reading == null
                        ? "Read for another joint than the one that stands now"
                        : "Clearance " + reading.clearance().text(display) + ", wanted "
                                + fit.target().text(display);
        return Said.of(says, lines, FitFigures.joint(worked));
    }

    private Said move(EntryRow row) throws JsonProcessingException {
        Length moved =
                Objects.requireNonNull(json.readValue(row.body(), TestCut.class).moved());
        BoxPlan plan = plan(row).orElseThrow(() -> new IllegalArgumentException("no plan"));
        WorkedPlan worked = Planner.work(plan, floor.shop(plan, List.of()));
        return Said.of(
                plan.display().text(moved.abs(), Precision.FIT)
                        + (moved.isPositive()
                                ? " away from the cutter, fingers thicker"
                                : " towards the cutter, fingers thinner"),
                List.of(plan.jig().way().words()),
                MoveFigure.made(worked, moved));
    }

    private Said run(EntryRow row) throws JsonProcessingException {
        List<RunEventRow> events = rows.events(row.ref());
        List<Double> done = new ArrayList<>();
        for (RunEventRow event : events) {
            if (json.readValue(event.event(), SawEvent.class).kind() == SawEvent.Kind.DONE) {
                done.add(Instant.parse(event.at()).toEpochMilli() / 1000.0);
            }
        }
        List<String> lines = new ArrayList<>();
        Optional<WorkedPlan> worked = plan(row).map(p -> Planner.work(p, floor.shop(p, List.of())));
        worked.ifPresent(w -> lines.add("set as " + w.jig().line(w.plan().display())));
        String[] lot = row.body().split(" ");
        if (!lot[1].equals("1")) {
            lines.add("boxes " + lot[0] + " to " + (Integer.parseInt(lot[0]) + Integer.parseInt(lot[1]) - 1)
                    + ", in stacks");
        }
        if (lot[2].equals("1")) {
            lines.add("begun before a first box went together");
        }
        Pace.of(List.of(done)).ifPresent(pace -> lines.add(Math.round(pace) + " seconds from pass to pass"));
        String took = events.isEmpty()
                ? ""
                : " in "
                        + Math.max(
                                1,
                                Duration.between(
                                                Instant.parse(row.at()),
                                                Instant.parse(events.get(events.size() - 1)
                                                        .at()))
                                        .toMinutes())
                        + " min";
        return Said.of(
                done.size() + (done.size() == 1 ? " pass" : " passes") + " made" + took,
                lines,
                worked.map(StickFigure::of).orElse(null));
    }

    private Said spoilt(EntryRow row) throws JsonProcessingException {
        SawEvent event = json.readValue(row.body(), SawEvent.class);
        String wrong = String.valueOf(event.wrong()).toLowerCase(Locale.ROOT).replace('_', ' ');
        return Said.of("Part " + event.part() + " spoilt: " + wrong, List.of(), standing(row));
    }

    private Said glueUp(EntryRow row) throws JsonProcessingException {
        String[] seconds = row.body().split(" ");
        WorkedPlan worked =
                plan(row).map(p -> Planner.work(p, floor.shop(p, List.of()))).orElse(null);
        return Said.of(
                "Spread, closed and square in " + clock(seconds[0]) + " minutes, planned " + clock(seconds[1]),
                worked == null
                        ? List.of()
                        : List.of(worked.plan().glueUp().glue().words()),
                worked == null ? null : StandingFigure.of(worked));
    }

    private Said repair(EntryRow row) throws JsonProcessingException {
        String[] body = row.body().split("\n");
        GapAt gap = GapAt.valueOf(body[0]);
        WorkedPlan worked =
                plan(row).map(p -> Planner.work(p, floor.shop(p, List.of()))).orElse(null);
        LengthDisplay display =
                worked == null ? LengthDisplay.METRIC : worked.plan().display();
        return Said.of(
                "Gaps " + gap.words() + ", " + display.text(Length.mm(Double.parseDouble(body[1])), Precision.FIT)
                        + ": " + body[2],
                List.of("what makers do: " + body[3]),
                worked == null ? null : GapFigures.of(worked, gap));
    }

    private static String clock(String seconds) {
        return Show.CLOCK.number(Quantity.of(Double.parseDouble(seconds)), LengthDisplay.METRIC);
    }

    private Said call(EntryRow row) throws JsonProcessingException {
        String[] body = row.body().split(" ");
        String title = Arrays.stream(Call.values())
                .filter(c -> c.name().equals(body[0]))
                .map(Call::title)
                .findFirst()
                .orElse(body[0]);
        WorkedPlan worked =
                plan(row).map(p -> Planner.work(p, floor.shop(p, List.of()))).orElse(null);
        // why, as it is asked now; a call that was followed is often asked no more
        List<String> why = worked == null
                ? List.of()
                : Judgement.of(worked).stream()
                        .filter(h -> h.call().name().equals(body[0]))
                        .map(Hint::why)
                        .toList();
        return Said.of(
                title + (body.length > 1 && body[1].equals("FOLLOWED") ? ": done" : ": put off"),
                why,
                worked == null ? null : StandingFigure.of(worked));
    }

    private Said note(EntryRow row) throws JsonProcessingException {
        int line = row.body().indexOf('\n');
        String about = row.body().substring(0, line);
        WorkedPlan worked =
                plan(row).map(p -> Planner.work(p, floor.shop(p, List.of()))).orElse(null);
        String hangs = worked == null || about.isEmpty()
                ? about
                : worked.number(about)
                        .map(n -> n.label().toLowerCase(Locale.ROOT))
                        .orElse(about);
        return new Said(
                hangs, row.body().substring(line + 1), List.of(), worked == null ? null : StandingFigure.of(worked));
    }

    private Said finished(EntryRow row) throws JsonProcessingException {
        int line = row.body().indexOf('\n');
        String hours = row.body().substring(0, line);
        return Said.of(
                "Finished" + (hours.isEmpty() ? "" : " in " + hours(Double.parseDouble(hours))) + ". "
                        + row.body().substring(line + 1),
                List.of(),
                standing(row));
    }

    private static String hours(double hours) {
        return (hours == Math.rint(hours) ? String.valueOf((long) hours) : String.valueOf(hours))
                + (hours == 1 ? " hour" : " hours");
    }

    private Said practice(EntryRow row) throws JsonProcessingException {
        String[] body = row.body().split(" ");
        List<Act> acts = new ArrayList<>();
        for (String act : rows.acts(row.ref())) {
            acts.add(json.readValue(act, Act.class));
        }
        HiddenShop shop = HiddenShop.of(rows.seed(row.ref()), Level.valueOf(body[0]), Way.valueOf(body[1]));
        Round round = Round.of(shop, acts);
        String end = round.isMade() ? "made" : round.isOver() ? "given up" : "still open";
        return Said.of(
                shop.level().words() + ", " + shop.plan().jig().way().words() + ": " + round.cuts()
                        + (round.cuts() == 1 ? " cut, " : " cuts, ") + round.spoilt() + " spoilt, " + end,
                round.seen().stream()
                        .map(s -> String.format(Locale.ROOT, "read %.2f", s.read()))
                        .collect(Collectors.collectingAndThen(
                                Collectors.joining(", "), all -> all.isEmpty() ? List.<String>of() : List.of(all))),
                round.isOver() ? PracticeFigures.truth(round) : PracticeFigures.still(round.worked()));
    }
}
