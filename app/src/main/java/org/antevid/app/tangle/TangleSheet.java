package org.antevid.app.tangle;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.sheet.MapFrame;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.GuardRing;
import org.antevid.core.tangle.Release;
import org.antevid.core.tangle.Ways;
import org.antevid.core.tangle.beam.Support;
import org.antevid.core.tangle.picture.Member;
import org.antevid.core.tangle.picture.Pose;
import org.antevid.core.tangle.picture.Rest;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;

/** A tangle on A4: where the stems lie and what is closed, to a whole scale, and the order beside it. */
final class TangleSheet {
    private static final double MAP_X = 10;
    private static final double MAP_Y = 26;
    private static final double MAP_W = 170;
    private static final double MAP_H = 158;
    private static final double SIDE_X = 186;
    private static final double ROW_MM = 4.4;
    private static final double LAST_LINE = 196;
    private static final int LETTERS = 64;
    private static final double BAR_M = 10;
    private static final double ROOM_M = 3;
    private static final String INK = "#1d2a26";
    private static final String MUTE = "#55625c";
    private static final String WOOD = "#c8bfa8";
    private static final String KEEP = "#b3261e";

    private final Tangles.Tangle t;
    private final Words words;
    private final Sheet sheet;
    private final MapFrame map;
    private double line = MAP_Y;

    private TangleSheet(Tangles.Tangle t, Words words, String job) {
        this.t = t;
        this.words = words;
        this.sheet =
                Sheet.a4Landscape(words.say(Message.of(PaperWords.TANGLE_TITLE).with("job", Arg.name(job))));
        List<Spot> all = Stream.concat(
                        t.picture().members().stream().flatMap(m -> ends(m).stream()),
                        t.hangs().stream().flatMap(h -> h.ground().outline().stream()))
                .toList();
        double[] e = all.stream().mapToDouble(Spot::eastM).sorted().toArray();
        double[] n = all.stream().mapToDouble(Spot::northM).sorted().toArray();
        boolean none = all.isEmpty();
        Spot middle = none ? new Spot(0, 0) : new Spot((e[0] + e[e.length - 1]) / 2, (n[0] + n[n.length - 1]) / 2);
        double wide = none ? BAR_M : e[e.length - 1] - e[0] + 2 * ROOM_M;
        double high = none ? BAR_M : n[n.length - 1] - n[0] + 2 * ROOM_M;
        this.map = new MapFrame(sheet, new Sheet.Rect(MAP_X, MAP_Y, MAP_W, MAP_H), middle, wide, high);
    }

    /** @param state when and by whom it was written out */
    static Sheet of(Tangles.Tangle t, Words words, String job, String state) {
        TangleSheet s = new TangleSheet(t, words, job);
        s.sheet
                .words(new Sheet.Point(MAP_X, 16), 6.5, true, INK, Sheet.Align.LEFT, s.sheet.title())
                .words(new Sheet.Point(MAP_X, 22), 3.6, false, MUTE, Sheet.Align.LEFT, state);
        s.map();
        s.order();
        s.foot();
        return s.sheet;
    }

    private static List<Spot> ends(Member m) {
        return m.pose()
                .map(p -> List.of(p.butt().at(), p.tip().at()))
                .orElse(List.of(m.reading().at()));
    }

    private Sheet.Point at(Spot s) {
        return map.at(s);
    }

    private List<Sheet.Point> at(List<Spot> spots) {
        return map.at(spots);
    }

    private void map() {
        map.begin();
        t.hangs().forEach(h -> {
            sheet.stroke(at(h.ground().outline()), true, Sheet.Pen.line(KEEP, 0.6, 3, 1.4));
            sheet.stroke(
                    at(h.beneath().outline()),
                    true,
                    Sheet.Pen.line(KEEP, 0.4, 2, 1).filled(KEEP, 0.08));
        });
        Map<String, Integer> turns = turns();
        // the lowest first, so that what lies on it is drawn over it
        List<List<String>> layers = new ArrayList<>(t.picture().layers());
        java.util.Collections.reverse(layers);
        layers.stream()
                .flatMap(List::stream)
                .flatMap(l -> t.picture().member(l).stream())
                .forEach(this::stem);
        t.picture().members().forEach(m -> named(m, Optional.ofNullable(turns.get(m.label()))));
        map.end();
    }

    private Map<String, Integer> turns() {
        Map<String, Integer> turns = new LinkedHashMap<>();
        int turn = 1;
        for (List<String> step : t.release().map(Release::order).orElse(List.of())) {
            for (String label : step) {
                turns.put(label, turn);
            }
            turn++;
        }
        return turns;
    }

    private void stem(Member m) {
        m.pose().ifPresent(p -> {
            double butt = Math.max(0.3, m.buttDM().orElse(0.3)) / 2;
            double az = p.azDeg();
            List<Spot> bar = List.of(
                    p.butt().at().at(az - 90, butt),
                    p.tip().at().at(az - 90, butt / 4),
                    p.tip().at().at(az + 90, butt / 4),
                    p.butt().at().at(az + 90, butt));
            sheet.stroke(at(bar), true, Sheet.Pen.line(INK, 0.4).filled(WOOD, 1));
            t.picture().restsOf(m.label()).stream()
                    .filter(r -> r.side() == Support.Side.BELOW)
                    .forEach(r -> sheet.disc(
                            at(p.at(r.xM()).at()), 1, Sheet.Pen.line(INK, 0.5).filled("#ffffff", 1)));
        });
    }

    private void named(Member m, Optional<Integer> turn) {
        Spot where = m.pose().map(p -> p.butt().at()).orElse(m.reading().at());
        Sheet.Point p = at(where);
        String heights =
                m.pose().map(x -> " " + high(x.butt()) + " – " + high(x.tip())).orElse("");
        sheet.words(
                new Sheet.Point(p.x() + 2, p.y() - 2),
                3.2,
                true,
                INK,
                Sheet.Align.LEFT,
                turn.map(n -> n + "  ").orElse("") + m.label() + heights);
    }

    private String high(Pose.End e) {
        return words.show(Arg.of(Dimension.LENGTH, e.heightM()));
    }

    private void order() {
        row(true, words.say(Message.of(PaperWords.TANGLE_ORDER)));
        int turn = 1;
        for (Release.Step s : t.release().map(Release::steps).orElse(List.of())) {
            String way = s.stems().stream()
                    .flatMap(l -> Optional.ofNullable(s.method().get(l)).stream())
                    .map(w -> words.term(w.ladder().get(0)))
                    .distinct()
                    .findFirst()
                    .orElseGet(() -> words.term(s.kind()));
            row(true, (s.kind().removes() ? turn++ + "  " : "   ") + String.join(" + ", s.stems()) + ": " + way);
            s.before().forEach(b -> row(false, "   " + words.say(b.message(t::called))));
            s.stems().stream()
                    .flatMap(l -> Optional.ofNullable(s.method().get(l)).stream())
                    .flatMap(w -> w.pullN().stream())
                    .max(Comparator.naturalOrder())
                    .ifPresent(n -> row(
                            false,
                            "   "
                                    + words.say(Message.of(PaperWords.TANGLE_PULL)
                                            .with("pull", Arg.up(Dimension.PULL, n))
                                            .with("rated", Arg.up(Dimension.FORCE, Ways.WINCH_RESERVE * n)))));
            s.stems().stream()
                    .flatMap(l -> Optional.ofNullable(s.zone().get(l)).stream())
                    .forEach(z -> row(false, "   " + closed(z)));
            s.changes().forEach(c -> row(false, "   " + words.say(c.message(t::called))));
        }
        rests();
    }

    private String closed(GuardRing z) {
        return words.say(Message.of(PaperWords.TANGLE_CLOSED)
                .with("around", z.envelopeM().map(e -> Arg.up(Dimension.DISTANCE, e)))
                .with("down", z.reachM().map(d -> Arg.up(Dimension.DISTANCE, d)))
                .with("slope", Arg.flag(z.wholeSlope())));
    }

    private void rests() {
        t.picture().members().forEach(m -> {
            List<Rest> rests = t.picture().restsOf(m.label());
            if (!rests.isEmpty()) {
                row(true, m.label());
                rests.forEach(r -> row(
                        false,
                        "   " + words.show(Arg.of(Dimension.LENGTH, r.xM())) + ": " + words.term(r.on())
                                + r.other()
                                        .map(o -> " " + t.names().getOrDefault(o, o))
                                        .orElse("")
                                + ", " + words.term(r.certainty())));
            }
        });
    }

    private void row(boolean bold, String text) {
        if (line >= LAST_LINE) {
            return;
        }
        line += ROW_MM;
        boolean last = line + ROW_MM >= LAST_LINE;
        sheet.words(
                new Sheet.Point(SIDE_X, line),
                3.2,
                bold,
                INK,
                Sheet.Align.LEFT,
                last ? words.say(Message.of(PaperWords.TANGLE_MORE)) : cut(text));
    }

    private static String cut(String text) {
        return text.length() <= LETTERS ? text : text.substring(0, LETTERS - 1) + "…";
    }

    private void foot() {
        map.bar(
                6,
                m -> words.show(Arg.of(Dimension.DISTANCE, m)),
                words.say(Message.of(PaperWords.SCALE_NORTH_UP).with("scale", Arg.count(map.scale()))));
        sheet.words(
                new Sheet.Point(MAP_X, LAST_LINE + 4),
                3.2,
                false,
                MUTE,
                Sheet.Align.LEFT,
                words.say(Message.of(PaperWords.LOCAL_CODE)));
    }
}
