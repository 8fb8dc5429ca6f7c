package org.antevid.app.problem;

/** Too many tries in a short time. */
public final class TooOften extends RuntimeException {}
