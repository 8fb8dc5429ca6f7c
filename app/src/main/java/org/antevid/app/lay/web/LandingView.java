package org.antevid.app.lay.web;

import java.util.List;
import java.util.Optional;
import org.antevid.app.reader.Speech;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.site.Spot;

/** What it comes down on. */
record LandingView(
        List<Contact> contacts,
        List<Double> wholeM,
        List<String> whole,
        @Shown(in = Dimension.TIMES, to = Side.UP) Optional<Double> buttLiftShare) {

    record Contact(String name, String bed, double atM, String where, Spot at, boolean lifts, boolean breaks) {}

    static LandingView of(LayPlan p) {
        return new LandingView(
                p.landing().contacts().stream()
                        .map(c -> new Contact(
                                c.name(),
                                Speech.words().term(c.bed()),
                                Rounding.down(c.atM(), 1),
                                Lengths.down(c.atM()),
                                p.stem().at().at(p.choice().layDeg(), c.atM()),
                                c.lifts(),
                                c.breaks()))
                        .toList(),
                p.landing().wholeM().stream().map(m -> Rounding.down(m, 1)).toList(),
                p.landing().wholeM().stream().map(Lengths::down).toList(),
                p.landing().buttLiftShare().map(s -> Rounding.up(s, 1)));
    }
}
