package org.antevid.app.reader;

import java.util.Set;
import org.antevid.words.Regional;
import org.springframework.stereotype.Component;

/** The words of its region that the house says, to everybody. */
@Component
public class HouseWords {
    /** From now on. */
    public void say(Set<Regional> said) {
        Speech.ofTheHouse(said);
    }
}
