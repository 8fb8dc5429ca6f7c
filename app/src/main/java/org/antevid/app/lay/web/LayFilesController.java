package org.antevid.app.lay.web;

import org.antevid.app.job.Needs;
import org.antevid.app.lay.LayFiles;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.FileAnswer;
import org.antevid.app.sheet.SheetPdf;
import org.antevid.app.sheet.SheetSvg;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}")
public class LayFilesController {
    private final LayFiles files;

    LayFilesController(LayFiles files) {
        this.files = files;
    }

    /** Fixed lays with their zones and ways out as GeoJSON. */
    @GetMapping(value = "/files/lays", produces = "application/geo+json")
    @Needs(Needs.Right.READ)
    ResponseEntity<String> geoJson(@PathVariable String job, @RequestParam(defaultValue = "false") boolean wgs84) {
        return FileAnswer.text(
                files.geoJson(job, wgs84), "application/geo+json", wgs84 ? "lays-wgs84.geojson" : "lays-local.geojson");
    }

    /** The saved lay as a drawing. */
    @GetMapping(value = "/stems/{stem}/lay/sheet.svg", produces = "image/svg+xml")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> svg(
            @PathVariable String job, @PathVariable String stem, @AuthenticationPrincipal SignedIn me) {
        return FileAnswer.svg(SheetSvg.of(files.sheet(job, stem, me)), "lay.svg");
    }

    /** The saved lay on A4 in the reader's language and units. */
    @GetMapping(value = "/stems/{stem}/lay/sheet.pdf", produces = "application/pdf")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> pdf(
            @PathVariable String job, @PathVariable String stem, @AuthenticationPrincipal SignedIn me) {
        return FileAnswer.pdf(SheetPdf.of(files.sheet(job, stem, me)), "lay.pdf");
    }
}
