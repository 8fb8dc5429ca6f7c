package org.antevid.app.takedown.store;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import org.antevid.app.takedown.ChosenGear;
import org.antevid.core.takedown.pieces.SecondLine;
import org.jspecify.annotations.Nullable;

/** A second line, draws pieces across. */
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

    public static SecondLinePart of(ChosenGear.OnLine<SecondLine> s) {
        SecondLinePart p = new SecondLinePart();
        p.lineId = s.line().orElse(null);
        p.deg = s.rigged().deg();
        p.awayM = s.rigged().awayM();
        p.heightM = s.rigged().heightM();
        p.toM = s.rigged().toM();
        p.letDownM = s.rigged().letDownM();
        p.sound = s.rigged().sound().orElse(null);
        return p;
    }

    public ChosenGear.OnLine<SecondLine> forService() {
        return new ChosenGear.OnLine<>(
                Optional.ofNullable(lineId),
                new SecondLine(Optional.empty(), deg, awayM, heightM, toM, letDownM, Optional.ofNullable(sound)));
    }
}
