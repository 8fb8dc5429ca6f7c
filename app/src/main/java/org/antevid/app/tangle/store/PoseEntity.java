package org.antevid.app.tangle.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import org.antevid.core.tangle.picture.Pose;

/** Where somebody saw a stem lie. */
@Entity
@Table(name = "pose")
public class PoseEntity extends SeenEntity {
    public double buttE;
    public double buttN;

    @Column(name = "butt_h_m")
    public double buttHeightM;

    public double tipE;
    public double tipN;

    @Column(name = "tip_h_m")
    public double tipHeightM;

    @Enumerated(EnumType.STRING)
    public Pose.TakenHow takenHow;

    public double sigmaM;
}
