package org.antevid.app.stem;

import java.util.Map;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.WeighedBefore;

/** What the house has weighed before. It stands elsewhere and is asked for here. */
public interface PastWeights {
    /** @return the species something was weighed of, as the plan of this job takes it */
    Map<Species, WeighedBefore> of(String jobId);
}
