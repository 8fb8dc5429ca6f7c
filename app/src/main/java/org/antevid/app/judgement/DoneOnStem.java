package org.antevid.app.judgement;

import java.util.List;
import org.antevid.app.crew.Crews;
import org.antevid.app.takedown.DoneWork;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.springframework.stereotype.Component;

/** The work of a stem's steps that are done. */
@Component
class DoneOnStem implements DoneWork {
    private final Crews crews;

    DoneOnStem(Crews crews) {
        this.crews = crews;
    }

    @Override
    public List<Work> done(String jobId, String label) {
        return crews.steps(jobId).stream()
                .filter(Step::done)
                .filter(s -> s.stem().filter(label::equals).isPresent())
                .flatMap(s -> s.work().stream())
                .toList();
    }
}
