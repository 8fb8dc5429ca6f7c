package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.core.tangle.picture.Moved;
import org.jspecify.annotations.Nullable;

/** Somebody looked at a stem again; without {@code moved} it was found as it was. */
@Entity
@Table(name = "look")
public class LookEntity extends SeenEntity {
    @Enumerated(EnumType.STRING)
    @Nullable
    public Moved moved;

    @Enumerated(EnumType.STRING)
    public Moved.@Nullable NowOn nowOn;
}
