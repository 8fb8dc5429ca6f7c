package org.antevid.core.run.watch;

import org.antevid.core.quantity.Require;

/**
 * What the plan allows in a line, N in its standing part.
 *
 * @param pretensionN before the release; 0 where the plan asks for none
 * @param plannedN what brings the stem with the wind against it at which work stops, with its reserve
 * @param mostN what the weakest piece of the rig may carry; where no rope was chosen at most the planned pull
 */
public record LineLimits(double pretensionN, double plannedN, double mostN) {
    public LineLimits {
        Require.within(pretensionN, 0, 1e6, "pretensionN");
        Require.within(plannedN, 0, 1e7, "plannedN");
        Require.within(mostN, 0, 1e7, "mostN");
    }
}
