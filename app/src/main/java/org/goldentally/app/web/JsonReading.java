package org.goldentally.app.web;

import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How JSON is read, besides what the settings say. */
@Configuration
class JsonReading {

    /** No list has a gap in it. */
    @Bean
    JsonMapperBuilderCustomizer entriesAreThere() {
        return builder -> builder.changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL));
    }
}
