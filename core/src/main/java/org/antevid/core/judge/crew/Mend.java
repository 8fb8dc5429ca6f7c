package org.antevid.core.judge.crew;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.roster.Breach;
import org.antevid.core.crew.roster.Remedy;
import org.antevid.core.crew.roster.Roster;
import org.antevid.core.crew.roster.RosterCheck;
import org.antevid.core.crew.roster.RosterRule;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;

/**
 * The smallest change that mends a finding about the crew and breaks nothing else.
 *
 * @param findings keys of the findings it mends among others
 * @param change tells it from another change that mends the same
 * @param steps as they are then; only those that change
 * @param brings who has to come to the job for it
 */
public record Mend(
        List<String> findings, Remedy.Change change, Message says, List<Step> steps, Optional<Person> brings) {
    private static final Set<RuleId> EMPTY = EnumSet.of(RuleId.POST_EMPTY, RuleId.NOBODY_AT_LINE);

    /** @param elsewhere who could be put on the job */
    public static List<Mend> of(Situation s, Collection<Person> elsewhere) {
        DayRoster day = DayRoster.of(s);
        RosterCheck check = day.check();
        Stream<Mend> broken = Staffing.told(s, day, check)
                .flatMap(t -> mend(s, day, t.breach(), List.of(t.finding().key()), elsewhere).stream());
        Stream<Mend> empty = check.breaches().stream()
                .filter(b -> b.rule() == RosterRule.R03_ROLE_COUNT)
                .flatMap(b -> mend(s, day, b, emptyPosts(s, day, b), elsewhere).stream());
        return Stream.concat(broken, empty).toList();
    }

    private static List<String> emptyPosts(Situation s, DayRoster day, Breach b) {
        Step st = day.step(b.duties().get(0));
        return Stream.concat(new Staffing().check(s), new AtTheLine().check(s))
                .filter(f -> EMPTY.contains(f.rule()) && f.subject().id().equals(st.id()))
                .map(Finding::key)
                .toList();
    }

    private static Optional<Mend> mend(
            Situation s, DayRoster day, Breach b, List<String> findings, Collection<Person> elsewhere) {
        return Remedy.of(
                        day.roster(),
                        day.plan(),
                        b,
                        elsewhere.stream().map(DayRoster::hand).toList())
                .map(r -> new Mend(
                        findings,
                        r.change(),
                        says(day, r.change(), elsewhere),
                        changed(s, day, r.plan()),
                        brings(r, elsewhere)));
    }

    private static Optional<Person> brings(Remedy r, Collection<Person> elsewhere) {
        return r.change() instanceof Remedy.Bring b
                ? elsewhere.stream().filter(p -> p.id().equals(b.hand())).findFirst()
                : Optional.empty();
    }

    private static Message says(DayRoster day, Remedy.Change change, Collection<Person> elsewhere) {
        if (change instanceof Remedy.Give g) {
            Step st = day.step(g.duty());
            Optional<String> was =
                    st.atWork().stream().skip(g.slot()).findFirst().map(Step.Post::personId);
            List<Role> rest = was.map(id -> atOnce(day, st, id, g.slot())).orElse(List.of());
            return Message.of(MendWords.GIVE)
                    .with("person", Arg.name(day.name(g.hand())))
                    .with("role", Arg.term(day.places(st).get(g.slot()).role()))
                    .with("step", Steps.said(st))
                    .with("was", was.filter(id -> !rest.isEmpty()).map(id -> Arg.name(day.name(id))))
                    .with("rest", rest.isEmpty() ? Optional.empty() : Optional.of(Arg.terms(rest)));
        }
        if (change instanceof Remedy.Swap x) {
            Step st = day.step(x.duty());
            return Message.of(MendWords.SWAP)
                    .with("step", Steps.said(st))
                    .with(
                            "person",
                            Arg.name(day.name(st.atWork().get(x.otherSlot()).personId())))
                    .with("role", Arg.term(st.atWork().get(x.slot()).role()))
                    .with("other", Arg.name(day.name(st.atWork().get(x.slot()).personId())))
                    .with("otherRole", Arg.term(st.atWork().get(x.otherSlot()).role()));
        }
        if (change instanceof Remedy.Later l) {
            return Message.of(MendWords.LATER)
                    .with("step", Steps.said(day.step(l.duty())))
                    .with("at", Arg.count(l.startMin()));
        }
        Remedy.Bring b = (Remedy.Bring) change;
        Step st = day.step(b.duty());
        return Message.of(MendWords.BRING)
                .with(
                        "person",
                        Arg.names(elsewhere.stream()
                                .filter(p -> p.id().equals(b.hand()))
                                .map(Person::name)
                                .toList()))
                .with("role", Arg.term(day.places(st).get(b.slot()).role()))
                .with("step", Steps.said(st));
    }

    /** @return what else somebody does while this step goes on */
    private static List<Role> atOnce(DayRoster day, Step st, String person, int slot) {
        Stream<Role> here = IntStream.range(0, st.atWork().size())
                .filter(i -> i != slot && st.atWork().get(i).personId().equals(person))
                .mapToObj(i -> st.atWork().get(i).role());
        Stream<Role> beside = day.steps().values().stream()
                .filter(o -> !o.id().equals(st.id()) && o.overlaps(st))
                .flatMap(o -> o.posts().stream())
                .filter(p -> p.personId().equals(person))
                .map(Step.Post::role);
        return Stream.concat(here, beside).distinct().toList();
    }

    private static List<Step> changed(Situation s, DayRoster day, Map<String, Roster.Assignment> plan) {
        return day.steps().values().stream()
                .filter(st -> !Require.present(plan, st.id()).equals(Require.present(day.plan(), st.id())))
                .map(st -> as(s, day, st, Require.present(plan, st.id())))
                .collect(Collectors.toList());
    }

    /** A part keeps its place: it follows from what is done there, not from who does it. A new one gets one. */
    static Step as(Situation s, DayRoster day, Step st, Roster.Assignment a) {
        List<DayRoster.Place> places = day.places(st);
        List<Step.Post> posts = new ArrayList<>();
        for (int i = 0; i < a.who().size(); i++) {
            Optional<Step.Post> now =
                    i < st.atWork().size() ? Optional.of(st.atWork().get(i)) : Optional.empty();
            Role role = places.get(i).role();
            Optional<Spot> stand = now.isPresent() ? now.flatMap(Step.Post::stand) : ProposedPosts.standOf(s, st, role);
            posts.add(new Step.Post(role, a.who().get(i), stand));
        }
        st.posts().stream().filter(p -> p.role() == Role.RESCUER).forEach(posts::add);
        return st.with(a.startMin(), posts);
    }
}
