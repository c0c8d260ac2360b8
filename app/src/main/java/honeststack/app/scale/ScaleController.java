package honeststack.app.scale;

import honeststack.app.problem.Problem;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api/kitchen-scale")
class ScaleController {
  private static final double MOST_LOAD = 20_000;

  private final ScaleService service;

  ScaleController(ScaleService service) {
    this.service = service;
  }

  /**
   * @param simulated no real scale is connected
   */
  record ScaleAnswer(ScaleReading reading, boolean simulated) {}

  @GetMapping
  ScaleAnswer reading() {
    return new ScaleAnswer(service.read(), service.isSimulated());
  }

  /** Each change of the reading, as an event named "reading". */
  @GetMapping(path = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  SseEmitter stream() {
    return service.stream();
  }

  @PostMapping("/tare")
  ScaleReading tare() {
    return service.tare();
  }

  /**
   * @param load g on the simulated scale in all
   * @param plugged false pulls its plug
   */
  record Simulation(double load, boolean plugged) {}

  @PostMapping("/simulated")
  ScaleReading simulate(@RequestBody Simulation simulation) {
    double load = simulation.load();
    if (!(load >= 0 && load <= MOST_LOAD)) {
      throw Problem.badInput(
          "load", String.valueOf(load), "“" + load + "” g cannot lie there.", "0 to 20000 g");
    }
    return service.simulate(load, simulation.plugged());
  }
}
