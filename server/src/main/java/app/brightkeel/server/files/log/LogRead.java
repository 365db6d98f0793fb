package app.brightkeel.server.files.log;

import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.water.Fished;
import java.util.List;

/**
 * What a log says.
 *
 * @param remarks what was left out of it, and why
 */
public record LogRead(Fished fished, List<Text> remarks) {

    public LogRead {
        remarks = List.copyOf(remarks);
    }
}
