package org.antevid.app.takedown;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.antevid.core.judge.takedown.NextOfPieces;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.pieces.Aloft;
import org.antevid.core.takedown.pieces.Climb;
import org.antevid.core.takedown.pieces.Cut;
import org.antevid.core.takedown.pieces.DropBed;
import org.antevid.core.takedown.pieces.Fallback;
import org.antevid.core.takedown.pieces.Guy;
import org.antevid.core.takedown.pieces.Limb;

/**
 * What the leader planned.
 *
 * @param bed that pieces are let down onto; empty where none is laid
 * @param said who may be aloft as the leader says it; empty: as the records say
 * @param climber id of who cuts aloft
 * @param fallback what is done instead when the climber says No
 * @param agreedWith whom the damage was agreed with, where that is what is done instead
 * @param guy holds the tree back; empty where none does
 */
public record Planned(
        List<Limb> limbs,
        List<Cut> cuts,
        ChosenGear gear,
        FreeDrop.Surface surface,
        Optional<DropBed> bed,
        Optional<Aloft.Allowed> said,
        Optional<String> climber,
        Optional<Fallback> fallback,
        Optional<String> agreedWith,
        Optional<ChosenGear.OnLine<Guy>> guy,
        Climb climb) {
    public static final Planned NOTHING = new Planned(
            List.of(),
            List.of(),
            ChosenGear.NONE,
            FreeDrop.Surface.TURF,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Climb.NOT_SAID);

    Planned with(List<Cut> other) {
        return new Planned(limbs, other, gear, surface, bed, said, climber, fallback, agreedWith, guy, climb);
    }

    /**
     * @return what belongs to no person and no house: kit called otherwise, who climbs and how they are held left out
     */
    Planned called(UnaryOperator<String> how) {
        return new Planned(
                limbs,
                cuts,
                gear.called(how),
                surface,
                bed.map(b -> new DropBed(b.name(), b.takesKg(), Optional.empty())),
                said,
                Optional.empty(),
                fallback,
                agreedWith,
                guy.map(g -> g.called(how)),
                Climb.NOT_SAID);
    }

    /** @return with what is done instead: never looser than it was, on no line where nobody is to rig one */
    Planned instead(Fallback f) {
        return new Planned(
                limbs,
                cuts,
                f.roped() ? gear : gear.withoutLine(),
                f.onBed() ? FreeDrop.Surface.BRASH_MAT : surface,
                bed,
                Stream.concat(said.stream(), f.allows().stream()).max(Comparator.naturalOrder()),
                climber,
                fallback,
                agreedWith,
                guy,
                climb);
    }

    /** @return how it differs from another that was kept */
    NextOfPieces.SinceKept since(Planned kept) {
        if (equals(kept)) {
            return NextOfPieces.SinceKept.NOTHING;
        }
        return sameWay(kept) ? NextOfPieces.SinceKept.SAME_WAY : NextOfPieces.SinceKept.ANOTHER_WAY;
    }

    /** @return whether nothing of how it comes down differs; who climbs and how they are held does not count */
    boolean sameWay(Planned other) {
        return cuts.equals(other.cuts)
                && limbs.equals(other.limbs)
                && gear.equals(other.gear)
                && surface == other.surface
                && bed.equals(other.bed)
                && said.equals(other.said);
    }
}
