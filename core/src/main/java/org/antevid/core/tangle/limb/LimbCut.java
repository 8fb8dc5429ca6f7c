package org.antevid.core.tangle.limb;

import java.util.List;
import java.util.Optional;
import org.antevid.core.stem.StemMass;
import org.antevid.core.tangle.beam.BeamWood;
import org.antevid.core.tangle.beam.BindSeverity;
import org.antevid.core.tangle.beam.BindStep;
import org.antevid.core.tangle.beam.LimbBind;
import org.antevid.core.tangle.beam.Squeeze;
import org.antevid.core.tangle.beam.Support;

/**
 * How one limb is cut.
 *
 * @param squeezed where the bar is pinched
 * @param severity the worse of its shortest and its longest
 * @param massLowKg of the limb, by the range of its length
 * @param steps in their order
 */
public record LimbCut(Squeezed squeezed, BindSeverity severity, double massLowKg, double massHighKg, List<Step> steps) {
    private static final double CUT_M = 0.1;
    private static final double TIP_REL = 0.15;
    /** Twigs and leaves as a share of the wood. */
    private static final double LEAVES_REL = 0.35;

    /** The side that is squeezed. */
    public enum Squeezed {
        TOP,
        BOTTOM,
        /** of a limb bent sideways, the side it is hollow on */
        HOLLOW_SIDE,
        WHOLE_SECTION,
        NOT_KNOWN,
        NONE
    }

    /** A side of a limb; the outer one is that away from the hollow. */
    public enum Face {
        TOP,
        BOTTOM,
        HOLLOW_SIDE,
        OUTER_SIDE
    }

    /** @param depthM from that side, or what is left standing of a strap */
    public record Step(BindStep.Action action, Optional<Face> side, Optional<Double> depthM) {}

    /**
     * @param densityHighKgm3 of the green wood
     * @param stemHighKg what the stem weighs at most, empty where nobody measured it
     */
    static LimbCut of(SeenLimb limb, double densityHighKgm3, BeamWood wood, Optional<Double> stemHighKg) {
        LimbBind brief = bind(limb, limb.shortestM(), densityHighKgm3, wood, stemHighKg);
        LimbBind longest = bind(limb, limb.longestM(), densityHighKgm3, wood, stemHighKg);
        LimbBind worse = brief.severity().compareTo(longest.severity()) > 0 ? brief : longest;
        boolean turned = limb.bent() == SeenLimb.Bent.SIDEWAYS && worse.squeezed() == LimbBind.Squeezed.TOP;
        return new LimbCut(
                squeezed(worse.squeezed(), turned),
                worse.severity(),
                Math.min(brief.massKg(), longest.massKg()),
                Math.max(brief.massKg(), longest.massKg()),
                worse.sequence().stream()
                        .map(s -> new Step(s.action(), s.side().map(f -> face(f, turned)), s.depthM()))
                        .toList());
    }

    /** Seen from beside it; of one bent sideways seen from above, the side it is hollow on being the upper one. */
    private static LimbBind bind(
            SeenLimb limb, double lengthM, double densityKgm3, BeamWood wood, Optional<Double> stemHighKg) {
        LimbBind free = LimbBind.of(limb(limb, lengthM, densityKgm3, wood, Optional.empty()));
        boolean pressed = limb.carries();
        if (!pressed) {
            return free;
        }
        double armM = (lengthM - CUT_M) * Math.cos(Math.toRadians(limb.angleDeg()));
        double ownNm = Math.abs(free.momentNm());
        // it breaks at this moment, and so it carries no more than that
        double breaksNm = free.section().r() > 0 ? ownNm / free.section().r() : ownNm;
        double mostN = (breaksNm + ownNm) / armM;
        double highN = stemHighKg.map(kg -> Math.min(mostN, kg * StemMass.G)).orElse(mostN);
        // bent as it is seen, what presses it outweighs it; beneath the stem and straight, nobody knows
        double lowN = limb.bent() == SeenLimb.Bent.NOT || limb.bent() == SeenLimb.Bent.DOWN ? 0 : ownNm / armM;
        return LimbBind.of(limb(
                limb,
                lengthM,
                densityKgm3,
                wood,
                Optional.of(new LimbBind.Contact(
                        lengthM,
                        Support.Kind.GROUND,
                        0,
                        Optional.of(new LimbBind.Range(lowN, Math.max(lowN, highN)))))));
    }

    private static LimbBind.Limb limb(
            SeenLimb limb, double lengthM, double densityKgm3, BeamWood wood, Optional<LimbBind.Contact> contact) {
        return new LimbBind.Limb(
                lengthM,
                limb.thickM(),
                TIP_REL * limb.thickM(),
                densityKgm3,
                LEAVES_REL,
                wood,
                limb.angleDeg(),
                Optional.empty(),
                CUT_M,
                contact,
                Optional.empty());
    }

    private static Squeezed squeezed(LimbBind.Squeezed s, boolean turned) {
        return switch (s) {
            case TOP -> turned ? Squeezed.HOLLOW_SIDE : Squeezed.TOP;
            case BOTTOM -> Squeezed.BOTTOM;
            case WHOLE_SECTION -> Squeezed.WHOLE_SECTION;
            case NOT_KNOWN -> Squeezed.NOT_KNOWN;
            case NONE -> Squeezed.NONE;
        };
    }

    private static Face face(Squeeze.Face f, boolean turned) {
        if (turned) {
            return f == Squeeze.Face.TOP ? Face.HOLLOW_SIDE : Face.OUTER_SIDE;
        }
        return f == Squeeze.Face.TOP ? Face.TOP : Face.BOTTOM;
    }
}
