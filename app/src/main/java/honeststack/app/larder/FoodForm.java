package honeststack.app.larder;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.label.LabelForm;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import honeststack.core.food.Added;
import honeststack.core.food.Allergen;
import honeststack.core.food.Component;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.LabelConversion;
import honeststack.core.food.LabelConversion.Converted;
import honeststack.core.food.Origin;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import honeststack.core.line.NumberText;
import honeststack.core.wording.RefusedException;
import honeststack.core.wording.Say;
import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A food as its form sends it.
 *
 * @param values per 100 g, as text; blank means unknown; not used where there is a label
 * @param doubt times the doubt of a food table; 1 for a row of one
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record FoodForm(
    @NotBlank @Size(max = 120) String name,
    @NotNull Role role,
    boolean liquid,
    @NotNull Set<Allergen> allergens,
    @NotNull Set<Allergen> mayContain,
    @NotNull Set<Origin> origins,
    @NotNull Set<Added> added,
    @NotNull @Size(max = 40) List<@NotBlank @Size(max = 120) String> names,
    @NotNull @Size(max = 40) List<@NotNull @Valid MeasureRow> measures,
    @NotNull Map<Component, @NotNull @Size(max = 40) String> values,
    double doubt,
    @NotNull @Size(max = 200) String source,
    @NotNull @Size(max = 40) String number,
    @NotNull @Size(max = 500) String remark,
    @Nullable @Valid LabelForm label) {

  private static final double MOST_DOUBT = 20;

  /**
   * The food that the form describes.
   *
   * @param labelDoubt relative standard uncertainty of any label value
   * @throws ProblemException if a field cannot be taken
   */
  LarderEntry entry(String id, int revision, double labelDoubt, LarderEntry before) {
    List<String> warnings = new ArrayList<>();
    Composition composition = composition(id, revision, labelDoubt, before, warnings);
    String origin = label == null || !source.isBlank() ? source.strip() : "its label";
    Food food =
        new Food(
            id,
            name.strip(),
            role,
            liquid,
            composition,
            measured(),
            new Facts(allergens, mayContain, origins, added),
            new Provenance(origin, number.strip(), mark(before), remark.strip()));
    return new LarderEntry(
        food, named(before), before == null ? "" : before.energyClass(), true, warnings, label, 0);
  }

  private Provenance.Mark mark(LarderEntry before) {
    return before == null ? Provenance.Mark.OWN : before.food().provenance().mark();
  }

  /** A name that was a general one stays so. */
  private List<LarderEntry.Name> named(LarderEntry before) {
    return names.stream()
        .map(
            text ->
                new LarderEntry.Name(
                    text.strip(),
                    before != null
                        && before.names().contains(new LarderEntry.Name(text.strip(), true))))
        .toList();
  }

  private Composition composition(
      String id, int revision, double labelDoubt, LarderEntry before, List<String> warnings) {
    if (!(doubt > 0 && doubt <= MOST_DOUBT)) {
      throw Problem.badInput(
          "doubt", String.valueOf(doubt), "A doubt of “" + doubt + "” cannot be.", "over 0, to 20");
    }
    if (label == null) {
      Map<Component, Double> values = numbers();
      Composition typed =
          Composition.of(id, name, revision, doubt, values, doubtsLeft(values, before));
      warnings.addAll(Proof.of(typed));
      return typed;
    }
    Converted converted = LabelConversion.per100g(label.label(), labelDoubt);
    converted
        .values()
        .forEach(
            (component, value) -> {
              if (value > component.most()) {
                throw Problem.badInput(
                    "label.serving",
                    label.serving(),
                    Say.of(
                        "With a serving of “%s”, 100 g would hold %.0f %s of %s.",
                        label.serving(), value, component.unit(), component.words()),
                    "the serving that the label's values are for");
              }
            });
    warnings.addAll(converted.contradictions());
    return Composition.of(id, name, revision, 1, converted.values(), converted.doubts());
  }

  /** A value that nobody touched keeps the uncertainty that it had of its own. */
  private static Map<Component, Double> doubtsLeft(
      Map<Component, Double> values, LarderEntry before) {
    Map<Component, Double> left = new EnumMap<>(Component.class);
    if (before != null && before.label() == null) {
      Composition known = before.food().composition();
      known
          .doubts()
          .forEach(
              (component, u) -> {
                if (known.values().get(component).equals(values.get(component))) {
                  left.put(component, u);
                }
              });
    }
    return left;
  }

  /** What the label's conversion leaves to say. */
  List<String> notes(double labelDoubt) {
    if (label == null) {
      return List.of();
    }
    List<String> notes =
        new ArrayList<>(LabelConversion.per100g(label.label(), labelDoubt).notes());
    if (label.guessesWeight()) {
      notes.add("Nobody said what the serving weighs; 1.03 g/mL ± 6 % is taken.");
    }
    return notes;
  }

  private Map<Component, Double> numbers() {
    Map<Component, Double> numbers = new EnumMap<>(Component.class);
    values.forEach(
        (component, text) -> {
          if (!text.isBlank()) {
            numbers.put(component, value(component, text));
          }
        });
    return numbers;
  }

  private static double value(Component component, String text) {
    String field = "values." + component;
    double most = component.most();
    String accepted = Say.of("a number from 0 to %.0f %s", most, component.unit());
    try {
      double value = NumberText.readDecimal(text);
      if (value <= most) {
        return value;
      }
    } catch (RefusedException refused) {
      throw Problem.badInput(field, text, refused.refusal().problem(), accepted);
    }
    throw Problem.badInput(
        field, text, "100 g cannot hold “" + text + "” of " + component.words() + ".", accepted);
  }

  private List<HouseholdMeasure> measured() {
    List<HouseholdMeasure> measured = new ArrayList<>();
    for (int i = 0; i < measures.size(); i++) {
      MeasureRow row = measures.get(i);
      try {
        measured.add(row.measured());
      } catch (IllegalArgumentException wrong) {
        throw Problem.badInput(
            "measures[" + i + "]",
            row.text(),
            wrong.getMessage() + ".",
            MeasureRow.ACCEPTED + ", with a weight over 0");
      }
    }
    return measured;
  }
}
