package org.antevid.core.tangle;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.antevid.core.tangle.beam.BeamWood;
import org.antevid.core.tangle.beam.Bind;
import org.antevid.core.tangle.beam.BindBest;
import org.antevid.core.tangle.beam.LyingStem;
import org.antevid.core.tangle.beam.Support;
import org.junit.jupiter.api.Test;

/** How long a large pile and one cut take; run with {@code -Dtest=TangleBench}. */
class TangleBench {
    private static final int TIMES = 30;

    private static Pile pile() {
        Random r = new Random(7);
        List<Pile.Stem> stems = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            stems.add(new Pile.Stem(
                    "A" + i,
                    Optional.of(8.0 + r.nextInt(12)),
                    Optional.of(100.0 + r.nextInt(900)),
                    Optional.of(0.2),
                    Optional.empty(),
                    i % 9 == 0,
                    false,
                    i % 11 == 0,
                    false,
                    Optional.of(1.5),
                    0.6,
                    8,
                    8,
                    0.6,
                    0.2,
                    Optional.of(20000.0),
                    Optional.empty()));
        }
        List<Pile.Relation> relations = new ArrayList<>();
        while (relations.size() < 120) {
            int a = r.nextInt(40);
            int b = r.nextInt(40);
            Pile.Relation next = new Pile.Relation(
                    "A" + Math.min(a, b),
                    r.nextInt(4) == 0 ? Pile.Type.OVERHANGS : Pile.Type.RESTS_ON,
                    "A" + Math.max(a, b));
            if (a != b && relations.stream().noneMatch(next::same)) {
                relations.add(next);
            }
        }
        return new Pile(stems, Set.of(), true, relations);
    }

    private static LyingStem stem() {
        List<Support> supports = new ArrayList<>();
        for (double x : new double[] {0.5, 4, 8, 11}) {
            Support.Kind kind = Support.Kind.GROUND;
            supports.add(new Support(x, kind, Support.Side.BELOW, 0, kind.stiffnessNm(), kind.mu(), kind.axial()));
        }
        return new LyingStem(
                12,
                0.4,
                0.1,
                950,
                0.2,
                BeamWood.MEDIUM,
                6,
                supports,
                Optional.empty(),
                List.of(),
                Optional.empty(),
                0.02,
                0,
                Optional.empty(),
                Optional.empty());
    }

    private static void said(String what, Runnable run) {
        List<Double> ms = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            long from = System.nanoTime();
            run.run();
            ms.add((System.nanoTime() - from) / 1e6);
        }
        ms.sort(Double::compare);
        System.out.printf("%s: median %.1f ms, slowest %.1f ms%n", what, ms.get(TIMES / 2), ms.get(TIMES - 1));
    }

    @Test
    void aPileAndACut() {
        Pile pile = pile();
        LyingStem stem = stem();
        said("order of 40 stems with 120 relations", () -> Release.of(pile));
        said("one cut of a stem on four rests", () -> Bind.of(stem, List.of(5.0)));
        said("the best places of it", () -> BindBest.of(stem, 400));
        assertThat(Release.of(pile).order()).isNotEmpty();
    }
}
