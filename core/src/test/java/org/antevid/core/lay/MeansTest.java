package org.antevid.core.lay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.antevid.core.assist.Wedges;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.HingeHold;
import org.antevid.core.stump.School;
import org.junit.jupiter.api.Test;

class MeansTest {
    private static final StemMass MASS = StemMass.of(StemMass.Tree.whole(
            Species.QUERCUS.wood(),
            new Estimate(0.5, 0.01),
            new Estimate(20, 0.5),
            0.3,
            StemMass.Shape.FOREST,
            StemMass.Crown.FOREST_BROADLEAF));
    private static final HingeHold HINGE = HingeHold.of(Species.PICEA.wood(), Condition.SOUND, 0.4, 0.02, 0, 0);
    private static final CutCard CARD =
            CutCard.of(CutCard.Stump.plain(School.OPEN_FACE, 0.5, Condition.SOUND, 0, 0, 0.5, CutCard.MovedBy.LINE));

    private static Means line(Means.Kind kind, double rope, double anchor, double pull) {
        return new Means(kind, Optional.of(rope), Optional.of(anchor), Optional.of(pull));
    }

    @Test
    void nothingPullsNothing() {
        assertThat(Means.of(Means.Kind.NOTHING).capacityNm(MASS, MASS.massHighKg(), 0.3, CARD, HINGE, Wedges.Set.USUAL))
                .contains(0.0);
    }

    @Test
    void aLineThatWasNotMeasuredIsNotKnown() {
        assertThat(Means.of(Means.Kind.MACHINE_LINE)
                        .capacityNm(MASS, MASS.massHighKg(), 0.3, CARD, HINGE, Wedges.Set.USUAL))
                .isEmpty();
        assertThat(Means.of(Means.Kind.HAND_LINE)
                        .capacityNm(MASS, MASS.massHighKg(), 0.3, CARD, HINGE, Wedges.Set.USUAL))
                .isEmpty();
    }

    @Test
    void theNeededPullIsTheWorkedCaseOfTheLine() {
        // 1500 kg, 0.8 m back, hinge 0.1 m in front, centre of gravity 8.5 m, rope 12 m up, anchor 35 m out:
        // xa = 0.1 + 0.8 * 12/8.5 = 1.2294; a = atan(12/36.2294) = 18.326 deg; arm = 12 cos a - xa sin a = 11.0048 m;
        // M = 1500 * 9.81 * 0.9 = 13 243.5 N m; T = 1.5 M / arm = 1805.1 N
        StemMass mass = new StemMass(1, 0.4, 1500, 8.5, 0, 0, 1500, 1000, 8.5, 150000, 0.8, 12, 0.2, 0.4, 0.44);
        assertThat(line(Means.Kind.MACHINE_LINE, 12, 35, 5000)
                        .neededN(13243.5, mass, 0.8, 0.1)
                        .orElseThrow())
                .isCloseTo(1805.14, within(0.01));
    }

    @Test
    void aHandLineNeverCountsMoreThanFourPeople() {
        double four = line(Means.Kind.HAND_LINE, 12, 40, 1000)
                .capacityNm(MASS, MASS.massHighKg(), 0.2, CARD, HINGE, Wedges.Set.USUAL)
                .orElseThrow();
        assertThat(line(Means.Kind.HAND_LINE, 12, 40, 5000)
                        .capacityNm(MASS, MASS.massHighKg(), 0.2, CARD, HINGE, Wedges.Set.USUAL))
                .contains(four);
    }

    @Test
    void aSteepLineLosesItsArm() {
        double far = line(Means.Kind.MACHINE_LINE, 12, 50, 10000)
                .capacityNm(MASS, MASS.massHighKg(), 0.3, CARD, HINGE, Wedges.Set.USUAL)
                .orElseThrow();
        double near = line(Means.Kind.MACHINE_LINE, 12, 8, 10000)
                .capacityNm(MASS, MASS.massHighKg(), 0.3, CARD, HINGE, Wedges.Set.USUAL)
                .orElseThrow();
        assertThat(near).isLessThan(far);
        assertThat(line(Means.Kind.MACHINE_LINE, 12, 1, 10000)
                        .capacityNm(MASS, MASS.massHighKg(), 3, CARD, HINGE, Wedges.Set.USUAL))
                .contains(0.0);
    }

    @Test
    void wedgesEndAtTwoDegreesOfBackwardLean() {
        double cap = Means.of(Means.Kind.WEDGES)
                .capacityNm(MASS, MASS.massHighKg(), 0.1, CARD, HINGE, Wedges.Set.USUAL)
                .orElseThrow();
        assertThat(cap)
                .isLessThanOrEqualTo(MASS.massHighKg() * StemMass.G * MASS.cgM() * Math.tan(Math.toRadians(2)) + 1e-6);
    }
}
