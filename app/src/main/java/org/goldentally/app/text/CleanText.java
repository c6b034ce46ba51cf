package org.goldentally.app.text;

import java.beans.PropertyEditorSupport;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanProperty;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;

/**
 * Cleans every text that enters, in a body, an address or a file: signs that no letter is (control signs, half
 * surrogates, marks that turn the direction of writing round) are left out, and a line break in a text of one line
 * becomes a space. So none of them can end a line of a log, break a drawing, or be refused by the database. Letters of
 * any alphabet, and signs such as &lt; and &amp;, stay; whoever writes text out writes it as that format wants.
 */
public final class CleanText {

    private CleanText() {}

    /** Of one line. */
    public static String line(String text) {
        return clean(text, false);
    }

    /** Of several lines. */
    public static String lines(String text) {
        return clean(text, true);
    }

    private static String clean(String text, boolean keepLines) {
        if (text.codePoints().allMatch(CleanText::isPlain)) {
            return text;
        }
        StringBuilder clean = new StringBuilder(text.length());
        text.codePoints().forEach(sign -> {
            boolean space = sign == '\n' || sign == '\r' || sign == '\t';
            if (space) {
                clean.append(keepLines ? (char) sign : ' ');
            } else if (isPlain(sign)) {
                clean.appendCodePoint(sign);
            }
        });
        return clean.toString();
    }

    private static boolean isPlain(int sign) {
        boolean turnsWriting = (sign >= 0x202a && sign <= 0x202e) || (sign >= 0x2066 && sign <= 0x2069);
        boolean breaksLine = sign == 0x2028 || sign == 0x2029;
        boolean half = sign >= Character.MIN_SURROGATE && sign <= Character.MAX_SURROGATE;
        boolean none = (sign & 0xfffe) == 0xfffe || (sign >= 0xfdd0 && sign <= 0xfdef) || sign == 0xfeff;
        return !Character.isISOControl(sign) && !turnsWriting && !breaksLine && !half && !none;
    }

    /** For whatever reads JSON that came from outside. */
    @Component
    public static final class Module extends SimpleModule {
        private static final long serialVersionUID = 1L;

        /** Cleans every text. */
        public Module() {
            super("clean text");
            addDeserializer(String.class, new OfJson(false));
        }
    }

    private static final class OfJson extends StdDeserializer<String> {

        private final boolean keepLines;

        OfJson(boolean keepLines) {
            super(String.class);
            this.keepLines = keepLines;
        }

        @Override
        public ValueDeserializer<?> createContextual(DeserializationContext context, @Nullable BeanProperty property) {
            boolean several = property != null && property.getAnnotation(Lines.class) != null;
            return several == keepLines ? this : new OfJson(several);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            return clean(StringDeserializer.instance.deserialize(parser, context), keepLines);
        }
    }

    /** For what stands in addresses. */
    @ControllerAdvice
    static class OfAddresses {
        @InitBinder
        void clean(WebDataBinder binder) {
            binder.registerCustomEditor(String.class, new PropertyEditorSupport() {
                @Override
                public void setAsText(String text) {
                    setValue(text == null ? null : line(text));
                }
            });
        }
    }
}
