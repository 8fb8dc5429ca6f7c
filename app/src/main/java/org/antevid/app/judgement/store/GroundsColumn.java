package org.antevid.app.judgement.store;

import jakarta.persistence.Converter;
import org.antevid.app.trace.StoredColumn;
import org.antevid.core.message.Grounds;

/** What an acknowledgement rested on, as a document with its schema. */
@Converter
public class GroundsColumn extends StoredColumn<Grounds> {
    GroundsColumn() {
        super(Grounds.class, 1);
    }
}
