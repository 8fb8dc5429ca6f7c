package org.antevid.app.tangle.store;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** The line a stem is tied off with. */
@Entity
@Table(name = "tied_off")
public class TiedOffEntity extends SeenEntity {
    @Column(name = "anchor_e")
    public double anchorE;

    @Column(name = "anchor_n")
    public double anchorN;

    public double lineM;
    public double tieFromButtM;
}
