package org.antevid.core.takedown.pieces;

import java.util.Comparator;
import java.util.Optional;
import org.antevid.core.stem.DefectKind;

/**
 * One link of the chain a piece hangs on.
 *
 * @param place the fault of the stem, for {@link Kind#STEM}
 * @param force at its high end: N, of stem and foot the moment in N m
 * @param may what it carries at its low end; empty while nobody knows
 * @param share force over what it may carry; empty while that is not known
 */
public record Link(
        Kind kind,
        Optional<String> place,
        Optional<DefectKind> fault,
        Optional<Double> heightM,
        double force,
        Optional<Double> may,
        Optional<Double> share) {
    /** Above this share little is left (practice). */
    public static final double NEAR = 0.8;

    /** What it is. */
    public enum Kind {
        LINE,
        BLOCK,
        SLING,
        BRAKE,
        HAND,
        /** Draws the piece across. */
        SECOND_LINE,
        /** On the other tree. */
        FRICTION_ALOFT,
        /** Holds the friction to the other tree. */
        SECOND_SLING,
        /** Behind the friction on the other tree, out of the swing. */
        SECOND_HAND,
        /** The stem at a fault. */
        STEM,
        FOOT,
        /** The stem just below the block. */
        ANCHOR;

        /** @return whether it is bent, and its force a moment */
        public boolean bends() {
            return this == STEM || this == FOOT || this == ANCHOR;
        }

        boolean hand() {
            return this == HAND || this == SECOND_HAND;
        }
    }

    /** Over first, then what nobody knows, then by how much is used; last the hand, for which wraps are laid. */
    static final Comparator<Link> WORST = Comparator.comparingInt(Link::rank)
            .thenComparing(l -> -l.share.orElse(0.0))
            .thenComparing(Link::kind);

    private int rank() {
        if (over()) {
            return 0;
        }
        return !known() ? 1 : kind.hand() ? 3 : 2;
    }

    /** @return empty where nothing that is chosen says it */
    public Optional<Double> reckoned() {
        return Optional.of(force).filter(f -> f > 0 || known());
    }

    public boolean known() {
        return share.isPresent();
    }

    public boolean over() {
        return share.filter(s -> s > 1).isPresent();
    }

    /** @return whether little is left; wraps are laid so that the hand holds, which is no warning */
    public boolean near() {
        return !kind.hand() && share.filter(s -> s > NEAR && s <= 1).isPresent();
    }
}
