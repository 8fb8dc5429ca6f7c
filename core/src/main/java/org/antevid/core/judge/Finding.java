package org.antevid.core.judge;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.core.crew.Step;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Grounds;
import org.antevid.core.message.Message;
import org.antevid.core.site.Feature;

/**
 * What a rule says about the plan as it stands, as values; the words are the catalogue's.
 *
 * @param says what is said, where one rule says several things; usually the rule itself
 * @param detail tells findings of one rule about one subject apart
 * @param args what it is said of, by the names the catalogue knows them by
 * @param margin the number that decided, where one number did
 * @param cleared who cleared it; a stop is never cleared but by the plan
 */
public record Finding(
        RuleId rule,
        Code says,
        Severity severity,
        Subject subject,
        List<String> detail,
        Map<String, Arg> args,
        Optional<Margin> margin,
        Optional<Clearance> cleared) {
    public Finding {
        detail = List.copyOf(detail);
        args = Collections.unmodifiableMap(new LinkedHashMap<>(args));
    }

    /** A finding that nobody has cleared. */
    public static Finding of(RuleId rule, Severity severity, Subject subject, String... detail) {
        return new Finding(
                rule, rule, severity, subject, List.of(detail), Map.of(), Optional.empty(), Optional.empty());
    }

    /** About a stem, whose label is said too. */
    public static Finding of(RuleId rule, Severity severity, String label, String... detail) {
        return of(rule, severity, new Subject.Stem(label), detail).with("stem", Arg.name(label));
    }

    /** About a step, whose turn is said too. */
    public static Finding of(RuleId rule, Severity severity, Step step, String... detail) {
        return of(rule, severity, new Subject.Work(step.id(), step.turn()), detail)
                .with("turn", Arg.count(step.turn()));
    }

    /** About something on the site plan, whose name is said too. */
    public static Finding of(RuleId rule, Severity severity, Feature place, String... detail) {
        return of(rule, severity, new Subject.Place(place.id(), place.name()), detail)
                .with("place", Arg.name(place.name()));
    }

    /** About the whole job. */
    public static Finding ofJob(RuleId rule, Severity severity, String... detail) {
        return of(rule, severity, new Subject.Job(), detail);
    }

    public Finding with(String name, Arg arg) {
        Map<String, Arg> more = new LinkedHashMap<>(args);
        more.put(name, arg);
        return new Finding(rule, says, severity, subject, detail, more, margin, cleared);
    }

    /** What is not there is not said. */
    public Finding with(String name, Optional<Arg> arg) {
        return arg.map(a -> with(name, a)).orElse(this);
    }

    /** @return the same, said in other words than the rule's usual ones */
    public Finding saying(Code words) {
        return new Finding(rule, words, severity, subject, detail, args, margin, cleared);
    }

    public Finding with(Margin decided) {
        return new Finding(rule, says, severity, subject, detail, args, Optional.of(decided), cleared);
    }

    public Finding clearedBy(Clearance who) {
        if (severity == Severity.STOP) {
            throw new IllegalStateException("a stop is cleared by changing the plan only");
        }
        return new Finding(rule, says, severity, subject, detail, args, margin, Optional.of(who));
    }

    /** @return same finding, same key, so that an opinion or an acknowledgement stays with it; never taken apart */
    public String key() {
        return Stream.concat(Stream.of(rule.key(), subject.id()), detail.stream())
                .filter(p -> !p.isEmpty())
                .collect(Collectors.joining(":"));
    }

    /** @return what is found, to be said */
    public Message message() {
        return new Message(says, args);
    }

    public Stage stage() {
        return rule.stage();
    }

    /** @return what an acknowledgement of it rests on */
    public Grounds grounds() {
        return Grounds.of(args);
    }

    public boolean open() {
        return cleared.isEmpty();
    }

    /** @return whether it matters while this step is done: of the job, of a place, of the step or of its stem */
    public boolean concerns(Step step) {
        if (subject instanceof Subject.Stem s) {
            return step.stem().filter(s.id()::equals).isPresent();
        }
        return !(subject instanceof Subject.Work w) || w.id().equals(step.id());
    }

    /** @return whether it is about this stem */
    public boolean about(String label) {
        return subject instanceof Subject.Stem s && s.id().equals(label);
    }
}
