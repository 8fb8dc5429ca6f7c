package org.antevid.core.assist;

import java.util.Optional;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Refusal;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;

/**
 * A piece of kit on the house's list. What its kind needs must be there, the rest is empty.
 *
 * @param count how many of it there are, 1..100
 * @param barM saw: usable guide bar, 0.15..2.5 m
 * @param liftM wedge: thickness at the butt end, 0.005..0.08 m
 * @param lengthM wedge 0.08..0.4 m, lever 0.4..2 m, rope 5..300 m
 * @param strengthN rope: breaking strength; sling, block and brake: working load; winch: rated pull
 * @param efficiency block: pull passed on, 0.3..1
 * @param madeYear rope and sling
 */
public record KitItem(
        Kind kind,
        String name,
        int count,
        Optional<Double> barM,
        Optional<Double> liftM,
        Optional<Double> lengthM,
        Optional<Double> strengthN,
        Optional<Double> efficiency,
        Optional<Integer> madeYear,
        String note) {

    /** Kinds of kit. */
    public enum Kind {
        SAW,
        WEDGE,
        HAMMER,
        LEVER,
        ROPE,
        SLING,
        BLOCK,
        WINCH,
        /** Where a line is let out: a drum or a bollard with wraps. */
        BRAKE;
    }

    /** @throws RefusedInput naming what the kind needs and in which range */
    public KitItem {
        name = Require.text(name, 60, "name");
        Require.within(count, 1, 100, "count");
        madeYear.ifPresent(y -> Require.within(y, 1950, 2200, "madeYear"));
        switch (kind) {
            case SAW -> need(barM, 0.15, 2.5, "barM");
            case WEDGE -> {
                need(liftM, 0.005, 0.08, "liftM");
                need(lengthM, 0.08, 0.4, "lengthM");
            }
            case LEVER -> need(lengthM, 0.4, 2, "lengthM");
            case ROPE -> {
                need(strengthN, 500, 2e6, "strengthN");
                need(lengthM, 5, 300, "lengthM");
            }
            case SLING, WINCH, BRAKE -> need(strengthN, 100, 1e6, "strengthN");
            case BLOCK -> {
                need(strengthN, 100, 1e6, "strengthN");
                need(efficiency, 0.3, 1, "efficiency");
            }
            case HAMMER -> {}
        }
    }

    private static void need(Optional<Double> value, double low, double high, String field) {
        if (value.isEmpty()) {
            throw new RefusedInput(
                    Message.of(Refusal.NEEDED).with("low", Arg.figure(low)).with("high", Arg.figure(high)), field);
        }
        Require.within(value.get(), low, high, field);
    }

    /** @param year it is now */
    public Kit.Rope asRope(int year) {
        return new Kit.Rope(name, strengthN.orElseThrow(), madeYear.map(y -> (double) Math.max(0, year - y)));
    }

    public Kit.Sling asSling() {
        return new Kit.Sling(name, strengthN.orElseThrow());
    }

    public Kit.Block asBlock() {
        return new Kit.Block(name, strengthN.orElseThrow(), efficiency.orElseThrow());
    }

    public Wedges.Set asWedges(int stack, int beside) {
        return new Wedges.Set(name, liftM.orElseThrow(), lengthM.orElseThrow(), stack, beside);
    }
}
