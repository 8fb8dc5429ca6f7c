package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.antevid.core.tangle.picture.Struck;

/** What was found when somebody asked about a thing a stem lies on. */
@Entity
@Table(name = "struck_answer")
public class StruckAnswerEntity {
    @Id
    public String id;

    public String jobId;
    public String featureId;

    @Enumerated(EnumType.STRING)
    public Struck.Question question;

    public boolean inOrder;
    public String note;
    public String who;
    public Instant at;
}
