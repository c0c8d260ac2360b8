package honeststack.app.larder;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.label.LabelForm;
import honeststack.core.food.Added;
import honeststack.core.food.Allergen;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.Origin;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import jakarta.annotation.Nullable;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * A food as the page shows it.
 *
 * @param change what saving it names in If-Match
 * @param warnings in which its data disagree with themselves
 * @param doubtful a reader should look twice
 * @param own entered or edited here
 * @param ships the application comes with a food of this identity
 * @param label the label that it was typed from
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record FoodAnswer(
    String id,
    String name,
    Role role,
    boolean liquid,
    List<String> allergens,
    List<String> mayContain,
    Set<Allergen> allergenTags,
    Set<Allergen> mayContainTags,
    Set<Origin> origins,
    Set<Added> added,
    int revision,
    long change,
    double doubt,
    List<ValueAnswer> per100g,
    List<MeasureAnswer> measures,
    List<String> names,
    Provenance provenance,
    List<String> warnings,
    boolean doubtful,
    boolean own,
    boolean ships,
    @Nullable LabelForm label) {

  /**
   * @param amount per 100 g; absent means unknown
   * @param u standard uncertainty, in the same unit
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record ValueAnswer(
      Component component, String words, String unit, @Nullable Double amount, double u) {}

  /**
   * A household measure, what it weighs and what it holds.
   *
   * @param energy kcal in it; absent if unknown
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record MeasureAnswer(String words, double grams, @Nullable Double energy, MeasureRow row) {}

  static FoodAnswer of(LarderEntry entry) {
    Food food = entry.food();
    Composition composition = food.composition();
    return new FoodAnswer(
        food.id(),
        food.name(),
        food.role(),
        food.liquid(),
        words(food.allergens()),
        words(food.facts().mayContain()),
        food.allergens(),
        food.facts().mayContain(),
        food.facts().origins(),
        food.facts().added(),
        composition.revision(),
        entry.change(),
        composition.doubtFactor(),
        Arrays.stream(Component.values()).map(c -> value(composition, c)).toList(),
        food.measures().stream().map(m -> measure(m, composition)).toList(),
        entry.allNames(),
        food.provenance(),
        entry.warnings(),
        entry.isDoubtful(),
        entry.own(),
        LarderFiles.shipped(entry.food().id()).isPresent(),
        entry.label());
  }

  private static List<String> words(Set<Allergen> allergens) {
    return allergens.stream().sorted().map(Allergen::words).toList();
  }

  private static ValueAnswer value(Composition composition, Component component) {
    return new ValueAnswer(
        component,
        component.words(),
        component.unit(),
        composition.knows(component) ? composition.value(component).getAsDouble() : null,
        composition.u(component));
  }

  private static MeasureAnswer measure(HouseholdMeasure measure, Composition composition) {
    MeasureRow row = MeasureRow.of(measure);
    String qualifier =
        row.qualifier().isEmpty() ? "" : ", " + row.qualifier().toLowerCase(Locale.ROOT);
    String words =
        switch (row.measure()) {
          case "piece" -> qualifier.isEmpty() ? "one piece" : "one" + qualifier;
          case "100 mL" -> "100 mL" + qualifier;
          default -> "1 US " + row.measure() + qualifier;
        };
    Double energy =
        composition.knows(Component.ENERC)
            ? composition.value(Component.ENERC).getAsDouble() * row.grams() / 100
            : null;
    return new MeasureAnswer(words, row.grams(), energy, row);
  }
}
