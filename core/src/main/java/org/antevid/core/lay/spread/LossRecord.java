package org.antevid.core.lay.spread;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.InUse;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.Condition;

/**
 * How often control was lost in the house's own falls, by the wood of the hinge. Falls that hung up or were pushed over
 * count among them, never in the spread. The table's chance weighs eight falls (statistics).
 *
 * @param falls of which it was told what became of them, by the wood they were briefed with
 * @param taken what a person decided for this job, by wood
 */
public record LossRecord(Map<Condition, Count> falls, Map<Condition, Boolean> taken) {
    public static final LossRecord NONE = new LossRecord(Map.of(), Map.of());
    private static final double PRIOR_WEIGHT = 8;
    /** A correction from one fall or two would say more than it knows (practice rule). */
    private static final int LEAST = 3;

    public LossRecord {
        falls = Map.copyOf(falls);
        taken = Map.copyOf(taken);
    }

    /** @param lost of them, 0..falls */
    public record Count(int falls, int lost) {
        public Count {
            Require.within(lost, 0, falls, "lost");
        }
    }

    /**
     * What these falls say beside the table's value; chances 0..1.
     *
     * @param used whether the plan rests on it
     * @param mayBeTaken whether a person may take it
     */
    public record Learned(
            Condition wood,
            @Shown(in = Dimension.SHARE, to = Side.UP) double table,
            @Shown(in = Dimension.SHARE, to = Side.UP) double blended,
            int falls,
            int lost,
            boolean used,
            boolean mayBeTaken) {
        public boolean oftener() {
            return blended > table;
        }

        /** @return what the plan is made with */
        public double chance() {
            return used ? blended : table;
        }
    }

    /** @return empty below three falls of such wood: they change nothing */
    public Optional<Learned> against(Condition wood) {
        return Optional.ofNullable(falls.get(wood))
                .filter(c -> c.falls >= LEAST)
                .map(c -> {
                    double table = LaySpread.lostChance(wood);
                    double blended = (PRIOR_WEIGHT * table + c.lost) / (PRIOR_WEIGHT + c.falls);
                    InUse use = InUse.of(blended > table, c.falls, Optional.ofNullable(taken.get(wood)));
                    return new Learned(wood, table, blended, c.falls, c.lost, use.used(), use.mayBeTaken());
                });
    }

    /** @return chance that control is lost altogether, as the plan is to take it, 0..1 */
    public double chance(Condition wood) {
        return against(wood).map(Learned::chance).orElseGet(() -> LaySpread.lostChance(wood));
    }

    /** @return the same with this decided for the wood */
    public LossRecord decided(Condition wood, boolean take) {
        Map<Condition, Boolean> other = new EnumMap<>(Condition.class);
        other.putAll(taken);
        other.put(wood, take);
        return new LossRecord(falls, other);
    }
}
