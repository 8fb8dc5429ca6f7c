package org.antevid.app.records.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.app.people.SaidByEntity;
import org.antevid.core.outcome.Harm;
import org.antevid.core.outcome.Incident;
import org.jspecify.annotations.Nullable;

/** What nearly hurt somebody, or broke something. Who told it is kept and shown to nobody. */
@Entity
@Table(name = "incident")
@SuppressWarnings("NullAway.Init")
public class IncidentEntity extends SaidByEntity {
    public String jobId;

    @Enumerated(EnumType.STRING)
    public Incident.Kind kind;

    @Nullable
    public String stem;

    @Enumerated(EnumType.STRING)
    public Harm couldBe;

    @Nullable
    public String struck;

    /** Of what was struck, where it is on the site plan; kept though the thing is taken off it. */
    @Nullable
    public String featureId;

    public String words;
}
