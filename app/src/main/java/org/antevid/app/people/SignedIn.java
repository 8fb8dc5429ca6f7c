package org.antevid.app.people;

import java.io.Serializable;
import java.security.Principal;
import org.antevid.app.reader.Reader;
import org.antevid.words.Manner;

/**
 * The person behind a request.
 *
 * @param signInId the sign-in the request came with; empty for what happens by itself
 * @param manner the language and units the person reads in
 * @param onlyJob the one job this sign-in is for; empty for all jobs of the person
 */
public record SignedIn(
        String personId, String name, Office office, String signInId, String onlyJob, Way way, Manner manner)
        implements Principal, Reader, Serializable {
    /** Something that happens by itself: it has no rights. */
    public static SignedIn nobody(String name) {
        return new SignedIn("", name, Office.CREW, "", "", Way.PIN, Manner.USUAL);
    }

    public boolean mayEnter(String jobId) {
        return onlyJob.isEmpty() || onlyJob.equals(jobId);
    }

    @Override
    public String getName() {
        return name;
    }
}
