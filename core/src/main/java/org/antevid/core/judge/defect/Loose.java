package org.antevid.core.judge.defect;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;

import org.antevid.core.judge.Finding;

/** Wood that comes down at a blow: wedges are a second opinion, all else keeps people from under it. */
final class Loose {
    private Loose() {}

    static Finding of(Case c, Consequence what) {
        return c.wedged() ? c.says(SECOND_OPINION, Consequence.SHAKEN_LOOSE) : c.says(CAUTION, what);
    }
}
