package org.antevid.app.cut.web;

import org.antevid.app.reader.Speech;
import org.antevid.core.message.Dimension;
import org.antevid.core.quantity.Gauge;

/** A need against what there is: words and a bar. */
public record GaugeView(String words, double share, boolean over) {
    /** @param need in the SI unit of the dimension, like {@code have} */
    static GaugeView of(double need, double have, Dimension dimension) {
        Gauge g = Gauge.of(need, have);
        return new GaugeView(Speech.words().pair(g, dimension), g.share(), g.over());
    }
}
