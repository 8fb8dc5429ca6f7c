package org.antevid.core.takedown.picks;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.MassPart;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.crane.WeighedPicks;

/**
 * What the display showed of a piece that hung on the hook.
 *
 * @param piece its turn when it was picked
 * @param estKg what it was reckoned at, {@code readKg} with hook and slings, {@code rigKg} of these
 * @param free it hung free and still; else the reading says nothing
 * @param why what an odd one came from; empty while nobody found out
 */
public record Weighing(
        int piece, LoadGroup group, double estKg, double readKg, double rigKg, boolean free, Optional<String> why) {
    private static final WeighedPicks.Prior FIRST = new WeighedPicks.Prior(1, 0.2, 0.15, 4, 0.05);
    /** Another group of the same tree starts where the one before came to. */
    private static final double SD_OF_NEXT = 0.15;

    private static final double LEAST_RATIO = 0.1;
    private static final double MOST_RATIO = 10;

    public Weighing {
        Require.within(estKg, 1, 1e6, "estKg");
        Require.within(readKg, 0, 1e6, "readKg");
        Require.within(rigKg, 0, 1e5, "rigKg");
        if (free && readKg <= rigKg) {
            throw new RefusedInput(Refusal.READING_BELOW_RIG, "readKg");
        }
    }

    /** @return of the piece alone */
    public double weighedKg() {
        return readKg - rigKg;
    }

    /** @return weighed over reckoned, 0.1..10: a record of the house takes nothing that lies farther off */
    public double over(double reckonedKg) {
        return Math.max(LEAST_RATIO, Math.min(MOST_RATIO, weighedKg() / reckonedKg));
    }

    private WeighedPicks.Reading reading() {
        return new WeighedPicks.Reading(estKg, readKg, rigKg, free);
    }

    /** @return what they say of the next piece of a group, oldest first */
    public static WeighedPicks of(List<Weighing> all, LoadGroup group) {
        List<WeighedPicks.Reading> own = all.stream()
                .filter(w -> w.group == group)
                .map(Weighing::reading)
                .toList();
        return WeighedPicks.of(own, prior(all, group));
    }

    private static WeighedPicks.Prior prior(List<Weighing> all, LoadGroup group) {
        return all.stream()
                .filter(w -> w.group != group && w.free)
                .reduce((a, b) -> b)
                .map(last -> WeighedPicks.of(
                        all.stream()
                                .filter(w -> w.group == last.group)
                                .map(Weighing::reading)
                                .toList(),
                        FIRST))
                .map(w -> new WeighedPicks.Prior(
                        w.factorPlan(), SD_OF_NEXT, FIRST.scatterSd(), FIRST.n(), FIRST.cellAccuracy()))
                .orElse(FIRST);
    }

    /**
     * @param all of one tree, the oldest first
     * @return whether that one says something of its wood: free, and neither odd when it was read nor explained since
     */
    public static boolean tells(List<Weighing> all, int which) {
        Weighing w = all.get(which);
        return w.free && w.why.isEmpty() && !odd(all.subList(0, which + 1));
    }

    /** @return what of a stem it was; empty of dead wood, which says nothing of its species */
    public Optional<MassPart> part() {
        return switch (group) {
            case STEM -> Optional.of(MassPart.STEM);
            case CROWN_IN_LEAF, CROWN_BARE -> Optional.of(MassPart.CROWN);
            case DEAD_WOOD -> Optional.empty();
        };
    }

    /**
     * What the readings of one group of a tree come to.
     *
     * @param readings that counted
     * @param factor on what the next piece is reckoned at
     */
    public record Came(LoadGroup group, int readings, double factor) {}

    /** @return of each group that was weighed */
    public static List<Came> came(List<Weighing> all) {
        return Stream.of(LoadGroup.values())
                .map(g -> new Came(
                        g,
                        (int) IntStream.range(0, all.size())
                                .filter(i -> all.get(i).group == g && tells(all, i))
                                .count(),
                        of(all, g).factorPlan()))
                .filter(c -> c.readings > 0)
                .toList();
    }

    /** @return whether the newest reading is far off what was expected and nobody found out why */
    public static boolean odd(List<Weighing> all) {
        Optional<Weighing> last = all.stream().filter(Weighing::free).reduce((a, b) -> b);
        return last.filter(w -> w.why.isEmpty())
                .map(w -> of(all, w.group))
                .filter(p -> p.remarks().stream().anyMatch(t -> t.what() == Remark.READING_OUT_OF_BAND))
                .isPresent();
    }
}
