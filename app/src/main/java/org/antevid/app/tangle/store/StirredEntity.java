package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.core.tangle.picture.LookAgain;

/** Something happened after which a stem has to be looked at again. */
@Entity
@Table(name = "stirred")
public class StirredEntity extends SeenEntity {
    @Enumerated(EnumType.STRING)
    public LookAgain why;
}
