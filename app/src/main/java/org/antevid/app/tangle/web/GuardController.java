package org.antevid.app.tangle.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.tangle.Closures;
import org.antevid.app.tangle.Holdings;
import org.antevid.app.tangle.Looks;
import org.antevid.app.tangle.Sections;
import org.antevid.app.tangle.StruckThings;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.Holding;
import org.antevid.core.tangle.picture.Struck;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Looking again, holding, closing off, and what is asked before anything is lifted off a building. */
@RestController
@RequestMapping("/api/jobs/{job}/tangle")
public class GuardController {

    /**
     * What holds a stem.
     *
     * @param ratedN working load, newton; empty when nobody read it
     * @param anchor label of the tree a chain goes to
     * @param mindedBy who stays with it
     */
    record HoldingRequest(
            Holding.@NotNull By by,

            @DecimalMin("100") @DecimalMax("2000000") @Nullable
            Double ratedN,

            @Size(max = 60) @Nullable String anchor,
            @NotNull @Size(max = 80) String mindedBy) {}

    /**
     * What is closed: drawn, or by how far the tape is from the stem.
     *
     * @param handedTo who takes it over when the crew leaves
     */
    record ClosureRequest(
            @DecimalMin("0") @DecimalMax("500") @Nullable Double aroundM,
            @DecimalMin("0") @DecimalMax("500") @Nullable Double downhillM,
            @NotNull Boolean toSlopeFoot,
            @Size(max = 200) @Nullable List<@NotNull @Valid Spot> outline,
            @Nullable Instant until,
            @NotNull @Size(max = 80) String handedTo) {}

    /** What was found about a thing a stem lies on. */
    record StruckRequest(
            Struck.@NotNull Question question,
            @NotNull Boolean inOrder,
            @NotNull @Size(max = 500) String note) {}

    /** @param winchOn the winch was on and tight while it was cut */
    record SectionCutRequest(
            @NotNull @Size(max = 80) String cutBy, @NotNull Boolean winchOn) {}

    private final Looks looks;
    private final Holdings holdings;
    private final Closures closures;
    private final StruckThings struck;
    private final Sections sections;

    GuardController(Looks looks, Holdings holdings, Closures closures, StruckThings struck, Sections sections) {
        this.looks = looks;
        this.holdings = holdings;
        this.closures = closures;
        this.struck = struck;
        this.sections = sections;
    }

    /** Somebody looked at a stem again and found it as it was. */
    @PostMapping("/stems/{stem}/looks")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void lookedAgain(@PathVariable String job, @PathVariable String stem, @AuthenticationPrincipal SignedIn who) {
        looks.asItWas(job, stem, who);
    }

    /** Records that a piece was cut off a stem while it hung; nothing goes on before its new pose is entered. */
    @PostMapping("/stems/{stem}/sections")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sectionCut(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody SectionCutRequest c,
            @AuthenticationPrincipal SignedIn who) {
        sections.cut(job, stem, c.cutBy, c.winchOn, who);
    }

    /** Records what holds a stem while others of its ring are moved; it takes the place of an earlier hold of it. */
    @PostMapping("/stems/{stem}/holdings")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> holdStem(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody HoldingRequest h,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(holdings.hold(
                job,
                stem,
                new Holdings.Entered(
                        h.by,
                        Optional.ofNullable(h.ratedN),
                        Optional.ofNullable(h.anchor).filter(a -> !a.isBlank()),
                        h.mindedBy),
                who));
    }

    /** Nothing holds it any more. */
    @DeleteMapping("/holdings/{id}")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void letGo(@PathVariable String job, @PathVariable String id, @AuthenticationPrincipal SignedIn who) {
        holdings.letGo(job, id, who);
    }

    /** Records what is closed around a stem that is left; older closures stay in the book. */
    @PostMapping("/stems/{stem}/closures")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void closeAround(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody ClosureRequest c,
            @AuthenticationPrincipal SignedIn who) {
        closures.close(
                job,
                stem,
                new Closures.Closed(
                        Optional.ofNullable(c.aroundM),
                        Optional.ofNullable(c.downhillM),
                        c.toSlopeFoot,
                        c.outline == null ? List.of() : c.outline,
                        Optional.ofNullable(c.until),
                        c.handedTo),
                who);
    }

    /** Answers a question about a building, vehicle or fence that carries a stem. */
    @PostMapping("/struck/{feature}/answers")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answerStruck(
            @PathVariable String job,
            @PathVariable String feature,
            @Validated @RequestBody StruckRequest s,
            @AuthenticationPrincipal SignedIn who) {
        struck.answer(job, feature, s.question, s.inOrder, s.note, who);
    }
}
