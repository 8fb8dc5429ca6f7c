package org.antevid.app.house.web;

import org.antevid.app.people.Office;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotAllowed;
import org.antevid.core.message.Message;
import org.antevid.words.Answer;

/** What the house owns is changed by its owner. */
final class OwnerOnly {
    private OwnerOnly() {}

    /** @throws NotAllowed for anybody else */
    static void require(SignedIn me, Answer why) {
        if (me.office() != Office.OWNER) {
            throw new NotAllowed(Message.of(why));
        }
    }
}
