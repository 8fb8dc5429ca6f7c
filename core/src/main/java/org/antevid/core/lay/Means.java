package org.antevid.core.lay;

import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.core.assist.Kit;
import org.antevid.core.assist.Lever;
import org.antevid.core.assist.PullLine;
import org.antevid.core.assist.Rig;
import org.antevid.core.assist.Wedges;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.stump.CutCard;
import org.antevid.core.stump.HingeHold;

/**
 * What brings the stem over.
 *
 * @param ropeHeightM height of the line on the stem above the cut
 * @param anchorDistM stump to anchor or first block, horizontal
 * @param pullN rated pull of the winch; for a hand line the people's pull
 * @param stand where machine, anchor or first block stands, empty when only its distance is known: it then pulls along
 *     the lay
 * @param puller where the pull comes from when the line is redirected at {@code stand}
 * @param offLayDeg pull off the lay, right positive; 0 until {@link #aimed} has placed it
 * @param dropM anchor below the hinge; 0 until {@link #aimed} has placed it
 */
public record Means(
        Kind kind,
        Optional<Double> ropeHeightM,
        Optional<Double> anchorDistM,
        Optional<Double> pullN,
        Optional<Spot> stand,
        Optional<Spot> puller,
        double offLayDeg,
        double dropM,
        Rig rig) {
    /** One person pulls 250 N, at most four pull a hand line (practice rule). */
    public static final double HAND_LINE_MOST_N = PullLine.MOST_PEOPLE * PullLine.PERSON_N;
    /** Farther off the lay than this a line does not pull a stem over (practice rule). */
    private static final double MOST_OFF_LAY_DEG = 60;

    private static final double SHORTEST_LINE_M = 1;
    private static final double MOST_DROP_M = 100;
    /** Pull a block passes on where nobody chose one (typical). */
    private static final double USUAL_BLOCK = 0.9;

    public Means(Kind kind, Optional<Double> ropeHeightM, Optional<Double> anchorDistM, Optional<Double> pullN) {
        this(kind, ropeHeightM, anchorDistM, pullN, Optional.empty(), Optional.empty(), 0);
    }

    public Means(
            Kind kind,
            Optional<Double> ropeHeightM,
            Optional<Double> anchorDistM,
            Optional<Double> pullN,
            Optional<Spot> stand,
            Optional<Spot> puller,
            double offLayDeg) {
        this(kind, ropeHeightM, anchorDistM, pullN, stand, puller, offLayDeg, 0, Rig.PLAIN);
    }

    public Means(
            Kind kind,
            Optional<Double> ropeHeightM,
            Optional<Double> anchorDistM,
            Optional<Double> pullN,
            Optional<Spot> stand,
            Optional<Spot> puller,
            double offLayDeg,
            Rig rig) {
        this(kind, ropeHeightM, anchorDistM, pullN, stand, puller, offLayDeg, 0, rig);
    }

    /** Kinds of means, weakest first. */
    public enum Kind {
        NOTHING,
        LEVER,
        WEDGES,
        HAND_LINE,
        MACHINE_LINE;
    }

    public static Means of(Kind kind) {
        return new Means(kind, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * Moment the means can put against a backward moment of gravity, N m, reserve and the hinge's own hold taken off;
     * empty when not known because the line was not measured.
     *
     * @param leveredKg mass that goes with the moment where its angle counts: lift and the two degrees
     * @param backM effective offset of the centre of gravity behind the stem centre, metres
     * @param hinge what it takes to bend it
     */
    public Optional<Double> capacityNm(
            StemMass mass, double leveredKg, double backM, CutCard card, HingeHold hinge, Wedges.Set wedges) {
        return switch (kind) {
            case NOTHING -> Optional.of(0.0);
            case LEVER ->
                Optional.of(Lever.of(
                                leveredKg,
                                mass.cgM(),
                                card.behindHingeM(),
                                hinge.forwardHoldNm(),
                                hinge.bendPerRadNm(),
                                card.dLayM())
                        .capacityNm());
            case WEDGES ->
                Optional.of(Wedges.capacityNm(
                        leveredKg,
                        mass.cgM(),
                        card.behindHingeM(),
                        hinge.forwardHoldNm(),
                        hinge.bendPerRadNm(),
                        wedges));
            case HAND_LINE, MACHINE_LINE ->
                tensionN()
                        .flatMap(n -> armM(mass, backM, card.hingeOffsetM()).map(arm -> n * arm / PullLine.RESERVE))
                        .map(nm -> Math.max(0, nm - hinge.forwardHoldNm()));
        };
    }

    /**
     * @return tension the pull brings at the stem through hauling system and block, at most what the rope may carry;
     *     empty while the machine's pull is not known
     */
    public Optional<Double> tensionN() {
        return fullPullN()
                .map(n -> rig.ropeAllowsN(passed()).map(r -> Math.min(r, n)).orElse(n));
    }

    /**
     * @return the same without the rope's limit, because a rope holds more than it is allowed: what comes when somebody
     *     pulls all he can
     */
    public Optional<Double> fullPullN() {
        Optional<Double> pulled = kind == Kind.HAND_LINE
                ? Optional.of(Math.min(rig.people() * PullLine.PERSON_N, pullN.orElse(HAND_LINE_MOST_N)))
                : pullN;
        return pulled.map(n -> n * rig.advantage() * passed());
    }

    /** @return share of a pull that a redirect passes on, 1 without one */
    private double passed() {
        return puller.isEmpty() ? 1 : rig.block().map(Kit.Block::efficiency).orElse(USUAL_BLOCK);
    }

    /**
     * @return moment two driven wedges give over the back-cut length, N m, at most what two degrees of backward lean
     *     ask (practice rule)
     */
    public static double wedgesNm(double massKg, double cgM, double wedgeArmM) {
        return Math.min(
                2 * Wedges.FORCE_CAP_N * wedgeArmM / Wedges.SAFETY,
                massKg * StemMass.G * cgM * Math.tan(Math.toRadians(Wedges.MAX_BACK_DEG)));
    }

    /**
     * @return arm of the line about the hinge, metres, 0 for one that pulls down rather than over; empty while it is
     *     not measured
     */
    public Optional<Double> armM(StemMass mass, double backM, double hingeOffsetM) {
        if (!isLine() || ropeHeightM.isEmpty() || anchorDistM.isEmpty()) {
            return Optional.empty();
        }
        double h = ropeHeightM.get();
        double arm = PullLine.armM(h, anchorDistM.get(), dropM, hingeOffsetM + backM * h / mass.cgM(), offLayDeg);
        return Optional.of(arm < PullLine.LEAST_ARM_SHARE * h || Math.abs(offLayDeg) > MOST_OFF_LAY_DEG ? 0 : arm);
    }

    /**
     * @return the same means as it pulls a stem at {@code stump} along a lay, its anchor as high as the ground there
     */
    public Means aimed(Spot stump, double layDeg, double cutHeightM, Site site) {
        Optional<Spot> anchor = stand.or(() -> anchorDistM.map(d -> stump.at(layDeg, d)));
        // the sling's height where nobody measured it counts as none: a lower anchor has less arm
        double drop = anchor.map(a -> site.fallM(stump, a)
                        + cutHeightM
                        - rig.anchor().map(Rig.AnchorTree::slingM).orElse(0.0))
                .orElse(0.0);
        return new Means(
                kind,
                ropeHeightM,
                stand.map(s -> Math.max(SHORTEST_LINE_M, stump.distanceTo(s))).or(() -> anchorDistM),
                pullN,
                stand,
                puller,
                stand.map(s -> Azimuth.turn(layDeg, stump.bearingTo(s))).orElse(offLayDeg),
                Math.max(-MOST_DROP_M, Math.min(MOST_DROP_M, drop)),
                rig);
    }

    /** @return angle between the rope parts at the block, 0 when the rope returns; empty while it is not redirected */
    public Optional<Double> redirectDeg(Spot stump) {
        return stand.flatMap(
                block -> puller.map(p -> Math.abs(Azimuth.turn(block.bearingTo(stump), block.bearingTo(p)))));
    }

    /** @return where the pull comes from; empty for no line or one whose anchor is not known */
    public Optional<Spot> end(Spot stump, double layDeg) {
        return isLine() ? puller.or(() -> stand).or(() -> anchorDistM.map(d -> stump.at(layDeg, d))) : Optional.empty();
    }

    /**
     * @return the same anchored no nearer than now where somebody can stand in line with this lay, clear of buildings,
     *     water and whatever else bars a way; empty where there is no such ground within {@value #FARTHER_M} m more, or
     *     no distance
     */
    public Optional<Means> onFreeGround(Spot stump, double layDeg, Site site) {
        return anchorDistM.flatMap(d -> IntStream.rangeClosed(0, FARTHER_M)
                .mapToObj(i -> d + i)
                .filter(out -> site.features().stream()
                        .noneMatch(f -> f.kind().barsTheWay() && f.shape().distanceTo(stump.at(layDeg, out)) < STAND_M))
                .findFirst()
                .map(out ->
                        new Means(kind, ropeHeightM, Optional.of(out), pullN, stand, puller, offLayDeg, dropM, rig)));
    }

    private static final int FARTHER_M = 20;
    /** Room for whoever pulls or a machine's anchor, from its middle. */
    private static final double STAND_M = 1.5;

    /** @return what brings it over, as far as the hinge's thickness is concerned */
    public CutCard.MovedBy movedBy() {
        return switch (kind) {
            case NOTHING -> CutCard.MovedBy.LEAN;
            case LEVER, WEDGES -> CutCard.MovedBy.WEDGES;
            case HAND_LINE, MACHINE_LINE -> CutCard.MovedBy.LINE;
        };
    }

    public boolean isLine() {
        return kind == Kind.HAND_LINE || kind == Kind.MACHINE_LINE;
    }

    /** @return whether a pull can be computed: tie and anchor were measured */
    public boolean measured() {
        return isLine() && ropeHeightM.isPresent() && (anchorDistM.isPresent() || stand.isPresent());
    }

    /** @return moment to the right that a pull of {@code newton} off the lay puts on the hinge, N m */
    public double sideNm(double newton) {
        if (!isLine() || ropeHeightM.isEmpty() || anchorDistM.isEmpty()) {
            return 0;
        }
        double h = ropeHeightM.get();
        return newton * h * Math.cos(Math.atan((h + dropM) / anchorDistM.get())) * Math.sin(Math.toRadians(offLayDeg));
    }

    /** @return pull needed against {@code backNm}, with the reserve, N; empty for no line or an unmeasured one */
    public Optional<Double> neededN(double backNm, StemMass mass, double backM, double hingeOffsetM) {
        return armM(mass, backM, hingeOffsetM)
                .filter(arm -> arm > 0)
                .map(arm -> PullLine.RESERVE * Math.max(0, backNm) / arm);
    }

    /**
     * @return highest tie above the cut that holds: below 95 % of the height and below a dead top; empty while the
     *     height is not known
     */
    public static Optional<Double> highestTieM(StemReading stem, double cutHeightM) {
        return stem.height().map(h -> Math.min(PullLine.SAFE_TOP * h.low(), deadFromM(stem)) - cutHeightM);
    }

    private static double deadFromM(StemReading stem) {
        return stem.defect(DefectKind.DEAD_TOP).map(d -> d.fromM()).orElse(Double.MAX_VALUE);
    }

    /** @throws RefusedInput {@code ROPE_ABOVE_SAFE_TOP} for a tie in wood that breaks, saying how high it may be */
    void requireTieIn(StemReading stem, double cutHeightM, String field) {
        highestTieM(stem, cutHeightM)
                .filter(most -> isLine() && ropeHeightM.filter(r -> r > most).isPresent())
                .ifPresent(most -> {
                    throw new RefusedInput(
                            Message.of(
                                            deadFromM(stem)
                                                            < PullLine.SAFE_TOP
                                                                    * stem.height()
                                                                            .orElseThrow()
                                                                            .low()
                                                    ? Refusal.TIED_INTO_DEAD_TOP
                                                    : Refusal.TIED_INTO_THIN_TOP)
                                    .with("most", Arg.down(Dimension.LENGTH, most)),
                            field);
                });
    }
}
