package org.antevid.app.stem;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.lang.GeoLocation;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import org.antevid.app.exchange.Pictures;
import org.antevid.app.job.Change;
import org.antevid.app.job.Jobs;
import org.antevid.app.people.SignedIn;
import org.antevid.app.problem.NotThere;
import org.antevid.app.stem.store.PhotoEntity;
import org.antevid.app.stem.store.PhotoRepository;
import org.antevid.core.quantity.RefusedInput;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Photos of stems and faults: turned upright by the camera's mark, made smaller, stripped of all metadata; the position
 * is kept only when wanted.
 */
@Service
@Transactional
public class Photos {
    private static final int LONGEST_PX = 1600;
    /** The eight ways a camera may have been held, as its mark counts them. */
    private static final int FIRST_MARK = 1;

    private static final int LAST_MARK = 8;
    private final PhotoRepository photos;
    private final Attaching attaching;
    private final Jobs jobs;
    private final Clock clock;

    Photos(PhotoRepository photos, Attaching attaching, Jobs jobs, Clock clock) {
        this.clock = clock;
        this.photos = photos;
        this.attaching = attaching;
        this.jobs = jobs;
    }

    /** @throws RefusedInput {@code NOT_A_PHOTO} for anything that is no picture */
    public String add(
            String jobId,
            String stemId,
            Optional<String> id,
            Optional<String> defectId,
            byte[] file,
            boolean keepPosition,
            SignedIn who) {
        Attaching.Place place = attaching.at(jobId, stemId, id, defectId, photos);
        if (place.there()) {
            return place.id();
        }
        PhotoEntity p = new PhotoEntity();
        p.id = place.id();
        p.jobId = jobId;
        p.stemId = place.stem().id;
        p.defectId = defectId.orElse(null);
        p.who = who.name();
        p.at = clock.instant();
        Small small = upright(file);
        p.jpeg = small.jpeg;
        p.widthPx = small.widthPx;
        p.heightPx = small.heightPx;
        if (keepPosition) {
            position(file).ifPresent(g -> {
                p.latitudeDeg = g.getLatitude();
                p.longitudeDeg = g.getLongitude();
            });
        }
        photos.save(p);
        jobs.touched(jobId, Change.STEM);
        return p.id;
    }

    public List<PhotoRepository.Entry> entries(String jobId) {
        return photos.findByJobIdOrderByAt(jobId);
    }

    public byte[] picture(String jobId, String id) {
        return photos.findById(id).filter(p -> p.jobId.equals(jobId)).orElseThrow(NotThere::new).jpeg;
    }

    @SuppressWarnings("ArrayRecordComponent") // passed on once, never compared
    private record Small(byte[] jpeg, int widthPx, int heightPx) {}

    private static Small upright(byte[] file) {
        return Pictures.read(file, LONGEST_PX, read -> {
            try {
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                BufferedImage turned = turned(read, file);
                double scale = Math.min(1, (double) LONGEST_PX / Math.max(turned.getWidth(), turned.getHeight()));
                Thumbnails.of(turned)
                        .scale(scale)
                        .outputFormat("jpg")
                        .outputQuality(0.82)
                        .toOutputStream(out);
                return new Small(out.toByteArray(), (int) Math.round(turned.getWidth() * scale), (int)
                        Math.round(turned.getHeight() * scale));
            } catch (IOException e) {
                throw Pictures.notAPicture();
            }
        });
    }

    /** @return the picture turned as the camera's mark says */
    private static BufferedImage turned(BufferedImage read, byte[] file) {
        int mark = mark(file);
        BufferedImage plain = new BufferedImage(read.getWidth(), read.getHeight(), BufferedImage.TYPE_INT_RGB);
        plain.createGraphics().drawImage(read, 0, 0, Color.WHITE, null);
        return mark < FIRST_MARK || mark > LAST_MARK
                ? plain
                : ExifFilterUtils.getFilterForOrientation(Orientation.typeOf(mark))
                        .apply(plain);
    }

    private static int mark(byte[] file) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif == null || exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION) == null
                    ? FIRST_MARK
                    : exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
        } catch (ImageProcessingException | IOException e) {
            return FIRST_MARK;
        }
    }

    private static Optional<GeoLocation> position(byte[] file) {
        try {
            return Optional.ofNullable(ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                            .getFirstDirectoryOfType(GpsDirectory.class))
                    .map(GpsDirectory::getGeoLocation);
        } catch (ImageProcessingException | IOException e) {
            return Optional.empty();
        }
    }
}
