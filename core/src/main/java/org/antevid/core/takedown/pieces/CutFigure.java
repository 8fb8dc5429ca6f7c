package org.antevid.core.takedown.pieces;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.site.Today;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.FieldBook;
import org.antevid.core.stem.Lean;
import org.antevid.core.stem.MissingFact;
import org.antevid.core.stem.PieceMass;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemReading;
import org.antevid.core.takedown.spar.Point;
import org.antevid.core.takedown.spar.SparSection;

/**
 * A tree as it is cut on the figure: its stem with the taper of its form, its limbs as lines, its weak places. What of
 * the crown nobody drew goes with the stem it grows on.
 *
 * @param footM height of the last cut
 * @param twigsRel leaves and twigs as a share of the wood
 * @param carried what rain, snow and ice add to it
 * @param undrawnKg crown that no line stands for, {@code undrawnHighKg} at its heavy end
 * @param weak the foot first, then upwards
 * @param hinges where a top's hinge is relied on
 * @param kept the tree stays: only some of it comes down
 */
public record CutFigure(
        String label,
        double dbhM,
        double sigmaDbhM,
        double heightM,
        double footM,
        double crownBaseM,
        StemMass.Shape shape,
        Lean lean,
        PieceMass.Density density,
        double twigsRel,
        Carried carried,
        double undrawnKg,
        double undrawnHighKg,
        SparSection.Strength strength,
        List<Limb> limbs,
        List<WeakPlace> weak,
        HingeWood hinges,
        boolean kept) {
    private static final Set<DefectKind> SPLITS =
            EnumSet.of(DefectKind.CRACK, DefectKind.SPLIT_UNION, DefectKind.INCLUDED_BARK, DefectKind.LIGHTNING_SCAR);
    private static final Set<DefectKind> HOLLOWS = EnumSet.of(
            DefectKind.CAVITY,
            DefectKind.DECAY_POCKET,
            DefectKind.FUNGUS,
            DefectKind.SWOLLEN_BASE,
            DefectKind.FIRE_SCAR,
            DefectKind.INSECTS,
            DefectKind.LOOSE_BARK,
            DefectKind.PREVIOUS_CUTS,
            DefectKind.BROKEN_BASE);

    /** Stem that a block is hung to where nobody says where, metres (judgement). */
    private static final double RIG_TO_M = 0.15;

    private static final double ANCHOR_BELOW_M = 0.3;

    /** A probe within this of a fault is a probe of it (judgement). */
    private static final double PROBE_NEAR_M = 0.3;

    /** Bending strength up to which wood is weak, and medium, along the grain, MPa (judgement). */
    private static final double WEAK_MPA = 36;

    private static final double MEDIUM_MPA = 48;

    /** Leaves and twigs of a crown piece (typical): in leaf, leafless, conifer. */
    private static final double IN_LEAF = 0.35;

    private static final double LEAFLESS = 0.15;
    private static final double CONIFER = 0.45;

    /** One sigma of a crown's mass, relative (judgement). */
    private static final double SIGMA_CROWN = 0.40;

    public CutFigure {
        limbs = List.copyOf(limbs);
        weak = List.copyOf(weak);
    }

    /** @return what has to be measured or looked at before it can be drawn */
    public static List<MissingFact> missing(StemReading r) {
        return Stream.concat(
                        r.notKnown().stream().filter(m -> m != MissingFact.CROWN),
                        Stream.of(MissingFact.LEAN).filter(m -> r.lean().isEmpty()))
                .toList();
    }

    /** @return it in dry weather; {@code r} nothing {@link #missing} of it */
    public static CutFigure of(StemReading r, List<Limb> limbs) {
        return of(r, limbs, Today.STILL);
    }

    /**
     * @param r nothing {@link #missing} of it
     * @param today what lies on the crowns, and whether it has rained
     */
    public static CutFigure of(StemReading r, List<Limb> limbs, Today today) {
        Estimate dbh = r.dbh().orElseThrow();
        double height = r.height().orElseThrow().value();
        double foot = StemMass.USUAL_CUT_M;
        StemMass mass = r.mass(foot).orElseThrow();
        double twigs = twigs(r.crown());
        CutFigure bare = new CutFigure(
                r.label(),
                dbh.value(),
                dbh.sigma(),
                height,
                foot,
                Math.min(r.more().crownBaseM().orElse(height / 2), height - 1),
                r.shape(),
                r.lean().orElseThrow(),
                r.density(),
                twigs,
                Carried.NOTHING,
                0,
                0,
                strength(r),
                limbs,
                List.of(),
                HingeWood.of(r),
                r.toBeKept());
        double drawn = limbs.stream()
                .mapToDouble(l -> Standing.limb(bare, l, 0, l.lengthM()).massKg())
                .sum();
        double left = Math.max(0, mass.crownKg() - drawn);
        Carried carried = Carried.of(today, twigs);
        double all = 1 + carried.crownRel();
        double high = Math.max(left, mass.crownKg() * (1 + Estimate.Z95 * SIGMA_CROWN) - drawn);
        return bare.with(carried, left * all, high * all, weak(bare, r));
    }

    private CutFigure with(Carried more, double undrawn, double undrawnHigh, List<WeakPlace> places) {
        return new CutFigure(
                label,
                dbhM,
                sigmaDbhM,
                heightM,
                footM,
                crownBaseM,
                shape,
                lean,
                density,
                twigsRel,
                more,
                undrawn,
                undrawnHigh,
                strength,
                limbs,
                places,
                hinges,
                kept);
    }

    private static double twigs(StemMass.Crown c) {
        return switch (c) {
            case FOREST_CONIFER, OPEN_CONIFER -> CONIFER;
            case FOREST_BROADLEAF, OPEN_BROADLEAF -> IN_LEAF;
            case FOREST_BROADLEAF_LEAFLESS, OPEN_BROADLEAF_LEAFLESS, DEAD_BRANCHED -> LEAFLESS;
            case STUB -> 0;
        };
    }

    private static SparSection.Strength strength(StemReading r) {
        double mpa = r.greenWood().holdsMPa();
        return mpa <= WEAK_MPA
                ? SparSection.Strength.WEAK
                : mpa <= MEDIUM_MPA ? SparSection.Strength.MEDIUM : SparSection.Strength.STRONG;
    }

    private static List<WeakPlace> weak(CutFigure f, StemReading r) {
        List<WeakPlace> places = new ArrayList<>();
        double outer = r.wood().outer().factor();
        places.add(new WeakPlace(
                WeakPlace.Part.FOOT,
                Optional.empty(),
                Optional.empty(),
                f.footM,
                f.footM,
                new SparSection.Wood(
                        f.stemDiameterM(f.footM),
                        wall(f, r, f.footM, Defect.HINGE_ZONE_M),
                        r.wood().core() == Condition.SOUND
                                && r.defects().stream().noneMatch(d -> hollows(d, f.footM)),
                        false,
                        0,
                        outer)));
        r.defects().stream()
                .filter(d -> SPLITS.contains(d.kind()) || HOLLOWS.contains(d.kind()))
                .filter(d -> d.fromM() < f.heightM - 0.1)
                .forEach(d -> {
                    places.add(place(f, r, d, Math.max(f.footM, d.fromM()), outer));
                    double middle = (d.fromM() + Math.min(f.heightM, d.toM())) / 2;
                    if (middle > Math.max(f.footM, d.fromM()) + 0.1) {
                        places.add(place(f, r, d, middle, outer));
                    }
                });
        return places.stream()
                .sorted(Comparator.comparingDouble(WeakPlace::heightM))
                .toList();
    }

    private static boolean hollows(Defect d, double heightM) {
        return HOLLOWS.contains(d.kind()) && !d.tellsGood() && d.fromM() <= Math.max(heightM, Defect.HINGE_ZONE_M);
    }

    private static WeakPlace place(CutFigure f, StemReading r, Defect d, double atM, double outer) {
        double diameter = f.stemDiameterM(atM);
        boolean split = SPLITS.contains(d.kind());
        double opening = d.kind() == DefectKind.CAVITY
                ? d.widthM()
                        .map(w -> Math.toDegrees(2 * Math.asin(Math.min(1, w / diameter))))
                        .orElse(0.0)
                : 0;
        return new WeakPlace(
                WeakPlace.Part.FAULT,
                Optional.of(d.id()),
                Optional.of(d.kind()),
                atM,
                d.fromM(),
                new SparSection.Wood(
                        diameter,
                        wall(f, r, d.fromM() - PROBE_NEAR_M, d.toM() + PROBE_NEAR_M),
                        split && r.wood().core() == Condition.SOUND || !split && d.tellsGood(),
                        split,
                        opening,
                        outer));
    }

    /** @return the thinnest wall probed there, its thin end; empty where nobody probed */
    private static Optional<Double> wall(CutFigure f, StemReading r, double fromM, double toM) {
        return r.more().walls().stream()
                .filter(w -> w.heightM() >= fromM && w.heightM() <= toM)
                .map(w -> thin(f, w))
                .min(Comparator.naturalOrder());
    }

    private static double thin(CutFigure f, FieldBook.Wall w) {
        double t = w.thicknessM().value() - Estimate.Z95 * w.thicknessM().sigma();
        return Math.max(0.001, Math.min(t, f.stemDiameterM(w.heightM()) / 2));
    }

    /** @return of the stem there, nothing at its top */
    public double stemDiameterM(double atM) {
        double up = Math.min(1, atM / heightM);
        return dbhM * Math.sqrt(shape.areaShare(up) / shape.areaShare(1.3 / heightM));
    }

    /** @return the stem's middle there */
    public Point axis(double atM) {
        return leaning(atM, Math.tan(Math.toRadians(lean.deg())));
    }

    /** @return the highest place, no higher than that, where the stem is thick enough to rig to, and for the house */
    double thickEnoughM(double belowM, double leastWoodM) {
        double at = belowM;
        while (at > footM && stemDiameterM(at) < Math.max(RIG_TO_M, leastWoodM)) {
            at -= 0.1;
        }
        return Math.max(footM, at);
    }

    /** @return the section just below a block: as sound as the foot where no fault is recorded */
    WeakPlace anchor(double blockM) {
        double at = Math.max(footM, blockM - ANCHOR_BELOW_M);
        SparSection.Wood foot = weak.get(0).wood();
        return new WeakPlace(
                WeakPlace.Part.ANCHOR,
                Optional.empty(),
                Optional.empty(),
                at,
                at,
                new SparSection.Wood(stemDiameterM(at), Optional.empty(), foot.solid(), false, 0, foot.condition()));
    }

    private Point leaning(double atM, double outPerM) {
        double a = Math.toRadians(Azimuth.normal(lean.azimuthDeg()));
        return new Point(atM * outPerM * Math.sin(a), atM * outPerM * Math.cos(a), atM);
    }

    /** @return how far it may lean by its reading, degrees */
    double leanMostDeg() {
        return lean.deg() + Estimate.Z95 * lean.sigmaDeg();
    }

    /** @return a place, as far out as it is if the tree leans that far: stem, lines and limbs go with it */
    Point leaningMost(Point p) {
        Point more = leaning(p.z(), Math.tan(Math.toRadians(leanMostDeg())) - Math.tan(Math.toRadians(lean.deg())));
        return new Point(p.x() + more.x(), p.y() + more.y(), p.z());
    }

    public Optional<Limb> limb(String id) {
        return limbs.stream().filter(l -> l.id().equals(id)).findFirst();
    }
}
