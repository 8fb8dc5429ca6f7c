package org.antevid.app.takedown;

import java.util.Optional;
import java.util.function.UnaryOperator;
import org.antevid.app.house.Kits;
import org.antevid.core.assist.KitItem;
import org.antevid.core.takedown.pieces.Gear;
import org.antevid.core.takedown.pieces.Guy;
import org.antevid.core.takedown.pieces.SecondLine;

/** Ids of what is chosen off the house's list; empty: not chosen. */
public record ChosenGear(
        Optional<String> line,
        Optional<String> block,
        Optional<String> sling,
        Optional<String> brake,
        Optional<Double> brakeDeg,
        double brakeAwayM,
        double handN,
        double slackM,
        Optional<OnLine<SecondLine>> second) {
    public static final ChosenGear NONE = new ChosenGear(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Gear.USUAL_AWAY_M,
            Gear.USUAL_HAND_N,
            Gear.USUAL_SLACK_M,
            Optional.empty());

    /**
     * Something rigged on a line of the house's list.
     *
     * @param rigged without its line
     */
    public record OnLine<T>(Optional<String> line, T rigged) {
        OnLine<T> called(UnaryOperator<String> how) {
            return new OnLine<>(line.map(how), rigged);
        }
    }

    /** @return the same with each part called otherwise: by its name, or by its id */
    ChosenGear called(UnaryOperator<String> how) {
        return new ChosenGear(
                line.map(how),
                block.map(how),
                sling.map(how),
                brake.map(how),
                brakeDeg,
                brakeAwayM,
                handN,
                slackM,
                second.map(s -> s.called(how)));
    }

    ChosenGear withoutLine() {
        return new ChosenGear(
                Optional.empty(), block, sling, brake, brakeDeg, brakeAwayM, handN, slackM, Optional.empty());
    }

    Gear of(Kits kits) {
        return new Gear(
                part(kits, line, KitItem.Kind.ROPE),
                part(kits, block, KitItem.Kind.BLOCK),
                part(kits, sling, KitItem.Kind.SLING),
                part(kits, brake, KitItem.Kind.BRAKE),
                brakeDeg,
                brakeAwayM,
                handN,
                slackM,
                second.map(s -> s.rigged.on(part(kits, s.line, KitItem.Kind.ROPE))));
    }

    static Guy guy(Kits kits, OnLine<Guy> g) {
        return g.rigged.on(part(kits, g.line, KitItem.Kind.ROPE));
    }

    private static Optional<Gear.Part> part(Kits kits, Optional<String> id, KitItem.Kind kind) {
        return id.flatMap(i -> kits.item(i, kind))
                .map(k -> new Gear.Part(
                        k.name(), k.strengthN().orElseThrow(), k.madeYear().isPresent(), k.efficiency()));
    }
}
