package org.antevid.app.stem;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.store.VoiceNoteEntity;
import org.antevid.app.stem.store.VoiceNoteRepository;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What people say of a stem or of a fault on it; no rule hears it, the leader does. */
@Service
@Transactional
public class VoiceNotes {
    /** A minute of speech is a tenth of it. */
    private static final int MOST_BYTES = 2_000_000;

    private final VoiceNoteRepository notes;
    private final Attaching attaching;
    private final Jobs jobs;
    private final Clock clock;

    VoiceNotes(VoiceNoteRepository notes, Attaching attaching, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.notes = notes;
        this.attaching = attaching;
        this.jobs = jobs;
    }

    /** What was said, and the media type it is in. */
    @SuppressWarnings("ArrayRecordComponent") // passed on once, never compared
    public record Sound(String media, byte[] bytes) {}

    /** @throws RefusedInput {@code NOT_A_SOUND} for anything else, {@code TOO_LARGE} above two megabytes */
    public String add(
            String jobId, String stemId, Optional<String> id, Optional<String> defectId, byte[] file, SignedIn who) {
        Attaching.Place place = attaching.at(jobId, stemId, id, defectId, notes);
        if (place.there()) {
            return place.id();
        }
        if (file.length > MOST_BYTES) {
            throw new RefusedInput("TOO_LARGE", "file", Message.of(Answer.SOUND_TOO_LONG));
        }
        VoiceNoteEntity v = new VoiceNoteEntity();
        v.media = SoundFile.of(file)
                .orElseThrow(() -> new RefusedInput("NOT_A_SOUND", "file", Message.of(Answer.NO_SOUND)))
                .media();
        v.id = place.id();
        v.jobId = jobId;
        v.stemId = place.stem().id;
        v.defectId = defectId.orElse(null);
        v.who = who.name();
        v.at = clock.instant();
        v.sound = file;
        notes.save(v);
        jobs.touched(jobId, Change.STEM);
        return v.id;
    }

    public List<VoiceNoteRepository.Entry> entries(String jobId) {
        return notes.findByJobIdOrderByAt(jobId);
    }

    public Sound sound(String jobId, String id) {
        VoiceNoteEntity v =
                notes.findById(id).filter(n -> n.jobId.equals(jobId)).orElseThrow(NotThere::new);
        return new Sound(v.media, v.sound);
    }
}
