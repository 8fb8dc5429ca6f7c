package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.EAST;
import static org.antevid.core.takedown.pieces.Limes.GEAR;
import static org.antevid.core.takedown.pieces.Limes.WEST;
import static org.antevid.core.takedown.pieces.Limes.limb;
import static org.antevid.core.takedown.pieces.Limes.plan;
import static org.antevid.core.takedown.pieces.Limes.sound;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.Finding;
import org.junit.jupiter.api.Test;

/** What the pieces hang on, withdrawn, overdue or worn. */
class WornGearTest {
    private static Piece on(Gear gear, Way way) {
        return plan(sound(), List.of(EAST, WEST), gear, limb("L1", way))
                .pieces()
                .get(0);
    }

    private static Gear line(boolean forUse, double left) {
        Gear.Part l = GEAR.line().orElseThrow();
        return new Gear(
                Optional.of(new Gear.Part(l.name(), l.strengthN(), l.ageKnown(), l.passes(), forUse, left)),
                GEAR.block(),
                GEAR.sling(),
                GEAR.brake(),
                GEAR.brakeDeg(),
                GEAR.brakeAwayM(),
                GEAR.handN(),
                GEAR.slackM(),
                GEAR.second());
    }

    private static double share(Gear gear) {
        return on(gear, Way.TIED_ABOVE).loading().links().stream()
                .filter(l -> l.kind() == Link.Kind.LINE)
                .findFirst()
                .flatMap(Link::share)
                .orElseThrow();
    }

    @Test
    void whatIsWithdrawnOrOverdueStopsThePieceThatHangsOnItAndNoOther() {
        Piece hangs = on(line(false, 1), Way.TIED_ABOVE);
        assertThat(hangs.remarks()).contains(PieceRemark.KIT_NOT_FOR_USE);
        assertThat(hangs.level()).isEqualTo(Finding.STOP);
        assertThat(line(false, 1).notForUse(Way.TIED_ABOVE))
                .containsExactly(GEAR.line().orElseThrow().name());
        assertThat(on(line(false, 1), Way.BY_HAND).remarks()).doesNotContain(PieceRemark.KIT_NOT_FOR_USE);
        assertThat(on(GEAR, Way.TIED_ABOVE).remarks())
                .doesNotContain(PieceRemark.KIT_NOT_FOR_USE, PieceRemark.KIT_WORN);
    }

    /** Law: less of it left never lowers a share; below four fifths it is to be replaced. */
    @Test
    void theMoreItIsWornTheMoreOfItIsUsed() {
        double before = 0;
        for (double left = 1; left >= 0.1; left -= 0.1) {
            double now = share(line(true, left));
            assertThat(now).as("%.1f left", left).isGreaterThanOrEqualTo(before);
            assertThat(on(line(true, left), Way.TIED_ABOVE).remarks().contains(PieceRemark.KIT_WORN))
                    .isEqualTo(left < 0.8 - 1e-9);
            before = now;
        }
        assertThat(share(line(true, 0.5))).isGreaterThan(1.9 * share(GEAR));
    }
}
