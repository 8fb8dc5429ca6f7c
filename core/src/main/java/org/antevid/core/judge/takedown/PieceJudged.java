package org.antevid.core.judge.takedown;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.core.judge.Severity;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.PieceRemark;
import org.antevid.core.takedown.pieces.TakeDown;

/**
 * A piece and all that stands against it: what it hangs on and who cuts it, and what is below. Nothing stands against
 * one that has come down.
 *
 * @param below the worst first
 */
public record PieceJudged(Piece piece, boolean down, List<GroundBelow> below) {
    public PieceJudged {
        below = List.copyOf(below);
    }

    /**
     * @param foot of the stem on the plan
     * @return all pieces in their order
     */
    public static List<PieceJudged> all(TakeDown t, Site site, Spot foot) {
        return t.pieces().stream()
                .map(p -> new PieceJudged(
                        p,
                        t.down(p),
                        t.down(p)
                                ? List.of()
                                : GroundBelow.of(site, foot, p, t.below().bed())))
                .toList();
    }

    /** @return of the worst that stands against it, what is below it too */
    public Severity severity() {
        return Stream.concat(Stream.of(ofItself()), below.stream().map(GroundBelow::severity))
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    private Severity ofItself() {
        return down ? Severity.NOTE : Severity.of(piece.level());
    }

    /** @return whether it is stopped, and a shorter one is not */
    boolean tooLong() {
        return !down
                && ofItself() == Severity.STOP
                && piece.remarks().stream()
                        .filter(r -> r.level() == Finding.STOP)
                        .allMatch(PieceRemark::ofItsLength)
                && piece.longest().flatMap(Piece.Longest::lengthM).isPresent();
    }
}
