package org.antevid.core.takedown.pieces;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.antevid.core.Samples;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemState;
import org.antevid.core.takedown.pieces.FigureSide.OnFigure;
import org.antevid.core.takedown.spar.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The tree as it is seen from one side. */
class FigureSideTest {
    private static CutFigure figure(double leanDeg, double toDeg, Limb... limbs) {
        return CutFigure.of(
                Samples.stem(
                        "S1",
                        new Spot(0, 0),
                        StemState.STANDING,
                        Optional.of(new Lean(leanDeg, toDeg, 0.5)),
                        Condition.SOUND,
                        List.of()),
                List.of(limbs));
    }

    /** Whoever looks sees the lean go to the right, wherever it goes. */
    @ParameterizedTest
    @ValueSource(doubles = {0, 45, 90, 200, 359})
    void itsLeanGoesToTheRight(double toDeg) {
        FigureSide side = FigureSide.of(figure(5, toDeg));
        OnFigure top = side.at(side.figure().axis(20));
        assertThat(top.rightM()).isCloseTo(20 * Math.tan(Math.toRadians(5)), within(0.001));
        assertThat(top.upM()).isCloseTo(20, within(0.001));
    }

    @Test
    void whatLiesStraightAheadIsNotSeenAside() {
        FigureSide fromSouth = new FigureSide(figure(0, 0), 180);
        assertThat(fromSouth.at(new Point(3, 0, 2))).isEqualTo(new OnFigure(3, 2));
        assertThat(fromSouth.at(new Point(0, 7, 2)).rightM()).isCloseTo(0, within(0.001));
        FigureSide fromNorth = new FigureSide(figure(0, 0), 0);
        assertThat(fromNorth.at(new Point(3, 0, 2)).rightM()).isCloseTo(-3, within(0.001));
    }

    @Test
    void theStemTapersAndItsOutlineIsClosedRoundItsAxis() {
        FigureSide side = FigureSide.of(figure(0, 90));
        List<OnFigure> outline = side.stem(0.3, 15);
        int half = outline.size() / 2;
        for (int i = 0; i < half; i++) {
            OnFigure left = outline.get(i);
            OnFigure right = outline.get(outline.size() - 1 - i);
            assertThat(left.upM()).isCloseTo(right.upM(), within(0.001));
            assertThat(right.rightM() - left.rightM())
                    .isCloseTo(side.figure().stemDiameterM(left.upM()), within(0.0015));
        }
        assertThat(outline.get(0).rightM()).isLessThan(outline.get(half - 1).rightM());
    }

    @Test
    void aLimbIsALineFromTheStemToItsTip() {
        Limb east = new Limb("L1", 8, 0.15, 4, 90, 30, false);
        FigureSide side = new FigureSide(figure(0, 0, east), 180);
        List<OnFigure> line = side.limb(east);
        assertThat(line.get(0)).isEqualTo(new OnFigure(0, 8));
        assertThat(line.get(1).rightM()).isCloseTo(4 * Math.cos(Math.toRadians(30)), within(0.001));
        assertThat(line.get(1).upM()).isCloseTo(8 + 2, within(0.001));
    }
}
