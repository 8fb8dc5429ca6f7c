package org.antevid.app.judgement.web;

import java.util.Map;
import java.util.Optional;
import org.antevid.app.reader.Arguments;
import org.antevid.core.crew.Competence;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Margin;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Stage;
import org.antevid.core.judge.Subject;
import org.antevid.words.FindingWords;
import org.antevid.words.Words;

/**
 * A finding as somebody reads it, with the values it is said of.
 *
 * @param key same finding, same key
 * @param rule the rule that found it
 * @param stage where it is cleared
 * @param about what it is about
 * @param subject the stem's label, or the id of step or place; empty for the whole job
 * @param args what it is said of, by name
 * @param margin the number that decided and its limit, where one did
 * @param mayClear what the giver of a second opinion must be competent for
 */
public record FindingView(
        String key,
        RuleId rule,
        Severity severity,
        Stage stage,
        About about,
        String subject,
        String words,
        String why,
        String source,
        String clears,
        Map<String, Object> args,
        Optional<Margin> margin,
        Competence mayClear,
        Optional<String> cleared,
        boolean open,
        RuleId.Lasts lasts) {
    /** Kinds of things a finding is about. */
    enum About {
        JOB,
        STEM,
        PLACE,
        STEP
    }

    public static FindingView of(Finding f, Words words) {
        FindingWords said = words.finding(f);
        return new FindingView(
                f.key(),
                f.rule(),
                f.severity(),
                f.stage(),
                about(f.subject()),
                f.subject().id(),
                said.found(),
                said.why(),
                said.source(),
                said.clears(),
                Arguments.of(f.args()),
                f.margin(),
                f.rule().competence(),
                said.cleared(),
                f.open(),
                f.rule().lasts());
    }

    private static About about(Subject s) {
        return s instanceof Subject.Stem
                ? About.STEM
                : s instanceof Subject.Place ? About.PLACE : s instanceof Subject.Work ? About.STEP : About.JOB;
    }
}
