package honeststack.app;

import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Starts the real application once for the whole run, on the private MariaDB whose address {@code
 * ./honest-stack test} hands over in the environment, and on a free port.
 */
public final class RunningApplication implements BeforeAllCallback {
  private static ConfigurableApplicationContext context;

  @Override
  public void beforeAll(ExtensionContext extension) {
    if (context == null) {
      context =
          SpringApplication.run(
              HonestStack.class,
              "--server.port=0",
              "--spring.datasource.url=" + environment("HONEST_STACK_TEST_URL"),
              "--spring.datasource.username=" + environment("HONEST_STACK_TEST_USER"),
              "--spring.datasource.password=" + environment("HONEST_STACK_TEST_PASSWORD"));
      Runtime.getRuntime().addShutdownHook(new Thread(context::close));
    }
  }

  private static String environment(String name) {
    String value = System.getenv(name);
    if (value == null) {
      throw new IllegalStateException(
          name + " is not set. These tests need a database; run them with ./honest-stack test");
    }
    return value;
  }

  public static String address() {
    return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
  }

  public static <T> T bean(Class<T> type) {
    return context.getBean(type);
  }
}
