package org.antevid.app.run;

/** What came back to a hold: somebody's screen showed it, or the saw is confirmed stopped. */
public enum Receipt { SEEN, STOPPED }
