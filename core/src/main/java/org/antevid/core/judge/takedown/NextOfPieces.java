package org.antevid.core.judge.takedown;

import java.util.List;
import java.util.Optional;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.PieceRemark;
import org.antevid.core.takedown.pieces.Proposal;
import org.antevid.core.takedown.pieces.TakeDown;

/**
 * The one thing to do next for whoever plans a tree that comes down in pieces: what has to be known first, else what
 * stops it, else to keep it, else the crane that picks it, else who does it.
 *
 * @param piece number of the one it is about; empty: it is about none
 */
public record NextOfPieces(Kind kind, Optional<Integer> piece) {
    /** What is done. */
    public enum Kind {
        /** Something of the tree is not known that no piece can be reckoned without. */
        MEASURE,
        /** The climber said No, and nothing was chosen for it. */
        CHOOSE_INSTEAD,
        /** The climber said No: the rest is planned as it was chosen for it. */
        PLAN_ANEW,
        DRAW_LIMBS,
        CHOOSE_GEAR,
        PROPOSE,
        SHORTEN,
        LOOK_AT_PIECE,
        KEEP,
        /** Something of the crane that picks it is missing, stops it or is not kept. */
        SET_UP_CRANE,
        WHO_DOES_IT
    }

    /** How the plan differs from the one that is kept. */
    public enum SinceKept {
        NOTHING,
        /** It comes down as it did: who climbs, how they are held. */
        SAME_WAY,
        ANOTHER_WAY
    }

    private static NextOfPieces of(Kind kind) {
        return new NextOfPieces(kind, Optional.empty());
    }

    /**
     * @param plan empty while something is not known
     * @param pieces of it, as they are judged
     * @param reckoned who may be aloft by the records; {@code said} as the leader says it
     * @param no the climber's that stands
     * @param crane what is next of the crane that picks what is kept; empty: none picks any of it
     */
    public static NextOfPieces of(
            Optional<TakeDown> plan,
            List<PieceJudged> pieces,
            Aloft reckoned,
            Optional<Aloft.Allowed> said,
            Optional<Situation.ClimbersNo> no,
            SinceKept since,
            Optional<NextOfCrane> crane) {
        if (plan.isEmpty()) {
            return of(Kind.MEASURE);
        }
        // what is planned another way answers the No; until that is kept it stands
        if (no.isPresent() && since != SinceKept.ANOTHER_WAY) {
            return of(no.get().fallback().isPresent() ? Kind.PLAN_ANEW : Kind.CHOOSE_INSTEAD);
        }
        TakeDown t = plan.get();
        boolean left = reckoned.allowed() == Aloft.Allowed.LEAVE
                || said.filter(Aloft.Allowed.LEAVE::equals).isPresent();
        if (t.coming().isEmpty() && left) {
            return settled(since, Optional.empty());
        }
        boolean undrawn = t.remarks().contains(PieceRemark.CROWN_NOT_DRAWN);
        if (pieces.isEmpty()) {
            return of(begun(t, reckoned, undrawn));
        }
        return pieces.stream()
                .filter(PieceJudged::tooLong)
                .findFirst()
                .map(p -> about(Kind.SHORTEN, p))
                .or(() -> pieces.stream()
                        .filter(p -> p.severity() == Severity.STOP)
                        .findFirst()
                        .map(p -> undrawn && bearsCrown(t, p.piece())
                                ? of(Kind.DRAW_LIMBS)
                                : about(Kind.LOOK_AT_PIECE, p)))
                .orElseGet(() -> settled(since, crane));
    }

    /** What of the crown nobody drew goes with the stem it grows on: drawn, this piece is lighter. */
    private static boolean bearsCrown(TakeDown t, Piece p) {
        return p.cut().limb().isEmpty()
                && p.cut().atM() + p.lengthM() > t.figure().crownBaseM();
    }

    /** Nothing is cut yet. */
    private static Kind begun(TakeDown t, Aloft reckoned, boolean undrawn) {
        if (undrawn && t.figure().limbs().isEmpty() && reckoned.allowed() != Aloft.Allowed.NOBODY) {
            return Kind.DRAW_LIMBS;
        }
        return Proposal.mayHang(t.aloft()) && !t.gear().whole() ? Kind.CHOOSE_GEAR : Kind.PROPOSE;
    }

    private static NextOfPieces settled(SinceKept since, Optional<NextOfCrane> crane) {
        if (since != SinceKept.NOTHING) {
            return of(Kind.KEEP);
        }
        return of(
                crane.filter(c -> c.kind() != NextOfCrane.Kind.WHO_DOES_IT).isPresent()
                        ? Kind.SET_UP_CRANE
                        : Kind.WHO_DOES_IT);
    }

    private static NextOfPieces about(Kind kind, PieceJudged p) {
        return new NextOfPieces(kind, Optional.of(p.piece().number()));
    }
}
