package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.crew.Role;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.Compass;
import org.antevid.core.takedown.step.PiecePart;

/** What each role has to know of the pieces of its step, the quantity first. */
public final class PieceCard {
    private PieceCard() {}

    /** What is said. */
    public enum Words implements Code {
        WHICH,
        CUT_AT,
        WEIGHS,
        ON_THE_LINE,
        WRAPS,
        LET_RUN,
        HELD,
        /** let down, then drawn across by the second line */
        ACROSS,
        /** another line holds it first, the one over the stem takes it over */
        HELD_FIRST,
        /** the same, to whoever holds that other line */
        HOLD_FIRST,
        ROOM,
        KEEP_OFF,
        /** nothing stops it on this ground */
        KEEP_OFF_ALL,
        UP_THERE,
        TIED_IN,
        /** a top over its hinge */
        FACE,
        /** where it goes */
        TOWARD,
        ONTO_BED,
        /** how far the stem sways then; not said where nobody did */
        SWAYS,
        ON_THE_HOOK,
        SHOWS,
        /** pieces before it were weighed since the briefing */
        WEIGHED_SINCE
    }

    /** @return nothing of a step in which nothing comes down in pieces */
    public static List<Message> of(Optional<PiecePart> part, Role role) {
        return part.map(p -> of(p, role)).orElse(List.of());
    }

    /**
     * What the readings since say of a piece on the hook: no new plan, but whoever holds it goes by them.
     *
     * @return nothing of what is as it was briefed, or hangs on no hook
     */
    public static List<Message> weighedSince(Optional<PiecePart> briefed, Optional<PiecePart> now) {
        return briefed.filter(b -> b.picked().isPresent())
                .flatMap(b -> now.filter(n -> n.picked().isPresent())
                        .filter(n -> !n.picked().equals(b.picked())))
                .map(n -> {
                    List<Message> all = new ArrayList<>();
                    all.add(Message.of(Words.WEIGHED_SINCE).with("mass", Arg.up(Dimension.MASS, onHookKg(n))));
                    n.picked().ifPresent(x -> hook(x, all));
                    return List.copyOf(all);
                })
                .orElse(List.of());
    }

    private static List<Message> of(PiecePart p, Role role) {
        List<Message> all = new ArrayList<>();
        all.add(Message.of(Words.WHICH)
                .with("count", Arg.count(p.numbers().size()))
                .with("pieces", Arg.several(p.numbers().stream().map(Arg::count).toList()))
                .with("of", Arg.count(p.of()))
                .with("way", Arg.term(p.way())));
        switch (role) {
            case CLIMBER, CUTTER -> {
                all.add(Message.of(Words.CUT_AT)
                        .with("up", length(p.upM()))
                        .with("length", Arg.up(Dimension.LENGTH, p.lengthM())));
                all.add(weighs(p));
                p.tieInM().ifPresent(m -> all.add(Message.of(Words.TIED_IN).with("up", length(m))));
                p.over().ifPresent(o -> over(o, all));
                bed(p, all);
                p.roomM().ifPresent(m -> all.add(Message.of(Words.ROOM).with("room", Arg.down(Dimension.LENGTH, m))));
            }
            case BRAKE -> {
                all.add(weighs(p));
                line(p, all);
            }
            case SECOND_BRAKE -> {
                all.add(weighs(p));
                p.across().ifPresent(x -> x.holdsFirst().ifPresent(h -> holdFirst(x, h, all)));
            }
            case RESCUER -> {
                all.add(Message.of(Words.UP_THERE).with("up", length(p.upM())));
                p.tieInM().ifPresent(m -> all.add(Message.of(Words.TIED_IN).with("up", length(m))));
            }
            case OPERATOR, SLINGER, SIGNALLER -> {
                all.add(onHook(p));
                p.picked().ifPresent(x -> hook(x, all));
            }
            case LOOKOUT, GROUND, WINCH -> {
                all.add(weighs(p));
                p.across().ifPresent(x -> all.add(across(x)));
                p.over().flatMap(PiecePart.Over::towardDeg).ifPresent(deg -> all.add(toward(deg)));
                bed(p, all);
                all.add(p.keepOffM()
                        .map(m -> Message.of(Words.KEEP_OFF).with("ring", Arg.up(Dimension.DISTANCE, m)))
                        .orElseGet(() -> Message.of(Words.KEEP_OFF_ALL)));
            }
        }
        return List.copyOf(all);
    }

    private static void hook(PiecePart.Picked x, List<Message> all) {
        all.add(Message.of(Words.ON_THE_HOOK)
                .with("radius", Arg.up(Dimension.LENGTH, x.radiusM()))
                .with("limit", Arg.down(Dimension.MASS, x.limitKg()))
                .with("share", Arg.up(Dimension.SHARE, x.share())));
        x.showFromKg()
                .flatMap(from -> x.showToKg().map(to -> Message.of(Words.SHOWS)
                        .with("from", Arg.up(Dimension.MASS, from))
                        .with("to", Arg.down(Dimension.MASS, to))))
                .ifPresent(all::add);
    }

    private static void bed(PiecePart p, List<Message> all) {
        p.bed().ifPresent(name -> all.add(Message.of(Words.ONTO_BED).with("bed", Arg.name(name))));
    }

    private static Message toward(double deg) {
        return Message.of(Words.TOWARD).with("side", Arg.term(Compass.of(deg))).with("toward", Arg.azimuth(deg));
    }

    private static void over(PiecePart.Over o, List<Message> all) {
        o.towardDeg().ifPresent(deg -> all.add(toward(deg)));
        all.add(Message.of(Words.FACE)
                .with("face", Arg.down(Dimension.DIAMETER, o.faceM()))
                .with("hinge", Arg.up(Dimension.DIAMETER, o.hingeM())));
        all.add(Message.of(Words.SWAYS)
                .with("push", Arg.up(Dimension.FORCE, o.pushN()))
                .with("sway", o.swayM().map(m -> Arg.of(Dimension.LENGTH, m))));
    }

    private static void line(PiecePart p, List<Message> all) {
        if (!p.way().roped()) {
            return;
        }
        p.lineN().ifPresent(n -> all.add(Message.of(Words.ON_THE_LINE).with("peak", Arg.up(Dimension.FORCE, n))));
        p.wraps()
                .ifPresent(w -> all.add(Message.of(Words.WRAPS)
                        .with("least", p.wrapsLeast().map(Arg::figure))
                        .with("most", Arg.figure(w))));
        if (p.across().isPresent()) {
            all.add(across(p.across().get()));
        } else {
            all.add(
                    p.runM() > 0
                            ? Message.of(Words.LET_RUN).with("run", Arg.of(Dimension.LENGTH, p.runM()))
                            : Message.of(Words.HELD));
        }
    }

    private static void holdFirst(PiecePart.Across x, PiecePart.Across.HoldsFirst h, List<Message> all) {
        all.add(Message.of(Words.ON_THE_LINE).with("peak", Arg.up(Dimension.FORCE, x.lineN())));
        all.add(Message.of(Words.WRAPS)
                .with("least", Arg.figure(h.wrapsLeast()))
                .with("most", Arg.figure(h.wraps())));
        all.add(Message.of(Words.HOLD_FIRST)
                .with("side", Arg.term(Compass.of(x.deg())))
                .with("down", length(x.letDownM())));
    }

    private static Message across(PiecePart.Across x) {
        return Message.of(x.holdsFirst().isPresent() ? Words.HELD_FIRST : Words.ACROSS)
                .with("down", length(x.letDownM()))
                .with("to", length(x.toM()))
                .with("side", Arg.term(Compass.of(x.deg())))
                .with("peak", Arg.up(Dimension.FORCE, x.lineN()));
    }

    /** As the pieces before it were weighed, where there are any; else as it is reckoned. */
    private static double onHookKg(PiecePart p) {
        return p.picked().flatMap(PiecePart.Picked::weighsKg).orElse(p.massKg());
    }

    private static Message onHook(PiecePart p) {
        return Message.of(Words.WEIGHS).with("mass", Arg.up(Dimension.MASS, onHookKg(p)));
    }

    private static Message weighs(PiecePart p) {
        return Message.of(Words.WEIGHS).with("mass", Arg.up(Dimension.MASS, p.massKg()));
    }

    private static Arg length(double m) {
        return Arg.of(Dimension.LENGTH, m);
    }
}
