package canthook.server.device;

import canthook.refusal.Refused;
import canthook.wood.Air;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Iterator;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** The shop's instruments: a moisture meter and a climate logger. */
@RestController
@RequestMapping("/api/devices")
public class DeviceApi {
    private final MoistureMeter meter;
    private final ClimateLogger logger;
    private final Clock clock;

    DeviceApi(MoistureMeter meter, ClimateLogger logger, Clock clock) {
        this.meter = meter;
        this.logger = logger;
        this.clock = clock;
    }

    /** Which board the meter is pressed to. */
    public record MeterPressed(String board) {
        public MeterPressed {
            Refused.ifMissing("board", "The board", board);
            if (board.length() > 80) {
                throw new Refused("board", "The board's name is longer than 80 letters.");
            }
        }
    }

    /** What the meter shows, and the day. */
    public record MeterRead(double percent, String on) {}

    @PostMapping("/moisture-meter/read")
    MeterRead press(@RequestBody MeterPressed pressed) {
        try {
            return new MeterRead(
                    meter.read(pressed.board()), LocalDate.now(clock).toString());
        } catch (MoistureMeter.Unready e) {
            throw new Refused("board", String.valueOf(e.getMessage()));
        }
    }

    @GetMapping("/climate-logger/now")
    Air now() {
        return logger.now();
    }

    /** Its memory as a file: {@code time,temperature_c,rh_pct}. */
    @GetMapping(value = "/climate-logger/year", produces = "text/csv")
    ResponseEntity<StreamingResponseBody> year() {
        StreamingResponseBody body = out -> {
            Writer text = new BufferedWriter(new OutputStreamWriter(out, StandardCharsets.UTF_8));
            text.write("time,temperature_c,rh_pct\r\n");
            for (Iterator<ClimateLogger.Reading> lines = logger.year().iterator(); lines.hasNext(); ) {
                write(text, lines.next());
            }
            text.flush();
        };
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"shop-air.csv\"")
                .body(body);
    }

    private static void write(Writer text, ClimateLogger.Reading line) throws IOException {
        text.write(
                line.time() + "," + line.air().temperature() + "," + line.air().humidity() + "\r\n");
    }
}
