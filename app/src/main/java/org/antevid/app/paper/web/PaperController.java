package org.antevid.app.paper.web;

import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.paper.BriefingPaper;
import org.antevid.app.paper.ReviewPaper;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.FileAnswer;
import org.antevid.app.reader.Speech;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Words;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A briefing and a review on paper. */
@RestController
@RequestMapping("/api/jobs/{job}")
public class PaperController {
    private final BriefingPaper paper;
    private final ReviewPaper review;

    PaperController(BriefingPaper paper, ReviewPaper review) {
        this.paper = paper;
        this.review = review;
    }

    /**
     * A briefing as a PDF that is usable alone: cards, plans to scale, cut cards, signatures and empty lines.
     *
     * @param paper it is printed on
     * @param language of who reads it; that of the caller when it is left out
     */
    @GetMapping(value = "/briefings/{number}/briefing.pdf", produces = "application/pdf")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> pdf(
            @PathVariable String job,
            @PathVariable int number,
            @RequestParam(defaultValue = "A4") BriefingPaper.Size paper,
            @RequestParam Optional<Language> language,
            @AuthenticationPrincipal SignedIn me) {
        return FileAnswer.pdf(this.paper.of(job, number, paper, words(language, me)), "briefing-" + number + ".pdf");
    }

    /**
     * The review as a PDF: what is missing first, then each fall, what was learned and who signed.
     *
     * @param paper it is printed on
     * @param language of who reads it; that of the caller when it is left out
     */
    @GetMapping(value = "/review/review.pdf", produces = "application/pdf")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> review(
            @PathVariable String job,
            @RequestParam(defaultValue = "A4") BriefingPaper.Size paper,
            @RequestParam Optional<Language> language,
            @AuthenticationPrincipal SignedIn me) {
        return FileAnswer.pdf(review.of(job, paper, words(language, me), me), "review.pdf");
    }

    private static Words words(Optional<Language> language, SignedIn me) {
        return language.map(l -> Words.of(new Manner(l, me.manner().units()), Speech.ofTheHouse()))
                .orElseGet(Speech::words);
    }
}
