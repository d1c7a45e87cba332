package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The calendar as a file, read by another program. */
class CalendarFileTest extends CalendarTestBase {
    /** What is longer than an evening is done in several goes; each is ticked, has its own event, and leaves the rest. */
    @Test
    void aLongStepIsDoneInGoes() {
        hours("18:00", "19:00", "Europe/Vienna");
        plan.set("batch", demoPlan("4-drawer-batch.json").get("batch"));
        keep();
        List<JsonNode> goes = goes(calendar(), "trim");
        assertThat(goes).hasSizeGreaterThan(1);
        assertThat(goes.get(1).get("says").asText()).endsWith("go 2 of " + goes.size());
        assertThat(events("/api/boxes/" + box + "/calendar.ics").keySet())
                .contains("trim@cant-hook", "trim~2@cant-hook");
        tick("glue", true);
        assertThat(post(
                                "/api/boxes/" + box + "/steps/trim",
                                node().put("done", true).put("part", 1))
                        .status())
                .isEqualTo(204);
        List<JsonNode> left = goes(calendar(), "trim");
        assertThat(left).hasSize(goes.size() - 1);
        assertThat(left.get(0).get("says").asText()).contains("the rest");
        assertThat(left.get(0).get("done").asBoolean()).isFalse();
        assertThat(post(
                                "/api/boxes/" + box + "/steps/trim",
                                node().put("done", true).put("part", 0))
                        .field())
                .isEqualTo("part");
        post("/api/boxes/" + box + "/steps/trim", node().put("done", true).put("part", left.size()));
        assertThat(step(calendar(), "trim").get("done").asBoolean()).isTrue();
        tick("trim", false);
        assertThat(goes(calendar(), "trim")).hasSameSizeAs(goes);
    }

    private Map<String, VEvent> events(String address) {
        Reply reply = get(address);
        assertThat(reply.status()).isEqualTo(200);
        assertThat(reply.text()).contains("TZID:Europe/Vienna").doesNotContain("http://www", "https://www");
        ICalendar read = Biweekly.parse(reply.text()).first();
        if (!read.getEvents().isEmpty()) {
            assertThat(read.validate(biweekly.ICalVersion.V2_0)).isEmpty();
        }
        return read.getEvents().stream()
                .filter(e -> e.getUid().getValue().startsWith(box + "."))
                .collect(Collectors.toMap(e -> e.getUid().getValue().substring(box.length() + 1), Function.identity()));
    }

    /**
     * Read back by another's parser: an event a step with hands, at the moment the calendar says, also on a day when the clocks are
     * changed; the same ids and a newer version when a step moves.
     */
    @Test
    void theFileIsReadByAnotherProgram() {
        LocalDateTime summer = LocalDateTime.parse("2027-07-01T10:00");
        LocalDateTime winter = LocalDateTime.parse("2028-01-10T10:00");
        ((ObjectNode) finish())
                .set("notBefore", node().put("glue", summer.toString()).put("outside.coat-1", winter.toString()));
        keep();
        Map<String, VEvent> events = events("/api/boxes/" + box + "/calendar.ics");
        assertThat(events.keySet())
                .containsExactlyInAnyOrder(
                        "cut@cant-hook",
                        "glue@cant-hook",
                        "trim@cant-hook",
                        "outside.sand@cant-hook",
                        "outside.coat-1@cant-hook",
                        "outside.coat-2@cant-hook");
        JsonNode calendar = calendar();
        for (JsonNode step : calendar.get("steps")) {
            VEvent event = events.get(step.get("id").asText() + "@cant-hook");
            if (event != null) {
                Instant from = LocalDateTime.parse(step.get("from").asText())
                        .atZone(ZONE)
                        .toInstant();
                assertThat(event.getDateStart().getValue().toInstant())
                        .as(step.get("id").asText())
                        .isEqualTo(from);
                assertThat(event.getSummary().getValue())
                        .contains(step.get("says").asText());
                assertThat(event.getDateEnd().getValue().toInstant()).isAfter(from);
            }
        }
        assertThat(events.get("glue@cant-hook").getDateStart().getValue().toInstant())
                .isEqualTo(Instant.parse("2027-07-01T08:00:00Z"));
        assertThat(events.get("outside.coat-1@cant-hook")
                        .getDateStart()
                        .getValue()
                        .toInstant())
                .isEqualTo(Instant.parse("2028-01-10T09:00:00Z"));
        int version = events.get("glue@cant-hook").getSequence().getValue();
        ((ObjectNode) finish().get("notBefore")).put("glue", "2027-07-02T10:00");
        keep();
        VEvent moved = events("/api/boxes/" + box + "/calendar.ics").get("glue@cant-hook");
        assertThat(moved.getDateStart().getValue().toInstant()).isEqualTo(Instant.parse("2027-07-02T08:00:00Z"));
        assertThat(moved.getSequence().getValue()).isGreaterThanOrEqualTo(version);
    }

    /** The address of all boxes has those somebody is at. */
    @Test
    void allBoxesHaveOneAddress() {
        assertThat(events("/api/calendar.ics")).isEmpty();
        tick("cut", true);
        assertThat(events("/api/calendar.ics").keySet()).contains("cut@cant-hook", "glue@cant-hook");
        assertThat(get("/api/boxes/no-such-box/calendar.ics").status()).isEqualTo(404);
    }
}
