package org.antevid.core.takedown.spar;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.stem.StemMass;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Bending of the stem that is rigged on, at each weak section: every choice of friction is tried and the one with the
 * greatest stress counts (mechanics; the moment is convex in them). A wall nobody probed is never taken for full wood.
 *
 * @param weakest index of the section that is used most; one of which nothing is known goes first
 * @param blockN largest force of each inner node, without sway
 */
public record SparLoad(List<Row> rows, int weakest, List<Double> blockN, double lineEndN, List<Remarks.Told> remarks) {
    private static final double NEAR = 0.8;
    private static final double TORSION_SHARE = 0.1;
    private static final double TORSION_LEAST_NM = 1;

    /** What hangs or sits on the stem. */
    public record Mass(Point at, double massKg, boolean person) {}

    /** Another force on it, counted as it is. */
    public record Force(Point at, Point forceN) {}

    /** @param leanToDeg azimuth it leans to */
    public record Spar(double leanDeg, double leanToDeg) {
        private Point axis() {
            double lean = Math.toRadians(leanDeg);
            double to = Math.toRadians(leanToDeg);
            return new Point(Math.sin(to) * Math.sin(lean), Math.cos(to) * Math.sin(lean), Math.cos(lean));
        }
    }

    /** @param conditionAssumed nobody said its condition */
    public record Section(double heightM, SparSection.Wood wood, boolean conditionAssumed) {}

    /** @param util share of what is allowed; empty where wall or allowance is not known */
    public record Row(
            double heightM,
            double momentNm,
            double torsionNm,
            double axialN,
            Optional<Double> stressMpa,
            double stressAllowMpa,
            Optional<Double> util) {}

    /** Moment, twist and thrust at a place of the axis. */
    record Bending(double momentNm, double torsionNm, double axialN) {}

    static Bending at(double heightM, Point axis, List<LinePath.Pull> loads) {
        Point place = axis.times(heightM / axis.z());
        Point moment = new Point(0, 0, 0);
        double axial = 0;
        for (LinePath.Pull p : loads) {
            Point arm = p.at().minus(place);
            if (arm.dot(axis) > 0) {
                moment = moment.plus(arm.cross(p.forceN()));
                axial -= p.forceN().dot(axis);
            }
        }
        double torsion = moment.dot(axis);
        return new Bending(moment.minus(axis.times(torsion)).size(), Math.abs(torsion), axial);
    }

    public static SparLoad of(
            LinePath line,
            List<Mass> masses,
            List<Force> forces,
            Spar spar,
            List<Section> sections,
            SparSection.Strength strength,
            double safetyFactor) {
        Point axis = spar.axis();
        Remarks remarks = new Remarks();
        List<LinePath.Pull> still = Stream.concat(
                        masses.stream().map(m -> new LinePath.Pull(m.at, new Point(0, 0, -m.massKg * StemMass.G))),
                        forces.stream().map(f -> new LinePath.Pull(f.at, f.forceN)))
                .toList();
        List<List<LinePath.Pull>> corners = line.tensions().stream()
                .map(legs -> Stream.concat(line.onStem(legs).stream(), still.stream())
                        .toList())
                .toList();
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < sections.size(); i++) {
            rows.add(row(sections.get(i), i, axis, corners, strength, safetyFactor, remarks));
            defect(sections.get(i), i, axis, line, masses, rows.get(i), remarks);
        }
        return new SparLoad(List.copyOf(rows), weakest(rows), line.blocksN(), line.lineN(), remarks.told());
    }

    private static Row row(
            Section s,
            int index,
            Point axis,
            List<List<LinePath.Pull>> corners,
            SparSection.Strength strength,
            double safetyFactor,
            Remarks remarks) {
        String name = String.valueOf(index);
        String prefix = "sections[" + index + "].";
        SparSection bears = SparSection.of(s.wood, strength, safetyFactor, remarks, prefix, name);
        remarks.when(s.conditionAssumed, Remark.ASSUMED, prefix + "condition");
        SparSection.Shape shape = bears.shape().orElse(bears.asFullWood());
        Bending worst = new Bending(0, 0, 0);
        double stress = Double.NEGATIVE_INFINITY;
        for (List<LinePath.Pull> loads : corners) {
            Bending b = at(s.heightM, axis, loads);
            double of = bears.stressMpa(shape, b.momentNm, b.axialN);
            if (of > stress) {
                stress = of;
                worst = b;
            }
        }
        double most = stress;
        Optional<Double> use = bears.use(most);
        boolean known = bears.shape().isPresent();
        boolean over = use.isEmpty() || use.get() > 1;
        remarks.when(over, Remark.STEM_OVER_LIMIT, name)
                .when(!over && known && use.orElse(0.0) > NEAR, Remark.STEM_NEAR_LIMIT, name);
        return new Row(
                s.heightM,
                worst.momentNm,
                worst.torsionNm,
                worst.axialN,
                Optional.of(most).filter(x -> known),
                bears.stressAllowMpa(),
                use.filter(x -> known));
    }

    private static void defect(
            Section s, int index, Point axis, LinePath line, List<Mass> masses, Row row, Remarks remarks) {
        if (!s.wood.openOrSplit()) {
            return;
        }
        String name = String.valueOf(index);
        Point place = axis.times(s.heightM / axis.z());
        remarks.when(
                        line.lineN() > 0
                                && line.nodes().stream()
                                        .anyMatch(n -> n.onStem()
                                                && n.at().minus(place).dot(axis) > 0),
                        Remark.ANCHOR_ABOVE_DEFECT,
                        name)
                .when(
                        masses.stream()
                                .anyMatch(m -> m.person && m.at.minus(place).dot(axis) > 0),
                        Remark.PERSON_ABOVE_DEFECT,
                        name)
                .when(
                        row.torsionNm > TORSION_SHARE * row.momentNm && row.torsionNm > TORSION_LEAST_NM,
                        Remark.TORSION_ON_SPLIT,
                        name);
    }

    private static int weakest(List<Row> rows) {
        int at = 0;
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i).util.isEmpty()) {
                return i;
            }
            at = rows.get(i).util.orElseThrow() > rows.get(at).util.orElseThrow() ? i : at;
        }
        return at;
    }

    public Optional<Double> util() {
        return rows.get(weakest).util;
    }
}
