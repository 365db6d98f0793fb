package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.lists.Listing;
import app.brightkeel.core.lists.RigList;
import app.brightkeel.core.lists.RigLists;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Link;
import app.brightkeel.server.files.ListCsv;
import app.brightkeel.server.store.Revision;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Lists of a rig: which there are, and each as a file. */
@RestController
@RequestMapping("/api/rigs/{id}/lists")
class ListController {

    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final RevisionAnswers answers;

    ListController(RevisionAnswers answers) {
        this.answers = answers;
    }

    /**
     * A list that can be had of a rig.
     *
     * @param links beside whose pictures it is offered; empty for all
     */
    record ListOffer(String id, String title, List<Link> links) {}

    /** The lists that there is something in, as a menu shows them. */
    @GetMapping(produces = MediaType.APPLICATION_JSON_VALUE)
    Kept<List<ListOffer>> listLists(@PathVariable String id, @RequestParam(required = false) @Nullable Long revision) {
        return answers.of(
                id,
                revision,
                "lists",
                line -> RigLists.ALL.stream()
                        .filter(list -> list.there().test(line))
                        .map(list -> new ListOffer(list.id(), list.title(), list.links()))
                        .toList());
    }

    /**
     * A list as a screen shows it, every cell in words.
     *
     * @param rows as many cells as there are columns
     */
    record ListTable(List<String> columns, List<List<Text>> rows) {

        static ListTable of(Listing listing) {
            return new ListTable(
                    listing.columns().stream().map(Listing.Column::name).toList(),
                    listing.rows().stream()
                            .map(row -> row.stream().map(ListTable::words).toList())
                            .toList());
        }

        /** A unit stands with its amount already. */
        private static Text words(Listing.Cell cell) {
            if (cell instanceof Listing.Cell.Words words) {
                return words.text();
            }
            return cell instanceof Listing.Cell.Number number && number.amount().isPresent()
                    ? Text.of("{}", number.amount().get())
                    : Text.of("");
        }
    }

    /** One of them as a table; where there is nothing that it would be of, that is no such thing. */
    @GetMapping(path = "/{list}/table", produces = MediaType.APPLICATION_JSON_VALUE)
    Kept<ListTable> listTable(
            @PathVariable String id,
            @PathVariable String list,
            @RequestParam(required = false) @Nullable Long revision) {
        RigList asked = RigLists.of(list).orElseThrow(() -> new NoSuchList(list));
        return answers.of(
                id,
                revision,
                "list " + list,
                line -> ListTable.of(asked.made().apply(line).orElseThrow(() -> new NoSuchList(list))));
    }

    /** One of them as CSV; where there is nothing that it would be of, that is no such thing. */
    @GetMapping(path = "/{list}", produces = "text/csv")
    ResponseEntity<Kept<byte[]>> listCsv(
            @PathVariable String id, @PathVariable String list, @RequestParam(defaultValue = "metric") Habit habit) {
        RigList asked = RigLists.of(list).orElseThrow(() -> new NoSuchList(list));
        Revision head = answers.revision(id, null);
        Kept<byte[]> kept = answers.text(id, head, list + ".csv " + habit, line -> written(asked, line, habit));
        return FileController.named(head.name() + ", " + list + ".csv")
                .contentType(CSV)
                .body(kept);
    }

    /** A list that is made elsewhere, as a file. */
    static ResponseEntity<byte[]> csv(String rig, String list, String written) {
        return FileController.named(rig + ", " + list + ".csv")
                .contentType(CSV)
                .body(written.getBytes(StandardCharsets.UTF_8));
    }

    private static String written(RigList list, Line line, Habit habit) {
        return ListCsv.of(list.made().apply(line).orElseThrow(() -> new NoSuchList(list.id())), habit);
    }
}
