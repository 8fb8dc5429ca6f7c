package org.antevid.core.crew;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
 * @param posts whoever stands by to rescue last
 * @param kit what it cannot be done without
 * @param spread how long it takes at best and at worst; empty while nobody said
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
        List<StepKit> kit,
        Optional<Spread> spread) {
    /** Share of its minutes a step is off by where nobody said how much (practice: times are good to 30 %). */
    private static final double USUALLY_OFF = 0.3;

    /**
     * Minutes a step takes.
     *
     * @param leastMin when all goes well, 1 to its usual time
     * @param mostMin when little does, from its usual time to 1440
     */
    public record Spread(int leastMin, int mostMin) {}

    /** What is done in a step. */
    public enum Kind {
        RELEASE,
        FELL,
        CROSSCUT,
        CLEAR,
        /** something is tied off, held, propped, covered or severed before or after a stem moves */
        PREPARE,
        /** a tree is taken down in pieces */
        ALOFT
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
        posts = Stream.concat(
                        posts.stream().filter(p -> p.role() != Role.RESCUER),
                        posts.stream().filter(p -> p.role() == Role.RESCUER))
                .toList();
        kit = List.copyOf(kit);
        int usual = endMin - startMin;
        spread.ifPresent(r -> {
            Require.within(r.leastMin, 1, usual, "leastMin");
            Require.within(r.mostMin, usual, 1440, "mostMin");
        });
    }

    /** A step of which nobody said how long it takes at best and at worst. */
    public Step(
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
        this(id, turn, kind, stem, startMin, endMin, done, posts, work, kit, Optional.empty());
    }

    /** @return minutes at best and at worst, as somebody said or as times usually are off */
    public Spread likely() {
        int usual = endMin - startMin;
        return spread.orElseGet(() ->
                new Spread((int) Math.floor(usual * (1 - USUALLY_OFF)), (int) Math.ceil(usual * (1 + USUALLY_OFF))));
    }

    /** @return the same at another time, with other people */
    public Step with(int newStartMin, List<Post> newPosts) {
        int newEndMin = newStartMin + endMin - startMin;
        return new Step(id, turn, kind, stem, newStartMin, newEndMin, done, newPosts, work, kit, spread);
    }

    /** @return the same, done or not */
    public Step done(boolean isDone) {
        return new Step(id, turn, kind, stem, startMin, endMin, isDone, posts, work, kit, spread);
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

    /** @return whether everybody gets ready for it and a go is given; else whoever does it ticks it off */
    public boolean gated() {
        return work.map(w -> w.kind().gated()).orElse(true);
    }

    /** @return whether nothing is left of its stem when it is done: crosscut as a whole, or the last piece of it */
    public boolean cutsUp() {
        return kind == Kind.CROSSCUT
                        && work.map(w -> w.kind() == Work.Kind.PIECE && w.atM().isEmpty())
                                .orElse(true)
                || work.filter(w -> w.kind() == Work.Kind.FELL_STUB).isPresent();
    }

    /** @return whether pieces of a tree come down in it */
    public boolean takesPieces() {
        return kind == Kind.ALOFT
                && work.filter(w -> w.kind() != Work.Kind.CLIMB_UP && w.kind() != Work.Kind.PLATFORM_UP)
                        .isPresent();
    }

    /** @return whether somebody works above the ground in it */
    public boolean aloft() {
        return posts.stream().anyMatch(p -> p.role() == Role.CLIMBER)
                || work.filter(w -> w.kind().roles().contains(Role.CLIMBER)).isPresent();
    }

    /** @return the posts but for whoever stands by to rescue, who has no place among the work */
    public List<Post> atWork() {
        return posts.stream().filter(p -> p.role() != Role.RESCUER).toList();
    }

    public boolean overlaps(Step other) {
        return startMin < other.endMin && other.startMin < endMin;
    }
}
