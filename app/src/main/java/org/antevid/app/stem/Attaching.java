package org.antevid.app.stem;

import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.antevid.app.job.OwnId;
import org.antevid.app.problem.SentOtherwise;
import org.antevid.app.stem.store.DefectRepository;
import org.antevid.app.stem.store.KnownAttachment;
import org.antevid.app.stem.store.StemEntity;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.springframework.stereotype.Component;

/** Where a photo or a voice note belongs; sent twice under one id it is there once. */
@Component
class Attaching {
    private final Stems stems;
    private final DefectRepository defects;

    Attaching(Stems stems, DefectRepository defects) {
        this.stems = stems;
        this.defects = defects;
    }

    /**
     * What is being attached.
     *
     * @param there whether it has arrived before
     */
    record Place(String id, StemEntity stem, boolean there) {}

    /**
     * @param id chosen by who sends it
     * @param defectId the fault it is of, when it is of one
     * @throws RefusedInput for a fault of another stem
     */
    Place at(String jobId, String stemId, Optional<String> id, Optional<String> defectId, KnownAttachment known) {
        StemEntity stem = stems.record(jobId, stemId);
        UnaryOperator<String> jobOf = x -> known.jobOf(x).orElse("");
        Optional<String> own = id.map(i -> OwnId.of(jobId, i, jobOf));
        if (own.flatMap(known::jobOf).isPresent()) {
            if (own.flatMap(known::stemOf).filter(stem.id::equals).isEmpty()) {
                throw new SentOtherwise();
            }
            return new Place(own.get(), stem, true);
        }
        if (defectId.isPresent()
                && defectId.flatMap(defects::findById)
                        .filter(r -> r.stemId.equals(stem.id))
                        .isEmpty()) {
            throw new RefusedInput("UNKNOWN_DEFECT", "defect", Message.of(Answer.NO_DEFECT));
        }
        return new Place(own.orElseGet(() -> UUID.randomUUID().toString()), stem, false);
    }
}
