package app.brightkeel.server.access;

import app.brightkeel.server.OwnerOnly;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.crypto.password.Pbkdf2PasswordEncoder;

/** The passphrase of a data directory, kept as a salted slow hash (PBKDF2, SHA-256, 310,000 rounds). */
public final class Passphrase {

    public static final int SHORTEST = 10;
    public static final int LONGEST = 200;

    private static final PasswordEncoder ENCODER = Pbkdf2PasswordEncoder.defaultsForSpringSecurity_v5_8();

    private Passphrase() {}

    public static boolean isSet(Path file) {
        return Files.isRegularFile(file);
    }

    /** Whether a phrase may be set: {@link #SHORTEST} to {@link #LONGEST} characters. */
    public static boolean fits(String phrase) {
        return phrase.length() >= SHORTEST && phrase.length() <= LONGEST;
    }

    /** Keeps the hash in a file that only its owner reads. */
    public static void set(Path file, String phrase) throws IOException {
        Path next = file.resolveSibling(file.getFileName() + ".next");
        OwnerOnly.file(next);
        Files.writeString(next, ENCODER.encode(phrase) + "\n");
        Files.move(next, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    /** The hash that is set now; "" where none is. */
    static String read(Path file) throws IOException {
        return isSet(file) ? Files.readString(file).strip() : "";
    }

    /** Takes a tenth of a second and a core. */
    static boolean matches(String hash, String phrase) {
        return !hash.isEmpty() && phrase.length() <= LONGEST && ENCODER.matches(phrase, hash);
    }
}
