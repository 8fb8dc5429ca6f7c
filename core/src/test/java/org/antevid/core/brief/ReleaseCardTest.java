package org.antevid.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.message.Message;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.Release;
import org.junit.jupiter.api.Test;

class ReleaseCardTest {
    private static Pile.Stem stem(String id, Optional<Double> lengthM, Optional<Double> massKg, boolean plate) {
        return new Pile.Stem(
                id,
                lengthM,
                massKg,
                Optional.of(0.25),
                Optional.empty(),
                !plate,
                false,
                plate,
                false,
                Optional.of(1.5),
                1,
                6,
                6,
                0.6,
                0.2,
                Optional.of(20000.0),
                Optional.of(16000.0));
    }

    private static List<CutStep> card(String label, Pile.Stem... stems) {
        return ReleaseCard.of(
                Release.of(new Pile(
                        List.of(stems), Set.of("T"), true, List.of(new Pile.Relation("A", Pile.Type.RESTS_ON, "T")))),
                label,
                id -> id.equals("T") ? "the kept sycamore" : id);
    }

    private static List<String> keys(List<CutStep> card) {
        return card.stream().map(CutStep::key).toList();
    }

    private static Message says(List<CutStep> card, String key) {
        return card.stream()
                .filter(s -> s.key().equals(key))
                .findFirst()
                .orElseThrow()
                .says();
    }

    @Test
    void theRingIsClearedFirstAndNobodyGoesNearBeforeItLiesStill() {
        List<CutStep> card = card("A", stem("A", Optional.of(16.0), Optional.of(400.0), false));
        assertThat(keys(card)).containsExactly("ring", "along", "way", "stalls", "still");
        assertThat(says(card, "ring").code()).isEqualTo(ReleaseCard.Words.RING_CLEAR);
        assertThat(says(card, "ring").args()).containsKeys("around", "down");
    }

    @Test
    void whoseLengthNobodyMeasuredHasNoRingThatIsKnown() {
        List<CutStep> card = card("A", stem("A", Optional.empty(), Optional.empty(), false));
        assertThat(says(card, "ring").code()).isEqualTo(ReleaseCard.Words.RING_NOT_KNOWN);
    }

    @Test
    void aRaisedPlateIsSecuredBeforeTheWay() {
        List<CutStep> card = card("A", stem("A", Optional.of(16.0), Optional.of(400.0), true));
        assertThat(keys(card)).containsSubsequence("ring", "before:secure_plate:A", "along", "way");
    }

    @Test
    void whatIsInNoOrderHasNoCard() {
        assertThat(card("B", stem("A", Optional.of(16.0), Optional.of(400.0), false)))
                .isEmpty();
    }
}
