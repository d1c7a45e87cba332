package canthook.server.practice;

import canthook.figure.Figure;
import canthook.figure.PracticeFigures;
import canthook.plan.JigChoice.Way;
import canthook.practice.Act;
import canthook.practice.Drill;
import canthook.practice.Drill.Kind;
import canthook.practice.Level;
import canthook.practice.Spaced.Answered;
import canthook.refusal.Refused;
import canthook.server.practice.PracticeShop.RoundLine;
import canthook.server.practice.PracticeView.RoundView;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The practice shop and the drills. */
@RestController
@RequestMapping("/api/practice")
public class PracticeApi {
    private static final int LISTED = 12;
    private final PracticeShop shop;

    PracticeApi(PracticeShop shop) {
        this.shop = shop;
    }

    /** @param seed of the shop; any when null: two who enter the same meet the same shop */
    public record NewRound(Level level, Way way, @Nullable Long seed) {
        public NewRound {
            Refused.ifMissing("level", "How much is hidden", level);
            Refused.ifMissing("way", "Which jig", way);
        }
    }

    /** @param seq number of acts the page knew of */
    public record Done(Integer seq, Act act) {
        public Done {
            Refused.ifMissing("seq", "The number of acts", seq);
            Refused.ifMissing("act", "What was done", act);
        }
    }

    /** A level, before it is entered. */
    public record LevelView(Level level, String words, String hides) {}

    /** A way of indexing to practise, and a picture of what is moved there. */
    public record PracticeWay(Way way, String words, Figure figure) {}

    /** How it went with one kind of drill. */
    public record Progress(Kind kind, String words, int answered, int right) {}

    /** The practice place as it is entered. */
    public record PracticePlaceView(
            List<LevelView> levels, List<PracticeWay> ways, List<RoundLine> rounds, List<Progress> progress) {}

    /** A drill that is asked. */
    public record DrillView(
            Kind kind,
            String words,
            String subject,
            long seed,
            String question,
            List<String> choices,
            List<Figure> figures) {}

    /** An answer to it. */
    public record DrillAnswer(Kind kind, String subject, Long seed, Integer choice) {
        public DrillAnswer {
            Refused.ifMissing("kind", "Which drill", kind);
            Refused.ifMissing("subject", "What it is about", subject);
            Refused.ifMissing("seed", "Which one", seed);
            Refused.ifMissing("choice", "The answer", choice);
        }
    }

    /**
     * What comes of it.
     *
     * @param right index of the right choice
     */
    public record DrillResult(boolean isRight, int right, String why, List<Figure> figures, List<Progress> progress) {}

    @GetMapping
    PracticePlaceView place() {
        return new PracticePlaceView(
                Arrays.stream(Level.values())
                        .map(l -> new LevelView(l, l.words(), l.hides()))
                        .toList(),
                Arrays.stream(Way.values())
                        .map(w -> new PracticeWay(w, w.words(), PracticeFigures.still(w)))
                        .toList(),
                shop.newest(LISTED),
                progress());
    }

    @PostMapping("/rounds")
    @ResponseStatus(HttpStatus.CREATED)
    RoundView begin(@RequestBody NewRound wanted) {
        return shop.begin(wanted.level(), wanted.way(), wanted.seed());
    }

    @GetMapping("/rounds/{id}")
    RoundView round(@PathVariable String id) {
        return shop.get(id);
    }

    @PostMapping("/rounds/{id}/acts")
    RoundView act(@PathVariable String id, @RequestBody Done done) {
        return shop.act(id, done.seq(), done.act());
    }

    @GetMapping("/drill")
    DrillView drill() {
        Drill drill = shop.next();
        return new DrillView(
                drill.kind(),
                drill.kind().words(),
                drill.subject(),
                drill.seed(),
                drill.question(),
                drill.choices(),
                PracticeFigures.asked(drill));
    }

    @OpenTo(May.READ)
    @PostMapping("/drill")
    DrillResult answer(@RequestBody DrillAnswer answer) {
        Drill drill = shop.answer(answer.kind(), answer.subject(), answer.seed(), answer.choice());
        return new DrillResult(
                answer.choice() == drill.right(),
                drill.right(),
                drill.why(),
                PracticeFigures.answered(drill, answer.choice()),
                progress());
    }

    private List<Progress> progress() {
        List<Answered> answered = shop.answered();
        return Arrays.stream(Kind.values())
                .map(kind -> new Progress(
                        kind,
                        kind.words(),
                        (int) answered.stream().filter(a -> a.kind() == kind).count(),
                        (int) answered.stream()
                                .filter(a -> a.kind() == kind && a.right())
                                .count()))
                .toList();
    }
}
