package org.antevid.app.takedown;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antevid.app.sheet.Lettering;
import org.antevid.app.sheet.Sheet;
import org.antevid.core.brief.PieceCard;
import org.antevid.core.crew.Role;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.site.Ground;
import org.antevid.core.site.Spot;
import org.antevid.core.takedown.picks.CranePlan;
import org.antevid.core.takedown.pieces.FigureSide;
import org.antevid.core.takedown.pieces.FigureSide.OnFigure;
import org.antevid.core.takedown.pieces.Limb;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.step.PiecePart;
import org.antevid.words.PaperWords;
import org.antevid.words.Words;

/** A tree in pieces on A4: from the side to scale with every cut, each piece beside it. */
final class PieceSheet {
    private static final double WIDTH_MM = 210;
    private static final double HEIGHT_MM = 297;
    private static final double LEFT_MM = 14;
    private static final double TOP_MM = 30;
    private static final double FIGURE_W = 72;
    private static final double FOOT_MM = 270;
    private static final double ROWS_X = 96;
    private static final double LINE_MM = 3.6;
    private static final double LAST_MM = 282;
    private static final double ROWS_W = 104;
    private static final double SMALL_MM = 2.6;
    private static final String INK = "#1d2a26";
    private static final String MUTE = "#55625c";
    private static final String WOOD = "#c8bfa8";

    private final TakeDown plan;
    private final Optional<CranePlan> crane;
    private final Words words;
    private final Sheet sheet;
    private final FigureSide side;
    private final double mmPerM;
    private final double middleM;
    private double line = TOP_MM;

    private PieceSheet(TakeDown plan, Optional<CranePlan> crane, String job, Words words) {
        this.plan = plan;
        this.crane = crane;
        this.words = words;
        this.side = FigureSide.of(plan.figure());
        sheet = new Sheet(
                WIDTH_MM,
                HEIGHT_MM,
                words.say(Message.of(PaperWords.PIECES_TITLE)
                        .with("job", Arg.name(job))
                        .with("stem", Arg.name(plan.figure().label()))));
        List<OnFigure> all = Stream.concat(
                        side.stem(0, plan.figure().heightM()).stream(),
                        plan.figure().limbs().stream().flatMap(l -> side.limb(l).stream()))
                .toList();
        double least = all.stream().mapToDouble(OnFigure::rightM).min().orElse(0);
        double most = all.stream().mapToDouble(OnFigure::rightM).max().orElse(0);
        double up = all.stream().mapToDouble(OnFigure::upM).max().orElse(1);
        middleM = (least + most) / 2;
        mmPerM = Math.min((FOOT_MM - TOP_MM) / up, FIGURE_W / Math.max(1, most - least));
    }

    /** @param crane whatever of it is picked hangs on; its picks stand beside the pieces */
    static Sheet of(TakeDown plan, Optional<CranePlan> crane, Spot foot, Ground ground, String job, Words words) {
        PieceSheet s = new PieceSheet(plan, crane, job, words);
        s.head();
        s.figure();
        plan.pieces().forEach(p -> s.piece(p, foot, ground));
        return s.sheet;
    }

    private void head() {
        sheet.words(new Sheet.Point(LEFT_MM, 16), 6, true, INK, Sheet.Align.LEFT, sheet.title());
        sheet.words(
                new Sheet.Point(LEFT_MM, 23),
                3.2,
                false,
                MUTE,
                Sheet.Align.LEFT,
                words.say(Message.of(PaperWords.LOCAL_CODE)));
    }

    private Sheet.Point at(OnFigure p) {
        return new Sheet.Point(LEFT_MM + FIGURE_W / 2 + (p.rightM() - middleM) * mmPerM, FOOT_MM - p.upM() * mmPerM);
    }

    private void figure() {
        sheet.stroke(
                side.stem(0, plan.figure().heightM()).stream().map(this::at).toList(),
                true,
                Sheet.Pen.line(INK, 0.4).filled(WOOD, 1));
        for (Limb l : plan.figure().limbs()) {
            sheet.stroke(side.limb(l).stream().map(this::at).toList(), false, Sheet.Pen.line(INK, 0.8));
        }
        sheet.stroke(
                List.of(new Sheet.Point(LEFT_MM, FOOT_MM), new Sheet.Point(LEFT_MM + FIGURE_W, FOOT_MM)),
                false,
                Sheet.Pen.line(INK, 0.6));
        for (Piece p : plan.pieces()) {
            Sheet.Point cut = at(side.at(p.from()));
            sheet.stroke(
                    List.of(new Sheet.Point(cut.x() - 3, cut.y()), new Sheet.Point(cut.x() + 3, cut.y())),
                    false,
                    Sheet.Pen.line(INK, 0.5));
            Sheet.Point middle = at(side.at(p.com()));
            sheet.disc(middle, 2.1, Sheet.Pen.line(INK, 0.3).filled("#ffffff", 1));
            sheet.words(
                    new Sheet.Point(middle.x(), middle.y() + 1.1),
                    3,
                    true,
                    INK,
                    Sheet.Align.MIDDLE,
                    String.valueOf(p.number()));
        }
    }

    /** Number and way first, then what climber and brake hand have to know, then the link that is used most. */
    private void piece(Piece p, Spot foot, Ground ground) {
        Optional<PiecePart> part = Optional.of(PiecePart.of(
                plan,
                List.of(p),
                foot,
                ground,
                crane.stream()
                        .flatMap(c -> c.picks().stream())
                        .filter(x -> x.number() == p.number())
                        .findFirst()
                        .flatMap(PiecePart.Picked::of)));
        List<String> said = Stream.of(Role.CLIMBER, Role.BRAKE, Role.OPERATOR, Role.GROUND)
                .flatMap(r -> PieceCard.of(part, r).stream())
                .map(words::say)
                .distinct()
                .collect(Collectors.toCollection(ArrayList::new));
        List<String> other = PieceCard.of(part, Role.SECOND_BRAKE).stream()
                .map(words::say)
                .filter(t -> !said.contains(t))
                .toList();
        if (part.flatMap(PiecePart::across)
                .flatMap(PiecePart.Across::holdsFirst)
                .isPresent()) {
            said.add(words.term(Role.SECOND_BRAKE) + ": " + String.join("; ", other));
        }
        p.loading()
                .worst()
                .ifPresent(l -> said.add(words.say(Message.of(PaperWords.PIECE_WEAKEST)
                        .with("link", Arg.term(l.kind()))
                        .with("share", l.share().map(x -> Arg.up(Dimension.SHARE, x))))));
        write(said.get(0), true);
        Lettering.wrapped(String.join(" · ", said.subList(1, said.size())), SMALL_MM, false, ROWS_W)
                .forEach(t -> write(t, false));
        line += 1;
    }

    private void write(String text, boolean bold) {
        if (line < LAST_MM) {
            sheet.words(new Sheet.Point(ROWS_X, line), bold ? 3 : SMALL_MM, bold, INK, Sheet.Align.LEFT, text);
        }
        line += LINE_MM;
        if (line >= LAST_MM && line < LAST_MM + LINE_MM) {
            sheet.words(
                    new Sheet.Point(ROWS_X, LAST_MM),
                    SMALL_MM,
                    true,
                    INK,
                    Sheet.Align.LEFT,
                    words.say(Message.of(PaperWords.TANGLE_MORE)));
        }
    }
}
