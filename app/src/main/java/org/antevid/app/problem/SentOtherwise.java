package org.antevid.app.problem;

/** Another thing was sent under this id before: an id stands for one write. */
public final class SentOtherwise extends RuntimeException {}
