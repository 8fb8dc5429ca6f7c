package org.antevid.app.problem;

import java.util.function.Supplier;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;

/** A write that does not mind who came first is simply done again when another crossed it. */
public final class Again {
    private static final int MOST = 4;

    private Again() {}

    /** @param write a whole transaction that looks before it writes */
    public static <T> T whenCrossed(Supplier<T> write) {
        for (int tried = 1; ; tried++) {
            try {
                return write.get();
            } catch (OptimisticLockingFailureException | DataIntegrityViolationException e) {
                if (tried == MOST) {
                    throw e;
                }
            }
        }
    }

    public static void whenCrossed(Runnable write) {
        whenCrossed(() -> {
            write.run();
            return true;
        });
    }
}
