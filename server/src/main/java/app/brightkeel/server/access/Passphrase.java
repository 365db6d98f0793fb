package app.brightkeel.server.access;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
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
        Files.writeString(next, ENCODER.encode(phrase) + "\n");
        if (next.getFileSystem().supportedFileAttributeViews().contains("posix")) {
            Files.setPosixFilePermissions(next, PosixFilePermissions.fromString("rw-------"));
        }
        Files.move(next, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }

    static boolean matches(Path file, String phrase) throws IOException {
        return isSet(file)
                && phrase.length() <= LONGEST
                && ENCODER.matches(phrase, Files.readString(file).strip());
    }
}
