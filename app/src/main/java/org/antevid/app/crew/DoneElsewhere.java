package org.antevid.app.crew;

import java.util.List;
import java.util.Optional;
import org.antevid.app.lay.Lays;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Places;
import org.antevid.app.stem.Stems;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.retreat.EscapeRoutes;
import org.springframework.stereotype.Component;

/**
 * Steps whose being done is written down where it counts: a thing that is protected, a way out that is cleared. It is
 * asked there each time and kept nowhere else, so that the step and the plan never say different things.
 */
@Component
class DoneElsewhere {
    private final Places places;
    private final Stems stems;
    private final Lays lays;

    DoneElsewhere(Places places, Stems stems, Lays lays) {
        this.places = places;
        this.stems = stems;
        this.lays = lays;
    }

    /** @return steps with what is known of them elsewhere */
    List<Step> asked(String jobId, List<Step> steps) {
        boolean none = steps.stream().noneMatch(DoneElsewhere::isElsewhere);
        List<Places.PlacedFeature> things = none ? List.of() : places.features(jobId);
        return none
                ? steps
                : steps.stream()
                        .map(s -> isElsewhere(s) ? s.done(isDone(jobId, s, things)) : s)
                        .toList();
    }

    static boolean isElsewhere(Step s) {
        return s.work()
                .filter(w -> w.kind().protects() || w.kind() == Work.Kind.CLEAR_WAY)
                .isPresent();
    }

    private boolean isDone(String jobId, Step s, List<Places.PlacedFeature> things) {
        Work work = s.work().orElseThrow();
        return work.kind() == Work.Kind.CLEAR_WAY
                ? stem(jobId, s)
                        .flatMap(id -> lays.chosenFor(id))
                        .filter(l -> l.clearedBy().containsKey(side(work)))
                        .isPresent()
                : things.stream()
                        .anyMatch(f -> work.protects(f.id()) && f.entry().protectionDone());
    }

    /** Writes down where it counts that a step is done, or open again. */
    void write(String jobId, Step s, boolean done, SignedIn who) {
        Work work = s.work().orElseThrow();
        if (work.kind() == Work.Kind.CLEAR_WAY) {
            stem(jobId, s).ifPresent(id -> lays.cleared(jobId, id, side(work), done, who));
        } else {
            work.about().ifPresent(id -> places.protectionDone(jobId, id, done));
        }
    }

    private Optional<String> stem(String jobId, Step s) {
        return s.stem().flatMap(label -> stems.labelled(jobId, label)).map(Stems.ChosenReading::id);
    }

    private static EscapeRoutes.Side side(Work work) {
        return EscapeRoutes.Side.valueOf(work.about().orElseThrow());
    }
}
