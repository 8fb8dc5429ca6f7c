package org.antevid.core.lay.rehearsal;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.spread.ReleaseDrift;
import org.antevid.core.lay.sweep.Arcs;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.lay.sweep.LyingTree;
import org.antevid.core.lay.sweep.StruckTarget;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Mulberry;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.retreat.FallTime;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.Tipping;

/**
 * Many seeded falls of one plan: where the tip comes down, how often each target is struck, how often the lay is lost.
 * What-if switches show what the plan's margin is worth. A rehearsal is no forecast: it draws from the same model that
 * made the plan, and what the model leaves out it does not play (thrown wood, springing limbs, a butt that jumps off
 * the stump). Source: mechanics and normal spread.
 *
 * @param byDegree landings for each whole degree, 360 numbers
 * @param tips of the first falls, for a picture; metres
 * @param lost falls in which control was lost altogether
 * @param struck falls that struck each target, by id
 * @param within95Deg half of the spread that holds 95 in 100 falls, about the lay
 * @param motion rotation from plumb in degrees every tenth of a second, for playing it
 */
public record Rehearsal(
        int falls,
        int seed,
        List<Integer> byDegree,
        List<Spot> tips,
        int lost,
        Map<String, Integer> struck,
        double within95Deg,
        List<Double> motion) {
    public static final int MOST_FALLS = 20_000;
    public static final double MOTION_STEP_S = 0.1;
    private static final int PICTURED = 400;
    private static final int TABLE = 21;
    /** Share of the hinge's length gone when one corner is rotten (judgement). */
    private static final double ROTTEN_SHARE = 1.0 / 3;

    /** Corner of the hinge that turns out rotten. */
    public enum Corner {
        NONE,
        LEFT,
        RIGHT
    }

    /**
     * What goes otherwise than planned.
     *
     * @param gustMs gust at crown height from a side nobody chose, 0..30
     * @param releaseDeg tree angle at which the hinge is lost; empty: it holds as planned
     * @param offM the notch is off by this much at one end, 0..0.3
     */
    public record WhatIf(double gustMs, Optional<Double> releaseDeg, Corner rotten, double offM) {
        public static final WhatIf AS_PLANNED = new WhatIf(0, Optional.empty(), Corner.NONE, 0);

        public WhatIf {
            Require.within(gustMs, 0, 30, "gustMs");
            releaseDeg.ifPresent(d -> Require.within(d, 1, 90, "releaseDeg"));
            Require.within(offM, 0, 0.3, "offM");
        }
    }

    /**
     * @param falls 1..20000
     * @throws RefusedInput {@code NOT_KNOWN} while the lean is not known: there is nothing to draw from
     */
    public static Rehearsal of(LayPlan p, WhatIf w, int falls, int seed) {
        Require.within(falls, 1, MOST_FALLS, "falls");
        JudgedLay row = p.judged()
                .orElseThrow(() ->
                        new RefusedInput(Refusal.LEAN_TO_REHEARSE, p.stem().label()));
        Mulberry draws = new Mulberry(seed);
        Lean lean = p.stem().lean().orElseThrow();
        double lay = p.choice().layDeg();
        double length =
                Math.max(1, p.stem().height().orElseThrow().value() - p.choice().cutHeightM());
        double hingeM = row.cuts().card().hingeLengthM() * (w.rotten == Corner.NONE ? 1 : 1 - ROTTEN_SHARE);
        double capacity = row.control().hold().capacityNm()
                * Math.pow(hingeM / row.cuts().card().hingeLengthM(), 2);
        double turnPerUse = Math.toDegrees(row.cuts().card().hingeThickM() / hingeM);
        double wind = Tipping.windNm(p.stem(), p.choice().cutHeightM(), w.gustMs);
        double pivotM = w.rotten == Corner.NONE
                ? 0
                : (w.rotten == Corner.LEFT ? 1 : -1) * (row.cuts().card().hingeLengthM() - hingeM) / 2;
        double weightN = p.mass().massHighKg() * StemMass.G;
        double tip = lean.offsetM(length, lay + 90);
        double sigmaTip = lean.sigmaOffsetM(length);
        double[] extra = w.releaseDeg
                .map(r -> early(length, p.mass().k2s2(), lean.deg(), r, tip, sigmaTip))
                .orElse(new double[0]);
        double sawyer = row.control().spread().sawyerDeg();
        double lostChance =
                p.choice().before().losses().chance(p.stem().corners(lay).worse());
        boolean means = p.control().proven() || row.back().enough();
        List<StruckTarget> targets = row.strikes();
        Map<String, Arcs> covering = new LinkedHashMap<>();
        LyingTree body = new LyingTree(
                length,
                Math.min(length, p.stem().more().crownBaseM().orElse(0.25 * length)),
                p.mass().dCutM() / 2 + 0.3,
                Math.max(
                        p.mass().dCutM() / 2 + 0.3,
                        1.15 * p.stem().crownRadiusM().orElseThrow()));
        p.targets().stream()
                .filter(t ->
                        targets.stream().anyMatch(k -> k.id().equals(t.feature().id())))
                .forEach(t -> covering.put(
                        t.feature().id(),
                        body.covering(t.feature().shape(), p.stem().at())));
        int[] byDegree = new int[360];
        double[] off = new double[falls];
        List<Spot> tips = new ArrayList<>();
        Map<String, Integer> struck = new LinkedHashMap<>();
        covering.keySet().forEach(id -> struck.put(id, 0));
        int lost = 0;
        for (int i = 0; i < falls; i++) {
            double drawnTip = tip + sigmaTip * draws.normal();
            double gust = wind * Math.cos(2 * Math.PI * draws.next());
            double moment = row.lean().sideNm() * (sigmaTip > 0 && Math.abs(tip) > 1e-9 ? drawnTip / tip : 1)
                    + gust
                    - weightN * pivotM;
            double use = capacity > 0 ? moment / capacity : 99;
            double aim = sawyer * draws.normal()
                    + (w.offM > 0 ? Math.toDegrees(Math.atan(w.offM / hingeM)) * (draws.next() < 0.5 ? -1 : 1) : 0);
            boolean gone = draws.next() < lostChance || Math.abs(use) >= 1 || !means && draws.next() < 0.5;
            double anyway = 360 * draws.next();
            double azimuth;
            if (gone) {
                lost++;
                azimuth = anyway;
            } else {
                double geometry = Math.toDegrees(Math.asin(Math.max(-1, Math.min(1, drawnTip / length))));
                azimuth = lay
                        + geometry
                        + use * turnPerUse
                        + aim
                        + (extra.length == 0 ? 0 : looked(extra, tip, sigmaTip, drawnTip));
            }
            off[i] = Math.abs(Azimuth.turn(lay, azimuth));
            double at = Azimuth.normal(azimuth);
            byDegree[(int) at % 360]++;
            if (i < PICTURED) {
                tips.add(p.stem().at().at(at, length + p.stem().height().get().sigma() * draws.normal()));
            }
            covering.forEach((id, arcs) -> {
                if (arcs.holds(at)) {
                    struck.merge(id, 1, Integer::sum);
                }
            });
        }
        java.util.Arrays.sort(off);
        double start = Math.max(1, Math.min(60, row.lean().deg()));
        List<Double> motion = FallTime.motion(
                FallTime.Fall.fastest(
                        p.mass(),
                        Math.max(start, Math.min(60, p.fallTime().startUsedDeg())),
                        p.zone().slopeAlongDeg(),
                        p.zone().lengthM(),
                        Optional.empty()),
                MOTION_STEP_S);
        return new Rehearsal(
                falls,
                seed,
                java.util.Arrays.stream(byDegree).boxed().toList(),
                List.copyOf(tips),
                lost,
                java.util.Collections.unmodifiableMap(struck),
                off[(int) Math.min(falls - 1, Math.ceil(0.95 * falls) - 1)],
                List.copyOf(motion));
    }

    /** Extra turn by an early release over the range of tip offsets that are drawn. */
    private static double[] early(
            double length, double k2, double leanDeg, double releaseDeg, double tip, double sigma) {
        double[] table = new double[TABLE];
        for (int i = 0; i < TABLE; i++) {
            double side =
                    Math.max(-0.49 * length, Math.min(0.49 * length, tip + sigma * 4 * (2.0 * i / (TABLE - 1) - 1)));
            table[i] = ReleaseDrift.of(
                            length, k2, Math.max(0.5, Math.min(releaseDeg, Math.min(60, leanDeg))), releaseDeg, side)
                    .extraDeg();
        }
        return table;
    }

    private static double looked(double[] table, double tip, double sigma, double drawn) {
        double at = sigma > 0 ? ((drawn - tip) / (4 * sigma) + 1) / 2 * (TABLE - 1) : (TABLE - 1) / 2.0;
        double held = Math.max(0, Math.min(TABLE - 1 - 1e-9, at));
        int i = (int) held;
        return table[i] + (held - i) * (table[i + 1] - table[i]);
    }
}
