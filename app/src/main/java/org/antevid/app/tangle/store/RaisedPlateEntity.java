package org.antevid.app.tangle.store;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** A root plate turned up, as somebody measured it. */
@Entity
@Table(name = "raised_plate")
public class RaisedPlateEntity extends SeenEntity {
    public double widthM;
    public double heightM;
    public double thickM;
    public double psiDeg;
}
