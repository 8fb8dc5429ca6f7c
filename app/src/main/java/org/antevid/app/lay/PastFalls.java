package org.antevid.app.lay;

import java.util.Optional;
import org.antevid.core.lay.spread.AimRecord;

/**
 * How well whoever is to cut a stem aimed before. What the house has measured stands elsewhere and is asked for here.
 */
public interface PastFalls {
    /** @return empty while nobody is named who cuts this stem */
    Optional<AimRecord> of(String jobId, String stemId);
}
