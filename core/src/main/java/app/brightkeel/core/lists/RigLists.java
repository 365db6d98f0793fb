package app.brightkeel.core.lists;

import app.brightkeel.core.battery.LayUp;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.parts.ConnectorList;
import app.brightkeel.core.parts.HoleList;
import app.brightkeel.core.parts.PartsList;
import app.brightkeel.core.parts.Questions;
import app.brightkeel.core.parts.ShoppingList;
import app.brightkeel.core.parts.WireList;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.WhyList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Every list there is, as menus show them. */
public final class RigLists {

    public static final List<RigList> ALL = List.of(
            always("everything", "Everything, with what it costs", List.of(), WholeListing::of),
            always("why", "Why each thing stands", List.of(), line -> WhyListing.of(WhyList.of(line))),
            always(
                    "questions",
                    "What to ask before buying",
                    List.of(),
                    line -> QuestionsListing.of(Questions.of(line.rig()))),
            new RigList(
                    "optional",
                    "What may be worth having",
                    List.of(),
                    line -> OptionalListing.of(line.rig()).isPresent(),
                    line -> OptionalListing.of(line.rig())),
            always("parts", "Its parts", List.of(), line -> PartsListing.of(PartsList.of(line.entered()))),
            always(
                    "wires",
                    "Its wires, to cut and lay",
                    List.of(Link.WIRE, Link.FUSE),
                    line -> HarnessListing.wires(WireList.of(line))),
            always(
                    "connectors",
                    "Its ends, to crimp",
                    List.of(Link.WIRE, Link.FUSE),
                    line -> HarnessListing.connectors(ConnectorList.of(line))),
            always(
                    "shopping",
                    "What to buy for the harness",
                    List.of(Link.WIRE, Link.FUSE),
                    line -> HarnessListing.shopping(ShoppingList.of(line))),
            always(
                    "take-off",
                    "What comes off, with minutes",
                    List.of(Link.CARRY),
                    line -> FitOutListing.takeOff(line.rig())),
            always(
                    "holes",
                    "Its holes, there and to drill",
                    List.of(Link.CABLE, Link.CARRY),
                    line -> FitOutListing.holes(HoleList.of(line))),
            new RigList(
                    "lay-up",
                    "Its lay-up, day by day",
                    List.of(Link.BATTERY),
                    line -> !LayUp.of(line.rig()).isEmpty(),
                    line -> LayUpListing.of(line.rig())),
            new RigList(
                    "fasteners",
                    "Its screws, bolts and rivets",
                    List.of(Link.CARRY),
                    line -> !line.rig().fitOut().fasteners().isEmpty(),
                    line -> FitOutListing.fasteners(line.rig())),
            new RigList(
                    "cuts",
                    "Its cut list",
                    List.of(Link.CARRY),
                    line -> FitOutListing.cuts(line).isPresent(),
                    FitOutListing::cuts));

    private RigLists() {}

    private static RigList always(String id, String title, List<Link> links, Function<Line, Listing> made) {
        return new RigList(id, title, links, line -> true, line -> Optional.of(made.apply(line)));
    }

    /** The list with this id, if there is one. */
    public static Optional<RigList> of(String id) {
        return ALL.stream().filter(list -> list.id().equals(id)).findFirst();
    }
}
