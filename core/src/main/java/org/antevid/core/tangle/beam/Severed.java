package org.antevid.core.tangle.beam;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.stem.StemMass;

/**
 * What one part does after the cut. Metres, up positive; joule; radians. Empty is not known, never 0.
 *
 * @param supports the part's supports by their place in the stem's list
 * @param faceMoveM movement of its face
 * @param facePeakM the same with its swing, of a part that comes to rest
 * @param faceRotRad turn of its face, of a part that comes to rest
 * @param farMoveM movement of its other end, of a part that falls or tips
 * @param pivotXM what it tips about
 * @param phiRad how far it tips
 * @param energyJ freed by the movement
 * @param bendingAfterJ bending energy left in it, of a part that comes to rest
 * @param bendingLostJ bending energy freed in full, of a part that does not
 * @param reactionAfterN what it presses on afterwards, by support
 */
public record Severed(
        double massKg,
        List<Integer> supports,
        Act act,
        Optional<Double> faceMoveM,
        Optional<Double> facePeakM,
        Optional<Double> faceRotRad,
        Optional<Double> farMoveM,
        Optional<Double> pivotXM,
        Optional<Double> phiRad,
        Optional<Double> energyJ,
        Optional<Double> bendingAfterJ,
        double bendingLostJ,
        Map<Integer, Double> reactionAfterN,
        Optional<Double> faceTurnAfterRad) {
    private static final double STAYS_M = 0.01;
    private static final double OUT_M = 0.05;

    /** What a part does. */
    public enum Act {
        STAYS,
        SETTLES,
        SPRINGS_UP,
        TIPS_FACE_DOWN,
        TIPS_FACE_UP,
        FALLS;

        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** @return whether the part comes to rest where it lies */
        public boolean rests() {
            return this == STAYS || this == SETTLES || this == SPRINGS_UP;
        }

        /** @return how quietly it moves, 0 the quietest */
        int unrest() {
            return rests() ? ordinal() : 3;
        }
    }

    /**
     * @param before the whole stem at the same stiffness
     * @param cutM the face
     * @param butt whether it is the part toward the butt
     */
    static Severed of(LyingStem stem, Clearance clearance, Equilibrium before, double cutM, boolean butt) {
        double moe = before.part().moePa();
        Part part = butt ? stem.part(0, cutM, moe) : stem.part(cutM, stem.lengthM(), moe);
        return Equilibrium.of(part)
                .map(after -> resting(part, before, after, cutM))
                .orElseGet(() -> moving(part, clearance, before, cutM, butt));
    }

    private static Severed resting(Part part, Equilibrium before, Equilibrium after, double cutM) {
        double move = after.liftAt(cutM) - before.liftAt(cutM);
        double turn = after.turnAt(cutM) - before.turnAt(cutM);
        double energy = 0.5 * Math.abs(before.momentNm(cutM) * turn) + 0.5 * Math.abs(before.shearN(cutM) * move);
        Map<Integer, Double> reactions = new LinkedHashMap<>();
        for (int i = 0; i < part.indices().size(); i++) {
            reactions.put(part.indices().get(i), after.reactionN(i));
        }
        return new Severed(
                part.massKg(),
                part.indices(),
                Math.abs(move) < STAYS_M ? Act.STAYS : move > 0 ? Act.SPRINGS_UP : Act.SETTLES,
                Optional.of(move),
                Optional.of(2 * move),
                Optional.of(turn),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(energy),
                Optional.of(after.energyJ(part.fromM(), part.toM())),
                0,
                reactions,
                Optional.of(after.turnAt(cutM)));
    }

    private static Severed moving(Part part, Clearance clearance, Equilibrium before, double cutM, boolean butt) {
        double lost = before.energyJ(part.fromM(), part.toM());
        double farM = butt ? part.fromM() : part.toM();
        List<Support> below = part.supports().stream().filter(Support::below).toList();
        if (below.isEmpty()) {
            Optional<Double> face = clearance.at(cutM);
            Optional<Double> far = clearance.at(farM);
            return moved(
                    part,
                    lost,
                    Act.FALLS,
                    face.map(h -> -h),
                    far.map(h -> -h),
                    Optional.empty(),
                    Optional.empty(),
                    face.flatMap(f -> far.map(e -> part.massKg() * StemMass.G * (f + e) / 2)));
        }
        double cg = part.balanceM();
        double pivot = below.stream()
                .filter(s -> s.kind() == Support.Kind.STUMP_HINGE)
                .map(Support::xM)
                .findFirst()
                .orElseGet(() -> tipsAbout(below, cg));
        double side = Math.signum(cg - pivot);
        double endM = side > 0 ? part.toM() : part.fromM();
        boolean faceDown = endM == cutM;
        Optional<Double> phi = phi(part, clearance, pivot, side, endM);
        double sinks = faceDown ? -1 : 1;
        return moved(
                part,
                lost,
                faceDown ? Act.TIPS_FACE_DOWN : Act.TIPS_FACE_UP,
                phi.map(p -> sinks * p * Math.abs(cutM - pivot)),
                phi.map(p -> -sinks * p * Math.abs(farM - pivot)),
                Optional.of(pivot),
                phi,
                phi.map(p -> part.massKg() * StemMass.G * p * Math.abs(cg - pivot)));
    }

    private static double tipsAbout(List<Support> below, double cgM) {
        List<Double> at = below.stream().map(Support::xM).sorted().toList();
        return cgM < at.get(0) ? at.get(0) : at.get(at.size() - 1);
    }

    /** @return how far it turns until its end or the ground it is known to lie on stops it */
    private static Optional<Double> phi(Part part, Clearance clearance, double pivot, double side, double endM) {
        Optional<Double> end = clearance.at(endM);
        double least = clearance.points().stream()
                .filter(p -> p.xM() >= part.fromM() && p.xM() <= part.toM() && (p.xM() - pivot) * side > OUT_M)
                .mapToDouble(p -> p.heightM() / Math.abs(p.xM() - pivot))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
        return end.map(h -> Math.min(least, h / Math.abs(endM - pivot))).filter(Double::isFinite);
    }

    private static Severed moved(
            Part part,
            double lostJ,
            Act act,
            Optional<Double> faceM,
            Optional<Double> farM,
            Optional<Double> pivotM,
            Optional<Double> phi,
            Optional<Double> energyJ) {
        return new Severed(
                part.massKg(),
                part.indices(),
                act,
                faceM,
                Optional.empty(),
                Optional.empty(),
                farM,
                pivotM,
                phi,
                energyJ,
                Optional.empty(),
                lostJ,
                Map.of(),
                Optional.empty());
    }
}
