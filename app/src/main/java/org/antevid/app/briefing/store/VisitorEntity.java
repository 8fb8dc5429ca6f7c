package org.antevid.app.briefing.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.antevid.core.crew.VisitorKind;
import org.jspecify.annotations.Nullable;

/** Somebody without work here who is on the site, and what they were told. */
@Entity
@Table(name = "visitor")
public class VisitorEntity {
    @Id
    public String id;

    public String jobId;
    public String name;

    @Enumerated(EnumType.STRING)
    public VisitorKind kind;

    public String toldBy;
    public Instant toldAt;

    @Nullable
    public Double toldRingM;

    public String toldWaitAt;

    @Nullable
    public Instant leftAt;

    @Nullable
    public String leftBy;
}
