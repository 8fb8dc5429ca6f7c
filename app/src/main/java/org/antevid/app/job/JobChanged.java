package org.antevid.app.job;

import java.util.concurrent.atomic.AtomicLong;

/**
 * Something of the job was committed.
 *
 * @param write the same for all that one request changed, and no other's: who sent it and has asked anew for what its
 *     answer named need not do so again when the stream tells it
 */
public record JobChanged(String jobId, Change what, long write) {
    /** Goes on growing when the server starts anew. */
    private static final AtomicLong LAST = new AtomicLong(System.currentTimeMillis() * 1000);

    public JobChanged(String jobId, Change what) {
        this(jobId, what, nextWrite());
    }

    static long nextWrite() {
        return LAST.incrementAndGet();
    }
}
