package org.antevid.core.crew;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What makes two steps the same piece of work, whoever does it and whenever. */
public record StepKey(Step.Kind kind, Optional<String> stem, Optional<Work> work) {
    public static StepKey of(Step s) {
        return new StepKey(s.kind(), s.stem(), s.work());
    }

    /** @return for a record that is kept: it stays the same when a thing is called something else */
    public String kept() {
        return Stream.of(
                        Optional.of(kind.name()),
                        stem,
                        work.map(w -> w.kind().name()),
                        work.flatMap(w -> w.about().or(w::on)),
                        work.flatMap(Work::atM).map(String::valueOf))
                .map(part -> part.orElse(""))
                .collect(Collectors.joining("/"));
    }
}
