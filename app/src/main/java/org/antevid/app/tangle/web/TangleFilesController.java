package org.antevid.app.tangle.web;

import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.FileAnswer;
import org.antevid.app.sheet.SheetPdf;
import org.antevid.app.sheet.SheetSvg;
import org.antevid.app.tangle.TangleFile;
import org.antevid.app.tangle.TangleFiles;
import org.antevid.app.trace.StoredJson;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A tangle as JSON, out and in, and as a sheet to scale. */
@RestController
@RequestMapping("/api/jobs/{job}/tangle")
public class TangleFilesController {
    /** What a file brought. */
    record TangleRead(int stems) {}

    private final TangleFiles files;

    TangleFilesController(TangleFiles files) {
        this.files = files;
    }

    /** The tangle as it was seen, as JSON. */
    @GetMapping("/file")
    @Needs(Needs.Right.READ)
    TangleFile tangleFile(@PathVariable String job) {
        return files.out(job);
    }

    /** The schema of that JSON. */
    @GetMapping(value = "/file/schema", produces = "application/schema+json")
    @Needs(Needs.Right.READ)
    String tangleSchema(@PathVariable String job) {
        return StoredJson.resource("/formats/tangle.schema.json");
    }

    /** Reads such a file as a new look at its stems; all of it or nothing. */
    @PostMapping("/file")
    @Needs(Needs.Right.LEAD)
    TangleRead readTangle(
            @PathVariable String job, @Validated @RequestBody TangleFile file, @AuthenticationPrincipal SignedIn who) {
        return new TangleRead(files.in(job, file, who));
    }

    /** Where the stems lie, what is closed, and the order, as a drawing. */
    @GetMapping(value = "/sheet.svg", produces = "image/svg+xml")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> tangleSvg(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        return FileAnswer.svg(SheetSvg.of(files.sheet(job, me)), "tangle.svg");
    }

    /** The same on A4. */
    @GetMapping(value = "/sheet.pdf", produces = "application/pdf")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> tanglePdf(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        return FileAnswer.pdf(SheetPdf.of(files.sheet(job, me)), "tangle.pdf");
    }
}
