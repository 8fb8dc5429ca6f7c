package org.antevid.sums;

import static org.antevid.sums.RopeFields.keys;

import java.util.List;
import java.util.Optional;
import org.antevid.core.takedown.drop.ByHand;
import org.antevid.core.takedown.drop.FreeDrop;
import org.antevid.core.takedown.drop.TopOut;
import org.antevid.core.takedown.drop.WorkStop;

/** Sums of pieces that fall free or go by hand. */
final class DropSums {
    private static final List<Field> POINT =
            List.of(Field.need("x_m", "m", -500, 500), Field.need("y_m", "m", -500, 500));

    private static final List<Field> ROPE = List.of(
            Field.label("name"),
            Field.rows("points", 1, 100, POINT),
            Field.flag("lowering"),
            Field.maybeLabel("held_by"));

    private static final List<Field> PERSON =
            List.of(Field.label("name"), Field.need("x_m", "m", -500, 500), Field.need("y_m", "m", -500, 500));

    static final List<Sum> ALL = List.of(
            new Sum(
                    "drop_zone",
                    "Where a free piece can end",
                    List.of(
                            Field.need("cut_height_m", "m", 0, 60),
                            Field.need("length_m", "m", 0.05, 30),
                            Field.choice("surface", "hard", keys(FreeDrop.Surface.values())),
                            Field.with("slope_deg", "deg", 0, 60, 0),
                            Field.with("push_ms", "m/s", 0, 10, 2),
                            Field.choice("kind", "log", keys(FreeDrop.Kind.values())),
                            Field.need("gust_ms", "m/s", 0, 25),
                            Field.with("gust_stop_ms", "m/s", 3, 14, 12),
                            Field.maybe("obstacle_height_m", "m", 0, 60),
                            Field.flag("round_piece", true),
                            Field.with("floor_m", "m", 1, 50, 5),
                            Field.maybe("barrier_m", "m", 0, 500)),
                    DropSums::zone),
            new Sum(
                    "drop_topout",
                    "Cutting the top out",
                    List.of(
                            Field.need("diameter_m", "m", 0.03, 1.5),
                            Field.need("top_length_m", "m", 0.3, 30),
                            Field.need("top_mass_kg", "kg", 0.1, 10_000),
                            Field.need("notch_depth_m", "m", 0, 1.5),
                            Field.need("hinge_m", "m", 0, 1.5),
                            Field.need("notch_open_deg", "deg", 0, 120),
                            Field.with("com_back_m", "m", -10, 10, 0),
                            Field.maybe("pull_height_m", "m", 0.1, 30),
                            Field.with("wind_moment_nm", "N m", 0, 1e6, 0),
                            Field.with("bending_mpa", "MPa", 5, 120, 40),
                            Field.flag("brittle"),
                            Field.with("safety_factor", "", 1, 10, 3),
                            Field.maybe("stem_length_m", "m", 0, 60),
                            Field.maybe("stem_diameter_m", "m", 0.03, 3),
                            Field.with("stem_e_gpa", "GPa", 2, 20, 6)),
                    DropSums::topOut),
            new Sum(
                    "drop_manual",
                    "What may be lifted by hand",
                    List.of(
                            Field.needChoice("mode", keys(ByHand.Mode.values())),
                            Field.need("diameter_m", "m", 0.01, 3),
                            Field.maybe("length_m", "m", 0.05, 30),
                            Field.with("density_kgm3", "kg/m3", 200, 1400, 1200),
                            Field.with("branch_rel", "", 0, 2, 0),
                            Field.number("persons", 1, 3, 1),
                            Field.with("reach_cm", "cm", 0, 200, 25),
                            Field.with("grip_height_cm", "cm", 0, 200, 75),
                            Field.with("travel_cm", "cm", 0, 200, 25),
                            Field.with("turn_deg", "deg", 0, 180, 0),
                            Field.with("frequency", "", 0, 1, 1),
                            Field.with("grip", "", 0, 1, 1)),
                    DropSums::byHand),
            new Sum(
                    "drop_snag",
                    "When the work stops",
                    List.of(
                            Field.need("zone_radius_m", "m", 0, 200),
                            Field.flag("moving"),
                            Field.rows("ropes", 0, 20, ROPE),
                            Field.maybeRows("persons", 0, 40, PERSON),
                            Field.maybe("tension_n", "N", 0, 1e7),
                            Field.maybe("expected_n", "N", 1, 1e7),
                            Field.maybe("payout_m", "m", 0, 300),
                            Field.maybe("piece_moved_m", "m", 0, 300),
                            Field.maybe("hung_height_m", "m", 0, 60),
                            Field.with("hung_length_m", "m", 0, 30, 0)),
                    DropSums::stop));

    private DropSums() {}

    private static Answer zone(Input in) {
        FreeDrop d = FreeDrop.of(
                new FreeDrop.Piece(
                        in.num("cut_height_m"),
                        in.num("length_m"),
                        in.num("push_ms"),
                        in.choice(FreeDrop.Kind.class, "kind"),
                        in.flag("round_piece")),
                new FreeDrop.Ground(
                        in.choice(FreeDrop.Surface.class, "surface"),
                        in.num("slope_deg"),
                        in.opt("obstacle_height_m"),
                        in.num("floor_m"),
                        in.opt("barrier_m")),
                in.num("gust_ms"),
                in.num("gust_stop_ms"));
        return new Answer()
                .put("down_m", d.downM())
                .put("across_m", d.acrossM())
                .put("up_m", d.upM())
                .put("drift_m", d.driftM())
                .told(d.remarks());
    }

    private static Answer topOut(Input in) {
        TopOut t = TopOut.of(
                new TopOut.Top(
                        in.num("top_length_m"), in.num("top_mass_kg"), in.num("com_back_m"), in.num("wind_moment_nm")),
                new TopOut.Cut(
                        in.num("diameter_m"),
                        in.num("notch_depth_m"),
                        in.num("hinge_m"),
                        in.num("notch_open_deg"),
                        in.num("bending_mpa"),
                        in.flag("brittle"),
                        in.num("safety_factor")),
                new TopOut.Stem(
                        in.opt("stem_length_m"),
                        in.opt("stem_diameter_m").orElse(in.num("diameter_m")),
                        in.num("stem_e_gpa")),
                in.opt("pull_height_m"));
        return new Answer()
                .put("hinge_length_m", t.hingeLengthM())
                .put("side_moment_allow_nm", t.sideMomentAllowNm())
                .put("push_back_n", t.pushBackN())
                .put("reaction_release_n", t.reactionReleaseN())
                .put("reaction_peak_n", t.reactionPeakN())
                .put("pull_needed_n", t.pullNeededN())
                .put("sway_m", t.swayM())
                .told(t.remarks());
    }

    private static Answer byHand(Input in) {
        ByHand b = ByHand.of(
                in.choice(ByHand.Mode.class, "mode"),
                new ByHand.Piece(
                        in.num("diameter_m"),
                        in.opt("length_m"),
                        in.num("density_kgm3"),
                        in.assumed("density_kgm3"),
                        in.num("branch_rel")),
                new ByHand.Lift(
                        in.whole("persons"),
                        in.num("reach_cm"),
                        in.num("grip_height_cm"),
                        in.num("travel_cm"),
                        in.num("turn_deg"),
                        in.num("frequency"),
                        in.num("grip")));
        return new Answer()
                .put("limit_kg", b.limitKg())
                .put("length_max_m", b.lengthMaxM())
                .put("mass_kg", b.massKg())
                .told(b.remarks());
    }

    private static Answer stop(Input in) {
        WorkStop w = WorkStop.of(new WorkStop.Seen(
                in.num("zone_radius_m"),
                in.flag("moving"),
                in.entries("ropes").stream()
                        .map(r -> new WorkStop.Rope(
                                r.text("name"),
                                r.entries("points").stream().map(DropSums::spot).toList(),
                                r.flag("lowering"),
                                r.maybeText("held_by")))
                        .toList(),
                Optional.of(in).filter(i -> !i.assumed("persons")).map(i -> i.entries("persons").stream()
                        .map(p -> new WorkStop.Person(p.text("name"), spot(p)))
                        .toList()),
                in.opt("tension_n"),
                in.opt("expected_n"),
                in.opt("payout_m"),
                in.opt("piece_moved_m"),
                in.opt("hung_height_m"),
                in.num("hung_length_m")));
        return new Answer()
                .put("stop", w.stop())
                .put("keep_out_m", w.keepOutM())
                .told(w.remarks());
    }

    private static WorkStop.PlaceBelow spot(Input p) {
        return new WorkStop.PlaceBelow(p.num("x_m"), p.num("y_m"));
    }
}
