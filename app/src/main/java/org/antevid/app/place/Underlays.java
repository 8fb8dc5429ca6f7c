package org.antevid.app.place;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import net.coobird.thumbnailator.Thumbnails;
import org.antevid.app.exchange.Pictures;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.place.store.UnderlayEntity;
import org.antevid.app.place.store.UnderlayRepository;
import org.antevid.app.problem.NotThere;
import org.antevid.core.quantity.Require;
import org.antevid.core.site.Spot;
import org.antevid.core.site.Underlay;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The one own photo or drawing under the plan of a job. */
@Service
@Transactional
public class Underlays {
    private static final int LONGEST_PX = 3000;
    private final UnderlayRepository records;
    private final Jobs jobs;

    Underlays(UnderlayRepository records, Jobs jobs) {
        this.records = records;
        this.jobs = jobs;
    }

    /** The picture's size, and how it lies once two points are given. */
    public record PlacedUnderlay(String name, int widthPx, int heightPx, Optional<Underlay> lies, long version) {}

    public Optional<PlacedUnderlay> view(String jobId) {
        return records.findById(jobId).map(r -> new PlacedUnderlay(r.name, r.widthPx, r.heightPx, lies(r), r.version));
    }

    /** Two points given lay it; before that it lies nowhere. */
    private static Optional<Underlay> lies(UnderlayEntity r) {
        Double scale = r.metresPerPixel;
        Double turn = r.turnDeg;
        Double east = r.eastM;
        Double north = r.northM;
        return scale == null || turn == null || east == null || north == null
                ? Optional.empty()
                : Optional.of(new Underlay(scale, turn, new Spot(east, north)));
    }

    public byte[] picture(String jobId) {
        return records.findById(jobId).orElseThrow(NotThere::new).picture;
    }

    /** A new picture lies nowhere until its two points are given. */
    public void put(String jobId, String name, byte[] file) {
        UnderlayEntity r = records.findById(jobId).orElseGet(UnderlayEntity::new);
        r.jobId = jobId;
        r.name = Require.text(name, 100, "name");
        Pictures.read(file, LONGEST_PX, read -> {
            double scale = Math.min(1, (double) LONGEST_PX / Math.max(read.getWidth(), read.getHeight()));
            try {
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                Thumbnails.of(read).scale(scale).outputFormat("jpg").toOutputStream(out);
                r.picture = out.toByteArray();
            } catch (IOException e) {
                throw Pictures.notAPicture();
            }
            r.widthPx = (int) Math.round(read.getWidth() * scale);
            r.heightPx = (int) Math.round(read.getHeight() * scale);
            return r;
        });
        r.mime = "image/jpeg";
        r.metresPerPixel = null;
        r.turnDeg = null;
        r.eastM = null;
        r.northM = null;
        records.saveAndFlush(r);
        jobs.touched(jobId, Change.PLACE);
    }

    public void lay(String jobId, Underlay u) {
        UnderlayEntity r = records.findById(jobId).orElseThrow(NotThere::new);
        r.metresPerPixel = u.metresPerPixel();
        r.turnDeg = u.turnDeg();
        r.eastM = u.origin().eastM();
        r.northM = u.origin().northM();
        records.saveAndFlush(r);
        jobs.touched(jobId, Change.PLACE);
    }

    public void remove(String jobId) {
        records.delete(records.findById(jobId).orElseThrow(NotThere::new));
        records.flush();
        jobs.touched(jobId, Change.PLACE);
    }
}
