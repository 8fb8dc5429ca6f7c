package org.antevid.app.job;

/** What travels inside the event of a hold, so that nobody has to ask for it. */
public interface Headlines {
    Object of(String jobId);
}
