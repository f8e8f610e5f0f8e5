package mellow.benchmarks;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.DoubleStream;

/**
 * Several clients at once, each on a connection of its own, each asking again once it is answered.
 */
record Load(int port, int atOnce) {

  /** One request; answers its status. */
  interface Question {
    int put(Client client) throws IOException;
  }

  /** Asks so many times in all; how long each took, in ms, shortest first. */
  double[] run(Question question, int count) throws Exception {
    ExecutorService pool = Executors.newFixedThreadPool(atOnce);
    try {
      List<Future<double[]>> clients = new ArrayList<>();
      for (int i = 0; i < atOnce; i++) {
        clients.add(pool.submit(() -> ask(question, count / atOnce)));
      }
      DoubleStream all = DoubleStream.empty();
      for (Future<double[]> client : clients) {
        all = DoubleStream.concat(all, Arrays.stream(client.get()));
      }
      return all.sorted().toArray();
    } finally {
      pool.shutdown();
    }
  }

  private double[] ask(Question question, int count) throws IOException {
    double[] millis = new double[count];
    try (Client client = new Client(port)) {
      for (int i = 0; i < count; i++) {
        long began = System.nanoTime();
        int status = question.put(client);
        if (status != 200) {
          throw new IOException("answered " + status);
        }
        millis[i] = (System.nanoTime() - began) / 1e6;
      }
    }
    return millis;
  }
}
