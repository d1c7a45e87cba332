package canthook.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Files with bytes knocked out of them: each is taken or refused with its lines, never half taken, never a failure of ours. */
@Tag("long")
class OddFilesTest extends ServerTestBase {
    private static final String BLANKS =
            "id,name,length,width,thickness,wood,ring_angle,moisture_pct,moisture_on,moisture_by,figure,"
                    + "snipe,note,defects\r\n"
                    + "oak-1,\"Oak, long\",1800,140,20,oak-white,15,9.5,2025-03-02,meter,cathedral,no,\"a \"\"good\"\" one\",knot 120..150\r\n"
                    + "oak-2,Oak short,36 in,4 1/2 in,3/4 in,oak-white,,,,,,yes,,check 0..40 across 10..30 may hide; knot 300..320\r\n";
    private static final String WOODS =
            "id,common_name,kind,radial_shrinkage_pct,tangential_shrinkage_pct,fibre_saturation_pct\r\n"
                    + "medlar,Medlar,hardwood,5.1,9.9,30\r\nlath,Lath,softwood,,7.2,28\r\n";
    private static final String LOG = log();

    private static String log() {
        StringBuilder log = new StringBuilder("time,temperature_c,rh_pct\n");
        for (int day = 1; day <= 28; day++) {
            log.append(String.format("2025-02-%02dT12:00:00Z,20.5,%d%n", day, 40 + day % 5));
        }
        return log.toString();
    }

    @ParameterizedTest
    @CsvSource({"/api/rack/blanks/csv,/api/rack/blanks", "/api/woods/csv,/api/woods", "/api/climate-logs,/api/climates"
    })
    void areTakenWholeOrRefused(String address, String shelf) {
        String good = address.contains("blanks") ? BLANKS : address.contains("woods") ? WOODS : LOG;
        Random random = new Random(11);
        int taken = 0;
        int refused = 0;
        for (int i = 0; i < 250; i++) {
            byte[] bytes = good.getBytes(StandardCharsets.UTF_8);
            for (int k = 0; k <= random.nextInt(4); k++) {
                bytes[random.nextInt(bytes.length)] = odd(random);
            }
            int before = get(shelf).body().size();
            Reply reply = send(
                    MockMvcRequestBuilders.post(address)
                            .contentType(MediaType.valueOf("text/csv"))
                            .content(bytes),
                    null);
            assertThat(reply.status())
                    .as(new String(bytes, StandardCharsets.UTF_8))
                    .isIn(200, 422);
            if (reply.status() == 422) {
                refused++;
                assertThat(reply.detail()).isNotBlank();
                assertThat(get(shelf).body()).hasSize(before);
            } else {
                taken++;
            }
        }
        assertThat(taken).isPositive();
        assertThat(refused).isGreaterThan(50);
    }

    private static byte odd(Random random) {
        byte[] likely = "\",;\r\n\t0-9e.x ½\u0000".getBytes(StandardCharsets.UTF_8);
        return random.nextInt(3) == 0 ? (byte) random.nextInt(256) : likely[random.nextInt(likely.length)];
    }
}
