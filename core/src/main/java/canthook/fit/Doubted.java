package canthook.fit;

import canthook.length.LengthDisplay;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What is to be found before anything is moved. */
record Doubted(Optional<DidNotFollow> stray, Optional<Disagrees> disagrees) {
    List<Cause> causes() {
        return Stream.concat(
                        disagrees.stream().flatMap(d -> d.causes().stream()),
                        stray.stream().flatMap(d -> d.causes().stream()))
                .distinct()
                .toList();
    }

    /** What was seen, a sentence each. */
    List<String> facts(LengthDisplay display) {
        return Stream.concat(
                        disagrees.stream().map(d -> d.fact(display)),
                        stray.stream().map(d -> d.fact(display)))
                .toList();
    }
}
