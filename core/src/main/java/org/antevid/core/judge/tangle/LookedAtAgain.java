package org.antevid.core.judge.tangle;

import static org.antevid.core.judge.Severity.CAUTION;
import static org.antevid.core.judge.Severity.STOP;

import java.util.stream.Stream;
import org.antevid.core.judge.Finding;
import org.antevid.core.judge.Rule;
import org.antevid.core.judge.RuleId;
import org.antevid.core.judge.Situation;
import org.antevid.core.message.Arg;
import org.antevid.core.tangle.picture.LookAgain;
import org.antevid.core.tangle.picture.Member;

/** After every step the picture is entered anew before the next: what was reckoned before it is of another pile. */
public final class LookedAtAgain implements Rule {
    @Override
    public Stream<Finding> check(Situation s) {
        return s.place().tangle().stream().flatMap(p -> p.members().stream()).flatMap(LookedAtAgain::of);
    }

    private static Stream<Finding> of(Member m) {
        return m.lookAgain().stream()
                .map(why -> why != LookAgain.GUST
                        ? Finding.of(RuleId.PICTURE_NOT_REENTERED, STOP, m.label())
                                .with("cut", Arg.flag(why == LookAgain.SECTIONED))
                                .with("severed", Arg.flag(why == LookAgain.SEVERED))
                        : Finding.of(RuleId.PICTURE_OLD, CAUTION, m.label()));
    }
}
