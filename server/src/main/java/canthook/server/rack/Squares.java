package canthook.server.rack;

import canthook.building.SquareRead;
import canthook.building.Squareness;
import canthook.building.Squareness.Answer;
import canthook.building.Squareness.Grade;
import canthook.planner.WorkedPlan;
import canthook.server.keeping.Unknown;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was read off the jigs of the rack, and whether it was square enough for the joint it was read for. */
@Service
public class Squares {
    private final Rack rack;
    private final SquareMapper rows;
    private final ObjectMapper json;

    Squares(Rack rack, SquareMapper rows, ObjectMapper json) {
        this.rack = rack;
        this.rows = rows;
        this.json = json;
    }

    /** What was read once, and what it said then. */
    public record SquareKept(String at, SquareRead read, String says, Grade grade) {}

    /** What was read off a jig of the rack, the newest first. */
    @Transactional(readOnly = true)
    public List<SquareKept> of(String jig) {
        return rows.of(jig).stream()
                .map(r -> new SquareKept(r.at(), read(r.read()), r.says(), Grade.valueOf(r.grade())))
                .toList();
    }

    /**
     * Writes it on the jig.
     *
     * @throws Unknown when no such jig hangs there
     */
    @Transactional
    public void keep(String jig, SquareRead read, WorkedPlan worked, Instant at) {
        if (rack.all(Rack.Kind.JIG).stream().noneMatch(k -> k.item().id().equals(jig))) {
            throw new Unknown("jig", jig);
        }
        Squareness square = Squareness.of(read, worked);
        String says = square.answers().stream().map(Answer::says).collect(Collectors.joining(" "));
        rows.add(
                jig,
                at.truncatedTo(ChronoUnit.SECONDS).toString(),
                write(read),
                (says + " " + square.says(worked)).strip(),
                square.grade().name());
    }

    private SquareRead read(String text) {
        try {
            return json.readValue(text, SquareRead.class);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("What was read off a jig cannot be read", e);
        }
    }

    private String write(SquareRead read) {
        try {
            return json.writeValueAsString(read);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("What was read off a jig cannot be written", e);
        }
    }
}
