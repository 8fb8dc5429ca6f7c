package org.antevid.app.takedown.web;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.quantity.Compass;
import org.antevid.core.takedown.pieces.FigureSide;
import org.antevid.core.takedown.pieces.Limb;
import org.antevid.core.takedown.pieces.Piece;
import org.antevid.core.takedown.pieces.PieceRemark;
import org.antevid.core.takedown.pieces.Remains;
import org.antevid.core.takedown.pieces.TakeDown;
import org.antevid.core.takedown.pieces.WeakPlace;

/** The tree as it is drawn from the side, and what bends it after each piece. */
final class FigureViews {
    private FigureViews() {}

    /** @param raisedNm moment that this piece raises, if it does */
    record LeanAfter(
            int afterPiece,
            double footNm,
            Optional<Double> faultNm,
            @Shown(in = Dimension.MOMENT, to = Side.UP) Optional<Double> raisedNm) {}

    /** A line of the scale. */
    record LeanTick(
            @Shown(in = Dimension.MOMENT, to = Side.NEAREST) double atNm) {}

    /** A place of the stem that is looked at whenever something pulls at it. */
    record WeakSpot(
            Optional<String> defectId,
            String words,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double heightM,
            FigureSide.OnFigure at,
            boolean split) {}

    /** A limb as it is drawn. */
    record LimbView(
            String id,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double atM,
            @Shown(in = Dimension.DIAMETER, to = Side.UP) double thickM,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double lengthM,
            double sideDeg,
            double riseDeg,
            Compass side,
            String sideWords,
            boolean loose,
            List<FigureSide.OnFigure> line) {}

    /**
     * The tree as it is drawn.
     *
     * @param rest what of the stem no piece takes
     */
    record CutFigureView(
            String fromWords,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double heightM,
            double footM,
            List<FigureSide.OnFigure> stem,
            List<FigureSide.OnFigure> rest,
            List<WeakSpot> weak) {}

    static LimbView limb(Limb l, FigureSide side) {
        Compass to = Compass.of(l.sideDeg());
        return new LimbView(
                l.id(),
                l.atM(),
                l.thickM(),
                l.lengthM(),
                l.sideDeg(),
                l.riseDeg(),
                to,
                Speech.words().term(to),
                l.loose(),
                side.limb(l));
    }

    static CutFigureView figure(TakeDown t, FigureSide side) {
        return new CutFigureView(
                Speech.words().term(Compass.of(side.fromDeg())),
                t.figure().heightM(),
                t.figure().footM(),
                side.stem(0, t.figure().heightM()),
                side.stem(0, t.rest().topM()),
                t.figure().weak().stream()
                        .filter(w -> w.part() == WeakPlace.Part.FAULT)
                        .map(w -> new WeakSpot(
                                w.defectId(),
                                w.kind().map(Speech.words()::term).orElse(""),
                                w.heightM(),
                                side.at(t.figure().axis(w.heightM())),
                                w.carriesNothing()))
                        .toList());
    }

    static List<LeanAfter> leaning(TakeDown t) {
        List<LeanAfter> all = new ArrayList<>();
        all.add(leaning(0, t.start(), Optional.empty()));
        t.pieces()
                .forEach(p -> all.add(
                        leaning(p.number(), p.after(), Optional.of(p.raisedNm()).filter(n -> p.remarks()
                                .contains(PieceRemark.LEAN_RISES)))));
        return all;
    }

    private static LeanAfter leaning(int after, Remains r, Optional<Double> raised) {
        return new LeanAfter(
                after, r.leanNm().get(0), r.leanNm().stream().skip(1).max(Double::compare), raised);
    }

    static List<LeanTick> ticks(TakeDown t) {
        double most = Stream.concat(Stream.of(t.start()), t.pieces().stream().map(Piece::after))
                .flatMap(r -> r.leanNm().stream())
                .max(Double::compare)
                .orElse(0.0);
        return Stream.of(0.5, 1.0).map(s -> new LeanTick(s * most)).toList();
    }
}
