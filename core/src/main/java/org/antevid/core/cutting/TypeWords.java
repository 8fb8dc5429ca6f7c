package org.antevid.core.cutting;

import org.antevid.core.message.Code;

/** What the mechanics says of a type of cut on one stem. */
enum TypeWords implements Code {
    STEERS_ALL_THE_WAY,
    FACE_SHUTS,
    THIN_ON_MUCH,
    SHUTS_WHILE_PULLED,
    NO_MACHINE_HOLDS,
    SIDE_LEAN_TOO_MUCH,
    SIDE_LEAN_USES,
    NO_HINGE_WOOD,
    TOO_SMALL_TO_BORE
}
