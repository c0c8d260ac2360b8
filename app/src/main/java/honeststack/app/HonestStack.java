package honeststack.app;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.EventListener;

/** The application. */
@SpringBootApplication
public class HonestStack {
  private static final Logger LOG = LoggerFactory.getLogger(HonestStack.class);
  private static final long NOBODY = -1;

  public static void main(String[] arguments) {
    SpringApplication application = new SpringApplication(HonestStack.class);
    application.setLogStartupInfo(false);
    ConfigurableApplicationContext context = application.run(arguments);
    long launcher =
        context.getEnvironment().getProperty("honest-stack.launcher", Long.class, NOBODY);
    ProcessHandle.of(launcher)
        .ifPresent(
            process ->
                process
                    .onExit()
                    .thenRun(
                        () -> {
                          LOG.warn("Whoever started this was killed; stopping");
                          System.exit(SpringApplication.exit(context));
                        }));
  }

  /** Says where to look once the application can be used. */
  @EventListener
  void ready(ApplicationReadyEvent event) {
    String port = event.getApplicationContext().getEnvironment().getProperty("local.server.port");
    LOG.info("Honest Stack is ready at http://127.0.0.1:{}/", port);
  }
}
