package app.brightkeel.core.quantity;

import java.util.ArrayList;
import java.util.List;

/**
 * Words that carry amounts: the words stand around the amounts, so each amount follows the reader's units.
 *
 * @param words   one more than there are amounts: words[0] amount[0] words[1] amount[1] ... words[n]
 */
public record Text(List<String> words, List<Amount> amounts) {

    public Text {
        words = List.copyOf(words);
        amounts = List.copyOf(amounts);
        if (words.size() != amounts.size() + 1) {
            throw new IllegalArgumentException("words stand around amounts: " + words.size() + ", " + amounts.size());
        }
    }

    /**
     * Fills a template: each {@code {}} takes the next part, an {@link Amount} or a text kept as such or a name as plain words.
     * Names may hold braces: only the template is searched, and one without parts is words alone. An article before a name goes
     * with it: see {@link Article}.
     */
    public static Text of(String template, Object... parts) {
        if (parts.length == 0) {
            return new Text(List.of(template), List.of());
        }
        List<String> words = new ArrayList<>();
        List<Amount> amounts = new ArrayList<>();
        StringBuilder word = new StringBuilder();
        int from = 0;
        for (Object part : parts) {
            int hole = template.indexOf("{}", from);
            if (hole < 0) {
                throw new IllegalArgumentException("more parts than holes: " + template);
            }
            word.append(template, from, hole);
            if (part instanceof Amount amount) {
                words.add(word.toString());
                amounts.add(amount);
                word.setLength(0);
            } else if (part instanceof Text text) {
                for (int i = 0; i < text.amounts.size(); i++) {
                    words.add(Article.append(word, text.words.get(i)).toString());
                    amounts.add(text.amounts.get(i));
                    word.setLength(0);
                }
                Article.append(word, text.words.get(text.amounts.size()));
            } else {
                Article.append(word, String.valueOf(part));
            }
            from = hole + 2;
        }
        if (template.indexOf("{}", from) >= 0) {
            throw new IllegalArgumentException("fewer parts than holes: " + template);
        }
        words.add(word.append(template.substring(from)).toString());
        return new Text(words, amounts);
    }

    /** As it stands at the begin of a sentence. */
    public Text capital() {
        String first = words.get(0);
        if (first.isEmpty() || !Character.isLowerCase(first.charAt(0))) {
            return this;
        }
        List<String> all = new ArrayList<>(words);
        all.set(0, Worded.capital(first));
        return new Text(all, amounts);
    }

    /** These words, and others right after them. */
    public Text then(Text more) {
        List<String> all = new ArrayList<>(words);
        all.set(all.size() - 1, all.get(all.size() - 1) + more.words.get(0));
        all.addAll(more.words.subList(1, more.words.size()));
        List<Amount> both = new ArrayList<>(amounts);
        both.addAll(more.amounts);
        return new Text(all, both);
    }

    /** Several, with commas between them. */
    public static Text joined(List<Text> all) {
        return joined(", ", all);
    }

    /** Several, with a mark between them. */
    public static Text joined(String between, List<Text> all) {
        Text one = all.get(0);
        for (Text next : all.subList(1, all.size())) {
            one = of("{}{}{}", one, between, next);
        }
        return one;
    }

    /** A single amount without words. */
    public static Text of(double si, Unit unit) {
        return of("{}", new Amount(si, unit));
    }

    /** In metric, for the command line and for tests. */
    public String plain() {
        return in(Habit.METRIC);
    }

    /** In a habit of measuring. */
    public String in(Habit habit) {
        StringBuilder all = new StringBuilder(words.get(0));
        for (int i = 0; i < amounts.size(); i++) {
            all.append(amounts.get(i).in(habit)).append(words.get(i + 1));
        }
        return all.toString();
    }
}
