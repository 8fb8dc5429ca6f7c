package org.antevid.core.judge.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.antevid.core.Samples;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.WorkDay;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.HouseRules;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.SightLine;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.Today;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The stem at the origin, the lookout 60 m east of it, a shed or a rise between them or not. */
class OutOfSightTest {
    private static final Spot LOOKOUT = new Spot(60, 0);
    private static final Situation.Circumstances GOOD = Situation.Circumstances.GOOD;

    private static Feature thing(FeatureKind kind, double northM) {
        Shape shape = Shape.polygon(List.of(
                new Spot(28, northM), new Spot(34, northM), new Spot(34, northM + 6), new Spot(28, northM + 6)));
        return new Feature("t", "the shed", kind, shape, 0, false, Protection.NONE, "", false);
    }

    private static List<Finding> found(Site site, Optional<String> channel, Step.Post... posts) {
        Step step = new Step("a", 1, Step.Kind.FELL, Optional.of("S1"), 0, 30, false, List.of(posts));
        WorkDay day = new WorkDay(20000, OptionalInt.of(600), List.of(), channel);
        Situation s = new Situation(
                HouseRules.USUAL,
                site,
                Optional.empty(),
                9,
                List.of(new Situation.StemFacts(
                        Samples.oak("S1", new Spot(0, 0), List.of()), Optional.empty(), false, Optional.empty())),
                Map.of(),
                List.of(),
                List.of(step),
                List.of(new Person("nadia", "Nadia", Set.of()), new Person("sefa", "Sefa", Set.of())),
                "imre",
                List.of(),
                new Situation.Circumstances(
                                GOOD.ahead(),
                                GOOD.ground(),
                                GOOD.light(),
                                GOOD.load(),
                                GOOD.permits(),
                                GOOD.card(),
                                GOOD.access(),
                                GOOD.machines(),
                                GOOD.chosen())
                        .on(day));
        return new OutOfSight().check(s).toList();
    }

    private static Site with(Feature... features) {
        return Samples.site(features);
    }

    private static final Step.Post CUTTER = new Step.Post(Role.CUTTER, "nadia", Optional.empty());
    private static final Step.Post WATCH = new Step.Post(Role.LOOKOUT, "sefa", Optional.of(LOOKOUT));

    @Test
    void aShedBetweenCutterAndLookoutIsSaidWithBothNames() {
        List<Finding> all = found(with(thing(FeatureKind.BUILDING, -3)), Optional.empty(), CUTTER, WATCH);
        assertThat(all).singleElement().satisfies(f -> {
            assertThat(f.severity()).isEqualTo(Severity.CAUTION);
            assertThat(f.message().args()).containsKeys("from", "to", "thing");
        });
    }

    @Test
    void aRadioChannelOrAnOpenViewSaysNothing() {
        Site shed = with(thing(FeatureKind.BUILDING, -3));
        assertThat(found(shed, Optional.of("3"), CUTTER, WATCH)).isEmpty();
        assertThat(found(with(thing(FeatureKind.BUILDING, 4)), Optional.empty(), CUTTER, WATCH))
                .isEmpty();
        assertThat(found(shed, Optional.empty(), CUTTER, new Step.Post(Role.LOOKOUT, "sefa", Optional.empty())))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(
            value = FeatureKind.class,
            names = {"BUILDING", "GLASS", "WALL", "HEDGE", "VEHICLE"},
            mode = EnumSource.Mode.EXCLUDE)
    void whatOneLooksOverHidesNobody(FeatureKind kind) {
        assertThat(found(with(thing(kind, -3)), Optional.empty(), CUTTER, WATCH))
                .isEmpty();
    }

    @Test
    void aRiseThatWasMeasuredHidesAndOnePlaneNever() {
        List<Terrain.SpotHeight> rise = List.of(
                new Terrain.SpotHeight(new Spot(-10, -40), 0),
                new Terrain.SpotHeight(new Spot(-10, 40), 0),
                new Terrain.SpotHeight(new Spot(30, -40), 4),
                new Terrain.SpotHeight(new Spot(30, 40), 4),
                new Terrain.SpotHeight(new Spot(70, -40), 0),
                new Terrain.SpotHeight(new Spot(70, 40), 0));
        Site hill = new Site(new Terrain(Ground.LEVEL, List.of(), rise), Today.STILL, List.of());
        assertThat(found(hill, Optional.empty(), CUTTER, WATCH)).hasSize(1);
        Site slope = new Site(new Terrain(new Ground(30, 90), List.of(), List.of()), Today.STILL, List.of());
        assertThat(found(slope, Optional.empty(), CUTTER, WATCH)).isEmpty();
    }

    @Test
    void whoSeesIsSeen() {
        Site shed = with(thing(FeatureKind.HEDGE, -3));
        Spot from = new Spot(0, 0);
        assertThat(new SightLine(from, LOOKOUT).hiddenBy(shed)).isPresent();
        assertThat(new SightLine(LOOKOUT, from).hiddenBy(shed)).isPresent();
        assertThat(new SightLine(from, from).hiddenBy(shed)).isEmpty();
    }
}
