package org.antevid.app.cut.web;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.antevid.app.cut.Cuts;
import org.antevid.app.job.Needs;
import org.antevid.app.lay.ChoiceRequest;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.FileAnswer;
import org.antevid.app.reader.Speech;
import org.antevid.app.sheet.SheetPdf;
import org.antevid.app.sheet.SheetSvg;
import org.antevid.core.cutting.DoesNotMove;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.stem.Condition;
import org.antevid.core.stump.OpenedFace;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/jobs/{job}/stems/{stem}/cuts")
public class CutController {
    record OpenedRequest(
            @NotNull(message = "say how much sound wood there is on the left, 0 for none")
            Double soundLeftM,

            @NotNull(message = "say how much sound wood there is on the right, 0 for none")
            Double soundRightM,

            @NotNull(message = "say what wood the face showed")
            Condition wood,

            @Size(max = 200) String note) {}

    /**
     * @param uncutWidthM band left uncut, across the lay
     * @param uncutHeightM along it
     */
    record StuckRequest(
            @NotNull @Valid ChoiceRequest choice,
            @NotNull Double uncutWidthM,
            @NotNull Double uncutHeightM) {}

    /**
     * @param extraN pull it costs on top, rounded up
     * @param extra the same in words
     */
    record StuckView(
            DoesNotMove.Cause key,
            String cause,
            String tell,
            Optional<Double> extraN,
            Optional<String> extra,
            String then) {}

    record StuckAnswer(String first, List<StuckView> causes) {}

    private final Cuts cuts;

    CutController(Cuts cuts) {
        this.cuts = cuts;
    }

    /** What follows for the saw from a choice; nothing is stored. */
    @PostMapping("/preview")
    @Needs(Needs.Right.READ)
    CutView preview(@PathVariable String job, @PathVariable String stem, @Validated @RequestBody ChoiceRequest c) {
        return cuts.view(job, stem, c);
    }

    /** It does not move: causes in order, each with its tell and the pull it costs. */
    @PostMapping("/does-not-move")
    @Needs(Needs.Right.READ)
    StuckAnswer doesNotMove(
            @PathVariable String job, @PathVariable String stem, @Validated @RequestBody StuckRequest r) {
        return new StuckAnswer(
                Speech.words().say(DoesNotMove.FIRST),
                cuts.doesNotMove(job, stem, r.choice, new DoesNotMove.Uncut(r.uncutWidthM, r.uncutHeightM)).stream()
                        .map(d -> new StuckView(
                                d.cause(),
                                Speech.words().say(d.says()),
                                Speech.words().say(d.says(), "tell"),
                                d.extraN().map(n -> Rounding.up(n, -2)),
                                d.extraN().map(n -> Speech.words().show(Arg.up(Dimension.PULL, n))),
                                Speech.words().say(d.then())))
                        .toList());
    }

    /** Records what the opened face showed; work on the stem halts and the card is computed anew. */
    @PutMapping("/opened")
    @Needs(Needs.Right.LEAD)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void opened(
            @PathVariable String job,
            @PathVariable String stem,
            @Validated @RequestBody OpenedRequest o,
            @AuthenticationPrincipal SignedIn me) {
        cuts.opened(job, stem, new OpenedFace(o.soundLeftM, o.soundRightM, o.wood), o.note, me);
    }

    /** One side of the saved cut card as a drawing. */
    @GetMapping(value = "/card.svg", produces = "image/svg+xml")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> svg(
            @PathVariable String job,
            @PathVariable String stem,
            @RequestParam(defaultValue = "false") boolean back,
            @AuthenticationPrincipal SignedIn me) {
        return FileAnswer.svg(
                SheetSvg.of(cuts.sheet(job, stem, me).get(back ? 1 : 0)), back ? "cut-card-back.svg" : "cut-card.svg");
    }

    /** The saved cut card on A5, both sides, in the reader's language and units. */
    @GetMapping(value = "/card.pdf", produces = "application/pdf")
    @Needs(Needs.Right.READ)
    ResponseEntity<byte[]> pdf(
            @PathVariable String job, @PathVariable String stem, @AuthenticationPrincipal SignedIn me) {
        return FileAnswer.pdf(SheetPdf.of(cuts.sheet(job, stem, me)), "cut-card.pdf");
    }
}
