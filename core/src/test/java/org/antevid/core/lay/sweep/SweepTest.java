package org.antevid.core.lay.sweep;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.antevid.core.Samples;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.lay.dial.DialRemark;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.StandingTree;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** All lays of a recorded stem: laws, the words of the dial, windows and what opens a lay. */
class SweepTest {
    private static final Spot HERE = new Spot(0, 0);

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 12);
    }

    private static StemReading leaning(double toDeg) {
        return Samples.stem(
                "S1", HERE, StemState.STANDING, Optional.of(new Lean(2, toDeg, 0.4)), Condition.SOUND, List.of());
    }

    private static Dial dial(StemReading stem, Means means, Site site) {
        return Dial.of(stem, Samples.toward(0, means), site, LayPlan.Limits.USUAL);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void turningTheWholeSiteTurnsTheAnswer(long seed) {
        Random r = new Random(seed);
        int turn = r.nextInt(360);
        double lean = r.nextInt(360);
        double[][] at = IntStream.range(0, 5)
                .mapToObj(i -> new double[] {360 * r.nextDouble(), 6 + 30 * r.nextDouble(), 1 + r.nextInt(4)})
                .toArray(double[][]::new);
        Dial a = dial(leaning(lean), Samples.WINCH, around(at, 0));
        Dial b = dial(leaning(lean + turn), Samples.WINCH, around(at, turn));
        for (int deg = 0; deg < 360; deg += 7) {
            Dial.Lay one = a.lays().get(deg);
            Dial.Lay other = b.lays().get((deg + turn) % 360);
            assertThat(other.score()).as("seed %d at %d", seed, deg).isCloseTo(one.score(), within(0.05));
            assertThat(other.pullN()).isCloseTo(one.pullN(), within(1.0));
        }
    }

    private static Site around(double[][] at, double turn) {
        return Samples.site(IntStream.range(0, at.length)
                .mapToObj(i -> {
                    Spot s = HERE.at(at[i][0] + turn, at[i][1]);
                    return Samples.target("t" + i, s.eastM(), s.northM(), 1.5, (int) at[i][2]);
                })
                .toArray(Feature[]::new));
    }

    @Test
    void withWhatIsAtHandABackwardLeanReadsOpenWithAPull() {
        Dial byHand = dial(leaning(180), Means.of(Means.Kind.NOTHING), Samples.site());
        Dial.Lay north = byHand.lays().get(0);
        assertThat(north.state()).isEqualTo(Dial.State.OPEN_WITH_PULL);
        assertThat(north.pullN()).isGreaterThan(500);
        assertThat(north.first()).anyMatch(f -> f.code() == DialRemark.PULL_AT_LEAST);
        assertThat(byHand.lays().get(180).state())
                .as("as it is expected it goes by itself; its margin says wedges ready")
                .isEqualTo(Dial.State.COSTLY);
        assertThat(byHand.lays().get(180).first()).contains(Message.of(DialRemark.WEDGES_READY));
        assertThat(dial(leaning(180), Samples.WINCH, Samples.site())
                        .lays()
                        .get(0)
                        .state())
                .isEqualTo(Dial.State.OPEN);
        Means weak = new Means(
                Means.Kind.MACHINE_LINE, Optional.of(12.0), Optional.of(50.0), Optional.of(north.pullN() / 3));
        assertThat(dial(leaning(180), weak, Samples.site()).lays().get(0).state())
                .isEqualTo(Dial.State.BLOCKED);
    }

    @Test
    void aMachineThatStandsAsidePullsTheStemSideways() {
        Means aside = new Means(
                Means.Kind.MACHINE_LINE,
                Optional.of(12.0),
                Optional.empty(),
                Optional.of(20000.0),
                Optional.of(HERE.at(40, 50)),
                Optional.empty(),
                0);
        LayPlan straight = LayPlan.of(leaning(180), Samples.toward(40, aside), Samples.site(), LayPlan.Limits.USUAL);
        LayPlan off = LayPlan.of(leaning(180), Samples.toward(0, aside), Samples.site(), LayPlan.Limits.USUAL);
        LayPlan without =
                LayPlan.of(leaning(180), Samples.toward(0, Samples.WINCH), Samples.site(), LayPlan.Limits.USUAL);
        assertThat(straight.judged().orElseThrow().lean().sideNm())
                .as("pulled along the lay: the lean alone")
                .isLessThan(0.9 * off.judged().orElseThrow().lean().sideNm());
        assertThat(off.judged().orElseThrow().lean().sideNm())
                .as("pulled to the right of the lay")
                .isGreaterThan(without.judged().orElseThrow().lean().sideNm() + 1000);
        assertThat(LayPlan.of(leaning(180), Samples.toward(300, aside), Samples.site(), LayPlan.Limits.USUAL)
                        .judged()
                        .orElseThrow()
                        .back()
                        .capacityNm())
                .as("a hundred degrees off")
                .contains(0.0);
    }

    @Test
    void noDirectionIsScoredWithAnAssumedLean() {
        StemReading unknown =
                Samples.stem("S1", HERE, StemState.STANDING, Optional.empty(), Condition.SOUND, List.of());
        Dial d = dial(unknown, Samples.WINCH, Samples.site());
        assertThat(d.lays()).isEmpty();
        assertThat(d.closed().orElseThrow().opens()).contains(Message.of(DialRemark.LEAN_FROM_TWO_SIDES));
    }

    @Test
    void whereNothingIsOpenItSaysWhatBlocksMostAndWhatWouldOpenOne() {
        Dial d = dial(
                leaning(0),
                Samples.WINCH,
                Samples.site(new Feature(
                        "h",
                        "hall",
                        FeatureKind.BUILDING,
                        Shape.disc(HERE, 12),
                        4,
                        false,
                        Protection.NONE,
                        "",
                        false)));
        assertThat(d.windows()).isEmpty();
        assertThat(d.picks()).isEmpty();
        Dial.Closed closed = d.closed().orElseThrow();
        assertThat(closed.mostFrequent())
                .isEqualTo(Message.of(DialRemark.TARGET).with("target", Arg.name("hall")));
        assertThat(closed.degrees()).isEqualTo(360);
        assertThat(closed.opens()).contains(Message.of(DialRemark.MOVE_TARGET).with("target", Arg.name("hall")));
    }

    @Test
    void aLeanKnownByEyeOnlyIsNamedAsWhatBlocks() {
        StemReading byEye = Samples.stem(
                "S1", HERE, StemState.STANDING, Optional.of(new Lean(7, 90, 15)), Condition.SOUND, List.of());
        Site walled = Samples.site(
                Samples.target("house", 0, 18, 3, 4),
                Samples.target("shed", 0, -18, 3, 4),
                Samples.target("barn", -18, 0, 3, 4));
        Dial d = dial(byEye, Means.of(Means.Kind.NOTHING), walled);
        assertThat(d.windows()).isEmpty();
        assertThat(d.closed().orElseThrow().opens())
                .as(d.closed().toString())
                .contains(Message.of(DialRemark.UNCERTAINTY_BLOCKS));
    }

    @Test
    void aPlannedProtectionIsAConditionUntilItIsDone() {
        Feature planned = new Feature(
                "h",
                "hives",
                FeatureKind.BEEHIVES,
                Shape.disc(new Spot(0, 15), 1.5),
                2,
                false,
                Protection.MOVE,
                "Oren Pike",
                false);
        Dial.Lay north =
                dial(leaning(0), Samples.WINCH, Samples.site(planned)).lays().get(0);
        assertThat(north.state()).isEqualTo(Dial.State.COSTLY);
        assertThat(north.first()).contains(Message.of(DialRemark.PROTECT).with("target", Arg.name("hives")));
        Feature done = new Feature(
                "h",
                "hives",
                FeatureKind.BEEHIVES,
                Shape.disc(new Spot(0, 15), 1.5),
                2,
                false,
                Protection.MOVE,
                "Oren Pike",
                true);
        assertThat(dial(leaning(0), Samples.WINCH, Samples.site(done))
                        .lays()
                        .get(0)
                        .state())
                .isEqualTo(Dial.State.OPEN);
    }

    @Test
    void aNeighbourCatchesWhatFallsIntoItAndNothingElse() {
        Site site = Samples.site()
                .with(List.of(
                        new StandingTree("T1", new Spot(0, 8), 18, 3, 0.5), new StandingTree("S1", HERE, 20, 3, 0.5)));
        Dial d = dial(leaning(0), Samples.WINCH, site);
        assertThat(d.lays().get(0).state()).isEqualTo(Dial.State.BLOCKED);
        assertThat(d.lays().get(0).reason()).contains(Message.of(DialRemark.HANGS_UP));
        assertThat(d.lays().get(180).state()).isEqualTo(Dial.State.OPEN);
        LayPlan into = LayPlan.of(leaning(0), Samples.toward(0, Samples.WINCH), site, LayPlan.Limits.USUAL);
        assertThat(into.judged().orElseThrow().hangUps().byNeighbour()).containsOnlyKeys("T1");
    }

    @Test
    void aStouterAndNearerNeighbourHoldsMore() {
        double far = new Neighbour("n", 0, 14, 18, 3, 0.4).hangUp(0, 3, 3.45, 23, 0.5);
        double near = new Neighbour("n", 0, 6, 18, 3, 0.4).hangUp(0, 3, 3.45, 23, 0.5);
        double thin = new Neighbour("n", 0, 6, 18, 3, 0.1).hangUp(0, 3, 3.45, 23, 0.5);
        assertThat(near).isGreaterThan(far);
        assertThat(thin).isLessThan(near);
        assertThat(new Neighbour("n", 0, -6, 18, 3, 0.4).hangUp(0, 3, 3.45, 23, 0.5))
                .as("behind")
                .isZero();
    }

    @Test
    void theBestLayHasAReasonAndTheSecondSaysWhyItIsSecond() {
        Site site = Samples.site(Samples.target("hut", 0, 15, 2, 3), Samples.target("shed", 0, -15, 2, 3));
        Dial d = dial(leaning(90), Samples.WINCH, site);
        assertThat(d.windows()).hasSize(2);
        assertThat(d.picks()).hasSize(2);
        assertThat(Math.abs(d.picks().get(0).deg() - 90)).isLessThan(45);
        assertThat(d.picks().get(1).why().code()).isEqualTo(DialRemark.SECOND_BY);
        assertThat(d.windows().get(0).edgeDeg()).isPresent();
    }

    @Test
    void costsAreSaidPartByPartAndAddUpToTheScore() {
        Dial.Lay lay = dial(leaning(180), Samples.WINCH, Samples.site(Samples.target("hut", 3, 16, 2, 2)))
                .lays()
                .get(340);
        double taken =
                lay.costs().values().stream().mapToDouble(Double::doubleValue).sum();
        assertThat(lay.score()).isCloseTo(Math.max(0, 100 - taken), within(3.0));
    }
}
