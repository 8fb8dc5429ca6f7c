package org.antevid.app.exchange;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.concurrent.Semaphore;
import java.util.function.Function;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;

/**
 * Reads pictures small: the size is looked at first, only every n-th pixel is read, and one picture at a time is in
 * memory.
 */
public final class Pictures {
    private static final long MOST_PIXELS = 60_000_000;
    private static final Semaphore ONE = new Semaphore(1, true);

    private Pictures() {}

    /**
     * @param longestPx about how long the longer side may stay; never less than asked for where the picture has it
     * @param use is given the picture, read no larger than twice that
     * @throws RefusedInput {@code NOT_A_PHOTO} for no picture, {@code TOO_LARGE} above 60 megapixels
     */
    public static <T> T read(byte[] file, int longestPx, Function<BufferedImage, T> use) {
        ONE.acquireUninterruptibly();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw notAPicture();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long width = reader.getWidth(0);
                long height = reader.getHeight(0);
                if (width * height > MOST_PIXELS) {
                    throw new RefusedInput(
                            "TOO_LARGE",
                            "file",
                            Message.of(Answer.TOO_MANY_PIXELS)
                                    .with("pixels", Arg.count(Math.round(width * height / 1e6))));
                }
                ImageReadParam every = reader.getDefaultReadParam();
                int n = Math.max(1, (int) (Math.max(width, height) / (2L * longestPx)));
                every.setSourceSubsampling(n, n, 0, 0);
                return use.apply(reader.read(0, every));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException | NegativeArraySizeException e) {
            throw notAPicture();
        } finally {
            ONE.release();
        }
    }

    public static RefusedInput notAPicture() {
        return new RefusedInput("NOT_A_PHOTO", "file", Message.of(Answer.NO_PICTURE));
    }
}
