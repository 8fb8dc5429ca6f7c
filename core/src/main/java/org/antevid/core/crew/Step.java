package org.antevid.core.crew;

import java.util.List;
import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;

/**
 * One task of the job's sequence. Times in whole minutes from the start of work, [start, end).
 *
 * @param stem label of the stem it is about, empty for work that is about none
 * @param work what it does to a stem of a tangle; a step that prepares has one always
 * @param kit what it cannot be done without
 */
public record Step(
        String id,
        int turn,
        Kind kind,
        Optional<String> stem,
        int startMin,
        int endMin,
        boolean done,
        List<Post> posts,
        Optional<Work> work,
        List<StepKit> kit) {
    /** What is done in a step. */
    public enum Kind {
        RELEASE,
        FELL,
        CROSSCUT,
        CLEAR,
        /** something is tied off, held, propped, covered or severed before or after a stem moves */
        PREPARE;
    }

    /** A person in a role; where they stand is empty until it is set. */
    public record Post(Role role, String personId, Optional<Spot> stand) {}

    public Step {
        Require.within(startMin, 0, 1440, "startMin");
        Require.within(endMin, 1, 1440, "endMin");
        if (endMin <= startMin) {
            throw new RefusedInput(Message.of(Refusal.ENDS_BEFORE_START).with("start", Arg.count(startMin)), "endMin");
        }
        if (work.map(t -> t.kind().step() != kind).orElse(kind == Kind.PREPARE)) {
            throw new RefusedInput(Message.of(Refusal.NEEDED), "work");
        }
        posts = List.copyOf(posts);
        kit = List.copyOf(kit);
    }

    /** A step that needs no word beyond its kind. */
    public Step(
            String id,
            int turn,
            Kind kind,
            Optional<String> stem,
            int startMin,
            int endMin,
            boolean done,
            List<Post> posts) {
        this(id, turn, kind, stem, startMin, endMin, done, posts, Optional.empty(), List.of());
    }

    /** @return whether nothing is left of its stem when it is done: crosscut as a whole, or the last piece of it */
    public boolean cutsUp() {
        return kind == Kind.CROSSCUT
                && work.map(w -> w.kind() == Work.Kind.PIECE && w.atM().isEmpty())
                        .orElse(true);
    }

    public boolean overlaps(Step other) {
        return startMin < other.endMin && other.startMin < endMin;
    }
}
