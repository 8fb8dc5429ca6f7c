package org.antevid.app.lay.store;

/** Which line of a stem it is. */
enum LinePlace {
    CHOSEN,
    FALLBACK
}
