package org.antevid.app.job;

/** Something of the job was committed; {@code what} is the stage or "hold". */
public record JobChanged(String jobId, String what) {
}
