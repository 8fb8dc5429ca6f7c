package org.antevid.app.job.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.hibernate.envers.Audited;

@Entity
@Audited
@Table(name = "job")
public class JobEntity {
    @Id
    public String id;

    public String name;
    public String place;
    public LocalDate visitOn;
    public String code;
    public double windLimitMs;
    public double slopeDeg;
    public double downhillDeg;
    public String meetingPoint;
    public boolean closed;

    @Version
    public long version;
}
