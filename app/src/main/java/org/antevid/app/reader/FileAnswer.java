package org.antevid.app.reader;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file as an answer: its type, and the name it is kept under. */
public final class FileAnswer {
    private FileAnswer() {}

    /** Text in UTF-8. */
    public static ResponseEntity<String> text(String text, String type, String name) {
        return answer(MediaType.parseMediaType(type + ";charset=UTF-8"), name).body(text);
    }

    public static ResponseEntity<String> csv(String text, String name) {
        return text(text, "text/csv", name);
    }

    public static ResponseEntity<byte[]> svg(String drawing, String name) {
        return answer(MediaType.valueOf("image/svg+xml"), name).body(drawing.getBytes(StandardCharsets.UTF_8));
    }

    public static ResponseEntity<byte[]> pdf(byte[] bytes, String name) {
        return answer(MediaType.APPLICATION_PDF, name).body(bytes);
    }

    private static ResponseEntity.BodyBuilder answer(MediaType type, String name) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString());
    }
}
