package org.antevid.core.judge.takedown;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Severity;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.takedown.pieces.GuyCheck;
import org.antevid.core.takedown.pieces.GuyRemark;
import org.antevid.core.takedown.spar.BackGuy;

/** What stands against a back guy. On a lifted plate it limits movement; it makes nothing climbable. */
public final class GuyHolds implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().takenDown().stream().flatMap(t -> t.guy().stream().flatMap(g -> g.remarks().stream()
                .map(r -> Finding.of(RuleId.GUY, Severity.of(r.level()), t.label(), r.name())
                        .with("what", Arg.said(said(r, g))))));
    }

    /** @return what is said of a guy, the quantity first and the smallest change with it */
    public static Message said(GuyRemark r, GuyCheck g) {
        return Message.of(r)
                .with("share", g.share().map(x -> Arg.up(Dimension.SHARE, x)))
                .with("needed", g.worst().flatMap(BackGuy::guyNeededN).map(x -> Arg.up(Dimension.FORCE, x)))
                .with("may", g.mayN().map(x -> Arg.down(Dimension.FORCE, x)))
                .with("from", g.fromN().map(x -> Arg.up(Dimension.FORCE, x)))
                .with("to", g.toN().map(x -> Arg.down(Dimension.FORCE, x)))
                .with("angle", g.worst().map(b -> Arg.up(Dimension.SECTOR, b.guyAngleDeg())));
    }
}
