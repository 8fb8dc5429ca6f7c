package org.antevid.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.Samples;
import org.antevid.core.Told;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Verdict;
import org.antevid.core.stem.Wood;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutChoice;
import org.antevid.core.stump.FaceOrder;
import org.antevid.core.stump.School;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Forty dangerous trees, ten kinds of danger on four trees each: none passes without a stop or a second opinion that
 * names the matter.
 */
class DangerousTreesTest {
    private static final List<Species> SPECIES =
            List.of(Species.FAGUS, Species.PICEA, Species.QUERCUS, Species.FRAXINUS);

    /** @param names what one of the stops or second opinions must be about */
    record Dangerous(
            String kind,
            int seed,
            StemReading stem,
            LayChoice choice,
            Site site,
            List<Situation.Hang> hangs,
            Optional<Verdict> chosen,
            String names) {
        @Override
        public String toString() {
            return kind + " " + seed;
        }
    }

    private static final class Made {
        final Random r;
        final int seed;
        double dbh;
        double height;
        double lay;
        Lean lean;
        Condition wood = Condition.SOUND;
        Wood places;
        StemState state = StemState.STANDING;
        StemMass.Shape shape = StemMass.Shape.FOREST;
        StemMass.Crown crown = StemMass.Crown.FOREST_BROADLEAF;
        final List<Defect> faults = new ArrayList<>();
        final List<Feature> features = new ArrayList<>();
        Ground ground = Ground.LEVEL;
        GroundState today = GroundState.FIRM;
        Means means = Means.of(Means.Kind.WEDGES);
        double barM = 0.5;
        Optional<BackCut> cut = Optional.empty();
        Species species;
        Optional<Verdict> chosen = Optional.empty();

        Made(int seed) {
            this.seed = seed;
            r = new Random(104729L * seed + 5);
            r.nextDouble();
            dbh = 0.32 + 0.2 * r.nextDouble();
            height = 10 + 32 * dbh + r.nextGaussian();
            lay = Math.floor(360 * r.nextDouble());
            lean = new Lean(0.5 * r.nextDouble(), lay, 0.5);
            species = SPECIES.get(seed % SPECIES.size());
        }

        Dangerous as(String kind, String names) {
            StemReading stem = new StemReading(
                    "S1",
                    species,
                    state,
                    new Spot(0, 0),
                    Optional.of(new Estimate(dbh, 0.01)),
                    Optional.of(new Estimate(height, 0.5)),
                    Optional.of(lean),
                    Optional.of(6 * dbh + 0.5),
                    places != null ? places : Wood.all(wood),
                    shape,
                    crown,
                    faults,
                    false,
                    StemReading.More.NOTHING);
            CutChoice cuts = new CutChoice(
                    cut,
                    FaceOrder.SLOPING_FIRST,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(0.01),
                    Optional.empty(),
                    Optional.empty(),
                    "",
                    Set.of(),
                    Optional.empty());
            Site site =
                    new Site(Terrain.plane(ground), new Today(today, CrownLoad.NONE, 10, Optional.of(3.0)), features);
            List<Situation.Hang> hangs = state == StemState.HUNG
                    ? List.of(new Situation.Hang(
                            "S1",
                            List.of("T1"),
                            Shape.disc(new Spot(0, 6), 6),
                            Samples.hungRing(height),
                            Shape.disc(new Spot(0, 0), 2 * height)))
                    : List.of();
            return new Dangerous(
                    kind,
                    seed,
                    stem,
                    new LayChoice(lay, 0.25, School.OPEN_FACE, barM, means).by(cuts),
                    site,
                    hangs,
                    chosen,
                    names);
        }
    }

    static Stream<Dangerous> trees() {
        List<Dangerous> all = new ArrayList<>();
        for (int i = 1; i <= 4; i++) {
            Made back = new Made(i);
            back.lean = new Lean(3 + 3 * back.r.nextDouble(), Azimuth.normal(back.lay + 180), 0.5);
            all.add(back.as("back lean on wedges", "CONTROL"));
            Made corner = new Made(10 + i);
            corner.places = new Wood(
                    i % 2 == 0 ? Condition.DECAYED : Condition.SOUND,
                    i % 2 == 0 ? Condition.SOUND : Condition.DECAYED,
                    Condition.SOUND,
                    Condition.SOUND,
                    Condition.SOUND,
                    Optional.of(corner.lay));
            all.add(corner.as("rotten corner", "ROTTEN_CORNER"));
            Made house = new Made(20 + i);
            Spot at = new Spot(0, 0).at(house.lay + 6 * house.r.nextDouble() - 3, house.height * 0.8);
            house.features.add(new Feature(
                    "house",
                    "the house",
                    FeatureKind.BUILDING,
                    Shape.disc(at, 4),
                    4,
                    false,
                    Protection.EMPTY,
                    "Wilma",
                    true));
            all.add(house.as("house in the fan", "STRIKE"));
            Made hung = new Made(30 + i);
            hung.state = StemState.HUNG;
            hung.chosen = Optional.of(Verdict.FELL_FROM_GROUND);
            all.add(hung.as("hung", "HUNG"));
            Made plate = new Made(40 + i);
            plate.faults.add(new Defect("d", DefectKind.LIFTED_ROOT_PLATE, 0, 0.3, plate.lay + 180, ""));
            all.add(plate.as("lifted plate", "PLATE_LIFTED"));
            Made dead = new Made(50 + i);
            dead.wood = i % 2 == 0 ? Condition.DEAD_OLD : Condition.DEAD_RECENT;
            dead.crown = StemMass.Crown.DEAD_BRANCHED;
            all.add(dead.as("dead over wedges", "WEDGES_IN_DEAD_WOOD"));
            Made steep = new Made(60 + i);
            steep.ground = new Ground(i % 2 == 0 ? 22 : 30, 90 * i);
            steep.today = i % 2 == 0 ? GroundState.SLIPPERY : GroundState.FIRM;
            steep.shape = i % 2 == 0 ? StemMass.Shape.FOREST : StemMass.Shape.SNAG;
            all.add(steep.as("steep and slippery", "BELOW_OPEN"));
            Made bar = new Made(70 + i);
            bar.dbh = 0.95 + 0.1 * i;
            bar.height = 26;
            bar.barM = 0.33;
            all.add(bar.as("bar too short", "BAR_TOO_SHORT"));
            Made forward = new Made(80 + i);
            forward.lean = new Lean(11 + 4 * forward.r.nextDouble(), forward.lay, 0.5);
            forward.means = Means.of(Means.Kind.NOTHING);
            forward.cut = Optional.of(BackCut.STRAIGHT);
            forward.species = i % 2 == 0 ? Species.FRAXINUS : Species.FAGUS;
            all.add(forward.as("hard forward lean with a straight cut", "SPLITS"));
            Made square = new Made(90 + i);
            square.lean =
                    new Lean(9 + 4 * square.r.nextDouble(), Azimuth.normal(square.lay + (i % 2 == 0 ? 90 : -90)), 0.5);
            all.add(square.as("square to a strong lean", "CONTROL"));
        }
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("trees")
    void noneOfThemPassesWithoutAStopOrSecondOpinionThatNamesTheMatter(Dangerous d) {
        LayPlan plan = LayPlan.of(d.stem, d.choice, d.site, LayPlan.Limits.USUAL);
        Situation s = new Situation(
                HouseRules.USUAL,
                d.site,
                Optional.of(new Estimate(2, 1)),
                10,
                List.of(new Situation.StemFacts(
                        d.stem, Optional.of(plan), true, Optional.of(Shape.disc(new Spot(0, 9), 4)))),
                Map.of(),
                d.hangs,
                List.of(),
                List.of(),
                "leader",
                List.of(),
                new Situation.Circumstances(
                        List.of(),
                        d.site.today().ground(),
                        Light.DAY,
                        CrownLoad.NONE,
                        Situation.Circumstances.GOOD.permits(),
                        Situation.Circumstances.GOOD.card(),
                        Situation.Circumstances.GOOD.access(),
                        List.of(),
                        d.chosen.map(v -> Map.of("S1", v)).orElse(Map.of())));
        List<Finding> weighty = Findings.of(s).stream()
                .filter(f -> f.severity() == Severity.STOP || f.severity() == Severity.SECOND_OPINION)
                .toList();
        assertThat(weighty)
                .as(
                        "%s: %s",
                        d,
                        Findings.of(s).stream()
                                .map(f -> f.severity() + " " + f.says() + f.args())
                                .toList())
                .anyMatch(f -> Told.says(f, d.names));
    }
}
