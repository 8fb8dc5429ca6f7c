package org.antevid.core.takedown.pieces;

import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Tell;
import org.antevid.core.stem.Wood;
import org.antevid.core.takedown.drop.FreeDrop;

/** A lime of 16 m with a limb to each side, gear that carries it, and how it comes down. */
final class Limes {
    static final Below LAWN = new Below(FreeDrop.Surface.TURF, 0, 8, 10);
    static final Gear GEAR = new Gear(
            Optional.of(new Gear.Part("line 16", 60_000, true, Optional.empty())),
            Optional.of(new Gear.Part("block", 40_000, true, Optional.of(0.9))),
            Optional.of(new Gear.Part("sling", 40_000, true, Optional.empty())),
            Optional.of(new Gear.Part("brake", 20_000, true, Optional.empty())),
            Optional.empty(),
            8,
            200,
            0.3,
            Optional.empty());

    static final Optional<Lean> PLUMB = Optional.of(new Lean(0, 0, 0.5));

    /** The same gear on a line of another strength. */
    static Gear onLine(double strengthN) {
        return new Gear(
                Optional.of(new Gear.Part("line", strengthN, true, Optional.empty())),
                GEAR.block(),
                GEAR.sling(),
                GEAR.brake(),
                Optional.empty(),
                8,
                200,
                0.3,
                Optional.empty());
    }

    static StemReading lime(Optional<Lean> lean, List<FieldBook.Wall> walls, Defect... faults) {
        return new StemReading(
                "S6",
                Species.TILIA,
                StemState.STANDING,
                new Spot(0, 0),
                Optional.of(new Estimate(0.45, 0.01)),
                Optional.of(new Estimate(16, 0.5)),
                lean,
                Optional.of(4.0),
                Wood.all(Condition.SOUND),
                StemMass.Shape.FOREST,
                StemMass.Crown.OPEN_BROADLEAF_LEAFLESS,
                List.of(faults),
                false,
                new StemReading.More(Optional.empty(), walls, Optional.empty(), Optional.empty(), List.of(), 0));
    }

    /** The same sound one; it stays, and only some of it comes down. */
    static StemReading kept() {
        return sound(StemMass.Crown.OPEN_BROADLEAF_LEAFLESS, true);
    }

    /** The same, of other wood. */
    static StemReading of(Wood wood) {
        return sound(wood, StemMass.Crown.OPEN_BROADLEAF_LEAFLESS, false);
    }

    /** The same with no more crown than its limbs. */
    static StemReading bare() {
        return sound(StemMass.Crown.STUB, false);
    }

    private static StemReading sound(StemMass.Crown crown, boolean kept) {
        return sound(sound().wood(), crown, kept);
    }

    private static StemReading sound(Wood wood, StemMass.Crown crown, boolean kept) {
        StemReading r = sound();
        return new StemReading(
                r.label(),
                r.species(),
                r.state(),
                r.at(),
                r.dbh(),
                r.height(),
                r.lean(),
                r.crownRadiusM(),
                wood,
                r.shape(),
                crown,
                r.defects(),
                kept,
                r.more());
    }

    static StemReading sound() {
        return lime(Optional.of(new Lean(3, 90, 0.5)), List.of());
    }

    static Defect fault(DefectKind kind, double fromM, double toM, Tell... tells) {
        return new Defect(
                "D1", kind, fromM, toM, 90, "", Optional.empty(), Optional.empty(), Defect.Found.SEEN, List.of(tells));
    }

    static TakeDown plan(StemReading r, List<Limb> limbs, Gear gear, Cut... cuts) {
        return TakeDown.of(CutFigure.of(r, limbs), Aloft.of(r), List.of(cuts), gear, LAWN);
    }

    /** The largest of the links of that kind. */
    static double force(Piece p, Link.Kind kind) {
        return p.loading().links().stream()
                .filter(l -> l.kind() == kind)
                .mapToDouble(Link::force)
                .max()
                .orElseThrow();
    }

    static Cut stem(double atM, Way way) {
        return new Cut(Optional.empty(), atM, way, Optional.empty(), Optional.empty(), Optional.empty());
    }

    static Cut limb(String id, Way way) {
        return new Cut(Optional.of(id), 0, way, Optional.empty(), Optional.empty(), Optional.empty());
    }

    static final Limb EAST = new Limb("L1", 8, 0.15, 5, 90, 20, false);
    static final Limb WEST = new Limb("L2", 8.2, 0.15, 5, 270, 20, false);

    private Limes() {}
}
