package org.antevid.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.run.PieceWent;
import org.antevid.core.takedown.pieces.Way;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** How pieces came down. */
class PieceOutcomeTest {
    private static final Set<PieceWent> MORE = EnumSet.of(PieceWent.HEAVIER, PieceWent.SNAGGED);

    private static PieceOutcome came(PieceWent went, Optional<Double> lineN) {
        return new PieceOutcome(
                List.of(1), 3, Way.LET_RUN, 50, Optional.empty(), Optional.empty(), lineN, 20, Optional.of(25), went);
    }

    /** A line that caught more than was reckoned is looked over; where there was none there is nothing to look over. */
    @ParameterizedTest
    @EnumSource(PieceWent.class)
    void aLineThatCaughtMoreIsLookedOver(PieceWent went) {
        assertThat(came(went, Optional.of(2_000.0)).lineLookedOver()).isEqualTo(MORE.contains(went));
        assertThat(came(went, Optional.empty()).lineLookedOver()).isFalse();
    }
}
