package honeststack.app.adjust;

import honeststack.app.adjust.AdjustService.Adjusted;
import honeststack.app.adjust.AdjustService.ProposedLine;
import honeststack.app.adjust.AdjustService.To;
import honeststack.app.adjust.AdjustService.Wanted;
import honeststack.app.figures.Draft;
import honeststack.core.measure.MeasuringSystem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class AdjustController {
  private final AdjustService service;

  AdjustController(AdjustService service) {
    this.service = service;
  }

  record PasteRequest(@NotNull @Size(max = 20_000) String text, @NotNull MeasuringSystem system) {}

  /** A pasted recipe, or one typed line, taken apart into lines to review; nothing is stored. */
  @PostMapping("/lines")
  List<ProposedLine> lines(@Valid @RequestBody PasteRequest request) {
    return service.lines(request.text(), request.system());
  }

  record ConvertRequest(@NotNull @Valid Draft draft, @NotNull To to) {}

  /** The same recipe in grams, or in kitchen measures. */
  @PostMapping("/convert")
  Adjusted convert(@Valid @RequestBody ConvertRequest request) {
    return service.convert(request.draft(), request.to());
  }

  /** How much is wanted; blank texts are not asked for. */
  record ScaleRequest(
      @NotNull @Valid Draft draft,
      @NotNull @Size(max = 40) String factor,
      @NotNull @Size(max = 40) String pieces,
      @NotNull @Size(max = 40) String batter,
      @NotNull @Size(max = 40) String piece) {}

  /** The same recipe, so many times as much. */
  @PostMapping("/scale")
  Adjusted scale(@Valid @RequestBody ScaleRequest request) {
    return service.scale(
        request.draft(),
        new Wanted(request.factor(), request.pieces(), request.batter(), request.piece()));
  }
}
