package org.antevid.core.judge.crew;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.assist.Kit;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.WorkDay;
import org.antevid.core.crew.roster.Duty;
import org.antevid.core.crew.roster.Hand;
import org.antevid.core.crew.roster.Roster;
import org.antevid.core.crew.roster.RosterCheck;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.picture.Picture;

/**
 * The steps ahead as a day's roster: what each needs, what has to be over before it, whose ground it takes, and who is
 * named when. The same rules look at it as at any roster. A stem's ground is a zone of its label.
 *
 * @param steps by id, in their turns; what is done is not among them
 * @param places rooms of each step: those that are filled, in their order, then what it needs and nobody does
 */
public record DayRoster(
        Roster roster,
        Map<String, Roster.Assignment> plan,
        Map<String, Step> steps,
        Map<String, List<Place>> places,
        List<Person> people) {
    private static final int LEAST_ON_SITE = 2;
    private static final int MOST_ALOFT_MIN = 120;
    private static final int BREAK_MIN = 15;
    /** A crew under this has no saw running while somebody clears (practice rule). */
    private static final int SMALL_CREW = 4;

    private static final double CUT_HEIGHT_M = 0.3;

    /** One person's room in a step: somebody is in it, or nobody yet. */
    public record Place(Role role, Optional<String> who) {}

    public static DayRoster of(Situation s) {
        return of(s, s.people());
    }

    /** @param people who is on site; others than those of the situation to ask what they would change */
    public static DayRoster of(Situation s, List<Person> people) {
        Order order = new Order(s);
        return of(
                s.steps(),
                people,
                s.place().day(),
                st -> places(st, AtTheLine.puller(s, st)),
                (st, places) -> duty(s, st, places, order));
    }

    /** People and posts alone: nothing is known of stems, so neither order nor ground nor thickness is looked at. */
    public static DayRoster ofPosts(List<Step> steps, List<Person> people, WorkDay day) {
        return of(
                steps,
                people,
                day,
                st -> places(st, Optional.empty()),
                (st, places) -> duty(st, places, List.of(), List.of(), Optional.empty(), List.of()));
    }

    private static DayRoster of(
            List<Step> all,
            List<Person> people,
            WorkDay day,
            Function<Step, List<Place>> rooms,
            BiFunction<Step, List<Place>, Duty> duty) {
        Map<String, Step> steps = new LinkedHashMap<>();
        all.stream().filter(st -> !st.done()).forEach(st -> steps.put(st.id(), st));
        Map<String, List<Place>> places = steps.values().stream().collect(Collectors.toMap(Step::id, rooms));
        Map<String, Roster.Assignment> plan = steps.values().stream()
                .collect(Collectors.toMap(
                        Step::id,
                        st -> new Roster.Assignment(
                                st.startMin(),
                                st.atWork().stream().map(Step.Post::personId).toList())));
        Roster.FieldRules field =
                new Roster.FieldRules(day.date(), day.lightUntilMin(), LEAST_ON_SITE, MOST_ALOFT_MIN, BREAK_MIN);
        Roster.Options options =
                new Roster.Options(people.size() < SMALL_CREW, Competence.RESCUE.openName(), Optional.of(field));
        return new DayRoster(
                new Roster(
                        steps.values().stream()
                                .map(st -> duty.apply(st, Require.present(places, st.id())))
                                .toList(),
                        people.stream().map(DayRoster::hand).toList(),
                        Map.of(),
                        day.kit().stream()
                                .map(k -> new Roster.Item(k.name(), k.dueDay(), k.withdrawn()))
                                .toList(),
                        options),
                plan,
                steps,
                places,
                List.copyOf(people));
    }

    public RosterCheck check() {
        return RosterCheck.of(roster, plan);
    }

    Step step(String id) {
        return Require.present(steps, id);
    }

    /** @return what somebody is called; whoever is not on the job by their id */
    public String name(String personId) {
        return people.stream()
                .filter(p -> p.id().equals(personId))
                .map(Person::name)
                .findFirst()
                .orElse(personId);
    }

    /** @return what somebody is named for */
    Stream<Role> named(String personId) {
        return steps.values().stream()
                .flatMap(st -> st.posts().stream())
                .filter(p -> p.personId().equals(personId))
                .map(Step.Post::role);
    }

    /** @return whether it is not known how thick the cut is, or how thick who is named for it may cut */
    boolean limitOpen(Step st) {
        Duty duty = roster.duties().stream()
                .filter(d -> d.id().equals(st.id()))
                .findFirst()
                .orElseThrow();
        Set<String> cutters = st.posts().stream()
                .filter(p -> p.role() == Role.CUTTER)
                .map(Step.Post::personId)
                .collect(Collectors.toSet());
        return duty.diameterM().isEmpty()
                || roster.hands().stream().filter(h -> cutters.contains(h.id())).anyMatch(h -> h.certs().stream()
                        .filter(c -> c.competence().equals(Role.CUTTER.needs().openName()))
                        .noneMatch(c -> c.maxDiameterM().isPresent()));
    }

    List<Place> places(Step st) {
        return Require.present(places, st.id());
    }

    private static List<Place> places(Step st, Optional<Role> puller) {
        List<Place> all = new ArrayList<>();
        st.atWork().forEach(p -> all.add(new Place(p.role(), Optional.of(p.personId()))));
        Stream.concat(needed(st).stream(), puller.stream())
                .filter(r -> st.posts().stream().noneMatch(p -> p.role() == r))
                .forEach(r -> all.add(new Place(r, Optional.empty())));
        return all;
    }

    private static List<Role> needed(Step st) {
        return switch (st.kind()) {
            case FELL -> List.of(Role.CUTTER, Role.LOOKOUT);
            case RELEASE -> List.of(Role.WINCH, Role.LOOKOUT);
            case CROSSCUT -> List.of(Role.CUTTER);
            case CLEAR, PREPARE, ALOFT ->
                st.work().map(t -> t.kind().roles()).orElse(List.of()).stream()
                        .filter(r -> r != Role.RESCUER)
                        .toList();
        };
    }

    static Hand hand(Person p) {
        return new Hand(
                p.id(),
                p.competences().stream().map(Competence::openName).collect(Collectors.toSet()),
                p.presence().fromMin(),
                p.presence().toMin(),
                p.proofs().stream()
                        .map(c ->
                                new Hand.Cert(c.competence().openName(), c.validToDay(), c.maxDiameterM(), c.trainee()))
                        .toList());
    }

    private static Duty duty(Situation s, Step st, List<Place> places, Order order) {
        boolean saw = saw(places);
        return duty(
                st, places, order.before(st), zones(s, st, saw), saw ? thickestM(s, st) : Optional.empty(), kit(s, st));
    }

    private static boolean saw(List<Place> places) {
        return places.stream().anyMatch(p -> p.role.cuts());
    }

    private static Duty duty(
            Step st,
            List<Place> places,
            List<Step> before,
            List<Duty.ZoneUse> zones,
            Optional<Double> thickestM,
            List<String> kit) {
        List<Duty.Slot> slots = places.stream()
                .map(p -> new Duty.Slot(
                        p.role.needs().openName(),
                        switch (p.role) {
                            case LOOKOUT -> Duty.Part.LOOKOUT;
                            case OPERATOR -> Duty.Part.CRANE_OPERATOR;
                            default -> Duty.Part.OTHER;
                        },
                        p.role == Role.CLIMBER,
                        p.role.cuts()))
                .toList();
        return new Duty(
                st.id(),
                st.endMin() - st.startMin(),
                before.stream().map(b -> new Duty.After(b.id(), 0)).toList(),
                slots,
                Map.of(),
                zones,
                saw(places),
                st.kind() == Step.Kind.CLEAR && !saw(places),
                needed(st).contains(Role.LOOKOUT),
                thickestM,
                kit);
    }

    /** The ground of its own stem, and of those into whose ring it reaches. */
    private static List<Duty.ZoneUse> zones(Situation s, Step st, boolean saw) {
        Duty.Mode mode =
                switch (st.kind()) {
                    case FELL, RELEASE, ALOFT -> Duty.Mode.DROP;
                    case CLEAR -> Duty.Mode.CLEAR;
                    case CROSSCUT, PREPARE -> saw ? Duty.Mode.CUT : Duty.Mode.WORK;
                };
        Stream<String> others = s.stems().stream()
                .filter(f -> st.stem().filter(f.label()::equals).isEmpty()
                        && f.ring()
                                .filter(r -> where(s, st).stream().anyMatch(r::takesIn))
                                .isPresent())
                .map(Situation.StemFacts::label);
        return Stream.concat(st.stem().stream(), others)
                .map(label -> new Duty.ZoneUse(label, mode))
                .toList();
    }

    private static Collection<Spot> where(Situation s, Step st) {
        Stream<Spot> foot = st.stem().flatMap(s::stem).map(f -> f.reading().at()).stream();
        return Stream.concat(foot, st.posts().stream().flatMap(p -> p.stand().stream()))
                .toList();
    }

    /** What pulls it over, as the lay names it. */
    private static List<String> kit(Situation s, Step st) {
        return s.laid(st)
                .filter(f -> st.kind() == Step.Kind.FELL)
                .flatMap(f -> f.lay().stream())
                .map(p -> p.choice().means())
                .filter(Means::isLine)
                .map(Means::rig)
                .flatMap(r -> Stream.of(
                        r.rope().map(Kit.Rope::name),
                        r.sling().map(Kit.Sling::name),
                        r.block().map(Kit.Block::name)))
                .flatMap(Optional::stream)
                .distinct()
                .toList();
    }

    /** Where the stem would be cut at the stump: no cut in it is thicker. */
    private static Optional<Double> thickestM(Situation s, Step st) {
        return st.stem().flatMap(s::stem).flatMap(f -> f.lay()
                .map(LayPlan::mass)
                .or(() -> f.reading().mass(CUT_HEIGHT_M))
                .map(StemMass::dCutM));
    }

    /**
     * What has to be over before a step: what is done to the same stem before it in turn, unless both need no go; what
     * stands before it in the order of a tangle; the stem that hangs over its ground.
     */
    private static final class Order {
        private final Situation s;
        private final List<Set<String>> tangle;

        private Order(Situation s) {
            this.s = s;
            tangle = s.place().tangle().flatMap(Picture::release).stream()
                    .flatMap(r -> r.steps().stream())
                    .map(Release.Step::stems)
                    .map(Set::copyOf)
                    .toList();
        }

        private List<Step> before(Step st) {
            return s.steps().stream()
                    .filter(b -> !b.done() && b.turn() < st.turn() && comesFirst(b, st))
                    .toList();
        }

        private boolean comesFirst(Step b, Step st) {
            boolean same = b.stem().isPresent() && b.stem().equals(st.stem()) && (b.gated() || st.gated());
            int first = rank(b);
            int then = rank(st);
            boolean hangs = b.kind() == Step.Kind.RELEASE
                    && s.stillHanging()
                            .anyMatch(h -> b.stem().filter(h.hung()::equals).isPresent()
                                    && where(s, st).stream()
                                            .anyMatch(at -> h.ground().distanceTo(at) <= 0));
            return same || first >= 0 && then >= 0 && first < then || hangs;
        }

        private int rank(Step st) {
            return st.stem().stream()
                    .flatMapToInt(label -> IntStream.range(0, tangle.size())
                            .filter(i -> tangle.get(i).contains(label)))
                    .findFirst()
                    .orElse(-1);
        }
    }
}
