package org.antevid.core.lay.zone;

import static org.antevid.core.Samples.WINCH;
import static org.antevid.core.Samples.oak;
import static org.antevid.core.Samples.plan;
import static org.antevid.core.Samples.site;
import static org.antevid.core.Samples.target;
import static org.antevid.core.Samples.toward;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.antevid.core.Told;
import org.antevid.core.lay.Guy;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Support;
import org.antevid.core.lay.TargetCheck;
import org.antevid.core.lay.sweep.LyingTree;
import org.antevid.core.lay.sweep.Strike;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Feature;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Ground kept clear: what it is made of, what is taken out, and that more height or doubt never makes it smaller. */
class ZoneTest {
    private static final Spot HERE = new Spot(0, 0);

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 25);
    }

    private static Map<Zone.Kind, Zone> zones(LayPlan p, Zone.Clip... clips) {
        return Zone.of(p, Optional.empty(), List.of(clips)).stream()
                .collect(Collectors.toMap(Zone::kind, Function.identity()));
    }

    private static StemReading stem(double heightM, double sigmaHeightM, double leanSigmaDeg) {
        return new StemReading(
                "S1",
                Species.QUERCUS,
                StemState.STANDING,
                HERE,
                Optional.of(new Estimate(0.5, 0.01)),
                Optional.of(new Estimate(heightM, sigmaHeightM)),
                Optional.of(new Lean(1.5, 20, leanSigmaDeg)),
                Optional.of(3.0),
                Condition.SOUND,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF,
                List.of(),
                false);
    }

    @Test
    void theRingSaysPracticeAndMechanicsAndWhichDecides() {
        Zone ring = zones(plan(0, WINCH)).get(Zone.Kind.RING);
        assertThat(Told.text(ring.why().args(), "decides"))
                .as("practice decides")
                .isEqualTo("true");
        assertThat(ring.why().args()).containsKeys("practice", "mechanics");
        assertThat(ring.takesIn(new Spot(41, 0))).isTrue();
        assertThat(ring.takesIn(new Spot(43, 0))).isFalse();
    }

    @Test
    void whatTheLeaderTakesOutIsOutAndTheReasonStays() {
        Shape wall = Shape.polygon(List.of(new Spot(20, -60), new Spot(80, -60), new Spot(80, 60), new Spot(20, 60)));
        Zone ring = zones(plan(0, WINCH), new Zone.Clip(Zone.Kind.RING, wall, "lock wall, 3 m high"))
                .get(Zone.Kind.RING);
        assertThat(ring.takesIn(new Spot(30, 0))).isFalse();
        assertThat(ring.takesIn(new Spot(-30, 0))).isTrue();
        assertThat(ring.clippedBy()).containsExactly("lock wall, 3 m high");
        assertThat(zones(plan(0, WINCH), new Zone.Clip(Zone.Kind.RING, Shape.disc(HERE, 200), "all of it")))
                .doesNotContainKey(Zone.Kind.RING);
    }

    @Test
    void aLoadedLineIsKeptClearToBothSidesAndInsideItsAngle() {
        Zone straight = zones(plan(0, WINCH)).get(Zone.Kind.LINE);
        // 50 m out to the north: 15 % of that to each side
        assertThat(straight.takesIn(new Spot(7, 25))).isTrue();
        assertThat(straight.takesIn(new Spot(-7, 25))).isTrue();
        assertThat(straight.takesIn(new Spot(9, 25))).isFalse();
        Means round = new Means(
                Means.Kind.MACHINE_LINE,
                Optional.of(12.0),
                Optional.empty(),
                Optional.of(20000.0),
                Optional.of(new Spot(0, 40)),
                Optional.of(new Spot(40, 40)),
                0);
        Zone angled = zones(plan(0, round)).get(Zone.Kind.LINE);
        assertThat(angled.takesIn(new Spot(12, 28))).as("inside the angle").isTrue();
        assertThat(angled.takesIn(new Spot(-12, 52))).as("outside of it").isFalse();
        assertThat(Told.text(angled.why().args(), "block")).as("said too").isEqualTo("true");
        assertThat(zones(plan(0, Means.of(Means.Kind.WEDGES)))).doesNotContainKey(Zone.Kind.LINE);
    }

    @Test
    void aGuyWhipsLikeALine() {
        Support guyed = new Support(
                Optional.of(new Guy(10, new Spot(-30, 0), Optional.empty())),
                Optional.empty(),
                org.antevid.core.assist.Wedges.Set.USUAL,
                false);
        LayPlan own = LayPlan.of(
                org.antevid.core.Samples.oak("S1", HERE, List.of()),
                org.antevid.core.Samples.toward(0, Means.of(Means.Kind.NOTHING)).by(guyed),
                org.antevid.core.Samples.site(),
                LayPlan.Limits.USUAL);
        assertThat(zones(own).get(Zone.Kind.LINE).takesIn(new Spot(-20, 2))).isTrue();
        LayPlan both = LayPlan.of(
                org.antevid.core.Samples.oak("S1", HERE, List.of()),
                org.antevid.core.Samples.toward(0, WINCH).by(guyed),
                org.antevid.core.Samples.site(),
                LayPlan.Limits.USUAL);
        assertThat(zones(both).get(Zone.Kind.LINE).takesIn(new Spot(-20, 2))).isTrue();
        assertThat(zones(both).get(Zone.Kind.LINE).takesIn(new Spot(2, 30))).isTrue();
    }

    @Test
    void aMovedRootPlateIsAStrikerOfItsOwn() {
        StemReading lifted = oak("S1", HERE, List.of(new Defect("d", DefectKind.LIFTED_ROOT_PLATE, 0, 0.3, 90, "")));
        Zone plate = zones(LayPlan.of(lifted, toward(0, WINCH), site(), LayPlan.Limits.USUAL))
                .get(Zone.Kind.PLATE);
        assertThat(plate.takesIn(new Spot(0, -30))).as("behind it as well").isTrue();
        assertThat(zones(plan(0, WINCH))).doesNotContainKey(Zone.Kind.PLATE);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreHeightOrMoreDoubtNeverShrinksAZone(long seed) {
        Random r = new Random(seed);
        double height = 10 + 15 * r.nextDouble();
        double lay = r.nextInt(360);
        LayPlan base = LayPlan.of(stem(height, 0.3, 0.4), toward(lay, WINCH), site(), LayPlan.Limits.USUAL);
        List<LayPlan> larger = List.of(
                LayPlan.of(
                        stem(height + 1 + 4 * r.nextDouble(), 0.3, 0.4),
                        toward(lay, WINCH),
                        site(),
                        LayPlan.Limits.USUAL),
                LayPlan.of(stem(height, 0.3 + r.nextDouble(), 0.4), toward(lay, WINCH), site(), LayPlan.Limits.USUAL));
        List<Spot> spots = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            spots.add(HERE.at(360 * r.nextDouble(), 60 * r.nextDouble()));
        }
        for (LayPlan l : larger) {
            for (Zone.Kind kind : List.of(Zone.Kind.RING, Zone.Kind.BUTT)) {
                Zone small = zones(base).get(kind);
                Zone large = zones(l).get(kind);
                assertThat(spots.stream().filter(small::takesIn))
                        .as("seed %d %s", seed, kind)
                        .allMatch(large::takesIn);
            }
        }
        LayPlan doubtful = LayPlan.of(stem(height, 0.3, 1.5), toward(lay, WINCH), site(), LayPlan.Limits.USUAL);
        assertThat(doubtful.fan().toDeg() - doubtful.fan().fromDeg())
                .as("seed %d", seed)
                .isGreaterThanOrEqualTo(base.fan().toDeg() - base.fan().fromDeg());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void moreLengthOrSpreadNeverLowersTheMostAStrikeCanBe(long seed) {
        Random r = new Random(seed);
        LyingTree tree = new LyingTree(15 + 10 * r.nextDouble(), 4, 0.25, 3);
        Shape thing = Shape.disc(HERE.at(360 * r.nextDouble(), 4 + 20 * r.nextDouble()), 0.5 + 2 * r.nextDouble());
        double lay = r.nextInt(360);
        double last = 0;
        for (double sigma = 0.5; sigma <= 60; sigma *= 1.3) {
            Strike s = Strike.of(tree.covering(thing, HERE), lay, 2, sigma, 0);
            assertThat(s.most())
                    .as("seed %d sigma %s", seed, sigma)
                    .isGreaterThanOrEqualTo(last - 1e-12)
                    .isGreaterThanOrEqualTo(s.controlled() - 1e-9);
            assertThat(Strike.of(tree.longer(tree.lengthM() + 3).covering(thing, HERE), lay, 2, sigma, 0)
                            .most())
                    .as("longer, seed %d", seed)
                    .isGreaterThanOrEqualTo(s.most() - 1e-9);
            last = s.most();
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void mirroringTheSiteMirrorsTheAnswer(long seed) {
        Random r = new Random(seed);
        double lean = r.nextInt(360);
        double lay = r.nextInt(360);
        double bearing = 360 * r.nextDouble();
        double far = 6 + 20 * r.nextDouble();
        LayPlan one = mirrored(lean, lay, bearing, far, 1);
        LayPlan other = mirrored(lean, lay, bearing, far, -1);
        assertThat(other.targets().get(0).clearanceM())
                .as("seed %d", seed)
                .isCloseTo(one.targets().get(0).clearanceM(), within(0.02));
        assertThat(other.control().proven()).isEqualTo(one.control().proven());
        one.control().biasDeg().ifPresent(b -> assertThat(
                        other.control().biasDeg().orElseThrow())
                .isCloseTo(-b, within(1e-6)));
        assertThat(other.judged().orElseThrow().score())
                .isCloseTo(one.judged().orElseThrow().score(), within(0.05));
    }

    private static LayPlan mirrored(double lean, double lay, double bearing, double far, int side) {
        Spot at = HERE.at(side * bearing, far);
        Site place = site(target("hut", at.eastM(), at.northM(), 1.5, 3));
        StemReading s = org.antevid.core.Samples.stem(
                "S1",
                HERE,
                StemState.STANDING,
                Optional.of(new Lean(1.5, side * lean, 0.5)),
                Condition.SOUND,
                List.of());
        return LayPlan.of(s, toward(side * lay, WINCH), place, LayPlan.Limits.USUAL);
    }

    @Test
    void whatCannotBeReachedIsOutOfReachAndNotNoughtPerCent() {
        LayPlan p =
                plan(0, WINCH, target("far", 0, 60, 1, 4), target("near", 0, 18, 1, 4), target("beside", 15, 0, 1, 4));
        List<Arg> said = p.targets().stream()
                .map((TargetCheck t) -> t.chance(p.control().proven()))
                .toList();
        assertThat(said.get(0)).isEqualTo(Arg.term(TargetCheck.NoChance.OUT_OF_REACH));
        assertThat(((Arg.Amount) said.get(1)).value()).isCloseTo(1, within(0.01));
        assertThat(((Arg.Amount) said.get(2)).value()).isLessThan(0.001);
        Feature agreed = new Feature(
                "c",
                "compost",
                org.antevid.core.site.FeatureKind.COMPOST,
                Shape.disc(new Spot(0, 10), 1),
                1,
                true,
                org.antevid.core.site.Protection.NONE,
                "",
                false);
        assertThat(plan(0, WINCH, agreed).targets().get(0).chance(true))
                .isEqualTo(Arg.term(TargetCheck.NoChance.MAY_BE_HIT));
        assertThat(plan(180, Means.of(Means.Kind.NOTHING), target("near", 0, 18, 1, 4))
                        .targets()
                        .get(0)
                        .chance(false))
                .isEqualTo(Arg.term(TargetCheck.NoChance.COUNTS_AS_HIT));
    }
}
