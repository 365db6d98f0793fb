package app.brightkeel.server.files;

import app.brightkeel.core.rig.Figure;
import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedClass;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.LogicalType;

/**
 * The only place that knows how core's records look as JSON: one shape for requests, store, files and command line.
 *
 * <p>Sealed types carry a {@code kind}, their simple name in small letters with hyphens; enum constants are written the
 * same way. An absent {@link Figure} is unset; everything else that is absent is refused.
 */
public final class RigJson {

    private static final String CORE = "app.brightkeel.core.";

    private RigJson() {}

    /** Sets a builder up; used by Spring, store, files and command line alike. */
    public static void configure(JsonMapper.Builder builder) {
        builder.enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                .disable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .withCoercionConfig(
                        LogicalType.Textual,
                        config -> Stream.of(
                                        CoercionInputShape.Boolean,
                                        CoercionInputShape.Integer,
                                        CoercionInputShape.Float)
                                .forEach(shape -> config.setCoercion(shape, CoercionAction.Fail)))
                // isSet() and the like are questions, not components
                .changeDefaultVisibility(seen -> seen.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE))
                .annotationIntrospector(new SealedTypes())
                .addModule(module());
    }

    /** A mapper of this shape. */
    public static JsonMapper mapper() {
        JsonMapper.Builder builder = JsonMapper.builder();
        configure(builder);
        return builder.build();
    }

    private static SimpleModule module() {
        SimpleModule module = new SimpleModule("bright-keel");
        module.addDeserializer(Figure.class, new FigureDeserializer());
        module.addDeserializer(int.class, new WholeNumber());
        return module;
    }

    /** Simple name in small letters with hyphens: {@code LiveModule}, {@code LIVE_MODULE} → live-module. */
    public static String kebab(String name) {
        String spaced = name.equals(name.toUpperCase(Locale.ROOT))
                ? name.replace('_', '-')
                : name.replaceAll("(?<=[a-z0-9])(?=[A-Z])", "-");
        return spaced.toLowerCase(Locale.ROOT);
    }

    /** Whether a type is a sum of core's. */
    public static boolean isSum(Class<?> type) {
        return type.isInterface() && type.isSealed() && type.getName().startsWith(CORE);
    }

    /** Gives each sealed type of core its {@code kind} and each enum its small letters. */
    private static final class SealedTypes extends JacksonAnnotationIntrospector {

        @Override
        public JsonTypeInfo.Value findPolymorphicTypeInfo(MapperConfig<?> config, Annotated annotated) {
            Class<?> type = annotated.getRawType();
            boolean member = Stream.of(type.getInterfaces()).anyMatch(RigJson::isSum);
            if (annotated instanceof AnnotatedClass && (isSum(type) || member && type.isRecord())) {
                return JsonTypeInfo.Value.construct(
                        JsonTypeInfo.Id.NAME, JsonTypeInfo.As.PROPERTY, "kind", null, false, true);
            }
            return super.findPolymorphicTypeInfo(config, annotated);
        }

        @Override
        public List<NamedType> findSubtypes(MapperConfig<?> config, Annotated annotated) {
            Class<?> type = annotated.getRawType();
            if (isSum(type)) {
                return Stream.of(type.getPermittedSubclasses())
                        .map(sub -> new NamedType(sub, kebab(sub.getSimpleName())))
                        .toList();
            }
            return super.findSubtypes(config, annotated);
        }

        @Override
        public String findTypeName(MapperConfig<?> config, AnnotatedClass annotated) {
            boolean member = Stream.of(annotated.getRawType().getInterfaces()).anyMatch(RigJson::isSum);
            return member ? kebab(annotated.getRawType().getSimpleName()) : super.findTypeName(config, annotated);
        }

        @Override
        public String[] findEnumValues(
                MapperConfig<?> config, AnnotatedClass annotated, Enum<?>[] values, String[] names) {
            for (int i = 0; i < values.length; i++) {
                names[i] = kebab(values[i].name());
            }
            return names;
        }
    }
}
