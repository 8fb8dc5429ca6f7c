package org.antevid.app.job;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** What a caller must be on the job in the path. Every handler under {@code /api/jobs/{job}} carries one. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Needs {
    Right value();

    /** Rights on a job. */
    enum Right {
        /** Anybody on the job, and reviewers. */
        READ,
        /** Leader or crew of the job. */
        WORK,
        /** The job's leader. */
        LEAD,
        /** The job's leader, or the deputy who took it on. */
        STEER,
        /** A reviewer. */
        REVIEW,
        /** Leader or reviewer. */
        JUDGE
    }
}
