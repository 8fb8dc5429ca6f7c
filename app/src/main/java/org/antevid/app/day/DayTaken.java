package org.antevid.app.day;

import java.util.Map;
import org.antevid.core.crew.Role;

/**
 * People and place of a job were taken over from last time, in the transaction that is still open.
 *
 * @param roles what each person did last, by their id
 */
public record DayTaken(String jobId, Map<String, Role> roles) {}
