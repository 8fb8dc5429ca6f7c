package org.antevid.app.people.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.antevid.app.people.Way;

@Entity
@Table(name = "sign_in")
public class SignInEntity {
    @Id
    public String id;

    public String tokenHash;
    public String personId;
    public String onlyJob;

    @Enumerated(EnumType.STRING)
    public Way way;

    public Instant madeAt;
    public Instant seenAt;
    public String address;
    public String device;
    public Instant endedAt;
    public String endedBy;
}
