package honeststack.app.rewrite;

import honeststack.app.draft.Draft;
import honeststack.app.rewrite.RewriteService.Adjusted;
import honeststack.app.rewrite.RewriteService.ToldAnswer;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Rewriting.To;
import honeststack.core.recipe.Rewriting.Wanted;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class RewriteController {
  private final RewriteService service;
  private final Completions completions;

  RewriteController(RewriteService service, Completions completions) {
    this.service = service;
    this.completions = completions;
  }

  /** What a line that is being typed could become. */
  @GetMapping("/lines/completions")
  List<Completions.Completion> completions(@RequestParam @Size(max = 300) String line) {
    return completions.of(line);
  }

  record TellRequest(@NotNull @Size(max = 100_000) String text, @NotNull MeasuringSystem system) {}

  /** What a text says, of any length: a line, a paragraph, a page. Nothing is stored. */
  @PostMapping("/lines")
  ToldAnswer lines(@Valid @RequestBody TellRequest request) {
    return service.told(request.text(), request.system());
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

  /** A text as a line says it. */
  record Text(String text) {}

  /**
   * @param foodId set where the food was picked by hand
   * @param grams what the scale shows
   */
  record WeighRequest(
      @NotNull @Size(max = 300) String text,
      @Nullable @Size(max = 60) String foodId,
      @Min(0) @Max(100_000) double grams) {}

  /** A line with what the scale shows as its amount. */
  @PostMapping("/lines/weighed")
  Text weighed(@Valid @RequestBody WeighRequest request) {
    return new Text(service.weighed(request.text(), request.foodId(), request.grams()));
  }

  /**
   * @param packing "spooned"; empty for not said
   */
  record PackRequest(
      @NotNull @Size(max = 300) String text, @NotNull @Size(max = 20) String packing) {}

  /** A line that says how its cup was filled. */
  @PostMapping("/lines/packed")
  Text packed(@Valid @RequestBody PackRequest request) {
    return new Text(service.packed(request.text(), request.packing()));
  }
}
