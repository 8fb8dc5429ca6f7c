package org.antevid.app.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.MediaType;

/** A refusal written by what stands before the controllers, in the same shape as theirs. */
public final class Problems {
    private Problems() {}

    /** @param detail one sentence without quotation marks */
    public static void write(HttpServletResponse response, int status, String detail) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.setStatus(status);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter()
                .write("{\"type\":\"about:blank\",\"status\":" + status + ",\"ok\":false,\"errors\":[],\"detail\":\""
                        + detail + "\"}");
    }
}
