package org.antevid.app.house.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.antevid.core.lay.Means;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Audited
@Table(name = "tree_template")
public class TreeTemplateEntity {
    @Id
    public String id;

    public String name;

    @Nullable
    @Enumerated(EnumType.STRING)
    public Species species;

    @Nullable
    @Enumerated(EnumType.STRING)
    public Condition wood;

    @Nullable
    public Double leanDeg;

    @Enumerated(EnumType.STRING)
    public Means.@Nullable Kind means;

    @Version
    public long version;
}
