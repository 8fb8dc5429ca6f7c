package org.antevid.app.logbook.web;

import java.io.IOException;
import org.antevid.app.exchange.ImportReport;
import org.antevid.app.logbook.FallFiles;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.FileAnswer;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** The logbook out to and in from comma-separated tables. */
@RestController
@RequestMapping("/api/logbook")
public class FallFileController {
    private final FallFiles files;

    FallFileController(FallFiles files) {
        this.files = files;
    }

    /** The falls the caller sees line by line, with columns that name their units. */
    @GetMapping(value = "/falls.csv", produces = "text/csv")
    ResponseEntity<String> out(@AuthenticationPrincipal SignedIn me) {
        return FileAnswer.csv(files.out(me), "falls.csv");
    }

    /**
     * Reads falls in from a table with the same columns, or with {@code _ft} and {@code _mph} in place of {@code _m}
     * and {@code _ms}, never both. Reviewers and the owner; nothing is kept of a file with a bad row.
     */
    @PostMapping(value = "/falls.csv", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    ImportReport in(@RequestParam("file") MultipartFile file, @AuthenticationPrincipal SignedIn me) throws IOException {
        return files.in(file.getBytes(), me);
    }

    /** Falls without names, places and days, groups under five merged; the owner alone. */
    @GetMapping(value = "/shared.csv", produces = "text/csv")
    ResponseEntity<String> shared(@AuthenticationPrincipal SignedIn me) {
        return FileAnswer.csv(files.shared(me), "shared-falls.csv");
    }
}
