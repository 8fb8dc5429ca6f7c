package org.antevid.core.brief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.Random;
import org.antevid.core.crew.Step;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Message;
import org.junit.jupiter.api.Test;

class VisitorCardTest {
    private static final VisitorCard AT_40 = new VisitorCard(Optional.of(40.0), "white gate");

    @Test
    void aVisitorIsToldTheRingOfWhatIsStillWorkedOnWhereToWaitAndWhatStopsEverything() {
        VisitorCard card = VisitorCard.of(
                BriefedPlans.plan(Means.Kind.WEDGES, Step.Kind.FELL, BriefedPlans.NADIA), " white gate ");
        assertThat(card.ringM()).contains(48.0);
        assertThat(card.waitAt()).isEqualTo("white gate");
        assertThat(card.lines("Imre")).hasSize(4);
        Message ring = card.lines("Imre").get(0);
        assertThat(ring.args()).containsKey("ring");
    }

    @Test
    void fartherAwayOrElsewhereIsToldAgainNearerIsNot() {
        assertThat(new VisitorCard(Optional.of(45.0), "white gate").newAfter(AT_40))
                .isTrue();
        assertThat(new VisitorCard(Optional.of(40.0), "lane").newAfter(AT_40)).isTrue();
        assertThat(new VisitorCard(Optional.of(30.0), "white gate").newAfter(AT_40))
                .isFalse();
        assertThat(AT_40.newAfter(AT_40)).isFalse();
    }

    @Test
    void aRingThatIsNotKnownIsWiderThanAny() {
        VisitorCard unknown = new VisitorCard(Optional.empty(), "white gate");
        assertThat(unknown.newAfter(AT_40)).isTrue();
        assertThat(AT_40.newAfter(unknown)).isFalse();
        Random seeded = new Random(29);
        for (int i = 0; i < 200; i++) {
            double a = 100 * seeded.nextDouble();
            double b = 100 * seeded.nextDouble();
            assertThat(new VisitorCard(Optional.of(a), "x").newAfter(new VisitorCard(Optional.of(b), "x")))
                    .isEqualTo(a > b);
        }
    }
}
