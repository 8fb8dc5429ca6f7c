package org.antevid.core.judge.takedown;

import static org.antevid.core.judge.Severity.STOP;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.crew.PieceSteps;
import org.antevid.core.message.Arg;
import org.antevid.core.takedown.pieces.Aloft;

/** A step that takes a piece off cuts where the plan has it cut now: else nobody reckoned what it loads. */
public final class StepOfNoPiece implements Rule {
    private static final Set<Work.Kind> OF_PIECES = EnumSet.of(
            Work.Kind.LOWER_PIECE,
            Work.Kind.LET_OVER_PIECE,
            Work.Kind.DROP_PIECE,
            Work.Kind.PICK_PIECE,
            Work.Kind.GRAB_PIECE,
            Work.Kind.LAND_PIECE,
            Work.Kind.FELL_STUB);

    @Override
    public Stream<Finding> check(Situation s) {
        return noPiece(s).map(st -> Finding.of(RuleId.STEP_OF_NO_PIECE, STOP, st)
                .with("stem", st.stem().map(Arg::name)));
    }

    private static Stream<Step> noPiece(Situation s) {
        return s.steps().stream().filter(st -> !st.done() && takesOff(st)).filter(st -> PieceSteps.of(s, st)
                .isEmpty());
    }

    /** @return what is still to be done and the plan as it is now asks for no more: other cuts, another way up */
    public static List<Step> superseded(Situation s) {
        return Stream.concat(noPiece(s), s.steps().stream().filter(st -> !st.done() && otherWayUp(s, st)))
                .toList();
    }

    private static boolean otherWayUp(Situation s, Step st) {
        return st.work()
                .map(Work::kind)
                .filter(k -> k == Work.Kind.CLIMB_UP || k == Work.Kind.PLATFORM_UP)
                .filter(k -> s.place().takenDown().stream()
                        .filter(t -> st.stem().filter(t.label()::equals).isPresent())
                        .map(t -> t.plan().aloft().allowed())
                        .anyMatch(a -> (a == Aloft.Allowed.PLATFORM) != (k == Work.Kind.PLATFORM_UP)
                                || a.compareTo(Aloft.Allowed.PLATFORM) > 0))
                .isPresent();
    }

    /** @return whether the step takes pieces off a tree */
    public static boolean takesOff(Step st) {
        return st.work().filter(w -> OF_PIECES.contains(w.kind())).isPresent();
    }
}
