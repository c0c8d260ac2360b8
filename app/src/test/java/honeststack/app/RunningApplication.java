package honeststack.app;

import java.util.stream.Stream;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** Starts the real application once for the whole run, on a free port. */
public final class RunningApplication implements BeforeAllCallback {
  private static ConfigurableApplicationContext context;

  @Override
  public void beforeAll(ExtensionContext extension) {
    if (context == null) {
      context = start(Databases.url(), true);
      Runtime.getRuntime().addShutdownHook(new Thread(context::close));
    }
  }

  /** One more before the database of {@link #address()}'s. */
  public static ConfigurableApplicationContext second() {
    return start(Databases.url(), false);
  }

  /** One more, without the demo, on a database that is there. */
  public static ConfigurableApplicationContext on(String database) {
    return start(Databases.url(database), false);
  }

  private static ConfigurableApplicationContext start(String url, boolean demo) {
    return SpringApplication.run(
        HonestStack.class,
        Stream.of(
                "server.port=0",
                "spring.datasource.url=" + url,
                "spring.datasource.username=" + Databases.user(),
                "spring.datasource.password=" + Databases.password(),
                "honest-stack.demo=" + demo)
            .map("--"::concat)
            .toArray(String[]::new));
  }

  public static String address() {
    return address(context);
  }

  public static String address(ConfigurableApplicationContext running) {
    return "http://127.0.0.1:" + running.getEnvironment().getProperty("local.server.port");
  }

  public static <T> T bean(Class<T> type) {
    return context.getBean(type);
  }
}
