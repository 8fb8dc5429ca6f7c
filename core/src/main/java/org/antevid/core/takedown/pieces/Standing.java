package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.stem.PieceMass;
import org.antevid.core.takedown.spar.Point;

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

    Standing(CutFigure figure) {
        this.figure = figure;
        this.topM = figure.heightM();
        figure.limbs().forEach(l -> limbsM.put(l.id(), l.lengthM()));
    }

    private Standing(Standing other) {
        this.figure = other.figure;
        this.topM = other.topM;
        this.limbsM.putAll(other.limbsM);
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
        return beyond(figure.footM());
    }

    /**
     * @param cut index of the cut, named in what is refused
     * @throws RefusedInput {@code NOTHING_LEFT_THERE} for a cut through what has gone, {@code NOT_ON_FIGURE}
     */
    Body take(Cut c, int cut) {
        if (c.limb().isPresent()) {
            String id = c.limb().get();
            Limb l = figure.limb(id)
                    .orElseThrow(() -> new RefusedInput(Refusal.NOT_ON_FIGURE, "cuts[" + cut + "].limb"));
            double end = limbM(id).orElse(0.0);
            if (c.atM() > end - LEAST_M) {
                throw new RefusedInput(Refusal.NOTHING_LEFT_THERE, "cuts[" + cut + "].atM");
            }
            Body piece = limb(figure, l, c.atM(), end);
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
        Body piece = beyond(c.atM());
        figure.limbs().stream().filter(l -> l.atM() >= c.atM()).forEach(l -> limbsM.remove(l.id()));
        topM = c.atM();
        return piece;
    }

    /** @return what would go with a cut through the stem there */
    private Body beyond(double fromM) {
        List<Body.Part> parts = new ArrayList<>();
        for (double z = fromM; z < topM - 1e-9; z += STEP_M) {
            parts.addAll(stem(z, Math.min(topM, z + STEP_M)));
        }
        Body body = new Body(parts, List.of(figure.axis(fromM), figure.axis(topM)));
        for (Limb l : figure.limbs()) {
            Optional<Double> left = limbM(l.id());
            if (l.atM() >= fromM && left.isPresent()) {
                body = body.and(limb(figure, l, 0, left.get()));
            }
        }
        return body;
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
