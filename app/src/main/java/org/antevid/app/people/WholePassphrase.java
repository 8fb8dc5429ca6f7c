package org.antevid.app.people;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * BCrypt over a digest, so that a passphrase of any length counts to its last letter; what was stored before is still
 * matched.
 */
final class WholePassphrase implements PasswordEncoder {
    private static final String WHOLE = "{whole}";
    /** Of a random text nobody has kept: who is not there is compared with this, and it takes as long. */
    static final String NOBODYS = WHOLE + "$2a$10$C52obzfM9jxBWl9IPX5I..JvEvLojIty4q95WFFuo91ion..N15ym";

    private static final int BCRYPT_BYTES = 72;
    private final BCryptPasswordEncoder bcrypt;

    /** @param rounds of what is hashed from now on, as a power of two; what is stored keeps its own */
    WholePassphrase(int rounds) {
        bcrypt = new BCryptPasswordEncoder(rounds);
    }

    @Override
    public String encode(CharSequence raw) {
        return WHOLE + bcrypt.encode(digest(raw));
    }

    @Override
    public boolean matches(CharSequence raw, String stored) {
        if (stored.startsWith(WHOLE)) {
            return bcrypt.matches(digest(raw), stored.substring(WHOLE.length()));
        }
        return raw.toString().getBytes(StandardCharsets.UTF_8).length <= BCRYPT_BYTES && bcrypt.matches(raw, stored);
    }

    private static String digest(CharSequence raw) {
        try {
            return Base64.getEncoder()
                    .encodeToString(MessageDigest.getInstance("SHA-256")
                            .digest(raw.toString().getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
