package org.antevid.core.brief;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.antevid.core.judge.Stage;
import org.antevid.core.lay.Means;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Code;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.run.Surprise;
import org.antevid.core.run.watch.LineLimits;
import org.antevid.core.takedown.step.PiecePart;

/**
 * What can be done next after a surprise, from the plan that was briefed; everybody stands fast meanwhile. It is
 * offered and decides nothing: whoever leads plans anew, and whoever is concerned is asked.
 *
 * @param at the stage where it is planned or said
 */
public record AfterSurprise(Message says, Stage at) {
    /** What is offered. */
    private enum Offer implements Code {
        CLOSED_AGAIN,
        LINE_HAS,
        NO_SECOND_MEANS,
        LINE_FINISHES,
        NOTHING_PULLS,
        ENTER_FACE,
        WAIT_FOR_LULL,
        SAY_HOW_IT_HANGS,
        /** with how far off everybody stays, from the briefing */
        KEEP_OUT,
        PLAN_REST_ANEW,
        ROPE_CLEARED,
        EASE_THE_LINE,
        LESS_LOAD
    }

    /** @return what is offered, most likely first; one thing at least */
    public static List<AfterSurprise> of(Surprise what, PlanDocument plan, PlanDocument.StepPart step) {
        Optional<PlanDocument.LayPart> lay = step.stem().flatMap(plan::stem).flatMap(PlanDocument.StemPart::lay);
        WatchedStep watched = WatchedStep.of(plan, step);
        return switch (what) {
            case SOMEBODY_INSIDE -> List.of(offer(Offer.CLOSED_AGAIN, Stage.RUN));
            case STALLED, SAT_BACK -> bringsIt(watched, lay);
            case STRAP_THIN ->
                List.of(watched.line()
                        .map(l -> pulled(Offer.LINE_FINISHES, l))
                        .orElseGet(() -> offer(Offer.NOTHING_PULLS, Stage.CUTS)));
            case FACE_ROTTEN -> List.of(offer(Offer.ENTER_FACE, Stage.CUTS));
            case WIND_TURNED ->
                List.of(new AfterSurprise(
                        Message.of(Offer.WAIT_FOR_LULL)
                                .with("limit", Arg.down(Dimension.SPEED, plan.gustLimitMs(step.stem()))),
                        Stage.RUN));
            case HUNG -> List.of(offer(Offer.SAY_HOW_IT_HANGS, Stage.TANGLE));
            case PIECE_HUNG -> List.of(keepOut(step), offer(Offer.PLAN_REST_ANEW, Stage.TANGLE));
            case LINE_SNAGGED, PAID_OUT_STILL -> List.of(keepOut(step));
            case ROPE_IN_ZONE -> List.of(offer(Offer.ROPE_CLEARED, Stage.RUN));
            case LINE_OVERLOADED ->
                List.of(watched.line()
                        .map(l -> pulled(Offer.EASE_THE_LINE, l))
                        .orElseGet(() -> offer(Offer.NOTHING_PULLS, Stage.CUTS)));
            case LOAD_OVERLOADED ->
                List.of(new AfterSurprise(
                        Message.of(Offer.LESS_LOAD).with("most", watched.loadN().map(n -> Arg.down(Dimension.PULL, n))),
                        Stage.CREW));
        };
    }

    private static AfterSurprise keepOut(PlanDocument.StepPart step) {
        return new AfterSurprise(
                Message.of(Offer.KEEP_OUT)
                        .with(
                                "ring",
                                step.piece().flatMap(PiecePart::keepOffM).map(m -> Arg.up(Dimension.DISTANCE, m))),
                Stage.RUN);
    }

    /** What the line may still give, what was planned in case it does not move, or that nothing was. */
    private static List<AfterSurprise> bringsIt(WatchedStep watched, Optional<PlanDocument.LayPart> lay) {
        List<AfterSurprise> all = new ArrayList<>();
        watched.line().map(l -> pulled(Offer.LINE_HAS, l)).ifPresent(all::add);
        lay.stream()
                .flatMap(l -> l.cuts().stream())
                .flatMap(c -> c.help().stream())
                .filter(m -> m.code() == HelpLine.FALLBACK)
                .map(m -> new AfterSurprise(m, Stage.CUTS))
                .forEach(all::add);
        if (all.isEmpty()) {
            all.add(new AfterSurprise(
                    Message.of(Offer.NO_SECOND_MEANS)
                            .with("means", lay.map(l -> Arg.term(l.means())).filter(m -> planned(lay))),
                    Stage.CUTS));
        }
        return List.copyOf(all);
    }

    private static boolean planned(Optional<PlanDocument.LayPart> lay) {
        return lay.filter(l -> l.means() != Means.Kind.NOTHING).isPresent();
    }

    private static AfterSurprise pulled(Offer what, LineLimits l) {
        return new AfterSurprise(
                Message.of(what)
                        .with("planned", Arg.up(Dimension.PULL, l.plannedN()))
                        .with("most", Arg.down(Dimension.PULL, l.mostN()))
                        .with("pretension", Arg.up(Dimension.PULL, l.pretensionN())),
                Stage.CUTS);
    }

    private static AfterSurprise offer(Offer what, Stage at) {
        return new AfterSurprise(Message.of(what), at);
    }
}
