package org.antevid.app.tangle.web;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.antevid.app.job.Needs;
import org.antevid.app.reader.Speech;
import org.antevid.app.tangle.Limbs;
import org.antevid.app.tangle.Tangles;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.tangle.picture.TakenOff;
import org.antevid.words.Answer;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A stem on a building, vehicle, fence or line: in what turns it comes off. */
@RestController
@RequestMapping("/api/jobs/{job}/tangle/stems/{stem}")
public class TakeOffController {
    record TakeOffRequest(@NotNull @Size(max = 20) List<@NotNull Double> cutsM) {}

    /** @param removes a piece goes with it; otherwise it is a preparation */
    record TakeOffTurn(TakenOff.Kind kind, boolean removes, String words) {}

    private final Tangles tangles;
    private final Limbs limbs;

    TakeOffController(Tangles tangles, Limbs limbs) {
        this.tangles = tangles;
        this.limbs = limbs;
    }

    /** In what turns it comes off, what each piece weighs and presses, what is propped, held and covered. */
    @PostMapping("/take-off")
    @Needs(Needs.Right.READ)
    List<TakeOffTurn> takeOff(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody TakeOffRequest r) {
        Tangles.Tangle t = tangles.tangle(job);
        String label = tangles.label(job, stem);
        TangleViews.beam(t, label);
        if (TakenOff.things(t.picture(), label).isEmpty()) {
            throw new RefusedInput(
                    "NOT_ON_ANYTHING",
                    "stem",
                    Message.of(Answer.LIES_ON_NOTHING).with("stem", Arg.name(label)));
        }
        return TakenOff.of(t.picture(), label, r.cutsM, limbs.on(job, stem)).turns().stream()
                .map(x -> new TakeOffTurn(
                        x.kind(), x.kind().removes(), Speech.words().say(message(x, t::called))))
                .toList();
    }

    private static Message message(TakenOff.Turn t, UnaryOperator<String> called) {
        Message m = Message.of(t.kind()).with("limbs", Arg.count(t.limbs()));
        m = m.with("on", t.thing().map(id -> Arg.name(called.apply(id))));
        m = m.with("from", t.piece().map(p -> Arg.of(Dimension.LENGTH, p.fromM())));
        m = m.with("to", t.piece().map(p -> Arg.of(Dimension.LENGTH, p.toM())));
        m = m.with("mass", t.piece().map(p -> Arg.up(Dimension.MASS, p.massHighKg())));
        m = m.with("act", t.act().map(Arg::term)).with("plate", t.plate().map(Arg::term));
        Optional<TakenOff.Load> propped =
                t.loads().stream().filter(l -> l.afterKg().isPresent()).findFirst();
        m = m.with("at", propped.map(l -> Arg.of(Dimension.LENGTH, l.xM())));
        m = m.with("thing", propped.map(l -> Arg.name(called.apply(l.on()))));
        m = m.with("before", propped.map(l -> Arg.up(Dimension.MASS, l.beforeKg())));
        m = m.with("after", propped.flatMap(TakenOff.Load::afterKg).map(kg -> Arg.up(Dimension.MASS, kg)));
        List<Message> pressed = t.loads().stream()
                .filter(l -> l.afterKg().isEmpty())
                .map(l -> Message.of(TakenOff.Said.LOAD_ON)
                        .with("on", Arg.name(called.apply(l.on())))
                        .with("load", Arg.up(Dimension.MASS, l.beforeKg())))
                .toList();
        return pressed.isEmpty() ? m : m.with("loads", Arg.all(pressed));
    }
}
