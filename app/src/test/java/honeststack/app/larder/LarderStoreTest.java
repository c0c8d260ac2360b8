package honeststack.app.larder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.name;
import static org.jooq.impl.DSL.table;

import honeststack.app.RunningApplication;
import honeststack.app.larder.LarderStore.Key;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import java.util.List;
import org.jooq.DSLContext;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(RunningApplication.class)
class LarderStoreTest {
  private final LarderStore store = RunningApplication.bean(LarderStore.class);
  private final Ledger ledger = RunningApplication.bean(Ledger.class);
  private final DSLContext sql = RunningApplication.bean(DSLContext.class);

  private Composition synced(String id) {
    ledger.write(() -> store.sync(ledger.change(Part.LARDER)));
    return store.all().stream()
        .map(LarderEntry::food)
        .filter(food -> food.id().equals(id))
        .findFirst()
        .orElseThrow()
        .composition();
  }

  @Test
  void anUnchangedLarderMakesNoNewRevision() {
    Composition once = synced("barley-flour");
    Composition again = synced("barley-flour");
    assertThat(again.revision()).isEqualTo(once.revision());
    assertThat(again.values()).isEqualTo(once.values());
  }

  /**
   * Tapioca was stored with other values; what ships becomes the next revision, the old one stays.
   */
  @Test
  void whatShipsOtherwiseBecomesTheNextRevision() {
    int before = synced("tapioca-starch").revision();
    Revisions.insert("tapioca-starch", before + 1, 111);

    assertThat(synced("tapioca-starch").revision()).isEqualTo(before + 2);

    Key old = new Key("tapioca-starch", before + 1);
    Food then = store.foodsAt(List.of(old)).get(old);
    assertThat(then.composition().value(Component.ENERC)).hasValue(111);
    assertThat(then.composition().knows(Component.FAT)).isFalse();
    assertThat(then.name()).isEqualTo("tapioca starch");
  }

  @Test
  void aFoodNoLongerShippedKeepsItsName() {
    sql.insertInto(table(name("food")))
        .columns(field(name("id")), field(name("name")))
        .values("millet-gone", "millet flour")
        .onDuplicateKeyIgnore()
        .execute();
    Revisions.insert("millet-gone", 1, 350);
    Key gone = new Key("millet-gone", 1);
    assertThat(store.foodsAt(List.of(gone)).get(gone).name()).isEqualTo("millet flour");
  }
}
