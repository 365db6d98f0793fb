package app.brightkeel.server;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.review.Finding;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Remedy;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.review.Verdict;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.files.RigReader;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** {@code review FILE}: 0 nothing fails, 1 something fails, 2 unreadable or refused, 64 wrong usage. */
final class ReviewCommand {

    private static final long MOST_BYTES = 1 << 20;

    private ReviewCommand() {}

    static int run(String[] args, PrintStream out, PrintStream err) {
        if (args.length != 1) {
            err.println("usage: keel review FILE");
            return BrightKeel.USAGE;
        }
        Rig rig;
        try {
            Path file = Path.of(args[0]);
            if (Files.size(file) > MOST_BYTES) {
                err.println(args[0] + ": larger than 1 MB, the most a rig may take");
                return 2;
            }
            rig = new RigReader().read(Files.readAllBytes(file));
        } catch (IOException | java.nio.file.InvalidPathException e) {
            err.println(args[0] + ": cannot be read");
            return 2;
        } catch (Refusal e) {
            err.println(args[0] + ": " + e.getMessage());
            return 2;
        }
        RigReviewer reviewer = new RigReviewer();
        Line line = Line.of(rig);
        Review review = reviewer.review(line);
        Map<String, Remedy> remedies =
                reviewer.remedies(line).stream().collect(Collectors.toMap(Remedy::rule, remedy -> remedy));
        print(rig, review, remedies, out);
        return review.links().stream().anyMatch(s -> s.verdict() == Verdict.FAILS) ? 1 : 0;
    }

    private static void print(Rig rig, Review review, Map<String, Remedy> remedies, PrintStream out) {
        out.println(rig.name());
        for (LinkState state : review.links()) {
            String number = state instanceof LinkState.Judged judged
                    ? judged.number().plain()
                    : ((LinkState.Open) state).why().plain();
            out.printf("  %-10s  %-5s  %s%n", small(state.link()), small(state.verdict()), number);
        }
        for (Finding finding : review.findings()) {
            out.printf(
                    "%s %s: %s%s%n",
                    small(finding.verdict()),
                    finding.rule(),
                    finding.text().plain(),
                    finding.putAside() ? " (put aside)" : "");
            Remedy remedy = remedies.get(finding.rule());
            if (remedy != null) {
                print(remedy, out);
            }
        }
    }

    private static void print(Remedy remedy, PrintStream out) {
        for (Remedy.Cure offer : remedy.offers()) {
            out.println("    " + small(offer.mending()) + ": " + offer.label().plain());
            if (!offer.note().plain().isEmpty()) {
                out.println("        " + offer.note().plain());
            }
        }
        if (remedy.offers().isEmpty()) {
            out.println("    " + remedy.without().plain());
        }
    }

    private static String small(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
