package org.antevid.app.takedown;

import java.util.List;
import org.antevid.core.crew.Work;

/** What of the work on a tree is done, as the crew's steps say. */
public interface DoneWork {
    /** @return work of the steps that are done on a stem, by its label */
    List<Work> done(String jobId, String label);
}
