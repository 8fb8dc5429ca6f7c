package org.antevid.app.people;

import java.io.Serializable;
import java.security.Principal;

/** The person behind a request. */
public record SignedIn(String personId, String name, Office office) implements Principal, Serializable {
    @Override
    public String getName() {
        return name;
    }
}
