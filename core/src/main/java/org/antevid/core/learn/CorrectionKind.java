package org.antevid.core.learn;

import org.antevid.core.message.Code;

/** What of a plan can rest on the house's own measurements. */
public enum CorrectionKind implements Code {
    /** How well whoever cuts it aims. */
    SPREAD,
    /** How often control is lost in such wood. */
    CONTROL_LOST,
    /** What logs of the species weigh. */
    STEM_MASS,
    /** What its branches weigh. */
    CROWN_MASS
}
