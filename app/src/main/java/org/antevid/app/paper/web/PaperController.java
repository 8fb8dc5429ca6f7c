package org.antevid.app.paper.web;

import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.paper.BriefingPaper;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.words.Language;
import org.antevid.words.Manner;
import org.antevid.words.Words;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A briefing on paper. */
@RestController
@RequestMapping("/api/jobs/{job}/briefings/{number}")
public class PaperController {
    private final BriefingPaper paper;

    PaperController(BriefingPaper paper) {
        this.paper = paper;
    }

    /**
     * A briefing as a PDF that is usable alone: cards, plans to scale, cut cards, signatures and empty lines.
     *
     * @param paper it is printed on
     * @param language of who reads it; that of the caller when it is left out
     */
    @GetMapping(value = "/briefing.pdf", produces = "application/pdf")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> pdf(
            @PathVariable String job,
            @PathVariable int number,
            @RequestParam(defaultValue = "A4") BriefingPaper.Size paper,
            @RequestParam Optional<Language> language,
            @AuthenticationPrincipal SignedIn me) {
        Words words = language.map(l -> Words.of(new Manner(l, me.manner().units()), Speech.ofTheHouse()))
                .orElseGet(Speech::words);
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("briefing-" + number + ".pdf")
                                .build()
                                .toString())
                .body(this.paper.of(job, number, paper, words));
    }
}
