package org.antevid.app.job;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * What one request changes of a job, said in the head of its answer ({@value #HEADER}: the number of the write, then
 * the names of {@link Change}): the screen that sent it asks for that at once, and not a second time when the stream
 * tells everybody.
 */
final class ChangedByWrite {
    static final String HEADER = "X-Changed";
    private static final String CURRENT = "antevid.changed";

    private final long number = JobChanged.nextWrite();
    private final Set<Change> changes = EnumSet.noneOf(Change.class);

    private ChangedByWrite() {}

    /** @return the change, with the number of the request that makes it; its own where no request does */
    static JobChanged of(String jobId, Change what) {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes a)) {
            return new JobChanged(jobId, what);
        }
        ChangedByWrite write = current(a.getRequest());
        write.changes.add(what);
        HttpServletResponse response = a.getResponse();
        if (response != null) {
            response.setHeader(
                    HEADER,
                    write.number
                            + write.changes.stream().map(c -> " " + c.name()).collect(Collectors.joining()));
        }
        return new JobChanged(jobId, what, write.number);
    }

    private static ChangedByWrite current(HttpServletRequest request) {
        if (request.getAttribute(CURRENT) instanceof ChangedByWrite known) {
            return known;
        }
        ChangedByWrite write = new ChangedByWrite();
        request.setAttribute(CURRENT, write);
        return write;
    }
}
