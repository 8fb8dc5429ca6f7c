package org.antevid.app.demo;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.antevid.app.crew.Crews;
import org.antevid.app.house.Kits;
import org.antevid.app.job.Jobs;
import org.antevid.app.job.Part;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.lay.Lays;
import org.antevid.app.people.Office;
import org.antevid.app.people.People;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Form;
import org.antevid.app.place.Places;
import org.antevid.app.place.Surroundings;
import org.antevid.app.stem.FieldBooks;
import org.antevid.app.stem.Stems;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.assist.KitItem;
import org.antevid.core.crew.Competence;
import org.antevid.core.crew.Person;
import org.antevid.core.crew.Role;
import org.antevid.core.crew.Step;
import org.antevid.core.lay.Means;
import org.antevid.core.site.Access;
import org.antevid.core.site.Anchor;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Permit;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.VoltageClass;
import org.antevid.core.stem.Condition;
import org.antevid.core.stem.Defect;
import org.antevid.core.stem.DefectKind;
import org.antevid.core.stem.SightingKind;
import org.antevid.core.stem.Species;
import org.antevid.core.stem.StemMass;
import org.antevid.core.stem.StemState;
import org.antevid.core.stem.Wood;
import org.antevid.core.stump.School;
import org.antevid.core.tangle.Pile;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/** A made-up job: a community allotment and boat mooring beside a canal lock, two days after a night gale. */
@Component
class WithyLock {
    static final String PASSPHRASE = "three short one long";
    private static final List<Spot> NO_ZONE = List.of();
    private final People people;
    private final Jobs jobs;
    private final Places places;
    private final Surroundings surroundings;
    private final Stems stems;
    private final FieldBooks books;
    private final Lays lays;
    private final Tangles tangles;
    private final Crews crews;
    private final Kits kits;
    /** Ids of the kit by name. */
    private final Map<String, String> kit = new HashMap<>();

    private final boolean demo;

    WithyLock(
            People people,
            Jobs jobs,
            Places places,
            Surroundings surroundings,
            Stems stems,
            FieldBooks books,
            Lays lays,
            Tangles tangles,
            Crews crews,
            Kits kits,
            @Value("${antevid.demo}") boolean demo) {
        this.people = people;
        this.jobs = jobs;
        this.places = places;
        this.surroundings = surroundings;
        this.stems = stems;
        this.books = books;
        this.lays = lays;
        this.tangles = tangles;
        this.crews = crews;
        this.kits = kits;
        this.demo = demo;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(2)
    void enter() {
        if (!demo || !people.nobodyYet()) {
            return;
        }
        Person imre = add(
                "Imre Halloway",
                Office.LEADER,
                Competence.SAW,
                Competence.WINCH,
                Competence.LOOKOUT,
                Competence.GROUND,
                Competence.HUNG_UP);
        Person nadia = add("Nadia Quill", Office.CREW, Competence.SAW, Competence.GROUND);
        Person tove = add("Tove Arkwright", Office.CREW, Competence.WINCH, Competence.GROUND);
        Person sefa = add("Sefa Marsh", Office.CREW, Competence.GROUND, Competence.LOOKOUT, Competence.FIRST_AID);
        Person oren = add("Oren Pike", Office.CREW, Competence.GROUND);
        add("Wilma Stroud", Office.REVIEWER, Competence.HUNG_UP, Competence.SPECIAL_CUTS);
        add("Ottoline Fenn", Office.OWNER);
        SignedIn leader = people.signed(imre.id());
        SecurityContextHolder.getContext()
                .setAuthentication(new UsernamePasswordAuthenticationToken(leader, null, List.of()));
        try {
            String job = jobs.open(
                            "Withy Lock",
                            "Withy Lock allotments and mooring, after the gale",
                            LocalDate.of(2026, 11, 23),
                            new Jobs.Conditions(9, new Ground(6, 172), "white gate on the lane, north-east"),
                            imre.id())
                    .id();
            Stream.of(nadia, tove, sefa, oren).forEach(p -> jobs.put(job, p.id(), Part.CREW));
            house();
            place(job);
            surroundings(job, leader);
            stems(job, leader);
            steps(job, nadia, tove, sefa);
            String next = jobs.open(
                            "Osier Cut",
                            "Osier Cut towpath, three willows",
                            LocalDate.of(2026, 12, 1),
                            new Jobs.Conditions(9, new Ground(2, 180), ""),
                            imre.id())
                    .id();
            places.add(
                    next,
                    target("towpath", FeatureKind.PATH, Form.LINE, 2, Protection.CLOSE, "", spots(0, 10, 60, 14)));
            places.add(next, feature("the cut", FeatureKind.WATER, Form.POLYGON, spots(0, 0, 60, 4, 60, 10, 0, 6)));
            System.out.println("Demo job 'Withy Lock', crew code "
                    + jobs.job(job).code() + ". Sign in with the passphrase '" + PASSPHRASE + "' as");
            System.out.println("  Imre Halloway (leader), Wilma Stroud (reviewer) or Ottoline Fenn (owner).");
            System.out.println(
                    "  Crew join with the code, a PIN of their own and, the first time, the word beside their name:");
            System.out.println("  "
                    + Stream.of(nadia, tove, sefa, oren)
                            .map(p -> p.name() + " '"
                                    + people.pin(p.id()).firstWord().orElse("") + "'")
                            .collect(Collectors.joining(", "))
                    + ".");
        } finally {
            SecurityContextHolder.clearContext();
        }
    }

    private Person add(String name, Office office, Competence... competences) {
        Set<Competence> set = EnumSet.noneOf(Competence.class);
        set.addAll(List.of(competences));
        return people.add(name, office, office == Office.CREW ? Optional.empty() : Optional.of(PASSPHRASE), set);
    }

    private void place(String job) {
        places.add(
                job,
                target(
                        "glasshouse",
                        FeatureKind.GLASS,
                        Form.POLYGON,
                        3,
                        Protection.EMPTY,
                        "Sefa Marsh",
                        spots(21, 31, 31, 31, 31, 36.5, 21, 36.5)));
        places.add(
                job,
                target(
                        "footbridge",
                        FeatureKind.FOOTBRIDGE,
                        Form.POLYGON,
                        4,
                        Protection.CLOSE,
                        "Sefa Marsh",
                        spots(50, 0, 52, 0, 52, 18.5, 50, 18.5)));
        places.add(
                job,
                target(
                        "boat Marigold",
                        FeatureKind.BOAT,
                        Form.POLYGON,
                        3,
                        Protection.EMPTY,
                        "Oren Pike",
                        spots(60, 12, 72, 11, 73.5, 12, 72, 13, 60, 14)));
        places.add(
                job,
                target(
                        "boat Tansy",
                        FeatureKind.BOAT,
                        Form.POLYGON,
                        3,
                        Protection.EMPTY,
                        "Oren Pike",
                        spots(12, 15, 23, 14.2, 24.5, 15.2, 23, 16.2, 12, 17)));
        places.add(
                job,
                new Places.Entry(
                        "phone line",
                        FeatureKind.OVERHEAD_LINE,
                        Form.LINE,
                        spots(0, 60, 34, 66, 90, 73),
                        0,
                        4,
                        false,
                        "",
                        Protection.NONE,
                        "",
                        false,
                        "corners by tape from the stump of S1",
                        new Places.More(
                                "",
                                "",
                                Optional.of(VoltageClass.TELEPHONE),
                                Optional.empty(),
                                "",
                                Optional.empty(),
                                Optional.empty())));
        places.add(
                job,
                target(
                        "beehives",
                        FeatureKind.BEEHIVES,
                        Form.POLYGON,
                        2,
                        Protection.NONE,
                        "",
                        spots(56, 33, 60, 33, 60, 35, 56, 35)));
        places.add(
                job,
                target(
                        "towpath",
                        FeatureKind.PATH,
                        Form.LINE,
                        2,
                        Protection.CLOSE,
                        "Oren Pike",
                        spots(0, 20.5, 45, 19.6, 90, 17)));
        places.add(
                job,
                new Places.Entry(
                        "water stopcock",
                        FeatureKind.BURIED,
                        Form.POINT,
                        spots(50, 29),
                        0.4,
                        2,
                        false,
                        "",
                        Protection.NONE,
                        "",
                        false,
                        "tape 13.0 m on 113° from the stump of S1"));
        places.add(
                job,
                new Places.Entry(
                        "compost bays",
                        FeatureKind.COMPOST,
                        Form.POLYGON,
                        spots(52, 45, 58, 45, 58, 47.5, 52, 47.5),
                        0,
                        1,
                        true,
                        "allotment committee",
                        Protection.NONE,
                        "",
                        false,
                        "tapped",
                        new Places.More(
                                "",
                                "",
                                Optional.empty(),
                                Optional.empty(),
                                "2026-11-22",
                                Optional.empty(),
                                Optional.empty())));
        places.add(
                job,
                feature(
                        "canal",
                        FeatureKind.WATER,
                        Form.POLYGON,
                        spots(0, 4, 90, 0, 90, 14, 52, 15.5, 52, 14.8, 50, 14.9, 50, 15.7, 0, 18)));
        places.add(job, feature("beds north", FeatureKind.BED, Form.POLYGON, spots(56, 51, 72, 51, 72, 58, 56, 58)));
        places.add(job, feature("beds east", FeatureKind.BED, Form.POLYGON, spots(62, 38, 76, 38, 76, 46, 62, 46)));
        places.add(job, feature("beds west", FeatureKind.BED, Form.POLYGON, spots(22, 42, 33, 42, 33, 52, 22, 52)));
        places.add(job, feature("hedge", FeatureKind.HEDGE, Form.LINE, spots(88, 20, 87, 45, 82, 52)));
        places.add(
                job,
                new Places.Entry(
                        "white gate",
                        FeatureKind.MEETING_POINT,
                        Form.POINT,
                        spots(84, 58),
                        1,
                        0,
                        false,
                        "",
                        Protection.NONE,
                        "",
                        false,
                        "tapped"));
    }

    private void surroundings(String job, SignedIn leader) {
        surroundings.permits(
                job,
                Map.of(
                        Permit.FELLING_CONSENT,
                        Permit.Answer.YES,
                        Permit.PRESERVATION_ORDER,
                        Permit.Answer.YES,
                        Permit.NESTING,
                        Permit.Answer.NOT_KNOWN,
                        Permit.WATERCOURSE,
                        Permit.Answer.YES,
                        Permit.NEIGHBOUR,
                        Permit.Answer.NOT_NEEDED,
                        Permit.UTILITY_NOTICE,
                        Permit.Answer.YES));
        surroundings.card(
                job,
                new EmergencyCard(
                        "Sallow Bridge clinic, 12 min by road",
                        "white gate, lane north to the mill, left at the chapel",
                        "WL 4172 0936",
                        "one bar at the white gate, none on the towpath",
                        "Sefa Marsh",
                        "in the winch's left box; tourniquet on every saw belt",
                        "two carry to the white gate, one meets the ambulance there",
                        "line owner's number on the pole: 0555 0142"),
                0L);
        surroundings.access(
                job,
                new Access(
                        Optional.of(2.6),
                        Optional.of(8.0),
                        Optional.of(3500.0),
                        "beds, and the culvert at the white gate with anything heavier"),
                0L);
        surroundings.anchor(job, new Anchor(49.5, -29.25, 0), 0L);
        surroundings.addMachine(
                job, new Access.Machine("tracked winch", Access.Use.WINCH, 1.2, 1400, 20, Optional.of(20000.0)));
        surroundings.addMachine(
                job, new Access.Machine("crane lorry", Access.Use.CRANE, 2.5, 12000, 8, Optional.empty()));
        double[][] bank = {
            {20, 26, 0},
            {42, 26, 0.1},
            {62, 26, 0.2},
            {20, 20, -0.4},
            {45, 19.4, -0.5},
            {62, 18.6, -0.4},
            {24, 17.8, -1.6},
            {46, 16.2, -1.7},
            {60, 15.4, -1.6}
        };
        for (double[] p : bank) {
            surroundings.addHeight(
                    job,
                    new Terrain.SpotHeight(new Spot(p[0], p[1]), p[2]),
                    "level and staff from the towpath",
                    leader);
        }
    }

    private static Places.Entry target(
            String name, FeatureKind kind, Form form, int worth, Protection protection, String by, List<Spot> outline) {
        return new Places.Entry(
                name,
                kind,
                form,
                outline,
                0,
                worth,
                false,
                "",
                protection,
                by,
                false,
                "corners by tape from the stump of S1");
    }

    private static Places.Entry feature(String name, FeatureKind kind, Form form, List<Spot> outline) {
        return new Places.Entry(name, kind, form, outline, 0, 0, false, "", Protection.NONE, "", false, "tapped");
    }

    private static List<Spot> spots(double... en) {
        return IntStream.range(0, en.length / 2)
                .mapToObj(i -> new Spot(en[2 * i], en[2 * i + 1]))
                .toList();
    }

    private void house() {
        kit(KitItem.Kind.SAW, "saw, short bar", 1, 0.45, null, null, null, null, null);
        kit(KitItem.Kind.SAW, "saw, long bar", 1, 0.63, null, null, null, null, null);
        kit(KitItem.Kind.WEDGE, "wedge, yellow", 6, null, 0.025, 0.2, null, null, null);
        kit(KitItem.Kind.WEDGE, "wedge, high", 2, null, 0.038, 0.25, null, null, null);
        kit(KitItem.Kind.HAMMER, "splitting hammer", 2, null, null, null, null, null, null);
        kit(KitItem.Kind.LEVER, "felling lever", 1, null, null, 1.0, null, null, null);
        kit(KitItem.Kind.ROPE, "winch rope, 12 mm", 1, null, null, 90.0, 110000.0, null, 2022);
        kit(KitItem.Kind.ROPE, "pull line, 14 mm", 1, null, null, 70.0, 48000.0, null, 2023);
        kit(KitItem.Kind.ROPE, "old blue line", 1, null, null, 40.0, 24000.0, null, 2012);
        kit(KitItem.Kind.SLING, "round sling, red", 2, null, null, null, 50000.0, null, 2023);
        kit(KitItem.Kind.BLOCK, "redirect block", 1, null, null, null, 60000.0, 0.92, null);
        kit(KitItem.Kind.WINCH, "tracked winch", 1, null, null, null, 20000.0, null, null);
    }

    private void kit(
            KitItem.Kind kind,
            String name,
            int count,
            @Nullable Double barM,
            @Nullable Double liftM,
            @Nullable Double lengthM,
            @Nullable Double strengthN,
            @Nullable Double efficiency,
            @Nullable Integer madeYear) {
        kit.put(
                name,
                kits.add(new KitItem(
                        kind,
                        name,
                        count,
                        Optional.ofNullable(barM),
                        Optional.ofNullable(liftM),
                        Optional.ofNullable(lengthM),
                        Optional.ofNullable(strengthN),
                        Optional.ofNullable(efficiency),
                        Optional.ofNullable(madeYear),
                        "")));
    }

    private void stems(String job, SignedIn leader) {
        String s1 = stem(
                job,
                Species.POPULUS,
                StemState.STANDING,
                38,
                34,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF_LEAFLESS,
                false,
                "Lombardy poplar by the glasshouse");
        sight(job, s1, leader, SightingKind.GIRTH, Map.of("girthM", 1.63));
        sight(job, s1, leader, SightingKind.HEIGHT_ANGLES, Map.of("distanceM", 30.0, "top", 36.1, "base", -4.1));
        sight(job, s1, leader, SightingKind.HEIGHT_ANGLES, Map.of("distanceM", 26.0, "top", 39.6, "base", -5.3));
        sight(job, s1, leader, SightingKind.PLUMB_LEAN, Map.of("leanDeg", 1.8, "azimuthDeg", 262.0, "sigmaDeg", 0.6));
        sight(job, s1, leader, SightingKind.CROWN_RADIUS, Map.of("radiusM", 2.0));
        defect(job, s1, leader, DefectKind.DEAD_TOP, 19, 24, 80, "top 5 m, bark off");
        String s2 = stem(
                job,
                Species.FRAXINUS,
                StemState.HUNG,
                16,
                44,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF_LEAFLESS,
                false,
                "ash, broken at the base, hung up in S3");
        sight(job, s2, leader, SightingKind.GIRTH, Map.of("girthM", 0.94));
        sight(job, s2, leader, SightingKind.EYE_HEIGHT, Map.of("heightM", 14.0));
        sight(job, s2, leader, SightingKind.EYE_CROWN, Map.of("radiusM", 2.0));
        defect(job, s2, leader, DefectKind.BROKEN_BASE, 0.2, 0.8, 190, "hinge of torn fibres");
        String s3 = stem(
                job,
                Species.ACER,
                StemState.STANDING,
                8,
                38,
                StemMass.Shape.OPEN,
                StemMass.Crown.OPEN_BROADLEAF_LEAFLESS,
                true,
                "sound sycamore, to be kept");
        sight(job, s3, leader, SightingKind.GIRTH, Map.of("girthM", 1.9));
        sight(job, s3, leader, SightingKind.EYE_HEIGHT, Map.of("heightM", 16.0));
        sight(job, s3, leader, SightingKind.EYE_CROWN, Map.of("radiusM", 4.5));
        stem(
                job,
                Species.SALIX,
                StemState.STANDING,
                47,
                21,
                StemMass.Shape.OPEN,
                StemMass.Crown.OPEN_BROADLEAF_LEAFLESS,
                false,
                "willow, split at the union over the footbridge");
        String s5 = stem(
                job,
                Species.ALNUS,
                StemState.STANDING,
                32,
                22.5,
                StemMass.Shape.FOREST,
                StemMass.Crown.FOREST_BROADLEAF_LEAFLESS,
                false,
                "alder on the bank");
        sight(job, s5, leader, SightingKind.EYE_DIAMETER, Map.of("diameterM", 0.3));
        sight(job, s5, leader, SightingKind.EYE_HEIGHT, Map.of("heightM", 12.0));
        defect(job, s5, leader, DefectKind.LIFTED_ROOT_PLATE, 0, 0.3, 350, "edge lifted 0.2 m on the land side");
        stem(
                job,
                Species.TILIA,
                StemState.STANDING,
                28,
                59,
                StemMass.Shape.OPEN,
                StemMass.Crown.OPEN_BROADLEAF_LEAFLESS,
                false,
                "lime close to the phone line");
        tangles.relate(job, "S2", Pile.Type.RESTS_ON, "S3");
        tangles.record(job, s2, new Tangles.HangEntry(Optional.of(20000.0), Optional.empty(), false, "", ""), -1L);
        ChoiceRequest.CutsRequest cuts = new ChoiceRequest.CutsRequest(
                Optional.empty(),
                null,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(0.015),
                Optional.empty(),
                Optional.empty(),
                null,
                null,
                kit.get("saw, short bar"));
        ChoiceRequest.RigRequest rig = new ChoiceRequest.RigRequest(
                null,
                null,
                null,
                null,
                null,
                kit.get("winch rope, 12 mm"),
                kit.get("round sling, red"),
                null,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                null,
                null);
        lays.choose(
                job,
                s1,
                new ChoiceRequest(
                        58.0,
                        0.35,
                        School.OPEN_FACE,
                        0.45,
                        Means.Kind.MACHINE_LINE,
                        Optional.of(12.0),
                        Optional.of(52.0),
                        Optional.of(20000.0),
                        null,
                        Optional.empty(),
                        Optional.empty(),
                        null,
                        null,
                        cuts,
                        rig,
                        null),
                false,
                NO_ZONE,
                null);
    }

    private String stem(
            String job,
            Species species,
            StemState state,
            double e,
            double n,
            StemMass.Shape shape,
            StemMass.Crown crown,
            boolean keep,
            String note) {
        return stems.add(
                job,
                new Stems.NewStem(species, state, new Spot(e, n), Wood.all(Condition.SOUND), shape, crown, keep, note));
    }

    private void sight(String job, String stem, SignedIn who, SightingKind kind, Map<String, Double> numbers) {
        books.sight(job, stem, FieldBooks.Observation.of(kind, numbers), who);
    }

    private void defect(
            String job,
            String stem,
            SignedIn who,
            DefectKind kind,
            double from,
            double to,
            double face,
            String extent) {
        books.defect(job, stem, new Defect(UUID.randomUUID().toString(), kind, from, to, face, ""), extent, who);
    }

    private void steps(String job, Person nadia, Person tove, Person sefa) {
        crews.add(
                job,
                new Crews.Entry(
                        Step.Kind.RELEASE,
                        Optional.of("S2"),
                        0,
                        40,
                        List.of(
                                new Step.Post(Role.WINCH, tove.id(), Optional.of(new Spot(47, 65))),
                                new Step.Post(Role.LOOKOUT, sefa.id(), Optional.of(new Spot(66, 58))))));
        crews.add(
                job,
                new Crews.Entry(
                        Step.Kind.FELL,
                        Optional.of("S1"),
                        40,
                        70,
                        List.of(
                                new Step.Post(Role.CUTTER, nadia.id(), Optional.empty()),
                                new Step.Post(Role.LOOKOUT, sefa.id(), Optional.of(new Spot(89, 44))))));
    }
}
