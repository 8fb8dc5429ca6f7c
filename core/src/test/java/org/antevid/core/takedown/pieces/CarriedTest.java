package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.EAST;
import static org.antevid.core.takedown.pieces.Limes.GEAR;
import static org.antevid.core.takedown.pieces.Limes.LAWN;
import static org.antevid.core.takedown.pieces.Limes.limb;
import static org.antevid.core.takedown.pieces.Limes.sound;
import static org.antevid.core.takedown.pieces.Limes.stem;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Today;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Rain, snow and ice in a tree that comes down in pieces. */
class CarriedTest {
    private static TakeDown plan(GroundState ground, CrownLoad load) {
        return TakeDown.of(
                CutFigure.of(sound(), List.of(EAST), new Today(ground, load, 8)),
                Aloft.of(sound()),
                Climb.NOT_SAID,
                List.of(limb("L1", Way.TIED_ABOVE), stem(12, Way.LET_RUN), stem(3, Way.LET_RUN)),
                GEAR,
                LAWN,
                HouseLimits.USUAL);
    }

    private static double highKg(TakeDown t, int piece) {
        return t.pieces().get(piece).massHighKg();
    }

    @Test
    void afterRainAllOfItIsHeavier() {
        TakeDown dry = plan(GroundState.FIRM, CrownLoad.NONE);
        TakeDown wet = plan(GroundState.WET, CrownLoad.NONE);
        for (int i = 0; i < 3; i++) {
            assertThat(highKg(wet, i) / highKg(dry, i)).isBetween(1.015, 1.04);
        }
        assertThat(wet.pieces().get(2).massKg() / dry.pieces().get(2).massKg()).isCloseTo(1.03, within(0.005));
    }

    /** Half of a limb's own weight of snow, as much ice as limb: so much heavier it is, and so much more pulls. */
    @Test
    void whatLiesOnTheCrownHangsOnTheLimb() {
        double dry = plan(GroundState.FIRM, CrownLoad.NONE).pieces().get(0).massKg();
        assertThat(plan(GroundState.FIRM, CrownLoad.SNOW).pieces().get(0).massKg() / dry)
                .isCloseTo(1.5, within(1e-6));
        assertThat(plan(GroundState.FIRM, CrownLoad.ICE).pieces().get(0).massKg() / dry)
                .isCloseTo(2, within(1e-6));
    }

    /** What is pulled tight before the cut must not lift a piece that has shaken off its snow. */
    @Test
    void theLightEndIsWithoutIt() {
        assertThat(lowKg(GroundState.SLIPPERY, CrownLoad.ICE)).isEqualTo(lowKg(GroundState.FIRM, CrownLoad.NONE));
    }

    private static double lowKg(GroundState ground, CrownLoad load) {
        CutFigure f = CutFigure.of(sound(), List.of(EAST), new Today(ground, load, 8));
        return Standing.limb(f, EAST, 0, EAST.lengthM()).lowKg();
    }

    /** Law: what lies on it never takes weight off a piece or force off a link. */
    @ParameterizedTest
    @EnumSource(GroundState.class)
    void moreNeverLowersAForce(GroundState ground) {
        TakeDown before = plan(GroundState.FIRM, CrownLoad.NONE);
        for (CrownLoad load : CrownLoad.values()) {
            TakeDown after = plan(ground, load);
            for (int i = 0; i < 3; i++) {
                assertThat(highKg(after, i)).isGreaterThanOrEqualTo(highKg(before, i));
                assertThat(worst(after, i)).isGreaterThanOrEqualTo(worst(before, i));
            }
            before = after;
        }
    }

    private static double worst(TakeDown t, int piece) {
        return t.pieces().get(piece).loading().links().stream()
                .mapToDouble(l -> l.share().orElse(0.0))
                .max()
                .orElse(0);
    }
}
