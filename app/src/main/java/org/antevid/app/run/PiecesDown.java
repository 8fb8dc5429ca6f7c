package org.antevid.app.run;

import java.time.Instant;
import java.util.List;
import org.antevid.core.run.Happening;
import org.antevid.core.run.PieceWent;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How pieces of trees came down, as it was told when their steps ended. */
@Service
@Transactional(readOnly = true)
public class PiecesDown {
    private final RunBook book;

    PiecesDown(RunBook book) {
        this.book = book;
    }

    /** A step that took pieces off a tree and ended. */
    public record Told(String stepId, PieceWent went, Instant at) {}

    /** @return the oldest first */
    public List<Told> of(String jobId) {
        return book.lines(jobId).stream()
                .filter(l -> l.kind == Happening.Kind.DONE && !l.detail.isEmpty())
                .map(l -> new Told(l.subject, PieceWent.valueOf(l.detail), l.at))
                .toList();
    }
}
