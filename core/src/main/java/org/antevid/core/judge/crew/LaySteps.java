package org.antevid.core.judge.crew;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.crew.StepKit;
import org.antevid.core.crew.Work;
import org.antevid.core.judge.Situation;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.site.Feature;
import org.antevid.core.stem.Verdict;

/**
 * The steps that follow from what was decided of each stem: what is done before it is felled (things within its ring
 * protected, a way out cleared that is too slow as it is, the line rigged), the fall, and what is done after it. Who
 * does it is proposed; the rules judge it like anything else.
 */
public final class LaySteps {
    private final Situation s;
    /** What people did last, by their id: they go on with it. */
    private final Map<String, Role> last = new HashMap<>();

    private LaySteps(Situation s) {
        this.s = s;
        s.steps().forEach(st -> st.posts().forEach(p -> last.put(p.personId(), p.role())));
    }

    /** @return what no step is there for yet, stem by stem in the order in which they are felled */
    public static List<ProposedStep> of(Situation s) {
        LaySteps steps = new LaySteps(s);
        return Stream.concat(
                        s.toBeWorked()
                                .filter(f -> f.lay().isPresent())
                                .sorted(Comparator.comparingInt(steps::turn))
                                .flatMap(f -> steps.round(f, f.lay().orElseThrow())),
                        s.toBeWorked().flatMap(f -> steps.left(f).stream()))
                .distinct()
                .filter(p -> s.steps().stream().noneMatch(p::is))
                .toList();
    }

    private int turn(Situation.StemFacts f) {
        return fall(f.label()).map(Step::turn).orElse(Integer.MAX_VALUE);
    }

    private Optional<Step> fall(String label) {
        return s.fellsAhead()
                .filter(st -> st.stem().filter(label::equals).isPresent())
                .findFirst();
    }

    private Stream<ProposedStep> round(Situation.StemFacts f, LayPlan plan) {
        List<ProposedStep> all = new ArrayList<>();
        s.site().features().stream()
                .filter(x -> !x.protectionDone()
                        && firstIn(x).filter(f.label()::equals).isPresent())
                .forEach(x -> Work.Kind.of(x.protection()).ifPresent(k -> all.add(protect(f, x, k))));
        plan.worthClearing()
                .map(side -> Work.about(Work.Kind.CLEAR_WAY, side.name(), side.wayName()))
                .ifPresent(work -> all.add(before(f, work, List.of(Role.GROUND))));
        if (plan.choice().means().isLine()) {
            Role puller = plan.choice().means().kind() == Means.Kind.MACHINE_LINE ? Role.WINCH : Role.GROUND;
            all.add(before(f, Work.of(Work.Kind.RIG), List.of(puller)));
        }
        all.add(new ProposedStep(
                Step.Kind.FELL,
                Optional.of(f.label()),
                Optional.empty(),
                ProposedPosts.of(s, f.label(), last),
                List.of(),
                ProposedStep.When.IN_TURN));
        all.add(after(f, Work.of(Work.Kind.READ_STUMP), Role.GROUND, List.of()));
        all.add(after(f, Work.of(Work.Kind.LIMB), Role.CUTTER, List.of(StepKit.of(StepKit.Kind.SAW))));
        return all.stream();
    }

    /** A thing within several rings is protected once, before the first of them falls. */
    private Optional<String> firstIn(Feature x) {
        return s.toBeWorked()
                .filter(f -> f.lay().filter(p -> StepReason.within(x, p)).isPresent())
                .min(Comparator.comparingInt(this::turn))
                .map(Situation.StemFacts::label);
    }

    private ProposedStep protect(Situation.StemFacts f, Feature x, Work.Kind kind) {
        Optional<Step.Post> named = s.people().stream()
                .filter(p -> p.name().equals(x.protectedBy()) && p.competences().contains(Role.GROUND.needs()))
                .findFirst()
                .map(p -> new Step.Post(Role.GROUND, p.id(), Optional.empty()));
        return proposed(
                f,
                Work.about(kind, x.id(), x.name()),
                named.map(List::of).orElseGet(() -> posts(List.of(Role.GROUND))),
                List.of(),
                ProposedStep.When.BEFORE_THE_FALL);
    }

    private ProposedStep before(Situation.StemFacts f, Work work, List<Role> roles) {
        return proposed(f, work, posts(roles), List.of(), ProposedStep.When.BEFORE_THE_FALL);
    }

    private ProposedStep after(Situation.StemFacts f, Work work, Role role, List<StepKit> kit) {
        return proposed(f, work, posts(List.of(role)), kit, ProposedStep.When.AFTER_THE_FALL);
    }

    private Optional<ProposedStep> left(Situation.StemFacts f) {
        return Optional.ofNullable(s.place().chosen().get(f.label()))
                .filter(Set.of(Verdict.LEAVE_AND_CLOSE)::contains)
                .map(v -> proposed(
                        f, Work.of(Work.Kind.MARK), posts(List.of(Role.GROUND)), List.of(), ProposedStep.When.IN_TURN));
    }

    private List<Step.Post> posts(List<Role> roles) {
        return ProposedPosts.assigned(s, roles, last, role -> Optional.empty());
    }

    private static ProposedStep proposed(
            Situation.StemFacts f, Work work, List<Step.Post> posts, List<StepKit> kit, ProposedStep.When when) {
        return new ProposedStep(work.kind().step(), Optional.of(f.label()), Optional.of(work), posts, kit, when);
    }
}
