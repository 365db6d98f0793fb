package app.brightkeel.server.files.log;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.water.Fished;
import java.util.List;

/**
 * What a log says.
 *
 * @param depthsFrom      what in it says the depths: a sentence, an element
 * @param temperatureFrom the same of the water's temperature; empty where nothing does
 * @param remarks         what was left out of it, and why
 */
public record LogRead(Fished fished, String depthsFrom, String temperatureFrom, List<Text> remarks) {

    public LogRead {
        remarks = List.copyOf(remarks);
    }
}
