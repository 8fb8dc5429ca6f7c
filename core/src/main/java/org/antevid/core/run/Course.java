package org.antevid.core.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The course of a run, folded from its happenings. The rules (practice rule: nobody saws on an old word):
 *
 * <ul>
 *   <li>a hold stands until a lift whose giver had seen its newest press; a press that crosses a lift or a go stands,
 *       and leaves no go;
 *   <li>after a press, an end or a done everybody gets ready anew and every closed place is looked at anew;
 *   <li>a go goes only while everything it rested on was there when it was given and still is.
 * </ul>
 */
public final class Course {
    private final List<Happening> all;
    private final long halted;
    private final List<Hold> holds;

    private Course(List<Happening> all) {
        this.all = all;
        this.halted = last(h -> h.kind().halts()).map(Happening::seq).orElse(0L);
        this.holds = holds(all);
    }

    /** @param happenings of one job, in any order */
    public static Course of(List<Happening> happenings) {
        return new Course(happenings.stream()
                .sorted(Comparator.comparingLong(Happening::seq))
                .toList());
    }

    private static List<Hold> holds(List<Happening> all) {
        List<Hold> holds = new ArrayList<>();
        List<Happening> open = new ArrayList<>(
                all.stream().filter(h -> h.kind() == Happening.Kind.PRESSED).toList());
        for (Happening lift :
                all.stream().filter(h -> h.kind() == Happening.Kind.LIFTED).toList()) {
            List<Happening> covered =
                    open.stream().filter(p -> p.seq() <= lift.through()).toList();
            if (!covered.isEmpty()) {
                holds.add(new Hold(covered, receipts(all, covered), Optional.of(lift)));
                open.removeAll(covered);
            }
        }
        if (!open.isEmpty()) {
            holds.add(new Hold(open, receipts(all, open), Optional.empty()));
        }
        return holds;
    }

    private static List<Happening> receipts(List<Happening> all, List<Happening> presses) {
        Set<String> ids = Set.copyOf(presses.stream().map(Happening::subject).toList());
        return all.stream()
                .filter(h -> (h.kind() == Happening.Kind.SEEN || h.kind() == Happening.Kind.STOPPED)
                        && ids.contains(h.subject()))
                .toList();
    }

    /** @return what a hold was called for, as it was said last; its detail names the surprise */
    public Optional<Happening> surprise(Hold hold) {
        Set<String> ids =
                Set.copyOf(hold.presses().stream().map(Happening::subject).toList());
        return last(h -> h.kind() == Happening.Kind.SURPRISED && ids.contains(h.subject()));
    }

    /** @return all holds in order; at most the last one stands */
    public List<Hold> holds() {
        return holds;
    }

    public Optional<Hold> standing() {
        return holds.stream().filter(Hold::stands).findFirst();
    }

    /** @return the seq of the newest happening, 0 before the first: what a go or a lift given now has seen */
    public long newest() {
        return all.isEmpty() ? 0 : all.get(all.size() - 1).seq();
    }

    public Optional<Happening> signalTried() {
        return last(h -> h.kind() == Happening.Kind.SIGNAL_TRIED);
    }

    /**
     * @return who is ready for the step, with the happening that says so; nobody who was ready before work last halted
     */
    public Map<String, Happening> ready(String stepId) {
        Map<String, Happening> ready = new HashMap<>();
        for (Happening h : all) {
            if (h.seq() <= halted || !h.subject().equals(stepId)) {
                continue;
            }
            if (h.kind() == Happening.Kind.READY) {
                ready.putIfAbsent(h.personId(), h);
            } else if (h.kind() == Happening.Kind.NOT_READY) {
                ready.remove(h.personId());
            } else if (h.kind() == Happening.Kind.READY_SEEN) {
                ready.putIfAbsent(h.detail(), h);
            } else if (h.kind() == Happening.Kind.NOT_READY_SEEN) {
                ready.remove(h.detail());
            }
        }
        return ready;
    }

    /** @return who was the first to get ready for the step: when it was begun */
    public Optional<Happening> begun(String stepId) {
        return all.stream()
                .filter(h -> h.subject().equals(stepId)
                        && (h.kind() == Happening.Kind.READY || h.kind() == Happening.Kind.READY_SEEN))
                .findFirst();
    }

    /** @return the places somebody has looked at since work last halted and found still empty or closed */
    public Map<String, Happening> stillSo() {
        Map<String, Happening> so = new HashMap<>();
        for (Happening h : all) {
            if (h.kind() == Happening.Kind.STILL_SO && h.seq() > halted) {
                so.putIfAbsent(h.subject(), h);
            } else if (h.kind() == Happening.Kind.NOT_SO) {
                so.remove(h.subject());
            }
        }
        return so;
    }

    /** @return the cuts of the step that are ticked off, by key */
    public Map<String, Happening> ticked(String stepId) {
        Map<String, Happening> ticked = new HashMap<>();
        for (Happening h : all) {
            if (h.kind() == Happening.Kind.TICKED && h.subject().equals(stepId)) {
                ticked.putIfAbsent(h.detail(), h);
            } else if (h.kind() == Happening.Kind.UNTICKED && h.subject().equals(stepId)) {
                ticked.remove(h.detail());
            }
        }
        return ticked;
    }

    /**
     * @param stepId the step whose turn it is
     * @param posted everybody with a part in it
     * @param asked the places that must be looked at before each go
     * @return the go that still goes as far as the people are concerned; empty when none was given, or when anything it
     *     rested on is gone or came only after it. What the plan, the briefing and the wind say is for the caller to
     *     ask
     */
    public Optional<Happening> going(String stepId, Set<String> posted, Set<String> asked) {
        return last(h -> h.kind() == Happening.Kind.GO)
                .filter(go -> go.subject().equals(stepId)
                        && halted <= go.through()
                        && standing().isEmpty()
                        && seenBy(go, signalTried())
                        && allSeenBy(go, posted, ready(stepId))
                        && allSeenBy(go, asked, stillSo()));
    }

    /** @return the go nobody has ended yet, whether or not it still goes: what a watch has to end with its reason */
    public Optional<Happening> openGo() {
        return last(h -> h.kind() == Happening.Kind.GO)
                .filter(go -> all.stream().noneMatch(h -> h.kind().halts() && h.seq() > go.through()));
    }

    /** @return what halted the work last: a press, an end or a done */
    public Optional<Happening> lastHalt() {
        return last(h -> h.kind().halts());
    }

    /** @return the last go of the step */
    public Optional<Happening> lastGo(String stepId) {
        return last(h -> h.kind() == Happening.Kind.GO && h.subject().equals(stepId));
    }

    private static boolean allSeenBy(Happening go, Set<String> needed, Map<String, Happening> there) {
        return needed.stream().allMatch(n -> seenBy(go, Optional.ofNullable(there.get(n))));
    }

    private static boolean seenBy(Happening go, Optional<Happening> support) {
        return support.filter(s -> s.seq() <= go.through()).isPresent();
    }

    private Optional<Happening> last(Predicate<Happening> which) {
        for (int i = all.size() - 1; i >= 0; i--) {
            if (which.test(all.get(i))) {
                return Optional.of(all.get(i));
            }
        }
        return Optional.empty();
    }
}
