package org.antevid.app.live.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import org.antevid.app.job.Needs;
import org.antevid.app.live.Live;
import org.antevid.app.people.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
public class LiveController {
    private final Live live;

    LiveController(Live live) {
        this.live = live;
    }

    /**
     * The job's stream of server-sent events: {@code hold} with the hold in it, {@code changed} with what to ask for,
     * {@code here}, {@code beat}.
     */
    @GetMapping(value = "/api/jobs/{job}/live", produces = "text/event-stream")
    @Needs(Needs.Right.READ)
    void live(
            @PathVariable String job,
            @AuthenticationPrincipal SignedIn me,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        live.listen(job, me, request, response);
    }

    /** Who has the job open at this moment. */
    @GetMapping("/api/jobs/{job}/here")
    @Needs(Needs.Right.READ)
    List<String> here(@PathVariable String job) {
        return live.here(job);
    }
}
