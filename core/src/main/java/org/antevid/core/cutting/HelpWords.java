package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What comes next where wedges are not enough. */
enum HelpWords implements Code {
    THINNER_HINGE,
    MORE_WEDGES,
    LEVER,
    LINE
}
