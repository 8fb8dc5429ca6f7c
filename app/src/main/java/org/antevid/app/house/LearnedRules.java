package org.antevid.app.house;

import java.util.List;
import org.antevid.core.judge.Tightening;

/** What was learned makes numbers of the house stricter, while it stands. */
public interface LearnedRules {
    /** @return what stands, in no order */
    List<Learned> standing();

    record Learned(Tightening rule, String lessonId) {}
}
