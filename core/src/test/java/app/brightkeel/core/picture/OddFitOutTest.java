package app.brightkeel.core.picture;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.Share;
import app.brightkeel.core.TestRigs;
import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.layout.TakeOff;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.parts.HoleList;
import app.brightkeel.core.picture.Scene.Point;
import app.brightkeel.core.quantity.Habit;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.whole.Comparison;
import app.brightkeel.core.review.whole.Links;
import app.brightkeel.core.review.whole.RigReviewer;
import app.brightkeel.core.rig.BackReach;
import app.brightkeel.core.rig.Backing;
import app.brightkeel.core.rig.Ballast;
import app.brightkeel.core.rig.BaseEdge;
import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import app.brightkeel.core.rig.DataLead;
import app.brightkeel.core.rig.Device;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.EnclosureKind;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.ExitUse;
import app.brightkeel.core.rig.Fastener;
import app.brightkeel.core.rig.FastenerKind;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.FitOut;
import app.brightkeel.core.rig.FreshId;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Holding;
import app.brightkeel.core.rig.Inward;
import app.brightkeel.core.rig.Material;
import app.brightkeel.core.rig.Moves;
import app.brightkeel.core.rig.Opening;
import app.brightkeel.core.rig.PassThrough;
import app.brightkeel.core.rig.PassThroughStock;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Pocket;
import app.brightkeel.core.rig.Pose;
import app.brightkeel.core.rig.Rib;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Run;
import app.brightkeel.core.rig.Size;
import app.brightkeel.core.rig.Stand;
import app.brightkeel.core.rig.Station;
import app.brightkeel.core.rig.Travel;
import app.brightkeel.core.rig.Way;
import app.brightkeel.core.rig.Zone;
import app.brightkeel.core.route.Planner;
import app.brightkeel.core.route.PlanningAim;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.testng.annotations.Test;

/** Cables, boxes, boards and weights nobody would have, with figures missing anywhere: judged, planned, drawn, listed. */
public class OddFitOutTest {

    private static final int RIGS = Share.of(60);
    private static final int CHANGES = 8;
    private static final RigReviewer REVIEWER = new RigReviewer();

    private final Random random = new Random(29);

    private <T> T any(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    private <T extends Enum<T>> T any(Class<T> type) {
        return any(List.of(type.getEnumConstants()));
    }

    /** Somewhere between the ends of what a field holds, at one of them, or not said. */
    private Figure figure(double low, double high) {
        return switch (random.nextInt(5)) {
            case 0 -> Figure.UNSET;
            case 1 -> Figure.measured(low);
            case 2 -> Figure.measured(high);
            default -> Figure.measured(low + (high - low) * random.nextDouble());
        };
    }

    private Size size(double most) {
        return new Size(figure(0.01, most), figure(0.01, most), figure(0.01, most));
    }

    private String station(Rig rig) {
        return any(rig.craft().stations()).id();
    }

    /** Whatever is said: either refused at its field, or a whole rig of which everything can be asked. */
    @Test
    public void whateverIsSaidIsJudgedPlannedDrawnAndListed() {
        List<Rig> starts = new ArrayList<>(DemoRigs.all());
        starts.add(TestRigs.twoScreens());
        int refused = 0;
        for (int i = 0; i < RIGS; i++) {
            Rig rig = any(starts);
            for (int c = 0; c < CHANGES; c++) {
                try {
                    rig = changes().get(random.nextInt(changes().size())).apply(rig);
                } catch (Refusal refusal) {
                    assertFalse(refusal.field().isEmpty());
                    refused++;
                }
            }
            everythingOf(rig);
        }
        assertTrue(refused > 0 && refused < RIGS * CHANGES / 3, "refused " + refused);
    }

    private List<UnaryOperator<Rig>> changes() {
        return List.of(
                this::run,
                this::passage,
                this::place,
                this::weight,
                this::box,
                this::together,
                this::boards,
                this::stand,
                this::lead,
                this::fasteners,
                this::edge);
    }

    private Rig run(Rig rig) {
        if (rig.runs().isEmpty()) {
            return rig;
        }
        Run run = any(rig.runs());
        List<Travel> travels = new ArrayList<>();
        for (Moves what : Moves.values()) {
            if (random.nextInt(4) == 0) {
                travels.add(new Travel(what, figure(0.01, 3), figure(1, 360), random.nextBoolean()));
            }
        }
        return rig.with(run.with(r -> r.travels(travels)
                .through(
                        random.nextBoolean()
                                ? List.of()
                                : List.of(any(rig.craft().passages()).id()))
                .coilAt(random.nextBoolean() ? "" : station(rig))
                .reliefM(figure(0, 0.5))
                .dripM(figure(0, 2))
                .cableM(figure(0.001, 0.05))));
    }

    private Rig passage(Rig rig) {
        Passage passage = any(rig.craft().passages());
        Opening opening = new Opening(
                any(PassThrough.class),
                figure(0.01, 3),
                any(Material.class),
                any(BackReach.class),
                random.nextBoolean(),
                "",
                random.nextBoolean());
        Passage odd = passage.with(p -> p.opening(opening)
                .way(any(Way.class))
                .lengthM(figure(0.01, 12))
                .openingM(figure(0.002, 0.5))
                .crosses(any(Zone.class))
                .belowWaterline(random.nextInt(4) == 0));
        return rig.withCraft(rig.craft().with(odd));
    }

    private Rig fasteners(Rig rig) {
        List<Fastener> all = new ArrayList<>();
        for (int n = random.nextInt(4); n > 0; n--) {
            all.add(Fastener.unknown(
                            "screws-" + n, "screws " + n, any(rig.devices()).id(), n)
                    .with(each -> each.kind(any(FastenerKind.class))
                            .widthM(figure(0.0015, 0.02))
                            .lengthM(figure(0.003, 0.3))
                            .passesM(figure(0, 0.25))
                            .bitesM(figure(0, 0.25))
                            .behindM(figure(0, 2))
                            .stuff(any(Material.class))
                            .backing(any(Backing.class))
                            .back(any(BackReach.class))
                            .supplied(random.nextInt(5))));
        }
        return rig.withFitOut(rig.fitOut().withFasteners(all));
    }

    private Rig place(Rig rig) {
        if (rig.places().isEmpty()) {
            return rig;
        }
        Placement place = any(rig.places());
        Held held = new Held(
                any(Holding.class),
                random.nextInt(13),
                random.nextBoolean(),
                random.nextBoolean(),
                figure(0, 1),
                random.nextBoolean(),
                random.nextBoolean(),
                random.nextBoolean() ? Size.UNKNOWN : new Size(figure(0.05, 0.3), figure(0.05, 0.3), figure(0.05, 0.3)),
                Figure.UNSET);
        return rig.with(new Placement(place.item(), station(rig), random.nextBoolean(), held, figure(0, 120)));
    }

    /** All there is in one place with walls, and as many things more. */
    private Rig together(Rig rig) {
        List<Station> walled = rig.craft().stations().stream()
                .filter(station -> station.room().known()
                        || rig.fitOut().boxAt(station.id()).isPresent())
                .toList();
        if (walled.isEmpty()) {
            return rig;
        }
        String at = any(walled).id();
        List<Device> devices = new ArrayList<>();
        List<Placement> places = new ArrayList<>();
        for (Device device : rig.devices()) {
            devices.add(device.withSize(size(0.3)));
            places.add(new Placement(device.id(), at, true));
        }
        for (int i = 0; i < random.nextInt(5); i++) {
            String id = "thing-" + i + "-" + FreshId.of(rig, "thing");
            devices.add(any(rig.devices()).with(d -> d.id(id).size(size(0.2))));
            places.add(new Placement(id, at, true));
        }
        rig.harness().packs().forEach(pack -> places.add(new Placement(pack.id(), at, true)));
        return rig.with(r -> r.devices(devices).places(places));
    }

    private Rig weight(Rig rig) {
        List<Ballast> all = new ArrayList<>(rig.fitOut().ballast());
        all.add(new Ballast(FreshId.of(rig, "weight"), "weight", figure(0.05, 50), station(rig)));
        return rig.withFitOut(rig.fitOut().withBallast(all));
    }

    private Rig box(Rig rig) {
        String id = FreshId.of(rig, "box");
        List<Enclosure> all = new ArrayList<>(rig.fitOut().boxes());
        all.add(new Enclosure(
                id,
                id,
                any(EnclosureKind.class),
                station(rig),
                size(0.6),
                figure(0.02, 50),
                figure(0.0002, 0.1),
                figure(0, 0.1),
                figure(0, 0.2),
                List.of(new Rib(id + "-rib", "rib", any(Inward.class), figure(0.001, 0.2))),
                List.of(new Exit(
                        id + "-exit",
                        "exit",
                        any(BaseEdge.class),
                        figure(0, 1),
                        figure(0.002, 0.2),
                        any(PassThrough.class),
                        random.nextBoolean(),
                        any(ExitUse.class),
                        random.nextBoolean())),
                List.of(new Pocket(
                        id + "-pocket",
                        "pocket",
                        any(Pose.class),
                        size(0.3),
                        random.nextBoolean() ? "" : any(rig.devices()).id())),
                random.nextBoolean(),
                random.nextBoolean(),
                false,
                ""));
        FitOut fitOut = rig.fitOut().withBoxes(all);
        return rig.withFitOut(
                fitOut.withPassThroughs(List.of(new PassThroughStock(any(PassThrough.class), random.nextInt(5)))));
    }

    private Rig boards(Rig rig) {
        List<BoardPart> parts = new ArrayList<>();
        Rig bare = rig.withFitOut(rig.fitOut().withBoards(Boards.NONE));
        for (int p = 0; p < random.nextInt(6); p++) {
            parts.add(new BoardPart(
                    FreshId.of(bare, "part") + "-" + p,
                    "part",
                    figure(0.005, 5),
                    figure(0.005, 2),
                    1 + random.nextInt(12),
                    random.nextBoolean()));
        }
        return bare.withFitOut(bare.fitOut()
                .withBoards(new Boards(
                        figure(0.1, 6),
                        figure(0.02, 2),
                        figure(0.003, 0.08),
                        figure(0.0005, 0.01),
                        figure(0.005, 0.15),
                        parts,
                        Figure.UNSET)));
    }

    private Rig stand(Rig rig) {
        return rig.withCraft(
                rig.craft().withStand(new Stand(any(BaseEdge.class), figure(0.02, 1), random.nextBoolean())));
    }

    private Rig lead(Rig rig) {
        List<DataLead> all = new ArrayList<>(rig.network().leads());
        all.add(new DataLead(
                FreshId.of(rig, "data"),
                "data",
                any(rig.devices()).id(),
                any(rig.devices()).id(),
                figure(0.1, 50),
                figure(0.003, 0.1)));
        return rig.withNetwork(rig.network().withLeads(all));
    }

    /** A place far off, or nowhere. */
    private Rig edge(Rig rig) {
        Station station = any(rig.craft().stations());
        Station odd = station.with(
                s -> s.fromBowM(figure(-3, 12)).sideM(figure(-3, 3)).heightM(figure(-2, 3)));
        return rig.withCraft(rig.craft().with(odd));
    }

    private static void everythingOf(Rig rig) {
        Line line = Line.of(rig);
        REVIEWER.review(line);
        for (Link link : List.of(Link.CABLE, Link.CARRY, Link.WIRE, Link.MOUNT)) {
            for (Outcome<Scene> scene : Pictures.all(line, link)) {
                if (scene.isKnown()) {
                    whole(scene.value());
                }
            }
            Links.of(link)
                    .workings(line)
                    .forEach(working -> assertFalse(working.title().plain().isBlank()));
        }
        TemplateScene.all(line, Habit.US).forEach(OddFitOutTest::whole);
        HoleList.of(line);
        TakeOff.of(line.rig());
        for (PlanningAim aim : PlanningAim.values()) {
            REVIEWER.review(Line.of(Planner.planned(rig, aim)));
        }
        Comparison.of(line, Link.CARRY, REVIEWER);
        Comparison.of(line, Link.CABLE, REVIEWER);
    }

    private static void whole(Scene scene) {
        Scene.Frame.ToScale frame = (Scene.Frame.ToScale)
                (scene.frame() instanceof Scene.Frame.ToScale
                        ? scene.frame()
                        : new Scene.Frame.ToScale(new Point(0, 0), new Point(1, 1), 1));
        assertTrue(
                frame.high().x() > frame.low().x()
                        && frame.high().y() > frame.low().y(),
                scene.title().plain());
        for (Scene.Mark mark : scene.marks()) {
            if (mark instanceof Scene.Mark.Path path) {
                path.points()
                        .forEach(p -> assertTrue(
                                Double.isFinite(p.x()) && Double.isFinite(p.y()),
                                scene.title().plain() + ": " + path));
            }
        }
    }
}
