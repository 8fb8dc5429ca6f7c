package org.antevid.app.people;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;
import org.jspecify.annotations.Nullable;

/** What a passphrase and a PIN must be, and the word a first PIN is set with. */
final class Secrets {
    private static final int LEAST = 12;
    private static final int LEAST_DIFFERENT = 5;
    private static final int FEWEST_DIGITS = 4;
    private static final int MOST_DIGITS = 8;
    private static final Set<String> COMMON = read();
    private static final String[] WORDS = {
        "heron", "otter", "sedge", "alder", "kestrel", "bramble", "wicket", "mallard", "thistle", "hazel", "ember",
        "lantern", "barley", "copper", "pebble", "willow"
    };
    private static final SecureRandom RANDOM = new SecureRandom();

    private Secrets() {}

    private static Set<String> read() {
        try (InputStream in = Secrets.class.getResourceAsStream("/common-passphrases.txt");
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines().map(Secrets::bare).filter(l -> !l.isEmpty()).collect(Collectors.toUnmodifiableSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String bare(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }

    /** @throws RefusedInput saying what would be right */
    static String passphrase(String passphrase, String name) {
        if (passphrase == null || passphrase.strip().length() < LEAST) {
            throw new RefusedInput(
                    "OUT_OF_RANGE",
                    "passphrase",
                    Message.of(Answer.SHORT_PASSPHRASE).with("least", Arg.count(LEAST)));
        }
        String bare = bare(passphrase);
        boolean guessed = COMMON.contains(bare)
                || COMMON.contains(bare.replaceAll("\\p{N}+$", ""))
                || bare.chars().distinct().count() < LEAST_DIFFERENT
                || bare.equals(bare(name));
        if (guessed) {
            throw new RefusedInput("TOO_COMMON", "passphrase", Message.of(Answer.COMMON_PASSPHRASE));
        }
        return passphrase;
    }

    /** @throws RefusedInput saying what would be right */
    static String pin(String pin) {
        if (pin == null || !pin.matches("[0-9]{" + FEWEST_DIGITS + "," + MOST_DIGITS + "}")) {
            throw new RefusedInput("OUT_OF_RANGE", "pin", Message.of(Answer.PIN_DIGITS));
        }
        if (pin.chars().distinct().count() == 1 || "01234567890".contains(pin)) {
            throw new RefusedInput("TOO_COMMON", "pin", Message.of(Answer.COMMON_PIN));
        }
        return pin;
    }

    /** @return a word with three digits, easy to say aloud once */
    static String firstWord() {
        return WORDS[RANDOM.nextInt(WORDS.length)] + " " + (100 + RANDOM.nextInt(900));
    }

    static boolean sameWord(@Nullable String said, @Nullable String word) {
        return said != null && word != null && bare(said).equals(bare(word));
    }
}
