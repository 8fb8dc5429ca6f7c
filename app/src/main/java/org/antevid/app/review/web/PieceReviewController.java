package org.antevid.app.review.web;

import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.reader.Speech;
import org.antevid.app.review.PieceReviews;
import org.antevid.core.brief.PieceOutcome;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.run.PieceWent;
import org.antevid.core.takedown.picks.LoadGroup;
import org.antevid.core.takedown.picks.Weighing;
import org.antevid.core.takedown.pieces.Way;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pieces of trees beside what was briefed of them. */
@RestController
@RequestMapping("/api/jobs/{job}/review/pieces")
public class PieceReviewController {
    private final PieceReviews reviews;

    PieceReviewController(PieceReviews reviews) {
        this.reviews = reviews;
    }

    /**
     * Pieces of one step.
     *
     * @param numbers their turns among all of the tree
     * @param briefedKg at the heavy end, {@code more} what was weighed over it, less one
     * @param lineLookedOver its line has taken more than was reckoned: looked over, or retired, before it is used again
     */
    record PieceCameView(
            List<Integer> numbers,
            Way way,
            String wayWords,
            @Shown(in = Dimension.MASS, to = Side.UP) double briefedKg,
            @Shown(in = Dimension.MASS, to = Side.NEAREST) Optional<Double> weighedKg,
            @Shown(in = Dimension.SHARE, to = Side.NEAREST) Optional<Double> more,
            @Shown(in = Dimension.FORCE, to = Side.UP) Optional<Double> lineN,
            int briefedMin,
            Optional<Integer> tookMin,
            PieceWent went,
            String wentWords,
            boolean lineLookedOver) {}

    /** What the load display says of one group of a tree. */
    record WeightsOfTree(
            LoadGroup group,
            String words,
            int readings,
            @Shown(in = Dimension.TIMES, to = Side.UP) double factor) {}

    /** A tree that came down in pieces. */
    record TreeInPieces(String stem, List<PieceCameView> pieces, List<WeightsOfTree> weights) {}

    /** Every tree of the job that came down in pieces, each piece beside what was briefed of it. */
    @GetMapping
    @Needs(Needs.Right.READ)
    List<TreeInPieces> pieces(@PathVariable String job) {
        return reviews.of(job).stream()
                .map(t -> new TreeInPieces(
                        t.stem(),
                        t.pieces().stream().map(PieceReviewController::piece).toList(),
                        t.came().stream().map(PieceReviewController::weights).toList()))
                .toList();
    }

    private static PieceCameView piece(PieceOutcome p) {
        return new PieceCameView(
                p.numbers(),
                p.way(),
                Speech.words().term(p.way()),
                p.briefedKg(),
                p.weighedKg(),
                p.more(),
                p.lineN(),
                p.briefedMin(),
                p.tookMin(),
                p.went(),
                Speech.words().term(p.went()),
                p.lineLookedOver());
    }

    private static WeightsOfTree weights(Weighing.Came c) {
        return new WeightsOfTree(c.group(), Speech.words().term(c.group()), c.readings(), c.factor());
    }
}
