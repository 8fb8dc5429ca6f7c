package org.antevid.app.takedown.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import org.antevid.app.takedown.ChosenGear;
import org.antevid.core.takedown.pieces.SecondLine;
import org.jspecify.annotations.Nullable;

/** A second line: draws pieces across, or holds them first. */
@Embeddable
public class SecondLinePart {
    @Column(name = "second_line_id")
    @Nullable
    public String lineId;

    @Column(name = "second_deg")
    public Double deg;

    @Column(name = "second_away_m")
    public Double awayM;

    @Column(name = "second_height_m")
    public Double heightM;

    @Column(name = "second_to_m")
    public Double toM;

    @Column(name = "second_let_down_m")
    public Double letDownM;

    @Column(name = "second_sound")
    @Nullable
    public Boolean sound;

    @Column(name = "second_holds_first")
    public Boolean holdsFirst;

    @Column(name = "second_friction_id")
    @Nullable
    public String frictionId;

    @Column(name = "second_sling_id")
    @Nullable
    public String slingId;

    public static SecondLinePart of(ChosenGear.Second second) {
        ChosenGear.OnLine<SecondLine> s = second.line();
        SecondLinePart p = new SecondLinePart();
        p.lineId = s.line().orElse(null);
        p.deg = s.rigged().deg();
        p.awayM = s.rigged().awayM();
        p.heightM = s.rigged().heightM();
        p.toM = s.rigged().toM();
        p.letDownM = s.rigged().letDownM();
        p.sound = s.rigged().sound().orElse(null);
        p.holdsFirst = second.holdsFirst().isPresent();
        p.frictionId =
                second.holdsFirst().flatMap(ChosenGear.ChosenFriction::device).orElse(null);
        p.slingId =
                second.holdsFirst().flatMap(ChosenGear.ChosenFriction::sling).orElse(null);
        return p;
    }

    public ChosenGear.Second forService() {
        return new ChosenGear.Second(
                new ChosenGear.OnLine<>(
                        Optional.ofNullable(lineId),
                        new SecondLine(
                                Optional.empty(), deg, awayM, heightM, toM, letDownM, Optional.ofNullable(sound))),
                Optional.of(new ChosenGear.ChosenFriction(
                                Optional.ofNullable(frictionId), Optional.ofNullable(slingId)))
                        .filter(h -> holdsFirst));
    }
}
