package org.antevid.app.exchange;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.core.quantity.RefusedInput;
import org.antevid.words.Answer;

/** Text of a file, which must be UTF-8. */
public final class StrictText {
    private StrictText() {}

    /** @throws RefusedInput {@code NOT_UTF8} naming the row where it stops being so, {@code EMPTY_FILE} */
    public static String of(byte[] file) {
        if (file.length == 0) {
            throw new RefusedInput("EMPTY_FILE", "file", Message.of(Answer.EMPTY_FILE));
        }
        ByteBuffer in = ByteBuffer.wrap(file);
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(in)
                    .toString();
            if (text.indexOf('\0') >= 0) {
                throw new RefusedInput("NOT_TEXT", "file", Message.of(Answer.NO_TEXT_FILE));
            }
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException e) {
            int line = 1;
            for (int i = 0; i < in.position(); i++) {
                line += file[i] == '\n' ? 1 : 0;
            }
            throw new RefusedInput(
                    "NOT_UTF8", "file", Message.of(Answer.NOT_UTF8).with("line", Arg.count(line)));
        }
    }
}
