package org.antevid.app.takedown.web;

import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.Speech;
import org.antevid.app.takedown.Cranes;
import org.antevid.app.takedown.Takedowns;
import org.antevid.app.takedown.web.TakedownRequests.NoOfStemRequest;
import org.antevid.app.takedown.web.TakedownRequests.NoRequest;
import org.antevid.app.takedown.web.TakedownRequests.TakedownRequest;
import org.antevid.app.takedown.web.TakedownViews.TakedownView;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A tree taken down in pieces. */
@RestController
@RequestMapping("/api/jobs/{job}/takedown")
public class TakedownController {
    private final Takedowns takedowns;
    private final Cranes cranes;

    TakedownController(Takedowns takedowns, Cranes cranes) {
        this.takedowns = takedowns;
        this.cranes = cranes;
    }

    private TakedownView view(String job, String stem, Takedowns.Reckoned r) {
        return TakedownViews.view(r, cranes.next(job, stem, r));
    }

    /** The plan of pieces that is kept, and what it comes to. */
    @GetMapping("/stems/{stem}")
    @Needs(Needs.Right.READ)
    TakedownView takedown(@PathVariable String job, @PathVariable String stem) {
        return view(job, stem, takedowns.of(job, stem));
    }

    /** What a plan would come to; nothing is kept. */
    @PostMapping("/stems/{stem}/preview")
    @Needs(Needs.Right.READ)
    TakedownView previewTakedown(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody TakedownRequest r) {
        return view(job, stem, takedowns.preview(job, stem, r.forService()));
    }

    /** The fewest pieces that every link allows, with these limbs and this gear; the cuts sent are not looked at. */
    @PostMapping("/stems/{stem}/proposal")
    @Needs(Needs.Right.READ)
    TakedownView proposePieces(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody TakedownRequest r) {
        return view(job, stem, takedowns.propose(job, stem, r.forService()));
    }

    /** The rest planned anew with what was chosen for the climber's No; what has come down stays; nothing is kept. */
    @PostMapping("/stems/{stem}/instead")
    @Needs(Needs.Right.READ)
    TakedownView planInstead(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody TakedownRequest r) {
        return view(job, stem, takedowns.instead(job, stem, r.forService()));
    }

    /** A piece shortened to what every link allows: what is above it becomes a piece of its own; nothing is kept. */
    @PostMapping("/stems/{stem}/shortened")
    @Needs(Needs.Right.READ)
    TakedownView shortenPiece(
            @PathVariable String job,
            @PathVariable String stem,
            @RequestParam int piece,
            @Validated @RequestBody TakedownRequest r) {
        return view(job, stem, takedowns.shorten(job, stem, r.forService(), piece));
    }

    /**
     * Keeps a plan of pieces.
     *
     * @param replaces id of the plan it was made from; left out for the first
     */
    @PostMapping("/stems/{stem}")
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> keepTakedown(
            @PathVariable String job,
            @PathVariable String stem,
            @RequestParam(required = false) @Nullable String replaces,
            @Validated @RequestBody TakedownRequest r,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(takedowns.keep(job, stem, r.forService(), replaces, who));
    }

    /** The climber says No, or gives the sign and whoever sees it enters it: this way ends at once. */
    @PostMapping("/stems/{stem}/no")
    @Needs(Needs.Right.WORK)
    ResponseEntity<Created> climberSaysNo(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody NoRequest r,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(takedowns.saysNo(job, stem, r.atM(), who));
    }

    /** The same from a phone, where the stem goes by its label. */
    @PostMapping("/no")
    @Needs(Needs.Right.WORK)
    ResponseEntity<Created> noFromPhone(
            @PathVariable String job,
            @Validated @RequestBody NoOfStemRequest r,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(takedowns.saysNoTo(job, r.stem(), r.atM(), who));
    }

    /**
     * A No that stands.
     *
     * @param stem its label
     * @param words who said it and how high
     * @param instead what was chosen beforehand for it; left out: nothing was
     * @param mine whether the caller said it and may take it back
     */
    record NoView(String stem, String words, Optional<String> instead, boolean mine) {}

    /** Each No that stands, with what was chosen beforehand for it. */
    @GetMapping("/no")
    @Needs(Needs.Right.READ)
    List<NoView> standingNoes(@PathVariable String job, @AuthenticationPrincipal SignedIn who) {
        return takedowns.noes(job, who).stream()
                .map(n -> new NoView(
                        n.stem(), TakedownViews.said(n.no()), n.no().fallback().map(Speech.words()::term), n.mine()))
                .toList();
    }

    /**
     * The climber takes the No back on the phone; nobody else can.
     *
     * @param stem its label
     */
    @DeleteMapping("/no")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void noTakenBackOnPhone(
            @PathVariable String job, @RequestParam String stem, @AuthenticationPrincipal SignedIn who) {
        takedowns.takesBackOf(job, stem, who);
    }

    /** The climber takes the No back; nobody else can. */
    @DeleteMapping("/stems/{stem}/no")
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void climberTakesNoBack(
            @PathVariable String job, @PathVariable String stem, @AuthenticationPrincipal SignedIn who) {
        takedowns.takesBack(job, stem, who);
    }
}
