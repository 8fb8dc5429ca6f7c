package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What each piece of a line bears and gets. */
enum LineWords implements Code {
    PEOPLE_PULL,
    WINCH_PULLS,
    WINCH_NOT_KNOWN,
    PULL_IN_A_LULL,
    ROPE_BEARS,
    NO_ROPE,
    OLD_ROPE,
    BEARS,
    NO_SLING,
    NO_BLOCK,
    ANCHOR_TREE,
    ANCHOR_NOT_MEASURED,
    TIED,
    WEAK_FORK,
    STEEP,
    TIED_LOW,
    BENDS_STEM,
    NO_STRENGTH
}
