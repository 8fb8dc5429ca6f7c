package org.antevid.app.takedown;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.antevid.app.house.Kits;
import org.antevid.core.assist.KitItem;
import org.antevid.core.takedown.pieces.FrictionAloft;
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
        Optional<Second> second) {
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

    /**
     * A second line.
     *
     * @param holdsFirst over what it holds a piece first; empty: it is tied on the other tree
     */
    public record Second(OnLine<SecondLine> line, Optional<ChosenFriction> holdsFirst) {
        Second called(UnaryOperator<String> how) {
            return new Second(
                    line.called(how),
                    holdsFirst.map(h ->
                            new ChosenFriction(h.device().map(how), h.sling().map(how))));
        }
    }

    /** Ids of friction on another tree and of its sling; empty: not chosen. */
    public record ChosenFriction(Optional<String> device, Optional<String> sling) {}

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

    Gear of(Kits kits, LocalDate today) {
        return new Gear(
                part(kits, line, KitItem.Kind.ROPE, today),
                part(kits, block, KitItem.Kind.BLOCK, today),
                part(kits, sling, KitItem.Kind.SLING, today),
                part(kits, brake, KitItem.Kind.BRAKE, today),
                brakeDeg,
                brakeAwayM,
                handN,
                slackM,
                second.map(s -> s.line.rigged
                        .on(part(kits, s.line.line, KitItem.Kind.ROPE, today))
                        .over(s.holdsFirst.map(h -> new FrictionAloft(
                                part(kits, h.device, KitItem.Kind.BRAKE, today),
                                part(kits, h.sling, KitItem.Kind.SLING, today))))));
    }

    static Guy guy(Kits kits, OnLine<Guy> g, LocalDate today) {
        return g.rigged.on(part(kits, g.line, KitItem.Kind.ROPE, today));
    }

    private static Optional<Gear.Part> part(Kits kits, Optional<String> id, KitItem.Kind kind, LocalDate today) {
        return id.flatMap(i -> kits.entry(i, kind))
                .map(k -> new Gear.Part(
                        k.item().name(),
                        k.item().strengthN().orElseThrow(),
                        k.item().madeYear().isPresent(),
                        k.item().efficiency(),
                        k.inspection().forUse(today),
                        k.inspection().leftShare().orElse(1.0),
                        k.id(),
                        k.item().count()));
    }
}
