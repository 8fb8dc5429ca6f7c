package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A part of a stem nobody could see; ended when somebody looked. */
@Entity
@Table(name = "hidden_part")
public class HiddenPartEntity extends SeenUntilEntity {
    public double fromM;
    public double toM;
}
