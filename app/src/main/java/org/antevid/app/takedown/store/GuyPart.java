package org.antevid.app.takedown.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import org.antevid.app.takedown.ChosenGear;
import org.antevid.core.takedown.pieces.Guy;
import org.jspecify.annotations.Nullable;

/** A back guy. */
@Embeddable
public class GuyPart {
    @Column(name = "guy_line_id")
    @Nullable
    public String lineId;

    @Column(name = "guy_height_m")
    public Double heightM;

    @Column(name = "guy_deg")
    public Double deg;

    @Column(name = "guy_away_m")
    public Double awayM;

    @Column(name = "guy_anchor_height_m")
    public Double anchorHeightM;

    @Column(name = "guy_pretension_n")
    public Double pretensionN;

    @Column(name = "guy_turned_deg")
    @Nullable
    public Double turnedDeg;

    @Column(name = "guy_proven")
    public Boolean proven;

    @Column(name = "guy_sound")
    @Nullable
    public Boolean sound;

    public static GuyPart of(ChosenGear.OnLine<Guy> g) {
        GuyPart p = new GuyPart();
        p.lineId = g.line().orElse(null);
        p.heightM = g.rigged().heightM();
        p.deg = g.rigged().deg();
        p.awayM = g.rigged().awayM();
        p.anchorHeightM = g.rigged().anchorHeightM();
        p.pretensionN = g.rigged().pretensionN();
        p.turnedDeg = g.rigged().turnedDeg().orElse(null);
        p.proven = g.rigged().proven();
        p.sound = g.rigged().sound().orElse(null);
        return p;
    }

    public ChosenGear.OnLine<Guy> forService() {
        return new ChosenGear.OnLine<>(
                Optional.ofNullable(lineId),
                new Guy(
                        Optional.empty(),
                        heightM,
                        deg,
                        awayM,
                        anchorHeightM,
                        pretensionN,
                        Optional.ofNullable(turnedDeg),
                        proven,
                        Optional.ofNullable(sound)));
    }
}
