package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.takedown.drop.ByHand;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.drop.Gust;
import org.antevid.core.takedown.spar.Point;

/** A tree while it is taken down: what still stands, and what the next piece does. */
final class Progress {
    private static final double HOLD_AT_M = 0.3;
    private static final double PUSH_MS = 2;
    private static final double FLOOR_M = 5;
    private static final double BESIDE_M = 0.15;
    private static final double SHORTEST_M = 0.3;
    private static final int HALVINGS = 12;
    /** A block is tried lower by this. */
    private static final double STEP_DOWN_M = 0.5;

    private static final List<Double> RUNS_M = List.of(0.0, 1.0, 2.0);

    private final CutFigure f;
    private final Aloft aloft;
    private final Gear gear;
    private final Climb climb;
    private final Below below;
    private final Gust gust;
    private final HouseLimits house;
    private final Standing standing;
    private Remains before;
    private int taken;

    Progress(CutFigure figure, Aloft aloft, Climb climb, Gear gear, Below below, HouseLimits house) {
        this.house = house;
        this.f = figure;
        this.aloft = aloft;
        this.climb = climb;
        this.gear = gear;
        this.below = below;
        this.gust = new Gust(below.gustMs());
        this.standing = new Standing(figure);
        this.before = Remains.of(figure, standing);
    }

    private record Trial(Hung hung, Loading loading, Body body) {}

    /** @return the next piece, and it is off */
    Piece take(Cut cut, boolean last) {
        Standing was = standing.copy();
        Piece p = piece(standing, cut, last, Optional.of(was));
        before = p.after();
        taken++;
        return p;
    }

    /** @return what the next piece would be; how long it may be is not asked */
    Piece look(Cut cut) {
        return piece(standing.copy(), cut, true, Optional.empty());
    }

    Remains remains() {
        return before;
    }

    private Piece piece(Standing after, Cut cut, boolean last, Optional<Standing> was) {
        Body body = after.take(cut, taken);
        Optional<Limb> limb = cut.limb().flatMap(f::limb);
        Point from = place(limb, cut.atM());
        Hung hung = hung(after, body, cut, limb, from);
        Optional<Double> climber = cut.way().aloft() && aloft.allowed().compareTo(Aloft.Allowed.OTHER_ANCHOR) < 0
                ? Optional.of(limb.map(Limb::atM).orElse(cut.atM()))
                : Optional.empty();
        Loading loading = Loading.of(f, after, hung, gear, climber, cut.letsOutM());
        Remains rest = Remains.of(f, after);
        double length = body.reachM(from);
        FreeDrop drop = drop(cut, body, from);
        List<PieceRemark> remarks = new ArrayList<>(loading.remarks());
        against(remarks, cut, limb, hung, loading, after, drop, length);
        byWay(remarks, cut, body, from);
        if (rest.rises(before)) {
            remarks.add(PieceRemark.LEAN_RISES);
        }
        if (cut.way() == Way.FELLED && !last) {
            remarks.add(PieceRemark.NOT_THE_LAST);
        }
        Optional<Climber> whoCuts =
                climber.map(m -> Climber.of(f, aloft, climb, after, cut, limb, hung, from, house.leastWoodM()));
        whoCuts.ifPresent(c -> remarks.addAll(c.remarks()));
        if (remarks.contains(PieceRemark.NOBODY_UP_THERE)) {
            remarks.remove(PieceRemark.PERSON_ABOVE_FAULT);
        }
        Optional<Piece.Longest> longest = was.flatMap(w -> longest(w, cut, limb, climber));
        // of what two hands do not take the weight says enough
        if (cut.way().roped() && longest.filter(l -> l.lengthM().isEmpty()).isPresent()) {
            remarks.add(PieceRemark.NONE_SHORT_ENOUGH);
        }
        return new Piece(
                taken + 1,
                cut,
                length,
                limb.map(l -> l.diameterM(cut.atM())).orElseGet(() -> f.stemDiameterM(cut.atM())),
                body.massKg(),
                body.highKg(),
                body.com(),
                from,
                farthest(body, from),
                Optional.of(hung.tie()).filter(x -> cut.way().roped()),
                Optional.of(hung.block()).filter(x -> cut.way().roped()),
                Optional.of(Loading.brake(f, hung, gear)).filter(x -> cut.way().roped()),
                hung.drift(),
                whoCuts,
                Topped.of(f, cut, body, from).map(Topped::topping),
                loading,
                was.isPresent() && gear.whole() ? runs(after, hung, climber) : List.of(),
                was.isPresent() && gear.whole() ? led(after, hung, climber, cut.letsOutM()) : List.of(),
                longest,
                was.flatMap(w -> lower(after, body, cut, limb, from, loading, climber)),
                rest,
                rest.raisedNm(before),
                drop,
                remarks.stream()
                        .distinct()
                        .sorted(Comparator.comparing(PieceRemark::level).reversed())
                        .toList());
    }

    private Point place(Optional<Limb> limb, double atM) {
        return limb.map(l -> f.axis(l.atM()).plus(l.offset(atM))).orElseGet(() -> f.axis(atM));
    }

    private Point farthest(Body body, Point from) {
        return body.ends().stream()
                .max(Comparator.comparingDouble(e -> e.minus(from).size()))
                .orElse(from);
    }

    private Hung hung(Standing after, Body body, Cut cut, Optional<Limb> limb, Point from) {
        Point com = body.com();
        Optional<SecondLine> second = gear.second().filter(x -> cut.way() == Way.DRIFTED);
        Optional<SecondLine> holdsFirst = second.filter(s -> s.aloft().isPresent());
        double usual =
                cut.way().hangsAtOnce() && limb.isPresent() ? com.minus(from).size() : HOLD_AT_M;
        Point tie = place(limb, cut.atM() + cut.tieM().orElse(usual));
        double blockM = cut.blockM().orElseGet(() -> usualBlockM(after, cut, limb, holdsFirst.isPresent()));
        double side = holdsFirst
                .map(SecondLine::deg)
                .or(() -> limb.map(Limb::sideDeg))
                .orElseGet(() -> f.lean().azimuthDeg());
        double off = f.stemDiameterM(blockM) / 2 + BESIDE_M;
        Point block = f.axis(blockM)
                .plus(new Point(off * Math.sin(Math.toRadians(side)), off * Math.cos(Math.toRadians(side)), 0));
        Point line = tie.minus(block);
        Optional<Drift> drift = second.map(s -> holdsFirst.isPresent()
                ? Drift.held(body.highKg(), block, tie, s)
                : Drift.of(body.highKg(), block, line.size(), s));
        double swing = cut.way().hangsAtOnce() && line.z() < 0
                ? Math.toDegrees(Math.atan2(Math.hypot(line.x(), line.y()), -line.z()))
                : 0;
        return new Hung(
                cut.way(),
                body.massKg(),
                body.highKg(),
                com,
                tie,
                block,
                drift.isPresent() ? Math.max(body.reachM(com), body.reachM(tie)) : body.reachM(com),
                drift.flatMap(Drift::held).map(Drift.Held::fromDownDeg).orElse(swing),
                Topped.of(f, cut, body, from).map(Topped::push),
                drift);
    }

    /**
     * As high as it may for what hangs at once, just below the cut for what falls into it; below every fault where
     * another line holds the piece first.
     */
    private double usualBlockM(Standing after, Cut cut, Optional<Limb> limb, boolean takesOver) {
        double high = f.thickEnoughM(after.topM() - HOLD_AT_M, house.leastWoodM());
        if (takesOver) {
            return aloft.rigToM()
                    .map(to -> f.thickEnoughM(Math.min(high, to), house.leastWoodM()))
                    .orElse(high);
        }
        double stemAt = limb.map(Limb::atM).orElse(cut.atM());
        return cut.way().hangsAtOnce() ? high : Math.max(f.footM(), stemAt - HOLD_AT_M);
    }

    private FreeDrop drop(Cut cut, Body body, Point from) {
        boolean limb = cut.limb().isPresent();
        return FreeDrop.of(
                new FreeDrop.Piece(
                        Math.max(0, from.z()),
                        Math.max(0.05, body.reachM(from)),
                        cut.way().roped() || cut.way().picked() ? 0 : PUSH_MS,
                        limb ? FreeDrop.Kind.BRANCH : FreeDrop.Kind.LOG,
                        !limb),
                new FreeDrop.Ground(below.surface(), below.slopeDeg(), Optional.empty(), FLOOR_M, Optional.empty()),
                gust,
                below.stopMs());
    }

    private void against(
            List<PieceRemark> remarks,
            Cut cut,
            Optional<Limb> limb,
            Hung hung,
            Loading loading,
            Standing after,
            FreeDrop drop,
            double length) {
        double upM = limb.map(Limb::atM).orElse(cut.atM());
        if (cut.way().aloft()
                && (aloft.allowed().compareTo(Aloft.Allowed.NOBODY) >= 0
                        || aloft.allowed() != Aloft.Allowed.PLATFORM
                                && aloft.climbToM().filter(to -> upM > to).isPresent())) {
            remarks.remove(PieceRemark.PERSON_ABOVE_FAULT);
            remarks.add(PieceRemark.NOBODY_UP_THERE);
        }
        if (cut.way().aloft() && aloft.allowed() == Aloft.Allowed.PLATFORM) {
            if (climb.reachM().isEmpty()) {
                remarks.add(PieceRemark.REACH_NOT_SAID);
            } else if (climb.reachM().get() < upM) {
                remarks.add(PieceRemark.OUT_OF_REACH);
            }
        }
        if (cut.way().roped()) {
            roped(remarks, cut, limb, hung, after, length);
        }
        if (loading.links().stream().anyMatch(Link::over)) {
            remarks.add(PieceRemark.LINK_OVER);
        } else if (loading.links().stream().anyMatch(Link::near)) {
            remarks.add(PieceRemark.LINK_NEAR);
        }
        if (cut.way().picked() && aloft.allowed() == Aloft.Allowed.LEAVE) {
            remarks.add(PieceRemark.NOBODY_UP_THERE);
        }
        if (!cut.way().roped()
                && !cut.way().picked()
                && cut.way() != Way.FELLED
                && (drop.downM().isEmpty()
                        || drop.acrossM().isEmpty()
                        || drop.upM().isEmpty())) {
            remarks.add(PieceRemark.ROLLS_ON);
        }
        boolean looseStill = f.limbs().stream()
                .anyMatch(l -> l.loose()
                        && after.limbM(l.id()).isPresent()
                        && cut.limb().filter(l.id()::equals).isEmpty());
        if (looseStill && limb.filter(Limb::loose).isEmpty()) {
            remarks.add(PieceRemark.LOOSE_WAITS);
        }
    }

    private void roped(
            List<PieceRemark> remarks, Cut cut, Optional<Limb> limb, Hung hung, Standing after, double length) {
        if (!gear.whole()) {
            remarks.add(PieceRemark.GEAR_NOT_CHOSEN);
        }
        if (!gear.notForUse(cut.way()).isEmpty()) {
            remarks.add(PieceRemark.KIT_NOT_FOR_USE);
        }
        if (!gear.tooFew(cut.way()).isEmpty()) {
            remarks.add(PieceRemark.KIT_TOO_FEW);
        }
        if (!gear.worn(cut.way()).isEmpty()) {
            remarks.add(PieceRemark.KIT_WORN);
        }
        if (cut.way() == Way.DRIFTED && gear.second().flatMap(SecondLine::line).isEmpty()) {
            remarks.add(PieceRemark.NO_SECOND_LINE);
        } else if (cut.way() == Way.DRIFTED
                && gear.second().filter(SecondLine::whole).isEmpty()) {
            remarks.add(PieceRemark.NO_FRICTION_ALOFT);
        }
        hung.drift().ifPresent(d -> remarks.addAll(d.remarks()));
        if (hung.blockM() > after.topM() - 1e-6) {
            remarks.add(PieceRemark.ANCHOR_GOES);
        }
        if (f.stemDiameterM(hung.blockM()) < house.leastWoodM()) {
            remarks.add(PieceRemark.ANCHOR_THIN);
        }
        if (cut.tieM().filter(t -> t > length).isPresent()) {
            remarks.add(PieceRemark.TIE_OFF_PIECE);
        }
        if (hangsInFirst(hung) && hung.tie().z() > hung.blockM()) {
            remarks.add(PieceRemark.TIE_ABOVE_BLOCK);
        }
        if (aloft.rigToM().filter(to -> hung.blockM() > to).isPresent()) {
            remarks.add(PieceRemark.RIGGED_ABOVE_FAULT);
        }
        if (cut.way() == Way.TIED_BELOW && limb.isEmpty()) {
            remarks.add(PieceRemark.FALLS_INTO_LINE);
        }
        if (gear.line().filter(l -> !l.ageKnown()).isPresent()
                || gear.sling().filter(l -> !l.ageKnown()).isPresent()) {
            remarks.add(PieceRemark.AGE_NOT_KNOWN);
        }
    }

    private void byWay(List<PieceRemark> remarks, Cut cut, Body body, Point from) {
        if (cut.way() == Way.BY_HAND && body.highKg() > handKg()) {
            remarks.add(PieceRemark.TOO_HEAVY_BY_HAND);
        }
        Topped.of(f, cut, body, from).ifPresent(t -> remarks.addAll(t.remarks(climb.swayM())));
    }

    private double handKg() {
        return ByHand.of(
                        ByHand.Mode.TWO_HANDS_ALOFT,
                        new ByHand.Piece(0.1, Optional.empty(), 1000, false, 0),
                        new ByHand.Lift(1, 25, 75, 25, 0, 1, 1))
                .limitKg();
    }

    private List<Piece.Run> runs(Standing after, Hung hung, Optional<Double> climber) {
        if (!hung.way().fallsIntoLine()) {
            return List.of();
        }
        return RUNS_M.stream()
                .map(m -> {
                    Loading l = Loading.of(f, after, hung, gear, climber, m);
                    return new Piece.Run(m, l.worst(), l.roomM(), l.holds());
                })
                .toList();
    }

    /** Away is to where the leader has it, else to the side the piece hangs on. */
    private List<Piece.Led> led(Standing after, Hung hung, Optional<Double> climber, double runM) {
        if (!hung.way().roped()) {
            return List.of();
        }
        Point out = hung.block().minus(f.axis(hung.blockM()));
        double awayDeg = gear.brakeDeg().orElseGet(() -> Azimuth.of(out.x(), out.y()));
        return Stream.of(Optional.<Double>empty(), Optional.of(awayDeg))
                .map(deg -> new Piece.Led(
                        deg.isEmpty(),
                        Loading.of(f, after, hung, gear.leadingTo(deg), climber, runM).links().stream()
                                .filter(l -> l.kind().bends())
                                .findFirst()))
                .toList();
    }

    /** The cut stays; what is above that length becomes a piece of its own before it. */
    private Optional<Piece.Longest> longest(Standing was, Cut cut, Optional<Limb> limb, Optional<Double> climber) {
        boolean hand = cut.way() == Way.BY_HAND;
        if (!hand && !(cut.way().roped() && gear.whole(cut.way()))) {
            return Optional.empty();
        }
        double whole = limb.map(l -> was.limbM(l.id()).orElse(0.0)).orElse(was.topM()) - cut.atM();
        if (fits(was, cut, limb, climber, whole)) {
            return Optional.empty();
        }
        double low = Math.min(SHORTEST_M, whole);
        if (!fits(was, cut, limb, climber, low)) {
            return Optional.of(new Piece.Longest(
                    Optional.empty(),
                    trial(was, cut, limb, climber, low).loading().worst()));
        }
        double high = whole;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            boolean holds = fits(was, cut, limb, climber, middle);
            low = holds ? middle : low;
            high = holds ? high : middle;
        }
        return Optional.of(new Piece.Longest(
                Optional.of(low), trial(was, cut, limb, climber, low).loading().worst()));
    }

    /**
     * @return the highest block below its place at which nothing of the stem is over, where it is there; by half metres
     */
    private Optional<Double> lower(
            Standing after,
            Body body,
            Cut cut,
            Optional<Limb> limb,
            Point from,
            Loading loading,
            Optional<Double> climber) {
        if (!gear.whole(cut.way())
                || !cut.way().roped()
                || loading.links().stream().noneMatch(l -> l.kind().bends() && l.over())) {
            return Optional.empty();
        }
        Hung hung = hung(after, body, cut, limb, from);
        double least = hangsInFirst(hung) ? hung.tie().z() + HOLD_AT_M : f.footM() + HOLD_AT_M;
        for (double at = Math.ceil(2 * hung.blockM()) / 2 - STEP_DOWN_M; at >= least; at -= STEP_DOWN_M) {
            Hung lower = hung(after, body, cut.blockAt(at), limb, from);
            if (Loading.of(f, after, lower, gear, climber, cut.letsOutM()).links().stream()
                    .noneMatch(Link::over)) {
                return Optional.of(at);
            }
        }
        return Optional.empty();
    }

    /** Whether it hangs in the line over the stem as soon as it is off. */
    private static boolean hangsInFirst(Hung hung) {
        return hung.way().hangsAtOnce() && hung.drift().flatMap(Drift::held).isEmpty();
    }

    private boolean fits(Standing was, Cut cut, Optional<Limb> limb, Optional<Double> climber, double lengthM) {
        Trial t = trial(was, cut, limb, climber, lengthM);
        return cut.way() == Way.BY_HAND ? t.body.highKg() <= handKg() : t.loading.holds();
    }

    private Trial trial(Standing was, Cut cut, Optional<Limb> limb, Optional<Double> climber, double lengthM) {
        Standing s = was.copy();
        double end = limb.map(l -> s.limbM(l.id()).orElse(0.0)).orElse(s.topM());
        if (cut.atM() + lengthM < end - SHORTEST_M / 2) {
            s.take(cut.at(cut.atM() + lengthM), 0);
        }
        Body body = s.take(cut, 0);
        Hung hung = hung(s, body, cut, limb, place(limb, cut.atM()));
        return new Trial(hung, Loading.of(f, s, hung, gear, climber, cut.letsOutM()), body);
    }
}
