package org.antevid.app.judgement;

import java.util.List;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.learn.Matches;

/** What the house has learned to look at before a stem is cut. It stands elsewhere and is asked for here. */
public interface LearnedChecks {
    /** @return lines to tick off at this work, the newest lesson first */
    List<CutStep> at(Matches.Work work);
}
