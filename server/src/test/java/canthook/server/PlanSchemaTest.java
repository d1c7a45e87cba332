package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

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
import canthook.refusal.FieldBounds;
import canthook.server.export.ProjectFile;
import canthook.server.web.JsonRules;
import com.fasterxml.classmate.ResolvedType;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.github.victools.jsonschema.generator.FieldScope;
import com.github.victools.jsonschema.generator.Option;
import com.github.victools.jsonschema.generator.OptionPreset;
import com.github.victools.jsonschema.generator.SchemaGenerator;
import com.github.victools.jsonschema.generator.SchemaGeneratorConfigBuilder;
import com.github.victools.jsonschema.generator.SchemaVersion;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * The schema that is published is the one the records give: names, kinds, bounds. Written anew with
 * {@code -Dcanthook.schema.write=true} after a record has changed.
 */
class PlanSchemaTest {
    private static final Path PUBLISHED = Path.of("src/main/resources/schema/project.json");
    private static final Map<Class<?>, String> KINDS = Map.ofEntries(
            Map.entry(Bottom.None.class, "NONE"),
            Map.entry(Bottom.Captured.class, "CAPTURED"),
            Map.entry(Bottom.Rabbeted.class, "RABBETED"),
            Map.entry(Bottom.Applied.class, "APPLIED"),
            Map.entry(Bottom.Slats.class, "SLATS"),
            Map.entry(Lid.Open.class, "NONE"),
            Map.entry(Lid.Sliding.class, "SLIDING"),
            Map.entry(Lid.SawnOff.class, "SAWN_OFF"),
            Map.entry(Lid.OnTop.class, "ON_TOP"),
            Map.entry(Fitting.Divider.class, "DIVIDER"),
            Map.entry(Fitting.Grip.class, "GRIP"),
            Map.entry(Fitting.Pegs.class, "PEGS"),
            Map.entry(Fitting.CornerPin.class, "CORNER_PIN"),
            Map.entry(Fitting.Handle.class, "HANDLE"),
            Map.entry(Fitting.Feet.class, "FEET"),
            Map.entry(Tray.class, "TRAY"),
            Map.entry(BasePlate.class, "BASE"),
            Map.entry(UprightHandle.class, "UPRIGHT_HANDLE"),
            Map.entry(FingeredBlock.class, "FINGERED_BLOCK"),
            Map.entry(Stay.class, "STAY"),
            Map.entry(CardSlit.class, "CARD_SLIT"),
            Map.entry(LabelRecess.class, "LABEL"),
            Map.entry(Lining.class, "LINING"),
            Map.entry(SecondFloor.class, "SECOND_FLOOR"));
    private static final ObjectMapper JSON = JsonRules.mapper();

    /** What earlier versions could not say may be left out: the record fills it in. */
    private static final List<String> LATER = List.of(
            "parity", "shared", "leftover", "way", "blanks", "others", "set", "playLength", "playWidth", "playHeight");

    private static boolean mayBeMissing(FieldScope field) {
        Class<?> record = field.getDeclaringType().getErasedType();
        for (RecordComponent component : record.getRecordComponents()) {
            if (component.getName().equals(field.getName())) {
                return component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                        || LATER.contains(field.getName());
            }
        }
        return true;
    }

    private static @Nullable BigDecimal bound(FieldScope field, boolean least) {
        Class<?> record = field.getDeclaringType().getErasedType();
        if (record == BoxPlan.class && field.getName().equals("version")) {
            return BigDecimal.valueOf(least ? 1 : BoxPlan.VERSION);
        }
        return FieldBounds.of(record, field.getName())
                .map(b -> (least ? b.least() : b.most()).exactMm().stripTrailingZeros())
                .or(() -> FieldBounds.rangeOf(record, field.getName())
                        .map(r ->
                                BigDecimal.valueOf(least ? r.least() : r.most()).stripTrailingZeros()))
                .map(value -> new BigDecimal(value.toPlainString()))
                .orElse(null);
    }

    private static JsonNode generated() {
        SchemaGeneratorConfigBuilder config = new SchemaGeneratorConfigBuilder(
                        JSON, SchemaVersion.DRAFT_2020_12, OptionPreset.PLAIN_JSON)
                .with(Option.FORBIDDEN_ADDITIONAL_PROPERTIES_BY_DEFAULT, Option.DEFINITIONS_FOR_ALL_OBJECTS);
        config.forFields()
                .withRequiredCheck(field -> !field.isFakeContainerItemScope() && !mayBeMissing(field))
                .withNullableCheck(field -> !field.isFakeContainerItemScope() && mayBeMissing(field))
                .withNumberInclusiveMinimumResolver(field -> bound(field, true))
                .withNumberInclusiveMaximumResolver(field -> bound(field, false));
        config.forTypesInGeneral()
                .withSubtypeResolver((type, context) -> kinds(type, context))
                .withCustomDefinitionProvider((type, context) -> type.getErasedType() != Length.class
                        ? null
                        : new com.github.victools.jsonschema.generator.CustomDefinition(
                                JSON.createObjectNode().put("type", "number"), true))
                .withTypeAttributeOverride((node, scope, context) -> {
                    String kind = KINDS.get(scope.getType().getErasedType());
                    if (kind != null && node.has("properties")) {
                        ((ObjectNode) node.path("properties")).putObject("kind").put("const", kind);
                        if (node.has("required")) {
                            ((com.fasterxml.jackson.databind.node.ArrayNode) node.path("required")).add("kind");
                        } else {
                            node.putArray("required").add("kind");
                        }
                    }
                });
        ObjectNode schema = new SchemaGenerator(config.build()).generateSchema(ProjectFile.class);
        schema.put("title", "A Cant Hook box");
        ((ObjectNode) schema.path("properties")).putObject("format").put("const", ProjectFile.FORMAT);
        return schema;
    }

    private static @Nullable List<ResolvedType> kinds(
            ResolvedType type, com.github.victools.jsonschema.generator.SchemaGenerationContext context) {
        if (!type.getErasedType().isSealed()) {
            return null;
        }
        return java.util.Arrays.stream(type.getErasedType().getPermittedSubclasses())
                .map(kind -> context.getTypeContext().resolveSubtype(type, kind))
                .toList();
    }

    @Test
    void thePublishedSchemaIsTheOneTheRecordsGive() throws IOException {
        String text = JSON.writerWithDefaultPrettyPrinter().writeValueAsString(generated()) + "\n";
        if (Boolean.getBoolean("canthook.schema.write")) {
            Files.writeString(PUBLISHED, text);
        }
        assertThat(JSON.readTree(Files.readString(PUBLISHED)))
                .as("run ./cant-hook schema after a change of the plan's records")
                .isEqualTo(JSON.readTree(text));
    }

    /** Every length of a plan says its bounds, so that no field is bounded somewhere else. */
    @Test
    void everyLengthHasItsBounds() throws JsonProcessingException {
        assertThat(FieldBounds.lengths(BoxPlan.class))
                .containsKeys(
                        "size.height",
                        "size.contents.items.*.playLength",
                        "fingers.kerf",
                        "fingers.widths.*",
                        "bottom.groove.depth",
                        "lid.running",
                        "jig.screw.lead",
                        "blank.measured.*");
        assertThat(FieldBounds.lengths(BoxPlan.class).get("size.height").least())
                .isEqualTo(Length.mm(5));
    }
}
