package org.antevid.core.takedown.pieces;

import static org.antevid.core.takedown.pieces.Limes.EAST;
import static org.antevid.core.takedown.pieces.Limes.WEST;
import static org.antevid.core.takedown.pieces.Limes.limb;
import static org.antevid.core.takedown.pieces.Limes.sound;
import static org.antevid.core.takedown.pieces.Limes.stem;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class StandingTest {
    private static final CutFigure LIME = CutFigure.of(sound(), List.of(EAST, WEST));
    private static final List<Cut> CUTS = List.of(
            limb("L1", Way.TIED_ABOVE).at(2),
            stem(15.3, Way.LET_RUN),
            limb("L1", Way.TIED_ABOVE),
            limb("L2", Way.TIED_ABOVE),
            stem(11.9, Way.LET_RUN),
            stem(4.05, Way.LET_RUN));

    private static Standing after(int cuts) {
        Standing s = new Standing(LIME);
        IntStream.range(0, cuts).forEach(i -> s.take(CUTS.get(i), i));
        return s;
    }

    /** What was weighed before a cut is not taken for what stands after it. */
    @Test
    void whatStandsIsTheSameWhetherItWasWeighedBetweenOrNot() {
        Standing asked = new Standing(LIME);
        asked.all();
        for (int i = 0; i < CUTS.size(); i++) {
            Standing before = asked.copy();
            asked.take(CUTS.get(i), i);
            assertThat(asked.all()).isEqualTo(after(i + 1).all());
            assertThat(before.all()).as("a copy keeps what it was").isEqualTo(after(i).all());
        }
    }
}
