package org.antevid.app.briefing;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Optional;
import java.util.stream.StreamSupport;
import org.antevid.app.trace.StoredJson;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Subject;
import org.antevid.core.message.Message;

/**
 * What was found of a plan when it was briefed, as it is kept with it.
 *
 * @param stem label of the stem it is about
 * @param step id of the step it is about
 */
record FrozenFinding(
        RuleId rule, Severity severity, Optional<String> stem, Optional<String> step, boolean open, Message message) {
    static FrozenFinding of(Finding f) {
        return new FrozenFinding(
                f.rule(),
                f.severity(),
                f.subject() instanceof Subject.Stem s ? Optional.of(s.id()) : Optional.empty(),
                f.subject() instanceof Subject.Work w ? Optional.of(w.id()) : Optional.empty(),
                f.open(),
                f.message());
    }

    /** @return what is kept; briefings from before it was kept so that it can be said again have none */
    static List<FrozenFinding> read(String kept) {
        return StreamSupport.stream(StoredJson.node(kept).spliterator(), false)
                .filter(n -> n.has("message"))
                .map(JsonNode::toString)
                .map(text -> StoredJson.read(text, FrozenFinding.class))
                .toList();
    }

    /** @return whether it matters in a step: of its stem, of the step itself, or of the whole place */
    boolean concerns(String stepId, Optional<String> stemLabel) {
        return step.map(stepId::equals).orElseGet(() -> stem.isEmpty() || stem.equals(stemLabel));
    }
}
