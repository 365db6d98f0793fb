package app.brightkeel.server.files;

import java.math.BigInteger;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.ValueDeserializer;

/**
 * Reads a whole number. One that no {@code int} holds becomes the nearest that it holds, so that the field itself, which
 * allows neither, says what it allows.
 */
final class WholeNumber extends ValueDeserializer<Integer> {

    private static final BigInteger MOST = BigInteger.valueOf(Integer.MAX_VALUE);
    private static final BigInteger LEAST = BigInteger.valueOf(Integer.MIN_VALUE);

    @Override
    public Integer deserialize(JsonParser parser, DeserializationContext context) {
        if (parser.currentToken() != JsonToken.VALUE_NUMBER_INT) {
            return (Integer) context.handleUnexpectedToken(int.class, parser);
        }
        return parser.getBigIntegerValue().min(MOST).max(LEAST).intValue();
    }

    /** One that is not there is none, not nothing of it. */
    @Override
    public Object getAbsentValue(DeserializationContext context) {
        return context.reportInputMismatch(int.class, "absent");
    }

    /** A value as it was sent, as far as that is still known. */
    static String told(String value) {
        if (value.equals(MOST.toString())) {
            return MOST + " or more";
        }
        return value.equals(LEAST.toString()) ? LEAST + " or less" : value;
    }
}
