package org.antevid.app.job;

/** Something of the job was committed. */
public record JobChanged(String jobId, Change what) {}
