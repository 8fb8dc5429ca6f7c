package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** How wedges are set. */
public enum WedgeSet implements Code {
    SET
}
