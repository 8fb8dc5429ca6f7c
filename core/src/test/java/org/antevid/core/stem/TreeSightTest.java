package org.antevid.core.stem;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.Samples;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.TreeSight.Question;
import org.junit.jupiter.api.Test;

/** What is asked of a tree at first sight, and what goes into the field book of what was tapped. */
class TreeSightTest {
    private static TreeSight sight(double leanDeg, Optional<Double> toDeg, Set<DefectKind> faults) {
        return new TreeSight(
                Optional.of(Species.FAGUS),
                Optional.of(Condition.SOUND),
                Optional.of(0.5),
                Optional.of(20.0),
                Optional.of(4.0),
                Optional.of(leanDeg),
                toDeg,
                Optional.of(faults));
    }

    @Test
    void woodNobodyHasLookedAtIsAskedForAndNeverTakenForSound() {
        StemReading known = Samples.oak("S1", new Spot(0, 0), List.of());
        StemReading unseen = new StemReading(
                known.label(),
                known.species(),
                known.state(),
                known.at(),
                known.dbh(),
                known.height(),
                known.lean(),
                known.crownRadiusM(),
                Condition.UNSEEN,
                known.shape(),
                known.crown(),
                known.defects(),
                known.toBeKept());
        assertThat(known.notKnown()).isEmpty();
        assertThat(unseen.notKnown()).containsExactly(MissingFact.WOOD);
        assertThat(TreeSight.NOTHING.open(Optional.of(known))).isEmpty();
        assertThat(TreeSight.NOTHING.open(Optional.of(unseen))).contains(Question.WOOD, Question.FAULTS);
        TreeSight saidUnseen = new TreeSight(
                Optional.of(Species.FAGUS),
                Optional.of(Condition.UNSEEN),
                Optional.of(0.5),
                Optional.of(20.0),
                Optional.of(4.0),
                Optional.of(0.0),
                Optional.empty(),
                Optional.of(Set.of()));
        assertThat(saidUnseen.open(Optional.empty())).containsExactly(Question.WOOD);
        assertThat(Condition.UNSEEN.factor()).as("knowing less holds no more").isZero();
    }

    @Test
    void ofATreeNobodyKnowsEverythingIsAsked() {
        assertThat(TreeSight.NOTHING.open(Optional.empty()))
                .containsExactly(
                        Question.SPECIES,
                        Question.WOOD,
                        Question.FAULTS,
                        Question.DIAMETER,
                        Question.HEIGHT,
                        Question.CROWN,
                        Question.LEAN);
    }

    @Test
    void aLeanIsAskedForItsSideAndNoneIsNot() {
        assertThat(sight(5, Optional.empty(), Set.of()).open(Optional.empty())).containsExactly(Question.LEANS_TO);
        assertThat(sight(0, Optional.empty(), Set.of()).open(Optional.empty())).isEmpty();
        assertThat(sight(5, Optional.of(90.0), Set.of()).open(Optional.empty())).isEmpty();
    }

    @Test
    void whatIsWrittenDownIsNotAskedAgain() {
        StemReading oak = Samples.oak("S1", new Spot(0, 0), List.of());
        assertThat(TreeSight.NOTHING.open(Optional.of(oak))).isEmpty();
    }

    @Test
    void eachAnswerIsOneSightingByEye() {
        assertThat(sight(5, Optional.of(-90.0), Set.of()).sightings())
                .extracting(TreeSight.Seen::kind)
                .containsExactly(
                        SightingKind.EYE_DIAMETER,
                        SightingKind.EYE_HEIGHT,
                        SightingKind.EYE_CROWN,
                        SightingKind.EYE_LEAN)
                .allMatch(SightingKind::byEye);
        assertThat(sight(5, Optional.of(-90.0), Set.of()).sightings().get(3).numbers())
                .containsEntry("azimuthDeg", 270.0);
    }

    @Test
    void aFaultOfTheFootIsAtTheCutAndOneOfTheTopIsNot() {
        List<Defect> d = sight(
                        0, Optional.empty(), Set.of(DefectKind.CAVITY, DefectKind.DEAD_TOP, DefectKind.SPLIT_UNION))
                .defects(20, "");
        assertThat(d)
                .filteredOn(Defect::atTheHinge)
                .extracting(Defect::kind)
                .containsExactlyInAnyOrder(DefectKind.CAVITY, DefectKind.SPLIT_UNION);
        assertThat(d).allSatisfy(x -> assertThat(x.toM()).isBetween(x.fromM(), 20.0));
    }

    @Test
    void moreThanThreeFaultsBelongInTheFieldBook() {
        assertThatThrownBy(() -> sight(
                        0,
                        Optional.empty(),
                        Set.of(DefectKind.CAVITY, DefectKind.CRACK, DefectKind.FUNGUS, DefectKind.VINE)))
                .isInstanceOf(RefusedInput.class)
                .hasMessageContaining("faults");
    }
}
