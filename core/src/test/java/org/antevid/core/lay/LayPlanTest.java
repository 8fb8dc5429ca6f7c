package org.antevid.core.lay;

import static org.antevid.core.Samples.WINCH;
import static org.antevid.core.Samples.oak;
import static org.antevid.core.Samples.plan;
import static org.antevid.core.Samples.site;
import static org.antevid.core.Samples.stem;
import static org.antevid.core.Samples.target;
import static org.antevid.core.Samples.toward;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.antevid.core.Told;
import org.antevid.core.lay.dial.Dial;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Ground;
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

class LayPlanTest {
    static IntStream seeds() {
        return IntStream.range(0, 60);
    }

    @Test
    void aSoundStemWithTheLeanOnALineHasANarrowFan() {
        LayPlan p = plan(0, WINCH);
        assertThat(p.control().proven()).isTrue();
        assertThat(p.fan().wholeCircle()).isFalse();
        // no sideways lean in the mean: bias is hinge yield only, sigma at least the 3 degrees of sound wood
        assertThat(p.control().sigmaDeg().orElseThrow()).isGreaterThanOrEqualTo(3);
        assertThat(p.fan().toDeg() - p.fan().fromDeg()).isLessThan(30);
    }

    @Test
    void withNothingToPullAStemLeaningBackIsNotProven() {
        LayPlan p = plan(180, Means.of(Means.Kind.NOTHING));
        assertThat(p.control().proven()).isFalse();
        assertThat(p.fan().wholeCircle()).isTrue();
        assertThat(p.control().biasDeg()).isEmpty();
    }

    @Test
    void aLineWithoutMeasuresIsNotKnownAndSoNotProven() {
        LayPlan p = plan(180, Means.of(Means.Kind.MACHINE_LINE));
        assertThat(p.control().reasons()).anyMatch(r -> Told.says(r, "MEANS_NOT_KNOWN"));
    }

    @Test
    void anUnknownLeanIsNoPlumbStem() {
        StemReading s = stem("S1", new Spot(0, 0), StemState.STANDING, Optional.empty(), Condition.SOUND, List.of());
        LayPlan p = LayPlan.of(s, toward(0, WINCH), site(), LayPlan.Limits.USUAL);
        assertThat(p.control().reasons()).extracting(Message::code).containsExactly(LayDoubt.LEAN_NOT_KNOWN);
        assertThat(p.fan().wholeCircle()).isTrue();
    }

    @Test
    void aHingeOfDecayedWoodPromisesNoLay() {
        StemReading s = oak("S1", new Spot(0, 0), List.of(new Defect("d", DefectKind.CAVITY, 0, 0.5, 90, "")));
        LayPlan p = LayPlan.of(s, toward(0, WINCH), site(), LayPlan.Limits.USUAL);
        assertThat(p.control().reasons())
                .anyMatch(r -> Told.says(r, "HINGE_WOOD")
                        && Told.text(r.args(), "wood").equals("DECAYED"));
        StemReading high = oak("S1", new Spot(0, 0), List.of(new Defect("d", DefectKind.CAVITY, 6, 7, 90, "")));
        assertThat(LayPlan.of(high, toward(0, WINCH), site(), LayPlan.Limits.USUAL)
                        .control()
                        .proven())
                .isTrue();
    }

    @Test
    void aTargetBesideTheFanIsInReachButNotTouched() {
        // 15 m east of the stump, lay north: in reach of 20 m, well clear of a fan a few degrees wide
        LayPlan p = plan(0, WINCH, target("hut", 15, 0, 1, 3));
        TargetCheck hut = p.targets().get(0);
        assertThat(hut.inReach()).isTrue();
        assertThat(hut.inFan()).isFalse();
        assertThat(hut.clearanceM()).isBetween(8.0, 11.5);
        assertThat(p.worstTouched()).isEmpty();
    }

    @Test
    void throwReachesTargetsBeyondTheTip() {
        LayPlan p = plan(0, WINCH, target("bench", 0, 24, 0.5, 2));
        assertThat(p.zone().designReachM()).isLessThan(23.5);
        assertThat(p.targets().get(0).inReach()).isFalse();
        assertThat(p.targets().get(0).inFan()).isTrue();
    }

    @Test
    void theRingIsTwoTreeLengthsUnlessTheHouseSaysMore() {
        LayPlan two = plan(0, WINCH);
        assertThat(two.zone().exclusionM()).isCloseTo(2 * two.zone().lengthM(), within(1e-9));
        LayPlan three =
                LayPlan.of(oak("S1", new Spot(0, 0), List.of()), toward(0, WINCH), site(), new LayPlan.Limits(3, 3));
        assertThat(three.zone().exclusionM()).isCloseTo(3 * three.zone().lengthM(), within(1e-9));
    }

    @Test
    void whatIsNotMeasuredIsNamedAndNothingIsComputed() {
        StemReading s = new StemReading(
                "S9",
                Species.SALIX,
                StemState.STANDING,
                new Spot(0, 0),
                Optional.of(new Estimate(0.4, 0.01)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Condition.SOUND,
                StemMass.Shape.OPEN,
                StemMass.Crown.OPEN_BROADLEAF,
                List.of(),
                false);
        assertThatThrownBy(() -> LayPlan.of(s, toward(0, WINCH), site(), LayPlan.Limits.USUAL))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("HEIGHT");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void turningSiteAndLayTogetherChangesNothing(int seed) {
        Random random = new Random(seed);
        double lay = random.nextInt(360);
        double bearing = random.nextInt(360);
        double far = 5 + random.nextDouble() * 40;
        double turn = random.nextInt(360);
        Spot a = new Spot(0, 0).at(bearing, far);
        Spot b = new Spot(0, 0).at(bearing + turn, far);
        TargetCheck before = check(lay, 0, a);
        TargetCheck after = check(lay + turn, turn, b);
        assertThat(after.clearanceM()).as("seed %d", seed).isCloseTo(before.clearanceM(), within(0.05));
        assertThat(after.inReach()).as("seed %d", seed).isEqualTo(before.inReach());
    }

    private static TargetCheck check(double lay, double leanTo, Spot at) {
        StemReading s = stem(
                "S1",
                new Spot(0, 0),
                StemState.STANDING,
                Optional.of(new Lean(1, leanTo, 0.5)),
                Condition.SOUND,
                List.of());
        return LayPlan.of(s, toward(lay, WINCH), site(target("t", at.eastM(), at.northM(), 1, 3)), LayPlan.Limits.USUAL)
                .targets()
                .get(0);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aTallerStemNeverReachesLess(int seed) {
        Random random = new Random(seed);
        double height = 8 + random.nextDouble() * 30;
        double slope = random.nextDouble() * 25;
        Ground ground = new Ground(slope, random.nextInt(360));
        FallZone lower = zone(height, ground);
        FallZone higher = zone(height * 1.1, ground);
        assertThat(higher.designReachM()).as("seed %d", seed).isGreaterThan(lower.designReachM());
        assertThat(higher.exclusionM()).as("seed %d", seed).isGreaterThan(lower.exclusionM());
        assertThat(lower.designReachM())
                .as("design reach is never below the map reach, seed %d", seed)
                .isGreaterThanOrEqualTo(lower.mapReachM() - 0.1);
    }

    private static FallZone zone(double height, Ground ground) {
        return FallZone.of(new FallZone.Fall(
                30,
                new Spot(0, 0),
                new Estimate(height, 0.5),
                0.3,
                3,
                1.15,
                0.8,
                ground,
                45,
                0.3,
                0.6,
                0.5,
                2,
                height * 0.4,
                3,
                FallZone.Limbs.BRANCHED));
    }

    @Test
    void theDialCoversTheWholeRoundOnceAndBlocksTheTarget() {
        Dial dial = Dial.of(
                oak("S1", new Spot(0, 0), List.of()),
                toward(0, WINCH),
                site(target("hut", 0, 15, 2, 4)),
                LayPlan.Limits.USUAL);
        assertThat(dial.degrees(Dial.State.OPEN) + dial.degrees(Dial.State.COSTLY) + dial.degrees(Dial.State.BLOCKED))
                .isEqualTo(360);
        assertThat(dial.runs())
                .anyMatch(r -> r.state() == Dial.State.BLOCKED
                        && r.reason()
                                .filter(m -> Told.text(m.args(), "target").equals("hut"))
                                .isPresent());
        assertThat(dial.runs().get(0).state()).isEqualTo(Dial.State.BLOCKED);
        assertThat(dial.widest(Dial.State.OPEN)).isPresent();
    }
}
