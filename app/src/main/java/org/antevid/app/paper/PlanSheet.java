package org.antevid.app.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.app.sheet.MapFrame;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.brief.PlanDocument;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Spot;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;

/** The frozen plan of one step to scale: ground that is kept clear, where everybody stands, their ways out. */
final class PlanSheet {
    private static final double MARGIN = 10;
    private static final double TOP = 30;
    private static final double BENEATH = 26;
    private static final double ROOM_M = 4;
    private static final double LEAST_M = 30;
    private static final double LABEL_MM = 3.2;
    private static final String INK = "#1d2a26";
    private static final String MUTE = "#55625c";
    private static final String LAY = "#a3195b";
    private static final String KEEP = "#b3261e";
    private static final String ESCAPE = "#0b5cad";
    private static final String DROP = "#9a6700";
    private static final String WHITE = "#ffffff";

    private final PlanDocument plan;
    private final PlanDocument.StepPart step;
    private final Words words;
    private final Sheet sheet;
    private final MapFrame map;

    private PlanSheet(PlanDocument plan, PlanDocument.StepPart step, Words words, Sheet sheet) {
        this.plan = plan;
        this.step = step;
        this.words = words;
        this.sheet = sheet;
        List<Spot> all = shown().toList();
        double[] e = all.stream().mapToDouble(Spot::eastM).sorted().toArray();
        double[] n = all.stream().mapToDouble(Spot::northM).sorted().toArray();
        boolean none = all.isEmpty();
        Spot middle = none ? new Spot(0, 0) : new Spot((e[0] + e[e.length - 1]) / 2, (n[0] + n[n.length - 1]) / 2);
        map = new MapFrame(
                sheet,
                new Sheet.Rect(MARGIN, TOP, sheet.widthMm() - 2 * MARGIN, sheet.heightMm() - TOP - BENEATH),
                middle,
                none ? LEAST_M : Math.max(LEAST_M, e[e.length - 1] - e[0] + 2 * ROOM_M),
                none ? LEAST_M : Math.max(LEAST_M, n[n.length - 1] - n[0] + 2 * ROOM_M));
    }

    /** @param blank paper of the size it is printed on */
    static Sheet of(PlanDocument plan, PlanDocument.StepPart step, Words words, Sheet blank) {
        PlanSheet s = new PlanSheet(plan, step, words, blank);
        s.sheet
                .words(new Sheet.Point(MARGIN, 16), 6.5, true, INK, Sheet.Align.LEFT, blank.title())
                .words(new Sheet.Point(MARGIN, 23), 3.6, false, MUTE, Sheet.Align.LEFT, s.people());
        s.draw();
        s.map.bar(
                8,
                m -> words.show(Arg.of(Dimension.DISTANCE, m)),
                words.say(Message.of(PaperWords.SCALE_NORTH_UP_PAPER).with("scale", Arg.count(s.map.scale()))));
        return blank;
    }

    private String people() {
        return words.show(Arg.names(step.posts().stream()
                .map(p -> p.person() + " (" + words.term(p.role()) + ")")
                .toList()));
    }

    /** What has to be on the map: the ground of the step's stem, everybody's stand and way, every stem near it. */
    private Stream<Spot> shown() {
        List<Spot> all = new ArrayList<>();
        stems().forEach(s -> {
            all.add(s.at());
            s.lay().ifPresent(l -> {
                all.addAll(l.fan());
                all.addAll(l.dropZone());
                l.zones().forEach(z -> z.outlines().forEach(all::addAll));
            });
            s.closed().ifPresent(c -> all.addAll(c.ground()));
        });
        step.posts().forEach(p -> {
            p.stand().ifPresent(all::add);
            p.waysOut().forEach(w -> all.addAll(w.path()));
        });
        return all.stream();
    }

    private List<PlanDocument.StemPart> stems() {
        List<PlanDocument.StemPart> own =
                step.stem().flatMap(plan::stem).stream().toList();
        return own.isEmpty() ? plan.stems() : own;
    }

    private void draw() {
        map.begin();
        plan.things().forEach(this::thing);
        stems().forEach(this::ground);
        plan.stems().forEach(this::stem);
        step.posts().forEach(this::post);
        map.end();
    }

    private void thing(PlanDocument.Thing t) {
        boolean target = t.worth() > 0;
        Sheet.Pen pen = target ? Sheet.Pen.line(INK, 0.35) : Sheet.Pen.line(MUTE, 0.2);
        if (t.outline().size() == 1) {
            double r = Math.max(0.8, t.radiusM() * map.mmPerM());
            sheet.disc(map.at(t.outline().get(0)), r, pen.filled(WHITE, 1));
        } else if (t.isArea()) {
            sheet.stroke(map.at(t.outline()), true, pen);
        } else {
            sheet.stroke(map.at(t.outline()), false, Sheet.Pen.line(INK, 0.35, 2, 1));
        }
        if (target || t.kind() == FeatureKind.MEETING_POINT) {
            map.label(t.outline().get(t.outline().size() / 2), LABEL_MM + 1, LABEL_MM, MUTE, t.name(), false);
        }
    }

    private void ground(PlanDocument.StemPart s) {
        s.closed().ifPresent(c -> sheet.stroke(map.at(c.ground()), true, Sheet.Pen.line(KEEP, 0.6, 4, 1.6)));
        if (!s.beneath().isEmpty()) {
            sheet.stroke(
                    map.at(s.beneath()), true, Sheet.Pen.line(KEEP, 0.4, 2, 1).filled(KEEP, 0.08));
        }
        s.lay().ifPresent(l -> {
            sheet.stroke(map.at(l.dropZone()), true, Sheet.Pen.line(DROP, 0.4).filled(DROP, 0.1));
            sheet.stroke(map.at(l.fan()), true, Sheet.Pen.line(LAY, 0.25).filled(LAY, 0.12));
            l.zones().stream()
                    .filter(z -> z.kind() == Zone.Kind.RING || z.kind() == Zone.Kind.LINE)
                    .forEach(z -> z.outlines()
                            .forEach(o -> sheet.stroke(
                                    map.at(o),
                                    true,
                                    z.kind() == Zone.Kind.RING
                                            ? Sheet.Pen.line(KEEP, 0.6, 4, 1.6)
                                            : Sheet.Pen.line(KEEP, 0.3, 1.6, 1.2)
                                                    .filled(KEEP, 0.05))));
            Spot tip = s.at().at(l.layDeg(), l.reachM());
            sheet.stroke(map.at(List.of(s.at(), tip)), false, Sheet.Pen.line(LAY, 1));
            sheet.stroke(
                    map.at(List.of(tip, tip.at(l.layDeg() + 155, 2.4), tip.at(l.layDeg() - 155, 2.4))),
                    true,
                    Sheet.Pen.line(LAY, 0.2).filled(LAY, 1));
        });
    }

    private void stem(PlanDocument.StemPart s) {
        s.closed()
                .filter(c -> c.axis().size() > 1)
                .ifPresent(c -> sheet.stroke(map.at(c.axis()), false, Sheet.Pen.line(MUTE, 1.4)));
        boolean down = s.state().gone();
        sheet.disc(map.at(s.at()), 1.3, Sheet.Pen.line(INK, 0.5).filled(down ? MUTE : WHITE, 1));
        map.label(s.at(), -2.4, LABEL_MM, INK, s.label(), true);
    }

    private void post(PlanDocument.PostPart p) {
        p.waysOut().stream().filter(w -> w.path().size() > 1).forEach(w -> {
            sheet.stroke(map.at(w.path()), false, Sheet.Pen.line(ESCAPE, 0.9, 2.4, 1.2));
            map.label(w.path().get(w.path().size() - 1), 2.6, LABEL_MM, ESCAPE, w.name(), true);
        });
        p.stand().ifPresent(at -> {
            sheet.disc(map.at(at), 1.6, Sheet.Pen.line(INK, 0.3).filled(INK, 1));
            map.label(at, 5, 3.8, INK, p.person(), true);
        });
    }
}
