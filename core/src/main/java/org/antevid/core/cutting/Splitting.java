package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Sweep;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stump.BackCut;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.SplitRisk;

/**
 * Whether the stem splits up while it is cut this way, and what would change it. Index of practice and energy of
 * mechanics, the worse decides.
 *
 * @param changes what the same sum says with one thing done otherwise
 * @param likely which wood and condition make it likely here
 */
public record Splitting(SplitRisk risk, double forwardNm, List<Change> changes, List<String> likely) {
    private static final double DEEPER = 0.08;

    /** @param level empty where no sum answers for it */
    public record Change(String words, Optional<SplitRisk.Level> level) {}

    public Splitting {
        changes = List.copyOf(changes);
        likely = List.copyOf(likely);
    }

    /**
     * @param forwardNm lean, wind and pull together, N m
     * @param pullNm the part of it that a line puts on
     */
    static Splitting of(LayPlan p, Sweep.Row row, BackCut back, double forwardNm, double pullNm) {
        CutCard c = p.card();
        Sweep.Weakness weak = Sweep.Weakness.of(p.stem());
        double lean = Math.max(-45, Math.min(60, p.control().forwardLeanDeg()));
        SplitRisk.Opening opening =
                back.bored() && c.borePossible() ? SplitRisk.Opening.BORE_STRAP : SplitRisk.Opening.BACK_CUT;
        SplitRisk.Cut cut = new SplitRisk.Cut(
                p.stem().species(),
                row.wood(),
                p.choice().school(),
                opening,
                c.dLayM(),
                c.dAcrossM(),
                c.depthM(),
                c.hingeThickM(),
                forwardNm,
                lean,
                Optional.of(p.mass().massKg() * StemMass.G * p.mass().cgM()),
                weak.seamOrFork(),
                weak.underTension());
        SplitRisk risk = SplitRisk.of(cut);
        List<Change> changes = new ArrayList<>();
        if (opening == SplitRisk.Opening.BACK_CUT && c.borePossible()) {
            changes.add(new Change("bore and leave a strap", Optional.of(risk.bore())));
        }
        if (opening == SplitRisk.Opening.BORE_STRAP) {
            changes.add(new Change("with a straight back cut instead", Optional.of(risk.backCut())));
        }
        double deeper = c.depthM() + DEEPER * c.dLayM();
        if (deeper + c.hingeThickM() < 0.6 * c.dLayM()) {
            changes.add(new Change(
                    String.format(java.util.Locale.ROOT, "a face %.0f mm deep", 1000 * deeper),
                    Optional.of(SplitRisk.of(with(cut, deeper, forwardNm, lean)).result())));
        }
        if (pullNm > 0) {
            changes.add(new Change(
                    "no more than the pretension before the release",
                    Optional.of(SplitRisk.of(with(cut, c.depthM(), forwardNm - pullNm, lean))
                            .result())));
        }
        if (lean > 1) {
            double turned = Math.cos(Math.toRadians(45));
            changes.add(new Change(
                    "a lay 45 degrees off the lean",
                    Optional.of(SplitRisk.of(with(cut, c.depthM(), forwardNm * turned, lean * turned))
                            .result())));
        }
        if (risk.result() != SplitRisk.Level.LOW) {
            changes.add(new Change("bind the stem above the cut; no sum answers for that", Optional.empty()));
        }
        return new Splitting(risk, forwardNm, changes, likely(p, row.wood(), weak));
    }

    /** @return how readily it splits with another moment toward the lay, N m */
    static SplitRisk.Level level(LayPlan p, Sweep.Row row, BackCut back, double forwardNm) {
        return of(p, row, back, forwardNm, 0).risk.result();
    }

    private static SplitRisk.Cut with(SplitRisk.Cut c, double depthM, double forwardNm, double leanDeg) {
        return new SplitRisk.Cut(
                c.species(),
                c.wood(),
                c.school(),
                c.opening(),
                c.dLayM(),
                c.dAcrossM(),
                depthM,
                c.hingeThickM(),
                forwardNm,
                leanDeg,
                c.weightMomentNm(),
                c.seamOrFork(),
                c.underTension());
    }

    private static List<String> likely(LayPlan p, Condition wood, Sweep.Weakness weak) {
        List<String> why = new ArrayList<>();
        switch (p.stem().species().split()) {
            case HIGH -> why.add(p.stem().species().commonName() + " splits readily");
            case MODERATE -> why.add(p.stem().species().commonName() + " splits now and then");
            case LOW -> {}
        }
        if (wood == Condition.FROZEN || wood == Condition.DEAD_RECENT || wood == Condition.DEAD_OLD) {
            why.add(wood.key().replace('_', ' ') + " wood is brittle");
        }
        if (weak.seamOrFork()) {
            why.add("a seam, crack or fork runs in it");
        }
        if (weak.underTension()) {
            why.add("it is bent or held at the top");
        }
        return why;
    }
}
