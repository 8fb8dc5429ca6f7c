package org.antevid.core.lay;

import static org.antevid.core.Samples.WINCH;
import static org.antevid.core.Samples.oak;
import static org.antevid.core.Samples.plan;
import static org.antevid.core.Samples.site;
import static org.antevid.core.Samples.target;
import static org.antevid.core.Samples.toward;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.Told;
import org.antevid.core.message.Arg;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Bed;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a lay is sighted by, what it lands on, and what it rested on when it was fixed. */
class AimAndBasisTest {
    private static final Spot HERE = new Spot(0, 0);

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 30);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aimingPastALandmarkAndReadingItBackAgree(long seed) {
        Random r = new Random(seed);
        Spot post = HERE.at(360 * r.nextDouble(), 10 + 60 * r.nextDouble());
        double off = -1.5 + 3 * r.nextDouble();
        double lay = Landmark.layPast(HERE, post, off);
        Landmark back = Landmark.ahead(HERE, lay, site(target("gate post", post.eastM(), post.northM(), 0.2, 0)), "S1")
                .get(0);
        assertThat(back.offM()).as("seed %d", seed).isCloseTo(off, within(1e-6));
        assertThat(Told.all(back.says())).contains("gate post");
        assertThat(Math.signum(Azimuth.turn(HERE.bearingTo(post), lay))).isEqualTo(Math.signum(off));
    }

    @Test
    void aLandmarkIsSaidAsPeopleAimAndOnlyThoseAheadAreOffered() {
        Site place = site(
                target("gate post", 0.6, 30, 0.1, 0), target("oil tank", 0, -30, 1, 2), target("pump", 30, 0, 1, 2));
        List<Landmark> seen = Landmark.ahead(HERE, 0, place, "S1");
        assertThat(seen).hasSize(1);
        assertThat(Told.text(seen.get(0).says().args(), "name")).isEqualTo("gate post");
        assertThat(Told.text(seen.get(0).says().args(), "right")).isEqualTo("false");
        assertThat(seen.get(0).offM()).isCloseTo(-0.6, within(0.01));
        assertThatThrownBy(() -> Landmark.layPast(HERE, HERE, 0)).hasMessageContaining("landmark");
        assertThatThrownBy(() -> Landmark.layPast(HERE, new Spot(0, 5), 9)).hasMessageContaining("offM");
    }

    private static Feature bed(String name, double north, Bed bed) {
        return new Feature(
                name,
                name,
                FeatureKind.LANDING_BED,
                Shape.line(List.of(new Spot(-3, north), new Spot(3, north))),
                0,
                false,
                Protection.NONE,
                "",
                false,
                new Feature.Detail("", "", Optional.empty(), Optional.of(bed)));
    }

    @Test
    void aBedInsideTwoThirdsLiftsTheButtAndHardThingsBreakIt() {
        Landing near = Landing.of(site(bed("log", 6, Bed.LOG)), HERE, 0, 21, 0.5);
        assertThat(near.contacts().get(0).lifts()).isTrue();
        // tip down behind a log at about 5.75 m: the butt rises 21 / (21 - 5.75) of its height
        assertThat(near.buttLiftShare().orElseThrow())
                .isCloseTo(21 / (21 - near.contacts().get(0).atM()), within(1e-9));
        Feature undescribed = new Feature(
                "x",
                "something",
                FeatureKind.LANDING_BED,
                Shape.disc(new Spot(0, 6), 0.4),
                0,
                false,
                Protection.NONE,
                "",
                false);
        assertThat(Landing.of(site(undescribed), HERE, 0, 21, 0.5)
                        .contacts()
                        .get(0)
                        .lifts())
                .as("taken as the worst")
                .isTrue();
        Landing far = Landing.of(
                site(bed("log", 16, Bed.LOG), bed("ditch", 8, Bed.DITCH), bed("turf", 12, Bed.SOFT)), HERE, 0, 21, 0.5);
        assertThat(far.contacts()).extracting(Landing.Contact::name).containsExactly("ditch", "turf", "log");
        assertThat(far.contacts()).noneMatch(Landing.Contact::lifts);
        assertThat(far.buttLiftShare()).isEmpty();
        assertThat(far.wholeM()).as("broken at ditch and log, whole between").hasSize(3);
        assertThat(far.wholeM().stream().mapToDouble(Double::doubleValue).sum()).isCloseTo(21, within(1e-9));
        assertThat(Landing.of(site(bed("log", 6, Bed.LOG)), HERE, 90, 21, 0.5).contacts())
                .as("beside the lay")
                .isEmpty();
    }

    @Test
    void nothingIsOutOfDateUntilSomethingChangesAndThenItSaysByHowMuch() {
        Site place = site(target("hut", 15, 0, 1, 3));
        StemReading stem = oak("S1", HERE, List.of());
        Basis then = Basis.of(LayPlan.of(stem, toward(0, WINCH), place, LayPlan.Limits.USUAL), place);
        assertThat(Basis.of(LayPlan.of(stem, toward(0, WINCH), place, LayPlan.Limits.USUAL), place)
                        .changedSince(then))
                .isEmpty();
        StemReading taller =
                stem.with(stem.dbh(), Optional.of(new Estimate(22, 0.5)), stem.lean(), stem.crownRadiusM());
        Basis now = Basis.of(LayPlan.of(taller, toward(0, WINCH), place, LayPlan.Limits.USUAL), place);
        assertThat(now.changedSince(then)).singleElement().satisfies(c -> {
            assertThat(String.valueOf(c.what())).contains("HEIGHT");
            assertThat(String.valueOf(c.was())).contains("value=20.0");
            assertThat(String.valueOf(c.is())).contains("value=22.0");
        });
        assertThat(now.movedSince(then))
                .anyMatch(c -> c.what().equals(Arg.term(Basis.AnswerKind.REACH))
                        && c.was().isPresent()
                        && c.is().isPresent());
    }

    @Test
    void aTargetThatComesGoesOrIsProtectedCountsAsChanged() {
        Site with = site(target("hut", 15, 0, 1, 3));
        Basis then = Basis.of(plan(0, WINCH, target("hut", 15, 0, 1, 3)), with);
        Site without = site();
        assertThat(Basis.of(plan(0, WINCH), without).changedSince(then))
                .singleElement()
                .satisfies(c -> {
                    assertThat(c.what()).isEqualTo(Arg.name("hut"));
                    assertThat(String.valueOf(c.was())).contains("MUST_NOT_BE_HIT");
                    assertThat(c.is()).as("gone or out of reach").isEmpty();
                });
        assertThat(then.changedSince(Basis.of(plan(0, WINCH), without)))
                .anyMatch(c -> c.was().isEmpty());
        Feature moved = new Feature(
                "hut",
                "hut",
                FeatureKind.OTHER,
                Shape.disc(new Spot(15, 0), 1),
                3,
                false,
                Protection.MOVE,
                "Oren Pike",
                true);
        assertThat(Basis.of(plan(0, WINCH, moved), site(moved)).changedSince(then))
                .anyMatch(c -> String.valueOf(c.is()).contains("PROTECTED"));
        Basis limits = Basis.of(
                LayPlan.of(oak("S1", HERE, List.of()), toward(0, WINCH), with, new LayPlan.Limits(3, 3)), with);
        assertThat(limits.changedSince(then)).singleElement().satisfies(c -> assertThat(String.valueOf(c.what()))
                .contains("HOUSE"));
        assertThat(limits.movedSince(then)).extracting(Basis.Change::what).contains(Arg.term(Basis.AnswerKind.RING));
    }
}
