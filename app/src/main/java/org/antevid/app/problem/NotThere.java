package org.antevid.app.problem;

/** The thing does not exist, or not for this person: the two are not told apart. */
public final class NotThere extends RuntimeException {}
