package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntFunction;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.PieceMass;
import org.antevid.core.takedown.spar.Point;
import org.jspecify.annotations.Nullable;

/** What still stands of a tree while it is taken down. A piece is all that is beyond its cut: nothing is cut twice. */
final class Standing {
    /** What is shorter is no piece, metres. */
    private static final double LEAST_M = 0.05;

    /** Thinnest end that is reckoned. */
    private static final double THIN_M = 0.02;

    /** The stem is weighed in steps of this, so that each section knows what is above it. */
    private static final double STEP_M = 1;

    private final CutFigure figure;
    private double topM;
    private final Map<String, Double> limbsM = new HashMap<>();

    /** What was weighed already: each limb as far as it stands, each step of the stem, all of it. */
    private final Map<String, Body> limbs = new HashMap<>();

    private final Map<Integer, List<Body.Part>> steps = new HashMap<>();
    private @Nullable Body whole;

    Standing(CutFigure figure) {
        this.figure = figure;
        this.topM = figure.heightM();
        figure.limbs().forEach(l -> limbsM.put(l.id(), l.lengthM()));
    }

    private Standing(Standing other) {
        this.figure = other.figure;
        this.topM = other.topM;
        this.limbsM.putAll(other.limbsM);
        this.limbs.putAll(other.limbs);
        this.steps.putAll(other.steps);
        this.whole = other.whole;
    }

    Standing copy() {
        return new Standing(this);
    }

    double topM() {
        return topM;
    }

    Optional<Double> limbM(String id) {
        return Optional.ofNullable(limbsM.get(id));
    }

    /** @return all that stands */
    Body all() {
        Body all = whole;
        if (all == null) {
            all = beyond(figure.footM(), this::step);
            whole = all;
        }
        return all;
    }

    /**
     * @param cut index of the cut, named in what is refused
     * @throws RefusedInput {@code NOTHING_LEFT_THERE} for a cut through what has gone, {@code NOT_ON_FIGURE}
     */
    Body take(Cut c, int cut) {
        whole = null;
        if (c.limb().isPresent()) {
            String id = c.limb().get();
            Limb l = figure.limb(id)
                    .orElseThrow(() -> new RefusedInput(Refusal.NOT_ON_FIGURE, "cuts[" + cut + "].limb"));
            double end = limbM(id).orElse(0.0);
            if (c.atM() > end - LEAST_M) {
                throw new RefusedInput(Refusal.NOTHING_LEFT_THERE, "cuts[" + cut + "].atM");
            }
            Body piece = limb(figure, l, c.atM(), end);
            limbs.remove(id);
            if (c.atM() < LEAST_M) {
                limbsM.remove(id);
            } else {
                limbsM.put(id, c.atM());
            }
            return piece;
        }
        if (c.atM() > topM - LEAST_M || c.atM() < figure.footM() - 1e-9) {
            throw new RefusedInput(Refusal.NOTHING_LEFT_THERE, "cuts[" + cut + "].atM");
        }
        Body piece = beyond(c.atM(), n -> stem(c.atM() + n * STEP_M, Math.min(topM, c.atM() + (n + 1) * STEP_M)));
        figure.limbs().stream().filter(l -> l.atM() >= c.atM()).forEach(l -> limbsM.remove(l.id()));
        topM = c.atM();
        // the step that is cut through is shorter from now on
        steps.keySet().removeIf(n -> figure.footM() + (n + 1) * STEP_M > topM);
        return piece;
    }

    /**
     * @param step of the stem, counted from there
     * @return what would go with a cut through the stem there
     */
    private Body beyond(double fromM, IntFunction<List<Body.Part>> step) {
        List<Body.Part> parts = new ArrayList<>();
        for (int n = 0; fromM + n * STEP_M < topM - 1e-9; n++) {
            parts.addAll(step.apply(n));
        }
        List<Point> ends = new ArrayList<>(List.of(figure.axis(fromM), figure.axis(topM)));
        for (Limb l : figure.limbs()) {
            Double left = limbsM.get(l.id());
            if (l.atM() >= fromM && left != null) {
                Body limb = limbs.computeIfAbsent(l.id(), id -> limb(figure, l, 0, left));
                parts.addAll(limb.parts());
                ends.addAll(limb.ends());
            }
        }
        return new Body(parts, ends);
    }

    private List<Body.Part> step(int n) {
        double fromM = figure.footM() + n * STEP_M;
        return steps.computeIfAbsent(n, i -> stem(fromM, Math.min(topM, fromM + STEP_M)));
    }

    private List<Body.Part> stem(double fromM, double toM) {
        double thick = Math.max(THIN_M, figure.stemDiameterM(fromM));
        double thin = Math.max(THIN_M, figure.stemDiameterM(toM));
        PieceMass dry = PieceMass.of(new PieceMass.Piece(
                thick,
                thin,
                toM - fromM,
                Optional.empty(),
                Optional.of(PieceMass.Method.FRUSTUM),
                figure.density(),
                0,
                0,
                0,
                0,
                Math.hypot(PieceMass.U_DIAMETER_M, figure.sigmaDbhM()),
                0));
        List<Body.Part> parts = new ArrayList<>();
        parts.add(carrying(dry, figure.carried().stemRel(), figure.axis(fromM + dry.cgFromThickEndM())));
        double crown = Math.max(0, toM - Math.max(fromM, figure.crownBaseM()));
        double share = crown / Math.max(LEAST_M, figure.heightM() - figure.crownBaseM());
        if (share > 0 && figure.undrawnHighKg() > 0) {
            parts.add(new Body.Part(
                    share * figure.undrawnKg(),
                    share * figure.undrawnHighKg(),
                    0,
                    figure.axis(Math.max(fromM, figure.crownBaseM()) + crown / 2)));
        }
        return parts;
    }

    static Body limb(CutFigure figure, Limb l, double fromM, double toM) {
        PieceMass dry = PieceMass.of(new PieceMass.Piece(
                l.diameterM(fromM),
                l.diameterM(toM),
                toM - fromM,
                Optional.empty(),
                Optional.of(PieceMass.Method.FRUSTUM),
                figure.density(),
                0,
                figure.twigsRel(),
                0,
                0,
                PieceMass.U_DIAMETER_M,
                PieceMass.U_LENGTH_M));
        Point base = figure.axis(l.atM());
        double more = figure.carried().limbRel() / (1 + figure.twigsRel());
        return new Body(
                List.of(carrying(dry, more, base.plus(l.offset(fromM + dry.cgFromThickEndM())))),
                List.of(base.plus(l.offset(fromM)), base.plus(l.offset(toM))));
    }

    /** Heavier by what lies on it; its light end is without, that may have fallen off. */
    private static Body.Part carrying(PieceMass dry, double moreRel, Point at) {
        double more = 1 + moreRel;
        return new Body.Part(dry.massKg() * more, dry.massHighKg() * more, dry.massLowKg(), at);
    }
}
