package org.antevid.app.lay.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.time.Instant;
import java.util.Optional;
import org.antevid.app.lay.FaceReading;
import org.antevid.core.stem.Condition;
import org.jspecify.annotations.Nullable;

/** What the opened face showed, the wood by its name; null while it is not open. */
@Embeddable
class FaceReadingPart {
    private static final String TABLE = "face_reading";

    @Nullable
    @Column(table = TABLE)
    Double soundLeftM;

    @Nullable
    @Column(table = TABLE)
    Double soundRightM;

    @Nullable
    @Column(table = TABLE)
    String wood;

    @Nullable
    @Column(table = TABLE)
    String note;

    @Nullable
    @Column(table = TABLE)
    String who;

    @Nullable
    @Column(table = TABLE)
    Instant readAt;

    @Nullable
    @Column(table = TABLE)
    Double readCutHeightM;

    @Nullable
    @Column(table = TABLE)
    Double readLayDeg;

    static FaceReadingPart of(FaceReading f) {
        FaceReadingPart p = new FaceReadingPart();
        p.soundLeftM = f.soundLeftM();
        p.soundRightM = f.soundRightM();
        p.wood = f.wood().name();
        p.note = f.note();
        p.who = f.who();
        p.readAt = f.at();
        p.readCutHeightM = f.cutHeightM();
        p.readLayDeg = f.layDeg();
        return p;
    }

    Optional<FaceReading> reading() {
        return soundLeftM == null
                        || soundRightM == null
                        || wood == null
                        || who == null
                        || readAt == null
                        || readCutHeightM == null
                        || readLayDeg == null
                ? Optional.empty()
                : Optional.of(new FaceReading(
                        soundLeftM,
                        soundRightM,
                        Condition.valueOf(wood),
                        note == null ? "" : note,
                        who,
                        readAt,
                        readCutHeightM,
                        readLayDeg));
    }
}
