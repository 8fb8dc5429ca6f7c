package org.antevid.core.takedown.rope;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;

/**
 * Working limits of all parts of a chain, the one that is used up most first. Practice rule; the maker's limit and
 * local code go before it.
 *
 * @param scale what all forces may be taken times; empty where there is no force
 */
public record WeakestLink(List<Row> rows, Optional<Double> scale, List<Remarks.Told> remarks) {
    private static final double OVER = 1;
    private static final double NEAR = 0.8;
    private static final double WORN = 0.8;

    /** Which forces these are. */
    public enum Basis {
        STATIC,
        PEAK
    }

    /** What a part is; with the share of its breaking strength that may be used, static and on the peak. */
    public enum Kind {
        ROPE(true, 10, 5),
        SLING(true, 10, 5),
        BLOCK(false, 5, 3),
        CONNECTOR(false, 5, 3),
        BRAKE(false, 5, 3),
        STEEL_WIRE(false, 5, 3),
        CHAIN(false, 4, 3),
        LIFTING_TEXTILE(true, 7, 5);

        private final boolean textile;
        private final double onStatic;
        private final double onPeak;

        Kind(boolean textile, double onStatic, double onPeak) {
            this.textile = textile;
            this.onStatic = onStatic;
            this.onPeak = onPeak;
        }

        double factor(Basis basis) {
            return basis == Basis.STATIC ? onStatic : onPeak;
        }
    }

    /** Which force a part carries. */
    public enum Carries {
        LINE,
        BRAKE,
        ANCHOR
    }

    /** How a textile ends: what is left of its strength. */
    public enum Termination {
        NONE(1),
        SPLICE(0.90),
        KNOT(0.65),
        UNKNOWN_KNOT(0.50);

        private final double keeps;

        Termination(double keeps) {
            this.keeps = keeps;
        }
    }

    /** How it goes round what it holds. */
    public enum Hitch {
        STRAIGHT,
        CHOKER,
        BASKET
    }

    /**
     * @param mbsN breaking strength; {@code wllN} the maker's working limit: one of them
     * @param legAngleDeg of a basket from the vertical
     * @param wear share of the strength that is left
     * @param share of the force that it carries
     * @param designFactor breaking over working strength; empty: the table's
     */
    public record Part(
            String name,
            Kind kind,
            Carries load,
            Optional<Double> mbsN,
            Optional<Double> wllN,
            Termination termination,
            Hitch hitch,
            double legAngleDeg,
            double wear,
            double share,
            Optional<Double> designFactor) {}

    /** @param util load over limit */
    public record Row(String name, double limitN, double loadN, double util) {}

    /** Forces of the chain, N; what is empty is taken from the line's. */
    public record Forces(double lineN, Optional<Double> brakeN, Optional<Double> anchorN) {
        private double of(Carries c) {
            return switch (c) {
                case LINE -> lineN;
                case BRAKE -> brakeN.orElse(lineN);
                case ANCHOR -> anchorN.orElse(2 * lineN);
            };
        }
    }

    /** @throws RefusedInput {@code MISSING} for a part of no known strength */
    public static WeakestLink of(Forces forces, Basis basis, List<Part> parts) {
        Remarks remarks = new Remarks();
        for (int i = 0; i < parts.size(); i++) {
            if (parts.get(i).mbsN.isEmpty() && parts.get(i).wllN.isEmpty()) {
                throw new RefusedInput(Refusal.NEEDED, "parts[" + i + "].mbs_n");
            }
        }
        List<Row> rows = parts.stream()
                .map(p -> row(p, forces, basis, remarks))
                .sorted(Comparator.comparingDouble(Row::util).reversed().thenComparing(Row::name))
                .toList();
        double util = rows.get(0).util;
        return new WeakestLink(rows, Optional.of(1 / util).filter(s -> util > 0), remarks.told());
    }

    private static Row row(Part p, Forces forces, Basis basis, Remarks remarks) {
        double keeps = p.kind.textile ? p.termination.keeps : 1;
        double round =
                switch (p.hitch) {
                    case STRAIGHT -> 1;
                    case CHOKER -> 0.80;
                    case BASKET -> 2 * Math.cos(Math.toRadians(p.legAngleDeg));
                };
        double usual = p.kind.factor(basis);
        double limit =
                p.wllN.orElseGet(() -> p.mbsN.orElseThrow() / p.designFactor.orElse(usual)) * keeps * round * p.wear;
        double load = forces.of(p.load) * p.share;
        double util = load / limit;
        remarks.when(util > OVER, Remark.LINK_OVER_LIMIT, p.name)
                .when(util > NEAR && util <= OVER, Remark.LINK_NEAR_LIMIT, p.name)
                .when(p.wear < WORN, Remark.WORN, p.name)
                .when(
                        p.wllN.isEmpty()
                                && p.designFactor.filter(f -> f < usual).isPresent(),
                        Remark.LOW_DESIGN_FACTOR,
                        p.name);
        return new Row(p.name, limit, load, util);
    }

    public Row weakest() {
        return rows.get(0);
    }

    /** @return a choice as the open interface writes it */
    public static String key(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT);
    }
}
