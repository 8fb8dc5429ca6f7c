package org.antevid.core.takedown.picks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.crane.Balance;
import org.antevid.core.takedown.crane.LandingFit;
import org.antevid.core.takedown.crane.Pick;
import org.antevid.core.takedown.crane.PretensionWindow;
import org.antevid.core.takedown.crane.SlewWay;
import org.antevid.core.takedown.crane.SlingLegs;
import org.antevid.core.takedown.crane.WeighedPicks;
import org.antevid.core.takedown.crane.WindOnLoad;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.Way;

/** One piece while it is reckoned. */
record OnHook(StemReading stem, SetUp setUp, Surroundings round, List<Weighing> readings, double gustMs, Piece piece) {
    private static final double SLEW_RPM = 0.5;
    private static final Pick.Shares SHARES = new Pick.Shares(0.75, 0.85);
    private static final double TARGET = 0.9;
    private static final double SLINGS_APART = 0.5;
    private static final double CHOKE_DEG = 120;
    private static final double DRAG = 1.2;
    private static final double LANDING_MARGIN_M = 1;
    /** A limb is about as wide as this share of its length (judgement). */
    private static final double SPREADS = 0.5;
    /** Share of a limb's outline that the wind sees (judgement). */
    private static final double IN_LEAF = 0.3;

    private static final double BARE = 0.1;
    private static final double LEAST_AREA_M2 = 0.01;

    PickPlan reckoned() {
        List<CraneRemark> remarks = new ArrayList<>();
        LoadGroup group = LoadGroup.of(stem, piece);
        WeighedPicks weighed = Weighing.of(readings, group);
        double best = Math.max(1, weighed.factor() * piece.massKg());
        double low = Math.min(best, weighed.low() * piece.massKg());
        double high = Math.max(best, weighed.high() * piece.massKg());
        CranePlan.when(remarks, weighed.n() == 0, CraneRemark.NOT_WEIGHED);
        double com = piece.com().minus(piece.from()).size();
        boolean grabbed = piece.cut().way() == Way.GRABBED;
        List<Double> slings = grabbed ? List.of() : slings(com);
        Optional<SlewWay> way = way(remarks);
        Optional<Pick> pick = way.flatMap(w -> pick(w, low, best, high, remarks));
        Optional<PretensionWindow> window = pick.map(p -> PretensionWindow.of(
                new PretensionWindow.Mass(low, best, high),
                new PretensionWindow.Chart(p.grossKg(), p.deductionsKg(), SHARES.stop()),
                TARGET,
                Optional.empty()));
        window.ifPresent(w -> CranePlan.add(remarks, w.remarks()));
        Optional<Balance> balance = grabbed ? Optional.empty() : balance(com, high, slings, remarks);
        Optional<SlingLegs> legs = balance.flatMap(b -> legs(b, high, slings, com, remarks));
        if (grabbed) {
            CranePlan.when(remarks, gripped(), CraneRemark.GRIP);
            CranePlan.when(
                    remarks,
                    stem.defects().stream().anyMatch(d -> d.kind() == DefectKind.BENT_STEM),
                    CraneRemark.GRAB_ON_BENT);
        }
        return new PickPlan(
                piece.number(),
                group,
                weighed.factorPlan(),
                low,
                best,
                high,
                com,
                piece.diameterM(),
                slings,
                way,
                sectors().stream().map(SlewWay.Sector::name).distinct().toList(),
                way.map(this::over).orElse(List.of()),
                pick,
                window,
                balance,
                legs,
                landing(remarks),
                remarks.stream()
                        .sorted(Comparator.comparing(CraneRemark::level).reversed())
                        .toList());
    }

    /** @return whether no grab closes on it, or none is entered */
    private boolean gripped() {
        return setUp.grip()
                .filter(g -> piece.diameterM() >= g.leastM() && piece.diameterM() <= g.mostM())
                .isEmpty();
    }

    /** One where the leader has it, else two to both sides of the centre of mass. */
    private List<Double> slings(double com) {
        double aside = Math.min(com, piece.lengthM() - com) * SLINGS_APART;
        return piece.cut().tieM().map(List::of).orElseGet(() -> List.of(com - aside, com + aside));
    }

    private List<SlewWay.Sector> sectors() {
        return setUp.at()
                .map(at -> round.blocked(at, farthest(at) + piece.lengthM() / 2))
                .orElse(List.of());
    }

    private List<String> over(SlewWay w) {
        return sectors().stream()
                .filter(s -> s.holds(w.pickDeg()) || s.holds(w.landDeg()))
                .map(SlewWay.Sector::name)
                .distinct()
                .toList();
    }

    private double farthest(Spot at) {
        double pick = at.distanceTo(CranePlan.onPlan(stem.at(), piece));
        return setUp.landing().map(l -> Math.max(pick, at.distanceTo(l.at()))).orElse(pick);
    }

    private Optional<SlewWay> way(List<CraneRemark> remarks) {
        return setUp.at().flatMap(at -> setUp.landing().flatMap(l -> {
            Spot pick = CranePlan.onPlan(stem.at(), piece);
            try {
                SlewWay w = SlewWay.of(
                        new SlewWay.Place(at.eastM(), at.northM()),
                        new SlewWay.Place(pick.eastM(), pick.northM()),
                        new SlewWay.Place(l.at().eastM(), l.at().northM()),
                        SLEW_RPM,
                        setUp.hookLineM(),
                        false,
                        sectors());
                CranePlan.add(remarks, w.remarks());
                return Optional.of(w);
            } catch (RefusedInput onTheCrane) {
                CranePlan.when(remarks, true, CraneRemark.NOT_PLACED);
                return Optional.empty();
            }
        }));
    }

    private Optional<Pick> pick(SlewWay w, double low, double best, double high, List<CraneRemark> remarks) {
        double blown = wind(low, gustMs).sideM();
        return setUp.chart().flatMap(c -> {
            try {
                Pick p = Pick.of(
                        c.chart(),
                        List.of(w.radiusPickM() + blown, w.radiusUsedM() + blown, w.radiusLandM() + blown),
                        setUp.marginM(),
                        new Pick.Piece(best, Optional.of(high)),
                        new Pick.Deductions(setUp.hookKg(), setUp.slingsKg(), setUp.attachmentKg(), 0),
                        SHARES);
                CranePlan.add(remarks, p.remarks());
                windy(low, p.grossKg(), remarks);
                return Optional.of(p);
            } catch (RefusedInput outside) {
                double near = Math.min(w.radiusPickM(), w.radiusLandM());
                boolean tooNear = near < c.chart().rows().get(0).radiusM();
                CranePlan.when(remarks, true, tooNear ? CraneRemark.TOO_NEAR : CraneRemark.OUT_OF_CHART);
                return Optional.empty();
            }
        });
    }

    /** How far it is blown aside does not rest on the maker's limit. */
    private WindOnLoad wind(double massKg, double limitMs) {
        double area = Math.max(LEAST_AREA_M2, filled() * piece.lengthM() * widthM());
        return WindOnLoad.of(
                new WindOnLoad.Load(massKg, area, DRAG), gustMs, Math.max(0.1, limitMs), setUp.hookLineM());
    }

    private double filled() {
        return switch (LoadGroup.of(stem, piece)) {
            case STEM -> 1;
            case CROWN_IN_LEAF -> IN_LEAF;
            case CROWN_BARE, DEAD_WOOD -> BARE;
        };
    }

    /**
     * The chart reckons with wind on so much area for each tonne it carries: what is more than that at the whole chart
     * is a stop, what is more at the piece's own light mass is looked at.
     */
    private void windy(double low, double grossKg, List<CraneRemark> remarks) {
        setUp.windLimitMs().ifPresent(limit -> {
            boolean over = gustMs > wind(grossKg, limit).windAllowedMs();
            CranePlan.when(remarks, over, CraneRemark.WIND_OVER);
            CranePlan.when(remarks, !over && gustMs > wind(low, limit).windAllowedMs(), CraneRemark.WIND_NEAR);
        });
    }

    private double widthM() {
        return piece.cut().limb().isPresent() ? SPREADS * piece.lengthM() : piece.diameterM();
    }

    private Optional<Balance> balance(double com, double high, List<Double> slings, List<CraneRemark> remarks) {
        boolean two = slings.size() > 1;
        try {
            Balance b = Balance.of(
                    new Balance.Piece(high, Math.max(0.2, piece.lengthM()), com, 0),
                    new Balance.Slings(
                            slings.get(0),
                            two ? Optional.of(slings.get(1)) : Optional.empty(),
                            two ? Optional.of(setUp.legM()) : Optional.empty(),
                            two ? Optional.of(setUp.legM()) : Optional.empty()),
                    new Balance.Hook(0, Optional.of(setUp.hookLineM())));
            CranePlan.add(remarks, b.remarks());
            return Optional.of(b);
        } catch (RefusedInput offThePiece) {
            CranePlan.when(remarks, true, CraneRemark.SLUNG_OFF_PIECE);
            return Optional.empty();
        }
    }

    private Optional<SlingLegs> legs(
            Balance b, double high, List<Double> slings, double com, List<CraneRemark> remarks) {
        boolean two = slings.size() > 1;
        double deg = Math.max(b.leg1Deg().orElse(0.0), b.leg2Deg().orElse(0.0));
        if (deg > 60) {
            return Optional.empty();
        }
        SlingLegs l = SlingLegs.of(
                high,
                new SlingLegs.Slings(
                        slings.size(),
                        two ? deg : 0,
                        SlingLegs.Hitch.CHOKER,
                        CHOKE_DEG,
                        setUp.slingN(),
                        two ? com - (slings.get(0) + slings.get(1)) / 2 : 0,
                        two ? Optional.of(slings.get(1) - slings.get(0)) : Optional.empty()));
        CranePlan.add(remarks, l.remarks());
        return Optional.of(l);
    }

    private Optional<LandingFit> landing(List<CraneRemark> remarks) {
        return setUp.landing().map(l -> {
            LandingFit fit = LandingFit.of(
                    new LandingFit.Sides(l.lengthM(), l.widthM()),
                    new LandingFit.Sides(piece.lengthM(), Math.max(0.05, widthM())),
                    LANDING_MARGIN_M,
                    new LandingFit.Heights(Optional.empty(), Optional.empty()),
                    !setUp.tagLine());
            CranePlan.add(remarks, fit.remarks());
            return fit;
        });
    }
}
