package org.antevid.app.judgement.web;

import java.util.Optional;
import org.antevid.app.judgement.StemJudgement;
import org.antevid.app.lay.DialView;
import org.antevid.app.reader.Speech;
import org.antevid.core.brief.FirstLook;
import org.antevid.core.brief.LookRemark;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.message.Shown;
import org.antevid.core.message.Side;
import org.antevid.core.stem.Verdict;

/**
 * A first look as somebody reads it.
 *
 * @param headlineWords what to do: fell, fell once or with something, not by hand
 * @param layDeg what Lay and Cuts start with
 */
public record Look(
        FirstLook.Headline headline,
        String headlineWords,
        Verdict verdict,
        String verdictWords,
        String because,
        DialView dial,
        Optional<Double> layDeg,
        Optional<ProposedLine> proposed,
        Optional<String> nextMeasurement,
        @Shown(in = Dimension.SECTOR, to = Side.DOWN) Optional<Double> nextDegrees,
        boolean verdictHangsOnIt) {

    /** A line nobody has planned yet. */
    record ProposedLine(
            Means.Kind kind,
            @Shown(in = Dimension.LENGTH, to = Side.NEAREST) double ropeHeightM,

            @Shown(in = Dimension.DISTANCE, to = Side.NEAREST)
            double anchorDistM,

            Optional<Double> pullN,
            String pullWords,
            boolean room,
            Optional<String> ropeId,
            String ropeName) {
        private static ProposedLine of(Means x, boolean room, Optional<String> ropeId) {
            return new ProposedLine(
                    x.kind(),
                    x.ropeHeightM().orElseThrow(),
                    x.anchorDistM().orElseThrow(),
                    x.pullN(),
                    x.tensionN()
                            .map(n -> Speech.words().show(Arg.down(Dimension.PULL, n)))
                            .orElseGet(() -> Speech.words().say(Message.of(LookRemark.PULL_NOT_KNOWN))),
                    room,
                    ropeId,
                    x.rig().rope().map(r -> r.name()).orElse(""));
        }
    }

    /** @return the answer in the reader's words */
    public static Look of(StemJudgement.LookAnswer looked) {
        FirstLook f = looked.look();
        return new Look(
                f.headline(),
                Speech.words().say(f.says()),
                f.verdict(),
                Speech.words().term(f.verdict()),
                Speech.words().say(f.because()),
                DialView.of(f.dial()),
                f.layDeg(),
                looked.line().map(x -> ProposedLine.of(x, looked.room(), looked.ropeId())),
                f.nextMeasurement().map(n -> Speech.words().say(n.says())),
                f.nextMeasurement().map(FirstLook.Next::degrees),
                f.nextMeasurement().filter(FirstLook.Next::verdictToo).isPresent());
    }
}
