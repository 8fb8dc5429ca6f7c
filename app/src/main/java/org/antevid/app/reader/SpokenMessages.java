package org.antevid.app.reader;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import org.antevid.core.message.Arg;
import org.antevid.core.message.Message;
import org.antevid.words.Words;
import org.springframework.stereotype.Component;

/** Writes messages of the core into answers: code and arguments beside the words of whoever asks. */
@Component
class SpokenMessages extends SimpleModule {
    SpokenMessages() {
        super("spoken messages");
        addSerializer(Message.class, new JsonSerializer<>() {
            @Override
            public void serialize(Message m, JsonGenerator json, SerializerProvider all) throws IOException {
                all.defaultSerializeValue(
                        new MessageView(Words.keyOf(m.code()), Speech.words().say(m), Arguments.of(m.args())), json);
            }
        });
        addSerializer(Arg.class, new JsonSerializer<>() {
            @Override
            public void serialize(Arg arg, JsonGenerator json, SerializerProvider all) throws IOException {
                all.defaultSerializeValue(new ArgView(Speech.words().show(arg), Arguments.plain(arg)), json);
            }
        });
    }
}
