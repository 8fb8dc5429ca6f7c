package org.antevid.app.drills.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import org.antevid.app.people.SaidByEntity;

/** A round of ten that an instructor gives. Never changed. */
@Entity
@Table(name = "drill_set")
@SuppressWarnings("NullAway.Init")
public class DrillSetEntity extends SaidByEntity {
    public String title;

    /** Names of the kinds, with commas between. */
    public String kinds;

    public int level;
    public long seed;
    public LocalDate due;
}
