package org.antevid.app.cut.web;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.Stream;
import org.antevid.app.cut.Cuts;
import org.antevid.app.job.Needs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.reader.Speech;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Dimension;
import org.antevid.core.stump.OpenedFace;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.validation.annotation.Validated;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The opened face from the cutter's phone, in three taps, of the stem that is felled in the step whose turn it is. */
@RestController
@RequestMapping("/api/jobs/{job}/run/face")
public class FaceController {
    /** @param sound from one side inward, most first */
    record FaceChoices(List<SoundChoice> sound, List<LookChoice> looks) {}

    /** @param soundM metres from the bark inward */
    record SoundChoice(double soundM, String words) {}

    record LookChoice(OpenedFace.Look look, String words) {}

    /**
     * @param soundLeftM metres from the left bark inward, 0 to 2.5
     * @param soundRightM the same from the right
     */
    record FaceRequest(
            @NotNull Double soundLeftM,
            @NotNull Double soundRightM,
            @NotNull OpenedFace.Look look) {}

    private final Cuts cuts;

    FaceController(Cuts cuts) {
        this.cuts = cuts;
    }

    /** What the opened face may show. */
    @GetMapping
    @Needs(Needs.Right.WORK)
    FaceChoices face(@PathVariable String job, @AuthenticationPrincipal SignedIn me) {
        return new FaceChoices(
                cuts.faceM(job, me).stream()
                        .map(m -> new SoundChoice(m, Speech.words().show(Arg.down(Dimension.SHORT, m))))
                        .toList(),
                Stream.of(OpenedFace.Look.values())
                        .map(l -> new LookChoice(l, Speech.words().term(l)))
                        .toList());
    }

    /** Says what it showed: the work halts and the card is computed anew. More wood than was read before is refused. */
    @PutMapping
    @Needs(Needs.Right.WORK)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void opened(@PathVariable String job, @Validated @RequestBody FaceRequest f, @AuthenticationPrincipal SignedIn me) {
        cuts.openedBy(job, new OpenedFace(f.soundLeftM, f.soundRightM, f.look.wood()), me);
    }
}
