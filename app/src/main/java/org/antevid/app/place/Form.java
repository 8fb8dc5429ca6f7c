package org.antevid.app.place;

/** How an outline is to be read. */
public enum Form {
    POINT,
    LINE,
    POLYGON
}
