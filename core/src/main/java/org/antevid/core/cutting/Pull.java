package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.assist.Kit;
import org.antevid.core.assist.PullLine;
import org.antevid.core.assist.Rig;
import org.antevid.core.assist.Travel;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.sweep.JudgedLay;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.run.watch.LineLimits;
import org.antevid.core.site.Site;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.Tipping;

/**
 * One line on this stem: what it takes in still air and at the job's wind limit, whether winch or people give it,
 * whether every piece of kit bears it, how far it is hauled, and how it is pretensioned. People and winch are judged in
 * still air, as wedges are, and what the wind that is there now asks is said beside; the kit by the pull at the gust at
 * which work on this stem stops. The anchor is as high as the ground there.
 *
 * @param still in still air, as the dial and the lay have it
 * @param now with the wind against it that is there now, the work limit where nobody reads it
 * @param atLimit with the wind against it at the limit at which work stops
 * @param availableN tension the pull gives; empty while it is not known
 * @param pretensionN before the release
 */
public record Pull(
        Means means,
        PullLine still,
        PullLine now,
        double nowMs,
        PullLine atLimit,
        double gustMs,
        Optional<Double> availableN,
        double pretensionN,
        Travel travel,
        List<Check> checks) {

    /** One thing that must bear the pull. Empty {@code ok}: not known, which is not fine. */
    public record Check(Piece piece, Message says, Optional<Boolean> ok) {
        /**
         * @return whether it is looked at again before it stops anything: an old rope, a stem that bends, a wind that
         *     is there now
         */
        public boolean lookAgain() {
            return ok.filter(o -> !o).isPresent() && piece.lookedAt();
        }
    }

    /** What is looked at of a line. */
    public enum Piece {
        PULL,
        /** Enough but for the wind that is there now. */
        LULL,
        ROPE,
        AGE,
        SLING,
        BLOCK,
        ANCHOR,
        TOP,
        FORK,
        STEEP,
        LOW,
        STEM,
        BENDS;

        /** @return as the keys of findings and the interface have it */
        public String key() {
            return name().toLowerCase(Locale.ROOT);
        }

        private boolean lookedAt() {
            return this == AGE || this == BENDS || this == LULL;
        }
    }

    public Pull {
        checks = List.copyOf(checks);
    }

    /** @throws RefusedInput when the line cannot be computed, saying why */
    static Pull of(LayPlan p, JudgedLay row, Means means, double gustMs, double windNm, Site site) {
        Means aimed = means.aimed(p.stem().at(), p.choice().layDeg(), p.choice().cutHeightM(), site);
        StemMass mass = p.mass();
        double weight = mass.massHighKg() * StemMass.G;
        double offset = p.card().hingeOffsetM();
        double back = row.back().highNm() / weight - offset;
        double rope = aimed.ropeHeightM().orElseThrow();
        double hold = row.control().hold().forwardHoldNm();
        double height = p.stem().height().orElseThrow().value();
        Rig rig = aimed.rig();
        Optional<Double> winch = aimed.kind() == Means.Kind.MACHINE_LINE ? aimed.pullN() : Optional.empty();
        PullLine.Rigging rigged = new PullLine.Rigging(
                rig.tie() == Rig.Tie.BASKET,
                rig.legAngleDeg(),
                aimed.redirectDeg(p.stem().at()).map(a -> Math.min(175, a)),
                rig.block().map(Kit.Block::efficiency).orElse(0.9),
                rig.parts(),
                rig.partEfficiency(),
                PullLine.PERSON_N,
                winch,
                rig.rope().map(Kit.Rope::mbsN),
                Kit.KNOT,
                Kit.ROPE_FACTOR,
                Optional.empty(),
                PullLine.RESERVE);
        Optional<PullLine.Beam> beam = Optional.of(new PullLine.Beam(
                mass.dCutM(),
                p.stem().shape(),
                p.stem().greenWood().holdsMPa(),
                p.stem().wood().outer()));
        PullLine still = PullLine.of(geometry(mass, back, offset, 0, hold, rope, height, aimed), rigged, beam);
        double nowMs = site.today().judgedGustMs();
        PullLine now = PullLine.of(
                geometry(
                        mass,
                        back,
                        offset,
                        Tipping.windNm(p.stem(), p.choice().cutHeightM(), nowMs),
                        hold,
                        rope,
                        height,
                        aimed),
                rigged,
                beam);
        PullLine kit = PullLine.of(
                geometry(
                        mass,
                        back,
                        offset,
                        Tipping.windNm(
                                p.stem(),
                                p.choice().cutHeightM(),
                                Math.min(gustMs, Math.max(nowMs, p.gustLimitMs(gustMs)))),
                        hold,
                        rope,
                        height,
                        aimed),
                rigged,
                beam);
        PullLine limit = PullLine.of(geometry(mass, back, offset, windNm, hold, rope, height, aimed), rigged, beam);
        Travel travel = Travel.of(
                Math.max(0, back + offset),
                mass.cgM(),
                hold,
                weight,
                rope,
                offset + back * rope / mass.cgM(),
                aimed.anchorDistM().orElseThrow(),
                aimed.dropM(),
                rig.parts());
        double pretension = rig.pretensionN().orElse(Rig.PRETENSION_SHARE * still.tensionN());
        return new Pull(
                aimed,
                still,
                now,
                nowMs,
                limit,
                gustMs,
                aimed.tensionN(),
                pretension,
                travel,
                checks(p, aimed, now, still, kit));
    }

    /** @return what an instrument in the line is held against */
    public LineLimits limits() {
        return new LineLimits(pretensionN, atLimit.tensionN(), mostN());
    }

    /**
     * @return tension in the line at which its weakest chosen piece carries what it may, N; where no rope was chosen at
     *     most the pull at the work limit: knowing less allows no more
     */
    private double mostN() {
        Rig rig = means.rig();
        Optional<Double> redirected = still.blockN().filter(n -> still.tensionN() > 0);
        double perNewton = redirected.map(n -> n / still.tensionN()).orElse(1.0);
        double passed =
                redirected.isPresent() ? rig.block().map(Kit.Block::efficiency).orElse(0.9) : 1;
        return Stream.of(
                        Optional.of(rig.ropeAllowsN(passed).orElse(atLimit.tensionN())),
                        rig.sling().map(s -> s.wllN() / perNewton),
                        redirected.flatMap(n -> rig.block()).map(b -> b.wllN() / perNewton))
                .flatMap(Optional::stream)
                .min(Double::compare)
                .orElseThrow();
    }

    private static PullLine.Geometry geometry(
            StemMass mass,
            double back,
            double offset,
            double windNm,
            double hold,
            double rope,
            double height,
            Means m) {
        return new PullLine.Geometry(
                mass.massHighKg(),
                back,
                offset,
                windNm,
                hold,
                mass.cgM(),
                rope,
                height,
                m.anchorDistM().orElseThrow(),
                m.dropM(),
                Math.max(-60, Math.min(60, m.offLayDeg())));
    }

    private static List<Check> checks(LayPlan p, Means m, PullLine now, PullLine still, PullLine line) {
        Rig rig = m.rig();
        boolean hand = m.kind() == Means.Kind.HAND_LINE;
        List<Check> all = new ArrayList<>();
        all.add(strength(m, still));
        lull(m, still, now).ifPresent(all::add);
        all.add(rope(rig, line));
        rig.rope()
                .flatMap(r -> r.ageYears())
                .filter(a -> a > Kit.OLD_YEARS)
                .ifPresent(a -> all.add(new Check(
                        Piece.AGE,
                        Message.of(LineWords.OLD_ROPE).with("years", Arg.count(Math.round(a))),
                        Optional.of(false))));
        all.add(new Check(
                Piece.SLING,
                rig.sling()
                        .map(s -> bears(s.name(), s.wllN(), line.anchorN()))
                        .orElseGet(() -> gets(LineWords.NO_SLING, line.anchorN())),
                rig.sling().map(s -> s.wllN() >= line.anchorN())));
        line.blockN()
                .ifPresent(n -> all.add(new Check(
                        Piece.BLOCK,
                        rig.block().map(b -> bears(b.name(), b.wllN(), n)).orElseGet(() -> gets(LineWords.NO_BLOCK, n)),
                        rig.block().map(b -> b.wllN() >= n))));
        if (hand || m.puller().isPresent() || rig.anchor().isPresent()) {
            all.add(anchor(rig, line));
        }
        bending(line).ifPresent(all::add);
        all.addAll(tie(p, m));
        if (still.warnings().contains(PullLine.Warning.LINE_TOO_STEEP)
                || still.warnings().contains(PullLine.Warning.LINE_STEEP)) {
            all.add(new Check(
                    Piece.STEEP,
                    Message.of(LineWords.STEEP).with("angle", Arg.up(Dimension.SECTOR, still.ropeAngleDeg())),
                    Optional.of(!still.warnings().contains(PullLine.Warning.LINE_TOO_STEEP))));
        }
        if (still.warnings().contains(PullLine.Warning.ROPE_BELOW_CG)) {
            all.add(new Check(Piece.LOW, Message.of(LineWords.TIED_LOW), Optional.of(true)));
        }
        return all;
    }

    private static Check strength(Means m, PullLine still) {
        Rig rig = m.rig();
        Optional<Arg> parts = Optional.of(rig.parts()).filter(n -> n > 1).map(Arg::count);
        Message says = Message.of(
                        m.kind() == Means.Kind.HAND_LINE
                                ? LineWords.PEOPLE_PULL
                                : m.pullN().isPresent() ? LineWords.WINCH_PULLS : LineWords.WINCH_NOT_KNOWN)
                .with("parts", parts)
                .with("gain", Arg.figure(Rounding.down(rig.advantage(), 2)));
        if (m.kind() == Means.Kind.HAND_LINE) {
            return new Check(
                    Piece.PULL,
                    says.with("people", Arg.count(rig.people()))
                            .with("each", Arg.up(Dimension.PULL, still.handN() / rig.people()))
                            .with("steady", Arg.of(Dimension.PULL, PullLine.PERSON_N)),
                    Optional.of(still.handN() <= rig.people() * PullLine.PERSON_N + 1e-9));
        }
        return new Check(
                Piece.PULL,
                says.with("has", m.pullN().map(n -> Arg.down(Dimension.PULL, n)))
                        .with("needs", Arg.up(Dimension.PULL, still.handN())),
                m.pullN().map(n -> n >= still.handN()));
    }

    /** Enough in still air, not in the wind that is there now. */
    private static Optional<Check> lull(Means m, PullLine still, PullLine now) {
        double there = m.kind() == Means.Kind.HAND_LINE
                ? m.rig().people() * PullLine.PERSON_N
                : m.pullN().orElse(Double.MAX_VALUE);
        return still.handN() <= there && now.handN() > there
                ? Optional.of(new Check(Piece.LULL, gets(LineWords.PULL_IN_A_LULL, now.handN()), Optional.of(false)))
                : Optional.empty();
    }

    private static Check rope(Rig rig, PullLine line) {
        return new Check(
                Piece.ROPE,
                rig.rope()
                        .map(r -> Message.of(LineWords.ROPE_BEARS)
                                .with("name", Arg.name(r.name()))
                                .with("bears", Arg.down(Dimension.PULL, r.workingN()))
                                .with("gets", Arg.up(Dimension.PULL, line.minMbsN() * Kit.KNOT / Kit.ROPE_FACTOR)))
                        .orElseGet(() ->
                                Message.of(LineWords.NO_ROPE).with("needs", Arg.up(Dimension.FORCE, line.minMbsN()))),
                line.wllUse().map(u -> u <= 1));
    }

    private static Check anchor(Rig rig, PullLine line) {
        return new Check(
                Piece.ANCHOR,
                rig.anchor()
                        .map(a -> gets(LineWords.ANCHOR_TREE, line.anchorN())
                                .with("diameter", Arg.of(Dimension.REACH, a.diameterM()))
                                .with("sling", Arg.of(Dimension.LENGTH, a.slingM()))
                                .with("share", Arg.up(Dimension.SHARE, a.stressShare(line.anchorN()))))
                        .orElseGet(() -> gets(LineWords.ANCHOR_NOT_MEASURED, line.anchorN())),
                rig.anchor().map(a -> a.bears(line.anchorN())));
    }

    /** How high it is tied, and whether it holds every stem of a weak fork. */
    private static List<Check> tie(LayPlan p, Means m) {
        double tiedM = m.ropeHeightM().orElseThrow();
        List<Check> all = new ArrayList<>();
        Means.highestTieM(p.stem(), p.choice().cutHeightM())
                .ifPresent(most -> all.add(new Check(
                        Piece.TOP,
                        Message.of(LineWords.TIED)
                                .with("at", Arg.of(Dimension.LENGTH, tiedM))
                                .with("most", Arg.down(Dimension.LENGTH, most)),
                        Optional.of(tiedM <= most + 1e-9))));
        forkM(p).filter(f -> tiedM + p.choice().cutHeightM() > f)
                .ifPresent(f -> all.add(new Check(
                        Piece.FORK,
                        Message.of(LineWords.WEAK_FORK).with("at", Arg.of(Dimension.LENGTH, f)),
                        Optional.of(m.rig().tie() == Rig.Tie.ROUND_ALL))));
        return all;
    }

    private static Message bears(String name, double bearsN, double getsN) {
        return Message.of(LineWords.BEARS)
                .with("name", Arg.name(name))
                .with("bears", Arg.down(Dimension.PULL, bearsN))
                .with("gets", Arg.up(Dimension.PULL, getsN));
    }

    private static Message gets(LineWords says, double newton) {
        return Message.of(says).with("gets", Arg.up(Dimension.PULL, newton));
    }

    /**
     * From three tenths of its strength a stem that is bent is looked at again, from half of it nothing is pulled
     * (judgement). Wood without strength bears no pull.
     */
    private static Optional<Check> bending(PullLine line) {
        if (line.stressShare().isEmpty()) {
            return line.warnings().contains(PullLine.Warning.STEM_MAY_BREAK)
                    ? Optional.of(new Check(Piece.STEM, Message.of(LineWords.NO_STRENGTH), Optional.of(false)))
                    : Optional.empty();
        }
        double share = line.stressShare().get();
        Message bends = Message.of(LineWords.BENDS_STEM)
                .with("share", Arg.up(Dimension.SHARE, Math.min(9.99, share)))
                .with("at", Arg.of(Dimension.LENGTH, line.stressAtM().orElse(0.0)));
        return Optional.of(
                share > LOOK_AGAIN && share <= BREAKS
                        ? new Check(Piece.BENDS, bends, Optional.of(false))
                        : new Check(Piece.STEM, bends, Optional.of(share <= LOOK_AGAIN)));
    }

    private static final double LOOK_AGAIN = 0.3;
    private static final double BREAKS = 0.5;

    /** @return height of a weak fork above ground */
    private static Optional<Double> forkM(LayPlan p) {
        return p.stem().defects().stream()
                .filter(d -> d.kind() == DefectKind.INCLUDED_BARK || d.kind() == DefectKind.SPLIT_UNION)
                .map(d -> d.fromM())
                .min(Double::compare);
    }

    /** @return whether the pull is there in still air and everything that is known bears it */
    public boolean enough() {
        return checks.stream()
                        .noneMatch(
                                c -> c.ok().filter(ok -> !ok).isPresent() && (!c.lookAgain() || c.piece() == Piece.AGE))
                && availableN.filter(n -> n >= still.tensionN()).isPresent();
    }
}
