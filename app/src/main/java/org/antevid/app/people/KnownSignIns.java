package org.antevid.app.people;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Who is signed in, by the token's hash, answered from memory. What was read while a change of it was not committed yet
 * is answered once and not kept: it is the old answer, and nobody would take it away again.
 */
final class KnownSignIns {
    private record Known(SignedIn who, Instant until) {}

    private final Map<String, Known> known = new HashMap<>();
    private long changes;

    /** @return who it is, as long as that may be answered from memory */
    synchronized Optional<SignedIn> by(String hash, Instant now) {
        return Optional.ofNullable(known.get(hash))
                .filter(k -> k.until.isAfter(now))
                .map(Known::who);
    }

    /** @return what {@link #keep} is told, asked for before the store is read */
    synchronized long changes() {
        return changes;
    }

    /** @param readAt {@link #changes} before the store was read; nothing is kept if there was one since */
    synchronized void keep(long readAt, String hash, SignedIn who, Instant until) {
        if (readAt == changes) {
            known.put(hash, new Known(who, until));
        }
    }

    /** Forgets those now, and again once what changed of them is in the store. */
    void forget(Predicate<SignedIn> which) {
        drop(which);
        if (TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    drop(which);
                }
            });
        }
    }

    private synchronized void drop(Predicate<SignedIn> which) {
        changes++;
        known.values().removeIf(k -> which.test(k.who));
    }
}
