package org.antevid.core.lay.sweep;

import java.util.EnumSet;
import java.util.Set;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;

/**
 * What makes a stem split up more readily.
 *
 * @param seamOrFork a seam, crack or fork is in it
 * @param underTension bent, or held at the top
 */
public record Weakness(boolean seamOrFork, boolean underTension) {
    public static final Weakness NONE = new Weakness(false, false);
    private static final Set<DefectKind> SEAMS =
            EnumSet.of(DefectKind.CRACK, DefectKind.SPLIT_UNION, DefectKind.INCLUDED_BARK, DefectKind.LIGHTNING_SCAR);
    private static final Set<DefectKind> HELD =
            EnumSet.of(DefectKind.UNDER_TENSION, DefectKind.BENT_STEM, DefectKind.TIED_CROWN);

    /** At any height: where a split would run to is not known (errs to the safe side). */
    public static Weakness of(StemReading stem) {
        return new Weakness(
                stem.defects().stream().anyMatch(d -> SEAMS.contains(d.kind()) && !d.tellsGood()),
                stem.defects().stream().anyMatch(d -> HELD.contains(d.kind())));
    }
}
