package org.antevid.app.tangle;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.antevid.app.place.Form;
import org.antevid.app.place.Places;
import org.antevid.app.reader.Speech;
import org.antevid.app.stem.Stems;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.site.FeatureKind;
import org.antevid.core.site.Protection;
import org.antevid.core.site.Shape;
import org.antevid.core.site.Spot;
import org.antevid.core.tangle.Pile;
import org.antevid.core.tangle.picture.Overhung;
import org.antevid.words.PaperWords;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a stem hangs over, tapped on the plan: a stem, a thing of the place, or a work spot that is put there. */
@Service
@Transactional
public class Overhangs {
    private static final double FOOT_M = 0.5;
    private static final double SPOT_M = 1;

    private final Tangles tangles;
    private final Stems stems;
    private final Places places;

    Overhangs(Tangles tangles, Stems stems, Places places) {
        this.tangles = tangles;
        this.stems = stems;
        this.places = places;
    }

    /**
     * @param stem label of what hangs over it
     * @return id of the relation
     */
    public String over(String jobId, String stem, Spot at) {
        Tangles.Tangle t = tangles.tangle(jobId);
        Map<String, Shape> shapes = new LinkedHashMap<>();
        stems.known(jobId).stream()
                .map(Stems.ChosenReading::reading)
                .filter(r -> !r.label().equals(stem))
                .forEach(r -> shapes.put(
                        r.label(), t.picture().around(List.of(r.label())).orElseGet(() -> Shape.disc(r.at(), FOOT_M))));
        String below =
                Overhung.at(at, shapes, places.site(jobId).features()).orElseGet(() -> workSpot(jobId, stem, at));
        return tangles.relate(
                jobId, stem, Pile.Type.OVERHANGS, below, Pile.Carries.NOT_KNOWN, Pile.SeverFrom.NOT_KNOWN);
    }

    private String workSpot(String jobId, String stem, Spot at) {
        return places.add(
                        jobId,
                        new Places.Entry(
                                Speech.words()
                                        .say(Message.of(PaperWords.SPOT_BENEATH).with("stem", Arg.name(stem))),
                                FeatureKind.WORK_POSITION,
                                Form.POINT,
                                List.of(at),
                                SPOT_M,
                                0,
                                false,
                                "",
                                Protection.NONE,
                                "",
                                false,
                                Speech.words().say(Message.of(PaperWords.TAPPED))))
                .id();
    }
}
