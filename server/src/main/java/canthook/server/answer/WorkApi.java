package canthook.server.answer;

import canthook.building.FirstCut;
import canthook.building.JigToBuild;
import canthook.figure.LadderFigure;
import canthook.length.Length;
import canthook.length.LengthDisplay;
import canthook.length.LengthReader;
import canthook.length.LengthUnit;
import canthook.length.UnreadLength;
import canthook.plan.BoxPlan;
import canthook.plan.StartingPlan;
import canthook.planner.Begun;
import canthook.planner.FirstCutter;
import canthook.planner.FirstGuess;
import canthook.planner.LidsCompared;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.server.rack.ShopFloor;
import canthook.server.sharing.May;
import canthook.server.sharing.OpenTo;
import canthook.server.web.WholeBody;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectWriter;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.ByteBuffer;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestAttribute;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Works plans, saved or not; reads lengths; knows the woods. */
@RestController
@RequestMapping("/api")
public class WorkApi {
    private static final long REMEMBERED_BYTES = 8_000_000;
    private final ObjectWriter writer;
    private final ShopFloor floor;

    /**
     * Answers as sent. A plan always works out to the same, and a bench asks the same again: back at a station, undo, redo, a
     * fix tried and then taken, the seasons slid to and fro.
     */
    private final Cache<Said, byte[]> remembered;

    WorkApi(ObjectMapper json, ShopFloor floor) {
        this.floor = floor;
        writer = json.writerFor(Answer.class);
        remembered = Caffeine.newBuilder()
                .maximumWeight(REMEMBERED_BYTES)
                .weigher((Said said, byte[] answer) -> answer.length)
                .build();
    }

    /**
     * A plan to be worked.
     *
     * @param testCuts recorded for it, oldest first; none when null
     * @param station whose figures are wanted; null for none
     * @param day of the year, 0 driest … 1 wettest; the driest when null
     * @param step which of the first cuts the jig shows; the first when null
     */
    public record WorkRequest(
            BoxPlan plan,
            @Nullable List<TestCut> testCuts,
            @Nullable String station,
            @Nullable Double day,
            @Nullable Integer step) {
        public WorkRequest {
            Refused.ifMissing("plan", "The plan", plan);
            if (testCuts != null && testCuts.size() > 500) {
                throw new Refused("testCuts", "At most 500 test cuts.");
            }
            if (day != null) {
                Refused.unlessBetween("day", "Day of the year", day, 0, 1, "");
            }
        }

        double dayOrDriest() {
            return day == null ? 0 : day;
        }

        public List<TestCut> cuts() {
            return testCuts == null ? List.of() : testCuts;
        }
    }

    /** What was asked, letter by letter, and in which shop: compared many times faster than a plan field by field. */
    private record Said(ByteBuffer body, Shop shop) {}

    /** What was asked, in which shop. */
    private record Asked(WorkRequest request, Shop shop) {
        WorkedPlan worked() {
            return Planner.work(request.plan(), shop);
        }
    }

    /** A length as typed. */
    public record LengthRequest(
            String field,
            String text,
            LengthUnit unit,
            @Nullable Length least,
            @Nullable Length most) {
        public LengthRequest {
            Refused.ifMissing("field", "The field's name", field);
            Refused.ifMissing("text", "The text", text);
            Refused.ifMissing("unit", "The unit", unit);
        }
    }

    /** A length as understood. */
    public record LengthRead(Length mm, String echo) {}

    /** Written out whole before it is sent, so that it leaves in one piece and not in chunks. */
    @OpenTo(May.READ)
    @PostMapping(value = "/work", produces = MediaType.APPLICATION_JSON_VALUE)
    @ApiResponse(content = @Content(schema = @Schema(implementation = Answer.class)))
    ResponseEntity<byte[]> work(
            @RequestBody WorkRequest request,
            @Parameter(hidden = true) @RequestAttribute(WholeBody.AS_IT_CAME) ByteBuffer asItCame)
            throws JsonProcessingException {
        Asked asked = asked(request);
        Said said = new Said(asItCame, asked.shop());
        byte[] body = remembered.getIfPresent(said);
        if (body == null) {
            body = writer.writeValueAsBytes(Answers.of(
                    asked.worked(),
                    request.station(),
                    request.dayOrDriest(),
                    request.step() == null ? 0 : request.step()));
            remembered.put(said, body);
        }
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(body);
    }

    private Asked asked(WorkRequest request) {
        return new Asked(request, floor.shop(request.plan(), request.cuts()));
    }

    @OpenTo(May.READ)
    @PostMapping("/work/rungs/{name}")
    LadderFigure rung(@PathVariable String name, @RequestBody WorkRequest request) {
        return LadderAnswer.rung(asked(request).worked(), name)
                .orElseThrow(() -> new Refused("name", "This plan's ladder has no rung called “" + name + "”."));
    }

    /** The kinds of lid beside each other: every one of them is a plan worked, so they are asked for when somebody looks. */
    @OpenTo(May.READ)
    @PostMapping("/work/lids")
    List<LidsCompared.Kind> lids(@RequestBody WorkRequest request) {
        return LidsCompared.of(asked(request).worked());
    }

    /** What a decision begins with when it is opened; what was said before is kept. */
    @OpenTo(May.READ)
    @PostMapping("/work/begun/{guess}")
    BoxPlan begun(@PathVariable FirstGuess guess, @RequestBody WorkRequest request) {
        return guess.in(asked(request).worked());
    }

    @OpenTo(May.READ)
    @PostMapping("/work/{number}")
    Answer.WorkingView working(@PathVariable String number, @RequestBody WorkRequest request) {
        if (number.startsWith(JigToBuild.STAGE)) {
            WorkedPlan worked = asked(request).worked();
            return JigToBuild.of(worked)
                    .flatMap(jig -> jig.number(number))
                    .map(n -> Answers.working(n, worked.plan().display()))
                    .orElseThrow(() -> new Refused("number", "This jig has no number called “" + number + "”."));
        }
        if (number.startsWith(FirstCut.STAGE)) {
            WorkedPlan worked = asked(request).worked();
            return FirstCut.of(worked)
                    .flatMap(first -> first.number(number))
                    .map(n -> Answers.working(n, worked.plan().display()))
                    .orElseThrow(() -> new Refused("number", "This jig has no number called “" + number + "”."));
        }
        return Answers.working(asked(request).worked(), number, request.dayOrDriest())
                .orElseThrow(() -> new Refused("number", "This plan has no number called “" + number + "”."));
    }

    @OpenTo(May.READ)
    @PostMapping("/lengths")
    LengthRead length(@RequestBody LengthRequest request) {
        try {
            Length least = request.least() == null ? Length.LONGEST.negated() : request.least();
            Length most = request.most() == null ? Length.LONGEST : request.most();
            Length length = LengthReader.read(request.field(), request.text(), request.unit(), least, most);
            return new LengthRead(length, LengthDisplay.echo(length, request.unit()));
        } catch (UnreadLength e) {
            throw new Refused("text", e.getMessage() == null ? "" : e.getMessage());
        }
    }

    /** A box begun from what is known of it; with a cutter of the rack when none is said. */
    @OpenTo(May.READ)
    @PostMapping("/starting-plan")
    BoxPlan startingPlan(@RequestBody StartingPlan.Wish wish) {
        BoxPlan plan = StartingPlan.of(wish);
        Shop shop = floor.shop(plan.with(plan.fingers().withAnyCutter(true)), List.of());
        return Begun.panels(wish.saysCutter() ? plan : FirstCutter.in(plan, shop), shop);
    }
}
