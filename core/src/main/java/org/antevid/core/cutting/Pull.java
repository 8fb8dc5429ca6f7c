package org.antevid.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.antevid.core.assist.Kit;
import org.antevid.core.assist.PullLine;
import org.antevid.core.assist.Rig;
import org.antevid.core.assist.Travel;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.Means;
import org.antevid.core.lay.Sweep;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Rounding;
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
    public record Check(Piece piece, String words, Optional<Boolean> ok) {
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
    static Pull of(LayPlan p, Sweep.Row row, Means means, double gustMs, double windNm, Site site) {
        Means aimed = means.aimed(p.stem().at(), p.choice().layDeg(), p.choice().cutHeightM(), site);
        StemMass mass = p.mass();
        double weight = mass.massHighKg() * StemMass.G;
        double offset = p.card().hingeOffsetM();
        double back = row.backHighNm() / weight - offset;
        double rope = aimed.ropeHeightM().orElseThrow();
        double hold = row.hold().forwardHoldNm();
        double height = p.stem().height().orElseThrow().value();
        Rig rig = aimed.rig();
        Optional<Double> winch = aimed.kind() == Means.Kind.MACHINE_LINE ? aimed.pullN() : Optional.empty();
        PullLine.Rigged rigged = new PullLine.Rigged(
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
                p.stem().species().holdsMPa(),
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
        String gain = rig.parts() > 1
                ? String.format(Locale.ROOT, " by %d:1, %.2f in truth,", rig.parts(), Rounding.down(rig.advantage(), 2))
                : "";
        if (hand) {
            all.add(new Check(
                    Piece.PULL,
                    String.format(
                            Locale.ROOT,
                            "%d people%s need %s each, 0.25 kN is a steady pull",
                            rig.people(),
                            gain,
                            kilo(still.handN() / rig.people())),
                    Optional.of(still.handN() <= rig.people() * PullLine.PERSON_N + 1e-9)));
        } else {
            all.add(new Check(
                    Piece.PULL,
                    m.pullN()
                            .map(n -> String.format(
                                    Locale.ROOT,
                                    "the winch pulls %s%s it needs %s",
                                    down(n),
                                    gain.isEmpty() ? "," : gain,
                                    kilo(still.handN())))
                            .orElse("the winch's pull is not known"),
                    m.pullN().map(n -> n >= still.handN())));
        }
        double there = hand ? rig.people() * PullLine.PERSON_N : m.pullN().orElse(Double.MAX_VALUE);
        if (still.handN() <= there && now.handN() > there) {
            all.add(new Check(
                    Piece.LULL,
                    "in the wind as it is now it takes " + kilo(now.handN()) + ": pull in a lull",
                    Optional.of(false)));
        }
        all.add(new Check(
                Piece.ROPE,
                rig.rope()
                        .map(r -> String.format(
                                Locale.ROOT,
                                "%s: bears %s knotted, gets %s",
                                r.name(),
                                down(r.workingN()),
                                kilo(line.minMbsN() * Kit.KNOT / Kit.ROPE_FACTOR)))
                        .orElse("no rope chosen: it needs a breaking strength of "
                                + String.format(Locale.ROOT, "%.1f kN", Rounding.up(line.minMbsN() / 1000, 1))),
                line.wllUse().map(u -> u <= 1)));
        rig.rope()
                .flatMap(r -> r.ageYears())
                .filter(a -> a > Kit.OLD_YEARS)
                .ifPresent(a -> all.add(new Check(
                        Piece.AGE,
                        String.format(Locale.ROOT, "the rope is %.0f years old: the maker's life decides", a),
                        Optional.of(false))));
        all.add(new Check(
                Piece.SLING,
                rig.sling()
                        .map(s -> String.format(
                                Locale.ROOT, "%s: bears %s, gets %s", s.name(), down(s.wllN()), kilo(line.anchorN())))
                        .orElse("no sling chosen: it gets " + kilo(line.anchorN())),
                rig.sling().map(s -> s.wllN() >= line.anchorN())));
        line.blockN()
                .ifPresent(n -> all.add(new Check(
                        Piece.BLOCK,
                        rig.block()
                                .map(b -> String.format(
                                        Locale.ROOT, "%s: bears %s, gets %s", b.name(), down(b.wllN()), kilo(n)))
                                .orElse("no block chosen: it gets " + kilo(n)),
                        rig.block().map(b -> b.wllN() >= n))));
        boolean tree = hand || m.puller().isPresent() || rig.anchor().isPresent();
        if (tree) {
            all.add(new Check(
                    Piece.ANCHOR,
                    rig.anchor()
                            .map(a -> String.format(
                                    Locale.ROOT,
                                    "anchor tree %.0f cm, sling %.1f m up: gets %s, bends to %.0f %% of its strength",
                                    100 * a.diameterM(),
                                    a.slingM(),
                                    kilo(line.anchorN()),
                                    Math.ceil(100 * a.stressShare(line.anchorN()))))
                            .orElse("the anchor was not measured: it gets " + kilo(line.anchorN())),
                    rig.anchor().map(a -> a.bears(line.anchorN()))));
        }
        bending(line).ifPresent(all::add);
        Means.highestTieM(p.stem(), p.choice().cutHeightM())
                .ifPresent(most -> all.add(new Check(
                        Piece.TOP,
                        String.format(
                                Locale.ROOT,
                                "tied %.1f m above the cut, at most %.1f m",
                                m.ropeHeightM().orElseThrow(),
                                Math.floor(10 * most) / 10),
                        Optional.of(m.ropeHeightM().orElseThrow() <= most + 1e-9))));
        forkM(p).filter(f -> m.ropeHeightM().orElseThrow() + p.choice().cutHeightM() > f)
                .ifPresent(f -> all.add(new Check(
                        Piece.FORK,
                        String.format(
                                Locale.ROOT, "the fork at %.1f m is weak: the line must hold every stem of it", f),
                        Optional.of(rig.tie() == Rig.Tie.ROUND_ALL))));
        if (still.warnings().contains("LINE_TOO_STEEP") || still.warnings().contains("LINE_STEEP")) {
            all.add(new Check(
                    Piece.STEEP,
                    String.format(
                            Locale.ROOT,
                            "the line stands at %.0f degrees: it pulls down as much as over; farther out",
                            Math.ceil(still.ropeAngleDeg())),
                    Optional.of(!still.warnings().contains("LINE_TOO_STEEP"))));
        }
        if (still.warnings().contains("ROPE_BELOW_CG")) {
            all.add(new Check(
                    Piece.LOW,
                    "tied below the centre of gravity: the pull grows and the butt may kick",
                    Optional.of(true)));
        }
        return all;
    }

    /**
     * From three tenths of its strength a stem that is bent is looked at again, from half of it nothing is pulled
     * (judgement). Wood without strength bears no pull.
     */
    private static Optional<Check> bending(PullLine line) {
        if (line.stressShare().isEmpty()) {
            return line.warnings().contains("STEM_MAY_BREAK")
                    ? Optional.of(new Check(
                            Piece.STEM,
                            "the wood has no strength to be pulled by: the stem may break out",
                            Optional.of(false)))
                    : Optional.empty();
        }
        double share = line.stressShare().get();
        String words = String.format(
                Locale.ROOT,
                "the pull bends the stem to %.0f %% of its strength, most at %.1f m",
                Math.min(999, Math.ceil(100 * share)),
                line.stressAtM().orElse(0.0));
        return Optional.of(
                share > LOOK_AGAIN && share <= BREAKS
                        ? new Check(Piece.BENDS, words, Optional.of(false))
                        : new Check(Piece.STEM, words, Optional.of(share <= LOOK_AGAIN)));
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

    static String kilo(double newton) {
        return Rounding.pull(newton);
    }

    private static String down(double newton) {
        return Rounding.pullDown(newton);
    }
}
