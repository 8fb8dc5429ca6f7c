package org.antevid.core.tangle.plate;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.StemMass;

/**
 * Moment of what is left at the foot and at each defect, after each removed piece. N m. Both limits of every mass
 * count: an unsure balance is not a balance. Wind, rigging forces and the stem's own bending are not in it.
 *
 * @param rows before the first and after each piece
 * @param raised every removal that makes a moment larger
 * @param beyond every moment above its limit
 * @param greatestNm of each place
 */
public record LeanCurve(List<Row> rows, List<Raised> raised, List<Beyond> beyond, Map<String, Double> greatestNm) {
    /** The foot's name among the places. */
    public static final String FOOT = "foot";

    private static final double SAME_NM = 1;

    /**
     * A piece; kg.
     *
     * @param xM its centre of gravity in the lean direction from the vertical through the foot, downlean positive
     * @param yM across
     * @param attachHM height at which it is held
     */
    public record Piece(String id, double xM, double yM, double attachHM, double massLowKg, double massHighKg) {}

    /** A place of the stem where it is weak. */
    public record Defect(String id, double heightM, double xM, double yM, Optional<Double> limitNm) {}

    /** @param greatestNm along and across together, with both mass limits */
    public record Moment(double highNm, double lowNm, double greatestNm) {}

    /** @param piece the one removed last */
    public record Row(int removed, Optional<String> piece, Map<String, Moment> at) {}

    /** A removal that makes the moment larger. */
    public record Raised(String piece, String at, double byNm) {}

    /** A moment above its limit, after so many pieces. */
    public record Beyond(int after, String at, double share) {}

    /**
     * @param pieces in the order of removal, the stem that stays last
     * @throws RefusedInput {@code DUPLICATE} for an id given twice
     */
    public static LeanCurve of(List<Piece> pieces, List<Defect> defects, Optional<Double> footLimitNm) {
        List<Fault> faults = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        for (int i = 0; i < pieces.size(); i++) {
            if (!ids.add(pieces.get(i).id)) {
                faults.add(new Fault(
                        Message.of(Refusal.DUPLICATE).with("name", Arg.name(pieces.get(i).id)), "pieces[" + i + "]"));
            }
        }
        if (!faults.isEmpty()) {
            throw new RefusedInput(faults);
        }
        List<Defect> places = new ArrayList<>();
        places.add(new Defect(FOOT, Double.NEGATIVE_INFINITY, 0, 0, footLimitNm));
        places.addAll(defects);
        List<Row> rows = new ArrayList<>();
        for (int k = 0; k <= pieces.size(); k++) {
            Map<String, Moment> at = new LinkedHashMap<>();
            for (Defect place : places) {
                at.put(place.id, moment(pieces.subList(k, pieces.size()), place));
            }
            rows.add(new Row(k, k == 0 ? Optional.empty() : Optional.of(pieces.get(k - 1).id), at));
        }
        return new LeanCurve(List.copyOf(rows), raised(rows, places), beyond(rows, places), greatest(rows, places));
    }

    public boolean neverRising() {
        return raised.isEmpty();
    }

    private static Moment moment(List<Piece> left, Defect place) {
        double high = 0;
        double low = 0;
        double acrossHigh = 0;
        double acrossLow = 0;
        for (Piece p : left) {
            if (p.attachHM >= place.heightM) {
                double x = p.xM - place.xM;
                double y = p.yM - place.yM;
                high += StemMass.G * x * (x > 0 ? p.massHighKg : p.massLowKg);
                low += StemMass.G * x * (x > 0 ? p.massLowKg : p.massHighKg);
                acrossHigh += StemMass.G * y * (y > 0 ? p.massHighKg : p.massLowKg);
                acrossLow += StemMass.G * y * (y > 0 ? p.massLowKg : p.massHighKg);
            }
        }
        return new Moment(
                high,
                low,
                Math.hypot(
                        Math.max(Math.abs(high), Math.abs(low)), Math.max(Math.abs(acrossHigh), Math.abs(acrossLow))));
    }

    private static double at(Row row, Defect place) {
        Moment m = row.at.get(place.id);
        return m == null ? 0 : m.greatestNm;
    }

    private static List<Raised> raised(List<Row> rows, List<Defect> places) {
        List<Raised> raised = new ArrayList<>();
        for (int k = 1; k < rows.size(); k++) {
            for (Defect place : places) {
                double by = at(rows.get(k), place) - at(rows.get(k - 1), place);
                if (by > SAME_NM) {
                    raised.add(new Raised(rows.get(k).piece.orElseThrow(), place.id, by));
                }
            }
        }
        return List.copyOf(raised);
    }

    private static List<Beyond> beyond(List<Row> rows, List<Defect> places) {
        List<Beyond> beyond = new ArrayList<>();
        for (Row row : rows) {
            for (Defect place : places) {
                place.limitNm
                        .filter(limit -> at(row, place) > limit)
                        .ifPresent(limit -> beyond.add(new Beyond(row.removed, place.id, at(row, place) / limit)));
            }
        }
        return List.copyOf(beyond);
    }

    private static Map<String, Double> greatest(List<Row> rows, List<Defect> places) {
        Map<String, Double> greatest = new LinkedHashMap<>();
        for (Defect place : places) {
            greatest.put(
                    place.id, rows.stream().mapToDouble(r -> at(r, place)).max().orElse(0));
        }
        return greatest;
    }
}
