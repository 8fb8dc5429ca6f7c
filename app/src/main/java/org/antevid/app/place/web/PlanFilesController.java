package org.antevid.app.place.web;

import java.io.IOException;
import org.antevid.app.exchange.ImportReport;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.PlanFiles;
import org.antevid.app.reader.FileAnswer;
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

/** The site plan out to and in from open formats. */
@RestController
@RequestMapping("/api/jobs/{job}/files")
public class PlanFilesController {
    private final PlanFiles files;

    PlanFilesController(PlanFiles files) {
        this.files = files;
    }

    /** The plan as GeoJSON in longitude and latitude; the site needs an anchor. */
    @GetMapping(value = "/geojson", produces = "application/geo+json")
    @Needs(Needs.Right.READ)
    ResponseEntity<String> geoJson(@PathVariable String job, @RequestParam(defaultValue = "false") boolean wgs84) {
        return FileAnswer.text(
                files.geoJson(job, wgs84), "application/geo+json", wgs84 ? "plan-wgs84.geojson" : "plan-local.geojson");
    }

    /** Reads features from GeoJSON; each row that is not taken says why, and nothing is half stored. */
    @PostMapping(value = "/geojson", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Needs(Needs.Right.LEAD)
    ImportReport readGeoJson(
            @PathVariable String job,
            @RequestParam("file") MultipartFile file,
            @RequestParam(defaultValue = "false") boolean takeGoodRows,
            @AuthenticationPrincipal SignedIn me)
            throws IOException {
        return files.readGeoJson(job, file.getBytes(), takeGoodRows, me);
    }

    /** Marks of all features as GPX waypoints. */
    @GetMapping(value = "/gpx", produces = "application/gpx+xml")
    @Needs(Needs.Right.READ)
    ResponseEntity<String> gpx(@PathVariable String job) {
        return FileAnswer.text(files.gpx(job), "application/gpx+xml", "waypoints.gpx");
    }

    /** Reads waypoints as features. */
    @PostMapping(value = "/gpx", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Needs(Needs.Right.LEAD)
    ImportReport readGpx(
            @PathVariable String job,
            @RequestParam("file") MultipartFile file,
            @RequestParam(defaultValue = "false") boolean takeGoodRows,
            @AuthenticationPrincipal SignedIn me)
            throws IOException {
        return files.readGpx(job, file.getBytes(), takeGoodRows, me);
    }
}
