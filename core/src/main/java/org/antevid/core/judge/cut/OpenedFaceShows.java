package org.antevid.core.judge.cut;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.SECOND_OPINION;
import static org.antevid.core.judge.Severity.STOP;
import static org.antevid.core.message.Dimension.SHARE;
import static org.antevid.core.message.Dimension.SHORT;

import java.util.stream.Stream;
import org.antevid.core.cutting.CutPlan;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.stump.OpenedFace;

/** What the opened face showed decides by corners and wood share, whatever the section modulus says. */
final class OpenedFaceShows implements CardRule {
    @Override
    public Stream<Finding> check(CutPlan p, Situation s) {
        return p.opened().stream().flatMap(o -> switch (o.result()) {
            case OK -> Stream.empty();
            case CAUTION -> Stream.of(said(p, o, CAUTION));
            case RAISE_CUT_OR_MACHINE_ASSIST -> Stream.of(said(p, o, SECOND_OPINION));
            case MACHINE_OR_DISMANTLE -> Stream.of(said(p, o, STOP));
        });
    }

    private static Finding said(CutPlan p, OpenedFace.WoodLeft o, Severity severity) {
        return Finding.of(RuleId.OPENED_FACE, severity, CardRule.label(p))
                .with("left", Arg.down(SHORT, o.leftM()))
                .with("right", Arg.down(SHORT, o.rightM()))
                .with("share", Arg.down(SHARE, o.woodShare()))
                .with("result", Arg.term(o.result()));
    }
}
