package org.antevid.core.judge.defect;

import org.antevid.core.judge.RuleId;
import org.antevid.core.message.Code;

/** What is said of a fault. */
enum Consequence implements Code {
    TIED_ABOVE,
    CRACK_HEALED,
    CRACK,
    UNION_OPENS,
    NO_HINGE_BROKEN,
    LESS_SHELTER,
    SHAKEN_LOOSE,
    DEAD_LIMBS,
    DEAD_TOP,
    HANGING_LIMB,
    PLATE_LIFTED,
    ROOTS,
    SOIL_MOVED,
    SOIL_DRY,
    SOIL_NOT_KNOWN,
    CROWN_TIED,
    VINE,
    SPRINGS,
    SCAR_AT_HINGE,
    SCAR,
    CUT_BEFORE_AT_HINGE,
    CUT_BEFORE,
    BENT_MEASURED,
    BENT,
    SEAM_SPLITS,
    SEAM_ALOFT,
    CUT_MEETS_METAL,
    METAL,
    BREAKS_THERE,
    NOT_PROBED,
    SOUNDED_CLEAR,
    PROBED_SOUND,
    PROBED_THIN,
    PROBED_RAISE,
    PROBED_MACHINE,
    TOLD;

    /** @return the rule it is said by: what was probed is geometry, all else practice */
    RuleId rule() {
        return switch (this) {
            case PROBED_SOUND, PROBED_THIN, PROBED_RAISE, PROBED_MACHINE -> RuleId.DEFECT_PROBED;
            default -> RuleId.DEFECT;
        };
    }
}
