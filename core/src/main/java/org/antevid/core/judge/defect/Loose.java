package org.antevid.core.judge.defect;

import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Severity;

/** Loose wood above: wedge blows shake it down on whoever drives them, a line does not. */
final class Loose {
    private Loose() {}

    static Finding of(Case c, String underWedges, String words, String why, String clears) {
        return c.wedged()
                ? c.says(
                        Severity.SECOND_OPINION,
                        "wedge blows shake it loose above the cutter; pull instead",
                        underWedges,
                        "practice rule",
                        "bring it over with a line, or a second opinion")
                : c.says(Severity.CAUTION, words, why, "practice rule", clears);
    }
}
