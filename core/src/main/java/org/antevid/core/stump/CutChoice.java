package org.antevid.core.stump;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.StemMass;

/**
 * What the leader settles about the cuts of one stem. Every empty measure follows the rule of the type of cut. Metres
 * on the wood, inside the bark; what is outside a type of cut's range is a note and never refused, what cannot be cut
 * is.
 *
 * @param backCut empty: straight in for an upright stem, bored with a strap where lean, pull or wood asks
 * @param hingeLeftM 0.005..0.6
 * @param depthM of the notch
 * @param faceDeg 20..110
 * @param barkM one bark, 0..0.2; empty while nobody looked
 * @param alongM stem at the cut along the lay, over the bark; empty: by the taper from 1.3 m
 * @param acrossM the same square to the lay
 * @param reason why this type of cut and not the house's
 * @param opened what the opened face showed
 */
public record CutChoice(
        Optional<BackCut> backCut,
        FaceOrder faceOrder,
        Optional<Double> hingeLeftM,
        Optional<Double> hingeRightM,
        Optional<Double> depthM,
        Optional<Double> faceDeg,
        Optional<Double> stepM,
        Optional<Double> strapM,
        Optional<Double> barkM,
        Optional<Double> alongM,
        Optional<Double> acrossM,
        String reason,
        Set<Technique> techniques,
        Optional<OpenedFace> opened) {
    public static final CutChoice BY_THE_RULE = new CutChoice(
            Optional.empty(),
            FaceOrder.SLOPING_FIRST,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            "",
            Set.of(),
            Optional.empty());
    private static final double KERF_M = 0.008;

    public CutChoice {
        hingeLeftM.ifPresent(v -> Require.within(v, 0.005, 0.6, "hingeLeftM"));
        hingeRightM.ifPresent(v -> Require.within(v, 0.005, 0.6, "hingeRightM"));
        depthM.ifPresent(v -> Require.within(v, 0.01, 2.5, "depthM"));
        faceDeg.ifPresent(v -> Require.within(v, 20, 110, "faceDeg"));
        stepM.ifPresent(v -> Require.within(v, -0.1, 0.3, "stepM"));
        strapM.ifPresent(v -> Require.within(v, 0.005, 1, "strapM"));
        barkM.ifPresent(v -> Require.within(v, 0, 0.2, "barkM"));
        alongM.ifPresent(v -> Require.within(v, 0.05, 5, "alongM"));
        acrossM.ifPresent(v -> Require.within(v, 0.05, 5, "acrossM"));
        techniques = techniques.isEmpty() ? Set.of() : Set.copyOf(EnumSet.copyOf(techniques));
    }

    /**
     * @param overBarkM stem at the cut by the taper, for an axis that was not measured
     * @return the wood inside the bark; bark that nobody looked at is taken for none, which the card says
     * @throws RefusedInput {@code BARK_TOO_THICK} when no wood is left
     */
    public Oval wood(double overBarkM, double layDeg) {
        double bark = barkM.orElse(0.0);
        double along = alongM.orElse(overBarkM) - 2 * bark;
        double across = acrossM.orElse(alongM.orElse(overBarkM)) - 2 * bark;
        if (!(along >= 0.05 && across >= 0.05)) {
            throw new RefusedInput(
                    Message.of(Refusal.BARK_TOO_THICK)
                            .with("over", Arg.of(Dimension.HEIGHT, Math.min(along, across) + 2 * bark)),
                    "barkM");
        }
        return new Oval(along, across, layDeg);
    }

    /**
     * @return the stump as it is to be cut
     * @throws RefusedInput naming the measure that cannot be cut and what would be right
     */
    public CutCard.Stump stump(
            School school,
            Oval wood,
            double layDeg,
            Condition condition,
            double forwardLeanDeg,
            double slopeAlongDeg,
            CutCard.Bar bar,
            CutCard.MovedBy movedBy,
            double flare) {
        double dLay = wood.along(layDeg);
        Optional<Double> share = depthM.map(d -> d / dLay);
        share.filter(s -> s < 0.1 - 1e-9 || s > 0.6 + 1e-9).ifPresent(s -> {
            throw new RefusedInput(
                    Message.of(s >= 1 ? Refusal.NOTCH_DEEPER_THAN_STEM : Refusal.NOTCH_DEPTH)
                            .with("is", Arg.of(Dimension.SHORT, depthM.orElseThrow()))
                            .with("low", Arg.up(Dimension.SHORT, 0.1 * dLay))
                            .with("high", Arg.down(Dimension.SHORT, 0.6 * dLay))
                            .with("wood", Arg.of(Dimension.SHORT, dLay)),
                    "depthM");
        });
        double notch = depthM.orElse(school.depthShare().usual() * dLay);
        double most = dLay - notch - CutCard.LEAST_BEHIND_M;
        if (hingeLeftM.orElse(0.0) > most + 1e-9 || hingeRightM.orElse(0.0) > most + 1e-9) {
            throw new RefusedInput(
                    Message.of(Refusal.NO_ROOM_BEHIND_HINGE)
                            .with("least", Arg.of(Dimension.SHORT, CutCard.LEAST_BEHIND_M))
                            .with("most", Arg.down(Dimension.SHORT, Math.max(0, most))),
                    hingeLeftM.orElse(0.0) >= hingeRightM.orElse(0.0) ? "hingeLeftM" : "hingeRightM");
        }
        return new CutCard.Stump(
                school,
                dLay,
                wood.across(layDeg),
                share,
                faceDeg,
                condition,
                forwardLeanDeg,
                slopeAlongDeg,
                bar,
                0.1,
                0.04,
                0,
                movedBy,
                new CutCard.Own(hingeLeftM, hingeRightM, stepM, strapM),
                barkM.orElse(0.0),
                flare);
    }

    public static CutCard.Bar bar(double lengthM) {
        return new CutCard.Bar(lengthM, 0.085, KERF_M);
    }

    /**
     * @return flare to count at this height: none where the cut was measured, else what is assumed of a butt nobody
     *     measured
     */
    public double flare(double cutHeightM) {
        return alongM.isPresent() ? 1 : StemMass.flare(cutHeightM);
    }

    /** @return the same with both ends of the hinge so thick, metres */
    public CutChoice hinge(double thickM) {
        return new CutChoice(
                backCut,
                faceOrder,
                Optional.of(thickM),
                Optional.of(thickM),
                depthM,
                faceDeg,
                stepM,
                strapM,
                barkM,
                alongM,
                acrossM,
                reason,
                techniques,
                opened);
    }

    /** @return the same with a strap of this thickness where the leader set none, metres inside the bark */
    public CutChoice strap(double thickM) {
        return strapM.isPresent()
                ? this
                : new CutChoice(
                        backCut,
                        faceOrder,
                        hingeLeftM,
                        hingeRightM,
                        depthM,
                        faceDeg,
                        stepM,
                        Optional.of(thickM),
                        barkM,
                        alongM,
                        acrossM,
                        reason,
                        techniques,
                        opened);
    }

    public CutChoice opened(OpenedFace face) {
        return new CutChoice(
                backCut,
                faceOrder,
                hingeLeftM,
                hingeRightM,
                depthM,
                faceDeg,
                stepM,
                strapM,
                barkM,
                alongM,
                acrossM,
                reason,
                techniques,
                Optional.of(face));
    }

    /** @return the same with nothing the leader set himself: what the rule would say */
    public CutChoice measuresByTheRule() {
        return new CutChoice(
                backCut,
                faceOrder,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                barkM,
                alongM,
                acrossM,
                reason,
                techniques,
                opened);
    }
}
