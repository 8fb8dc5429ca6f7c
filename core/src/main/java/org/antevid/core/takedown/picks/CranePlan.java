package org.antevid.core.takedown.picks;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.Finding;
import org.antevid.core.takedown.Remark;
import org.antevid.core.takedown.Remarks;
import org.antevid.core.takedown.crane.PadPressure;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.Way;

/**
 * A crane and all its picks: each pick at its worst radius against the chart, what its slings and its landing say, what
 * the pads press at the worst of them. The operator's and the maker's word outranks every number, to the stricter side.
 *
 * @param remarks of the set-up as a whole
 * @param keptOut what of the way in keeps the machine out
 */
public record CranePlan(
        SetUp setUp, List<PadCheck> pads, List<PickPlan> picks, List<CraneRemark> remarks, List<Message> keptOut) {
    private static final double PAD_MPA = 10;
    private static final double OWN_FACTOR = 1.2;
    private static final int LEGS = 3;

    public CranePlan {
        pads = List.copyOf(pads);
        picks = List.copyOf(picks);
        remarks = List.copyOf(remarks);
    }

    /** @return the same without the picks of the first pieces, which have come down */
    public CranePlan after(int piecesDown) {
        return new CranePlan(
                setUp, pads, picks.stream().filter(p -> p.number() > piecesDown).toList(), remarks, keptOut);
    }

    static Finding worst(List<CraneRemark> remarks) {
        return remarks.stream()
                .map(CraneRemark::level)
                .max(Comparator.naturalOrder())
                .orElse(Finding.NONE);
    }

    public Finding level() {
        return IntStream.concat(
                        IntStream.of(worst(remarks).ordinal()),
                        IntStream.concat(
                                pads.stream().mapToInt(p -> p.level().ordinal()),
                                picks.stream().mapToInt(p -> p.level().ordinal())))
                .mapToObj(i -> Finding.values()[i])
                .max(Comparator.naturalOrder())
                .orElse(Finding.NONE);
    }

    /**
     * @param readings of this tree, oldest first
     * @param gustMs strongest gust it is picked in
     */
    public static CranePlan of(
            StemReading stem, TakeDown plan, SetUp setUp, Surroundings round, List<Weighing> readings, double gustMs) {
        List<Piece> lifted =
                plan.pieces().stream().filter(p -> p.cut().way().picked()).toList();
        List<PickPlan> picks = lifted.stream()
                .map(p -> new OnHook(stem, setUp, round, readings, gustMs, p).reckoned())
                .toList();
        List<CraneRemark> remarks = new ArrayList<>();
        if (!lifted.isEmpty()) {
            when(remarks, setUp.chart().isEmpty(), CraneRemark.NO_CHART);
            when(remarks, setUp.chart().isPresent() && !setUp.confirmed(), CraneRemark.NOT_CONFIRMED);
            when(remarks, setUp.at().isEmpty() || setUp.pads().size() < LEGS, CraneRemark.NOT_PLACED);
            when(remarks, setUp.landing().isEmpty(), CraneRemark.NO_LANDING);
            when(
                    remarks,
                    setUp.slingN().isEmpty()
                            && lifted.stream().anyMatch(p -> p.cut().way() == Way.PICKED),
                    CraneRemark.SLING_NOT_KNOWN);
            when(remarks, setUp.windLimitMs().isEmpty(), CraneRemark.WIND_LIMIT_NOT_KNOWN);
            Stands stands = setUp.stands();
            when(remarks, !round.keptOut().isEmpty(), CraneRemark.WAY_IN);
            when(remarks, stands.machine().isEmpty(), CraneRemark.MACHINE_NOT_NAMED);
            when(remarks, !stands.level(), CraneRemark.NOT_LEVEL);
            when(remarks, stands.ice().filter(i -> i).isPresent(), CraneRemark.ON_ICE);
            when(remarks, !stands.looked(), CraneRemark.LEVEL_NOT_READ);
            when(remarks, Weighing.odd(readings), CraneRemark.ODD_READING);
        }
        List<Optional<Double>> loads = pressed(stem.at(), setUp, lifted, picks, remarks);
        List<PadCheck> pads = IntStream.range(0, setUp.pads().size())
                .mapToObj(i -> pad(i + 1, setUp.pads().get(i), loads.get(i), round))
                .toList();
        return new CranePlan(setUp, pads, picks, remarks, round.keptOut());
    }

    /** @return a reading of one of its pieces, by what it was reckoned at */
    public Weighing weighed(Piece piece, double readKg, boolean free) {
        LoadGroup group = picks.stream()
                .filter(p -> p.number() == piece.number())
                .map(PickPlan::group)
                .findFirst()
                .orElseThrow(() -> new RefusedInput(Refusal.NOT_AMONG, "piece"));
        return new Weighing(
                piece.number(), group, piece.massKg(), readKg, setUp.deductionsKg(), free, Optional.empty());
    }

    static void when(List<CraneRemark> all, boolean holds, CraneRemark r) {
        if (holds && !all.contains(r)) {
            all.add(r);
        }
    }

    static void add(List<CraneRemark> all, List<Remarks.Told> told) {
        told.forEach(t -> CraneRemark.of(t.what()).ifPresent(r -> when(all, true, r)));
    }

    static Spot onPlan(Spot foot, Piece p) {
        return new Spot(foot.eastM() + p.com().x(), foot.northM() + p.com().y());
    }

    /** The worst of every place any load hangs at, for each leg. */
    private static List<Optional<Double>> pressed(
            Spot foot, SetUp setUp, List<Piece> lifted, List<PickPlan> picks, List<CraneRemark> remarks) {
        int n = setUp.pads().size();
        List<Optional<Double>> none = IntStream.range(0, n)
                .<Optional<Double>>mapToObj(i -> setUp.makersN())
                .toList();
        if (setUp.makersN().isPresent() || setUp.at().isEmpty() || n < LEGS || lifted.isEmpty()) {
            return none;
        }
        double[] most = new double[n];
        for (int i = 0; i < lifted.size(); i++) {
            List<Spot> hangs = new ArrayList<>(List.of(onPlan(foot, lifted.get(i))));
            setUp.landing().ifPresent(l -> hangs.add(l.at()));
            for (Spot hook : hangs) {
                List<Double> now = reactions(setUp, picks.get(i).highKg() + setUp.deductionsKg(), hook, remarks);
                for (int leg = 0; leg < n; leg++) {
                    most[leg] = Math.max(most[leg], now.get(leg));
                }
            }
        }
        return IntStream.range(0, n)
                .mapToObj(i -> Optional.of(Math.max(1, OWN_FACTOR * most[i])))
                .toList();
    }

    private static List<Double> reactions(SetUp s, double loadKg, Spot hook, List<CraneRemark> remarks) {
        try {
            Spot at = s.at().orElseThrow();
            PadPressure p = PadPressure.of(
                    new PadPressure.Leg(
                            Optional.empty(),
                            new PadPressure.Own(
                                    Optional.of(s.massKg()),
                                    new PadPressure.Place(at.eastM(), at.northM()),
                                    Optional.of(loadKg),
                                    Optional.of(hook.eastM()),
                                    Optional.of(hook.northM()),
                                    Optional.of(s.pads().stream()
                                            .map(x -> new PadPressure.Place(x.at().eastM(), x.at().northM()))
                                            .toList())),
                            Optional.empty()),
                    new PadPressure.Pad(1, 1, Optional.empty(), PAD_MPA, 0),
                    new PadPressure.Ground(
                            Optional.of(PadPressure.Soil.LAWN),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(false)));
            boolean lifts = p.remarks().stream().anyMatch(t -> t.what() == Remark.LEG_LIFTS);
            when(remarks, lifts, CraneRemark.LEG_LIFTS);
            double all = (s.massKg() + loadKg) * StemMass.G;
            return p.reactionsN().orElseThrow().stream()
                    .map(r -> lifts ? Math.max(r, 0.85 * all) : r)
                    .toList();
        } catch (RefusedInput legsInLine) {
            when(remarks, true, CraneRemark.NOT_PLACED);
            return s.pads().stream().map(p -> 0.0).toList();
        }
    }

    private static PadCheck pad(int number, Pad pad, Optional<Double> loadN, Surroundings round) {
        List<CraneRemark> remarks = new ArrayList<>();
        Optional<Surroundings.Edge> seen = round.edge(pad);
        Optional<Double> away = java.util.stream.Stream.concat(
                        seen.map(Surroundings.Edge::awayM).stream(), pad.edgeM().stream())
                .min(Comparator.naturalOrder());
        Optional<String> buried = round.buried(pad);
        Optional<Boolean> hollow = buried.isPresent() ? Optional.of(true) : pad.hollow();
        Optional<String> inTheWay = round.inTheWay(pad);
        when(remarks, inTheWay.isPresent(), CraneRemark.IN_THE_WAY);
        when(remarks, pad.soil().isEmpty(), CraneRemark.GROUND_NOT_KNOWN);
        when(remarks, away.isPresent() && pad.edgeDepthM().isEmpty(), CraneRemark.EDGE_NOT_MEASURED);
        when(remarks, hollow.isEmpty(), CraneRemark.VOID_NOT_ASKED);
        when(remarks, hollow.filter(h -> h).isPresent(), CraneRemark.VOID_BELOW);
        Optional<PadPressure> pressure = loadN.flatMap(n -> pad.soil()
                .map(soil -> PadPressure.of(
                        new PadPressure.Leg(
                                Optional.of(n),
                                new PadPressure.Own(
                                        Optional.empty(),
                                        new PadPressure.Place(0, 0),
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.empty(),
                                        Optional.empty()),
                                Optional.empty()),
                        new PadPressure.Pad(Math.max(pad.sideM(), pad.footM()), pad.footM(), pad.thickM(), PAD_MPA, 0),
                        new PadPressure.Ground(
                                Optional.of(soil),
                                Optional.empty(),
                                away.filter(a -> pad.edgeDepthM().isPresent()),
                                pad.edgeDepthM().filter(d -> away.isPresent()),
                                hollow))));
        pressure.ifPresent(p -> {
            add(remarks, p.remarks());
            when(remarks, p.util().isEmpty(), CraneRemark.NO_BEARING);
        });
        return new PadCheck(
                number,
                pad,
                loadN,
                pressure.map(PadPressure::pressureKpa),
                pressure.flatMap(PadPressure::util),
                pressure.flatMap(PadPressure::sideNeededM),
                seen.map(Surroundings.Edge::name),
                away,
                buried,
                inTheWay,
                remarks);
    }
}
