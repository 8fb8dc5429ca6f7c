package org.antevid.core.brief;

import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKit;
import org.antevid.core.crew.Work;
import org.antevid.core.cutting.CutStep;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.spread.LaySpread;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.outcome.Foreseen;
import org.antevid.core.outcome.StumpPlanned;
import org.antevid.core.outcome.Turns;
import org.antevid.core.run.watch.LineLimits;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemState;
import org.antevid.core.stump.School;
import org.antevid.core.takedown.step.PiecePart;

/**
 * The plan as it is frozen into a briefing: plain values only, so that it can be stored, hashed, drawn and compared.
 * Distances in metres, azimuths clockwise from north; what is said is said by codes, so that it is the same document in
 * every language; numbers of zones are already rounded to the safe side.
 *
 * @param radioChannel on which the crew speaks; empty where none was agreed, and in older documents
 */
public record PlanDocument(
        String job,
        double windLimitMs,
        double slopeDeg,
        double downhillDeg,
        List<Thing> things,
        List<StemPart> stems,
        List<StepPart> steps,
        EmergencyCard emergency,
        Optional<String> radioChannel) {

    /** A feature. {@code outline} has one point for a disc. */
    public record Thing(
            String id,
            String name,
            FeatureKind kind,
            String form,
            List<Spot> outline,
            double radiusM,
            int worth,
            boolean mayBeHit,
            Protection protection,
            String protectedBy) {
        /** What the form of a thing with an area is called. */
        private static final String AREA = "POLYGON";

        /** @return whether its outline is the edge of an area, and no line */
        public boolean isArea() {
            return AREA.equals(form);
        }
    }

    /**
     * The closed ground of a stem that hangs or lies.
     *
     * @param ringM nobody else nearer than this; empty where it is not known or the whole slope below is closed
     * @param ground the same as it lies on the plan
     * @param axis from butt to tip, or its foot alone where nobody entered how it lies
     */
    public record ClosedPart(Optional<Double> ringM, List<Spot> ground, List<Spot> axis) {}

    /** A stem; {@code lay} is empty when none is fixed, {@code closed} of one that stands and in older documents. */
    public record StemPart(
            String label,
            Species species,
            StemState state,
            Spot at,
            Optional<Double> heightHighM,
            Optional<LayPart> lay,
            List<Spot> beneath,
            Optional<ClosedPart> closed) {
        public StemPart {
            closed = closed == null ? Optional.empty() : closed;
        }

        private StemPart sketch() {
            return new StemPart(label, species, state, at, heightHighM, lay.map(LayPart::sketch), beneath, closed);
        }

        /** @return nobody who is not named comes nearer than this, metres; empty where it is not known */
        public Optional<Double> ringM() {
            return lay.map(LayPart::exclusionM).or(() -> closed.flatMap(ClosedPart::ringM));
        }
    }

    /**
     * What the spread of a lay was made of, so that a fall can be looked at afterwards.
     *
     * @param sawyerDeg of whoever aims and cuts, one sigma
     * @param yieldDeg what the yielding hinge turns, right positive
     * @param lengthM hinge to tip as expected
     * @param learned empty in older briefings
     * @param turns what else could turn it; empty in older briefings and where control was not proven
     */
    public record SpreadPart(
            LaySpread.Skill skill,
            double sawyerDeg,
            double yieldDeg,
            Condition wood,
            Optional<Double> lengthM,
            Optional<LearnedPart> learned,
            Optional<Turns> turns) {
        public SpreadPart {
            turns = turns == null ? Optional.empty() : turns;
            learned = learned == null ? Optional.empty() : learned;
        }
    }

    /**
     * Which of the house's own measurements the plan rested on, each with how many; 0 where it did not.
     *
     * @param aimFalls of whoever cuts it, for the spread
     * @param woodFalls in such wood, for the chance that control is lost
     * @param logs weighed, of the species
     * @param crowns weighed, of the species
     */
    public record LearnedPart(int aimFalls, int woodFalls, int logs, int crowns) {}

    /**
     * The fixed lay of a stem and what follows from it; bias and sigma are empty where control is not proven, the cut
     * card, the gust at which this stem holds (the strictest of house, leader and what hinge and line stand) and what
     * its line may carry in older documents; the line also where nothing is pulled.
     */
    public record LayPart(
            double layDeg,
            double reachM,
            double exclusionM,
            boolean wholeCircle,
            List<Spot> fan,
            List<Spot> dropZone,
            List<WayPart> waysOut,
            School school,
            Means.Kind means,
            Optional<Double> biasDeg,
            Optional<Double> sigmaDeg,
            double hingeLengthM,
            double hingeThickM,
            List<ZonePart> zones,
            Optional<CutPart> cuts,
            Optional<Double> gustLimitMs,
            Optional<LineLimits> line,
            Optional<SpreadPart> spread) {
        public LayPart {
            spread = spread == null ? Optional.empty() : spread;
            line = line == null ? Optional.empty() : line;
            gustLimitMs = gustLimitMs == null ? Optional.empty() : gustLimitMs;
            cuts = cuts == null ? Optional.empty() : cuts;
            zones = zones == null ? List.of() : List.copyOf(zones);
        }

        private LayPart sketch() {
            return new LayPart(
                    layDeg,
                    reachM,
                    exclusionM,
                    wholeCircle,
                    fan,
                    dropZone,
                    List.of(),
                    school,
                    means,
                    biasDeg,
                    sigmaDeg,
                    hingeLengthM,
                    hingeThickM,
                    zones,
                    Optional.empty(),
                    gustLimitMs,
                    Optional.empty(),
                    Optional.empty());
        }

        /** @return the stump as it was briefed */
        public StumpPlanned stump() {
            return new StumpPlanned(
                    hingeLengthM,
                    hingeThickM,
                    cuts.map(c -> new StumpPlanned.Cuts(
                            c.dAlongM(),
                            c.dAcrossM(),
                            c.depthM(),
                            c.faceDeg(),
                            c.hingeLeftM(),
                            c.hingeRightM(),
                            c.stepM(),
                            Optional.of(c.strapM()).filter(m -> c.strapLeft()))));
        }

        /** @return what this briefing foresaw of the fall */
        public Foreseen foreseen() {
            return new Foreseen(
                    layDeg,
                    biasDeg,
                    sigmaDeg,
                    spread.map(SpreadPart::yieldDeg),
                    spread.flatMap(SpreadPart::lengthM),
                    hingeLengthM,
                    hingeThickM,
                    spread.flatMap(SpreadPart::turns));
        }
    }

    /** Ground kept clear while it is felled, as clipped; older documents have none. */
    public record ZonePart(Zone.Kind kind, List<List<Spot>> outlines, List<String> clippedBy) {}

    /**
     * A way out: name, azimuth of its end, metres along it, its corners from where it begins (none in older documents).
     */
    public record WayPart(
            String name,

            @Shown(in = Dimension.AZIMUTH, to = Side.NEAREST)
            double azimuthDeg,

            @Shown(in = Dimension.DISTANCE, to = Side.UP) double lengthM,
            List<Spot> path) {
        public WayPart {
            path = path == null ? List.of() : List.copyOf(path);
        }
    }

    /**
     * A step with its people.
     *
     * @param ticks of a stem that is brought down from a tangle; of one that is felled they are with its lay. Older
     *     documents have none
     * @param work what it does to a stem of a tangle
     * @param kit what it cannot be done without; older documents have none
     * @param done when this was frozen; older documents do not say
     * @param piece of a tree that is taken down in pieces: what comes down in this step
     */
    public record StepPart(
            String id,
            int turn,
            Step.Kind kind,
            Optional<String> stem,
            int startMin,
            int endMin,
            List<PostPart> posts,
            List<CutStep> ticks,
            Optional<Work> work,
            List<StepKit> kit,
            boolean done,
            Optional<PiecePart> piece) {
        public StepPart {
            piece = piece == null ? Optional.empty() : piece;
            work = work == null ? Optional.empty() : work;
            kit = kit == null ? List.of() : List.copyOf(kit);
            ticks = ticks == null ? List.of() : List.copyOf(ticks);
        }

        /** One in which nothing comes down in pieces. */
        public StepPart(
                String id,
                int turn,
                Step.Kind kind,
                Optional<String> stem,
                int startMin,
                int endMin,
                List<PostPart> posts,
                List<CutStep> ticks,
                Optional<Work> work,
                List<StepKit> kit,
                boolean done) {
            this(id, turn, kind, stem, startMin, endMin, posts, ticks, work, kit, done, Optional.empty());
        }
    }

    /** @return nobody without a part comes nearer to the stem than this while the step runs, metres */
    public Optional<Double> ringM(StepPart step) {
        return step.piece()
                .flatMap(PiecePart::keepOffM)
                .or(() -> step.stem().flatMap(this::stem).flatMap(StemPart::ringM));
    }

    /** Somebody's part in a step; the way out is empty while the stand is not set. */
    public record PostPart(String personId, String person, Role role, Optional<Spot> stand, List<WayPart> waysOut) {}

    /** One in which nobody speaks by radio. */
    public PlanDocument(
            String job,
            double windLimitMs,
            double slopeDeg,
            double downhillDeg,
            List<Thing> things,
            List<StemPart> stems,
            List<StepPart> steps,
            EmergencyCard emergency) {
        this(job, windLimitMs, slopeDeg, downhillDeg, things, stems, steps, emergency, Optional.empty());
    }

    public PlanDocument {
        radioChannel = radioChannel == null ? Optional.empty() : radioChannel;
        things = List.copyOf(things);
        stems = List.copyOf(stems);
        steps = List.copyOf(steps);
        emergency = emergency == null ? EmergencyCard.EMPTY : emergency;
    }

    /** @return what a small drawing of it needs: no steps, no ways out, no cut cards */
    public PlanDocument sketch() {
        return new PlanDocument(
                job,
                windLimitMs,
                slopeDeg,
                downhillDeg,
                things,
                stems.stream().map(StemPart::sketch).toList(),
                List.of(),
                EmergencyCard.EMPTY);
    }

    /** @return who cuts this stem; the last one where several steps name one */
    public Optional<PostPart> cutter(String label) {
        return steps.stream()
                .filter(s -> s.kind() == Step.Kind.FELL
                        && s.stem().filter(label::equals).isPresent())
                .flatMap(s -> s.posts().stream())
                .filter(p -> p.role() == Role.CUTTER)
                .reduce((a, b) -> b);
    }

    public Optional<StemPart> stem(String label) {
        return stems.stream().filter(s -> s.label().equals(label)).findFirst();
    }

    public Optional<StepPart> step(String id) {
        return steps.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** @return gust at which the work on this stem holds, m/s */
    public double gustLimitMs(Optional<String> label) {
        return label.flatMap(this::stem)
                .flatMap(StemPart::lay)
                .flatMap(LayPart::gustLimitMs)
                .orElse(windLimitMs);
    }

    /** @return the strictest gust limit of a person's own steps, of the whole plan for one who has none */
    public double gustLimitFor(String personId) {
        List<StepPart> own = aheadOf(personId);
        return (own.isEmpty() ? steps : own)
                .stream().mapToDouble(s -> gustLimitMs(s.stem())).min().orElse(windLimitMs);
    }

    /** @return the person's steps that were not done yet when this was frozen */
    public List<StepPart> aheadOf(String personId) {
        return stepsOf(personId).stream().filter(s -> !s.done()).toList();
    }

    /** @return the person's posts in order of the steps */
    public List<StepPart> stepsOf(String personId) {
        return steps.stream()
                .filter(s -> s.posts().stream().anyMatch(p -> p.personId().equals(personId)))
                .toList();
    }
}
