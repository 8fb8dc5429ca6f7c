package org.antevid.core.lay.sweep;

import java.util.List;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Ground;

/**
 * What stands around.
 *
 * @param escapeHeightM height the ways out are measured by
 */
public record Around(
        Ground ground,
        List<CoveredTarget> targets,
        List<Neighbour> neighbours,
        List<EscapeRoutes.Obstacle> obstacles,
        double escapeHeightM) {}
