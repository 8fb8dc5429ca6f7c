package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.antevid.core.tangle.Pile;
import org.hibernate.envers.Audited;

@Entity
@Audited
@Table(name = "relation")
public class RelationEntity {
    @Id
    public String id;

    public String jobId;
    public String a;

    @Enumerated(EnumType.STRING)
    public Pile.Type type;

    public String b;

    @Enumerated(EnumType.STRING)
    public Pile.Carries carries = Pile.Carries.NOT_KNOWN;

    @Enumerated(EnumType.STRING)
    public Pile.SeverFrom severFrom = Pile.SeverFrom.NOT_KNOWN;

    @Version
    long version;
}
