package org.antevid.core.lay.spread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.antevid.core.lay.sweep.Arcs;
import org.antevid.core.stem.Condition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How far a lay spreads and drifts, an early release, and sets of directions: laws. */
class SpreadTest {
    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    private static LaySpread spread(LaySpread.Skill skill, double use, double tip, Condition wood) {
        return LaySpread.of(LaySpread.Cutter.of(skill), new LaySpread.Hinge(0.4, 0.05, use, 0.1, tip, 22, wood));
    }

    @Test
    void skillNarrowsItAndMeasuredMissesCountByTheirNumber() {
        double novice = spread(LaySpread.Skill.NOVICE, 0.2, 0.3, Condition.SOUND)
                .sigmaDeg()
                .orElseThrow();
        double trained = spread(LaySpread.Skill.TRAINED, 0.2, 0.3, Condition.SOUND)
                .sigmaDeg()
                .orElseThrow();
        assertThat(novice)
                .isGreaterThan(trained)
                .isGreaterThan(spread(LaySpread.Skill.EXPERIENCED, 0.2, 0.3, Condition.SOUND)
                        .sigmaDeg()
                        .orElseThrow());
        LaySpread.Hinge h = new LaySpread.Hinge(0.4, 0.05, 0.2, 0.1, 0.3, 22, Condition.SOUND);
        LaySpread few = LaySpread.of(LaySpread.Cutter.of(LaySpread.Skill.TRAINED, List.of(9.0, -9.0)), h);
        assertThat(few.sigmaDeg().orElseThrow())
                .as("two misses say nothing yet")
                .isEqualTo(trained);
        assertThat(few.warnings()).contains(LaySpread.Warning.HISTORY_TOO_SHORT);
        assertThat(LaySpread.of(LaySpread.Cutter.of(LaySpread.Skill.TRAINED, List.of(9.0, -9.0, 8.0, -8.0)), h)
                        .sigmaDeg()
                        .orElseThrow())
                .isGreaterThan(trained);
        assertThat(LaySpread.of(LaySpread.Cutter.of(LaySpread.Skill.TRAINED, List.of(0.5, -0.5, 0.2, 0.1)), h)
                        .sigmaDeg()
                        .orElseThrow())
                .isLessThan(trained);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theOtherSideDriftsTheOtherWay(long seed) {
        Random r = new Random(seed);
        double use = -0.9 + 1.8 * r.nextDouble();
        double tip = -4 + 8 * r.nextDouble();
        LaySpread one = spread(LaySpread.Skill.TRAINED, use, tip, Condition.SOUND);
        LaySpread other = spread(LaySpread.Skill.TRAINED, -use, -tip, Condition.SOUND);
        assertThat(other.biasDeg().orElseThrow())
                .as("seed %d", seed)
                .isCloseTo(-one.biasDeg().orElseThrow(), within(1e-9));
        assertThat(other.sigmaDeg().orElseThrow()).isCloseTo(one.sigmaDeg().orElseThrow(), within(1e-9));
    }

    @Test
    void anOverloadedHingeOrUnreliableWoodPromisesNothing() {
        for (LaySpread lost : List.of(
                spread(LaySpread.Skill.TRAINED, 1, 0, Condition.SOUND),
                spread(LaySpread.Skill.TRAINED, -1.3, 0, Condition.SOUND),
                spread(LaySpread.Skill.EXPERIENCED, 0, 0, Condition.UNRELIABLE))) {
            assertThat(lost.controlled()).isFalse();
            assertThat(lost.sigmaDeg()).isEmpty();
            assertThat(lost.lostChance()).isEqualTo(1);
        }
        assertThatThrownBy(() -> spread(LaySpread.Skill.TRAINED, 0, 22, Condition.SOUND))
                .hasMessageContaining("tip_side_m");
        double before = 0;
        for (Condition c : List.of(
                Condition.SOUND,
                Condition.FROZEN,
                Condition.STRESSED,
                Condition.DEAD_RECENT,
                Condition.DECAYED,
                Condition.UNRELIABLE)) {
            assertThat(LaySpread.lostChance(c)).isGreaterThan(before);
            before = LaySpread.lostChance(c);
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anEarlierReleaseDriftsFartherTheSameWayAndAPlumbTreeNotAtAll(long seed) {
        Random r = new Random(seed);
        double side = 0.5 + 3 * r.nextDouble();
        ReleaseDrift early = ReleaseDrift.of(22, 0.8, 2, 12, side);
        ReleaseDrift late = ReleaseDrift.of(22, 0.8, 2, 50, side);
        assertThat(early.extraDeg())
                .as("seed %d", seed)
                .isGreaterThan(late.extraDeg())
                .isPositive();
        assertThat(ReleaseDrift.of(22, 0.8, 2, 12, -side).extraDeg()).isCloseTo(-early.extraDeg(), within(1e-6));
        assertThat(ReleaseDrift.of(22, 0.8, 2, 12, 0).extraDeg()).isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void aUnionHoldsWhatAnyOfItsPartsHolds(long seed) {
        Random r = new Random(seed);
        List<Arcs.Arc> raw = r.doubles(4)
                .mapToObj(d -> new Arcs.Arc(360 * d, 70 * r.nextDouble()))
                .toList();
        Arcs all = Arcs.union(raw);
        int held = 0;
        for (int i = 0; i < 3600; i++) {
            double a = i / 10.0 + 0.05;
            boolean any = raw.stream().anyMatch(x -> new Arcs(List.of(x)).holds(a));
            assertThat(all.holds(a)).as("seed %d at %s", seed, a).isEqualTo(any);
            held += any ? 1 : 0;
        }
        assertThat(all.widthDeg()).isCloseTo(held / 10.0, within(1.0));
        assertThat(all.share(0, 10_000))
                .as("a spread without bounds falls on it by its width")
                .isCloseTo(all.widthDeg() / 360, within(0.01));
        assertThat(all.mostShare(30, 20))
                .isGreaterThanOrEqualTo(all.share(30, 20) - 1e-9)
                .isLessThanOrEqualTo(1);
    }
}
