package canthook.server.web;

import canthook.length.Length;
import canthook.plan.BoxPlan;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonPointer;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.BeanDeserializerModifier;
import com.fasterxml.jackson.databind.deser.ResolvableDeserializer;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.math.BigDecimal;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.converter.json.Jackson2ObjectMapperBuilder;

/** Lengths are millimetres as decimal numbers; nothing is guessed, coerced or passed over. */
@Configuration
public class JsonRules {
    @Bean
    Jackson2ObjectMapperBuilderCustomizer strict() {
        return builder -> builder.featuresToEnable(
                        DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
                        DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
                        DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS,
                        DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .featuresToDisable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .postConfigurer(mapper -> mapper.configure(DeserializationFeature.ACCEPT_FLOAT_AS_INT, false))
                .modules(lengths());
    }

    /** A mapper by the same rules, for use outside the running application. */
    public static ObjectMapper mapper() {
        Jackson2ObjectMapperBuilder builder = Jackson2ObjectMapperBuilder.json();
        new JsonRules().strict().customize(builder);
        return builder.build();
    }

    private static SimpleModule lengths() {
        SimpleModule module = new SimpleModule("cant-hook");
        module.addSerializer(Length.class, new MillimetresOut());
        module.addDeserializer(Length.class, new MillimetresIn());
        module.setDeserializerModifier(new BeanDeserializerModifier() {
            @Override
            public JsonDeserializer<?> modifyDeserializer(
                    DeserializationConfig config, BeanDescription bean, JsonDeserializer<?> deserializer) {
                return bean.getBeanClass() == BoxPlan.class ? new PlanIn(deserializer) : deserializer;
            }
        });
        return module;
    }

    private static final class MillimetresOut extends StdSerializer<Length> {
        private static final long serialVersionUID = 1L;

        MillimetresOut() {
            super(Length.class);
        }

        @Override
        public void serialize(Length value, JsonGenerator out, SerializerProvider provider) throws IOException {
            BigDecimal mm = value.exactMm().stripTrailingZeros();
            out.writeNumber(mm.scale() < 0 ? mm.setScale(0) : mm);
        }
    }

    private static final class MillimetresIn extends StdDeserializer<Length> {
        private static final long serialVersionUID = 1L;

        MillimetresIn() {
            super(Length.class);
        }

        @Override
        public Length deserialize(JsonParser in, DeserializationContext context) throws IOException {
            JsonToken token = in.currentToken();
            if (token != JsonToken.VALUE_NUMBER_INT && token != JsonToken.VALUE_NUMBER_FLOAT) {
                throw JsonMappingException.from(in, "A length is a number of millimetres.");
            }
            try {
                return Length.mm(in.getDecimalValue());
            } catch (ArithmeticException e) {
                throw JsonMappingException.from(in, "That is no length a box could have.", e);
            }
        }
    }

    /** Looks at the version first, so that a newer document is refused for what it is and not for its unknown fields. */
    private static final class PlanIn extends StdDeserializer<BoxPlan> implements ResolvableDeserializer {
        private static final long serialVersionUID = 1L;
        private final transient JsonDeserializer<?> usual;

        PlanIn(JsonDeserializer<?> usual) {
            super(BoxPlan.class);
            this.usual = usual;
        }

        @Override
        public void resolve(DeserializationContext context) throws JsonMappingException {
            if (usual instanceof ResolvableDeserializer resolvable) {
                resolvable.resolve(context);
            }
        }

        @Override
        public BoxPlan deserialize(JsonParser in, DeserializationContext context) throws IOException {
            JsonNode tree;
            try {
                tree = context.readTree(in);
            } catch (JsonParseException e) {
                JsonPointer at = in.getParsingContext().pathAsPointer();
                throw new UnreadableAt(at.toString().substring(1).replace('/', '.'), e);
            }
            JsonNode version = tree.get("version");
            if (version != null && version.isNumber() && version.asLong() > BoxPlan.VERSION) {
                throw JsonMappingException.wrapWithPath(
                        JsonMappingException.from(
                                in,
                                "This plan was made by a newer Cant Hook (version " + version.asText()
                                        + "); this one reads up to version " + BoxPlan.VERSION + "."),
                        BoxPlan.class,
                        "version");
            }
            try (JsonParser again = tree.traverse(in.getCodec())) {
                again.nextToken();
                return (BoxPlan) usual.deserialize(again, context);
            }
        }
    }

    /** Text that is not JSON, and where it stops being so. */
    static final class UnreadableAt extends IOException {
        private static final long serialVersionUID = 1L;
        private final String field;

        UnreadableAt(String field, JsonParseException cause) {
            super(cause.getOriginalMessage(), cause);
            this.field = field;
        }

        String field() {
            return field;
        }
    }
}
