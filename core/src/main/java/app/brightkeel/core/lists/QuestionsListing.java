package app.brightkeel.core.lists;

import app.brightkeel.core.parts.Questions.Question;
import java.util.List;

/** What to ask before money is spent. */
final class QuestionsListing {

    private QuestionsListing() {}

    static Listing of(List<Question> questions) {
        return new Columns<Question>()
                .words("id", Question::id)
                .words("about", Question::about)
                .words("whom", Question::whom)
                .words("ask", Question::ask)
                .words("why", Question::why)
                .of(questions);
    }
}
