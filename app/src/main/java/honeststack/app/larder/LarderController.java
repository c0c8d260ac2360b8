package honeststack.app.larder;

import honeststack.app.http.BadInputException;
import honeststack.app.http.Revision;
import honeststack.core.food.Allergen;
import honeststack.core.food.Food;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.net.URI;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

@RestController
@RequestMapping("/api/foods")
class LarderController {
  private static final int MOST = 1000;
  private static final Comparator<LarderEntry> BY_NAME =
      Comparator.comparing(entry -> entry.food().name(), String.CASE_INSENSITIVE_ORDER);

  private final Larder larder;
  private final LarderService service;

  LarderController(Larder larder, LarderService service) {
    this.larder = larder;
    this.service = service;
  }

  /**
   * Foods whose names come closest, best first; all of them by name where nothing is asked for.
   *
   * @param query a name, or part of one; typing errors are forgiven
   * @param role only foods of this role
   * @param without only foods that neither hold nor may hold this allergen
   * @param mark only foods whose values got here this way
   * @param doubtful only foods that a reader should look at twice
   */
  @GetMapping
  List<FoodAnswer> foods(
      @RequestParam(defaultValue = "") String query,
      @RequestParam(required = false) Role role,
      @RequestParam(required = false) Allergen without,
      @RequestParam(required = false) Provenance.Mark mark,
      @RequestParam(defaultValue = "false") boolean doubtful,
      @RequestParam(defaultValue = "20") int most) {
    int limit = Math.max(1, Math.min(most, MOST));
    Collection<LarderEntry> found =
        query.isBlank()
            ? larder.entries().stream().sorted(BY_NAME).toList()
            : larder.nearest(query, MOST).stream().map(food -> service.entry(food.id())).toList();
    return found.stream()
        .filter(entry -> role == null || entry.food().role() == role)
        .filter(entry -> without == null || isWithout(entry.food(), without))
        .filter(entry -> mark == null || entry.food().provenance().mark() == mark)
        .filter(entry -> !doubtful || entry.isDoubtful())
        .limit(limit)
        .map(FoodAnswer::of)
        .toList();
  }

  private static boolean isWithout(Food food, Allergen allergen) {
    return !food.allergens().contains(allergen) && !food.facts().mayContain().contains(allergen);
  }

  @GetMapping("/{id}")
  ResponseEntity<FoodAnswer> food(@PathVariable String id) {
    return tagged(service.entry(id));
  }

  /**
   * What a form would become.
   *
   * @param notes what its conversion leaves to say
   */
  record CheckAnswer(FoodAnswer food, List<String> notes) {}

  /** Converts and checks a form; nothing is kept. */
  @PostMapping("/check")
  CheckAnswer check(@Valid @RequestBody FoodForm form) {
    return new CheckAnswer(FoodAnswer.of(service.check(form)), service.notes(form));
  }

  /**
   * @param insist keep it though its data disagree with themselves
   */
  @PostMapping
  ResponseEntity<FoodAnswer> create(
      @Valid @RequestBody FoodForm form, @RequestParam(defaultValue = "false") boolean insist) {
    LarderEntry entry = service.create(form, insist);
    return ResponseEntity.created(URI.create("/api/foods/" + entry.food().id()))
        .header(HttpHeaders.ETAG, Revision.tag(entry.food().composition().revision()))
        .body(FoodAnswer.of(entry));
  }

  @PutMapping("/{id}")
  ResponseEntity<FoodAnswer> save(
      @PathVariable String id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
      @Valid @RequestBody FoodForm form,
      @RequestParam(defaultValue = "false") boolean insist) {
    return tagged(service.save(id, Revision.expected(ifMatch), form, insist));
  }

  /** Takes an own food out (204), or puts one that was changed back to what ships (200). */
  @DeleteMapping("/{id}")
  ResponseEntity<FoodAnswer> remove(
      @PathVariable String id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
    return service
        .remove(id, Revision.expected(ifMatch))
        .map(LarderController::tagged)
        .orElseGet(() -> ResponseEntity.noContent().build());
  }

  /** All foods as CSV, under the headers of the reference file. */
  @GetMapping(path = "/export", produces = "text/csv")
  ResponseEntity<StreamingResponseBody> export() {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"foods.csv\"")
        .header(HttpHeaders.CONTENT_TYPE, "text/csv;charset=UTF-8")
        .body(
            out ->
                LarderCsv.write(
                    larder.entries(), new OutputStreamWriter(out, StandardCharsets.UTF_8)));
  }

  /** Takes in foods as CSV, all or none; 422 with a report if a line cannot be taken. */
  @PostMapping(path = "/import", consumes = "text/csv")
  ResponseEntity<LarderService.ImportReport> bring(HttpServletRequest request) throws IOException {
    var utf8 = StandardCharsets.UTF_8.newDecoder();
    try (var reader = new InputStreamReader(request.getInputStream(), utf8)) {
      LarderService.ImportReport report = service.bring(reader);
      return ResponseEntity.status(
              report.problems().isEmpty() ? HttpStatus.OK : HttpStatus.UNPROCESSABLE_CONTENT)
          .body(report);
    } catch (CharacterCodingException notText) {
      throw new BadInputException("file", "", "The file is not UTF-8 text.", "CSV in UTF-8");
    }
  }

  private static ResponseEntity<FoodAnswer> tagged(LarderEntry entry) {
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, Revision.tag(entry.food().composition().revision()))
        .body(FoodAnswer.of(entry));
  }
}
