package app.brightkeel.server.files;

import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import app.brightkeel.core.rig.Figure;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.jsontype.TypeDeserializer;

/** Reads a figure; an absent one is unset, an assumed one is refused: assumptions are never stored. */
final class FigureDeserializer extends ValueDeserializer<Figure> {

    @Override
    public Object getAbsentValue(DeserializationContext context) {
        return Figure.UNSET;
    }

    @Override
    public Object deserializeWithType(JsonParser parser, DeserializationContext context, TypeDeserializer types) {
        return deserialize(parser, context);
    }

    @Override
    public Figure deserialize(JsonParser parser, DeserializationContext context) {
        if (parser.currentToken() != JsonToken.START_OBJECT) {
            throw new Refusal(
                    RefusalCode.UNREADABLE,
                    "",
                    parser.getString(),
                    "a figure: {\"kind\": \"given\", \"value\": number, \"basis\": \"measured\", \"rated\" or \"chosen\"}");
        }
        String kind = "";
        @Nullable Double value = null;
        Figure.@Nullable Basis basis = null;
        for (String name = parser.nextName(); name != null; name = parser.nextName()) {
            parser.nextToken();
            switch (name) {
                case "kind" -> kind = parser.getString();
                case "value" -> value = number(parser);
                case "basis" -> basis = basis(parser.getString());
                default ->
                    throw new Refusal(RefusalCode.NOT_OFFERED, name, "there", "only kind, value and basis in a figure");
            }
        }
        if (kind.equals("unset") && value == null) {
            return Figure.UNSET;
        }
        if (!kind.equals("given") || value == null || basis == null) {
            throw new Refusal(
                    RefusalCode.UNREADABLE, "kind", kind, "\"given\" with value and basis, or \"unset\" alone");
        }
        return new Figure.Given(value, basis);
    }

    private static double number(JsonParser parser) {
        if (!parser.currentToken().isNumeric()) {
            throw new Refusal(RefusalCode.UNREADABLE, "value", parser.getString(), "a number");
        }
        return parser.getDoubleValue();
    }

    private static Figure.Basis basis(String word) {
        return switch (word) {
            case "measured" -> Figure.Basis.MEASURED;
            case "rated" -> Figure.Basis.RATED;
            case "chosen" -> Figure.Basis.CHOSEN;
            case "proposed" -> Figure.Basis.PROPOSED;
            default -> throw new Refusal(RefusalCode.NOT_OFFERED, "basis", word, "measured, rated, chosen or proposed");
        };
    }
}
