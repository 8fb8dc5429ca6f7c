package org.antevid.app.briefing.web;

import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.net.URI;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.app.briefing.Visitors;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.crew.VisitorKind;
import org.antevid.core.message.Message;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who is on the site without work there. */
@RestController
@RequestMapping("/api/jobs/{job}/visitors")
public class VisitorController {
    /** @param saidBack they said it back in their own words */
    record VisitorRequest(
            @NotBlank @Size(max = 80) String name,
            @NotNull VisitorKind kind,

            @AssertTrue(message = "let them say it back first")
            boolean saidBack) {}

    /** @param again what they would be told now is not what they were told */
    record VisitorView(String id, String name, String kindWords, String toldBy, Instant toldAt, boolean again) {}

    /** @param card what they are told; empty before the first briefing */
    record VisitorsView(List<Message> card, List<VisitorView> here, List<VisitorKindView> kinds) {}

    record VisitorKindView(VisitorKind kind, String words) {}

    record VisitorId(String id) {}

    private final Visitors visitors;

    VisitorController(Visitors visitors) {
        this.visitors = visitors;
    }

    /** What a visitor is told now, and who is here. */
    @GetMapping
    @Needs(Needs.Right.READ)
    VisitorsView visitors(@PathVariable String job) {
        return new VisitorsView(
                visitors.card(job),
                visitors.here(job).stream()
                        .map(v -> new VisitorView(
                                v.id(), v.name(), Speech.words().term(v.kind()), v.toldBy(), v.toldAt(), v.again()))
                        .toList(),
                Stream.of(VisitorKind.values())
                        .map(k -> new VisitorKindView(k, Speech.words().term(k)))
                        .toList());
    }

    /** Somebody came, was told and said it back. */
    @PostMapping
    @Needs(Needs.Right.WORK)
    ResponseEntity<VisitorId> came(
            @PathVariable String job, @Validated @RequestBody VisitorRequest v, @AuthenticationPrincipal SignedIn me) {
        String id = visitors.came(job, v.name, v.kind, me);
        return ResponseEntity.created(URI.create("/api/jobs/" + job + "/visitors/" + id))
                .body(new VisitorId(id));
    }

    /** They were told what has changed. */
    @PostMapping("/{id}/again")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void again(@PathVariable String job, @PathVariable String id, @AuthenticationPrincipal SignedIn me) {
        visitors.again(job, id, me);
    }

    /** They have left the site. */
    @PostMapping("/{id}/left")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void left(@PathVariable String job, @PathVariable String id, @AuthenticationPrincipal SignedIn me) {
        visitors.left(job, id, me);
    }
}
