package org.antevid.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.Ground;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.CrownOffset;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Wood;
import org.antevid.core.stump.School;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The law over everything a leader may leave unmeasured: knowing less never lowers a risk. */
class KnowingLessTest {
    private static final double LEAST_SIGMA = 0.005;

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 60);
    }

    /** A stem and its site by seed; what is known of it follows. */
    private record Drawn(double dbh, double height, double radius, Lean lean, Species species, Site site, double lay) {
        static Drawn of(long seed) {
            Random r = new Random(31337 * seed + 1);
            r.nextDouble();
            double dbh = 0.2 + 0.4 * r.nextDouble();
            double height = 9 + 34 * dbh;
            Lean lean = new Lean(5 * r.nextDouble(), 360 * r.nextDouble(), 0.6);
            Site site = new Site(
                    Terrain.plane(new Ground(15 * r.nextDouble(), 360 * r.nextDouble())),
                    new Today(GroundState.FIRM, CrownLoad.NONE, 10, Optional.of(4.0)),
                    List.of());
            return new Drawn(
                    dbh,
                    height,
                    6 * dbh,
                    lean,
                    Species.values()[r.nextInt(Species.values().length - 1)],
                    site,
                    Math.floor(360 * r.nextDouble()));
        }

        StemReading stem(double sigmaDbh, double sigmaHeight, Lean known, Optional<CrownOffset> crown) {
            return new StemReading(
                    "S1",
                    species,
                    StemState.STANDING,
                    new Spot(0, 0),
                    Optional.of(new Estimate(dbh, sigmaDbh)),
                    Optional.of(new Estimate(height, sigmaHeight)),
                    Optional.of(known),
                    Optional.of(radius),
                    Wood.all(Condition.SOUND),
                    StemMass.Shape.FOREST,
                    StemMass.Crown.FOREST_BROADLEAF,
                    List.of(),
                    false,
                    new StemReading.More(crown, List.of(), Optional.empty(), Optional.empty(), List.of(), 0));
        }

        LayPlan plan(StemReading s, Site on) {
            return LayPlan.of(
                    s,
                    new LayChoice(lay, 0.3, School.OPEN_FACE, 0.5, Means.of(Means.Kind.WEDGES)),
                    on,
                    LayPlan.Limits.USUAL);
        }
    }

    private static CrownOffset centred(double radius) {
        return CrownOffset.of(java.util.stream.IntStream.range(0, 8)
                .mapToObj(i -> new CrownOffset.Radius(45 * i, radius))
                .toList());
    }

    private static void noLess(LayPlan less, LayPlan more) {
        JudgedLay a = less.judged().orElseThrow();
        JudgedLay b = more.judged().orElseThrow();
        assertThat(a.control().use())
                .as("side lean of the hinge")
                .isGreaterThanOrEqualTo(b.control().use() - 1e-9);
        assertThat(a.back().highNm())
                .as("backward moment")
                .isGreaterThanOrEqualTo(b.back().highNm() - 1e-6);
        assertThat(a.forwardHighNm()).as("forward moment").isGreaterThanOrEqualTo(b.forwardHighNm() - 1e-6);
        assertThat(missM(less)).as("miss at the tip").isGreaterThanOrEqualTo(missM(more) - 1e-9);
        assertThat(less.zone().designReachM())
                .as("reach")
                .isGreaterThanOrEqualTo(more.zone().designReachM() - 1e-9);
        assertThat(less.zone().exclusionM())
                .as("ring")
                .isGreaterThanOrEqualTo(more.zone().exclusionM() - 1e-9);
        assertThat(b.back().enough() || !a.back().enough())
                .as("means enough only with less known")
                .isTrue();
    }

    /** One sigma of the spread at the tip, metres; a lay that is not controlled misses by its whole length. */
    private static double missM(LayPlan p) {
        double sigma = p.judged().orElseThrow().control().sigmaDeg();
        return p.zone().lengthM() * (sigma == 0 ? 1 : Math.sin(Math.toRadians(Math.min(90, sigma))));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aCrownNobodyMeasuredIsNoCrownThatIsCentred(long seed) {
        Drawn d = Drawn.of(seed);
        LayPlan measured = d.plan(d.stem(LEAST_SIGMA, 0.3, d.lean, Optional.of(centred(d.radius))), d.site);
        LayPlan not = d.plan(d.stem(LEAST_SIGMA, 0.3, d.lean, Optional.empty()), d.site);
        noLess(not, measured);
        assertThat(not.judged().orElseThrow().lean().sigmaSideNm())
                .as("what nobody measured is uncertain")
                .isGreaterThan(measured.judged().orElseThrow().lean().sigmaSideNm());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aRougherLeanHeightOrDiameterLowersNothing(long seed) {
        Drawn d = Drawn.of(seed);
        LayPlan fine = d.plan(d.stem(LEAST_SIGMA, 0.3, d.lean, Optional.empty()), d.site);
        noLess(
                d.plan(
                        d.stem(LEAST_SIGMA, 0.3, new Lean(d.lean.deg(), d.lean.azimuthDeg(), 2), Optional.empty()),
                        d.site),
                fine);
        noLess(d.plan(d.stem(LEAST_SIGMA, 0.15 * d.height, d.lean, Optional.empty()), d.site), fine);
        noLess(d.plan(d.stem(0.1 * d.dbh, 0.3, d.lean, Optional.empty()), d.site), fine);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aGustNobodyReadsCountsAsTheLimit(long seed) {
        Drawn d = Drawn.of(seed);
        StemReading s = d.stem(LEAST_SIGMA, 0.3, d.lean, Optional.empty());
        Site unread = new Site(
                Terrain.plane(d.site.groundAt(s.at())), new Today(GroundState.FIRM, CrownLoad.NONE, 10), List.of());
        noLess(d.plan(s, unread), d.plan(s, d.site));
        assertThat(unread.today().judgedGustMs())
                .isGreaterThanOrEqualTo(d.site.today().judgedGustMs());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anUnknownSpeciesHoldsNoMoreThanAnyMember(long seed) {
        Drawn d = Drawn.of(seed);
        assertThat(Species.UNKNOWN.wood().holdsMPa()
                        * Species.UNKNOWN.wood().hinge().factor())
                .as("strength of the hinge")
                .isLessThanOrEqualTo(
                        d.species.wood().holdsMPa() * d.species.wood().hinge().factor() + 1e-9);
    }
}
