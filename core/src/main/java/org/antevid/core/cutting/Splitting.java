package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.lay.sweep.Weakness;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Species;
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
public record Splitting(SplitRisk risk, double forwardNm, List<Change> changes, List<Message> likely) {
    private static final double DEEPER = 0.08;
    private static final double TURNED_DEG = 45;

    /** @param level empty where no sum answers for it */
    public record Change(Message says, Optional<SplitRisk.Level> level) {}

    public Splitting {
        changes = List.copyOf(changes);
        likely = List.copyOf(likely);
    }

    /**
     * @param forwardNm lean, wind and pull together, N m
     * @param pullNm the part of it that a line puts on
     */
    static Splitting of(LayPlan p, JudgedLay row, BackCut back, double forwardNm, double pullNm) {
        CutCard c = p.card();
        Weakness weak = Weakness.of(p.stem());
        double lean = Math.max(-45, Math.min(60, p.control().forwardLeanDeg()));
        SplitRisk.Opening opening =
                back.bored() && c.borePossible() ? SplitRisk.Opening.BORE_STRAP : SplitRisk.Opening.BACK_CUT;
        SplitRisk.Cut cut = new SplitRisk.Cut(
                p.stem().greenWood(),
                row.control().wood(),
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
            changes.add(new Change(Message.of(SplitWords.BORE), Optional.of(risk.bore())));
        }
        if (opening == SplitRisk.Opening.BORE_STRAP) {
            changes.add(new Change(Message.of(SplitWords.STRAIGHT), Optional.of(risk.backCut())));
        }
        double deeper = c.depthM() + DEEPER * c.dLayM();
        if (deeper + c.hingeThickM() < 0.6 * c.dLayM()) {
            changes.add(new Change(
                    Message.of(SplitWords.DEEPER_FACE).with("deep", Arg.of(Dimension.SHORT, deeper)),
                    Optional.of(SplitRisk.of(with(cut, deeper, forwardNm, lean)).result())));
        }
        if (pullNm > 0) {
            changes.add(new Change(
                    Message.of(SplitWords.ONLY_PRETENSION),
                    Optional.of(SplitRisk.of(with(cut, c.depthM(), forwardNm - pullNm, lean))
                            .result())));
        }
        if (lean > 1) {
            double turned = Math.cos(Math.toRadians(TURNED_DEG));
            changes.add(new Change(
                    Message.of(SplitWords.OFF_THE_LEAN).with("turn", Arg.of(Dimension.SECTOR, TURNED_DEG)),
                    Optional.of(SplitRisk.of(with(cut, c.depthM(), forwardNm * turned, lean * turned))
                            .result())));
        }
        if (risk.result() != SplitRisk.Level.LOW) {
            changes.add(new Change(Message.of(SplitWords.BIND), Optional.empty()));
        }
        return new Splitting(risk, forwardNm, changes, likely(p, row.control().wood(), weak));
    }

    /** @return how readily it splits with another moment toward the lay, N m */
    static SplitRisk.Level level(LayPlan p, JudgedLay row, BackCut back, double forwardNm) {
        return of(p, row, back, forwardNm, 0).risk.result();
    }

    private static SplitRisk.Cut with(SplitRisk.Cut c, double depthM, double forwardNm, double leanDeg) {
        return new SplitRisk.Cut(
                c.green(),
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

    private static List<Message> likely(LayPlan p, Condition wood, Weakness weak) {
        List<Message> why = new ArrayList<>();
        Species.SplitClass of = p.stem().greenWood().split();
        if (of != Species.SplitClass.LOW) {
            why.add(Message.of(
                            of == Species.SplitClass.HIGH ? SplitWords.SPLITS_READILY : SplitWords.SPLITS_NOW_AND_THEN)
                    .with("species", Arg.term(p.stem().species())));
        }
        if (wood == Condition.FROZEN || wood == Condition.DEAD_RECENT || wood == Condition.DEAD_OLD) {
            why.add(Message.of(SplitWords.BRITTLE).with("wood", Arg.term(wood)));
        }
        if (weak.seamOrFork()) {
            why.add(Message.of(SplitWords.SEAM));
        }
        if (weak.underTension()) {
            why.add(Message.of(SplitWords.HELD_AT_THE_TOP));
        }
        return why;
    }
}
