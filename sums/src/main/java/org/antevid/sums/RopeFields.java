package org.antevid.sums;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.antevid.core.takedown.rope.Device;
import org.antevid.core.takedown.rope.Efficiency;
import org.antevid.core.takedown.rope.Fall;
import org.antevid.core.takedown.rope.LargestPiece;
import org.antevid.core.takedown.rope.Line;
import org.antevid.core.takedown.rope.Load;

/** What the sums of rigging have in common. */
final class RopeFields {
    private static final Field EFFICIENCY_LOW = Field.maybe("efficiency_low", "", 0.05, 1);
    private static final Field EFFICIENCY_HIGH = Field.maybe("efficiency_high", "", 0.05, 1);

    static final Field LEG_LOAD = Field.need("leg_load_m", "m", 0.05, 200);

    static final List<Field> EFFICIENCY = List.of(
            Field.choice("device", Device.BUSH_BLOCK.key(), keys(Device.values())), EFFICIENCY_LOW, EFFICIENCY_HIGH);

    private static final List<Field> STRETCH = List.of(
            Field.maybe("ea_n", "N", 1000, 1e8).usual(50_000, 5e6),
            Field.maybe("elong_pct", "%", 0.05, 40).usual(0.5, 15),
            Field.maybe("elong_force_n", "N", 1, 1e6),
            Field.maybe("mbs_n", "N", 100, 1e7).usual(5000, 500_000),
            Field.with("ea_high_factor", "", 1, 3, 1.25),
            Field.with("ea_low_factor", "", 0.3, 1, 0.8));

    private static final List<Field> TO_BRAKE = join(List.of(Field.with("leg_brake_m", "m", 0, 200, 0)), EFFICIENCY);

    /** Everything of a line but the leg to the piece. */
    static final List<Field> LINE = join(STRETCH, TO_BRAKE);

    /** A line with the leg to the piece. */
    static final List<Field> ROPE = join(join(STRETCH, List.of(LEG_LOAD)), TO_BRAKE);

    static final List<Field> LOAD = List.of(
            Field.need("mass_kg", "kg", 0.1, 20_000).usual(1, 3000), Field.maybe("mass_high_kg", "kg", 0.1, 40_000));

    static final List<Field> FALL = List.of(
            Field.maybe("drop_m", "m", 0, 30).usual(0, 8),
            Field.maybe("com_above_block_m", "m", 0, 30),
            Field.with("slack_m", "m", 0, 30, 0));

    static final List<Field> ALLOWED =
            List.of(Field.need("allow_n", "N", 1, 1e7), Field.maybe("anchor_allow_n", "N", 1, 1e7));

    private RopeFields() {}

    static List<String> keys(Enum<?>[] values) {
        return Stream.of(values).map(v -> v.name().toLowerCase(Locale.ROOT)).toList();
    }

    @SafeVarargs
    static List<Field> join(List<Field>... parts) {
        List<Field> all = new ArrayList<>();
        Stream.of(parts).forEach(all::addAll);
        return List.copyOf(all);
    }

    static Efficiency efficiency(Input in) {
        return Efficiency.of(in.choice(Device.class, "device"), in.opt("efficiency_low"), in.opt("efficiency_high"));
    }

    static Line line(Input in) {
        return Line.of(new Line.Known(
                in.opt("ea_n"),
                in.opt("elong_pct"),
                in.opt("elong_force_n"),
                in.opt("mbs_n"),
                in.num("ea_high_factor"),
                in.num("ea_low_factor"),
                in.num("leg_brake_m"),
                efficiency(in)));
    }

    static Load load(Input in) {
        return new Load(in.num("mass_kg"), in.opt("mass_high_kg"));
    }

    static Fall fall(Input in) {
        return new Fall(in.opt("drop_m"), in.opt("com_above_block_m"), in.num("slack_m"));
    }

    static LargestPiece.Allowed allowed(Input in) {
        return new LargestPiece.Allowed(in.num("allow_n"), in.opt("anchor_allow_n"));
    }
}
