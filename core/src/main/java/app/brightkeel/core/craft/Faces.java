package app.brightkeel.core.craft;

import java.util.List;
import java.util.Optional;

/** The faces of a rig's transducers, in their order. */
public record Faces(List<Face> faces) {

    public Faces {
        faces = List.copyOf(faces);
    }

    /** That of one transducer. */
    public Optional<Face> of(String transducer) {
        return faces.stream().filter(f -> f.transducer().equals(transducer)).findFirst();
    }
}
