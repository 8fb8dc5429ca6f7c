package org.antevid.core.judge;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.WorkDay;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Access;
import org.antevid.core.site.CrownLoad;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.GroundState;
import org.antevid.core.site.Light;
import org.antevid.core.site.Permit;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Weather;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Verdict;
import org.antevid.core.takedown.picks.CranePlan;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.ClimbKit;
import org.antevid.core.takedown.pieces.Fallback;
import org.antevid.core.takedown.pieces.GuyCheck;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.picture.Picture;

/**
 * The plan as the rules see it.
 *
 * @param gustMs gust at crown height, empty when nothing measures it
 * @param windLimitMs the job's limit, never above the house's
 * @param rings closed ground of every stem that hangs, lies or stands tilted, by label
 * @param planner id of the person who plans
 * @param guards who watches or closes off hung stems, by label
 */
public record Situation(
        HouseRules rules,
        Site site,
        Optional<Estimate> gustMs,
        double windLimitMs,
        List<StemFacts> stems,
        Map<String, GuardRing> rings,
        List<Hang> hangs,
        List<Step> steps,
        List<Person> people,
        String planner,
        List<Guard> guards,
        Circumstances place) {

    /** As asked before anything of the place but its wind was recorded. */
    public Situation(
            HouseRules rules,
            Site site,
            Optional<Estimate> gustMs,
            double windLimitMs,
            List<StemFacts> stems,
            Map<String, GuardRing> rings,
            List<Hang> hangs,
            List<Step> steps,
            List<Person> people,
            String planner,
            List<Guard> guards) {
        this(rules, site, gustMs, windLimitMs, stems, rings, hangs, steps, people, planner, guards, Circumstances.GOOD);
    }

    /**
     * What surrounds the work.
     *
     * @param permits how each question was answered; one that is missing is not known
     * @param chosen how the leader wants each stem taken down, by label
     * @param tangle what hangs, lies and is tied, as it was seen
     * @param day the day it is done on
     * @param takenDown stems that come down in pieces, as far as that is planned
     */
    public record Circumstances(
            List<Weather.Hour> ahead,
            GroundState ground,
            Light light,
            CrownLoad load,
            Map<Permit, Permit.Answer> permits,
            EmergencyCard card,
            Access access,
            List<Access.Machine> machines,
            Map<String, Verdict> chosen,
            Optional<Picture> tangle,
            WorkDay day,
            List<TakenDown> takenDown) {
        /** Any day, long enough. */
        private static final WorkDay SOME_DAY = new WorkDay(0, OptionalInt.of(1440));

        /** Where nothing hangs, lies or comes down in pieces, on any day. */
        public Circumstances(
                List<Weather.Hour> ahead,
                GroundState ground,
                Light light,
                CrownLoad load,
                Map<Permit, Permit.Answer> permits,
                EmergencyCard card,
                Access access,
                List<Access.Machine> machines,
                Map<String, Verdict> chosen) {
            this(
                    ahead,
                    ground,
                    light,
                    load,
                    permits,
                    card,
                    access,
                    machines,
                    chosen,
                    Optional.empty(),
                    SOME_DAY,
                    List.of());
        }

        /** Nothing to remark: for questions about stems alone. */
        public static final Circumstances GOOD = new Circumstances(
                List.of(),
                GroundState.FIRM,
                Light.DAY,
                CrownLoad.NONE,
                Stream.of(Permit.values()).collect(Collectors.toMap(p -> p, p -> Permit.Answer.NOT_NEEDED)),
                new EmergencyCard("-", "-", "-", "-", "-", "-", "-", "-"),
                Access.NOT_KNOWN,
                List.of(),
                Map.of());

        public Circumstances {
            ahead = List.copyOf(ahead);
            permits = Map.copyOf(permits);
            machines = List.copyOf(machines);
            chosen = Map.copyOf(chosen);
            takenDown = List.copyOf(takenDown);
        }

        public Circumstances tangled(Picture seen) {
            return with(Optional.of(seen), day, takenDown);
        }

        public Circumstances on(WorkDay other) {
            return with(tangle, other, takenDown);
        }

        public Circumstances inPieces(List<TakenDown> others) {
            return with(tangle, day, others);
        }

        private Circumstances with(Optional<Picture> otherTangle, WorkDay otherDay, List<TakenDown> others) {
            return new Circumstances(
                    ahead, ground, light, load, permits, card, access, machines, chosen, otherTangle, otherDay, others);
        }
    }

    /**
     * A stem that comes down in pieces.
     *
     * @param reckoned who may be up there by the records
     * @param climber id of who cuts aloft; empty while nobody is named
     * @param saidNo the climber's No that stands; empty where none does
     * @param crane the crane and its picks; empty where nothing is picked
     * @param guy a back guy that holds it; empty where none does
     * @param overdue kit of the climber that nobody looked over in time, today
     */
    public record TakenDown(
            String label,
            TakeDown plan,
            Aloft reckoned,
            Optional<String> climber,
            Optional<ClimbersNo> saidNo,
            Optional<CranePlan> crane,
            Optional<GuyCheck> guy,
            List<ClimbKit> overdue) {
        public TakenDown(
                String label, TakeDown plan, Aloft reckoned, Optional<String> climber, Optional<ClimbersNo> saidNo) {
            this(label, plan, reckoned, climber, saidNo, Optional.empty(), Optional.empty(), List.of());
        }

        public TakenDown with(CranePlan other) {
            return new TakenDown(label, plan, reckoned, climber, saidNo, Optional.of(other), guy, overdue);
        }
    }

    /**
     * @param atM height it was said at
     * @param agreedWith whom the damage was agreed with, where that was chosen
     */
    public record ClimbersNo(String who, double atM, Optional<Fallback> fallback, Optional<String> agreedWith) {}

    /** A stem, its lay where one is chosen, and whether lay and drop zone are fixed. */
    public record StemFacts(
            StemReading reading,
            Optional<LayPlan> lay,
            boolean fixed,
            Optional<Shape> dropZone,
            List<Zone.Clip> clips) {
        public StemFacts(StemReading reading, Optional<LayPlan> lay, boolean fixed, Optional<Shape> dropZone) {
            this(reading, lay, fixed, dropZone, List.of());
        }

        /** @return what it is called in the job */
        public String label() {
            return reading.label();
        }

        /** @return the ring as the leader clipped it, or nothing where no lay is chosen */
        public Optional<Zone> ring() {
            return zones().stream().filter(z -> z.kind() == Zone.Kind.RING).findFirst();
        }

        /** @return ground kept clear while it is felled; none while no lay is chosen */
        public List<Zone> zones() {
            return lay.map(p -> Zone.of(p, dropZone, clips)).orElse(List.of());
        }
    }

    /**
     * A hung stem and what holds it.
     *
     * @param supports labels of the stems that hold it, directly or through others; none when nobody recorded any
     * @param beneath no-entry strip under it
     * @param ring its closed ground
     * @param ground the same as it lies on the plan
     */
    public record Hang(String hung, List<String> supports, Shape beneath, GuardRing ring, Shape ground) {
        /** Stands for all ground below, where the slope is too steep for a radius, metres. */
        public static final double WHOLE_SLOPE_M = 500;

        /** @return nobody nearer to its foot than this who is not named, in any direction, metres */
        public double keepOutM() {
            return ring.reachM().orElse(WHOLE_SLOPE_M);
        }
    }

    /**
     * Who watches a hung stem and how it is closed off; either may be blank.
     *
     * @param closed what is closed, measured against the ring; empty while nobody measured it
     */
    public record Guard(String stem, String guard, String closure, Optional<GuardRing.Closed> closed) {
        public boolean named() {
            return !guard.isBlank() && !closure.isBlank()
                    || closed.filter(GuardRing.Closed::ok).isPresent();
        }
    }

    /** @return the same with this stem as given, in place of the one of its label or added to the others */
    public Situation with(StemFacts stem) {
        return new Situation(
                rules,
                site,
                gustMs,
                windLimitMs,
                Stream.concat(stems.stream().filter(s -> !s.label().equals(stem.label())), Stream.of(stem))
                        .toList(),
                rings,
                hangs,
                steps,
                people,
                planner,
                guards,
                place);
    }

    public Optional<StemFacts> stem(String label) {
        return stems.stream().filter(s -> s.reading().label().equals(label)).findFirst();
    }

    /** @return stems that stand, hang or lie and are not to be kept */
    public Stream<StemFacts> toBeWorked() {
        return stems.stream()
                .filter(f -> !f.reading().state().gone() && !f.reading().toBeKept());
    }

    /** @return lays of stems that are not down yet */
    public Stream<LayPlan> laysAhead() {
        return stems.stream().filter(f -> !f.reading().state().gone()).flatMap(f -> f.lay().stream());
    }

    public Stream<Hang> stillHanging() {
        return hangs.stream().filter(h -> stillHung(h.hung()));
    }

    public Stream<Step> fellsAhead() {
        return steps.stream().filter(st -> !st.done() && st.kind() == Step.Kind.FELL);
    }

    /** @return what the step is about, once it has a lay */
    public Stream<StemFacts> laid(Step st) {
        return st.stem().flatMap(this::stem).stream().filter(f -> f.lay().isPresent());
    }

    /** @return steps not done that are about this stem */
    public Stream<Step> ahead(String label) {
        return steps.stream()
                .filter(s -> !s.done() && s.stem().filter(label::equals).isPresent());
    }

    public boolean stillHung(String label) {
        return stem(label).filter(s -> s.reading().state() == StemState.HUNG).isPresent();
    }

    /** @return whether the hung stem is brought down by a step before {@code step} */
    public boolean releasedBefore(String hung, Step step) {
        return !stillHung(hung)
                || steps.stream()
                        .anyMatch(s -> s.kind() == Step.Kind.RELEASE
                                && s.stem().filter(hung::equals).isPresent()
                                && (s.done() || s.endMin() <= step.startMin()));
    }
}
