package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.core.tangle.Holding;
import org.jspecify.annotations.Nullable;

/** What holds a stem while others of its ring are moved. */
@Entity
@Table(name = "holding")
public class HoldingEntity extends SeenUntilEntity {
    @Enumerated(EnumType.STRING)
    public Holding.By heldBy;

    /** Newton. */
    @Nullable
    public Double ratedN;

    /** Label of the tree a chain goes to. */
    @Nullable
    public String anchor;

    public String mindedBy;
}
