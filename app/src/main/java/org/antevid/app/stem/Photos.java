package org.antevid.app.stem;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.lang.GeoLocation;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javax.imageio.ImageIO;
import net.coobird.thumbnailator.Thumbnails;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.core.quantity.RefusedInput;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photos of stems and faults: turned upright by the camera's mark, made smaller, stripped of all metadata; the position is kept only when wanted. */
@Service
@Transactional
public class Photos {
    private static final int LONGEST_PX = 1600;
    private final PhotoRepository photos;
    private final Stems stems;
    private final DefectRepository defects;
    private final Jobs jobs;

    Photos(PhotoRepository photos, Stems stems, DefectRepository defects, Jobs jobs) {
        this.photos = photos;
        this.stems = stems;
        this.defects = defects;
        this.jobs = jobs;
    }

    /** @throws RefusedInput {@code NOT_A_PHOTO} for anything that is no picture */
    public String add(String jobId, String stemId, Optional<String> id, Optional<String> defectId, byte[] file, boolean keepPosition, SignedIn who) {
        StemRecord stem = stems.record(jobId, stemId);
        if (id.filter(photos::existsById).isPresent()) {
            return id.get();
        }
        defectId.ifPresent(d -> defects.findById(d).filter(r -> r.stemId.equals(stem.id)).orElseThrow(() -> new RefusedInput("UNKNOWN_DEFECT", "defect", "is no defect of this stem")));
        PhotoRecord p = new PhotoRecord();
        p.id = id.orElseGet(() -> UUID.randomUUID().toString());
        p.jobId = jobId;
        p.stemId = stem.id;
        p.defectId = defectId.orElse(null);
        p.who = who.name();
        p.at = Instant.now();
        p.jpeg = upright(file);
        BufferedImage small = read(p.jpeg);
        p.widthPx = small.getWidth();
        p.heightPx = small.getHeight();
        if (keepPosition) {
            position(file).ifPresent(g -> {
                p.latitudeDeg = g.getLatitude();
                p.longitudeDeg = g.getLongitude();
            });
        }
        photos.save(p);
        jobs.touched(jobId, "stem");
        return p.id;
    }

    List<PhotoRepository.Entry> entries(String jobId) {
        return photos.findByJobIdOrderByAt(jobId);
    }

    byte[] picture(String jobId, String id) {
        return photos.findById(id).filter(p -> p.jobId.equals(jobId)).orElseThrow(NotThere::new).jpeg;
    }

    private static byte[] upright(byte[] file) {
        read(file);
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            BufferedImage whole = Thumbnails.of(new ByteArrayInputStream(file)).scale(1).asBufferedImage();
            double scale = Math.min(1, (double) LONGEST_PX / Math.max(whole.getWidth(), whole.getHeight()));
            Thumbnails.of(whole).scale(scale).outputFormat("jpg").outputQuality(0.82).toOutputStream(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw notAPhoto();
        }
    }

    private static BufferedImage read(byte[] file) {
        try {
            return Optional.ofNullable(ImageIO.read(new ByteArrayInputStream(file))).orElseThrow(Photos::notAPhoto);
        } catch (IOException e) {
            throw notAPhoto();
        }
    }

    private static RefusedInput notAPhoto() {
        return new RefusedInput("NOT_A_PHOTO", "file", "is no picture that can be read; send a JPEG or PNG");
    }

    private static Optional<GeoLocation> position(byte[] file) {
        try {
            return Optional.ofNullable(ImageMetadataReader.readMetadata(new ByteArrayInputStream(file)).getFirstDirectoryOfType(GpsDirectory.class)).map(GpsDirectory::getGeoLocation);
        } catch (ImageProcessingException | IOException e) {
            return Optional.empty();
        }
    }
}
