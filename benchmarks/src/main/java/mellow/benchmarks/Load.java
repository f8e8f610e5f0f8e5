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
 * Several askers at once, each on a connection of its own, each asking again once it is answered.
 */
record Load(int port, int atOnce) {

  /** One request; answers its status. */
  interface Question {
    int put(Asker asker) throws IOException;
  }

  /** Asks so many times in all; how long each took, in ms, shortest first. */
  double[] run(Question question, int count) throws Exception {
    ExecutorService pool = Executors.newFixedThreadPool(atOnce);
    try {
      List<Future<double[]>> askers = new ArrayList<>();
      for (int i = 0; i < atOnce; i++) {
        askers.add(pool.submit(() -> ask(question, count / atOnce)));
      }
      DoubleStream all = DoubleStream.empty();
      for (Future<double[]> asker : askers) {
        all = DoubleStream.concat(all, Arrays.stream(asker.get()));
      }
      return all.sorted().toArray();
    } finally {
      pool.shutdown();
    }
  }

  private double[] ask(Question question, int count) throws IOException {
    double[] millis = new double[count];
    try (Asker asker = new Asker(port)) {
      for (int i = 0; i < count; i++) {
        long began = System.nanoTime();
        int status = question.put(asker);
        if (status != 200) {
          throw new IOException("answered " + status);
        }
        millis[i] = (System.nanoTime() - began) / 1e6;
      }
    }
    return millis;
  }
}
