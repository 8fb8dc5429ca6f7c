package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.core.tangle.picture.PartOf;

/** What a torn leader, a broken top or a big limb is part of. */
@Entity
@Table(name = "part_of")
public class PartOfEntity extends SeenEntity {
    public String ofStemId;

    @Enumerated(EnumType.STRING)
    public PartOf.Kind kind;

    public double atM;
}
