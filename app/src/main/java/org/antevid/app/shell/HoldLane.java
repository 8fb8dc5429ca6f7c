package org.antevid.app.shell;

import jakarta.servlet.ServletException;
import java.io.IOException;

/** Marks a thread while it carries a hold: it has connections to the store of its own then. */
final class HoldLane {
    private static final ThreadLocal<Boolean> ON = ThreadLocal.withInitial(() -> false);

    private HoldLane() {}

    /** What is done on the lane. */
    interface Work {
        void run() throws ServletException, IOException;
    }

    static void in(Work work) throws ServletException, IOException {
        ON.set(true);
        try {
            work.run();
        } finally {
            ON.remove();
        }
    }

    static boolean isOn() {
        return ON.get();
    }
}
