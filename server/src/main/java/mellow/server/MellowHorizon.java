package mellow.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server. */
@SpringBootApplication
public class MellowHorizon {
  public static void main(String[] args) {
    SpringApplication.run(MellowHorizon.class, args);
  }
}
