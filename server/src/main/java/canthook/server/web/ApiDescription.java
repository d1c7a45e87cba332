package canthook.server.web;

import canthook.length.Length;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.ObjectMapper;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
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
