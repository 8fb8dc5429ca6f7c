package org.antevid.app.house.store;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.stump.School;
import org.hibernate.envers.Audited;

@Entity
@Audited
@Table(name = "house_rules")
public class HouseEntity {
    @Id
    public String id;

    public double exclusionLengths;
    public double soundSigmaDeg;
    public double windLimitMs;

    @Enumerated(EnumType.STRING)
    public School usualSchool = School.OPEN_FACE;

    public double leastAwayM = LayPlan.LEAST_AWAY_M;

    @Version
    public long version;
}
