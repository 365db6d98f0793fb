package app.brightkeel.core.lists;

import app.brightkeel.core.review.whole.WhyList.Row;
import java.util.List;

/** Why each thing stands. */
final class WhyListing {

    private WhyListing() {}

    static Listing of(List<Row> rows) {
        return new Columns<Row>()
                .words("link", Row::link)
                .text("planned", Row::planned)
                .text("why it stands", Row::stands)
                .text("beside it", Row::beside)
                .text("which wins", Row::wins)
                .text("and loses", Row::loses)
                .of(rows);
    }
}
