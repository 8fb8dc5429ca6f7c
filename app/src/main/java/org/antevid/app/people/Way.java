package org.antevid.app.people;

/** How somebody came in. */
public enum Way {
    /** By their own passphrase: nobody else can have made this sign-in. */
    PASSPHRASE,
    /** By code and PIN, for one job. */
    PIN
}
