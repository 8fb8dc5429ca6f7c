package org.antevid.app.lay;

import org.antevid.core.lay.spread.PastWork;

/** What the house has measured on earlier falls that bears on a lay. It stands elsewhere and is asked for here. */
public interface PastFalls {
    PastWork of(String jobId, String stemId);
}
