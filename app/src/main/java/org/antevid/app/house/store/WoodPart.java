package org.antevid.app.house.store;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import org.antevid.core.stem.GreenWood;
import org.antevid.core.stem.Species;

/** Figures of the house for the wood of a genus, and what they rest on. */
@Embeddable
public class WoodPart {
    public double densityLowKgm3;
    public double densityKgm3;
    public double densityHighKgm3;
    public double holdsMpa;
    public double bendsMpa;
    public double moeGpa;

    @Enumerated(EnumType.STRING)
    public Species.HingeGrade hinge;

    @Enumerated(EnumType.STRING)
    public Species.SplitClass split;

    public String source;

    protected WoodPart() {}

    public WoodPart(GreenWood w, String source) {
        densityLowKgm3 = w.densityLowKgm3();
        densityKgm3 = w.densityKgm3();
        densityHighKgm3 = w.densityHighKgm3();
        holdsMpa = w.holdsMPa();
        bendsMpa = w.bendsMPa();
        moeGpa = w.moeGPa();
        hinge = w.hinge();
        split = w.split();
        this.source = source;
    }

    public GreenWood forCore() {
        return new GreenWood(densityLowKgm3, densityKgm3, densityHighKgm3, holdsMpa, bendsMpa, moeGpa, hinge, split);
    }
}
