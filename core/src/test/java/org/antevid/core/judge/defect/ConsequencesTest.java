package org.antevid.core.judge.defect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.Told;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.all.Findings;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Tell;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What follows from each kind of fault, low on the stem and high up, before a lay is chosen. */
class ConsequencesTest {
    private static final Spot HERE = new Spot(0, 0);

    private static Finding of(DefectKind kind, double from, Tell... tells) {
        return found(Samples.oak("S1", HERE, List.of(defect(kind, from, tells))));
    }

    private static Defect defect(DefectKind kind, double from, Tell... tells) {
        return new Defect(
                "d",
                kind,
                from,
                from + 0.3,
                90,
                "",
                Optional.empty(),
                Optional.empty(),
                Defect.Found.SEEN,
                Arrays.asList(tells));
    }

    private static Finding found(StemReading stem) {
        List<Finding> all = Findings.of(Samples.situation(
                Samples.site(),
                List.of(new Situation.StemFacts(stem, Optional.empty(), false, Optional.empty())),
                List.of(),
                List.of()));
        return all.stream()
                .filter(f -> f.key().equals("defect:S1:d"))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "CRACK, SECOND_OPINION, SECOND_OPINION",
        "SPLIT_UNION, SECOND_OPINION, SECOND_OPINION",
        "INCLUDED_BARK, CAUTION, CAUTION",
        "CAVITY, CAUTION, CAUTION",
        "DECAY_POCKET, CAUTION, CAUTION",
        "FUNGUS, CAUTION, CAUTION",
        "SWOLLEN_BASE, CAUTION, CAUTION",
        "DEAD_TOP, CAUTION, CAUTION",
        "HANGING_LIMB, CAUTION, CAUTION",
        "DEAD_LIMBS, CAUTION, CAUTION",
        "LIGHTNING_SCAR, SECOND_OPINION, CAUTION",
        "FIRE_SCAR, CAUTION, CAUTION",
        "METAL, CAUTION, CAUTION",
        "WIRE_SWELLING, CAUTION, CAUTION",
        "INSECTS, CAUTION, CAUTION",
        "LIFTED_ROOT_PLATE, SECOND_OPINION, SECOND_OPINION",
        "SOIL_CRACKS, CAUTION, CAUTION",
        "CUT_ROOTS, CAUTION, CAUTION",
        "CANOPY_GAP, CAUTION, CAUTION",
        "BENT_STEM, CAUTION, CAUTION",
        "VINE, CAUTION, CAUTION",
        "TIED_CROWN, SECOND_OPINION, SECOND_OPINION",
        "UNDER_TENSION, SECOND_OPINION, SECOND_OPINION",
        "PREVIOUS_CUTS, SECOND_OPINION, CAUTION",
        "BROKEN_BASE, SECOND_OPINION, SECOND_OPINION",
        "OTHER, NOTE, NOTE"
    })
    void everyKindWeighsWhatItWeighs(DefectKind kind, Severity low, Severity high) {
        assertThat(of(kind, 0.3).severity()).as("at 0.3 m").isEqualTo(low);
        assertThat(of(kind, 8).severity()).as("at 8 m").isEqualTo(high);
    }

    @ParameterizedTest
    @EnumSource(DefectKind.class)
    void everyFindingSaysWhereWhyFromWhatSourceAndWhatClearsIt(DefectKind kind) {
        for (double height : new double[] {0, 0.3, 1.2, 1.3, 8}) {
            Finding f = of(kind, height);
            assertThat(f.about("S1")).isTrue();
            assertThat(Told.text(f, "kind")).isEqualTo(kind.name());
            assertThat(Told.number(f, "at")).isEqualTo(height);
        }
    }

    @ParameterizedTest
    @EnumSource(DefectKind.class)
    void aBadSignNeverMakesItLighterAndAGoodOneNeverHeavier(DefectKind kind) {
        Severity unasked = of(kind, 0.3).severity();
        for (Tell t : kind.tells()) {
            Severity told = of(kind, 0.3, t).severity();
            if (t.bad()) {
                assertThat(told).as(t.name()).isLessThanOrEqualTo(unasked);
            } else {
                assertThat(told).as(t.name()).isGreaterThanOrEqualTo(unasked);
            }
        }
    }

    @Test
    void oneBadSignOutweighsAnyGoodOnes() {
        assertThat(of(DefectKind.SOIL_CRACKS, 0, Tell.CRACKS_EVERYWHERE, Tell.EDGE_LIFTED)
                        .severity())
                .isEqualTo(Severity.SECOND_OPINION);
        assertThat(Told.text(of(DefectKind.CRACK, 3, Tell.HEALED, Tell.MOVES), "moves"))
                .isEqualTo("true");
    }

    @Test
    void aStemThatIsKeptOrFelledHasNoFindingsOfItsFaults() {
        List<StemReading> stems = new ArrayList<>();
        stems.add(Samples.stem(
                "S1",
                HERE,
                StemState.FELLED,
                Optional.empty(),
                org.antevid.core.stem.Condition.SOUND,
                List.of(defect(DefectKind.CRACK, 2))));
        StemReading o = Samples.oak("S2", new Spot(30, 0), List.of(defect(DefectKind.CRACK, 2)));
        stems.add(new StemReading(
                o.label(),
                o.species(),
                o.state(),
                o.at(),
                o.dbh(),
                o.height(),
                o.lean(),
                o.crownRadiusM(),
                o.wood(),
                o.shape(),
                o.crown(),
                o.defects(),
                true,
                o.more()));
        List<Situation.StemFacts> facts = stems.stream()
                .map(s -> new Situation.StemFacts(s, Optional.empty(), false, Optional.empty()))
                .toList();
        assertThat(Findings.of(Samples.situation(Samples.site(), facts, List.of(), List.of())))
                .noneMatch(f -> f.key().startsWith("defect:"));
    }

    @Test
    void aBentStemIsAnsweredByMeasuringItsCrown() {
        var radii = List.of(
                new org.antevid.core.stem.CrownOffset.Radius(0, 3),
                new org.antevid.core.stem.CrownOffset.Radius(120, 4),
                new org.antevid.core.stem.CrownOffset.Radius(240, 2));
        StemReading o = Samples.oak("S1", HERE, List.of(defect(DefectKind.BENT_STEM, 4)));
        StemReading measured = new StemReading(
                o.label(),
                o.species(),
                o.state(),
                o.at(),
                o.dbh(),
                o.height(),
                o.lean(),
                o.crownRadiusM(),
                o.wood(),
                o.shape(),
                o.crown(),
                o.defects(),
                false,
                new StemReading.More(
                        Optional.of(org.antevid.core.stem.CrownOffset.of(radii)),
                        List.of(),
                        Optional.empty(),
                        Optional.empty(),
                        List.of(),
                        0));
        assertThat(found(o).severity()).isEqualTo(Severity.CAUTION);
        assertThat(found(measured).severity()).isEqualTo(Severity.NOTE);
    }

    @Test
    void cutRootsUnderAPlateThatLiftsAreNoCautionAnyMore() {
        StemReading o = Samples.oak("S1", HERE, List.of(defect(DefectKind.CUT_ROOTS, 0)));
        StemReading heaved = new StemReading(
                o.label(),
                o.species(),
                o.state(),
                o.at(),
                o.dbh(),
                o.height(),
                o.lean(),
                o.crownRadiusM(),
                o.wood(),
                o.shape(),
                o.crown(),
                o.defects(),
                false,
                new StemReading.More(
                        Optional.empty(),
                        List.of(),
                        Optional.of(new Estimate(0.06, 0.02)),
                        Optional.empty(),
                        List.of(),
                        0));
        assertThat(found(heaved).severity()).isEqualTo(Severity.SECOND_OPINION);
        assertThat(Told.number(found(o), "toward"))
                .as("cut on the east side, it goes over to the west")
                .isEqualTo(270);
    }

    @Test
    void aForkIsTiedRoundAllItsStemsWhenALineBringsItOver() {
        assertThat(Told.says(of(DefectKind.INCLUDED_BARK, 8), "SEAM_ALOFT")).isTrue();
        assertThat(Told.says(of(DefectKind.INCLUDED_BARK, 1), "SEAM_SPLITS")).isTrue();
    }

    @Test
    void theSameLineTiedBelowTheSplitIsNoStop() {
        StemReading split = Samples.oak("S1", HERE, List.of(defect(DefectKind.SPLIT_UNION, 10)));
        for (double rope : new double[] {6, 12}) {
            Means line = new Means(Means.Kind.MACHINE_LINE, Optional.of(rope), Optional.of(50.0), Optional.of(20000.0));
            LayPlan lay = LayPlan.of(split, Samples.toward(0, line), Samples.site(), LayPlan.Limits.USUAL);
            List<Finding> all = Findings.of(Samples.situation(
                    Samples.site(),
                    List.of(new Situation.StemFacts(split, Optional.of(lay), false, Optional.empty())),
                    List.of(),
                    List.of()));
            assertThat(all.stream()
                            .filter(f -> f.key().equals("defect:S1:d"))
                            .findFirst()
                            .orElseThrow()
                            .severity())
                    .as("rope at %.0f m", rope)
                    .isEqualTo(rope > 10 ? Severity.STOP : Severity.SECOND_OPINION);
        }
    }
}
