package app.brightkeel.core.sonar;

import java.util.List;

/** What each transducer of a rig sees, the first being the one the line is judged by. */
public record SonarState(List<Sight> sights) {

    public SonarState {
        sights = List.copyOf(sights);
    }

    public Sight first() {
        return sights.get(0);
    }
}
