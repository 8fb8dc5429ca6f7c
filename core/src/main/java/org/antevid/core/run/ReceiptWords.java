package org.antevid.core.run;

import org.antevid.core.message.Code;

/** What a receipt says. */
public enum ReceiptWords implements Code {
    /** how long after the press arrived, and whether it sounded there */
    SEEN
}
