package org.antevid.sums;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.core.quantity.Fault;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.tangle.plate.FallenPlate;
import org.antevid.core.tangle.plate.RootPlate;
import org.antevid.core.tangle.plate.SetBack;
import org.antevid.core.tangle.plate.TiltedPlate;
import org.jspecify.annotations.Nullable;

/** Sums of raised and lifted root plates. */
final class PlateSums {
    private static final int MOST_PIECES = 60;

    private static final List<Field> PIECE = List.of(
            Field.need("x_m", "m", 0, 60), Field.need("m_lo", "kg", 0, 100000), Field.need("m_hi", "kg", 0, 100000));

    private static final List<Field> PLATE = List.of(
            Field.need("plate_width_m", "m", 0.3, 10),
            Field.need("plate_height_m", "m", 0.3, 10),
            Field.need("plate_thick_m", "m", 0.05, 3),
            Field.with("psi_deg", "deg", 20, 130, 90),
            Field.with("u_psi_deg", "deg", 0, 20, RootPlate.U_PSI_DEG),
            Field.maybe("a_m", "m", 0, 10),
            Field.with("soil_low", "kg/m3", 600, 2200, RootPlate.SOIL_LOW_KGM3),
            Field.with("soil_high", "kg/m3", 600, 2400, RootPlate.SOIL_HIGH_KGM3));

    private static final Field ROOT_SPRING = Field.with("root_spring_rel", "", 0, 1, RootPlate.ROOT_SPRING);
    private static final Field PIECES = Field.wholeEntries("pieces", 1, MOST_PIECES, PIECE);

    static final List<Sum> ALL = List.of(
            new Sum(
                    "rootplate_fallen",
                    "After which piece a stump may stand up",
                    of(
                            PLATE,
                            ROOT_SPRING,
                            PIECES,
                            Field.flag("held_by_others", true),
                            Field.maybe("hold_x_m", "m", 0, 60),
                            Field.maybe("rope_y_m", "m", 0, 12),
                            Field.with("rope_x_m", "m", 0, 60, 0),
                            Field.with("rope_angle_deg", "deg", -60, 85, 0)),
                    PlateSums::betweenPlate,
                    PlateSums::fallen),
            new Sum(
                    "plate_set_back",
                    "Setting a plate back into its crater",
                    of(
                            PLATE,
                            PIECES,
                            Field.need("line_x_m", "m", 0.2, 60),
                            Field.maybe("line_angle_deg", "deg", -60, 90),
                            Field.maybe("anchor_back_m", "m", 1, 200),
                            Field.maybe("anchor_h_m", "m", 0, 30),
                            Field.with("gamma", "", 1, 5, TiltedPlate.GAMMA),
                            Field.maybe("line_limit_N", "N", 100, 1e7),
                            Field.maybe("anchor_limit_N", "N", 100, 1e7),
                            Field.maybe("rim_thick_m", "m", 0, 3),
                            Field.maybe("crater_m", "m", 0.1, 15),
                            Field.with("fill_m", "m", 0, 2, 0),
                            Field.maybe("stub_m", "m", 0.1, 60),
                            ROOT_SPRING),
                    PlateSums::betweenSetBack,
                    PlateSums::setBack),
            new Sum(
                    "rootplate_tilted",
                    "A tree on a lifted plate",
                    List.of(
                            Field.need("plate_width_m", "m", 0.3, 12),
                            Field.need("heave_m", "m", 0, 3),
                            Field.need("tree_height_m", "m", 1, 70),
                            Field.need("mass_kg", "kg", 10, 60000),
                            Field.maybe("cg_height_m", "m", 0.1, 60),
                            Field.maybe("guy_height_m", "m", 0.5, 60),
                            Field.with("guy_angle_deg", "deg", 0, 75, TiltedPlate.GUY_ANGLE_DEG),
                            Field.with("gamma", "", 1, 5, TiltedPlate.GAMMA),
                            Field.with("wind_moment_Nm", "N m", 0, 5e6, 0),
                            Field.with("lean_before_deg", "deg", 0, 45, 0)),
                    PlateSums::betweenTilted,
                    PlateSums::tilted));

    private PlateSums() {}

    private static List<Field> of(List<Field> plate, Field... more) {
        return Stream.concat(plate.stream(), Stream.of(more)).toList();
    }

    private static List<Fault> betweenPlate(Input in) {
        List<Fault> faults = new ArrayList<>();
        if (in.opt("a_m")
                .filter(a -> in.opt("plate_height_m").filter(h -> a > h).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.BEYOND_LENGTH, "a_m"));
        }
        if (in.opt("soil_low")
                .filter(l -> in.opt("soil_high").filter(h -> l > h).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.SOIL_OUT_OF_ORDER, "soil_low_above_high"));
        }
        List<Input> pieces = in.entries("pieces");
        for (int i = 0; i < pieces.size(); i++) {
            Input p = pieces.get(i);
            if (p.opt("m_lo")
                    .filter(l -> p.opt("m_hi").filter(h -> l > h).isPresent())
                    .isPresent()) {
                faults.add(new Fault(Refusal.BAD_PIECE, "pieces[" + i + "]"));
            }
        }
        return faults;
    }

    private static List<Fault> betweenSetBack(Input in) {
        List<Fault> faults = new ArrayList<>(betweenPlate(in));
        if (in.given("line_angle_deg") && in.given("anchor_back_m")) {
            faults.add(new Fault(Refusal.ONE_OF_TWO, "line_angle_deg"));
        }
        if (!in.given("line_angle_deg") && !in.given("anchor_back_m")) {
            faults.add(new Fault(Refusal.NEEDED, "line_angle_deg"));
        }
        return faults;
    }

    private static RootPlate plate(Input in) {
        return new RootPlate(
                in.num("plate_width_m"),
                in.num("plate_height_m"),
                in.num("plate_thick_m"),
                in.num("psi_deg"),
                in.num("u_psi_deg"),
                in.opt("a_m").orElse(in.num("plate_height_m") / 2),
                in.num("soil_low"),
                in.num("soil_high"),
                in.num("root_spring_rel"));
    }

    private static List<RootPlate.Piece> pieces(Input in) {
        return in.entries("pieces").stream()
                .map(p -> new RootPlate.Piece(p.num("x_m"), p.num("m_lo"), p.num("m_hi")))
                .toList();
    }

    private static Answer fallen(Input in) {
        FallenPlate f = FallenPlate.of(
                plate(in),
                pieces(in),
                in.flag("held_by_others"),
                in.opt("hold_x_m"),
                in.opt("rope_y_m")
                        .map(y -> new FallenPlate.PlateRope(y, in.num("rope_x_m"), in.num("rope_angle_deg"))));
        return new Answer()
                .put("first_unsafe_after_cut", f.firstUnsafeAfterCut())
                .put("rows", f.rows().stream().map(PlateSums::row).toList())
                .put("hold_down_N", column(f, FallenPlate.Row::holdDownN))
                .put("set_back_N", column(f, FallenPlate.Row::setBackN))
                .put("plate_rope_N", column(f, FallenPlate.Row::plateRopeN))
                .put("plate_kg_lo", f.plateLowKg())
                .put("plate_kg_hi", f.plateHighKg())
                .put("arm_plate_hi_m", f.armPlateHighM())
                .put("arm_plate_lo_m", f.armPlateLowM())
                .put("min_stub_m", f.minStubM())
                .put("zone_behind_m", f.zoneBehindM())
                .put("zone_front_m", f.zoneFrontM())
                .warn(f.warnings());
    }

    private static List<@Nullable Double> column(
            FallenPlate f, java.util.function.Function<FallenPlate.Row, Optional<Double>> of) {
        List<@Nullable Double> column = new ArrayList<>();
        f.rows().forEach(r -> column.add(of.apply(r).orElse(null)));
        return column;
    }

    private static Map<String, @Nullable Object> row(FallenPlate.Row r) {
        Map<String, @Nullable Object> m = new LinkedHashMap<>();
        m.put("removed", r.removed());
        m.put("M_down_lo", r.downLowNm());
        m.put("M_down_hi", r.downHighNm());
        m.put("M_up_lo", r.upLowNm());
        m.put("M_up_hi", r.upHighNm());
        m.put("ratio", r.ratio().orElse(null));
        m.put("state", r.state().key());
        return m;
    }

    private static Answer setBack(Input in) {
        double thick = in.num("plate_thick_m");
        double height = in.num("plate_height_m");
        List<RootPlate.Piece> pieces = pieces(in);
        SetBack.Pull pull = in.opt("line_angle_deg")
                .<SetBack.Pull>map(SetBack.Fixed::new)
                .orElseGet(() -> new SetBack.Anchor(
                        in.num("anchor_back_m"), in.opt("anchor_h_m").orElse(SetBack.Anchor.HEIGHT_M)));
        SetBack s = SetBack.of(
                plate(in),
                pieces,
                new SetBack.Ask(
                        in.num("line_x_m"),
                        pull,
                        in.num("gamma"),
                        Stream.of(in.opt("line_limit_N"), in.opt("anchor_limit_N"))
                                .flatMap(Optional::stream)
                                .toList(),
                        in.opt("rim_thick_m").orElse(thick / 2),
                        in.opt("crater_m").orElse(height),
                        in.num("fill_m"),
                        in.opt("stub_m").orElseGet(() -> pieces.stream()
                                .mapToDouble(RootPlate.Piece::xM)
                                .max()
                                .orElse(0))));
        return new Answer()
                .put("expected_N", s.greatest().map(SetBack.Greatest::expectedN))
                .put("at_psi_deg", s.greatest().map(SetBack.Greatest::psiDeg))
                .put("rated_needed_N", s.greatest().map(SetBack.Greatest::ratedNeededN))
                .put("stop_N", s.stopN())
                .put("start_N", s.start().forceN())
                .put("start_arm_m", s.start().armM())
                .put("start_line_angle_deg", s.start().lineAngleDeg())
                .put("takes_over_psi_deg", s.takesOverPsiDeg())
                .put("rim_psi_deg", s.seat().rimPsiDeg())
                .put("trim_m", s.seat().trimM())
                .put("fill_psi_deg", s.seat().fillPsiDeg())
                .put("seat_psi_deg", s.seat().seatPsiDeg())
                .put("lean_after_deg", s.seat().seatPsiDeg())
                .put("seat_gap_m", s.seat().gapM())
                .put("zone_behind_m", s.zoneBehindM())
                .put("zone_stem_m", s.zoneStemM())
                .put("after", MeasureSums.keys(SetBack.After.values()))
                .warn(s.warnings());
    }

    private static List<Fault> betweenTilted(Input in) {
        List<Fault> faults = new ArrayList<>();
        if (in.opt("heave_m")
                .filter(h -> in.opt("plate_width_m").filter(w -> h >= w / 2).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.UPROOTED, "heave_m_over_half_width_uprooted"));
        }
        if (in.opt("guy_height_m")
                .filter(g -> in.opt("tree_height_m").filter(h -> g > h).isPresent())
                .isPresent()) {
            faults.add(new Fault(Refusal.GUY_ABOVE_TOP, "guy_height_m"));
        }
        return faults;
    }

    private static Answer tilted(Input in) {
        double height = in.num("tree_height_m");
        TiltedPlate t = TiltedPlate.of(new TiltedPlate.Tilt(
                in.num("plate_width_m"),
                in.num("heave_m"),
                height,
                in.num("mass_kg"),
                in.opt("cg_height_m").orElse(TiltedPlate.CG * height),
                in.opt("guy_height_m").orElse(TiltedPlate.GUY_HEIGHT * height),
                in.num("guy_angle_deg"),
                in.num("gamma"),
                in.num("wind_moment_Nm"),
                in.num("lean_before_deg")));
        return new Answer()
                .put("grade", t.grade().key())
                .put("phi_deg", t.phiDeg())
                .put("phi_lo_deg", t.phiLowDeg())
                .put("phi_hi_deg", t.phiHighDeg())
                .put("tip_shift_m", t.tipShiftM())
                .put("tip_shift_hi_m", t.tipShiftHighM())
                .put("dM_Nm", t.addedNm())
                .put("M_total_Nm", t.totalNm())
                .put("guy_N", t.guyN())
                .put("guy_full_N", t.guyFullN())
                .put("guy_vertical_N", t.guyVerticalN())
                .put("zone_m", t.zoneM())
                .warn(t.warnings());
    }
}
