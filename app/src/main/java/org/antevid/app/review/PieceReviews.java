package org.antevid.app.review;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.briefing.Briefings;
import org.antevid.app.crew.Crews;
import org.antevid.app.run.PiecesDown;
import org.antevid.app.takedown.Cranes;
import org.antevid.core.brief.PieceOutcome;
import org.antevid.core.takedown.picks.Weighing;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Trees that came down in pieces: each piece beside what was briefed of it, and what their weights say. */
@Service
@Transactional(readOnly = true)
public class PieceReviews {
    private final Briefings briefings;
    private final PiecesDown down;
    private final Crews crews;
    private final Cranes cranes;

    PieceReviews(Briefings briefings, PiecesDown down, Crews crews, Cranes cranes) {
        this.briefings = briefings;
        this.down = down;
        this.crews = crews;
        this.cranes = cranes;
    }

    /** @param came what the load display says of this tree, group by group */
    public record OfTree(String stem, List<PieceOutcome> pieces, List<Weighing.Came> came) {}

    /** @return tree by tree, the pieces in the order they came down */
    public List<OfTree> of(String jobId) {
        List<PiecesDown.Told> done = down.of(jobId);
        Map<String, List<Weighing>> weighed = cranes.readings(jobId);
        if (done.isEmpty() && weighed.isEmpty()) {
            return List.of();
        }
        List<Briefings.Issue> issues = briefings.all(jobId);
        Map<String, Integer> took = crews.took(jobId);
        Map<String, List<PieceOutcome>> byStem = new LinkedHashMap<>();
        for (PiecesDown.Told d : done) {
            // as it was briefed when it was done
            issues.stream()
                    .filter(b -> !b.issuedAt().isAfter(d.at()))
                    .flatMap(b -> b.plan().steps().stream())
                    .filter(s -> s.id().equals(d.stepId()))
                    .reduce((a, b) -> b)
                    .ifPresent(s -> s.stem().ifPresent(stem -> PieceOutcome.of(
                                    s,
                                    d.went(),
                                    Optional.ofNullable(took.get(s.id())),
                                    weighed.getOrDefault(stem, List.of()))
                            .ifPresent(o -> byStem.computeIfAbsent(stem, x -> new ArrayList<>())
                                    .add(o))));
        }
        return Stream.concat(byStem.keySet().stream(), weighed.keySet().stream())
                .distinct()
                .map(stem -> new OfTree(
                        stem,
                        byStem.getOrDefault(stem, List.of()),
                        Weighing.came(weighed.getOrDefault(stem, List.of()))))
                .toList();
    }
}
