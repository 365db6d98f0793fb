package app.brightkeel.core.review.whole;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.build.ApartSheet;
import app.brightkeel.core.build.BuildSheet;
import app.brightkeel.core.build.Cure;
import app.brightkeel.core.build.Step;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reading.BenchModel;
import app.brightkeel.core.reading.Contact;
import app.brightkeel.core.reading.Expectations;
import app.brightkeel.core.reading.Expected;
import app.brightkeel.core.reading.Fault;
import app.brightkeel.core.reading.Faults;
import app.brightkeel.core.reading.Reading;
import app.brightkeel.core.reading.ReadingWorking;
import app.brightkeel.core.reading.Suspect;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.LinkState;
import app.brightkeel.core.review.Review;
import app.brightkeel.core.rig.Rig;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.Reporter;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What is put together of templates and names is a sentence: over every rule, every ready craft and every invented rig. */
public class SentencesTest {

    private static final RigReviewer REVIEWER = new RigReviewer();

    /** Fewer would mean that rules fell silent, not that they speak better. */
    private static final int LEAST = 2000;

    private final Set<String> said = new ConcurrentSkipListSet<>();

    @BeforeClass
    public void listen() {
        EveryRig.written().parallelStream()
                .flatMap(SentencesTest::texts)
                .map(Text::plain)
                .forEach(said::add);
    }

    @DataProvider
    public Object[][] names() {
        return new Object[][] {
            {"a {}", "ice float", "an ice float"},
            {"A {} wants a {}.", "inflatable", "An inflatable wants a inflatable."},
            {"with a {}", "8 to 12-pin adapter", "with an 8 to 12-pin adapter"},
            {"with a {}", "4 to 8-pin adapter", "with a 4 to 8-pin adapter"},
            {"a {}", "unit", "a unit"},
            {"a {}", "upright pole", "an upright pole"},
            {"a {}", "one-way valve", "a one-way valve"},
            {"The {} is full.", "my old battery", "My old battery is full."},
            {"Take the {} off.", "The big one", "Take the big one off."},
            {"Drill the {} wide.", "through the bulkhead", "Drill the “through the bulkhead” wide."},
            {"The {} ends short.", "lead of the cone", "The lead of the cone ends short."},
            {"2 A {}", "each", "2 A each"},
            {"Bathe {} twice", "the deck", "Bathe the deck twice"},
        };
    }

    /** By hand: the article goes with the name, whatever someone calls it. */
    @Test(dataProvider = "names")
    public void theArticleGoesWithTheName(String template, String name, String sentence) {
        boolean two = template.indexOf("{}") != template.lastIndexOf("{}");
        Text said = two ? Text.of(template, name, "inflatable") : Text.of(template, name);
        assertEquals(said.plain(), sentence.replace("a inflatable", "an inflatable"));
    }

    @DataProvider
    public Object[][] slips() {
        return new Object[][] {
            {"a before a vowel", "(?<![\\p{L}\\d])a (?=[aeio]|8\\b|11\\b|18\\b)(?!one\\b|one-)"},
            {"an before a consonant", "\\b[Aa]n (?=[bcdfgjklmnpqrstvwxyz0-79])(?!11|18)"},
            {"two articles", "(?i)\\b(the|a|an) (the|a|an|your|its|my)\\b"},
            {"an article before where", "(?i)\\bthe (through|over|under|beside|behind|along|inside|from|past) "},
            {"several of one", "(?<![\\d.,])1 (wires|cables|holes|ways|ties|straps|boards|plugs|knobs|pieces)\\b"},
            {"punctuation", " [,.;]|(?<!\\.)\\.\\.(?!\\.)|,,|;;|\\.,|,\\.|: :|\\{|\\}"},
            {"two blanks", "\\S {2,}\\S"}
        };
    }

    @Test(dataProvider = "slips")
    public void noSentenceSlips(String slip, String pattern) {
        Pattern found = Pattern.compile(pattern);
        assertEquals(said.stream().filter(words -> found.matcher(words).find()).toList(), List.of(), slip);
    }

    /** What is found begins as a sentence does, and ends as one. */
    @Test
    public void findingsAreSentences() {
        for (Rig rig : EveryRig.written()) {
            REVIEWER.review(Line.of(rig)).findings().forEach(finding -> {
                String words = finding.text().plain();
                assertTrue(!Character.isLowerCase(words.charAt(0)) && words.matches("(?s).*[.?]"), words);
            });
        }
        Reporter.log(said.size() + " sentences and labels", true);
        assertTrue(said.size() > LEAST, said.size() + " sentences");
    }

    private static Stream<Text> texts(Rig rig) {
        Line line = Line.of(rig);
        List<Text> all = new ArrayList<>();
        Review review = REVIEWER.review(line);
        review.findings().forEach(finding -> all.add(finding.text()));
        for (LinkState state : review.links()) {
            all.add(state instanceof LinkState.Open open ? open.why() : ((LinkState.Judged) state).number());
        }
        REVIEWER.remedies(line).forEach(remedy -> {
            all.add(remedy.without());
            remedy.offers().forEach(offer -> {
                all.add(offer.label());
                all.add(offer.note());
            });
        });
        for (Link link : Link.values()) {
            all.add(Links.of(link).planned(line));
            Links.of(link).workings(line).forEach(working -> add(working, all));
        }
        BuildSheet.of(line, Cure.COLDEST_C).steps().forEach(step -> add(step, all));
        ApartSheet.all(line).forEach(sheet -> sheet.sheet().steps().forEach(step -> add(step, all)));
        Outcome<BenchModel> model = BenchModel.of(line);
        if (model.isKnown()) {
            bench(model.value(), all);
        }
        return all.stream();
    }

    /** What is read, how, what it says, and whatever may be wrong. */
    private static void bench(BenchModel model, List<Text> all) {
        List<Reading> planned = new ArrayList<>();
        List<Reading> low = new ArrayList<>();
        for (Expected each : Expectations.of(model)) {
            all.add(each.title());
            all.add(each.how());
            add(ReadingWorking.of(model, each.id()).orElseThrow(), all);
            planned.add(new Reading(each.id(), each.nominal()));
            low.add(new Reading(each.id(), each.nominal() * (each.unit() == Unit.MILLIVOLT ? 40 : 0.9)));
        }
        Contact.of(model, planned).forEach(contact -> all.add(contact.says()));
        Contact.of(model, low).forEach(contact -> all.add(contact.says()));
        for (Fault fault : Faults.all(model)) {
            Suspect told = Faults.told(model, fault);
            all.add(told.what());
            all.addAll(told.fix());
        }
    }

    private static void add(Step step, List<Text> all) {
        all.add(step.title());
        all.addAll(step.says());
        step.checks().forEach(check -> {
            all.add(check.see());
            all.add(check.why());
        });
    }

    private static void add(Working working, List<Text> all) {
        all.add(working.title());
        for (Working.Row row : working.rows()) {
            if (row instanceof Working.Row.Remark remark) {
                all.add(remark.label());
            } else if (row instanceof Working.Row.Opened opened) {
                all.add(opened.label());
                add(opened.working(), all);
            } else if (row instanceof Working.Row.Result result) {
                all.add(result.label());
            }
        }
    }
}
