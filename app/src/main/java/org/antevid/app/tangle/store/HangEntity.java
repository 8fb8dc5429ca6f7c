package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Optional;
import org.antevid.app.tangle.Tangles;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.Nullable;

@Entity
@Audited
@Table(name = "hang")
public class HangEntity {
    @Id
    public String stemId;

    public String jobId;

    @Nullable
    public Double tractorWinchN;

    @Nullable
    public Double handWinchN;

    public boolean lockedInFork;
    public String guardName;
    public String closure;

    @Version
    public long version;

    public Tangles.HangEntry entry() {
        return new Tangles.HangEntry(
                Optional.ofNullable(tractorWinchN), Optional.ofNullable(handWinchN), lockedInFork, guardName, closure);
    }
}
