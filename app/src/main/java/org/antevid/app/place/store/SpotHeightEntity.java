package org.antevid.app.place.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.hibernate.envers.Audited;

/** A measured height of the ground. */
@Entity
@Audited
@Table(name = "spot_height")
public class SpotHeightEntity {
    @Id
    public String id;

    public String jobId;
    public double eastM;
    public double northM;
    public double heightM;
    public String takenHow;
    public String who;
    public Instant takenAt;

    @Version
    long version;

    public Terrain.SpotHeight forCore() {
        return new Terrain.SpotHeight(new Spot(eastM, northM), heightM);
    }
}
