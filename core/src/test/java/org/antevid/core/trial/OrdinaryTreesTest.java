package org.antevid.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.antevid.core.brief.FirstLook;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.Ground;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stump.School;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Forty straight sound trees with room to fall, as they are felled every day: the tool's own card at its own best lay
 * stops none of them.
 */
class OrdinaryTreesTest {
    private static final List<Species> OFTEN = List.of(
            Species.PICEA,
            Species.PINUS,
            Species.LARIX,
            Species.BETULA,
            Species.QUERCUS,
            Species.FAGUS,
            Species.ACER,
            Species.FRAXINUS,
            Species.ALNUS,
            Species.TILIA);

    static IntStream seeds() {
        return IntStream.rangeClosed(1, 40);
    }

    record Ordinary(StemReading stem, Site site) {
        static Ordinary of(int seed) {
            Random r = new Random(7919L * seed * seed + 17);
            r.nextDouble();
            Species species = OFTEN.get(seed % OFTEN.size());
            boolean conifer = species.ordinal() <= Species.TAXUS.ordinal();
            double dbh = 0.15 + 0.40 * r.nextDouble();
            double height = Math.min(34, 8 + 42 * dbh + 3 * r.nextGaussian());
            double crown = Math.max(1, (conifer ? 4.5 : 7) * dbh + 0.5);
            Lean lean = new Lean(1.5 * r.nextDouble(), 360 * r.nextDouble(), 0.5);
            StemReading stem = new StemReading(
                    "T" + seed,
                    species,
                    StemState.STANDING,
                    new Spot(0, 0),
                    Optional.of(new Estimate(dbh, 0.01)),
                    Optional.of(new Estimate(height, 0.6)),
                    Optional.of(lean),
                    Optional.of(crown),
                    Condition.SOUND,
                    StemMass.Shape.FOREST,
                    conifer ? StemMass.Crown.FOREST_CONIFER : StemMass.Crown.FOREST_BROADLEAF,
                    List.of(),
                    false);
            Ground ground = new Ground(8 * r.nextDouble(), 360 * r.nextDouble());
            Site site = new Site(
                    Terrain.plane(ground),
                    new Today(GroundState.FIRM, CrownLoad.NONE, 10, Optional.of(4 + 4 * r.nextDouble())),
                    List.of());
            return new Ordinary(stem, site);
        }

        Situation situation(LayChoice choice) {
            LayPlan plan = LayPlan.of(stem, choice, site, LayPlan.Limits.USUAL);
            return new Situation(
                    HouseRules.USUAL,
                    site,
                    Optional.of(new Estimate(site.today().gustNowMs().orElseThrow() - 1, 1)),
                    10,
                    List.of(new Situation.StemFacts(
                            stem, Optional.of(plan), true, Optional.of(Shape.disc(new Spot(0, 20), 5)))),
                    Map.of(),
                    List.of(),
                    List.of(),
                    List.of(),
                    "leader",
                    List.of());
        }
    }

    private static LayChoice wedged(double lay) {
        return new LayChoice(lay, 0.2, School.OPEN_FACE, 0.45, Means.of(Means.Kind.WEDGES));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theOwnCardAtTheBestLayStopsNothingAndSaysAtMostThreeThings(int seed) {
        Ordinary o = Ordinary.of(seed);
        Dial dial = Dial.of(o.stem, wedged(0), o.site, LayPlan.Limits.USUAL);
        assertThat(dial.picks())
                .as("%s, seed %d: %s", o.stem, seed, dial.closed())
                .isNotEmpty();
        LayChoice best = wedged(dial.picks().get(0).deg());
        List<Finding> found = Findings.of(o.situation(best));
        assertThat(found)
                .as("seed %d", seed)
                .noneMatch(f -> f.severity() == Severity.STOP || f.severity() == Severity.SECOND_OPINION);
        assertThat(found).as("seed %d", seed).hasSizeLessThanOrEqualTo(3);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theDefaultCardOfAnUprightStemStopsNoneOfItsOwnCuts(int seed) {
        Ordinary o = Ordinary.of(seed);
        Random r = new Random(31L * seed);
        Lean lean = new Lean(1.5 * r.nextDouble(), 360 * r.nextDouble(), 0.6);
        StemReading nameless = new StemReading(
                "T" + seed,
                seed % 2 == 0 ? Species.UNKNOWN : o.stem.species(),
                StemState.STANDING,
                new Spot(0, 0),
                o.stem.dbh(),
                o.stem.height(),
                Optional.of(lean),
                o.stem.crownRadiusM(),
                Condition.SOUND,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF,
                List.of(),
                false);
        for (double turn : new double[] {0, 40, 80}) {
            List<Finding> found =
                    Findings.of(new Ordinary(nameless, o.site).situation(wedged(lean.azimuthDeg() + turn)));
            assertThat(found)
                    .as("seed %d, %s off the lean", seed, turn)
                    .noneMatch(f -> f.severity() == Severity.STOP
                            && (f.key().startsWith("strap:") || f.key().startsWith("chair:")));
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theFirstLookSaysFell(int seed) {
        Ordinary o = Ordinary.of(seed);
        FirstLook look = FirstLook.of(o.stem, wedged(0), o.situation(wedged(0)), LayPlan.Limits.USUAL);
        assertThat(look.headline()).as("seed %d: %s", seed, look.because()).isEqualTo(FirstLook.Headline.FELL);
        StemReading byEye = o.stem.with(
                Optional.of(new Estimate(
                        0.05 * Math.rint(o.stem.dbh().orElseThrow().value() / 0.05),
                        0.1 * o.stem.dbh().orElseThrow().value())),
                o.stem.height().map(h -> new Estimate(h.value(), 0.15 * h.value())),
                Optional.of(new Lean(0, 0, Lean.EYE_SIGMA_DEG)),
                o.stem.crownRadiusM());
        FirstLook eye = FirstLook.of(byEye, wedged(0), o.situation(wedged(0)), LayPlan.Limits.USUAL);
        assertThat(eye.headline())
                .as("seed %d: %s", seed, eye.because())
                .isIn(FirstLook.Headline.FELL, FirstLook.Headline.FELL_ONCE_MEASURED);
    }
}
