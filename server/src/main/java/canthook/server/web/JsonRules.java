package canthook.server.web;

import canthook.length.Length;
import canthook.plan.BasePlate;
import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.CardSlit;
import canthook.plan.FingeredBlock;
import canthook.plan.Fitting;
import canthook.plan.LabelRecess;
import canthook.plan.Lid;
import canthook.plan.Lining;
import canthook.plan.SecondFloor;
import canthook.plan.Stay;
import canthook.plan.Tray;
import canthook.plan.UprightHandle;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.core.JsonFactoryBuilder;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.core.StreamWriteFeature;
import com.fasterxml.jackson.core.json.JsonReadFeature;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.annotation.JsonDeserialize;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.module.blackbird.BlackbirdModule;
import java.io.IOException;
import java.math.BigInteger;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.converter.json.Jackson2ObjectMapperBuilder;

/** Lengths are millimetres as decimal numbers; nothing is guessed, coerced or passed over. */
@Configuration
public class JsonRules {
    private static final int LONGEST_NUMBER = 100;
    private static final int DEEPEST = 60;

    @Bean
    Jackson2ObjectMapperBuilderCustomizer strict() {
        return builder -> builder.factory(new JsonFactoryBuilder()
                        .enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER)
                        .enable(StreamReadFeature.USE_FAST_DOUBLE_PARSER)
                        // so that NaN is refused at its field and not as a broken document
                        .enable(JsonReadFeature.ALLOW_NON_NUMERIC_NUMBERS)
                        // what is said twice is not known
                        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                        .streamReadConstraints(StreamReadConstraints.builder()
                                .maxNumberLength(LONGEST_NUMBER)
                                .maxNestingDepth(DEEPEST)
                                .build())
                        .build())
                .featuresToEnable(
                        DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
                        DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
                        DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS,
                        DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                // a record is its components; what it can say of itself is not written
                .featuresToDisable(MapperFeature.ALLOW_COERCION_OF_SCALARS, MapperFeature.AUTO_DETECT_IS_GETTERS)
                .postConfigurer(mapper -> mapper.configure(DeserializationFeature.ACCEPT_FLOAT_AS_INT, false)
                        // nothing is not one of several things
                        .setDefaultSetterInfo(JsonSetter.Value.forContentNulls(Nulls.FAIL)))
                .modulesToInstall(lengths(), new BlackbirdModule());
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
        module.addSerializer(double.class, new Thousandths());
        module.addSerializer(Double.class, new Thousandths());
        module.addDeserializer(Length.class, new MillimetresIn());
        module.setMixInAnnotation(BoxPlan.class, PlanMixin.class);
        module.setMixInAnnotation(Bottom.class, BottomKinds.class);
        module.setMixInAnnotation(Lid.class, LidKinds.class);
        module.setMixInAnnotation(Fitting.class, FittingKinds.class);
        return module;
    }

    private static final class MillimetresOut extends StdSerializer<Length> {
        private static final long serialVersionUID = 1L;

        MillimetresOut() {
            super(Length.class);
        }

        @Override
        public void serialize(Length value, JsonGenerator out, SerializerProvider provider) throws IOException {
            if (value.nanometres() % 1_000_000 == 0) {
                out.writeNumber(value.nanometres() / 1_000_000);
            } else {
                out.writeNumber(value.exactMm().stripTrailingZeros());
            }
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
            if (in.isNaN()) {
                throw JsonMappingException.from(in, "A length is a number of millimetres, and this is not a number.");
            }
            try {
                return Length.mm(in.getDecimalValue());
            } catch (ArithmeticException e) {
                throw JsonMappingException.from(in, "That is no length a box could have.", e);
            }
        }
    }

    /** The version stands first in a document, so a newer one is refused for what it is and not for its unknown fields. */
    private static final class VersionIn extends StdDeserializer<Integer> {
        private static final long serialVersionUID = 1L;

        VersionIn() {
            super(Integer.class);
        }

        @Override
        public Integer getNullValue(DeserializationContext context) {
            return 0;
        }

        @Override
        public Integer getAbsentValue(DeserializationContext context) {
            return 0;
        }

        @Override
        public Integer deserialize(JsonParser in, DeserializationContext context) throws IOException {
            if (in.currentToken() != JsonToken.VALUE_NUMBER_INT) {
                throw JsonMappingException.from(in, "A version is a whole number.");
            }
            BigInteger version = in.getBigIntegerValue();
            if (version.compareTo(BigInteger.valueOf(BoxPlan.VERSION)) > 0) {
                throw JsonMappingException.from(
                        in,
                        "This plan was made by a newer Cant Hook (version " + version
                                + "); this one reads up to version " + BoxPlan.VERSION + ".");
            }
            return version.intValue();
        }
    }

    /** Puts {@link VersionIn} on the plan's version without the core knowing of JSON. */
    private abstract static class PlanMixin {
        @JsonDeserialize(using = VersionIn.class)
        abstract int version();
    }

    /** The kinds of bottom by name. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Bottom.None.class, name = "NONE"),
        @JsonSubTypes.Type(value = Bottom.Captured.class, name = "CAPTURED"),
        @JsonSubTypes.Type(value = Bottom.Rabbeted.class, name = "RABBETED"),
        @JsonSubTypes.Type(value = Bottom.Applied.class, name = "APPLIED"),
        @JsonSubTypes.Type(value = Bottom.Slats.class, name = "SLATS")
    })
    private interface BottomKinds {}

    /** The kinds of fitting by name. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Fitting.Divider.class, name = "DIVIDER"),
        @JsonSubTypes.Type(value = Fitting.Grip.class, name = "GRIP"),
        @JsonSubTypes.Type(value = Fitting.Pegs.class, name = "PEGS"),
        @JsonSubTypes.Type(value = Fitting.CornerPin.class, name = "CORNER_PIN"),
        @JsonSubTypes.Type(value = Fitting.Handle.class, name = "HANDLE"),
        @JsonSubTypes.Type(value = Fitting.Feet.class, name = "FEET"),
        @JsonSubTypes.Type(value = Tray.class, name = "TRAY"),
        @JsonSubTypes.Type(value = BasePlate.class, name = "BASE"),
        @JsonSubTypes.Type(value = UprightHandle.class, name = "UPRIGHT_HANDLE"),
        @JsonSubTypes.Type(value = FingeredBlock.class, name = "FINGERED_BLOCK"),
        @JsonSubTypes.Type(value = Stay.class, name = "STAY"),
        @JsonSubTypes.Type(value = CardSlit.class, name = "CARD_SLIT"),
        @JsonSubTypes.Type(value = LabelRecess.class, name = "LABEL"),
        @JsonSubTypes.Type(value = Lining.class, name = "LINING"),
        @JsonSubTypes.Type(value = SecondFloor.class, name = "SECOND_FLOOR")
    })
    private interface FittingKinds {}

    /** The kinds of lid by name. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Lid.Open.class, name = "NONE"),
        @JsonSubTypes.Type(value = Lid.Sliding.class, name = "SLIDING"),
        @JsonSubTypes.Type(value = Lid.SawnOff.class, name = "SAWN_OFF"),
        @JsonSubTypes.Type(value = Lid.OnTop.class, name = "ON_TOP")
    })
    private interface LidKinds {}
}
