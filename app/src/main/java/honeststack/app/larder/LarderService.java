package honeststack.app.larder;

import honeststack.app.bin.Bin;
import honeststack.app.bin.BinAnswers.Kind;
import honeststack.app.bin.Restorer;
import honeststack.app.kitchen.KitchenNow;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.core.food.Composition;
import honeststack.core.measure.Uncertainties.Way;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Foods entered, edited and brought in; the larder in memory follows the database. */
@Service
public class LarderService implements Restorer {
  private static final String A_NAME = "a name with at least one letter, of any script";

  private final Larder larder;
  private final LarderStore store;
  private final Ledger ledger;
  private final KitchenNow kitchens;
  private final Bin bin;
  private final JsonMapper json;

  LarderService(
      Larder larder,
      LarderStore store,
      Ledger ledger,
      KitchenNow kitchens,
      Bin bin,
      JsonMapper json) {
    this.json = json;
    this.bin = bin;
    this.kitchens = kitchens;
    this.larder = larder;
    this.store = store;
    this.ledger = ledger;
  }

  /** How far any value of a label is off now, relative. */
  private double labelDoubt() {
    return kitchens.now().tables().uncertainties().of(Way.LABEL_VALUE).shared();
  }

  /** What the conversion of a form's label leaves to say. */
  List<String> notes(FoodForm form) {
    return form.notes(labelDoubt());
  }

  LarderEntry entry(String id) {
    return larder.now().entry(id).orElseThrow(() -> Problem.notFound("food", id));
  }

  /** What a form would become; nothing is kept. */
  LarderEntry check(FoodForm form) {
    return form.entry("unnamed", 1, labelDoubt(), null);
  }

  /**
   * Keeps a new food.
   *
   * @param insist keep it though its data disagree with themselves
   * @throws ProblemException if a name is taken, or the data disagree and nobody insists
   */
  LarderEntry create(FoodForm form, boolean insist) {
    return ledger.write(
        () -> {
          long change = ledger.change(Part.LARDER);
          String id = freeId(form.name());
          int revision = store.goneAt().getOrDefault(id, 0) + 1;
          LarderEntry entry = form.entry(id, revision, labelDoubt(), null);
          accept(entry, insist);
          store.keep(List.of(entry), change);
          return entry.madeBy(change);
        });
  }

  /**
   * Keeps a changed food; changed values make a new composition revision.
   *
   * @param expected the change that made what was read
   * @throws ProblemException if it was changed since
   */
  LarderEntry save(String id, long expected, FoodForm form, boolean insist) {
    return ledger.write(
        () -> {
          long change = ledger.change(Part.LARDER);
          LarderEntry before = current(id, expected);
          LarderEntry next = revised(before, form.entry(id, 1, labelDoubt(), before));
          accept(next, insist);
          store.keep(List.of(next), change);
          return next.madeBy(change);
        });
  }

  /**
   * Takes an own food out; one that ships and was changed here goes back to what ships. Versions
   * kept with it keep it.
   *
   * @param expected the change that made what was read
   * @return what it is now; empty if it is out
   * @throws ProblemException if it was changed since
   * @throws ProblemException if it ships and was not changed
   */
  Optional<LarderEntry> remove(String id, long expected) {
    return ledger.write(() -> remove(id, expected, ledger.change(Part.LARDER)));
  }

  private Optional<LarderEntry> remove(String id, long expected, long change) {
    LarderEntry before = current(id, expected);
    if (!before.own()) {
      throw Problem.conflict(
          before.food().name() + " comes with the application and was not changed here.");
    }
    Optional<LarderEntry> shipped = LarderFiles.shipped(id);
    bin.put(Kind.FOOD, before.food().name(), json.writeValueAsString(FoodFile.of(before)));
    if (shipped.isEmpty()) {
      store.remove(id, change);
      return Optional.empty();
    }
    LarderEntry back = revised(before, shipped.get());
    accept(back, true);
    store.keep(List.of(back), change);
    return Optional.of(back.madeBy(change));
  }

  @Override
  public Kind kind() {
    return Kind.FOOD;
  }

  /**
   * A food comes back as it was when it was removed.
   *
   * @throws ProblemException if its name belongs to another food by now
   */
  @Override
  public void restore(String body) {
    ledger.write(
        () -> {
          long change = ledger.change(Part.LARDER);
          LarderEntry was = json.readValue(body, FoodFile.class).entry();
          String id = was.food().id();
          LarderEntry now = larder.now().entry(id).orElse(null);
          if (now != null && now.own()) {
            throw Problem.conflict(
                now.food().name() + " is in the larder again, with values of its own.");
          }
          LarderEntry back =
              now == null ? at(store.goneAt().getOrDefault(id, 0) + 1, was) : revised(now, was);
          accept(back, true);
          store.keep(List.of(back), change);
        });
  }

  /**
   * Holds foods that were put into the database to the rules, within the transaction that puts
   * them.
   *
   * @param change under which they were put
   * @throws NameTakenException if a name belongs to another food
   */
  public void checkPut(long change) {
    larder.check(store.since(change - 1).entries());
  }

  private LarderEntry current(String id, long expected) {
    LarderEntry before = entry(id);
    if (before.change() != expected) {
      throw Problem.stale(
          before.food().name() + " was changed elsewhere in the meantime; nothing was overwritten.",
          FoodAnswer.of(before));
    }
    return before;
  }

  private static LarderEntry revised(LarderEntry before, LarderEntry after) {
    Composition old = before.food().composition();
    Composition now = after.food().composition();
    return at(LarderStore.same(old, now) ? old.revision() : old.revision() + 1, after);
  }

  private static LarderEntry at(int revision, LarderEntry after) {
    Composition now = after.food().composition();
    return after.with(
        Composition.of(
            after.food().id(),
            after.food().name(),
            revision,
            now.doubtFactor(),
            now.values(),
            now.doubts()));
  }

  private void accept(LarderEntry entry, boolean insist) {
    for (String name : entry.allNames()) {
      if (!FoodNames.isName(name)) {
        throw Problem.badInput("name", name, "“" + name + "” has no letter.", A_NAME);
      }
    }
    try {
      larder.check(List.of(entry));
    } catch (NameTakenException taken) {
      throw Problem.badInput(
          "name", taken.name(), taken.getMessage(), "a name that no other food goes by");
    }
    if (!insist && !entry.warnings().isEmpty()) {
      throw Problem.conflict(
          String.join(" ", entry.warnings()) + " It can be kept all the same, and is marked then.");
    }
  }

  private String freeId(String name) {
    String slug = FoodNames.plain(name).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    String base = slug.isEmpty() ? "food" : slug.substring(0, Math.min(50, slug.length()));
    String id = base;
    for (int n = 2; larder.now().entry(id).isPresent(); n++) {
      id = base + "-" + n;
    }
    return id;
  }

  /** What a merge did. */
  public record Merged(int added, int updated, int unchanged) {}

  /**
   * Takes in foods, all or none. A food that is there already is updated.
   *
   * @throws NameTakenException if a name belongs to another food
   */
  public Merged merge(Collection<LarderEntry> entries) {
    return ledger.write(() -> merge(entries, ledger.change(Part.LARDER)));
  }

  /**
   * Takes in the foods of a table, all or none.
   *
   * @throws NameTakenException if a name belongs to another food
   */
  public Merged bringTable(List<TableFood> foods) {
    return merge(foods.stream().map(TableFood::entry).toList());
  }

  private Merged merge(Collection<LarderEntry> entries, long change) {
    Map<String, Integer> goneAt = store.goneAt();
    List<LarderEntry> changed = new ArrayList<>();
    int added = 0;
    int unchanged = 0;
    for (LarderEntry entry : entries) {
      String id = entry.food().id();
      LarderEntry before = larder.now().entry(id).orElse(null);
      if (before == null) {
        added++;
        changed.add(at(goneAt.getOrDefault(id, 0) + 1, entry));
      } else if (LarderStore.alike(before, entry)) {
        unchanged++;
      } else {
        changed.add(revised(before, entry));
      }
    }
    if (!changed.isEmpty()) {
      larder.check(changed);
      store.keep(changed, change);
    }
    return new Merged(added, changed.size() - added, unchanged);
  }

  /** All foods of this moment. */
  public Collection<LarderEntry> entries() {
    return larder.now().entries();
  }
}
