package org.antevid.core.judge.crew;

import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKey;
import org.antevid.core.crew.StepKit;
import org.antevid.core.crew.Work;

/**
 * A step the plan asks for, with who could do it; without its times.
 *
 * @param when where it belongs among the steps that are there
 */
public record ProposedStep(
        Step.Kind kind,
        Optional<String> stem,
        Optional<Work> work,
        List<Step.Post> posts,
        List<StepKit> kit,
        When when) {
    /** Where a step belongs. */
    public enum When {
        /** before its stem is felled */
        BEFORE_THE_FALL,
        /** right after its stem is felled */
        AFTER_THE_FALL,
        /** after all that is there, in the order in which it is proposed */
        IN_TURN
    }

    public StepKey key() {
        return new StepKey(kind, stem, work);
    }

    boolean is(Step s) {
        boolean removes = work.isEmpty() && s.work().isEmpty() && s.kind() != Step.Kind.CLEAR;
        return s.stem().equals(stem)
                && (removes
                        || work.isPresent() && key().kept().equals(StepKey.of(s).kept()));
    }
}
