package org.antevid.app.people;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.UUID;

/** A line that somebody added, and when. Lines are added, never changed: the newest holds. */
@MappedSuperclass
@SuppressWarnings("NullAway.Init")
public abstract class SaidByEntity {
    @Id
    public String id;

    public Instant at;
    public String byId;
    public String byName;

    /** Who said it when. */
    public void said(SignedIn who, Instant when) {
        id = UUID.randomUUID().toString();
        at = when;
        byId = who.personId();
        byName = who.name();
    }
}
