package org.antevid.core.tangle.picture;

import java.util.List;
import java.util.Optional;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.beam.BeamWood;

/**
 * A stem of the tangle with what was seen of it.
 *
 * @param plate turned up with it
 * @param bow bent between two holds
 * @param notSeen parts nobody could look at
 * @param kerf what a first cut showed since it was last looked at
 * @param dragLine by which it is to be dragged away
 * @param lookAgain something happened since it was last looked at
 * @param sections pieces that were cut off it while it hung
 * @param partOf the stem it was torn from
 */
public record Member(
        StemReading reading,
        Optional<Pose> pose,
        Optional<Plate> plate,
        Optional<Bow> bow,
        List<Hidden> notSeen,
        Optional<KerfReading> kerf,
        boolean lockedInFork,
        Optional<LookAgain> lookAgain,
        Optional<DragLine> dragLine,
        Optional<TiedOff> tiedOff,
        int sections,
        Optional<PartOf> partOf) {
    private static final double CUT_M = 0.1;
    private static final double TIP_D_M = 0.03;
    private static final double SOFT_GPA = 6.75;
    private static final double MEDIUM_GPA = 9;
    private static final double STIFF_GPA = 11.5;

    /**
     * A raised plate, metres.
     *
     * @param psiDeg turn from the standing position
     */
    public record Plate(double widthM, double heightM, double thickM, double psiDeg) {}

    /** @param chordM from hold to hold */
    public record Bow(double chordM, double riseM) {}

    /** A part of the stem nobody could see. */
    public record Hidden(double fromM, double toM) {}

    public String label() {
        return reading.label();
    }

    public boolean hung() {
        return reading.state() == StemState.HUNG;
    }

    /** @return length by its pose, else what its height was at most; empty when nobody measured it */
    public Optional<Double> lengthM() {
        return pose.map(p -> p.lengthM() + p.sigmaM()).or(() -> reading.height().map(h -> h.high()));
    }

    /** @return how heavy it can be at most, kg; empty when it was not measured */
    public Optional<Double> massHighKg() {
        return mass().map(StemMass::massHighKg);
    }

    Optional<StemMass> mass() {
        return reading.mass(CUT_M);
    }

    /** @return diameter at the butt, high */
    public Optional<Double> buttDM() {
        return reading.dbh().map(d -> d.high());
    }

    /** @return diameter along the stem as it is drawn and reckoned: a straight taper */
    public Optional<Double> diameterM(double xM) {
        return buttDM().flatMap(d -> lengthM().map(l -> d + (TIP_D_M - d) * Math.min(1, xM / l)));
    }

    double tipDM() {
        return TIP_D_M;
    }

    /** @return whether a plate stands up with it, or may */
    public boolean rootPlate() {
        return plate.isPresent()
                || reading.state() == StemState.LYING
                        && reading.defect(DefectKind.LIFTED_ROOT_PLATE).isPresent();
    }

    /** @return branches as a share of the stem's weight */
    double branchesRel() {
        return mass().map(m -> m.stemKg() > 0 ? m.crownKg() / m.stemKg() : 0).orElse(0.0);
    }

    /** @return the class of its wood as a beam */
    public BeamWood wood() {
        double moe = reading.species().wood().moeGPa();
        return moe < SOFT_GPA
                ? BeamWood.SOFT
                : moe < MEDIUM_GPA ? BeamWood.MEDIUM : moe < STIFF_GPA ? BeamWood.STIFF : BeamWood.VERYSTIFF;
    }

    GuardRing.State state() {
        return switch (reading.state()) {
            case HUNG -> GuardRing.State.HUNG;
            case LYING, FELLED, CUT_UP -> GuardRing.State.LYING;
            case STANDING, SET_UP_AGAIN ->
                // what is torn at its foot and still stands comes down like a hung one
                reading.defect(DefectKind.BROKEN_BASE).isPresent() ? GuardRing.State.HUNG : GuardRing.State.TILTED;
        };
    }

    /** @return from butt to tip, or its foot twice where nobody entered how it lies */
    public List<Spot> axis() {
        Spot foot = reading.at();
        return pose.map(p -> List.of(p.butt().at(), p.tip().at())).orElse(List.of(foot, foot));
    }
}
