package app.brightkeel.server.http;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import app.brightkeel.core.demo.DemoRigs;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.lists.RigList;
import app.brightkeel.core.lists.RigLists;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.server.ServerTest;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.springframework.mock.web.MockHttpServletResponse;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every list of every demo rig in both habits, as a spreadsheet would take it in. */
public class ListsTest extends ServerTest {

    private static final List<String> LISTS =
            RigLists.ALL.stream().map(RigList::id).toList();

    /** Where nothing is sawn, screwed or laid up. */
    private static final Set<String> NOT_OF_ALL = Set.of("cuts", "fasteners", "lay-up");

    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

    /** A number and its unit in one cell. */
    private static final Pattern MIXED = Pattern.compile("[-−]?[\\d.]+ ?(m|mm|mm²|kg|A|Ah|N|min|ft|in|lb|lbf|AWG|h)");

    @DataProvider
    public Object[][] rigs() {
        return DemoRigs.all().stream()
                .flatMap(rig -> List.of("metric", "us").stream().map(habit -> new Object[] {rig.name(), habit}))
                .toArray(Object[][]::new);
    }

    private static Rig rig(String name) {
        return DemoRigs.all().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private List<CSVRecord> rows(String id, String list, String habit) throws Exception {
        MockHttpServletResponse answer = send(get("/api/rigs/" + id + "/lists/" + list + "?habit=" + habit));
        if (answer.getStatus() != 200) {
            assertTrue(NOT_OF_ALL.contains(list), list);
            return List.of();
        }
        CSVFormat strict = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        return CSVParser.parse(answer.getContentAsString(StandardCharsets.UTF_8), strict)
                .getRecords();
    }

    @Test(dataProvider = "rigs")
    public void aColumnIsOneSortOfThing(String name, String habit) throws Exception {
        String id = create(rig(name));
        for (String list : LISTS) {
            for (CSVRecord row : rows(id, list, habit)) {
                assertTrue(row.isConsistent(), list + ": " + row);
                row.toMap().forEach((column, cell) -> {
                    if (column.contains("[") || column.equals("amount")) {
                        assertTrue(
                                cell.isEmpty() || NUMBER.matcher(cell).matches(), list + ", " + column + ": " + cell);
                    }
                    assertFalse(MIXED.matcher(cell).matches(), list + ", " + column + ": " + cell);
                });
                if (!list.equals("shopping")) {
                    assertFalse(row.get(0).isEmpty(), list + " without an id: " + row);
                }
            }
        }
    }

    /** What a menu offers is there, and what it does not offer is not. */
    @Test(dataProvider = "rigs")
    public void whatIsOfferedIsThere(String name, String habit) throws Exception {
        String path = "/api/rigs/" + create(rig(name)) + "/lists";
        Set<String> offered = new HashSet<>();
        json(send(get(path))).forEach(list -> offered.add(list.path("id").asString()));
        assertTrue(offered.size() >= LISTS.size() - NOT_OF_ALL.size(), offered.toString());
        for (String list : LISTS) {
            MockHttpServletResponse answer = send(get(path + "/" + list + "?habit=" + habit));
            assertEquals(answer.getStatus(), offered.contains(list) ? 200 : 404, list);
        }
        String refused = send(get(path + "/ropes")).getContentAsString(StandardCharsets.UTF_8);
        assertTrue(refused.contains("Lists are: everything, why, questions"), refused);
    }

    /** The pound is exactly 0.45359237 kg; a file adds up to what the screen says, in its own unit. */
    @Test(dataProvider = "rigs")
    public void massesAddUp(String name, String habit) throws Exception {
        double sum = 0;
        String column = habit.equals("us") ? "mass [lb]" : "mass [kg]";
        for (CSVRecord row : rows(create(rig(name)), "parts", habit)) {
            sum += row.get(column).isEmpty() ? 0 : Double.parseDouble(row.get(column));
        }
        double kilograms = habit.equals("us") ? sum * 0.45359237 : sum;
        assertEquals(kilograms, Line.of(rig(name)).get(CarryStage.STAGE).value().massKg(), 0.01);
    }
}
