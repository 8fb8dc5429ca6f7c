package org.antevid.app.stem.web;

import java.io.IOException;
import org.antevid.app.exchange.ImportReport;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.FileAnswer;
import org.antevid.app.stem.StemCsv;
import org.antevid.app.stem.StemCsvImport;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Stems, sightings and defects out to and in from comma-separated tables. */
@RestController
@RequestMapping("/api/jobs/{job}/files")
public class StemCsvController {
    /** Which of the three tables. */
    enum Table {
        STEMS,
        SIGHTINGS,
        DEFECTS
    }

    private final StemCsv csv;
    private final StemCsvImport imports;

    StemCsvController(StemCsv csv, StemCsvImport imports) {
        this.csv = csv;
        this.imports = imports;
    }

    /** A table of the job as comma-separated values, with columns that name their units. */
    @GetMapping(value = "/csv/{table}", produces = "text/csv")
    @Needs(Needs.Right.READ)
    ResponseEntity<String> out(@PathVariable String job, @PathVariable Table table) {
        String text =
                switch (table) {
                    case STEMS -> csv.stems(job);
                    case SIGHTINGS -> csv.sightings(job);
                    case DEFECTS -> csv.defects(job);
                };
        return FileAnswer.csv(text, table.name().toLowerCase(java.util.Locale.ROOT) + ".csv");
    }

    /** Nothing is taken from a file with a bad row, unless the leader takes the good rows. */
    @PostMapping(value = "/csv/{table}", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Needs(Needs.Right.LEAD)
    ImportReport in(
            @PathVariable String job,
            @PathVariable Table table,
            @RequestParam("file") MultipartFile file,
            @RequestParam(defaultValue = "false") boolean takeGoodRows,
            @AuthenticationPrincipal SignedIn me)
            throws IOException {
        return switch (table) {
            case STEMS -> imports.stems(job, file.getBytes(), takeGoodRows, me);
            case SIGHTINGS -> imports.sightings(job, file.getBytes(), takeGoodRows, me);
            case DEFECTS -> imports.defects(job, file.getBytes(), takeGoodRows, me);
        };
    }
}
