package org.antevid.core.takedown.pieces;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.junit.jupiter.api.Test;

/** Which trees something may be tied to, and whether the records call them sound. */
class AnchorTreeTest {
    private static final StemReading STEM = Samples.oak("S1", new Spot(0, 0), List.of());
    private static final Spot BEHIND = new Spot(0, -10);

    private static AnchorTree anchor(StemReading other) {
        return AnchorTree.of(STEM, List.of(STEM, other)).get(0);
    }

    private static StemReading withDiameter(Optional<Estimate> dbh) {
        return Samples.oak("S2", BEHIND, List.of()).with(dbh, Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Test
    void aTreeBehindTheLeanIsFoundWithItsDirectionAndItsDistance() {
        assertThat(anchor(Samples.oak("S2", BEHIND, List.of())))
                .isEqualTo(new AnchorTree("S2", 180, 10, Optional.of(true), Optional.of(0.0)));
        StemReading far = Samples.oak("S3", new Spot(0, 60), List.of());
        assertThat(AnchorTree.of(STEM, List.of(STEM, far))).isEmpty();
    }

    /** How thick an anchor is has to be known, how tall it is or how it leans has not. */
    @Test
    void whatNobodyMeasuredOfItsDiameterIsNotSound() {
        assertThat(anchor(withDiameter(Optional.of(new Estimate(0.4, 0.02)))).sound())
                .hasValue(true);
        assertThat(anchor(withDiameter(Optional.empty())).sound()).isEmpty();
        StemReading unseen =
                Samples.stem("S2", BEHIND, StemState.STANDING, Optional.empty(), Condition.UNSEEN, List.of());
        assertThat(anchor(unseen).sound()).isEmpty();
    }

    @Test
    void whatDoesNotHoldIsBadWhateverIsMeasuredOfIt() {
        Defect lifted = new Defect(
                "D1",
                DefectKind.LIFTED_ROOT_PLATE,
                0,
                0.2,
                90,
                "",
                Optional.empty(),
                Optional.empty(),
                Defect.Found.SEEN,
                List.of());
        StemReading bad = Samples.oak("S2", BEHIND, List.of(lifted));
        assertThat(anchor(bad).sound()).hasValue(false);
        assertThat(anchor(bad.with(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()))
                        .sound())
                .hasValue(false);
    }
}
