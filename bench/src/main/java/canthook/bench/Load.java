package canthook.bench;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/** Twenty clients, each sending its next request when the last is answered, for a set time. */
final class Load {
    private static final int CLIENTS = 20;

    private Load() {}

    record Result(double perSecond, double p50, double p99) {}

    static Result run(String address, byte[] body, double seconds) throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(CLIENTS);
        long until = System.nanoTime() + (long) (seconds * 1e9);
        List<Future<long[]>> clients = new ArrayList<>();
        long began = System.nanoTime();
        for (int i = 0; i < CLIENTS; i++) {
            clients.add(pool.submit(() -> client(address, body, until)));
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

    private static long[] client(String address, byte[] body, long until) throws IOException, InterruptedException {
        HttpClient http =
                HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).build();
        HttpRequest request = HttpRequest.newBuilder(URI.create(address))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build();
        long[] times = new long[1024];
        int n = 0;
        while (System.nanoTime() < until) {
            long began = System.nanoTime();
            HttpResponse<byte[]> response = http.send(request, HttpResponse.BodyHandlers.ofByteArray());
            if (response.statusCode() != 200) {
                throw new IOException(address + " answered " + response.statusCode());
            }
            if (n == times.length) {
                times = Arrays.copyOf(times, 2 * n);
            }
            times[n++] = System.nanoTime() - began;
        }
        return Arrays.copyOf(times, n);
    }
}
