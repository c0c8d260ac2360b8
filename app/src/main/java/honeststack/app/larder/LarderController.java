package honeststack.app.larder;

import honeststack.app.problem.Revision;
import honeststack.core.food.Allergen;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import jakarta.validation.Valid;
import java.net.URI;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
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

@RestController
@RequestMapping("/api/foods")
class LarderController {
  private static final int MOST = 100;

  /** A search offers no more than these, best first. */
  private static final int MOST_FOUND = 1000;

  private static final Comparator<LarderEntry> BY_NAME =
      Comparator.comparing(entry -> entry.food().name(), String.CASE_INSENSITIVE_ORDER);

  private final Larder larder;
  private final LarderService service;

  LarderController(Larder larder, LarderService service) {
    this.larder = larder;
    this.service = service;
  }

  /**
   * A page of foods.
   *
   * @param total how many there are in all
   */
  record FoodsPage(int total, List<FoodAnswer> foods) {}

  /**
   * Foods whose names come closest, best first; all of them by name where nothing is asked for.
   *
   * @param query a name, or part of one; typing errors are forgiven
   * @param role only foods of this role
   * @param without only foods that neither hold nor may hold this allergen
   * @param mark only foods whose values got here this way
   * @param doubtful only foods that a reader should look at twice
   * @param from how many to leave out before the first
   * @param most how many to answer with, up to 100
   */
  @GetMapping
  FoodsPage foods(
      @RequestParam(defaultValue = "") String query,
      @RequestParam(required = false) Role role,
      @RequestParam(required = false) Allergen without,
      @RequestParam(required = false) Provenance.Mark mark,
      @RequestParam(defaultValue = "false") boolean doubtful,
      @RequestParam(defaultValue = "0") int from,
      @RequestParam(defaultValue = "20") int most) {
    LarderState now = larder.now();
    Stream<LarderEntry> found =
        query.isBlank()
            ? now.entries().stream().sorted(BY_NAME)
            : now.nearest(query, MOST_FOUND).stream()
                .flatMap(food -> now.entry(food.id()).stream());
    List<LarderEntry> all =
        found
            .filter(entry -> role == null || entry.food().role() == role)
            .filter(entry -> without == null || entry.food().facts().isWithout(without))
            .filter(entry -> mark == null || entry.food().provenance().mark() == mark)
            .filter(entry -> !doubtful || entry.isDoubtful())
            .toList();
    int first = Math.max(0, Math.min(from, all.size()));
    int last = Math.min(all.size(), first + Math.max(1, Math.min(most, MOST)));
    return new FoodsPage(
        all.size(), all.subList(first, last).stream().map(FoodAnswer::of).toList());
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
        .header(HttpHeaders.ETAG, Revision.tag(entry.change()))
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

  private static ResponseEntity<FoodAnswer> tagged(LarderEntry entry) {
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, Revision.tag(entry.change()))
        .body(FoodAnswer.of(entry));
  }
}
