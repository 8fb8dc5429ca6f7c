package org.antevid.app.drills;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.drills.store.DrillAnswerEntity;
import org.antevid.app.drills.store.DrillAnswerRepository;
import org.antevid.app.drills.store.DrillSetEntity;
import org.antevid.app.drills.store.DrillSetRepository;
import org.antevid.app.drills.store.DrillTakenEntity;
import org.antevid.app.drills.store.DrillTakenRepository;
import org.antevid.app.people.Office;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.app.problem.NotThere;
import org.antevid.app.problem.SentOtherwise;
import org.antevid.core.drill.DrillKind;
import org.antevid.core.drill.Drills;
import org.antevid.core.drill.Exercise;
import org.antevid.core.drill.Practice;
import org.antevid.core.drill.Sure;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Rounds of ten with a due day. Practice is private: whoever gave a set sees the answers of those who took it on, to
 * this set alone.
 */
@Service
@Transactional
public class DrillSets {
    private static final int LONGEST_TITLE = 80;
    private static final int LONGEST_DAYS = 365;
    private static final int SEEDS = 1_000_000;
    private static final Set<Office> GIVE = EnumSet.of(Office.REVIEWER, Office.OWNER);

    private final DrillSetRepository sets;
    private final DrillTakenRepository taken;
    private final DrillAnswerRepository answers;
    private final Clock clock;

    DrillSets(DrillSetRepository sets, DrillTakenRepository taken, DrillAnswerRepository answers, Clock clock) {
        this.sets = sets;
        this.taken = taken;
        this.answers = answers;
        this.clock = clock;
    }

    /**
     * A set as somebody sees it.
     *
     * @param mine how far the one who asks is; empty while they have not taken it on
     * @param results of those who took it on; only for who gave it
     */
    public record Known(
            String id,
            String title,
            String by,
            LocalDate due,
            boolean over,
            List<Practice.Link> links,
            Optional<Result> mine,
            List<Result> results) {}

    /** @param points after Brier, to a tenth */
    public record Result(String who, int answered, int right, double points) {}

    /** @return whether this person may give sets */
    public boolean mayGive(SignedIn who) {
        return GIVE.contains(who.office());
    }

    @Transactional(readOnly = true)
    public List<Known> seenBy(SignedIn who) {
        return sets.findAllByOrderByDueDesc().stream().map(s -> known(s, who)).toList();
    }

    /** @return id of the set; who gives it names kinds, level and the last day */
    public String give(String title, Set<DrillKind> kinds, int level, LocalDate due, SignedIn who) {
        if (!mayGive(who)) {
            throw new NotAllowed(Message.of(Answer.WHO_GIVES_SETS));
        }
        if (kinds.isEmpty()) {
            throw new RefusedInput(Refusal.NEEDED, "kinds");
        }
        LocalDate today = today();
        if (due.isBefore(today) || due.isAfter(today.plusDays(LONGEST_DAYS))) {
            throw new RefusedInput(Refusal.DUE_DAY, "due");
        }
        DrillSetEntity s = new DrillSetEntity();
        s.said(who, clock.instant());
        s.title = Require.text(title, LONGEST_TITLE, "title");
        s.kinds = EnumSet.copyOf(kinds).stream().map(Enum::name).collect(Collectors.joining(","));
        s.level = (int) Require.within(level, 1, 4, "level");
        s.seed = Math.floorMod(clock.millis(), SEEDS);
        s.due = due;
        sets.saveAndFlush(s);
        return s.id;
    }

    /** Takes it on; once more changes nothing. */
    public void take(String setId, SignedIn who) {
        open(setId);
        if (isTaken(setId, who)) {
            return;
        }
        DrillTakenEntity t = new DrillTakenEntity();
        t.said(who, clock.instant());
        t.setId = setId;
        taken.saveAndFlush(t);
    }

    /**
     * Answers one exercise of a set, once.
     *
     * @param nth from 1
     * @param marked numbers of the choices, from 0, in the order they were marked
     * @throws RefusedInput without having taken it on, after its day, or for what is no exercise of it
     */
    public void answer(String setId, int nth, List<Integer> marked, Optional<Sure> sure, SignedIn who) {
        DrillSetEntity s = open(setId);
        if (!isTaken(setId, who)) {
            throw new RefusedInput(Refusal.SET_NOT_TAKEN, "set");
        }
        Require.within(nth, 1, Practice.ROUND, "nth");
        int choices = exercise(s, nth).choices().size();
        marked.forEach(m -> Require.within(m, 0, choices - 1, "marked"));
        DrillAnswerEntity a = new DrillAnswerEntity();
        a.said(who, clock.instant());
        a.setId = setId;
        a.nth = nth;
        a.marked = marked.stream().map(String::valueOf).collect(Collectors.joining(","));
        a.sure = sure.orElse(null);
        Optional<DrillAnswerEntity> before =
                of(setId, who).filter(x -> x.nth == nth).findFirst();
        if (before.isPresent()) {
            if (!before.get().marked.equals(a.marked) || before.get().sure != a.sure) {
                throw new SentOtherwise();
            }
            return;
        }
        answers.saveAndFlush(a);
    }

    private DrillSetEntity open(String setId) {
        DrillSetEntity s = sets.findById(setId).orElseThrow(NotThere::new);
        if (s.due.isBefore(today())) {
            throw new RefusedInput(Refusal.SET_OVER, "set");
        }
        return s;
    }

    private boolean isTaken(String setId, SignedIn who) {
        return taken.findBySetIdOrderByAt(setId).stream()
                .anyMatch(t -> who.personId().equals(t.byId));
    }

    private Stream<DrillAnswerEntity> of(String setId, SignedIn who) {
        return answers.findBySetIdOrderByNth(setId).stream()
                .filter(a -> who.personId().equals(a.byId));
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
    }

    private static List<Practice.Link> links(DrillSetEntity s) {
        return Practice.set(
                Stream.of(s.kinds.split(",")).map(DrillKind::valueOf).toList(), s.level, s.seed);
    }

    private static Exercise exercise(DrillSetEntity s, int nth) {
        Practice.Link l = links(s).get(nth - 1);
        return Drills.of(l.kind(), l.level(), l.seed());
    }

    private Known known(DrillSetEntity s, SignedIn who) {
        List<DrillTakenEntity> by = taken.findBySetIdOrderByAt(s.id);
        List<DrillAnswerEntity> all = answers.findBySetIdOrderByNth(s.id);
        return new Known(
                s.id,
                s.title,
                s.byName,
                s.due,
                s.due.isBefore(today()),
                links(s),
                by.stream()
                        .filter(t -> who.personId().equals(t.byId))
                        .findFirst()
                        .map(t -> result(s, t, all)),
                who.personId().equals(s.byId)
                        ? by.stream().map(t -> result(s, t, all)).toList()
                        : List.of());
    }

    /** What is right is worked out now, as in any other exercise. */
    private static Result result(DrillSetEntity s, DrillTakenEntity t, List<DrillAnswerEntity> all) {
        List<DrillAnswerEntity> own =
                all.stream().filter(a -> t.byId.equals(a.byId)).toList();
        int right = 0;
        double points = 0;
        for (DrillAnswerEntity a : own) {
            boolean hit = exercise(s, a.nth).isRight(a.choices());
            right += hit ? 1 : 0;
            points += Optional.ofNullable(a.sure).map(x -> x.told(hit)).orElse(0.0);
        }
        return new Result(t.byName, own.size(), right, Math.round(10 * points) / 10.0);
    }
}
