package honeststack.app.tools;

import honeststack.app.ledger.Ledger;
import honeststack.app.problem.Problem;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Toppings that go together, to be put on a plate at once. */
@RestController
@RequestMapping("/api/topping-sets")
public class ToppingSets {
  private final ToppingSetStore store;
  private final Ledger ledger;
  private final Clock clock;

  ToppingSets(ToppingSetStore store, Ledger ledger, Clock clock) {
    this.store = store;
    this.ledger = ledger;
    this.clock = clock;
  }

  /**
   * @param lines texts as on the plate
   */
  record ToppingSet(String id, String name, List<String> lines) {}

  /** A set as it is stated. */
  record NewToppingSet(
      @NotBlank @Size(max = 60) String name,
      @NotEmpty @Size(max = 200) List<@NotNull @Size(max = 300) String> lines) {}

  @GetMapping
  List<ToppingSet> toppingSets() {
    return store.all();
  }

  /** Keeps a set; one of the same name gives way. */
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ToppingSet keepToppingSet(@Valid @RequestBody NewToppingSet set) {
    return keep(set);
  }

  /** Keeps a set that is stated elsewhere than on a page. */
  public void keep(String name, List<String> lines) {
    keep(new NewToppingSet(name, lines));
  }

  private ToppingSet keep(NewToppingSet set) {
    List<String> lines =
        set.lines().stream()
            .map(l -> l.replaceAll("\\s+", " ").strip())
            .filter(l -> !l.isEmpty())
            .toList();
    if (lines.isEmpty()) {
      throw Problem.badInput("lines", "", "There is nothing on top yet.", "at least one line");
    }
    ToppingSet kept = new ToppingSet(UUID.randomUUID().toString(), set.name().strip(), lines);
    ledger.write(() -> store.put(kept, clock.instant()));
    return kept;
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeToppingSet(@PathVariable String id) {
    ledger.write(
        () -> {
          if (!store.remove(id)) {
            throw Problem.notFound("topping set", id);
          }
        });
  }
}
