package honeststack.app.archive;

import static honeststack.app.db.Tables.BIN;
import static honeststack.app.db.Tables.COMPOSITION;
import static honeststack.app.db.Tables.COMPOSITION_VALUE;
import static honeststack.app.db.Tables.FACTOR;
import static honeststack.app.db.Tables.FOOD;
import static honeststack.app.db.Tables.GOAL_LIMIT;
import static honeststack.app.db.Tables.GOAL_SET;
import static honeststack.app.db.Tables.STOCK;
import static honeststack.app.db.Tables.STOCK_EVENT;
import static honeststack.app.db.Tables.TOOL;
import static honeststack.app.db.Tables.TOOL_WEIGHING;
import static honeststack.app.db.Tables.TOPPING_SET;
import static honeststack.app.db.Tables.UNCERTAINTY;
import static honeststack.app.db.Tables.USUAL_AMOUNT;
import static honeststack.app.db.Tables.WEIGHING;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.select;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.JSONFormat;
import org.jooq.Record;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.TableRecord;
import org.jooq.UpdatableRecord;
import org.springframework.stereotype.Repository;

/**
 * Rows as they are, of every table that is not a recipe's. The one store that looks at other
 * features' tables: it copies whole rows and knows what none of their columns means, except by what
 * name or change a row is known.
 */
@Repository
class RowStore {
  private static final JSONFormat OBJECTS =
      JSONFormat.DEFAULT_FOR_RECORDS.header(false).recordFormat(JSONFormat.RecordFormat.OBJECT);

  private static final int AT_ONCE = 500;

  /** In the order in which rows can be put: what others refer to comes first. */
  private static final List<Table<? extends TableRecord<?>>> BEFORE_RECIPES =
      List.of(
          FOOD,
          COMPOSITION,
          COMPOSITION_VALUE,
          GOAL_SET,
          GOAL_LIMIT,
          UNCERTAINTY,
          USUAL_AMOUNT,
          FACTOR,
          WEIGHING,
          TOOL,
          TOOL_WEIGHING,
          TOPPING_SET);

  private static final List<Table<? extends TableRecord<?>>> AFTER_RECIPES =
      List.of(STOCK, STOCK_EVENT, BIN);

  /** Columns whose value no two rows may share. */
  private static final List<TableField<?, String>> NAMES = List.of(TOOL.NAME, TOPPING_SET.NAME);

  private final DSLContext sql;

  RowStore(DSLContext sql) {
    this.sql = sql;
  }

  /** Tables that can be put before the recipes are there. */
  static List<String> beforeRecipes() {
    return BEFORE_RECIPES.stream().map(Table::getName).toList();
  }

  /** Tables whose rows may refer to kept versions. */
  static List<String> afterRecipes() {
    return AFTER_RECIPES.stream().map(Table::getName).toList();
  }

  private static Table<? extends TableRecord<?>> table(String name) {
    List<Table<? extends TableRecord<?>>> all = new ArrayList<>(BEFORE_RECIPES);
    all.addAll(AFTER_RECIPES);
    return all.stream()
        .filter(table -> table.getName().equals(name))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("No table " + name));
  }

  /** The rows of a table that do not come with the application, as a list of JSON objects. */
  String rows(String name) {
    Table<? extends TableRecord<?>> table = table(name);
    return sql.selectFrom(table).where(kept(table)).orderBy(key(table)).fetch().formatJSON(OBJECTS);
  }

  private static Condition kept(Table<?> table) {
    Field<String> food = table.field("food_id", String.class);
    if (table.equals(FOOD)) {
      return FOOD.ID.in(ownFoods());
    }
    return table.equals(COMPOSITION) || table.equals(COMPOSITION_VALUE)
        ? food.in(ownFoods())
        : noCondition();
  }

  /** Foods that were entered, changed or removed here, and those whose values ever changed. */
  private static Select<Record1<String>> ownFoods() {
    return select(FOOD.ID)
        .from(FOOD)
        .where(FOOD.OWN.isTrue().or(FOOD.BODY.isNull()))
        .union(
            select(COMPOSITION.FOOD_ID)
                .from(COMPOSITION)
                .groupBy(COMPOSITION.FOOD_ID)
                .having(max(COMPOSITION.REVISION).gt(1)));
  }

  @SuppressWarnings("unchecked")
  private static List<Field<Object>> key(Table<?> table) {
    return table.getPrimaryKey().getFields().stream().map(f -> (Field<Object>) f).toList();
  }

  private static List<Object> key(Table<?> table, Record row) {
    return key(table).stream().map(row::get).toList();
  }

  /** Names that both a row and another that is there go by. */
  Optional<String> clash(String name, List<Map<String, Object>> rows) {
    Table<?> table = table(name);
    for (TableField<?, String> column : NAMES) {
      if (column.getTable().equals(table)) {
        Map<String, String> there =
            sql.select(column, table.field("id", String.class))
                .from(table)
                .fetchMap(column, table.field("id", String.class));
        return rows.stream()
            .filter(row -> there.containsKey(row.get(column.getName())))
            .filter(row -> !there.get(row.get(column.getName())).equals(row.get("id")))
            .map(row -> String.valueOf(row.get(column.getName())))
            .findFirst();
      }
    }
    return Optional.empty();
  }

  /**
   * Puts rows that are not there yet; those that are stay as they are, except that a food that was
   * changed goes over one that comes with the application.
   *
   * @param change of the larder, under which foods are known
   * @return how many were put
   * @throws RuntimeException if a row does not fit its table
   */
  int put(String name, List<Map<String, Object>> rows, long change) {
    Table<? extends TableRecord<?>> table = table(name);
    Set<List<Object>> there = keys(table, noCondition());
    Set<List<Object>> shipped = table.equals(FOOD) ? keys(FOOD, FOOD.OWN.isFalse()) : Set.of();
    List<TableRecord<?>> anew = new ArrayList<>();
    List<TableRecord<?>> over = new ArrayList<>();
    for (Map<String, Object> row : rows) {
      TableRecord<?> record = (TableRecord<?>) sql.newRecord(table);
      record.fromMap(row);
      if (table.equals(FOOD)) {
        record.set(FOOD.CHANGED, change);
      }
      if (there.add(key(table, record))) {
        anew.add(record);
      } else if (shipped.contains(key(table, record)) && changed(record)) {
        over.add(record);
      }
    }
    for (int i = 0; i < anew.size(); i += AT_ONCE) {
      sql.batchInsert(anew.subList(i, Math.min(i + AT_ONCE, anew.size()))).execute();
    }
    over.forEach(food -> sql.executeUpdate((UpdatableRecord<?>) food));
    if (table.equals(FOOD)) {
      // Those that ship may get further compositions, which memory has to follow.
      List<String> ids = rows.stream().map(row -> String.valueOf(row.get("id"))).toList();
      sql.update(FOOD).set(FOOD.CHANGED, change).where(FOOD.ID.in(ids)).execute();
    }
    return anew.size() + over.size();
  }

  private static boolean changed(Record food) {
    return food.get(FOOD.OWN) || food.get(FOOD.BODY) == null;
  }

  private Set<List<Object>> keys(Table<?> table, Condition which) {
    Set<List<Object>> keys = new HashSet<>();
    sql.select(key(table)).from(table).where(which).forEach(row -> keys.add(key(table, row)));
    return keys;
  }
}
