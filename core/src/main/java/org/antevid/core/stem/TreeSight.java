package org.antevid.core.stem;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.antevid.core.quantity.Azimuth;
import org.antevid.core.quantity.Estimate;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * What somebody tapped of a tree standing before it, by eye but for a photo. What is empty was not looked at: it is
 * asked for and never taken for sound, upright or small.
 *
 * @param wood of the whole stem
 * @param diameterM at breast height, over the bark
 * @param leanDeg 0 where none is seen
 * @param leansToDeg azimuth, needed for a lean above 0
 * @param faults empty set: looked at, nothing seen
 * @param heightPhoto raw numbers of a height touched on a photo; it counts before the height by eye
 */
public record TreeSight(
        Optional<Species> species,
        Optional<Condition> wood,
        Optional<Double> diameterM,
        Optional<Double> heightM,
        Optional<Double> crownRadiusM,
        Optional<Double> leanDeg,
        Optional<Double> leansToDeg,
        Optional<Set<DefectKind>> faults,
        Optional<Map<String, Double>> heightPhoto) {
    /** Everything by eye. */
    public TreeSight(
            Optional<Species> species,
            Optional<Condition> wood,
            Optional<Double> diameterM,
            Optional<Double> heightM,
            Optional<Double> crownRadiusM,
            Optional<Double> leanDeg,
            Optional<Double> leansToDeg,
            Optional<Set<DefectKind>> faults) {
        this(species, wood, diameterM, heightM, crownRadiusM, leanDeg, leansToDeg, faults, Optional.empty());
    }

    /** What there is to be tapped, in the order in which it is asked. */
    public enum Question {
        SPECIES,
        WOOD,
        FAULTS,
        DIAMETER,
        HEIGHT,
        CROWN,
        LEAN,
        LEANS_TO
    }

    /** So many faults are noted at first sight; who sees more writes them down in the field book. */
    public static final int MOST_FAULTS = 3;

    /** Where a fault of the top begins, as a share of the height, until somebody has looked closer (judgement). */
    private static final double TOP_FROM_SHARE = 0.8;
    /** How far up a fault of the foot reaches until somebody has looked closer, metres (judgement). */
    private static final double FOOT_TO_M = 1.5;
    /**
     * Where a union that splits is taken to begin, metres: low, so that it counts at the cut (errs to the safe side).
     */
    private static final double UNION_FROM_M = 1;

    private static final Set<DefectKind> OF_THE_TOP =
            EnumSet.of(DefectKind.DEAD_TOP, DefectKind.HANGING_LIMB, DefectKind.DEAD_LIMBS);

    public TreeSight {
        leansToDeg.ifPresent(a -> Require.within(a, -360, 720, "leansToDeg"));
        faults.ifPresent(f -> {
            if (f.size() > MOST_FAULTS) {
                throw new RefusedInput(Refusal.TOO_MANY_FAULTS, "faults");
            }
        });
        faults = faults.map(Set::copyOf);
        heightPhoto = heightPhoto.map(Map::copyOf);
        // who says that nobody has looked has answered nothing
        wood = wood.filter(w -> w != Condition.UNSEEN);
    }

    /** Nothing tapped yet. */
    public static final TreeSight NOTHING = new TreeSight(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    /**
     * @param known what is written down of it; empty for a tree nobody has entered
     * @return what still has to be tapped before anything can be said
     */
    public List<Question> open(Optional<StemReading> known) {
        Set<Question> open = EnumSet.noneOf(Question.class);
        // of a stem that was only put on the plan nobody has looked at the wood
        boolean bare = known.filter(k -> k.dbh().isPresent()
                        && k.height().isPresent()
                        && k.wood().seen())
                .isEmpty();
        boolean named = known.filter(k -> k.species() != Species.UNKNOWN).isPresent();
        add(open, Question.SPECIES, species.isPresent() || !bare || named);
        add(open, Question.WOOD, wood.isPresent() || !bare);
        add(open, Question.FAULTS, faults.isPresent() || !bare);
        add(
                open,
                Question.DIAMETER,
                diameterM.isPresent() || known.flatMap(StemReading::dbh).isPresent());
        add(
                open,
                Question.HEIGHT,
                heightM.isPresent()
                        || heightPhoto.isPresent()
                        || known.flatMap(StemReading::height).isPresent());
        add(
                open,
                Question.CROWN,
                crownRadiusM.isPresent()
                        || known.flatMap(StemReading::crownRadiusM).isPresent());
        add(
                open,
                Question.LEAN,
                leanDeg.isPresent() || known.flatMap(StemReading::lean).isPresent());
        add(open, Question.LEANS_TO, leanDeg.filter(l -> l > 0).isEmpty() || leansToDeg.isPresent());
        return List.copyOf(open);
    }

    private static void add(Set<Question> open, Question q, boolean answered) {
        if (!answered) {
            open.add(q);
        }
    }

    /**
     * Raw numbers of one sighting.
     *
     * @param kind by eye, or a height by photo
     */
    public record Seen(SightingKind kind, Map<String, Double> numbers) {
        /**
         * @return what it makes of the quantity, with the standard deviation of its kind
         * @throws RefusedInput for numbers that its kind does not give
         */
        public Estimate estimate() {
            return Sighting.read(kind.name(), kind, numbers, Map.of(), StemState.STANDING, true)
                    .estimate();
        }
    }

    /** @return what goes into the field book */
    public List<Seen> sightings() {
        List<Seen> all = new ArrayList<>();
        diameterM.ifPresent(d -> all.add(new Seen(SightingKind.EYE_DIAMETER, Map.of("diameterM", d))));
        heightPhoto
                .map(numbers -> new Seen(SightingKind.HEIGHT_PHOTO, numbers))
                .or(() -> heightM.map(h -> new Seen(SightingKind.EYE_HEIGHT, Map.of("heightM", h))))
                .ifPresent(all::add);
        crownRadiusM.ifPresent(r -> all.add(new Seen(SightingKind.EYE_CROWN, Map.of("radiusM", r))));
        leanDeg.ifPresent(l -> {
            Map<String, Double> numbers = new LinkedHashMap<>();
            numbers.put("leanDeg", l);
            numbers.put("azimuthDeg", Azimuth.normal(leansToDeg.orElse(0.0)));
            all.add(new Seen(SightingKind.EYE_LEAN, numbers));
        });
        return all;
    }

    /**
     * @param heightM of the tree
     * @return the faults where they are taken to be until somebody has looked closer
     */
    public List<Defect> defects(double heightM, String note) {
        double face = Azimuth.normal(leansToDeg.orElse(0.0));
        return faults.orElse(Set.of()).stream()
                .sorted()
                .map(kind -> new Defect(kind.name(), kind, from(kind, heightM), to(kind, heightM), face, note))
                .toList();
    }

    private static double from(DefectKind kind, double heightM) {
        return OF_THE_TOP.contains(kind)
                ? TOP_FROM_SHARE * heightM
                : kind == DefectKind.SPLIT_UNION ? Math.min(UNION_FROM_M, heightM / 2) : 0;
    }

    private static double to(DefectKind kind, double heightM) {
        return OF_THE_TOP.contains(kind) ? heightM : Math.min(FOOT_TO_M, heightM);
    }
}
