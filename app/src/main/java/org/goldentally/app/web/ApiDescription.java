package org.goldentally.app.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.goldentally.core.problem.Known;
import org.goldentally.core.unit.UnitKind;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI description, from which the types of the pages are generated. */
@Configuration
class ApiDescription {

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(new Info()
                        .title("Golden Tally")
                        .version("1")
                        .description("Lengths are text as read off a ruler (“4 7/8”), in the quilt's own system. "
                                + "A refused request is answered with a ProblemReport."));
    }

    /** Fields are always there; one that may be null says so, in its type or as the first word of its description. */
    @Bean
    OpenApiCustomizer fieldsAreRequired() {
        return api -> {
            api.setServers(null);
            api.getComponents().getSchemas().values().forEach(ApiDescription::requireAll);
            kinds(api, "UnitDesign", UnitKind::goesIntoBlocks);
            kinds(api, "TrayUnit", kind -> kind.goesIntoBlocks() && kind != UnitKind.BLOCK);
            kinds(api, "UnitTyped", UnitKind::standsAlone);
            kinds(api, "KindView", UnitKind::standsAlone);
        };
    }

    /** Of all kinds of units, those that a schema allows. */
    private static void kinds(OpenAPI api, String schema, Predicate<UnitKind> allowed) {
        Schema<?> described = Known.of(api.getComponents().getSchemas(), schema);
        @SuppressWarnings({"unchecked", "rawtypes"})
        Schema<Object> kind = (Schema<Object>) Known.of((Map<String, Schema>) (Map) described.getProperties(), "kind");
        kind.setEnum(
                Arrays.stream(UnitKind.values()).filter(allowed).map(Enum::name).collect(Collectors.toList()));
    }

    private static void requireAll(Schema<?> schema) {
        if (schema.getProperties() == null) {
            return;
        }
        List<String> required = new ArrayList<>();
        schema.getProperties().forEach((name, property) -> {
            String description = ((Schema<?>) property).getDescription();
            if (description == null || !description.startsWith("null ")) {
                required.add(name);
            }
        });
        schema.setRequired(required);
    }
}
