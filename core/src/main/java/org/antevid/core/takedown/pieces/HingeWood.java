package org.antevid.core.takedown.pieces;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;

/**
 * Where a hinge aloft is relied on to bend until the top has gone over: in wood that is sound or at most strained, away
 * from every recorded fault. Dead, frozen, decayed wood breaks early; what nobody looked at is relied on nowhere.
 * Practice rule.
 *
 * @param bends whether outer wood and crown are good enough anywhere
 * @param faults heights between which it is not relied on, each a little beyond the fault
 */
record HingeWood(boolean bends, List<Span> faults) {
    private static final Set<DefectKind> SPOILS = EnumSet.of(
            DefectKind.CRACK,
            DefectKind.SPLIT_UNION,
            DefectKind.INCLUDED_BARK,
            DefectKind.CAVITY,
            DefectKind.DECAY_POCKET,
            DefectKind.FUNGUS,
            DefectKind.DEAD_TOP,
            DefectKind.LIGHTNING_SCAR,
            DefectKind.FIRE_SCAR,
            DefectKind.METAL,
            DefectKind.INSECTS,
            DefectKind.LOOSE_BARK,
            DefectKind.PREVIOUS_CUTS);

    /** A fault is rarely seen to its end (judgement). */
    private static final double BEYOND_M = 0.3;

    record Span(double fromM, double toM) {}

    HingeWood {
        faults = List.copyOf(faults);
    }

    static HingeWood of(StemReading r) {
        double worst = Math.min(r.wood().outer().factor(), r.wood().crown().factor());
        return new HingeWood(
                worst >= Condition.STRESSED.factor(),
                r.defects().stream()
                        .filter(d -> SPOILS.contains(d.kind()))
                        .map(d -> new Span(d.fromM() - BEYOND_M, Math.max(d.fromM(), d.toM()) + BEYOND_M))
                        .toList());
    }

    boolean trusted(double atM) {
        return bends && faults.stream().noneMatch(s -> atM >= s.fromM && atM <= s.toM);
    }
}
