package org.antevid.core.judge.crew;

import static org.antevid.core.judge.Severity.NOTE;
import static org.antevid.core.judge.Severity.STOP;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.CrewFault;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.roster.Breach;
import org.antevid.core.crew.roster.RosterCheck;
import org.antevid.core.crew.roster.RosterRule;
import org.antevid.core.crew.roster.Unknown;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.judge.Subject;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;

/**
 * Who does what when, by the rules of every roster and of the field; every post is filled, by somebody of their own.
 * What could not be looked at because something is not known is said in one note.
 */
public final class Staffing implements Rule {
    /** Of the work as such: whoever is named in each post is looked at by name, and an empty post has its own rule. */
    private static final Set<RosterRule> SAID_BY_POST = EnumSet.of(
            RosterRule.R02_COMPETENCE,
            RosterRule.R14_TOO_FEW_PERSONS,
            RosterRule.R20_COMPETENCE_EXPIRED,
            RosterRule.R22_DIAMETER_LIMIT);

    private static final Set<RosterRule> OF_THE_GROUND = EnumSet.of(RosterRule.R06_ZONE, RosterRule.R07_SAW_CLEAR);

    /** A rule that is broken, and what is said of it. */
    public record Told(Breach breach, Finding finding) {}

    @Override
    public Stream<Finding> check(Situation s) {
        DayRoster day = DayRoster.of(s);
        RosterCheck check = day.check();
        return Stream.of(
                        told(s, day, check).map(Told::finding),
                        day.steps().values().stream().flatMap(st -> twice(day, st)),
                        day.steps().values().stream().flatMap(st -> empty(s, day, st)),
                        open(s, day, check).stream())
                .flatMap(x -> x);
    }

    /** @return what is broken on this day, each once */
    public static Stream<Told> told(Situation s, DayRoster day, RosterCheck check) {
        return check.breaches().stream()
                .filter(b -> b.rule() != RosterRule.R03_ROLE_COUNT)
                .filter(b -> !(SAID_BY_POST.contains(b.rule()) && b.atMin().isEmpty()))
                .filter(b -> !(OF_THE_GROUND.contains(b.rule()) && saidOtherwise(day, check, b)))
                .filter(b -> !firstAiderOnTheCard(s, day, b))
                .map(b -> new Told(b, finding(day, b)));
    }

    /** Two steps on one ground: where their order is wrong that is said, and who stands too near has its own rule. */
    private static boolean saidOtherwise(DayRoster day, RosterCheck check, Breach b) {
        boolean order = check.breaches().stream()
                .anyMatch(o -> o.rule() == RosterRule.R04_PRECEDENCE
                        && Set.copyOf(o.duties()).equals(Set.copyOf(b.duties())));
        return order
                || b.duties().stream().map(id -> day.step(id).stem()).distinct().count() > 1;
    }

    /** The card names somebody else for first aid: that their proof is not recorded is said as what it is. */
    private static boolean firstAiderOnTheCard(Situation s, DayRoster day, Breach b) {
        String named = s.place().card().firstAider();
        return b.rule() == RosterRule.R24_FIRST_AIDER_CUTTING
                && !named.isBlank()
                && names(day, b.hands()).stream().noneMatch(named::equalsIgnoreCase);
    }

    private static Finding finding(DayRoster day, Breach b) {
        Step about = day.step(b.duties().get(b.duties().size() - 1));
        String[] detail =
                Stream.concat(Stream.of(b.rule().name()), b.hands().stream()).toArray(String[]::new);
        Finding found = Finding.of(RuleId.CREW, severity(b), new Subject.Work(about.id(), about.turn()), detail)
                .saying(b.rule());
        for (Map.Entry<String, Arg> e : message(day, b).args().entrySet()) {
            found = found.with(e.getKey(), e.getValue());
        }
        return found;
    }

    private static Severity severity(Breach b) {
        return switch (b.weight()) {
            case STOP -> Severity.STOP;
            case SECOND_OPINION -> Severity.SECOND_OPINION;
            case CAUTION -> Severity.CAUTION;
        };
    }

    /** @return what is wrong, to be said, with steps and people as they are called */
    public static Message message(DayRoster day, Breach b) {
        Message said = Message.of(b.rule())
                .with(
                        "tasks",
                        Arg.several(b.duties().stream()
                                .map(id -> Steps.said(day.step(id)))
                                .toList()))
                .with("persons", b.hands().isEmpty() ? Optional.empty() : Optional.of(Arg.names(names(day, b.hands()))))
                .with(
                        "at",
                        b.atMin().isPresent() ? Optional.of(Arg.count(b.atMin().getAsInt())) : Optional.empty());
        for (Map.Entry<String, Integer> e : b.numbers().entrySet()) {
            said = said.with(e.getKey(), Arg.count(e.getValue()));
        }
        for (Map.Entry<String, String> e : b.names().entrySet()) {
            said = said.with(
                    e.getKey(), Competence.named(e.getValue()).map(Arg::term).orElseGet(() -> Arg.name(e.getValue())));
        }
        return said;
    }

    private static List<String> names(DayRoster day, Collection<String> ids) {
        return ids.stream().map(day::name).toList();
    }

    /** @return whoever is named twice in one step */
    public static Stream<Finding> twice(DayRoster day, Step st) {
        List<Finding> found = new ArrayList<>();
        for (int p = 0; p < st.posts().size(); p++) {
            Step.Post one = st.posts().get(p);
            st.posts().stream()
                    .skip(p + 1L)
                    .filter(o -> o.personId().equals(one.personId()))
                    .forEach(o ->
                            found.add(Finding.of(RuleId.CREW, STOP, st, CrewFault.TWICE_IN_STEP.name(), one.personId())
                                    .saying(CrewFault.TWICE_IN_STEP)
                                    .with("person", Arg.name(day.name(one.personId())))
                                    .with("step", Steps.said(st))
                                    .with("role", Arg.term(one.role()))
                                    .with("other", Arg.term(o.role()))));
        }
        return found.stream();
    }

    /** Who is missing at the line is said by the rule of the line. */
    private static Stream<Finding> empty(Situation s, DayRoster day, Step st) {
        Stream<Role> rescuer = st.work().map(w -> w.kind().roles()).orElse(List.of()).stream()
                .filter(r -> r == Role.RESCUER && st.posts().stream().noneMatch(p -> p.role() == r));
        return Stream.concat(
                        day.places(st).stream().filter(p -> p.who().isEmpty()).map(DayRoster.Place::role), rescuer)
                .filter(r -> AtTheLine.puller(s, st).filter(r::equals).isEmpty())
                .map(r -> Finding.of(RuleId.POST_EMPTY, STOP, st, r.name())
                        .with("step", Steps.said(st))
                        .with("role", Arg.term(r))
                        .with("nobody", Arg.flag(nobodyCan(s, r)))
                        .with("busy", busy(s, st, r)));
    }

    /** Everybody who can where each of them has another part in the step; empty where somebody is free for it. */
    private static Optional<Arg> busy(Situation s, Step st, Role role) {
        List<Person> able = s.people().stream()
                .filter(p -> p.competences().contains(role.needs()))
                .toList();
        return Optional.of(able)
                .filter(a -> !a.isEmpty())
                .filter(a -> a.stream().allMatch(p -> st.posts().stream()
                        .anyMatch(x -> x.personId().equals(p.id()))))
                .map(a -> Arg.names(a.stream().map(Person::name).toList()));
    }

    private static boolean nobodyCan(Situation s, Role role) {
        return s.people().stream().noneMatch(p -> p.competences().contains(role.needs()));
    }

    private static Optional<Finding> open(Situation s, DayRoster day, RosterCheck check) {
        List<Message> open = Stream.concat(
                        check.notChecked().stream().flatMap(u -> notKnown(day, u).stream()),
                        check.breaches().stream()
                                .filter(b -> firstAiderOnTheCard(s, day, b))
                                .limit(1)
                                .map(b -> Message.of(RosterOpen.FIRST_AID)
                                        .with("who", Arg.name(s.place().card().firstAider()))))
                .distinct()
                .toList();
        return open.isEmpty()
                ? Optional.empty()
                : Optional.of(Finding.ofJob(RuleId.CREW_NOT_KNOWN, NOTE).with("open", Arg.all(open)));
    }

    /** Of those who are named for something; what somebody else could do is asked when they are. */
    private static Optional<Message> notKnown(DayRoster day, Unknown u) {
        return switch (u.rule()) {
            case R20_COMPETENCE_EXPIRED ->
                u.competence()
                        .flatMap(Competence::named)
                        .filter(c -> day.named(u.of().orElse("")).anyMatch(r -> r.needs() == c))
                        .map(c -> Message.of(RosterOpen.PROOF)
                                .with(
                                        "person",
                                        Arg.names(names(day, u.of().stream().toList())))
                                .with("competence", Arg.term(c)));
            case R22_DIAMETER_LIMIT ->
                u.of().map(day::step).filter(st -> day.limitOpen(st)).map(st -> Message.of(RosterOpen.DIAMETER)
                        .with("step", Steps.said(st)));
            case R21_KIT_EXPIRED -> u.of().map(id -> Message.of(RosterOpen.KIT).with("kit", Arg.name(id)));
            case R30_AFTER_LIGHT -> Optional.of(Message.of(RosterOpen.LIGHT));
            default -> Optional.empty();
        };
    }
}
