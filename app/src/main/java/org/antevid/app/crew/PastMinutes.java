package org.antevid.app.crew;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.antevid.app.crew.store.StepRepository;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.crew.UsualMinutes;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the house's own steps took, by what was done in them. */
@Service
@Transactional(readOnly = true)
public class PastMinutes {
    private final StepRepository steps;

    PastMinutes(StepRepository steps) {
        this.steps = steps;
    }

    /** What is done in a step, as far as its time goes. */
    private record What(Step.Kind kind, Optional<Work.Kind> work) {}

    /** Read once for as many steps as are asked for. */
    public static final class Book {
        private final Map<What, List<Integer>> took;

        private Book(Map<What, List<Integer>> took) {
            this.took = took;
        }

        public UsualMinutes of(Step.Kind kind, Optional<Work> work) {
            return UsualMinutes.of(work, took.getOrDefault(new What(kind, work.map(Work::kind)), List.of()));
        }
    }

    public Book read() {
        return new Book(steps.took().stream()
                .collect(Collectors.groupingBy(
                        r -> new What((Step.Kind) r[0], Optional.ofNullable((Work.Kind) r[1])),
                        Collectors.mapping(r -> (Integer) r[2], Collectors.toList()))));
    }
}
