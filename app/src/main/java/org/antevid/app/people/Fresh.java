package org.antevid.app.people;

import org.antevid.app.problem.SignAgain;
import org.springframework.stereotype.Component;

/**
 * What weighs much is done only by somebody who has proved within ten minutes who they are: a phone left on a log gives
 * no go.
 */
@Component
public class Fresh {
    private final SignIns signIns;

    Fresh(SignIns signIns) {
        this.signIns = signIns;
    }

    /**
     * What the application does in somebody's name has no sign-in and needs none.
     *
     * @throws SignAgain when it is longer ago
     */
    public void require(SignedIn who) {
        boolean byItself = who.signInId().isEmpty();
        if (!byItself && !signIns.isFresh(who)) {
            throw new SignAgain();
        }
    }
}
