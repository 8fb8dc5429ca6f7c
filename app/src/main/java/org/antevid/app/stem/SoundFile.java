package org.antevid.app.stem;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Optional;

/** Kinds of sound that browsers and phones record, told by how a file begins: what it is called proves nothing. */
enum SoundFile {
    WEBM("audio/webm", 0, new byte[] {0x1A, 0x45, (byte) 0xDF, (byte) 0xA3}),
    OGG("audio/ogg", 0, ascii("OggS")),
    MP4("audio/mp4", 4, ascii("ftyp")),
    WAV("audio/wav", 0, ascii("RIFF")),
    AMR("audio/amr", 0, ascii("#!AMR")),
    MP3("audio/mpeg", 0, ascii("ID3"));

    private final String media;
    private final int from;
    private final byte[] begins;

    SoundFile(String media, int from, byte[] begins) {
        this.media = media;
        this.from = from;
        this.begins = begins;
    }

    String media() {
        return media;
    }

    private static byte[] ascii(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }

    /** @return empty for what is no sound that is known */
    static Optional<SoundFile> of(byte[] file) {
        return Arrays.stream(values())
                .filter(k -> file.length > k.from + k.begins.length
                        && Arrays.equals(Arrays.copyOfRange(file, k.from, k.from + k.begins.length), k.begins))
                .findFirst();
    }
}
