package org.antevid.core.tangle.limb;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Ground;
import org.antevid.core.tangle.beam.Across;
import org.antevid.core.tangle.beam.BeamWood;
import org.antevid.core.tangle.beam.BindSeverity;
import org.antevid.core.tangle.beam.BindStep;
import org.antevid.core.tangle.limb.Limbing.Rolls;
import org.antevid.core.tangle.limb.SeenLimb.Bent;
import org.antevid.core.tangle.limb.SeenLimb.Growing;
import org.junit.jupiter.api.Test;

class LimbingTest {
    private static SeenLimb limb(Growing growing, Bent bent, double thickM) {
        return new SeenLimb(growing, bent, thickM, Optional.empty());
    }

    private static Limbing of(Across across, SeenLimb... limbs) {
        return Limbing.of(List.of(limbs), across, 950, BeamWood.MEDIUM, Optional.of(0.4), Optional.of(1200.0));
    }

    private static Limbing.Turn only(SeenLimb limb) {
        return of(Across.LEVEL, limb).turns().get(0);
    }

    @Test
    void aFreeLimbHangsByItsWeightAndIsCutBelowFirst() {
        Limbing.Turn t = only(limb(Growing.LEFT, Bent.NOT, 0.12));
        assertThat(t.holds()).isFalse();
        assertThat(t.cut().squeezed()).isEqualTo(LimbCut.Squeezed.BOTTOM);
        assertThat(t.cut().steps().get(0).side()).contains(LimbCut.Face.BOTTOM);
        assertThat(t.rolls()).isEqualTo(Rolls.NOT);
    }

    @Test
    void aLimbPressedUpIsSqueezedAboveAndComesLast() {
        Limbing l = of(Across.LEVEL, limb(Growing.LEFT, Bent.UP, 0.12), limb(Growing.ABOVE, Bent.NOT, 0.12));
        assertThat(l.turns().get(0).index()).isEqualTo(1);
        Limbing.Turn carrier = l.turns().get(1);
        assertThat(carrier.holds()).isTrue();
        assertThat(carrier.cut().squeezed()).isEqualTo(LimbCut.Squeezed.TOP);
        assertThat(carrier.cut().severity()).isGreaterThanOrEqualTo(BindSeverity.HIGH);
        assertThat(carrier.rolls()).isEqualTo(Rolls.LEFT);
    }

    @Test
    void aThickLimbBentSidewaysKeepsAStrapOnItsOuterSide() {
        LimbCut cut = only(limb(Growing.RIGHT, Bent.SIDEWAYS, 0.25)).cut();
        assertThat(cut.squeezed()).isEqualTo(LimbCut.Squeezed.HOLLOW_SIDE);
        assertThat(cut.steps())
                .anySatisfy(s -> {
                    assertThat(s.action()).isEqualTo(BindStep.Action.PLUNGE_BEHIND_STRAP);
                    assertThat(s.side()).contains(LimbCut.Face.OUTER_SIDE);
                    assertThat(s.depthM()).contains(Math.max(0.05, 0.12 * thickAtCut(0.25)));
                })
                .anySatisfy(s -> assertThat(s.action()).isEqualTo(BindStep.Action.RELEASE_STRAP_FROM_OUTSIDE));
    }

    /** The longest there may be of it, a decimetre out. */
    private static double thickAtCut(double thickM) {
        return thickM * (1 - 0.85 * 0.1 / (50 * thickM));
    }

    @Test
    void whatStandsStraightBeneathTheStemIsProbed() {
        LimbCut cut = only(limb(Growing.BELOW, Bent.NOT, 0.15)).cut();
        assertThat(cut.squeezed()).isIn(LimbCut.Squeezed.NOT_KNOWN, LimbCut.Squeezed.WHOLE_SECTION);
    }

    @Test
    void onASlopeTheLimbsOnItsLowerSideAreTheVeryLast() {
        Limbing l = of(
                Across.DOWN_RIGHT,
                limb(Growing.RIGHT, Bent.UP, 0.1),
                limb(Growing.LEFT, Bent.UP, 0.1),
                limb(Growing.BELOW, Bent.NOT, 0.1));
        assertThat(l.turns()).extracting(Limbing.Turn::index).containsExactly(1, 2, 0);
        assertThat(l.turns()).extracting(Limbing.Turn::rolls).containsExactly(Rolls.NOT, Rolls.NOT, Rolls.RIGHT);
    }

    @Test
    void nobodyCanSayWhereItRollsWhileNobodyKnowsHowItLies() {
        assertThat(of(Across.NOT_KNOWN, limb(Growing.LEFT, Bent.UP, 0.1), limb(Growing.RIGHT, Bent.UP, 0.1))
                        .turns())
                .extracting(Limbing.Turn::rolls)
                .containsOnly(Rolls.EITHER);
    }

    @Test
    void lastTenthOfTheButtIsLeftUntilItWasRolled() {
        assertThat(of(Across.LEVEL).lastTenthM().orElseThrow()).isCloseTo(0.04, within(1e-12));
        assertThat(Limbing.of(List.of(), Across.LEVEL, 950, BeamWood.SOFT, Optional.empty(), Optional.empty())
                        .lastTenthM())
                .isEmpty();
    }

    @Test
    void anythingOutsideItsRangeIsRefusedByName() {
        assertThatThrownBy(() -> limb(Growing.LEFT, Bent.NOT, 0.01))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults().get(0).field()).isEqualTo("thickM"));
        assertThatThrownBy(() -> new SeenLimb(Growing.LEFT, Bent.NOT, 0.1, Optional.of(Double.NaN)))
                .isInstanceOf(RefusedInput.class);
    }

    @Test
    void overThousandsOfStemsCarriersComeLastAndEveryLimbHasItsTurn() {
        Random random = new Random(14);
        for (int n = 0; n < 2000; n++) {
            List<SeenLimb> limbs = new ArrayList<>();
            for (int i = random.nextInt(7); i >= 0; i--) {
                limbs.add(limb(
                        Growing.values()[random.nextInt(4)],
                        Bent.values()[random.nextInt(4)],
                        0.03 + 0.3 * random.nextDouble()));
            }
            Across across = Across.values()[random.nextInt(4)];
            Limbing l = Limbing.of(limbs, across, 950, BeamWood.STIFF, Optional.empty(), Optional.empty());
            assertThat(l.turns())
                    .extracting(Limbing.Turn::index)
                    .doesNotHaveDuplicates()
                    .hasSameSizeAs(limbs);
            assertThat(l.turns()).extracting(Limbing.Turn::holds).isSorted();
            if (across != Across.NOT_KNOWN) {
                // what still stands on a limb on either side or beneath does not roll
                assertThat(l.turns().stream()
                                .filter(t -> t.rolls() != Rolls.NOT)
                                .count())
                        .isLessThanOrEqualTo(across == Across.LEVEL ? 2 : limbs.size());
            }
        }
    }

    @Test
    void measuringItsLengthNarrowsItsWeightAndAHeavierStemNeverLowersHowHardItBinds() {
        SeenLimb by = limb(Growing.LEFT, Bent.UP, 0.08);
        SeenLimb measured = new SeenLimb(Growing.LEFT, Bent.UP, 0.08, Optional.of(2.5));
        LimbCut range = only(by).cut();
        LimbCut known = only(measured).cut();
        assertThat(known.massLowKg()).isEqualTo(known.massHighKg()).isBetween(range.massLowKg(), range.massHighKg());
        BindSeverity before = BindSeverity.NEUTRAL;
        for (double kg = 20; kg < 3000; kg *= 2) {
            BindSeverity s = Limbing.of(
                            List.of(measured), Across.LEVEL, 950, BeamWood.MEDIUM, Optional.empty(), Optional.of(kg))
                    .turns()
                    .get(0)
                    .cut()
                    .severity();
            assertThat(s).isGreaterThanOrEqualTo(before);
            before = s;
        }
    }

    @Test
    void theLowerSideIsThatOfTheGround() {
        // falls to the east: a stem that lies toward north has it on its right
        Ground eastward = new Ground(12, 90);
        assertThat(Across.of(eastward, Optional.of(0.0))).isEqualTo(Across.DOWN_RIGHT);
        assertThat(Across.of(eastward, Optional.of(180.0))).isEqualTo(Across.DOWN_LEFT);
        assertThat(Across.of(eastward, Optional.of(90.0))).isEqualTo(Across.LEVEL);
        assertThat(Across.of(eastward, Optional.empty())).isEqualTo(Across.NOT_KNOWN);
        assertThat(Across.of(new Ground(0, 0), Optional.empty())).isEqualTo(Across.LEVEL);
    }
}
