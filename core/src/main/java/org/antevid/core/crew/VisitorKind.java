package org.antevid.core.crew;

import org.antevid.core.message.Code;

/** Why somebody without work here comes to the site. */
public enum VisitorKind implements Code {
    CLIENT,
    NEIGHBOUR,
    DELIVERY,
    OFFICIAL,
    OTHER
}
