package org.antevid.core.lay;

import java.util.Optional;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.lay.sweep.StruckTarget;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Spot;

/**
 * One target against this lay. Horizontal metres.
 *
 * @param fromStumpM nearest point from the stump
 * @param clearanceM from the fan's edge, 0 when touched
 * @param struck chance to be hit; empty when out of reach, when it may be hit, or when control of the lay is not proven
 */
public record TargetCheck(
        Feature feature,
        double fromStumpM,
        double clearanceM,
        boolean inReach,
        boolean inFan,
        boolean inRing,
        Optional<StruckTarget> struck) {
    /**
     * @return whether it must not be hit and is: likelier than its worth allows, or in a fan that is the whole circle
     */
    public boolean blocks(boolean proven) {
        return feature.mustNotBeHit()
                && (proven
                        ? struck.filter(s -> s.strike().controlled() > s.limit())
                                .isPresent()
                        : inFan);
    }

    /** @return the chance to be hit; what cannot be reached is said to be out of reach, never "0 %" */
    public Arg chance(boolean proven) {
        if (!feature.mustNotBeHit()) {
            return Arg.term(feature.mayBeHit() ? NoChance.MAY_BE_HIT : NoChance.PROTECTED);
        }
        return struck.map(s -> Arg.up(Dimension.CHANCE, s.strike().controlled()))
                .orElse(Arg.term(
                        !proven && inFan
                                ? NoChance.COUNTS_AS_HIT
                                : inFan ? NoChance.THROWN_WOOD : NoChance.OUT_OF_REACH));
    }

    /** Where there is no chance to say. */
    public enum NoChance {
        MAY_BE_HIT,
        PROTECTED,
        COUNTS_AS_HIT,
        THROWN_WOOD,
        OUT_OF_REACH
    }

    static TargetCheck of(
            Feature f, Spot stump, FallZone zone, Fan fan, Optional<JudgedLay> judged, LayControl control) {
        double distance = f.shape().distanceTo(stump);
        double clearance = fan.area().distanceTo(f.shape());
        Optional<StruckTarget> struck = judged.filter(r -> control.proven())
                .flatMap(r ->
                        r.strikes().stream().filter(s -> s.id().equals(f.id())).findFirst());
        return new TargetCheck(
                f,
                distance,
                clearance,
                distance <= zone.designReachM(),
                clearance <= 0,
                distance <= zone.exclusionM(),
                struck);
    }
}
