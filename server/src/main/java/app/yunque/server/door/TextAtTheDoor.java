package app.yunque.server.door;

import java.beans.PropertyEditorSupport;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Cleans every text where it comes in: in each body and file, as a value and as a key, and in each address. */
@Component
public class TextAtTheDoor extends SimpleModule {
    TextAtTheDoor() {
        super("text at the door");
        addDeserializer(String.class, new Value());
        addKeyDeserializer(String.class, new Key());
    }

    private static final class Value extends StdScalarDeserializer<String> {
        Value() {
            super(String.class);
        }

        @Override
        public @Nullable String deserialize(JsonParser parser, DeserializationContext context) {
            var typed = StringDeserializer.instance.deserialize(parser, context);
            return typed == null ? null : TypedText.of(typed);
        }
    }

    private static final class Key extends KeyDeserializer {
        @Override
        public Object deserializeKey(String key, DeserializationContext context) {
            return TypedText.of(key);
        }
    }

    /** The same for what stands in the address. */
    @ControllerAdvice
    static final class InTheAddress {
        @InitBinder
        void clean(WebDataBinder binder) {
            binder.registerCustomEditor(
                    String.class,
                    new PropertyEditorSupport() {
                        @Override
                        public void setAsText(@Nullable String text) {
                            setValue(text == null ? null : TypedText.of(text));
                        }
                    });
        }
    }
}
