package org.antevid.app.job;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.antevid.core.quantity.Require;

/**
 * An id made by a sender is looked up within the job: the same id on another job is another thing, and nobody learns of
 * it.
 */
public final class OwnId {
    private static final int LONGEST = 60;

    private OwnId() {}

    /**
     * @param jobOf the job of the thing that is stored under an id, empty for none
     * @return the id to store under: the sender's own, unless another job has it
     */
    public static String of(String jobId, String id, UnaryOperator<String> jobOf) {
        String own = Require.text(id, LONGEST, "id");
        String holder = jobOf.apply(own);
        boolean taken = !holder.isEmpty() && !holder.equals(jobId);
        return taken
                ? UUID.nameUUIDFromBytes((jobId + ' ' + own).getBytes(StandardCharsets.UTF_8))
                        .toString()
                : own;
    }
}
