package org.antevid.core.brief;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Role;
import org.antevid.core.message.Code;

/**
 * What of a changed plan concerns one person, so that a signature is asked for again only where there is something new
 * to read: all that is of the place and of the whole job, a stem that stands otherwise than it did or that no step
 * takes, and of the others those of the person's own steps and of steps that run beside them; of the cut card only
 * whoever cuts by it, of wedges, line and signal whoever cuts or pulls. Who has no step has to know everything. Source:
 * practice rule (a plan that changed for somebody is briefed to them again).
 */
public final class OwnChanges {
    private static final Set<Code> OF_THE_CUT = Set.of(
            ChangeWords.MEASURE,
            ChangeWords.BACK_CUT,
            ChangeWords.CUT_HEIGHT,
            ChangeWords.BAR,
            ChangeWords.STAND,
            ChangeWords.SOUND_WOOD);

    private final PlanDocument before;
    private final PlanDocument after;
    private final String personId;

    private OwnChanges(PlanDocument before, PlanDocument after, String personId) {
        this.before = before;
        this.after = after;
        this.personId = personId;
    }

    /** @return the changes from one plan to the other that this person has to read, in their order */
    public static List<PlanComparison.Change> of(PlanDocument before, PlanDocument after, String personId) {
        OwnChanges own = new OwnChanges(before, after, personId);
        Set<String> known = own.known();
        Set<String> concern = own.concern();
        return PlanComparison.between(before, after).stream()
                .filter(c -> c.says().code() == ChangeWords.STATE
                        || !known.contains(c.subject())
                        || concern.contains(c.subject()) && own.worksBy(c))
                .toList();
    }

    /** A lookout does not saw by the card, and nobody but those who cut or pull acts on what helps the stem over. */
    private boolean worksBy(PlanComparison.Change c) {
        Code code = c.says().code();
        if (OF_THE_CUT.contains(code)) {
            return holds(c.subject(), Set.of(Role.CUTTER));
        }
        return code != ChangeWords.HELP || holds(c.subject(), Set.of(Role.CUTTER, Role.WINCH, Role.GROUND));
    }

    private boolean holds(String stem, Set<Role> roles) {
        List<PlanDocument.StepPart> own = Stream.of(before, after)
                .flatMap(plan -> plan.stepsOf(personId).stream())
                .toList();
        return own.isEmpty()
                || own.stream()
                        .filter(st -> st.stem().filter(stem::equals).isPresent())
                        .flatMap(st -> st.posts().stream())
                        .anyMatch(x -> x.personId().equals(personId) && roles.contains(x.role()));
    }

    /** Steps of either plan and the stems they take: changes of anything else concern everybody. */
    private Set<String> known() {
        return Stream.of(before, after)
                .flatMap(plan -> plan.steps().stream())
                .flatMap(OwnChanges::subjects)
                .collect(Collectors.toSet());
    }

    private static Stream<String> subjects(PlanDocument.StepPart s) {
        return Stream.concat(Stream.of(s.id()), s.stem().stream());
    }

    private Set<String> concern() {
        if (before.stepsOf(personId).isEmpty() || after.stepsOf(personId).isEmpty()) {
            return known();
        }
        return Stream.of(before, after).flatMap(this::concern).collect(Collectors.toSet());
    }

    private Stream<String> concern(PlanDocument plan) {
        List<PlanDocument.StepPart> own = plan.stepsOf(personId);
        return plan.steps().stream()
                .filter(s -> own.stream().anyMatch(o -> o.id().equals(s.id()) || beside(o, s)))
                .flatMap(OwnChanges::subjects);
    }

    private static boolean beside(PlanDocument.StepPart a, PlanDocument.StepPart b) {
        return a.startMin() < b.endMin() && b.startMin() < a.endMin();
    }
}
