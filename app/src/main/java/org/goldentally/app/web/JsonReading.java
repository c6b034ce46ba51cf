package org.goldentally.app.web;

import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.type.LogicalType;

/** How JSON is read, besides what the settings say. */
@Configuration
class JsonReading {

    /** No list has a gap in it. */
    @Bean
    JsonMapperBuilderCustomizer entriesAreThere() {
        return builder -> builder.changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL));
    }

    /** A choice is a word, never its number; a text is a text, and a number a number. */
    @Bean
    JsonMapperBuilderCustomizer nothingIsTakenForSomethingElse() {
        return builder -> builder.enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .withCoercionConfig(LogicalType.Textual, texts -> {
                    for (CoercionInputShape other :
                            List.of(CoercionInputShape.Integer, CoercionInputShape.Float, CoercionInputShape.Boolean)) {
                        texts.setCoercion(other, CoercionAction.Fail);
                    }
                });
    }
}
