package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.GEAR;
import static org.antevid.core.takedown.pieces.Limes.plan;
import static org.antevid.core.takedown.pieces.Limes.sound;
import static org.antevid.core.takedown.pieces.Limes.stem;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.junit.jupiter.api.Test;

/** Whether a bed takes a piece. */
class DropBedTest {
    private static final Spot FOOT = new Spot(0, 0);
    private static final Piece TOP =
            plan(sound(), List.of(), GEAR, stem(13, Way.SNAPPED)).pieces().get(0);
    private static final Shape WIDE = Shape.disc(FOOT, 20);

    private static DropBed takes(double kg) {
        return new DropBed("mat", Optional.of(kg), Optional.of("edda"));
    }

    @Test
    void asHardAsAHeavierOneFromLower() {
        double centre = Math.max(TOP.from().z(), TOP.com().z());
        assertThat(DropBed.asFromKg(TOP)).isCloseTo(TOP.massHighKg() * centre / 5, within(1e-6));
        assertThat(takes(DropBed.asFromKg(TOP) + 1).lacks(Optional.of(WIDE), FOOT, TOP))
                .isEmpty();
        assertThat(takes(DropBed.asFromKg(TOP) - 1).lacks(Optional.of(WIDE), FOOT, TOP))
                .contains(DropBed.Lack.TOO_HEAVY);
    }

    /** What nobody said is asked for; a number without whose it is counts for nothing. */
    @Test
    void whatNobodySaidIsNoBed() {
        assertThat(new DropBed("mat", Optional.empty(), Optional.of("edda")).lacks(Optional.of(WIDE), FOOT, TOP))
                .contains(DropBed.Lack.NOBODY_SAID);
        assertThat(new DropBed("mat", Optional.of(5000.0), Optional.empty()).lacks(Optional.of(WIDE), FOOT, TOP))
                .contains(DropBed.Lack.NOBODY_SAID);
        assertThat(takes(5000).lacks(Optional.empty(), FOOT, TOP)).contains(DropBed.Lack.NOT_ON_PLAN);
        assertThatThrownBy(() -> takes(0)).isInstanceOf(RefusedInput.class).hasMessageContaining("bed.takesKg");
    }

    /** It lies to one side, from beneath the cut to where the piece strikes at the farthest. */
    @Test
    void itReachesFromBeneathTheCutToWhereItStrikes() {
        double far = TOP.drop().strikesM();
        assertThat(takes(5000).lacks(Optional.of(strip(-1, far + 2, TOP.lengthM())), FOOT, TOP))
                .isEmpty();
        assertThat(takes(5000).lacks(Optional.of(strip(-1, far - 1, TOP.lengthM())), FOOT, TOP))
                .as("shorter than it strikes")
                .contains(DropBed.Lack.TOO_SHORT);
        assertThat(takes(5000).lacks(Optional.of(strip(2, far + 2, TOP.lengthM())), FOOT, TOP))
                .as("begins away from the cut")
                .contains(DropBed.Lack.TOO_SHORT);
        assertThat(takes(5000).lacks(Optional.of(strip(-1, far + 2, TOP.lengthM() / 4)), FOOT, TOP))
                .as("too narrow")
                .contains(DropBed.Lack.TOO_SHORT);
    }

    private static Shape strip(double fromM, double toM, double halfWideM) {
        double beside = halfWideM + 0.2;
        return Shape.polygon(List.of(
                new Spot(fromM, -beside), new Spot(toM, -beside), new Spot(toM, beside), new Spot(fromM, beside)));
    }
}
