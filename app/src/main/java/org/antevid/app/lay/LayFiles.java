package org.antevid.app.lay;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.place.Form;
import org.antevid.app.place.GeoFrame;
import org.antevid.app.place.PlanFiles;
import org.antevid.app.reader.Speech;
import org.antevid.app.sheet.Sheet;
import org.antevid.app.stem.Stems;
import org.antevid.core.lay.LayPlan;
import org.antevid.core.lay.zone.Zone;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.core.quantity.Require;
import org.antevid.core.quantity.Rounding;
import org.antevid.core.retreat.EscapeRoutes;
import org.antevid.core.site.Site;
import org.antevid.core.site.Spot;
import org.antevid.core.stem.StemReading;
import org.antevid.words.Answer;
import org.antevid.words.PaperWords;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Saved lays out as GeoJSON and as a sheet to scale; docs/formats/lay-geojson.md documents the properties. */
@Service
@Transactional(readOnly = true)
public class LayFiles {
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());
    private final Lays lays;
    private final Stems stems;
    private final PlanFiles plan;
    private final Jobs jobs;
    private final Clock clock;

    LayFiles(Lays lays, Stems stems, PlanFiles plan, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.lays = lays;
        this.stems = stems;
        this.plan = plan;
        this.jobs = jobs;
    }

    /** @return lay, fan, zones and ways out of every stem whose lay can be computed */
    public String geoJson(String jobId, boolean wgs84) {
        GeoFrame frame = plan.frame(jobId, wgs84);
        ObjectNode all = frame.collection();
        Map<String, StemReading> readings = stems.known(jobId).stream()
                .collect(Collectors.toMap(Stems.ChosenReading::id, Stems.ChosenReading::reading));
        Site site = lays.site(jobId);
        for (Lays.StemChoice c : lays.chosen(jobId)) {
            StemReading stem = Require.present(readings, c.stemId());
            if (stem.canBeLaid()) {
                add(frame, all, c, lays.plan(stem, site, c.choice()));
            }
        }
        return GeoFrame.write(all);
    }

    private static void add(GeoFrame frame, ObjectNode all, Lays.StemChoice c, LayPlan p) {
        String label = p.stem().label();
        Spot stump = p.stem().at();
        ObjectNode lay = frame.add(
                        all,
                        label + "-lay",
                        Form.LINE,
                        List.of(stump, stump.at(p.choice().layDeg(), p.zone().designReachM())))
                .put("stem", label)
                .put("what", "lay")
                .put("layDeg", p.choice().layDeg())
                .put("fixed", c.fixed())
                .put("reachM", Rounding.up(p.zone().designReachM(), 1))
                .put("throwM", Rounding.up(p.zone().throwM(), 1))
                .put("exclusionM", Rounding.up(p.zone().exclusionM(), 0))
                .put("means", p.choice().means().kind().name().toLowerCase(Locale.ROOT))
                .put("controlProven", p.control().proven());
        p.control().sigmaDeg().ifPresent(s -> lay.put("sigmaDeg", s));
        p.control().biasDeg().ifPresent(b -> lay.put("biasDeg", b));
        frame.add(all, label + "-fan", Form.POLYGON, p.fanOutline())
                .put("stem", label)
                .put("what", "fan")
                .put("wholeCircle", p.fan().wholeCircle());
        for (Zone z : Zone.of(p, c.zone(), c.zoneClips())) {
            int part = 0;
            for (List<Spot> outline : z.area().outlines()) {
                frame.add(
                                all,
                                label + "-" + z.kind().name().toLowerCase(Locale.ROOT)
                                        + (part++ == 0 ? "" : "-" + part),
                                Form.POLYGON,
                                outline)
                        .put("stem", label)
                        .put("what", "zone")
                        .put("zone", z.kind().name().toLowerCase(Locale.ROOT))
                        .put("words", Speech.words().term(z.kind()))
                        .put("why", Speech.words().say(z.why()))
                        .put("clippedBy", String.join("; ", z.clippedBy()));
            }
        }
        for (EscapeRoutes.Route r : p.escape().routes()) {
            r.way().ifPresent(w -> {
                ObjectNode way = frame.add(all, label + "-way-" + r.side().key(), Form.LINE, p.onPlan(w))
                        .put("stem", label)
                        .put("what", "way out")
                        .put("side", r.side().key())
                        .put("lengthM", Rounding.up(w.lengthM(), 1))
                        .put("walkS", Rounding.up(w.walkS(), 1))
                        .put("cleared", p.choice().leaving().cleared().contains(r.side()));
                w.marginS().ifPresent(m -> way.put("marginS", Rounding.down(m, 1)));
            });
        }
    }

    public Sheet sheet(String jobId, String stemId, SignedIn who) {
        StemReading stem = lays.felled(jobId, stemId);
        Lays.StemChoice c = lays.chosenFor(stemId)
                .orElseThrow(() -> new RefusedInput(
                        "MISSING", "lay", Message.of(Answer.LAY_OF_FIRST).with("stem", Arg.name(stem.label()))));
        Site site = lays.site(jobId);
        LayPlan p = lays.plan(stem, site, c.choice());
        String state = Speech.words()
                .say(Message.of(PaperWords.LAY_STATE)
                        .with("fixed", Arg.flag(c.fixed()))
                        .with("outdated", Arg.flag(lays.outOfDate(c, p, site).isPresent()))
                        .with("who", Arg.name(who.name()))
                        .with("at", Arg.name(STAMP.format(clock.instant()))));
        return LaySheet.of(
                p,
                site,
                Zone.of(p, c.zone(), c.zoneClips()),
                stems.known(jobId).stream().map(Stems.ChosenReading::reading).toList(),
                Speech.words(),
                jobs.job(jobId).place(),
                state);
    }
}
