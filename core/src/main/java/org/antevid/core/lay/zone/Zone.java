package org.antevid.core.lay.zone;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.lay.FallZone;
import org.antevid.core.lay.LayChoice;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Support;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;

/**
 * Ground that is kept clear while one stem is felled. Practice and mechanics are both said where they differ; the
 * larger decides. Sources: two lengths and three metres beside a loaded line are practice rules, reach, throw and slide
 * mechanics.
 *
 * @param why what makes it as large as it is
 * @param clippedBy reasons the leader gave for making it smaller
 */
public record Zone(Kind kind, Shape area, Message why, List<String> clippedBy) {
    /** Both sides of a loaded line and round its ends (practice rule). */
    private static final double BESIDE_LINE_M = 3;
    /** A line of this share of its length whips to the side (judgement). */
    private static final double WHIP_SHARE = 0.15;
    /** Round a tilted plate, in heights (mechanics of the tilted plate). */
    private static final double PLATE_HEIGHTS = 1.5;

    /** Kinds of ground kept clear. */
    public enum Kind {
        RING,
        DROP,
        BUTT,
        LINE,
        PLATE;
    }

    /** Ground the leader takes out of a zone because walls or water make it smaller. */
    public record Clip(Kind kind, Shape area, String reason) {}

    public Zone {
        clippedBy = List.copyOf(clippedBy);
    }

    /** @return every zone of a lay, clipped; the drop zone is the one that was fixed, else the fan */
    public static List<Zone> of(LayPlan p, Optional<Shape> dropZone, List<Clip> clips) {
        FallZone z = p.zone();
        List<Zone> zones = new ArrayList<>();
        double practice = p.limits().exclusionLengths() * z.lengthM();
        double mechanics = z.lengthM() + z.throwM() + z.slideM().orElse(0.0);
        zones.add(new Zone(
                Kind.RING,
                ring(p),
                Message.of(ZoneWhy.RING)
                        .with("practice", Arg.up(Dimension.DISTANCE, practice))
                        .with("mechanics", z.slideM().map(m -> Arg.up(Dimension.DISTANCE, mechanics)))
                        .with("decides", Arg.flag(practice >= mechanics))
                        .with("from", z.open().map(o -> Arg.azimuth(o.fromDeg())))
                        .with("to", z.open().map(o -> Arg.azimuth(o.toDeg())))
                        .with("holds", p.choice().below().map(b -> Arg.name(b.holds()))),
                List.of()));
        zones.add(new Zone(
                Kind.DROP,
                dropZone.orElse(p.fan().area()),
                Message.of(dropZone.isPresent() ? ZoneWhy.DROP_AS_FIXED : ZoneWhy.DROP_FAN),
                List.of()));
        zones.add(new Zone(
                Kind.BUTT,
                Shape.disc(p.stem().at(), z.buttZoneM()),
                Message.of(ZoneWhy.BUTT).with("reach", Arg.up(Dimension.LENGTH, z.buttZoneM())),
                List.of()));
        guyed(
                        line(p.choice().means(), p.stem().at(), p.choice().layDeg()),
                        p.choice().support(),
                        p.stem().at())
                .ifPresent(zones::add);
        plate(p.stem()).ifPresent(zones::add);
        return zones.stream().flatMap(zone -> zone.clipped(clips).stream()).toList();
    }

    /** The ring, and below a stem that rolls or runs everything about the fall line from any place where it may lie. */
    private static Shape ring(LayPlan p) {
        Spot stump = p.stem().at();
        Shape ring = Shape.disc(stump, p.zone().exclusionM());
        if (p.zone().open().isEmpty()) {
            return ring;
        }
        FallZone.Open open = p.zone().open().get();
        double down = p.choice().below().map(LayChoice.Below::downM).orElse(WHOLE_MAP_M);
        double lies = p.zone().designReachM() + p.zone().throwM();
        for (int i = 0; i <= LIES_AT; i++) {
            Spot from = stump.at(p.choice().layDeg(), lies * i / LIES_AT);
            double middle = open.fromDeg() + Azimuth.normal(open.toDeg() - open.fromDeg()) / 2;
            ring = ring.with(Shape.polygon(List.of(
                    from,
                    from.at(open.fromDeg(), down),
                    from.at((open.fromDeg() + middle) / 2, down),
                    from.at(middle, down),
                    from.at(middle + (middle - open.fromDeg()) / 2, down),
                    from.at(open.toDeg(), down))));
        }
        return ring;
    }

    private static final double WHOLE_MAP_M = 150;
    private static final int LIES_AT = 6;

    private Optional<Zone> clipped(List<Clip> clips) {
        Optional<Shape> left = Optional.of(area);
        List<String> reasons = new ArrayList<>();
        for (Clip c : clips) {
            if (c.kind == kind) {
                left = left.flatMap(a -> a.without(c.area));
                reasons.add(c.reason);
            }
        }
        return left.map(a -> new Zone(kind, a, why, reasons));
    }

    /** Both sides of the line, and the inside of the angle where it is redirected. */
    private static Optional<Zone> line(Means m, Spot stump, double layDeg) {
        if (!m.isLine() || m.anchorDistM().isEmpty() && m.stand().isEmpty()) {
            return Optional.empty();
        }
        Spot block = m.stand().orElseGet(() -> stump.at(layDeg, m.anchorDistM().orElseThrow()));
        double length = Math.max(1, stump.distanceTo(block));
        double half = Math.max(BESIDE_LINE_M, WHIP_SHARE * length);
        Shape area = Shape.line(List.of(stump, block)).grown(half);
        if (m.puller().isPresent()) {
            Spot puller = m.puller().get();
            area = area.with(Shape.line(List.of(block, puller))
                    .grown(Math.max(BESIDE_LINE_M, WHIP_SHARE * block.distanceTo(puller))));
            try {
                area = area.with(Shape.polygon(List.of(stump, block, puller)));
            } catch (org.antevid.core.quantity.RefusedInput e) {
                // the three lie in one line: there is no angle to stand in
            }
        }
        return Optional.of(new Zone(
                Kind.LINE,
                area,
                Message.of(ZoneWhy.LINE)
                        .with("beside", Arg.up(Dimension.LENGTH, half))
                        .with("block", Arg.flag(m.puller().isPresent())),
                List.of()));
    }

    /** A loaded guy whips like any line. */
    private static Optional<Zone> guyed(Optional<Zone> line, Support support, Spot stump) {
        if (support.guy().isEmpty()) {
            return line;
        }
        Spot anchor = support.guy().get().anchor();
        double half = Math.max(BESIDE_LINE_M, WHIP_SHARE * stump.distanceTo(anchor));
        Shape beside = Shape.line(List.of(stump, anchor)).grown(half);
        return Optional.of(
                line.map(z -> new Zone(Kind.LINE, z.area.with(beside), z.why.with("guy", Arg.flag(true)), z.clippedBy))
                        .orElseGet(() -> new Zone(
                                Kind.LINE,
                                beside,
                                Message.of(ZoneWhy.GUY).with("beside", Arg.up(Dimension.LENGTH, half)),
                                List.of())));
    }

    private static Optional<Zone> plate(StemReading stem) {
        return movedPlate(stem)
                ? Optional.of(new Zone(
                        Kind.PLATE,
                        Shape.disc(
                                stem.at(),
                                PLATE_HEIGHTS * stem.height().map(h -> h.high()).orElse(20.0)),
                        Message.of(ZoneWhy.PLATE).with("heights", Arg.figure(PLATE_HEIGHTS)),
                        List.of()))
                : Optional.empty();
    }

    /** @return whether the plate has moved, so that no lay or cut answers for it */
    public static boolean movedPlate(StemReading stem) {
        return stem.defect(DefectKind.LIFTED_ROOT_PLATE).isPresent()
                || stem.more().heave().filter(h -> h.high() >= 0.03).isPresent();
    }

    /** @return whether somebody at this spot is inside */
    public boolean takesIn(Spot spot) {
        return area.distanceTo(spot) <= 0;
    }
}
