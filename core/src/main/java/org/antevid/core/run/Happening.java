package org.antevid.core.run;

/**
 * One thing that happened while the work ran; never changed, never taken back.
 *
 * @param seq place in the order in which the happenings of a job were stored, rising
 * @param personId who did it
 * @param subject what it is about: a step, a feature, a hold; for ticks the step
 * @param detail what of the subject: the key of a cut, whoever was seen ready, whether a phone sounds; otherwise empty
 * @param through for a go and a lift: the last happening its giver had seen; what came after it is not covered.
 *     Otherwise 0
 */
public record Happening(long seq, Kind kind, String personId, String subject, String detail, long through) {
    /** What can happen. */
    public enum Kind {
        SIGNAL_TRIED,
        READY,
        NOT_READY,
        /** somebody without a phone of their own is ready, as another sees; the detail names them */
        READY_SEEN,
        NOT_READY_SEEN,
        STILL_SO,
        NOT_SO,
        TICKED,
        UNTICKED,
        GO,
        ENDED,
        DONE,
        /** a step that needs no go is done, as whoever does it says */
        STEP_TICKED,
        STEP_OPEN_AGAIN,
        PRESSED,
        LIFTED,
        SEEN,
        STOPPED,
        /** what a hold was called for, as somebody there saw it */
        SURPRISED;

        /**
         * @return whether work stands still after it until the next go: everybody gets ready anew, closed places are
         *     looked at anew
         */
        public boolean halts() {
            return this == PRESSED || this == ENDED || this == DONE;
        }
    }

    public Happening {
        if (seq < 1 || through < 0) {
            throw new IllegalArgumentException("seq from 1, through from 0: " + seq + ", " + through);
        }
    }

    public static Happening of(long seq, Kind kind, String personId, String subject) {
        return new Happening(seq, kind, personId, subject, "", 0);
    }
}
