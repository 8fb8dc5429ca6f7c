package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.EAST;
import static org.antevid.core.takedown.pieces.Limes.GEAR;
import static org.antevid.core.takedown.pieces.Limes.LAWN;
import static org.antevid.core.takedown.pieces.Limes.WEST;
import static org.antevid.core.takedown.pieces.Limes.fault;
import static org.antevid.core.takedown.pieces.Limes.limb;
import static org.antevid.core.takedown.pieces.Limes.lime;
import static org.antevid.core.takedown.pieces.Limes.plan;
import static org.antevid.core.takedown.pieces.Limes.sound;
import static org.antevid.core.takedown.pieces.Limes.stem;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemReading;
import org.junit.jupiter.api.Test;

/** What whoever goes on finds after a piece. */
class ThenTest {
    private static final Optional<Lean> LEANS = Optional.of(new Lean(3, 90, 0.5));

    @Test
    void lessStandsAndLeansAfterEachLogAndTheBlockComesDownWithIt() {
        TakeDown t = plan(sound(), List.of(), GEAR, stem(12, Way.LET_RUN), stem(9, Way.LET_RUN), stem(6, Way.LET_RUN));
        Then before = null;
        for (Piece p : t.pieces()) {
            Then then = Then.after(t, p);
            Then.Place block = then.block().orElseThrow();
            assertThat(then.topM()).isCloseTo(p.cut().atM(), within(1e-9));
            assertThat(block.heightM()).isLessThanOrEqualTo(then.topM() - 0.3 + 1e-9);
            assertThat(block.diameterM()).isGreaterThanOrEqualTo(HouseLimits.USUAL.leastWoodM());
            assertThat(then.leanShare().orElseThrow()).isLessThan(1);
            if (before != null) {
                assertThat(then.highKg()).isLessThan(before.highKg());
                assertThat(then.leanNm()).isLessThan(before.leanNm());
                assertThat(block.heightM())
                        .isLessThan(before.block().orElseThrow().heightM());
            }
            before = then;
        }
    }

    @Test
    void nothingIsRiggedAboveACrackAndTheCrackIsNamedWhileItStands() {
        StemReading split = lime(LEANS, List.of(), fault(DefectKind.CRACK, 5, 6));
        TakeDown t = plan(split, List.of(EAST, WEST), GEAR, stem(9, Way.SNAPPED), stem(4, Way.SNAPPED));
        Then first = Then.after(t, t.pieces().get(0));
        assertThat(first.block().map(Then.Place::heightM))
                .hasValueSatisfying(m -> assertThat(m).isLessThan(5));
        assertThat(first.faultBelow().flatMap(WeakPlace::kind)).contains(DefectKind.CRACK);
        assertThat(Then.after(t, t.pieces().get(1)).faultBelow()).isEmpty();
    }

    /** A stem whose wall was probed, or that shows no rot, has nothing to tell. */
    @Test
    void theFaceTellsWhatNobodyProbed() {
        StemReading hollow = lime(LEANS, List.of(), fault(DefectKind.CAVITY, 2, 4));
        TakeDown t = plan(hollow, List.of(EAST, WEST), GEAR, stem(9, Way.SNAPPED), limb("L1", Way.BY_HAND));
        assertThat(Then.after(t, t.pieces().get(0)).faceTells()).isTrue();
        assertThat(Then.after(t, t.pieces().get(1)).faceTells())
                .as("a limb's face")
                .isFalse();
        TakeDown whole = plan(sound(), List.of(EAST, WEST), GEAR, stem(9, Way.SNAPPED));
        assertThat(Then.after(whole, whole.pieces().get(0)).faceTells()).isFalse();
    }

    /** What the house asks more of moves the block down and stops a thinner one. */
    @Test
    void thickerWoodForTheHouseIsFoundLower() {
        List<Cut> cuts = List.of(stem(12, Way.LET_RUN));
        CutFigure f = CutFigure.of(sound(), List.of());
        TakeDown usual = TakeDown.of(f, Aloft.of(sound()), cuts, GEAR, LAWN);
        double across =
                Then.after(usual, usual.pieces().get(0)).block().orElseThrow().diameterM();
        HouseLimits strict = new HouseLimits(10, across + 0.05);
        TakeDown thick = TakeDown.of(f, Aloft.of(sound()), Climb.NOT_SAID, cuts, GEAR, LAWN, strict);
        assertThat(Then.after(thick, thick.pieces().get(0))
                        .block()
                        .orElseThrow()
                        .heightM())
                .isLessThan(Then.after(usual, usual.pieces().get(0))
                        .block()
                        .orElseThrow()
                        .heightM());
        List<Cut> high = List.of(stem(12, Way.LET_RUN).blockAt(11.5));
        assertThat(TakeDown.of(f, Aloft.of(sound()), Climb.NOT_SAID, high, GEAR, LAWN, strict)
                        .pieces()
                        .get(0)
                        .remarks())
                .contains(PieceRemark.ANCHOR_THIN);
        assertThat(TakeDown.of(f, Aloft.of(sound()), high, GEAR, LAWN)
                        .pieces()
                        .get(0)
                        .remarks())
                .doesNotContain(PieceRemark.ANCHOR_THIN);
    }
}
