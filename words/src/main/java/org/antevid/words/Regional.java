package org.antevid.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Words of some regions for parts of a cut. Which a house says is its setting; what each stands for is in the catalogue
 * of each language.
 */
public enum Regional {
    /** Said for the notch. */
    FACE,
    /** Said for the strap. */
    TRIGGER,
    /** Said for the hinge. */
    HOLDING_WOOD;

    /** Form of its word in the catalogue: {@code notches/faces, notch/face}, the longest first. */
    static final String REPLACES = "replaces";

    /**
     * One word for another.
     *
     * @param usual as the catalogue has it
     * @param here as the house says it
     */
    public record Exchange(String usual, String here) {
        String in(String text) {
            Matcher m =
                    Pattern.compile("(?iU)\\b" + Pattern.quote(usual) + "\\b").matcher(text);
            return m.replaceAll(found -> Matcher.quoteReplacement(as(found.group())));
        }

        /** A capital stays one. */
        private String as(String found) {
            return Character.isUpperCase(found.charAt(0))
                    ? here.substring(0, 1).toUpperCase(Locale.ROOT) + here.substring(1)
                    : here;
        }
    }

    /** @return what a house of this setting says in a language, in the order in which it is exchanged */
    static List<Exchange> exchanges(Catalogue usual, Iterable<Regional> said) {
        List<Exchange> all = new ArrayList<>();
        for (Regional r : said) {
            usual.pattern(Words.key(r) + "." + REPLACES).ifPresent(forms -> {
                for (String form : forms.split(", ", -1)) {
                    int slash = form.indexOf('/');
                    all.add(new Exchange(form.substring(0, slash), form.substring(slash + 1)));
                }
            });
        }
        return all;
    }
}
