package org.antevid.core.learn;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.antevid.core.lay.Means;
import org.antevid.core.outcome.Control;
import org.antevid.core.outcome.MeasuredBy;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stump.School;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What may be given away of the falls of a house. */
class SharingTest {
    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    private static SharedFall fall(int quarter, Species species, double missDeg) {
        return new SharedFall(
                new SharedFall.Group(
                        Optional.of(2026),
                        Optional.of(quarter),
                        Optional.of(species),
                        Optional.of(School.OPEN_FACE),
                        Optional.of(Means.Kind.WEDGES),
                        Optional.of(Condition.SOUND)),
                Optional.of(Control.KEPT),
                Optional.of(MeasuredBy.TAPE),
                Optional.of(2.51234),
                Optional.of(missDeg),
                Optional.empty());
    }

    private static List<SharedFall> house(long seed, int falls) {
        Random draws = new Random(seed);
        List<SharedFall> all = new ArrayList<>();
        for (int i = 0; i < falls; i++) {
            all.add(fall(1 + draws.nextInt(4), Species.values()[draws.nextInt(6)], 8 * draws.nextGaussian()));
        }
        return all;
    }

    @Test
    void fourOfAKindAreMergedWithOthers() {
        List<SharedFall> all = new ArrayList<>(Collections.nCopies(4, fall(1, Species.ALNUS, 1)));
        all.add(fall(1, Species.TILIA, 2));
        assertThat(Sharing.of(all))
                .hasSize(5)
                .allSatisfy(f -> assertThat(f.group().species()).isEmpty());
        assertThat(Sharing.of(all.subList(0, 4)))
                .as("four of a house are left out")
                .isEmpty();
    }

    @Test
    void fiveOfAKindStayTogetherAndAreRounded() {
        List<SharedFall> out = Sharing.of(Collections.nCopies(5, fall(1, Species.ALNUS, 1.2345)));
        assertThat(out).hasSize(5).allSatisfy(f -> {
            assertThat(f.group().species()).contains(Species.ALNUS);
            assertThat(f.missDeg()).contains(1.2);
        });
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noGroupIsSmallAndOrderIsNoMatter(long seed) {
        List<SharedFall> all = house(seed, 3 + (int) (seed % 37));
        List<SharedFall> out = Sharing.of(all);
        Map<SharedFall.Group, Long> groups =
                out.stream().collect(Collectors.groupingBy(SharedFall::group, Collectors.counting()));
        assertThat(groups.values()).allMatch(n -> n >= Sharing.LEAST);
        assertThat(all.size() - out.size()).isBetween(0, Sharing.LEAST - 1);
        List<SharedFall> other = new ArrayList<>(all);
        Collections.shuffle(other, new Random(seed));
        assertThat(Sharing.of(other)).isEqualTo(out);
    }
}
