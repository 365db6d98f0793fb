package app.brightkeel.server.files;

import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.old.Migration;

/**
 * A rig as it stands in files, in the store and in requests.
 *
 * @param format  {@link #FORMAT}
 * @param version of the format; this program writes {@link #VERSION}
 */
public record RigDocument(String format, int version, Rig rig) {

    public static final String FORMAT = "bright-keel-rig";

    public static final int VERSION = Migration.NEWEST;

    public static RigDocument of(Rig rig) {
        return new RigDocument(FORMAT, VERSION, rig);
    }
}
