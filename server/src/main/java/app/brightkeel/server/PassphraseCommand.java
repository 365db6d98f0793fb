package app.brightkeel.server;

import app.brightkeel.server.access.Passphrase;
import java.io.BufferedReader;
import java.io.Console;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/** {@code passphrase}: asks for one on the terminal, or reads one line, and keeps its hash; 0 set, 2 not set. */
final class PassphraseCommand {

    private PassphraseCommand() {}

    static int run(Path data, InputStream in, PrintStream out, PrintStream err) throws IOException {
        String phrase = read(in);
        if (!Passphrase.fits(phrase)) {
            err.println("A passphrase has %d to %d characters; nothing was changed."
                    .formatted(Passphrase.SHORTEST, Passphrase.LONGEST));
            return 2;
        }
        try {
            DataDirectory.make(data);
            Passphrase.set(DataDirectory.passphrase(data), phrase);
        } catch (IOException e) {
            err.println(DataDirectory.unusable(data).getMessage());
            return 2;
        }
        out.println("The passphrase is set. Whoever was in has to give it anew.");
        return 0;
    }

    private static String read(InputStream in) throws IOException {
        Console console = System.console();
        if (console != null) {
            char[] typed = console.readPassword("New passphrase: ");
            return typed == null ? "" : new String(typed);
        }
        String line = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8)).readLine();
        return line == null ? "" : line;
    }
}
