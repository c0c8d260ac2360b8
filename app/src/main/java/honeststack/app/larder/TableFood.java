package honeststack.app.larder;

import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.Provenance;
import honeststack.core.food.Provenance.Mark;
import honeststack.core.food.Role;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A food of an open food table. Its name says which table it is from, so that it is told apart from
 * the foods that ship.
 *
 * @param table short name of the table: "FDC"
 * @param number the food's number in it
 * @param name as the table has it
 * @param values per 100 g
 * @param doubts standard uncertainties of those values that have one
 */
public record TableFood(
    String table,
    String source,
    String number,
    String name,
    Map<Component, Double> values,
    Map<Component, Double> doubts,
    List<Filling> fillings) {

  private static final int LONGEST = 120;

  /**
   * What a cup, a spoon or a piece of it weighs.
   *
   * @param measure cup, tbsp, tsp or piece
   * @param qualifier how it was filled, or a piece's size; empty for not said
   */
  public record Filling(String measure, String qualifier, double grams) {}

  LarderEntry entry() {
    String id = table.toLowerCase(Locale.ROOT) + "-" + slug(number);
    String mark = " (" + table + " " + number + ")";
    String cut = name.strip().replaceAll("\\s+", " ");
    String shown = cut.substring(0, Math.min(cut.length(), LONGEST - mark.length())) + mark;
    Map<String, MeasureRow> measures = new LinkedHashMap<>();
    for (Filling filling : fillings) {
      MeasureRow row =
          new MeasureRow(filling.measure(), filling.qualifier(), filling.grams(), false, false);
      try {
        row.measured();
        measures.putIfAbsent(filling.measure() + "|" + filling.qualifier(), row);
      } catch (IllegalArgumentException unheard) {
        // A measure that no kitchen of ours knows is of no use here.
      }
    }
    return new LarderEntry(
        new Food(
            id,
            shown,
            Role.ADD_IN,
            false,
            Composition.of(id, shown, 1, 1, values, doubts),
            measures.values().stream().map(MeasureRow::measured).toList(),
            Facts.NONE,
            new Provenance(
                source, number, Mark.READ, "Allergens and role are not in the table; set them.")),
        List.of(),
        "",
        true,
        List.of(),
        null,
        0);
  }

  private static String slug(String text) {
    return text.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
  }
}
