package app.brightkeel.server.http;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.lists.RigList;
import app.brightkeel.core.lists.RigLists;
import app.brightkeel.core.quantity.Habit;
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
                        .filter(list -> list.made().apply(line).isPresent())
                        .map(list -> new ListOffer(list.id(), list.title(), list.links()))
                        .toList());
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

    private static String written(RigList list, Line line, Habit habit) {
        return ListCsv.of(list.made().apply(line).orElseThrow(() -> new NoSuchList(list.id())), habit);
    }
}
