package canthook.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimberTest {
    @ParameterizedTest
    @CsvSource({"21.1,30,6.2,0.05", "21.1,50,9.2,0.05", "21.1,65,12.0,0.05", "21.1,80,16.0,0.05", "20,35,6.963,0.0005"})
    void moistureFollowsTheAir(double celsius, double humidity, double moisture, double off) {
        assertThat(EquilibriumMoisture.percent(new Air(celsius, humidity))).isCloseTo(moisture, within(off));
    }

    @ParameterizedTest
    @CsvSource({
        "150,8.4,5.0,30,0,8,12,1.790",
        "150,8.4,5.0,30,90,8,12,1.038",
        "150,8.4,5.0,30,45,8,12,1.409",
        "100,5.0,2.4,22,0,8,12,0.939"
    })
    void widthFollowsMoisture(
            double width,
            double tangential,
            double radial,
            double saturation,
            double angle,
            double from,
            double to,
            double change) {
        Wood wood = new Wood("w", "w", Wood.Kind.HARDWOOD, radial, tangential, saturation, 0.5, 0);
        assertThat(width * solid(wood, angle, from, to)).isCloseTo(change, within(0.0006));
    }

    @Test
    void moistureAboveSaturationCountsAsSaturation() {
        Wood wood = new Wood("w", "w", Wood.Kind.HARDWOOD, 4, 8, 28, 0.5, 0);
        assertThat(solid(wood, 0, 40, 10)).isEqualTo(solid(wood, 0, 28, 10));
        assertThat(solid(wood, 0, 60, 35)).isZero();
    }

    @Test
    void sheetGoodsMoveWithHumidity() {
        Worksheet sheet = new Worksheet("t");
        Worked from = sheet.table("from", "h1", "", Show.PERCENT, 30, "", "");
        Worked to = sheet.table("to", "h2", "", Show.PERCENT, 60, "", "");
        Worked rate = sheet.table("rate", "r", "", Show.PERCENT, 0.35, "", "");
        assertThat(Movement.ofSheet(sheet, "x", "", from, to, rate).number()).isCloseTo(0.00175, within(1e-9));
    }

    @Test
    void theTableHasSixtyFiveSpeciesAndThreeSheets() {
        assertThat(Woods.published().all()).hasSize(68);
        Wood alder = Woods.published().find("alder-red").orElseThrow();
        assertThat(alder.tangential()).isEqualTo(7.3);
        assertThat(alder.isHard())
                .as("a hardwood by the botanists, soft in the joint")
                .isFalse();
        assertThat(Woods.published().find("tamarack").orElseThrow().isHard()).isTrue();
    }

    private static double solid(Wood wood, double angle, double from, double to) {
        Worksheet sheet = new Worksheet("t");
        Worked shrinkage = Movement.shrinkage(sheet, "w", wood, angle, "angle");
        Worked saturation = sheet.table("f", "F", "", Show.MOISTURE, wood.fibreSaturation(), "", "");
        Worked m1 = sheet.table("m1", "M1", "", Show.MOISTURE, from, "", "");
        Worked m2 = sheet.table("m2", "M2", "", Show.MOISTURE, to, "", "");
        return Movement.ofSolid(sheet, "x", "", m1, m2, shrinkage, saturation).number();
    }
}
