package org.antevid.core.stem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Several sightings of one stem: combined, contradicting, made void, waiting for the leader. */
class FieldBookTest {
    static LongStream seeds() {
        return LongStream.rangeClosed(1, 120);
    }

    @Test
    void twoGirthsAreCombinedByWeight() {
        FieldBook b = book(girth(1.63), girth(1.64));
        assertThat(b.diameter().orElseThrow().estimate().value()).isCloseTo(1.635 / Math.PI, within(1e-9));
        assertThat(b.diameter().orElseThrow().how().code()).isEqualTo(How.SEVERAL);
        assertThat(b.diameter().orElseThrow().how().args()).containsEntry("count", Arg.count(2));
        assertThat(b.disagreements()).isEmpty();
    }

    @Test
    void aMeasuredQuantityOutranksOneByEye() {
        FieldBook b = book(girth(1.63), of(SightingKind.EYE_DIAMETER, Map.of("diameterM", 0.9)));
        assertThat(b.diameter().orElseThrow().estimate().value()).isCloseTo(0.519, within(1e-3));
        assertThat(b.diameter().orElseThrow().byEye()).isFalse();
    }

    @Test
    void heightsThatContradictEachOtherAreShownAndTheLargestCounts() {
        FieldBook b = book(angles(30, 36, -4), angles(30, 42, -4));
        assertThat(b.height().orElseThrow().estimate().value()).isGreaterThan(28);
        assertThat(b.disagreements()).extracting(Message::code).containsExactly(BookRemark.HEIGHTS_DISAGREE);
    }

    @Test
    void diametersThatContradictEachOtherKeepTheirSpreadAsSigma() {
        FieldBook b = book(girth(1.5), girth(1.7));
        assertThat(b.diameter().orElseThrow().estimate().sigma()).isGreaterThan(0.02);
        assertThat(b.disagreements()).extracting(Message::code).containsExactly(BookRemark.DIAMETERS_DISAGREE);
    }

    @Test
    void oneThatIsSetAsideNoLongerContradicts() {
        Sighting wrong = angles(30, 42, -4);
        Sighting aside = new Sighting(
                wrong.id(),
                wrong.kind(),
                wrong.numbers(),
                wrong.choices(),
                wrong.then(),
                true,
                Optional.of("misread"),
                wrong.estimate(),
                List.of());
        FieldBook b = book(angles(30, 36, -4), aside);
        assertThat(b.disagreements()).isEmpty();
        assertThat(b.height().orElseThrow().estimate().value()).isLessThan(24.5);
    }

    @Test
    void twoPlumbedViewsMakeALeanAndOneDoesNot() {
        Sighting north = of(SightingKind.LEAN_VIEW, Map.of("bearingDeg", 0.0, "offsetM", 1.0));
        Sighting east = of(SightingKind.LEAN_VIEW, Map.of("bearingDeg", 90.0, "offsetM", 0.0));
        FieldBook one = book(angles(30, 36, -4), north);
        assertThat(one.lean()).isEmpty();
        assertThat(one.disagreements()).extracting(Message::code).containsExactly(BookRemark.LEAN_SEEN_ONCE);
        FieldBook two = book(angles(30, 36, -4), north, east);
        assertThat(two.lean().orElseThrow().lean().azimuthDeg()).isCloseTo(90, within(1e-6));
        // one metre on 23.9 m
        assertThat(two.lean().orElseThrow().lean().deg()).isCloseTo(2.4, within(0.05));
    }

    @Test
    void viewsWaitForTheHeight() {
        FieldBook b = book(
                of(SightingKind.LEAN_VIEW, Map.of("bearingDeg", 0.0, "offsetM", 1.0)),
                of(SightingKind.LEAN_VIEW, Map.of("bearingDeg", 90.0, "offsetM", 0.0)));
        assertThat(b.lean()).isEmpty();
        assertThat(b.disagreements()).contains(Message.of(BookRemark.LEAN_WAITS_FOR_HEIGHT));
    }

    @Test
    void theLargestCrownRadiusCountsAndThreeOfThemMakeItsMiddle() {
        FieldBook b = book(crown(2, 0), crown(5, 120), crown(3, 240));
        assertThat(b.crownRadius().orElseThrow().estimate().value()).isEqualTo(5);
        assertThat(b.crownOffset()).isPresent();
    }

    @Test
    void aLeanNoLongerHoldsOnceTheStemHangs() {
        Sighting lean = of(SightingKind.PLUMB_LEAN, Map.of("leanDeg", 4.0, "azimuthDeg", 90.0));
        assertThat(FieldBook.of(List.of(lean, girth(1.2)), StemState.HUNG).lean())
                .isEmpty();
        assertThat(FieldBook.of(List.of(lean, girth(1.2)), StemState.HUNG).diameter())
                .isPresent();
        assertThat(FieldBook.of(List.of(lean), StemState.STANDING).lean()).isPresent();
    }

    @ParameterizedTest
    @EnumSource(SightedQuantity.class)
    void whatWasMeasuredStillHoldsInTheSameState(SightedQuantity what) {
        for (StemState s : StemState.values()) {
            assertThat(what.stillHolds(s, s)).isTrue();
        }
        assertThat(SightedQuantity.LEAN.stillHolds(StemState.STANDING, StemState.SET_UP_AGAIN))
                .isFalse();
    }

    @Test
    void whatOnlyTheCrewHasSeenIsNotKnownUntilTheLeaderAcceptsIt() {
        assertThat(book(crew(angles(30, 36, -4))).height()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aSightingOfTheCrewOnlyEverWidens(long seed) {
        Random r = new Random(seed);
        List<Sighting> sure = new ArrayList<>(List.of(
                girth(1 + r.nextDouble()),
                angles(20 + 15 * r.nextDouble(), 30 + 12 * r.nextDouble(), -5),
                of(
                        SightingKind.PLUMB_LEAN,
                        Map.of("leanDeg", 6 * r.nextDouble(), "azimuthDeg", 360 * r.nextDouble()))));
        FieldBook before = FieldBook.of(sure, StemState.STANDING);
        sure.add(crew(angles(20 + 15 * r.nextDouble(), 25 + 20 * r.nextDouble(), -5)));
        sure.add(crew(girth(0.8 + 1.5 * r.nextDouble())));
        sure.add(crew(of(
                SightingKind.PLUMB_LEAN, Map.of("leanDeg", 8 * r.nextDouble(), "azimuthDeg", 360 * r.nextDouble()))));
        FieldBook after = FieldBook.of(sure, StemState.STANDING);
        for (var pair :
                List.of(List.of(before.height(), after.height()), List.of(before.diameter(), after.diameter()))) {
            assertThat(pair.get(1).orElseThrow().estimate().high())
                    .as("seed %d", seed)
                    .isGreaterThanOrEqualTo(pair.get(0).orElseThrow().estimate().high() - 1e-9);
            assertThat(pair.get(1).orElseThrow().estimate().low())
                    .as("seed %d", seed)
                    .isLessThanOrEqualTo(pair.get(0).orElseThrow().estimate().low() + 1e-9);
        }
        assertThat(after.lean().orElseThrow().lean().sigmaDeg())
                .as("seed %d", seed)
                .isGreaterThanOrEqualTo(before.lean().orElseThrow().lean().sigmaDeg());
    }

    @Test
    void aMissingNumberIsNamedAndNeverTakenForNothing() {
        assertThatThrownBy(() -> of(SightingKind.HEIGHT_ANGLES, Map.of("distanceM", 30.0)))
                .isInstanceOfSatisfying(
                        RefusedInput.class,
                        e -> assertThat(e.faults()).extracting("field").containsExactly("top", "base"));
    }

    @Test
    void aNumberOutOfItsRangeIsRefusedWithTheRange() {
        assertThatThrownBy(() -> girth(40))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("OUT_OF_RANGE")
                .hasMessageContaining("0.03");
    }

    @Test
    void percentReadingsAndATapeToTheBaseAreUnderstood() {
        // 45 degrees are 100 %; level 20 m away: 20 + 20 * 0.1 up to the eye
        Sighting s = Sighting.read(
                "x",
                SightingKind.HEIGHT_ANGLES,
                Map.of("distanceM", 20.0, "top", 100.0, "base", -10.0),
                Map.of("unit", "percent"),
                StemState.STANDING,
                true);
        assertThat(s.estimate().value()).isCloseTo(22, within(1e-9));
        assertThatThrownBy(() -> Sighting.read(
                        "x",
                        SightingKind.HEIGHT_ANGLES,
                        Map.of("distanceM", 20.0, "top", 40.0, "base", -4.0),
                        Map.of("unit", "grads"),
                        StemState.STANDING,
                        true))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("NOT_AMONG")
                .hasMessageContaining("percent");
    }

    @ParameterizedTest
    @EnumSource(SightingKind.class)
    void everyKindSaysWhatItNeedsAndAnswersWhenItHasIt(SightingKind kind) {
        Map<String, Double> given = new java.util.HashMap<>();
        kind.notes().stream().filter(n -> n.choices().isEmpty()).forEach(n -> given.put(n.name(), usual(n.name())));
        Sighting s = Sighting.read("x", kind, given, Map.of(), StemState.STANDING, true);
        assertThat(s.estimate().sigma()).as("never without a sigma").isGreaterThan(0);
        assertThat(s.how().code()).isNotNull();
    }

    private static double usual(String name) {
        return switch (name) {
            case "distanceM", "eyeToTreeM", "treeShadowM" -> 25;
            case "top" -> 38;
            case "base" -> -5;
            case "girthM", "heightM" -> 2;
            case "poleM", "poleShadowM" -> 1.5;
            case "bearingDeg", "azimuthDeg", "treeFallDeg", "poleFallDeg", "groundSlopeDeg", "barkM" -> 0;
            case "leanDeg", "angleDeg" -> 3;
            case "footY", "lowY" -> 0.1;
            case "markY" -> 0.2;
            case "topY", "highY" -> 0.9;
            case "knownM" -> 2;
            case "cameraM" -> 1.6;
            case "viewDeg" -> 67;
            case "sigmaM" -> 0.15;
            case "sigmaDeg" -> 0.6;
            default -> 0.5;
        };
    }

    private static FieldBook book(Sighting... s) {
        return FieldBook.of(Arrays.asList(s), StemState.STANDING);
    }

    private static Sighting of(SightingKind kind, Map<String, Double> numbers) {
        return Sighting.read(
                kind + String.valueOf(numbers.hashCode()), kind, numbers, Map.of(), StemState.STANDING, true);
    }

    private static Sighting crew(Sighting s) {
        return Stream.of(s)
                .map(x -> new Sighting(
                        x.id(),
                        x.kind(),
                        x.numbers(),
                        x.choices(),
                        x.then(),
                        false,
                        Optional.empty(),
                        x.estimate(),
                        x.warnings()))
                .findFirst()
                .orElseThrow();
    }

    private static Sighting girth(double m) {
        return of(SightingKind.GIRTH, Map.of("girthM", m));
    }

    private static Sighting angles(double distance, double top, double base) {
        return of(SightingKind.HEIGHT_ANGLES, Map.of("distanceM", distance, "top", top, "base", base));
    }

    private static Sighting crown(double radius, double azimuth) {
        return of(SightingKind.CROWN_RADIUS, Map.of("radiusM", radius, "azimuthDeg", azimuth));
    }
}
