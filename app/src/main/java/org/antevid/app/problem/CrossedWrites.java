package org.antevid.app.problem;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;

/** Knows whether a write that failed because another crossed it was the same one, sent twice at once. */
public interface CrossedWrites {
    /** @return whether it was, and the answer of the other has been given */
    boolean answered(HttpServletRequest request, HttpServletResponse response) throws IOException;
}
