package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A piece was cut off a stem while it hung, with the winch on. */
@Entity
@Table(name = "section_cut")
public class SectionCutEntity extends SeenEntity {
    public String cutBy;
}
