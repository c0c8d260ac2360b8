package honeststack.app.rewrite;

import honeststack.core.measure.MeasuringSystem;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Reads a text as soon as the application is there, beside all else: what a cook says first is read
 * as fast then as what is said later.
 */
@Component
class FirstReading {
  /** Of every kind: a list, a correction, the pan, the plate, who eats. */
  private static final String TEXT =
      """
      Sunday stack, serves 4
      200 g flour, 2 eggs, 300 ml milk and a pinch of salt
      I only had one egg, so half a banana instead. No, a whole one.
      Fry in 10 g butter, makes eight. Each of us had 20 g honey on top.
      """;

  private static final int TIMES = 3;

  private final RewriteService service;

  FirstReading(RewriteService service) {
    this.service = service;
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    Thread reading = new Thread(this::read, "first-reading");
    reading.setDaemon(true);
    reading.start();
  }

  private void read() {
    for (int i = 0; i < TIMES; i++) {
      service.told(TEXT, MeasuringSystem.METRIC);
    }
  }
}
