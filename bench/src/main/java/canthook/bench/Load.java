package canthook.bench;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.locks.LockSupport;

/**
 * Twenty clients on connections of their own, each sending its next request when the last is answered, for a set time. Plain
 * sockets, because client and server share the two cores and a costly client would be what is measured.
 */
final class Load {
    private static final int CLIENTS = 20;

    private Load() {}

    record Result(double perSecond, double p50, double p99) {
        @Override
        public String toString() {
            return String.format(
                    java.util.Locale.ROOT, "%.0f a second, median %.1f ms, p99 %.1f ms", perSecond, p50, p99);
        }
    }

    static Result run(String address, byte[] body, double seconds) throws Exception {
        return run(address, List.of(body), seconds);
    }

    /** Each client sends the bodies in turn, all starting at different ones. */
    static Result run(String address, List<byte[]> bodies, double seconds) throws Exception {
        return run(address, bodies, seconds, 0);
    }

    /**
     * As when so many people each drag a number: every client asks every so often, not when it was answered. A request is as old as
     * the moment it was due, also when the one before it was late.
     *
     * @param every ms from one request of a client to its next, over 0
     */
    static Result dragging(String address, List<byte[]> bodies, double seconds, double every) throws Exception {
        return run(address, bodies, seconds, every);
    }

    private static Result run(String address, List<byte[]> bodies, double seconds, double every) throws Exception {
        URI uri = URI.create(address);
        ExecutorService pool = Executors.newFixedThreadPool(CLIENTS, work -> {
            Thread thread = new Thread(work, "client");
            thread.setDaemon(true);
            return thread;
        });
        long began = System.nanoTime();
        long until = began + (long) (seconds * 1e9);
        List<Future<long[]>> clients = new ArrayList<>();
        for (int i = 0; i < CLIENTS; i++) {
            int from = i * bodies.size() / CLIENTS;
            long due = began + (long) (every * 1e6 * i / CLIENTS);
            clients.add(pool.submit(() -> client(uri, bodies, from, due, (long) (every * 1e6), until)));
        }
        List<long[]> all = new ArrayList<>();
        for (Future<long[]> client : clients) {
            all.add(client.get());
        }
        double took = (System.nanoTime() - began) / 1e9;
        pool.shutdown();
        long[] times = all.stream().flatMapToLong(Arrays::stream).sorted().toArray();
        return new Result(times.length / took, times[times.length / 2] / 1e6, times[(int) (times.length * 0.99)] / 1e6);
    }

    private static byte[] request(URI uri, byte[] body) {
        byte[] head = ("POST " + uri.getPath() + " HTTP/1.1\r\nHost: " + uri.getAuthority()
                        + "\r\nContent-Type: application/json\r\nAccept: application/json\r\nContent-Length: "
                        + body.length + "\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII);
        byte[] request = Arrays.copyOf(head, head.length + body.length);
        System.arraycopy(body, 0, request, head.length, body.length);
        return request;
    }

    private static long[] client(URI uri, List<byte[]> bodies, int from, long due, long every, long until)
            throws IOException {
        List<byte[]> requests = bodies.stream().map(body -> request(uri, body)).toList();
        long[] times = new long[4096];
        int n = 0;
        try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
            socket.setTcpNoDelay(true);
            OutputStream out = socket.getOutputStream();
            InputStream in = new BufferedInputStream(socket.getInputStream(), 65_536);
            while (System.nanoTime() < until) {
                long began = every > 0 ? due + n * every : System.nanoTime();
                LockSupport.parkNanos(began - System.nanoTime());
                out.write(requests.get((from + n) % requests.size()));
                readAnswer(in);
                if (n == times.length) {
                    times = Arrays.copyOf(times, 2 * n);
                }
                times[n++] = System.nanoTime() - began;
            }
        }
        return Arrays.copyOf(times, n);
    }

    private static void readAnswer(InputStream in) throws IOException {
        String status = line(in);
        if (!status.contains(" 200")) {
            throw new IOException("answered " + status);
        }
        long length = -1;
        for (String header = line(in); !header.isEmpty(); header = line(in)) {
            if (header.regionMatches(true, 0, "content-length:", 0, 15)) {
                length = Long.parseLong(header.substring(15).strip());
            }
        }
        if (length >= 0) {
            in.skipNBytes(length);
            return;
        }
        for (int chunk = chunk(in); chunk > 0; chunk = chunk(in)) {
            in.skipNBytes(chunk + 2L);
        }
        line(in);
    }

    private static int chunk(InputStream in) throws IOException {
        return Integer.parseInt(line(in), 16);
    }

    private static String line(InputStream in) throws IOException {
        StringBuilder line = new StringBuilder(48);
        for (int b = in.read(); b != '\n'; b = in.read()) {
            if (b < 0) {
                throw new IOException("the server hung up");
            }
            if (b != '\r') {
                line.append((char) b);
            }
        }
        return line.toString();
    }
}
