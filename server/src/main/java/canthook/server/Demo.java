package canthook.server;

import canthook.board.Blank;
import canthook.building.SquareRead;
import canthook.cutter.Cutter;
import canthook.plan.BoxPlan;
import canthook.planner.Planner;
import canthook.server.book.Book;
import canthook.server.box.Shelf;
import canthook.server.box.Shelf.KeptBox;
import canthook.server.export.ProjectFile;
import canthook.server.rack.ClimateApi.OwnClimate;
import canthook.server.rack.Rack;
import canthook.server.rack.ShopFloor;
import canthook.server.rack.Squares;
import canthook.server.rack.WoodApi.OwnWood;
import canthook.server.saw.SawRuns;
import canthook.server.saw.SawRuns.Which;
import canthook.shop.HouseRule;
import canthook.shop.Machine;
import canthook.shop.RackFinish;
import canthook.shop.RackJig;
import canthook.shop.TestCut;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Puts the boxes of the seed library on an empty shelf, before the first request is answered. */
@Component
class Demo implements SmartInitializingSingleton {
    private static final String BATCH = "packet-drawers";
    private static final int HALF = 40;
    /** The box the jigs were read for. */
    private static final String DRAWER = "envelope-drawer";

    private final boolean wanted;
    private final Shelf shelf;
    private final Rack rack;
    private final Book book;
    private final ObjectMapper json;
    private final TransactionTemplate keeping;
    private final SawRuns runs;
    private final Squares squares;
    private final ShopFloor floor;
    private final Clock clock;

    Demo(
            @Value("${canthook.demo:false}") boolean wanted,
            Shelf shelf,
            Rack rack,
            Book book,
            ObjectMapper json,
            TransactionTemplate keeping,
            SawRuns runs,
            Squares squares,
            ShopFloor floor,
            Clock clock) {
        this.squares = squares;
        this.floor = floor;
        this.runs = runs;
        this.clock = clock;
        this.wanted = wanted;
        this.shelf = shelf;
        this.rack = rack;
        this.book = book;
        this.json = json;
        this.keeping = keeping;
    }

    /** What lies on the demo's rack. */
    private record DemoRack(
            List<Blank> blanks,
            List<OwnWood> woods,
            List<OwnClimate> climates,
            List<Cutter> cutters,
            List<RackJig> jigs,
            List<Machine> machines,
            List<RackFinish> finishes,
            List<DemoSquare> squares) {}

    /** What was read off a jig, so many days ago, for the first box of the shelf. */
    private record DemoSquare(int jig, int days, SquareRead read) {}

    private void fillRack() throws IOException {
        try (InputStream in = new ClassPathResource("demo/rack.json").getInputStream()) {
            DemoRack demo = json.readValue(in, DemoRack.class);
            demo.woods().forEach(wood -> rack.add(Rack.Kind.WOOD, wood.name(), wood::as));
            demo.blanks().forEach(blank -> rack.add(Rack.Kind.BLANK, blank.name(), blank::withId));
            demo.cutters().forEach(cutter -> rack.add(Rack.Kind.CUTTER, cutter.name(), cutter::withId));
            List<String> jigs = demo.jigs().stream()
                    .map(jig -> rack.add(Rack.Kind.JIG, jig.name(), jig::withId)
                            .item()
                            .id())
                    .toList();
            demo.machines().forEach(machine -> rack.add(Rack.Kind.MACHINE, machine.name(), machine::withId));
            demo.finishes().forEach(finish -> rack.add(Rack.Kind.FINISH, finish.name(), finish::withId));
            demo.climates().forEach(climate -> rack.add(Rack.Kind.CLIMATE, climate.name(), climate::as));
            KeptBox drawer = shelf.get(DRAWER);
            for (DemoSquare square : demo.squares()) {
                squares.keep(
                        jigs.get(square.jig()),
                        square.read(),
                        Planner.work(drawer.plan(), floor.shop(drawer.plan(), drawer.cuts())),
                        clock.instant().minus(Duration.ofDays(square.days())));
            }
        }
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!wanted || !shelf.isEmpty()) {
            return;
        }
        keeping.executeWithoutResult(all -> {
            try {
                fillShelf();
                fillRack();
                fillBook();
                halfWay();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        });
    }

    /** Boxes that are done and put away, and what was recorded in three months of making them. */
    private record DemoBook(List<Done> boxes, List<Line> notes) {}

    /** @param jig of the rack it was cut on, by its id there; null for none of them */
    private record Done(
            String like,
            String name,
            List<TestCut> testCuts,
            @Nullable String jig) {}

    private record Line(@Nullable Integer box, String about, String words, String at) {}

    private void fillBook() throws IOException {
        try (InputStream in = new ClassPathResource("demo/book.json").getInputStream()) {
            DemoBook demo = json.readValue(in, DemoBook.class);
            List<String> ids = new ArrayList<>();
            for (Done done : demo.boxes()) {
                try (InputStream plan = new ClassPathResource("demo/" + done.like()).getInputStream()) {
                    ProjectFile project = json.readValue(plan, ProjectFile.class);
                    BoxPlan made = project.plan().withName(done.name());
                    BoxPlan on = rack.all(Rack.Kind.JIG).stream()
                            .filter(k -> k.item().id().equals(done.jig()))
                            .findFirst()
                            .map(k -> made.with(k.item().chosen()))
                            .orElse(made);
                    ids.add(shelf.add(on, done.testCuts()).id());
                }
            }
            demo.notes()
                    .forEach(line -> book.write(
                            line.box() == null ? null : ids.get(line.box()), line.about(), line.words(), line.at()));
            ids.forEach(id -> shelf.archive(id, true));
        }
    }

    /** The nine drawers half-way: the first is cut and went together, of the others half the passes are made. */
    private void halfWay() {
        Instant yesterday = clock.instant().truncatedTo(ChronoUnit.HOURS).minus(Duration.ofHours(22));
        double seconds = HouseRule.SECONDS_PER_PASS.usual();
        runs.made(BATCH, Which.FIRST, yesterday, Integer.MAX_VALUE, seconds);
        book.write(
                BATCH,
                "",
                "The first drawer went together with hand pressure, panel in. On with the other eight.",
                yesterday.plus(Duration.ofHours(2)).toString());
        runs.made(BATCH, Which.REST, yesterday.plus(Duration.ofHours(3)), HALF, seconds);
    }

    private void fillShelf() throws IOException {
        Resource[] files = new PathMatchingResourcePatternResolver().getResources("classpath:demo/?-*.json");
        List<Resource> inOrder = Arrays.stream(files)
                .sorted(Comparator.comparing(r -> String.valueOf(r.getFilename())))
                .toList();
        for (Resource file : inOrder) {
            try (InputStream in = file.getInputStream()) {
                ProjectFile project = json.readValue(in, ProjectFile.class);
                shelf.add(project.plan(), project.testCuts() == null ? List.of() : project.testCuts());
            }
        }
    }
}
