package canthook.bench;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/** Sends what no honest page sends: bytes turned, cut and doubled, wrong kinds, wrong addresses, odd headers. Seeded, so that it can be sent again. */
final class Malformed implements AutoCloseable {
    private static final String[] PATHS = {
        "/api/work",
        "/api/boxes",
        "/api/boxes/envelope-drawer",
        "/api/boxes/import",
        "/api/lengths",
        "/api/starting-plan",
        "/api/rack/blanks",
        "/api/rack/blanks/csv",
        "/api/woods/csv",
        "/api/climate-logs",
        "/api/breakdowns",
        "/api/house-rules/squaring",
        "/api/boxes/envelope-drawer/test-cuts",
        "/api/work/begun/SCREW",
        "/api/work/size.height",
        "/api/runs/none/events",
        "/api/rack/cutters",
        "/api/climates",
        "/api/damaged/BLANK/none",
        "/api/equilibrium",
        "/api/nothing",
        "/boxes/%zz",
        "/%00",
        "/api/boxes/..%2f..%2fetc",
        "/error",
        "/api/boxes?from=x",
        "/api/boxes/{id}"
    };
    private static final String[] KINDS = {
        "application/json", "application/json", "application/json", "application/json;charset=UTF-16", "text/csv",
                "text/plain",
        "application/yaml", "multipart/form-data", "application/x-www-form-urlencoded", "application/cbor", "", "%%%"
    };
    private static final String[] SPLINTERS = {
        "1e-10000000",
        "1e99999999",
        "NaN",
        "-Infinity",
        "null",
        "[null]",
        "{}",
        "\"\\u0000\"",
        "\"\\ud800\"",
        "true",
        "-0",
        "\"",
        "\\",
        ",",
        "}",
        "99999999999999999999",
        "0.000000000000000000000000001",
        "{\"kind\":\"NONE\"}",
        "[[[[[[[["
    };

    private final int port;
    private final Random random;
    private final List<byte[]> good;
    private @Nullable Socket socket;

    Malformed(int port, Random random, List<byte[]> good) {
        this.port = port;
        this.random = random;
        this.good = good;
    }

    /** Sends one; the status answered, 0 when the connection was closed without. */
    int send() throws IOException {
        byte[] body = body();
        // what would change the shop if it were well formed is asked only malformed
        String method = random.nextInt(12) == 0
                ? new String[] {"GET", "PATCH", "TRACE", "OPTIONS", "HEAD2"}[random.nextInt(5)]
                : random.nextInt(4) == 0 ? "PUT" : "POST";
        String path = PATHS[random.nextInt(PATHS.length)];
        if (random.nextInt(20) == 0) {
            path += "?display=" + random.nextInt(9) + "&day=1e-99999999";
        }
        String kind = KINDS[random.nextInt(KINDS.length)];
        String head = method + " " + path + " HTTP/1.1\r\nHost: "
                + (random.nextInt(40) == 0 ? "seeds.example" : "127.0.0.1:" + port)
                + (kind.isEmpty() ? "" : "\r\nContent-Type: " + kind)
                + (random.nextInt(30) == 0 ? "\r\nAccept: application/yaml" : "")
                + (random.nextInt(40) == 0 ? "\r\nX-Odd: \u0001\u0002" : "")
                + "\r\nContent-Length: " + body.length + "\r\n\r\n";
        for (int attempt = 0; ; attempt++) {
            try {
                Socket open = connected();
                open.getOutputStream().write(head.getBytes(StandardCharsets.ISO_8859_1));
                open.getOutputStream().write(body);
                return answer(open);
            } catch (IOException e) {
                close();
                if (attempt > 0) {
                    return 0;
                }
            }
        }
    }

    private Socket connected() throws IOException {
        Socket open = socket;
        if (open == null || open.isClosed()) {
            open = new Socket("127.0.0.1", port);
            open.setSoTimeout(20_000);
            open.setTcpNoDelay(true);
            socket = open;
        }
        return open;
    }

    private byte[] body() {
        byte[] body = good.get(random.nextInt(good.size())).clone();
        switch (random.nextInt(6)) {
            case 0 -> body = java.util.Arrays.copyOf(body, random.nextInt(body.length));
            case 1 -> {
                for (int i = 0; i < 4; i++) {
                    body[random.nextInt(body.length)] = (byte) random.nextInt(256);
                }
            }
            case 2, 3, 4 -> body = splintered(new String(body, StandardCharsets.UTF_8));
            default -> {
                body = new byte[random.nextInt(300)];
                random.nextBytes(body);
            }
        }
        return body;
    }

    /** A value somewhere in it is another. */
    private byte[] splintered(String text) {
        int colon = text.indexOf(':', random.nextInt(text.length()));
        if (colon < 0) {
            return "[".getBytes(StandardCharsets.UTF_8);
        }
        int end = colon + 1;
        while (end < text.length() && ",}]".indexOf(text.charAt(end)) < 0) {
            end++;
        }
        return (text.substring(0, colon + 1) + SPLINTERS[random.nextInt(SPLINTERS.length)] + text.substring(end))
                .getBytes(StandardCharsets.UTF_8);
    }

    private int answer(Socket open) throws IOException {
        InputStream in = new BufferedInputStream(open.getInputStream());
        String status = line(in);
        if (status.isEmpty()) {
            throw new IOException("closed");
        }
        long length = -1;
        boolean chunked = false;
        boolean closes = false;
        for (String header = line(in); !header.isEmpty(); header = line(in)) {
            String low = header.toLowerCase(java.util.Locale.ROOT);
            if (low.startsWith("content-length:")) {
                length = Long.parseLong(low.substring(15).strip());
            }
            chunked |= low.startsWith("transfer-encoding:") && low.contains("chunked");
            closes |= low.startsWith("connection:") && low.contains("close");
        }
        if (length > 0) {
            in.skipNBytes(length);
        } else if (chunked) {
            for (int chunk = Integer.parseInt(line(in), 16); chunk > 0; chunk = Integer.parseInt(line(in), 16)) {
                in.skipNBytes(chunk + 2L);
            }
            line(in);
        }
        if (closes) {
            close();
        }
        return Integer.parseInt(status.split(" ", 3)[1]);
    }

    private static String line(InputStream in) throws IOException {
        StringBuilder line = new StringBuilder(48);
        for (int c = in.read(); c >= 0 && c != '\n'; c = in.read()) {
            if (c != '\r') {
                line.append((char) c);
            }
        }
        return line.toString();
    }

    /** A request whose body stops half way. */
    static Socket halfSent(int port, String path) throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        socket.getOutputStream()
                .write(("POST " + path + " HTTP/1.1\r\nHost: 127.0.0.1:" + port
                                + "\r\nContent-Type: application/json\r\nContent-Length: 5000\r\n\r\n{\"plan\":")
                        .getBytes(StandardCharsets.US_ASCII));
        return socket;
    }

    /** Whether the server has let it go. */
    static boolean isGone(Socket socket) {
        try {
            return socket.getInputStream().available() > 0 || socket.isClosed();
        } catch (IOException e) {
            return true;
        }
    }

    @Override
    public void close() throws IOException {
        if (socket != null) {
            socket.close();
        }
    }
}
