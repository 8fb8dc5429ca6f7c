package org.antevid.core.tangle.beam;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;

/** What holds of every stem on supports, over seeded ones, and the worked example. */
class BeamLawsTest {
    private static final int STEMS = 400;

    private static Support support(double x, Support.Kind kind, Support.Side side, double gap) {
        return new Support(x, kind, side, gap, kind.stiffnessNm(), kind.mu(), kind.axial());
    }

    private static LyingStem stem(
            double length, double butt, double tip, double angle, List<Support> supports, Optional<Rope> rope) {
        return new LyingStem(
                length,
                butt,
                tip,
                950,
                0.2,
                BeamWood.MEDIUM,
                angle,
                supports,
                rope,
                List.of(),
                Optional.empty(),
                0.02,
                0,
                Optional.empty(),
                Optional.empty());
    }

    private static LyingStem seeded(int seed) {
        Random r = new Random(seed);
        double length = 5 + r.nextInt(15);
        List<Support> supports = new ArrayList<>();
        int n = 2 + r.nextInt(4);
        for (int i = 0; i < n; i++) {
            Support.Kind kind = Support.Kind.values()[r.nextInt(Support.Kind.values().length)];
            Support.Side side = i > 0 && i < n - 1 && r.nextInt(3) == 0 ? Support.Side.ABOVE : Support.Side.BELOW;
            supports.add(support(
                    length * (0.03 + 0.94 * i / (n - 1) * (0.8 + 0.2 * r.nextDouble())),
                    kind,
                    side,
                    0.02 * r.nextDouble() - 0.01));
        }
        Optional<Rope> rope = r.nextInt(3) == 0
                ? Optional.of(new Rope(length * r.nextDouble(), 200 + r.nextInt(800), 60 + r.nextInt(60)))
                : Optional.empty();
        return stem(length, 0.2 + 0.3 * r.nextDouble(), 0.1, r.nextInt(50) - 25, supports, rope);
    }

    @Test
    void forcesAndMomentsBalanceAndNoContactPulls() {
        int held = 0;
        for (int seed = 0; seed < STEMS; seed++) {
            LyingStem s = seeded(seed);
            Optional<Equilibrium> rest =
                    Equilibrium.of(s.part(0, s.lengthM(), s.wood().moePa()));
            if (rest.isEmpty()) {
                continue;
            }
            held++;
            Equilibrium e = rest.get();
            double sum = 0;
            double moment = 0;
            for (int i = 0; i < s.supports().size(); i++) {
                sum += e.reactionN(i);
                moment += e.reactionN(i) * s.supports().get(i).xM();
                if (!s.supports().get(i).kind().bothWays()) {
                    assertThat(s.supports().get(i).sign() * e.reactionN(i))
                            .as("support %d of seed %d", i, seed)
                            .isGreaterThanOrEqualTo(-1e-6);
                }
            }
            Part p = e.part();
            double weight = p.loadN();
            double up = p.ropeAcrossN();
            assertThat(sum + up).as("forces, seed %d", seed).isCloseTo(weight, within(1e-6 * weight));
            double clamps = 0;
            for (double c : e.clampsNm()) {
                clamps += c;
            }
            double turning = weight * p.taper().cg(0, s.lengthM())
                    - s.rope().map(r -> up * r.xM()).orElse(0.0);
            assertThat(moment - clamps)
                    .as("moments, seed %d", seed)
                    .isCloseTo(turning, within(1e-6 * weight * s.lengthM()));
            assertThat(e.momentNm(s.lengthM()))
                    .as("nothing bends beyond the tip, seed %d", seed)
                    .isCloseTo(0, within(1e-6 * weight * s.lengthM()));
        }
        assertThat(held).isGreaterThan(STEMS / 2);
    }

    @Test
    void endForEndIsTheMirrorImage() {
        for (int seed = 0; seed < STEMS / 4; seed++) {
            Random r = new Random(seed);
            double length = 6 + r.nextInt(10);
            List<Support> supports = List.of(
                    support(0.1 * length, Support.Kind.GROUND, Support.Side.BELOW, 0),
                    support((0.3 + 0.4 * r.nextDouble()) * length, Support.Kind.OTHER_STEM, Support.Side.BELOW, 0),
                    support(0.9 * length, Support.Kind.GROUND, Support.Side.BELOW, 0));
            List<Support> turned = new ArrayList<>();
            for (int i = supports.size() - 1; i >= 0; i--) {
                Support s = supports.get(i);
                turned.add(support(length - s.xM(), s.kind(), s.side(), s.gapM()));
            }
            double cut = 0.5 * length;
            BindCut there = Bind.of(stem(length, 0.3, 0.3, 0, supports, Optional.empty()), List.of(cut))
                    .cuts()
                    .get(0);
            BindCut mirrored = Bind.of(stem(length, 0.3, 0.3, 0, turned, Optional.empty()), List.of(length - cut))
                    .cuts()
                    .get(0);
            assertThat(mirrored.momentNm()).isCloseTo(there.momentNm(), within(1e-3));
            assertThat(mirrored.section().squeeze()).isEqualTo(there.section().squeeze());
            assertThat(mirrored.severity()).isEqualTo(there.severity());
            assertThat(mirrored.buttPart().act()).isEqualTo(there.tipPart().act());
        }
    }

    /** Two supports, one cut between them: by hand. */
    @Test
    void theWorkedExample() {
        LyingStem log = new LyingStem(
                10,
                0.3,
                0.3,
                1000,
                0,
                BeamWood.MEDIUM,
                0,
                List.of(
                        support(1, Support.Kind.GROUND, Support.Side.BELOW, 0),
                        support(8, Support.Kind.GROUND, Support.Side.BELOW, 0)),
                Optional.empty(),
                List.of(new Clearance.Point(4, 0.5)),
                Optional.empty(),
                0.02,
                0,
                Optional.empty(),
                Optional.empty());
        BindCut cut = Bind.of(log, List.of(4.0)).cuts().get(0);
        assertThat(cut.momentNm()).isCloseTo(3368.1, within(0.1));
        assertThat(cut.shearN()).isCloseTo(198.1, within(0.1));
        assertThat(cut.section().squeeze()).isEqualTo(Squeeze.TOP_BIND);
        assertThat(cut.section().snapLeftRel()).isCloseTo(0.204, within(0.001));
        assertThat(cut.section().splitDepthRel()).contains(0.68);
        assertThat(cut.severity()).isEqualTo(BindSeverity.MODERATE);
        assertThat(cut.buttPart().act()).isEqualTo(Severed.Act.TIPS_FACE_DOWN);
        assertThat(cut.buttPart().energyJ().orElseThrow()).isCloseTo(462.3, within(0.1));
        assertThat(cut.tipPart().energyJ().orElseThrow()).isCloseTo(520.1, within(0.1));
        assertThat(cut.dropJ().orElseThrow()).isCloseTo(982.4, within(0.1));
        assertThat(cut.elasticJ()).isCloseTo(8.31, within(0.01));
        assertThat(cut.closureM()).isEmpty();
        assertThat(cut.unloads()).containsExactly(0, 1);
        assertThat(cut.stand()).containsExactly(BindCut.Stand.BESIDE_BUTT_PART);
        assertThat(cut.flags()).isEmpty();
        assertThat(cut.sequence())
                .extracting(BindStep::action)
                .containsExactly(BindStep.Action.RELIEF_CUT, BindStep.Action.RELEASE_CUT);
    }

    /** The usual case: three rests all touching, and nobody knows which side is squeezed. */
    @Test
    void threeRestsThatAllTouchCannotBeKnown() {
        LyingStem log = stem(
                12,
                0.45,
                0.2,
                0,
                List.of(
                        support(0.5, Support.Kind.GROUND, Support.Side.BELOW, 0),
                        support(5, Support.Kind.GROUND, Support.Side.BELOW, 0),
                        support(11, Support.Kind.GROUND, Support.Side.BELOW, 0)),
                Optional.empty());
        BindCut cut = Bind.of(log, List.of(3.0)).cuts().get(0);
        assertThat(cut.lowNm()).isNegative();
        assertThat(cut.highNm()).isPositive();
        assertThat(cut.section().squeeze()).isEqualTo(Squeeze.UNCERTAIN);
        assertThat(cut.sequence()).extracting(BindStep::action).endsWith(BindStep.Action.RECOMPUTE);
    }

    @Test
    void crossSlopeAndSidewaysBendSayWhereToStand() {
        LyingStem log = new LyingStem(
                8,
                0.3,
                0.2,
                950,
                0,
                BeamWood.MEDIUM,
                0,
                List.of(
                        support(1, Support.Kind.GROUND, Support.Side.BELOW, 0),
                        support(6, Support.Kind.GROUND, Support.Side.BELOW, 0)),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                0.02,
                8,
                Optional.of(LyingStem.Flank.LEFT),
                Optional.of(LyingStem.Flank.LEFT));
        assertThat(Bind.of(log, List.of(3.0)).cuts().get(0).stand())
                .as("bent to the left, uphill left: no side is good")
                .containsExactly(
                        BindCut.Stand.UPHILL_SIDE,
                        BindCut.Stand.CONCAVE_SIDE_RIGHT,
                        BindCut.Stand.CONFLICT_USE_MACHINE,
                        BindCut.Stand.BESIDE_BUTT_PART);
    }

    @Test
    void aCutThatLoadsARoofSaysSoAndALiftedLoadIsNamed() {
        LyingStem onRoof = stem(
                12,
                0.4,
                0.15,
                12,
                List.of(
                        support(0, Support.Kind.STUMP_HINGE, Support.Side.BELOW, 0),
                        support(6, Support.Kind.GROUND, Support.Side.BELOW, 0.02),
                        support(11, Support.Kind.ROOF, Support.Side.BELOW, 0)),
                Optional.empty());
        List<BindCut> cuts = Bind.of(onRoof, List.of(2.0, 8.0)).cuts();
        assertThat(cuts).anySatisfy(c -> assertThat(c.unloads()).isNotEmpty());
        cuts.forEach(c -> assertThat(c.flags().contains(BindCut.Flag.SUPPORT_LOAD_RISES))
                .isEqualTo(!c.overloaded().isEmpty()));
    }

    @Test
    void aHeavierLimbBindsHarderAndTheCarriedLoadCountsFromBothEnds() {
        LimbBind light = limb(200, 300);
        LimbBind wide = limb(100, 1200);
        assertThat(wide.lowNm()).isLessThan(light.lowNm());
        assertThat(wide.highNm()).isGreaterThan(light.highNm());
        assertThat(wide.elasticJ()).isGreaterThanOrEqualTo(light.elasticJ());
    }

    private static LimbBind limb(double low, double high) {
        return LimbBind.of(new LimbBind.Limb(
                4,
                0.2,
                0.08,
                950,
                0.35,
                BeamWood.MEDIUM,
                -20,
                Optional.of(1.3),
                0.1,
                Optional.of(
                        new LimbBind.Contact(4, Support.Kind.GROUND, 0, Optional.of(new LimbBind.Range(low, high)))),
                Optional.empty()));
    }

    @Test
    void whatCannotBeIsRefused() {
        List<Support> ground = List.of(support(1, Support.Kind.GROUND, Support.Side.BELOW, 0));
        assertThatThrownBy(() -> stem(4, 0.2, 0.3, 0, ground, Optional.empty()))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("TIP_THICKER_THAN_BUTT");
        assertThatThrownBy(() -> stem(
                        4,
                        0.3,
                        0.2,
                        0,
                        List.of(
                                support(1, Support.Kind.GROUND, Support.Side.BELOW, 0),
                                support(1.04, Support.Kind.GROUND, Support.Side.BELOW, 0)),
                        Optional.empty()))
                .hasMessageContaining("SUPPORTS_TOO_CLOSE");
        assertThatThrownBy(() -> stem(
                        4,
                        0.3,
                        0.2,
                        0,
                        List.of(support(4.5, Support.Kind.GROUND, Support.Side.BELOW, 0)),
                        Optional.empty()))
                .hasMessageContaining("SUPPORT_OUTSIDE_STEM");
        assertThatThrownBy(() -> Bind.of(stem(4, 0.3, 0.2, 0, ground, Optional.empty()), List.of()))
                .hasMessageContaining("UNSTABLE_NO_EQUILIBRIUM");
    }
}
