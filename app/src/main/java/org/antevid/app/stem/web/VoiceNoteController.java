package org.antevid.app.stem.web;

import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Created;
import org.antevid.app.stem.VoiceNotes;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.core.io.Resource;
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
public class VoiceNoteController {
    record VoiceNoteView(String id, String stemId, Optional<String> defectId, String who, Instant at) {}

    private final VoiceNotes notes;

    VoiceNoteController(VoiceNotes notes) {
        this.notes = notes;
    }

    /** What was said of the job's stems and faults, without the sounds. */
    @GetMapping("/voice-notes")
    @Needs(Needs.Right.READ)
    List<VoiceNoteView> voiceNotes(@PathVariable String job) {
        return notes.entries(job).stream()
                .map(v -> new VoiceNoteView(
                        v.getId(), v.getStemId(), Optional.ofNullable(v.getDefectId()), v.getWho(), v.getAt()))
                .toList();
    }

    /** The sound of one, in parts where a player asks for parts. */
    @GetMapping("/voice-notes/{id}")
    @Needs(Needs.Right.READ)
    ResponseEntity<Resource> voiceNote(@PathVariable String job, @PathVariable String id) {
        VoiceNotes.Sound sound = notes.sound(job, id);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(sound.media()))
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(new ByteArrayResource(sound.bytes()));
    }

    /** Anybody on the job may say what they see. */
    @PostMapping(value = "/stems/{stem}/voice-notes", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @Needs(Needs.Right.WORK)
    ResponseEntity<Created> addVoiceNote(
            @PathVariable String job,
            @PathVariable String stem,
            @RequestParam("file") MultipartFile file,
            @RequestParam(required = false) String id,
            @RequestParam(required = false) String defect,
            @AuthenticationPrincipal SignedIn me)
            throws IOException {
        return Created.at(
                notes.add(job, stem, Optional.ofNullable(id), Optional.ofNullable(defect), file.getBytes(), me));
    }
}
