package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.takedown.InPieces.OAK;
import static org.antevid.core.judge.takedown.InPieces.cut;
import static org.antevid.core.judge.takedown.InPieces.plan;
import static org.antevid.core.judge.takedown.InPieces.stem;
import static org.assertj.core.api.Assertions.assertThat;

import org.antevid.core.crew.Role;
import org.antevid.core.judge.crew.SmallestCrew;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.Way;
import org.junit.jupiter.api.Test;

class SmallestCrewTest {
    private static SmallestCrew of(Cut... cuts) {
        return SmallestCrew.of(plan(OAK, Aloft.of(OAK), cuts)).orElseThrow();
    }

    @Test
    void aPieceOnALineAsksForFourAPieceByHandForThree() {
        SmallestCrew line = of(cut("L2", Way.BY_HAND), cut("L1", Way.TIED_ABOVE), stem(0.3, Way.FELLED));
        assertThat(line.roles()).containsExactly(Role.CLIMBER, Role.BRAKE, Role.GROUND, Role.RESCUER);
        assertThat(line.piece()).isEqualTo(2);
        SmallestCrew hand = of(cut("L2", Way.BY_HAND), stem(0.3, Way.FELLED));
        assertThat(hand.roles()).containsExactly(Role.CLIMBER, Role.GROUND, Role.RESCUER);
        assertThat(of(stem(0.3, Way.FELLED)).roles()).hasSize(2).doesNotContain(Role.RESCUER);
    }

    @Test
    void withoutPiecesThereIsNone() {
        assertThat(SmallestCrew.of(plan(OAK, Aloft.of(OAK)))).isEmpty();
    }
}
