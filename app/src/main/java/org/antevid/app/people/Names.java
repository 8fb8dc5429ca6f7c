package org.antevid.app.people;

import com.ibm.icu.text.SpoofChecker;
import java.text.Normalizer;
import java.util.Locale;

/**
 * Folds what people type so that one person is one person: case, width, accents, dotless i, letters of other scripts
 * that look the same.
 */
public final class Names {
    private static final SpoofChecker LOOKS = new SpoofChecker.Builder().build();

    private Names() {}

    /** @return the same for two names a tired reader would take for one another */
    public static String folded(String name) {
        String wide = Normalizer.normalize(name.strip(), Normalizer.Form.NFKC)
                .toLowerCase(Locale.ROOT)
                .replace('\u0131', 'i');
        String plain = Normalizer.normalize(LOOKS.getSkeleton(wide), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "");
        return plain.toLowerCase(Locale.ROOT).replaceAll("[\\s\\p{Pd}'.]+", " ").strip();
    }
}
