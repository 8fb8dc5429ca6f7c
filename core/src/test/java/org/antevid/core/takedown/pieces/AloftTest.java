package org.antevid.core.takedown.pieces;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.antevid.core.Samples;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Tell;
import org.antevid.core.takedown.pieces.Aloft.Allowed;
import org.antevid.core.takedown.pieces.Aloft.Why;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Whether anybody may be up there, fault by fault. */
class AloftTest {
    private static final Spot HERE = new Spot(0, 0);

    private static Defect fault(DefectKind kind, double fromM, Tell... tells) {
        return new Defect(
                "D" + kind,
                kind,
                fromM,
                fromM + 0.5,
                90,
                "",
                Optional.empty(),
                Optional.empty(),
                Defect.Found.SEEN,
                List.of(tells));
    }

    private static Aloft with(Defect... faults) {
        return Aloft.of(Samples.oak("S1", HERE, List.of(faults)));
    }

    private static StemReading standing(StemState state, Condition outer) {
        return Samples.stem("S1", HERE, state, Optional.of(new Lean(1.5, 0, 0.5)), outer, List.of());
    }

    private static StemReading unmeasured(List<Defect> faults) {
        return Samples.oak("S1", HERE, faults)
                .with(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Test
    void aSoundTreeIsClimbedAsAWhole() {
        Aloft a = with();
        assertThat(a.allowed()).isEqualTo(Allowed.WHOLE_TREE);
        assertThat(a.reasons()).isEmpty();
        assertThat(a.climbed(18)).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "LIFTED_ROOT_PLATE, 0, NOBODY, PLATE_LIFTED",
        "BROKEN_BASE, 0, NOBODY, BROKEN_AT_FOOT",
        "CUT_ROOTS, 0, PLATFORM, ROOTS_CUT",
        "CAVITY, 0.2, PLATFORM, ROT_AT_FOOT",
        "FUNGUS, 8, UP_TO, ROT_ALOFT",
        "CAVITY, 2, PLATFORM, ROT_ALOFT",
        "CRACK, 8, UP_TO, SPLIT",
        "SPLIT_UNION, 2.1, PLATFORM, SPLIT"
    })
    void eachFaultAllowsWhatItAllows(DefectKind kind, double fromM, Allowed allowed, Why why) {
        Aloft a = with(fault(kind, fromM));
        assertThat(a.allowed()).isEqualTo(allowed);
        assertThat(a.reasons()).extracting(Aloft.Reason::why).containsExactly(why);
    }

    /** A split: nobody ties in above it, nothing is rigged above it, half a metre is kept from it. */
    @Test
    void belowAFaultIsAsFarAsOneGoes() {
        Aloft a = with(fault(DefectKind.CRACK, 8, Tell.MOVES));
        assertThat(a.climbToM()).hasValue(7.5);
        assertThat(a.rigToM()).hasValue(7.5);
        assertThat(a.climbed(7.5)).isTrue();
        assertThat(a.climbed(7.6)).isFalse();
        Aloft healed = with(fault(DefectKind.CRACK, 8, Tell.HEALED));
        assertThat(healed.allowed()).isEqualTo(Allowed.OTHER_ANCHOR);
        assertThat(healed.climbToM()).isEmpty();
        assertThat(healed.rigToM()).hasValue(7.5);
    }

    @Test
    void groundThatNobodyWatchedIsNotKnownAndThatIsNotWhole() {
        Aloft seen = with(fault(DefectKind.SOIL_CRACKS, 0));
        assertThat(seen.allowed()).isEqualTo(Allowed.PLATFORM);
        assertThat(seen.reasons().get(0).known()).isFalse();
        assertThat(with(fault(DefectKind.SOIL_CRACKS, 0, Tell.GROUND_MOVES)).allowed())
                .isEqualTo(Allowed.NOBODY);
        assertThat(with(fault(DefectKind.SOIL_CRACKS, 0, Tell.CRACKS_EVERYWHERE))
                        .allowed())
                .isEqualTo(Allowed.WHOLE_TREE);
    }

    @Test
    void deadWoodIsTiedToAnotherAnchorAndRotIsWorkedOnFromAPlatform() {
        assertThat(Aloft.of(standing(StemState.STANDING, Condition.DEAD_RECENT)).allowed())
                .isEqualTo(Allowed.OTHER_ANCHOR);
        assertThat(Aloft.of(standing(StemState.STANDING, Condition.DECAYED)).allowed())
                .isEqualTo(Allowed.PLATFORM);
    }

    /** What nobody measured or looked at is not known, and that is never whole; what is bad all the same stays bad. */
    @Test
    void whatIsMissingIsNotKnown() {
        Aloft unseen = Aloft.of(standing(StemState.STANDING, Condition.UNSEEN));
        assertThat(unseen.allowed()).isEqualTo(Allowed.NOT_KNOWN);
        assertThat(unseen.climbed(3)).isFalse();
        Aloft bare = Aloft.of(unmeasured(List.of()));
        assertThat(bare.allowed()).isEqualTo(Allowed.NOT_KNOWN);
        assertThat(bare.reasons())
                .extracting(Aloft.Reason::why)
                .containsExactly(Why.DIAMETER_NOT_MEASURED, Why.HEIGHT_NOT_MEASURED, Why.LEAN_NOT_MEASURED);
        assertThat(bare.reasons()).noneMatch(Aloft.Reason::known);
        assertThat(Aloft.of(unmeasured(List.of(fault(DefectKind.SPLIT_UNION, 2))))
                        .allowed())
                .isEqualTo(Allowed.PLATFORM);
        assertThat(Aloft.of(unmeasured(List.of(fault(DefectKind.LIFTED_ROOT_PLATE, 0))))
                        .allowed())
                .isEqualTo(Allowed.NOBODY);
        assertThat(Allowed.sayable()).doesNotContain(Allowed.NOT_KNOWN).contains(Allowed.WHOLE_TREE, Allowed.LEAVE);
    }

    @ParameterizedTest
    @EnumSource(StemState.class)
    void whatDoesNotStandIsNotClimbed(StemState state) {
        boolean stands = state == StemState.STANDING || state == StemState.SET_UP_AGAIN;
        assertThat(Aloft.of(standing(state, Condition.SOUND)).allowed())
                .isEqualTo(stands ? Allowed.WHOLE_TREE : Allowed.NOBODY);
    }

    /** Law: one more fault never allows more, and never raises a limit. */
    @Test
    void oneMoreFaultNeverAllowsMore() {
        Random random = new Random(17);
        for (int i = 0; i < 500; i++) {
            List<Defect> some = new ArrayList<>();
            Aloft before = Aloft.of(Samples.oak("S1", HERE, some));
            for (int n = 0; n < 4; n++) {
                DefectKind kind = DefectKind.values()[random.nextInt(DefectKind.values().length)];
                some.add(fault(kind, random.nextInt(15)));
                Aloft after = Aloft.of(Samples.oak("S1", HERE, some));
                assertThat(before.allowed().stricterThan(after.allowed()))
                        .as("%s and then %s", before, some)
                        .isFalse();
                double was = before.rigToM().orElse(Double.MAX_VALUE);
                assertThat(after.rigToM().orElse(Double.MAX_VALUE)).isLessThanOrEqualTo(was);
                before = after;
            }
        }
    }

    /** What the leader says tightens who climbs; where nothing may be rigged stays so whatever is said. */
    @Test
    void whatIsRiggedDoesNotFollowWhatIsSaid() {
        Aloft a = with(fault(DefectKind.CRACK, 8));
        for (Allowed said : Allowed.values()) {
            assertThat(a.said(said).rigToM()).isEqualTo(a.rigToM());
            assertThat(a.said(said).allowed()).isEqualTo(said);
        }
        assertThat(a.said(Allowed.WHOLE_TREE).climbToM()).isEmpty();
        assertThat(a.said(Allowed.OTHER_ANCHOR).climbToM()).hasValue(7.5);
    }
}
