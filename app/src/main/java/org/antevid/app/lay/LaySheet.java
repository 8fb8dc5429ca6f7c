package org.antevid.app.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.antevid.app.sheet.MapFrame;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.lay.Landmark;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.TargetCheck;
import org.antevid.core.lay.spread.SightMiss;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Feature;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.site.StandingTree;
import org.antevid.core.stem.StemReading;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;

/** The lay and its zones on a sheet of A4, to a whole scale with its bar, and the numbers beside it. */
final class LaySheet {
    private static final Arg NOTHING = Arg.name("");
    private static final Arg NOT_KNOWN = Arg.said(Message.of(PaperWords.NOT_KNOWN));
    private static final double BOTH_SIDES_95 = 1.96;
    private static final double MAP_X = 10;
    private static final double MAP_Y = 26;
    private static final double MAP_W = 184;
    private static final double MAP_H = 158;
    private static final double SIDE_X = 200;
    private static final String INK = "#1d2a26";
    private static final String MUTE = "#55625c";
    private static final String LAY = "#a3195b";
    private static final String KEEP = "#b3261e";
    private static final String ESCAPE = "#0b5cad";
    private static final String DROP = "#9a6700";

    private final LayPlan plan;
    private final Site site;
    private final List<Zone> zones;
    private final List<StemReading> others;
    private final MapFrame map;
    private final Sheet sheet;
    private final Words words;
    private static final double ROW_MM = 4.6;
    private static final double LAST_LINE = 196;
    private double line = 32;

    private LaySheet(LayPlan plan, Site site, List<Zone> zones, List<StemReading> all, Words words, String job) {
        this.words = words;
        this.plan = plan;
        this.site = site;
        this.zones = zones;
        this.others =
                all.stream().filter(s -> !s.label().equals(plan.stem().label())).toList();
        this.sheet = Sheet.a4Landscape(words.say(Message.of(PaperWords.LAY_TITLE)
                .with("job", Arg.name(job))
                .with("stem", Arg.name(plan.stem().label()))));
        double across = 2 * plan.zone().exclusionM() + 4;
        // the ring has to fit from south to north; from west to east there is more room anyway
        this.map = new MapFrame(
                sheet, new Sheet.Rect(MAP_X, MAP_Y, MAP_W, MAP_H), plan.stem().at(), 0, across);
    }

    /**
     * @param stems all of the place
     * @param state in words: fixed or not, when and by whom it was written out
     */
    static Sheet of(
            LayPlan plan, Site site, List<Zone> zones, List<StemReading> stems, Words words, String job, String state) {
        LaySheet s = new LaySheet(plan, site, zones, stems, words, job);
        s.head(job, state);
        s.map();
        s.figures();
        s.foot();
        return s.sheet;
    }

    private void head(String job, String state) {
        sheet.words(
                        new Sheet.Point(MAP_X, 16),
                        6.5,
                        true,
                        INK,
                        Sheet.Align.LEFT,
                        words.say(Message.of(PaperWords.LAY_OF)
                                .with("stem", Arg.name(plan.stem().label()))
                                .with("species", Arg.term(plan.stem().species()))
                                .with("lay", Arg.azimuth(plan.choice().layDeg()))))
                .words(new Sheet.Point(MAP_X, 22), 3.6, false, MUTE, Sheet.Align.LEFT, job + ". " + state);
    }

    private Sheet.Point at(Spot s) {
        return map.at(s);
    }

    private List<Sheet.Point> at(List<Spot> spots) {
        return map.at(spots);
    }

    private void map() {
        map.begin();
        for (Feature f : site.features()) {
            feature(f);
        }
        for (Zone z : zones) {
            zone(z);
        }
        sheet.stroke(at(plan.fanOutline()), true, Sheet.Pen.line(LAY, 0.25).filled(LAY, 0.12));
        for (EscapeRoutes.Route r : plan.escape().routes()) {
            r.way().ifPresent(w -> {
                List<Spot> path = plan.onPlan(w);
                sheet.stroke(at(path), false, Sheet.Pen.line(ESCAPE, 0.9, 2.4, 1.2));
                label(path.get(path.size() - 1), 2.5, ESCAPE, r.side().wayName(), true);
            });
        }
        Spot stump = plan.stem().at();
        double lay = plan.choice().layDeg();
        Spot tip = stump.at(lay, plan.zone().designReachM());
        sheet.stroke(List.of(at(stump), at(tip)), false, Sheet.Pen.line(LAY, 1));
        sheet.stroke(
                at(List.of(tip, tip.at(lay + 155, 2.4), tip.at(lay - 155, 2.4))),
                true,
                Sheet.Pen.line(LAY, 0.2).filled(LAY, 1));
        for (StandingTree t : site.trees()) {
            if (!t.label().equals(plan.stem().label())) {
                sheet.disc(at(t.at()), t.crownRadiusM() * map.mmPerM(), Sheet.Pen.line(MUTE, 0.2, 1, 1));
            }
        }
        for (StemReading s : others) {
            sheet.disc(at(s.at()), 0.9, Sheet.Pen.line(INK, 0.4).filled("#ffffff", 1));
            label(s.at(), -2.2, INK, s.label(), true);
        }
        sheet.disc(at(stump), 1.5, Sheet.Pen.line(INK, 0.7).filled("#ffffff", 1));
        label(stump, -4.5, INK, plan.stem().label(), true);
        map.end();
    }

    private void feature(Feature f) {
        boolean target = f.worth() > 0;
        Sheet.Pen pen = target ? Sheet.Pen.line(INK, 0.35) : Sheet.Pen.line(MUTE, 0.2);
        if (f.shape().round().isPresent()) {
            Shape.Round r = f.shape().round().get();
            sheet.disc(at(r.centre()), Math.max(0.8, r.radiusM() * map.mmPerM()), pen.filled("#ffffff", 1));
        } else if (f.shape().hasArea()) {
            sheet.stroke(at(f.shape().outline()), true, pen);
        } else {
            sheet.stroke(at(f.shape().outline()), false, Sheet.Pen.line(INK, 0.35, 2, 1));
        }
        if (target || f.kind() == FeatureKind.MEETING_POINT) {
            Spot mark = f.shape().round().map(Shape.Round::centre).orElseGet(f.shape()::mark);
            double below = f.shape().hasArea()
                    ? f.shape().outline().stream()
                                    .mapToDouble(s -> at(s).y())
                                    .max()
                                    .orElse(0)
                            - at(mark).y()
                    : 0;
            label(mark, Math.min(12, below) + 3.2, INK, f.name() + (target ? " " + f.worth() : ""), false);
        }
    }

    private void zone(Zone z) {
        Sheet.Pen pen =
                switch (z.kind()) {
                    case RING -> Sheet.Pen.line(KEEP, 0.6, 4, 1.6);
                    case DROP -> Sheet.Pen.line(DROP, 0.4).filled(DROP, 0.1);
                    case BUTT -> Sheet.Pen.line(INK, 0.3, 0.6, 0.9);
                    case LINE -> Sheet.Pen.line(KEEP, 0.3, 1.6, 1.2).filled(KEEP, 0.05);
                    case PLATE -> Sheet.Pen.line(KEEP, 0.4, 0.8, 0.8);
                };
        z.area().outlines().forEach(o -> sheet.stroke(at(o), true, pen));
    }

    private void label(Spot s, double downMm, String colour, String text, boolean bold) {
        map.label(s, downMm, 2.9, colour, text, bold);
    }

    private void figures() {
        ring();
        control();
        waysOut();
        clips();
        targets();
    }

    private void ring() {
        title(PaperWords.REACH_AND_RING);
        row(PaperWords.REACH_UP, Arg.up(Dimension.LENGTH, plan.zone().designReachM()));
        row(PaperWords.THROWN_UP, Arg.up(Dimension.LENGTH, plan.zone().throwM()));
        row(PaperWords.BUTT_UP, Arg.up(Dimension.LENGTH, plan.zone().buttZoneM()));
        plan.zone()
                .open()
                .ifPresent(o -> row(
                        Message.of(PaperWords.OPEN_DOWNHILL)
                                .with("from", Arg.azimuth(o.fromDeg()))
                                .with("to", Arg.azimuth(o.toDeg())),
                        Arg.said(Message.of(PaperWords.OPEN_UNTIL)
                                .with("holds", plan.choice().below().map(b -> Arg.name(b.holds()))))));
        row(PaperWords.RING_UP, Arg.up(Dimension.DISTANCE, plan.zone().exclusionM()));
        if (Zone.movedPlate(plan.stem())) {
            row(PaperWords.PLATE_NOT_COVERED, NOTHING);
        }
    }

    private void control() {
        title(PaperWords.CONTROL);
        if (plan.control().proven()) {
            double bias = plan.control().biasDeg().orElse(0.0);
            row(
                    PaperWords.SPREAD,
                    Arg.said(Message.of(PaperWords.PLUS_MINUS)
                            .with(
                                    "deg",
                                    Arg.up(
                                            Dimension.ANGLE,
                                            BOTH_SIDES_95
                                                    * plan.control().sigmaDeg().orElse(0.0)))));
            row(
                    PaperWords.DRIFT,
                    Arg.said(Message.of(PaperWords.TO_A_SIDE)
                            .with("deg", Arg.of(Dimension.ANGLE, Math.abs(bias)))
                            .with("right", Arg.flag(bias >= 0))));
            row(
                    PaperWords.SIDE_LEAN_TAKES,
                    plan.sideUse().map(u -> Arg.up(Dimension.SHARE, u)).orElse(NOT_KNOWN));
        } else {
            row(PaperWords.ANY_WAY, NOTHING);
            plan.control().reasons().stream().limit(2).forEach(r -> row(indented(r), NOTHING));
        }
        row(PaperWords.BROUGHT_OVER_BY, Arg.term(plan.choice().means().kind()));
        row(
                Message.of(PaperWords.OFF_AT_THE_STUMP).with("off", Arg.of(Dimension.SHORT, SightMiss.OFF_M)),
                Arg.said(Message.of(PaperWords.AT_THE_TIP)
                        .with(
                                "miss",
                                Arg.up(
                                        Dimension.HEIGHT,
                                        SightMiss.of(
                                                        1000 * SightMiss.OFF_M,
                                                        Math.max(
                                                                0.05,
                                                                plan.card().hingeLengthM()),
                                                        plan.zone().lengthM())
                                                .missM()))));
        Landmark.ahead(
                        plan.stem().at(),
                        plan.choice().layDeg(),
                        site,
                        plan.stem().label())
                .stream()
                .findFirst()
                .ifPresent(m -> {
                    row(
                            Message.of(PaperWords.LAY_PASSES).with("away", Arg.of(Dimension.DISTANCE, m.distanceM())),
                            NOTHING);
                    row(indented(m.says()), NOTHING);
                });
    }

    private void waysOut() {
        title(PaperWords.WAYS_OUT);
        row(
                PaperWords.DOWN_IN,
                plan.fallTime().fastS().map(f -> Arg.down(Dimension.TIME, f)).orElse(NOT_KNOWN));
        for (EscapeRoutes.Route r : plan.escape().routes()) {
            Message way = Message.of(PaperWords.WAY)
                    .with("name", Arg.name(r.side().wayName()))
                    .with("side", Arg.term(r.side()))
                    .with("to", r.way().map(w -> Arg.azimuth(w.azimuthDeg())))
                    .with("long", r.way().map(w -> Arg.up(Dimension.LENGTH, w.lengthM())));
            row(
                    way,
                    Arg.said(Message.of(PaperWords.TO_SPARE)
                            .with(
                                    "spare",
                                    r.way()
                                            .flatMap(w -> w.marginS())
                                            .filter(m -> m >= 0)
                                            .map(m -> Arg.down(Dimension.TIME, m)))
                            .with(
                                    "late",
                                    r.way()
                                            .flatMap(w -> w.marginS())
                                            .filter(m -> m < 0)
                                            .map(m -> Arg.up(Dimension.TIME, -m)))));
        }
    }

    private void clips() {
        List<Message> clipped = new ArrayList<>();
        zones.forEach(z -> z.clippedBy()
                .forEach(c -> clipped.add(Message.of(PaperWords.CLIPPED)
                        .with("zone", Arg.term(z.kind()))
                        .with("reason", Arg.name(c)))));
        if (!clipped.isEmpty()) {
            title(PaperWords.TAKEN_OUT);
            clipped.forEach(c -> row(c, NOTHING));
        }
    }

    private static Message indented(Message m) {
        return Message.of(PaperWords.INDENTED).with("words", Arg.said(m));
    }

    /**
     * Stops first, then nearest to the fan; what finds no room is counted, so that nobody takes the list for all of it.
     */
    private void targets() {
        title(PaperWords.TARGETS);
        boolean proven = plan.control().proven();
        List<TargetCheck> all = plan.targets().stream()
                .filter(t -> t.inReach() || t.inFan())
                .sorted(Comparator.comparing((TargetCheck t) -> !t.blocks(proven))
                        .thenComparingDouble(TargetCheck::clearanceM))
                .toList();
        int room = (int) ((LAST_LINE - line) / ROW_MM);
        List<TargetCheck> shown = all.size() <= room ? all : all.subList(0, Math.max(0, room - 1));
        shown.forEach(t -> row(
                Message.of(PaperWords.TARGET)
                        .with("name", Arg.name(t.feature().name()))
                        .with("worth", Arg.count(t.feature().worthNow())),
                Arg.said(Message.of(PaperWords.TARGET_CHANCE)
                        .with("stop", Arg.flag(t.blocks(proven)))
                        .with("chance", t.chance(proven)))));
        if (shown.size() < all.size()) {
            long stops = all.subList(shown.size(), all.size()).stream()
                    .filter(t -> t.blocks(proven))
                    .count();
            row(
                    Message.of(PaperWords.MORE_TARGETS)
                            .with("more", Arg.count(all.size() - shown.size()))
                            .with("stops", Optional.of(Arg.count(stops)).filter(n -> stops > 0)),
                    Arg.said(Message.of(PaperWords.SEE_THE_LIST)));
        }
    }

    private void title(PaperWords says) {
        line += 2;
        sheet.words(new Sheet.Point(SIDE_X, line), 3.6, true, INK, Sheet.Align.LEFT, say(says));
        sheet.stroke(
                List.of(new Sheet.Point(SIDE_X, line + 1.2), new Sheet.Point(287, line + 1.2)),
                false,
                Sheet.Pen.line(INK, 0.25));
        line += 5.2;
    }

    private String say(PaperWords says) {
        return words.say(Message.of(says));
    }

    private void row(PaperWords says, Arg what) {
        row(Message.of(says), what);
    }

    private void row(Message says, Arg what) {
        row(words.say(says), words.show(what));
    }

    private void row(String left, String right) {
        // the name gives way, never what it says of it
        int room = (int) Math.max(8, 58 - 1.1 * right.length());
        String cut = left.length() > room ? left.substring(0, room - 1) + "…" : left;
        sheet.words(new Sheet.Point(SIDE_X, line), 3.1, false, INK, Sheet.Align.LEFT, cut);
        sheet.words(new Sheet.Point(287, line), 3.1, true, INK, Sheet.Align.RIGHT, right);
        line += ROW_MM;
    }

    private void foot() {
        map.bar(
                8,
                m -> words.show(Arg.of(Dimension.DISTANCE, m)),
                words.say(Message.of(PaperWords.SCALE_NORTH_UP).with("scale", Arg.count(map.scale()))));
        sheet.words(
                new Sheet.Point(MAP_X, MAP_Y + MAP_H + 16), 3, false, MUTE, Sheet.Align.LEFT, say(PaperWords.LEGEND));
    }
}
