package org.antevid.app.takedown.web;

import java.io.IOException;
import java.util.List;
import org.antevid.app.exchange.CsvTable;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.reader.Created;
import org.antevid.app.reader.FileAnswer;
import org.antevid.app.takedown.Cranes;
import org.antevid.app.takedown.web.CraneRequests.FoundWhyRequest;
import org.antevid.app.takedown.web.CraneRequests.ReadingRequest;
import org.antevid.app.takedown.web.CraneRequests.SetUpRequest;
import org.antevid.app.takedown.web.CraneViews.ChartView;
import org.antevid.app.takedown.web.CraneViews.CraneView;
import org.antevid.core.takedown.picks.ChartFile;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** A crane that picks a tree off piece by piece. */
@RestController
@RequestMapping("/api/jobs/{job}/takedown/stems/{stem}/crane")
public class CraneController {
    private final Cranes cranes;

    CraneController(Cranes cranes) {
        this.cranes = cranes;
    }

    /** The set-up that is kept, and what it comes to. */
    @GetMapping
    @Needs(Needs.Right.READ)
    CraneView crane(@PathVariable String job, @PathVariable String stem) {
        return CraneViews.view(cranes.of(job, stem));
    }

    /** What a set-up would come to; nothing is kept. */
    @PostMapping("/preview")
    @Needs(Needs.Right.READ)
    CraneView previewCrane(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody SetUpRequest r) {
        return CraneViews.view(cranes.preview(job, stem, r.forCore()));
    }

    /**
     * Keeps a set-up.
     *
     * @param replaces id of the one it was made from; left out for the first
     */
    @PostMapping
    @Needs(Needs.Right.LEAD)
    ResponseEntity<Created> keepCrane(
            @PathVariable String job,
            @PathVariable String stem,
            @RequestParam(required = false) @Nullable String replaces,
            @Validated @RequestBody SetUpRequest r,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(cranes.keep(job, stem, r.forCore(), replaces, who));
    }

    /** The maker's chart of one configuration out of an open file; nothing is kept. */
    @PostMapping(value = "/chart", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Needs(Needs.Right.LEAD)
    ChartView readChart(@PathVariable String job, @PathVariable String stem, @RequestParam("file") MultipartFile file)
            throws IOException {
        return CraneViews.chart(cranes.chart(file.getBytes()));
    }

    /** The chart that is kept, as an open file. */
    @GetMapping(value = "/chart", produces = "text/csv")
    @Needs(Needs.Right.READ)
    ResponseEntity<String> chartFile(@PathVariable String job, @PathVariable String stem) {
        List<List<String>> lines =
                cranes.of(job, stem).setUp().chart().map(ChartFile::lines).orElseThrow(NotThere::new);
        return FileAnswer.csv(
                CsvTable.write(
                        lines.get(0),
                        lines.subList(1, lines.size()).stream()
                                .map(l -> List.<Object>copyOf(l))
                                .toList()),
                "load-chart.csv");
    }

    /** What the display showed of a piece on the hook. */
    @PostMapping("/readings")
    @Needs(Needs.Right.WORK)
    ResponseEntity<Created> weigh(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody ReadingRequest r,
            @AuthenticationPrincipal SignedIn who) {
        return Created.at(cranes.weigh(job, stem, r.piece(), r.readKg(), r.free(), who));
    }

    /** Why a reading was odd: nothing is picked before somebody found out. */
    @PutMapping("/readings/{reading}/why")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void foundWhy(
            @PathVariable String job,
            @PathVariable String stem,
            @PathVariable String reading,
            @Validated @RequestBody FoundWhyRequest r,
            @AuthenticationPrincipal SignedIn who) {
        cranes.found(job, stem, reading, r.why(), who);
    }
}
