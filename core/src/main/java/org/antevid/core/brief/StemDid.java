package org.antevid.core.brief;

import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.tangle.picture.LookAgain;
import org.antevid.core.tangle.picture.Moved;

/**
 * What a stem of a tangle did while its step ran, told when the step ends.
 *
 * @param nowOn what it lies on or hangs in now; empty of one that did not move, or of which nothing is left
 */
public record StemDid(Moved moved, Optional<Moved.NowOn> nowOn) {
    /** It did not move; where it is now is where it was. */
    public static final StemDid NOTHING = new StemDid(Moved.NOT_AT_ALL, Optional.empty());

    /** @return whether it is told as far as this step has to know */
    public boolean whole(Step step) {
        return moved == Moved.NOT_AT_ALL || step.cutsUp() || nowOn.isPresent();
    }

    /** @return whether the step is not done: the stem was to come down and did not. Other work is done either way. */
    public boolean stillUp(Step step) {
        return step.kind() == Step.Kind.RELEASE
                && (moved == Moved.NOT_AT_ALL
                        || nowOn.filter(on -> on == Moved.NowOn.STILL_HANGS).isPresent());
    }

    /**
     * @return why it has to be looked at again before the next go; empty when its picture is the same as before, and
     *     where nothing is left of it. What is cut off changes what stays even where nothing moves; where a tie was
     *     severed it is asked what ties it now.
     */
    public Set<LookAgain> lookAgain(Step step) {
        Set<LookAgain> why = EnumSet.noneOf(LookAgain.class);
        if (touches(step) && !step.cutsUp()) {
            why.add(LookAgain.STEP_DONE);
        }
        if (step.work().filter(w -> w.kind() == Work.Kind.SEVER_TIE).isPresent()) {
            why.add(LookAgain.SEVERED);
        }
        return why;
    }

    /** @return whether what it touches has to be looked at again too */
    public boolean touches(Step step) {
        return moved != Moved.NOT_AT_ALL || step.kind() == Step.Kind.CROSSCUT;
    }
}
