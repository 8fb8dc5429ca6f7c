package org.antevid.core.judge.crew;

import org.antevid.core.message.Code;

/** What is not known of the people and the day, so that a rule of the field could not be looked at. */
public enum RosterOpen implements Code {
    /** until when the proof of a competence is good */
    PROOF,
    /** how thick somebody may cut, or how thick the cut is */
    DIAMETER,
    /** when the kit is due for its inspection */
    KIT,
    /** who holds first aid, beyond what the emergency card says */
    FIRST_AID,
    /** when it gets dark, counted from the start of work */
    LIGHT
}
