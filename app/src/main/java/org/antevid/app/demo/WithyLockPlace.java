package org.antevid.app.demo;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Form;
import org.antevid.app.place.Places;
import org.antevid.app.place.Surroundings;
import org.antevid.core.site.Access;
import org.antevid.core.site.Anchor;
import org.antevid.core.site.EmergencyCard;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Permit;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Terrain;
import org.antevid.core.site.VoltageClass;
import org.springframework.stereotype.Component;

/** Targets, ground, permits, emergency card and ways in of Withy Lock. */
@Component
class WithyLockPlace {
    private final Places places;
    private final Surroundings surroundings;

    WithyLockPlace(Places places, Surroundings surroundings) {
        this.places = places;
        this.surroundings = surroundings;
    }

    void features(String job) {
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

    void surroundings(String job, SignedIn leader) {
        surroundings.hours(
                job,
                new Surroundings.Hours(Optional.of(8 * 60), Optional.of(16 * 60 + 20), Optional.empty()),
                Optional.empty());
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
        surroundings.addMachine(
                job, new Access.Machine("tracked crane", Access.Use.CRANE, 1.4, 2900, 20, Optional.empty()));
        surroundings.addMachine(
                job, new Access.Machine("tracked platform", Access.Use.LIFT, 1.2, 2400, 20, Optional.empty()));
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

    static Places.Entry target(
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

    static Places.Entry feature(String name, FeatureKind kind, Form form, List<Spot> outline) {
        return new Places.Entry(name, kind, form, outline, 0, 0, false, "", Protection.NONE, "", false, "tapped");
    }

    static List<Spot> spots(double... en) {
        return IntStream.range(0, en.length / 2)
                .mapToObj(i -> new Spot(en[2 * i], en[2 * i + 1]))
                .toList();
    }
}
