package org.antevid.app.run;

import java.util.Optional;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.site.Spot;

/**
 * Where somebody was when a go was given.
 *
 * @param sigmaM of the beacon that was heard; empty where it is only known from the briefing
 */
public record AtGo(
        String who,
        Spot at,
        @Shown(in = Dimension.LENGTH, to = Side.UP) Optional<Double> sigmaM) {}
