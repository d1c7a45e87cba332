package canthook.server.practice;

import canthook.plan.JigChoice.Way;
import canthook.practice.Act;
import canthook.practice.Drill;
import canthook.practice.Drill.Kind;
import canthook.practice.HiddenShop;
import canthook.practice.Level;
import canthook.practice.Round;
import canthook.practice.Spaced;
import canthook.practice.Spaced.Answered;
import canthook.refusal.Refused;
import canthook.server.keeping.Damaged;
import canthook.server.keeping.StaleWrite;
import canthook.server.keeping.Unknown;
import canthook.server.practice.PracticeMapper.RoundRow;
import canthook.server.practice.PracticeView.RoundView;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Rounds and drills that are kept. A round is its seed and what was done in it: it is worked anew at every look. */
@Service
public class PracticeShop {
    private static final int SEEDS = 1_000_000;
    private static final String UNREAD = "This round is damaged and cannot be read. Begin another.";

    private final PracticeMapper rows;
    private final ObjectMapper json;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    PracticeShop(PracticeMapper rows, ObjectMapper json, Clock clock) {
        this.rows = rows;
        this.json = json;
        this.clock = clock;
    }

    /** @param seed of the shop; any when null */
    @Transactional
    public RoundView begin(Level level, Way way, @Nullable Long seed) {
        long of = seed == null ? random.nextInt(SEEDS) : seed;
        String id = "round-" + HexFormat.of().toHexDigits(random.nextLong());
        rows.begin(id, of, level.name(), way.name(), now());
        return get(id);
    }

    @Transactional(readOnly = true)
    public RoundView get(String id) {
        RoundRow row = row(id);
        try {
            return PracticeView.of(id, shop(row), acts(row));
        } catch (Refused e) {
            // what was done in it was taken once: it is the record that does not hold together any more
            throw new Damaged.Unread(UNREAD);
        }
    }

    /**
     * Does something in a round.
     *
     * @param seq number of acts the page knew of
     * @throws StaleWrite when another page was first; nothing is done then
     */
    @Transactional
    public RoundView act(String id, int seq, Act act) {
        RoundRow row = row(id);
        List<Act> acts = new ArrayList<>(acts(row));
        if (seq != acts.size()) {
            throw new StaleWrite("This round", seq, acts.size());
        }
        if (acts.size() >= Round.MOST_ACTS) {
            throw new Refused("act", "Enough was done in this round: look at what was hidden, or begin another.");
        }
        acts.add(act);
        RoundView after = PracticeView.of(id, shop(row), acts);
        if (rows.add(id, seq, write(act), now()) == 0) {
            throw new StaleWrite("This round", seq, acts(row).size());
        }
        return after;
    }

    /** The drill that is due. */
    @Transactional(readOnly = true)
    public Drill next() {
        List<Answered> answered = answered();
        Spaced next = Spaced.next(answered);
        return Drill.of(next.kind(), next.subject(), 7919L * answered.size() + 17);
    }

    /** Answers a drill, and gives it back. */
    @Transactional
    public Drill answer(Kind kind, String subject, long seed, int choice) {
        if (!Drill.subjects(kind).contains(subject)) {
            throw new Refused("subject", "There is no such drill.");
        }
        Drill drill = Drill.of(kind, subject, seed);
        if (choice < 0 || choice >= drill.choices().size()) {
            throw new Refused("choice", "There is no such answer.");
        }
        rows.answer(kind.name(), subject, seed, choice, choice == drill.right() ? 1 : 0, now());
        return drill;
    }

    /** Everything answered so far, oldest first; what a later version asked is passed over. */
    @Transactional(readOnly = true)
    public List<Answered> answered() {
        List<Spaced> known = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            Drill.subjects(kind).forEach(subject -> known.add(new Spaced(kind, subject)));
        }
        return rows.drills().stream()
                .filter(d -> known.stream()
                        .anyMatch(s ->
                                s.kind().name().equals(d.kind()) && s.subject().equals(d.subject())))
                .map(d -> new Answered(Kind.valueOf(d.kind()), d.subject(), d.isRight() == 1))
                .toList();
    }

    /** A round as it stands in a list. */
    public record RoundLine(
            String id, String startedAt, String level, String way, int cuts, int spoilt, boolean made, boolean over) {}

    @Transactional(readOnly = true)
    public List<RoundLine> newest(int most) {
        List<RoundLine> lines = new ArrayList<>();
        for (RoundRow row : rows.newest(most)) {
            lines.add(line(row));
        }
        return lines;
    }

    private RoundLine line(RoundRow row) {
        HiddenShop shop = shop(row);
        String way = shop.plan().jig().way().words();
        try {
            Round round = Round.of(shop, acts(row));
            return new RoundLine(
                    row.id(),
                    row.startedAt(),
                    shop.level().words(),
                    way,
                    round.cuts(),
                    round.spoilt(),
                    round.isMade(),
                    round.isOver());
        } catch (Damaged.Unread | Refused e) {
            return new RoundLine(row.id(), row.startedAt(), "Damaged, cannot be read", way, 0, 0, false, true);
        }
    }

    private RoundRow row(String id) {
        RoundRow row = rows.find(id);
        if (row == null) {
            throw new Unknown("round", id);
        }
        return row;
    }

    private static HiddenShop shop(RoundRow row) {
        return HiddenShop.of(row.seed(), Level.valueOf(row.level()), Way.valueOf(row.way()));
    }

    private List<Act> acts(RoundRow row) {
        List<Act> acts = new ArrayList<>();
        for (String act : rows.acts(row.id())) {
            try {
                acts.add(json.readValue(act, Act.class));
            } catch (JsonProcessingException e) {
                throw new Damaged.Unread(UNREAD);
            }
        }
        return acts;
    }

    private String write(Act act) {
        try {
            return json.writeValueAsString(act);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("An act that cannot be written", e);
        }
    }

    private String now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
    }
}
