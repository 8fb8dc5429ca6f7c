package org.antevid.app.tangle;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.antevid.app.people.SignedIn;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.store.SectionCutEntity;
import org.antevid.app.tangle.store.SectionCutRepository;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.stem.StemState;
import org.antevid.core.tangle.picture.LookAgain;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Pieces cut off a stem while it hangs: specialist work that is recorded and never proposed. After each the stem hangs
 * otherwise, and nothing goes on before somebody has entered how.
 */
@Service
@Transactional
public class Sections {
    private static final int NAME_MOST = 80;

    private final SectionCutRepository cuts;
    private final Looks looks;
    private final Stems stems;
    private final Clock clock;

    Sections(SectionCutRepository cuts, Looks looks, Stems stems, Clock clock) {
        this.clock = clock;
        this.cuts = cuts;
        this.looks = looks;
        this.stems = stems;
    }

    /**
     * @param cutBy who cut
     * @param winchOn the winch was on and tight
     * @throws RefusedInput for a stem that does not hang, without a name, and without a winch
     */
    public void cut(String jobId, String stemId, String cutBy, boolean winchOn, SignedIn who) {
        stems.requireOpen(jobId, stemId);
        Stems.ChosenReading stem = stems.known(jobId, stemId);
        if (stem.reading().state() != StemState.HUNG) {
            throw new RefusedInput(
                    "NOT_HUNG",
                    "stem",
                    Message.of(Answer.DOES_NOT_HANG)
                            .with("stem", Arg.name(stem.reading().label())));
        }
        String name = Require.text(cutBy, NAME_MOST, "cutBy");
        if (!winchOn) {
            throw new RefusedInput("WINCH_OFF", "winchOn", Message.of(Answer.WINCH_ON_FIRST));
        }
        SectionCutEntity c = new SectionCutEntity();
        c.seen(jobId, stemId, who.name(), clock.instant());
        c.cutBy = name;
        cuts.saveAndFlush(c);
        looks.stirred(jobId, List.of(stemId), LookAgain.SECTIONED, who);
    }

    /** @return how many pieces were cut off each stem while it hung, by id */
    Map<String, Integer> counted(String jobId) {
        Map<String, Integer> n = new LinkedHashMap<>();
        cuts.findByJobIdOrderByAtAscIdAsc(jobId).forEach(c -> n.merge(c.stemId, 1, Integer::sum));
        return n;
    }
}
