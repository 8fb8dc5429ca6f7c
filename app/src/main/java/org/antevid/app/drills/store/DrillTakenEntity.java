package org.antevid.app.drills.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import org.antevid.app.people.SaidByEntity;

/** Somebody takes a set on: from then on whoever gave it sees what they answer of it. */
@Entity
@Table(name = "drill_taken")
@SuppressWarnings("NullAway.Init")
public class DrillTakenEntity extends SaidByEntity {
    public String setId;
}
