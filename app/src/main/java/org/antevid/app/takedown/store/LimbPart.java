package org.antevid.app.takedown.store;

import jakarta.persistence.Embeddable;
import org.antevid.core.takedown.pieces.Limb;

/** A limb as it is drawn. */
@Embeddable
public class LimbPart {
    public String limb;
    public double atM;
    public double thickM;
    public double lengthM;
    public double sideDeg;
    public double riseDeg;
    public boolean loose;

    public static LimbPart of(Limb l) {
        LimbPart p = new LimbPart();
        p.limb = l.id();
        p.atM = l.atM();
        p.thickM = l.thickM();
        p.lengthM = l.lengthM();
        p.sideDeg = l.sideDeg();
        p.riseDeg = l.riseDeg();
        p.loose = l.loose();
        return p;
    }

    public Limb forCore() {
        return new Limb(limb, atM, thickM, lengthM, sideDeg, riseDeg, loose);
    }
}
