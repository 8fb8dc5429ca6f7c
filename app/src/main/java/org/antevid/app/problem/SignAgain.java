package org.antevid.app.problem;

/** The person is signed in but has to prove again who they are before this is done. */
public final class SignAgain extends RuntimeException {}
