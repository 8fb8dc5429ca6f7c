package org.antevid.app.stem.web;

import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.stem.Photos;
import org.springframework.http.CacheControl;
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

@RestController
@RequestMapping("/api/jobs/{job}")
public class PhotoController {
    record PhotoView(
            String id, String stemId, Optional<String> defectId, String who, Instant at, int widthPx, int heightPx) {}

    private final Photos photos;

    PhotoController(Photos photos) {
        this.photos = photos;
    }

    /** Photos of the job's stems and faults, without the pictures. */
    @GetMapping("/photos")
    @Needs(Needs.Right.READ)
    List<PhotoView> photos(@PathVariable String job) {
        return photos.entries(job).stream()
                .map(p -> new PhotoView(
                        p.getId(),
                        p.getStemId(),
                        Optional.ofNullable(p.getDefectId()),
                        p.getWho(),
                        p.getAt(),
                        p.getWidthPx(),
                        p.getHeightPx()))
                .toList();
    }

    /** One photo as JPEG. */
    @GetMapping(value = "/photos/{id}", produces = MediaType.IMAGE_JPEG_VALUE)
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> photo(@PathVariable String job, @PathVariable String id) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(photos.picture(job, id));
    }

    /** Anybody on the job may add what they see. */
    @PostMapping(value = "/stems/{stem}/photos", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Needs(Needs.Right.WORK)
    ResponseEntity<Created> add(
            @PathVariable String job,
            @PathVariable String stem,
            @RequestParam("file") MultipartFile file,
            @RequestParam(required = false) String id,
            @RequestParam(required = false) String defect,
            @RequestParam(defaultValue = "false") boolean keepPosition,
            @AuthenticationPrincipal SignedIn me)
            throws IOException {
        return Created.at(photos.add(
                job, stem, Optional.ofNullable(id), Optional.ofNullable(defect), file.getBytes(), keepPosition, me));
    }
}
