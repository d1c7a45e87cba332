package canthook.server.web;

import static java.util.Map.entry;

import canthook.length.Length;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Describes the API: a length is a number, and a record's component is required unless it may be null. */
@Configuration
public class ApiDescription {
    static {
        SpringDocUtils.getConfig()
                .replaceWithSchema(Length.class, new NumberSchema().description("Millimetres, exact to the nanometre"));
    }

    @Bean
    OpenAPI openApi() {
        return new OpenAPI()
                .info(
                        new Info()
                                .title("Cant Hook")
                                .version("1")
                                .description(
                                        "Lengths in millimetres, moisture and humidity in percent, angles in degrees, times in ISO 8601."));
    }

    @Bean
    ModelConverter requiredUnlessNullable(ObjectMapper json) {
        return new ModelConverter() {
            @Override
            public @Nullable Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                if (!chain.hasNext()) {
                    return null;
                }
                Schema<?> schema = chain.next().resolve(type, context, chain);
                JavaType java = json.constructType(type.getType());
                if (schema != null && java.getRawClass().isRecord() && java.getRawClass() != Length.class) {
                    String name = schema.get$ref() == null
                            ? null
                            : schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1);
                    Schema<?> model =
                            name == null ? schema : context.getDefinedModels().get(name);
                    if (model != null && model.getProperties() != null) {
                        model.setRequired(required(java.getRawClass()));
                    }
                }
                return schema;
            }
        };
    }

    private static final Map<String, String> KINDS = Map.ofEntries(
            entry("None", "NONE"),
            entry("Captured", "CAPTURED"),
            entry("Rabbeted", "RABBETED"),
            entry("Applied", "APPLIED"),
            entry("Slats", "SLATS"),
            entry("Open", "NONE"),
            entry("Sliding", "SLIDING"),
            entry("SawnOff", "SAWN_OFF"),
            entry("OnTop", "ON_TOP"),
            entry("Divider", "DIVIDER"),
            entry("Grip", "GRIP"),
            entry("Pegs", "PEGS"),
            entry("CornerPin", "CORNER_PIN"),
            entry("Handle", "HANDLE"),
            entry("Feet", "FEET"),
            entry("Tray", "TRAY"),
            entry("BasePlate", "BASE"),
            entry("UprightHandle", "UPRIGHT_HANDLE"),
            entry("FingeredBlock", "FINGERED_BLOCK"),
            entry("Stay", "STAY"),
            entry("CardSlit", "CARD_SLIT"),
            entry("LabelRecess", "LABEL"),
            entry("Lining", "LINING"),
            entry("SecondFloor", "SECOND_FLOOR"));

    /** Kinds of a family are told apart by their {@code kind}, a word of its own in each. */
    @Bean
    OpenApiCustomizer kindsOfFamilies() {
        return api -> {
            KINDS.forEach((name, kind) -> withKind(api, name, kind));
            api.getComponents().getSchemas().remove("Bottom");
            api.getComponents().getSchemas().remove("Lid");
            api.getComponents().getSchemas().remove("Fitting");
        };
    }

    private static void withKind(OpenAPI api, String name, String kind) {
        Schema<?> described = api.getComponents().getSchemas().get(name);
        if (described == null) {
            throw new IllegalStateException("the API describes no " + name);
        }
        ObjectSchema flat = new ObjectSchema();
        if (described.getAllOf() != null) {
            for (Schema<?> part : described.getAllOf()) {
                if (part.getProperties() != null) {
                    part.getProperties().forEach(flat::addProperty);
                }
            }
        }
        flat.addProperty("kind", new StringSchema()._enum(List.of(kind)));
        List<String> required = new ArrayList<>(described.getRequired() == null ? List.of() : described.getRequired());
        required.add("kind");
        flat.setRequired(required);
        api.getComponents().getSchemas().put(name, flat);
    }

    private static List<String> required(Class<?> type) {
        List<String> names = new ArrayList<>();
        for (RecordComponent component : type.getRecordComponents()) {
            if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                names.add(component.getName());
            }
        }
        return names;
    }
}
