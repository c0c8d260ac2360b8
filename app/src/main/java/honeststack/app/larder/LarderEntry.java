package honeststack.app.larder;

import honeststack.app.label.LabelForm;
import honeststack.core.food.Composition;
import honeststack.core.food.Food;
import honeststack.core.food.Provenance.Mark;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/**
 * All that the larder keeps of a food.
 *
 * @param names other names that it goes by
 * @param energyClass class of specific energy factors in atwater.csv; empty for none
 * @param own entered or edited here: what ships no longer changes it
 * @param warnings in which its data disagree with themselves, in sentences
 * @param label the label that it was typed from; null for none
 * @param change the change of the larder that made it so; 0 until it is stored
 */
public record LarderEntry(
    Food food,
    List<Name> names,
    String energyClass,
    boolean own,
    List<String> warnings,
    LabelForm label,
    long change) {

  /** A table row's doubt, times this, makes a row doubtful. */
  private static final double DOUBTFUL = 1.5;

  public LarderEntry {
    Objects.requireNonNull(food, "food");
    names = List.copyOf(names);
    warnings = List.copyOf(warnings);
  }

  /**
   * A name that a food goes by.
   *
   * @param general a general name ("milk") that is taken for this food
   */
  public record Name(String name, boolean general) {}

  LarderEntry with(Composition composition) {
    return new LarderEntry(
        food.with(composition), names, energyClass, own, warnings, label, change);
  }

  LarderEntry madeBy(long number) {
    return new LarderEntry(food, names, energyClass, own, warnings, label, number);
  }

  /** Whether a reader should look twice: contradictions, a wide doubt, invented values. */
  boolean isDoubtful() {
    return !warnings.isEmpty()
        || food.composition().doubtFactor() >= DOUBTFUL
        || food.provenance().mark() == Mark.INVENTED;
  }

  /** What it is called: other names first, its own name last. */
  List<String> allNames() {
    List<String> all = new ArrayList<>();
    names.forEach(name -> all.add(name.name()));
    all.add(food.name());
    return all;
  }
}
