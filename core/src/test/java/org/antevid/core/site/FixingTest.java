package org.antevid.core.site;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Getting a place: two tapes, an offset, the globe, a picture; and what gets in. */
class FixingTest {
    private static final Anchor ANCHOR = new Anchor(49.5, -29.25, 12);

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 80);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void oneOfTheTwoPlacesIsTheOneThatWasTaped(long seed) {
        Random r = new Random(seed);
        Spot a = new Spot(60 * r.nextDouble(), 60 * r.nextDouble());
        Spot b = a.at(360 * r.nextDouble(), 5 + 30 * r.nextDouble());
        Spot there = new Spot(60 * r.nextDouble(), 60 * r.nextDouble());
        TwoTapes two = TwoTapes.of(a, a.distanceTo(there), b, b.distanceTo(there));
        assertThat(two.places()).as("seed %d", seed).anyMatch(p -> p.distanceTo(there) < 1e-6);
    }

    @Test
    void theFirstPlaceIsToTheRightOfTheLine() {
        // 3-4-5 triangle: from the origin to (5, 0), tapes 3 and 4
        TwoTapes two = TwoTapes.of(new Spot(0, 0), 3, new Spot(5, 0), 4);
        assertThat(two.places()).hasSize(2);
        assertThat(two.places().get(0).northM()).isCloseTo(-2.4, within(1e-9));
        assertThat(two.places().get(1).northM()).isCloseTo(2.4, within(1e-9));
        assertThat(two.places().get(0).eastM()).isCloseTo(1.8, within(1e-9));
    }

    @Test
    void tapesThatMissEachOtherAreRefusedWithTheGap() {
        assertThatThrownBy(() -> TwoTapes.of(new Spot(0, 0), 3, new Spot(10, 0), 4))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("TAPES_DO_NOT_MEET");
        assertThatThrownBy(() -> TwoTapes.of(new Spot(0, 0), 3, new Spot(0, 0), 4))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("SAME_POINT");
    }

    @Test
    void tapesThatCutAtASharpAngleAreLessCertain() {
        double square = TwoTapes.of(new Spot(0, 0), 10, new Spot(14.14, 0), 10).sigmaM();
        double sharp = TwoTapes.of(new Spot(0, 0), 10, new Spot(19.5, 0), 10).sigmaM();
        assertThat(sharp).isGreaterThan(square);
    }

    @Test
    void anOffsetGoesAlongAndThenToTheRight() {
        Spot s = TwoTapes.offset(new Spot(0, 0), new Spot(0, 10), 4, 2);
        assertThat(s.eastM()).isCloseTo(2, within(1e-9));
        assertThat(s.northM()).isCloseTo(4, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theGlobeAndBackIsTheSamePlaceToATenthOfAMillimetre(long seed) {
        Random r = new Random(seed);
        Spot s = new Spot(2000 * r.nextDouble() - 1000, 2000 * r.nextDouble() - 1000);
        assertThat(ANCHOR.spot(ANCHOR.globe(s)).distanceTo(s))
                .as("seed %d", seed)
                .isLessThan(1e-4);
    }

    @Test
    void aPlaceWithSwappedLatitudeAndLongitudeIsRecognised() {
        Anchor.Globe g = ANCHOR.globe(new Spot(20, 30));
        assertThatThrownBy(() -> ANCHOR.spot(new Anchor.Globe(g.longitudeDeg(), g.latitudeDeg())))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("LATITUDE_LONGITUDE_SWAPPED");
        assertThatThrownBy(() -> ANCHOR.spot(new Anchor.Globe(10, 10)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("FAR_AWAY");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void bothKnownPointsOfAPictureComeToLieWhereTheyAre(long seed) {
        Random r = new Random(seed);
        Underlay.Pixel p1 = new Underlay.Pixel(500 * r.nextDouble(), 500 * r.nextDouble());
        Underlay.Pixel p2 = new Underlay.Pixel(600 + 500 * r.nextDouble(), 600 * r.nextDouble());
        Spot s1 = new Spot(100 * r.nextDouble(), 100 * r.nextDouble());
        Spot s2 = s1.at(360 * r.nextDouble(), 5 + 60 * r.nextDouble());
        Underlay u = Underlay.of(p1, s1, p2, s2);
        assertThat(u.spot(p1).distanceTo(s1)).as("seed %d", seed).isLessThan(1e-6);
        assertThat(u.spot(p2).distanceTo(s2)).as("seed %d", seed).isLessThan(1e-6);
    }

    @Test
    void aPictureIsNotScaledByTwoPointsOnTopOfEachOther() {
        assertThatThrownBy(() ->
                        Underlay.of(new Underlay.Pixel(1, 1), new Spot(0, 0), new Underlay.Pixel(2, 2), new Spot(5, 5)))
                .isInstanceOf(RefusedInput.class);
    }

    @Test
    void aMachineIsKeptOutByEachMeasureOnItsOwn() {
        Access.Machine lorry = new Access.Machine("lorry", Access.Use.CRANE, 2.5, 12000, 8, Optional.empty());
        assertThat(Access.NOT_KNOWN.keepsOut(lorry))
                .as("what nobody measured keeps nobody out, and is said")
                .isEmpty();
        assertThat(Access.NOT_KNOWN.notKnown()).containsExactly(Access.Measure.values());
        assertThat(new Access(Optional.of(2.7), Optional.empty(), Optional.empty(), "").keepsOut(lorry))
                .singleElement()
                .satisfies(m -> assertThat(m.code()).isEqualTo(Access.Limit.TOO_NARROW))
                .satisfies(m ->
                        assertThat(((Arg.Amount) m.args().get("needs")).value()).isCloseTo(2.8, within(1e-9)));
        assertThat(new Access(Optional.of(3.0), Optional.of(10.0), Optional.of(3500.0), "").keepsOut(lorry))
                .hasSize(2);
    }

    @Test
    void theEmergencyCardNamesWhatItLacks() {
        assertThat(EmergencyCard.EMPTY.missing(false)).hasSize(7);
        assertThat(EmergencyCard.EMPTY.missing(true)).contains(EmergencyCard.Entry.UTILITY_LINE);
        assertThat(new EmergencyCard("a", "b", "c", "d", "e", "f", "g", "").missing(false))
                .isEmpty();
    }

    @Test
    void aLineNobodyAskedAboutCountsAsLive() {
        Shape line = Shape.line(List.of(new Spot(0, 0), new Spot(10, 0)));
        Feature asked = new Feature(
                "l",
                "line",
                FeatureKind.OVERHEAD_LINE,
                line,
                4,
                false,
                Protection.NONE,
                "",
                false,
                new Feature.Detail("", "", Optional.of(VoltageClass.TELEPHONE), Optional.empty()));
        Feature unasked =
                new Feature("l", "line", FeatureKind.OVERHEAD_LINE, line, 4, false, Protection.NONE, "", false);
        Feature off = new Feature(
                "l",
                "line",
                FeatureKind.OVERHEAD_LINE,
                line,
                4,
                false,
                Protection.SWITCH_OFF,
                "Oren Pike",
                true,
                new Feature.Detail("", "", Optional.of(VoltageClass.HIGH), Optional.empty()));
        assertThat(unasked.live()).isTrue();
        assertThat(asked.live()).isFalse();
        assertThat(off.live()).isFalse();
    }
}
