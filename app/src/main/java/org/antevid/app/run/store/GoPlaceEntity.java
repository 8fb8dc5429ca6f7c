package org.antevid.app.run.store;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;

/** Where one of the step's people was when its go was given. Written with the go, never changed. */
@Entity
@Immutable
@Table(name = "go_place")
public class GoPlaceEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    public Long seq;

    public String jobId;

    /** The go, by the id of its sender. */
    public String goId;

    public String personId;
    public String name;
    public double eastM;
    public double northM;

    /** Of the beacon that was heard; empty where it is only known from the briefing. */
    @Nullable
    public Double sigmaM;
}
