package org.antevid.core.stem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Today;
import org.junit.jupiter.api.Test;

/** What wants to tip a stem: lean, crown, snow, wind. */
class TippingTest {
    private static final Today WINDY = new Today(GroundState.FIRM, CrownLoad.NONE, 9);
    private static final Today SNOWY = new Today(GroundState.FIRM, CrownLoad.SNOW, 0);
    private final StemReading oak = Samples.oak("S1", new Spot(0, 0), List.of());
    private final StemMass mass = oak.mass(0.3).orElseThrow();

    @Test
    void withoutCrownAndWindItIsTheLeanAtTheCommonBalance() {
        Tipping t = Tipping.of(oak, mass, 0.3, Today.STILL);
        assertThat(t.alongM(0)).isCloseTo(mass.cgM() * Math.tan(Math.toRadians(1.5)), within(1e-9));
        assertThat(t.alongM(90)).isCloseTo(0, within(1e-9));
        assertThat(t.windNm()).isZero();
    }

    @Test
    void aCrownToOneSidePullsThere() {
        CrownOffset east = CrownOffset.of(List.of(
                new CrownOffset.Radius(0, 2),
                new CrownOffset.Radius(90, 6),
                new CrownOffset.Radius(180, 2),
                new CrownOffset.Radius(270, 1)));
        StemReading lopsided = new StemReading(
                oak.label(),
                oak.species(),
                oak.state(),
                oak.at(),
                oak.dbh(),
                oak.height(),
                oak.lean(),
                oak.crownRadiusM(),
                oak.wood(),
                oak.shape(),
                oak.crown(),
                oak.defects(),
                false,
                new StemReading.More(Optional.of(east), List.of(), Optional.empty(), Optional.empty(), List.of(), 0));
        Tipping t = Tipping.of(lopsided, mass, 0.3, Today.STILL);
        assertThat(t.alongM(90)).isGreaterThan(0.1);
        assertThat(t.sigmaM())
                .isGreaterThan(Tipping.of(oak, mass, 0.3, Today.STILL).sigmaM());
    }

    @Test
    void windAndSnowOnlyEverAdd() {
        assertThat(Tipping.of(oak, mass, 0.3, WINDY).windNm()).isGreaterThan(1000);
        assertThat(Tipping.of(oak, mass, 0.3, SNOWY).weightHighN())
                .isGreaterThan(Tipping.of(oak, mass, 0.3, Today.STILL).weightHighN());
    }

    @Test
    void stillAirSaysTheSameAlongAndAcross() {
        EffectiveLean l = Tipping.stillAir(oak, mass, 0.3, Today.STILL, 0);
        assertThat(l.forwardNm())
                .isCloseTo(mass.massKg() * 9.81 * mass.cgM() * Math.tan(Math.toRadians(1.5)), within(1e-3));
        assertThat(l.sideRightNm()).isCloseTo(0, within(1e-6));
        assertThat(new Estimate(l.forwardNm(), l.sigmaForwardNm()).low()).isLessThan(l.forwardNm());
    }

    @Test
    void hingeAndMeansStandAGustAndNoStrongerOne() {
        LayPlan l = LayPlan.of(oak, Samples.toward(0, Samples.WINCH), Samples.site(), LayPlan.Limits.USUAL);
        double gust = l.control().standsGustMs().orElseThrow();
        assertThat(gust).isGreaterThan(3);
        double side = Math.abs(l.judged().orElseThrow().lean().sideNm());
        double margin = l.control().hold().orElseThrow().designNm() - side;
        double capacity = l.control().hold().orElseThrow().capacityNm();
        // lean and gust are not at their worst together: |M| + sqrt(margin^2 + wind^2) against the hinge
        assertThat(side + Math.hypot(margin, Tipping.windNm(oak, 0.3, gust))).isLessThanOrEqualTo(capacity + 1);
        assertThat(side + Math.hypot(margin, Tipping.windNm(oak, 0.3, gust + 0.5)))
                .isGreaterThan(capacity);
        LayPlan wedged = LayPlan.of(
                oak,
                Samples.toward(0, org.antevid.core.lay.Means.of(org.antevid.core.lay.Means.Kind.WEDGES)),
                Samples.site(),
                LayPlan.Limits.USUAL);
        assertThat(wedged.control().standsGustMs().orElse(0.0))
                .as("with wedges the cut waits for a lull: the hinge alone decides")
                .isCloseTo(gust, org.assertj.core.api.Assertions.within(0.5));
    }
}
