package org.antevid.core.lay.spread;

import java.util.Optional;

/**
 * What the house has measured on earlier stems that bears on a lay. Nobody chooses it.
 *
 * @param aim how well whoever cuts it aimed before; empty while nobody is named
 * @param losses how often control was lost
 */
public record PastWork(Optional<AimRecord> aim, LossRecord losses) {
    public static final PastWork NONE = new PastWork(Optional.empty(), LossRecord.NONE);
}
