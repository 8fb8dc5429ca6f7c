package org.antevid.app.briefing;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.antevid.app.briefing.store.BriefingEntity;
import org.antevid.app.judgement.StoredPlan;
import org.antevid.core.brief.PlanDocument;
import org.springframework.stereotype.Component;

/**
 * The plans that briefings froze, each read and checked once: every phone asks for them again and again. What is kept
 * counts only as long as all that the hash stands for is, letter by letter, what was checked.
 */
@Component
class FrozenPlans {
    private static final int MOST = 48;

    /** @param intact what is stored is what was issued */
    record Frozen(boolean intact, PlanDocument plan, List<FrozenFinding> found) {}

    private record Checked(String hash, String text, Frozen frozen) {}

    private final Map<String, Checked> known = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Checked> eldest) {
            return size() > MOST;
        }
    };

    Frozen of(BriefingEntity b) {
        String text = text(b);
        synchronized (known) {
            Checked before = known.get(b.id);
            if (before != null && before.hash.equals(b.hash) && before.text.equals(text)) {
                return before.frozen;
            }
        }
        Frozen frozen =
                new Frozen(sha256(text).equals(b.hash), StoredPlan.COLUMN.read(b.plan), FrozenFinding.read(b.findings));
        synchronized (known) {
            known.put(b.id, new Checked(b.hash, text, frozen));
        }
        return frozen;
    }

    static String hash(BriefingEntity b) {
        return sha256(text(b));
    }

    /** Everything a signature stands for. */
    private static String text(BriefingEntity b) {
        String facts = b.hashWay < 2 ? "" : b.jobId + '\n' + b.number + '\n' + b.issuedBy + '\n' + b.issuedAt + '\n';
        return facts + b.plan + b.findings;
    }

    private static String sha256(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
