package honeststack.app.larder;

import honeststack.app.label.LabelForm;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import java.util.List;

/** What is stored of a food besides its name and its composition revisions. */
record FoodBody(
    Role role,
    boolean liquid,
    Facts facts,
    List<MeasureRow> measures,
    List<LarderEntry.Name> names,
    Provenance provenance,
    String energyClass,
    List<String> warnings,
    LabelForm label) {

  static FoodBody of(LarderEntry entry) {
    Food food = entry.food();
    return new FoodBody(
        food.role(),
        food.liquid(),
        food.facts(),
        food.measures().stream().map(MeasureRow::of).toList(),
        entry.names(),
        food.provenance(),
        entry.energyClass(),
        entry.warnings(),
        entry.label());
  }

  /** What a row of a file can say of a food. */
  FoodBody asInFile() {
    return new FoodBody(
        role, liquid, facts, measures, names, provenance, energyClass, List.of(), null);
  }

  LarderEntry entry(String id, String name, boolean own, Composition composition, long change) {
    return new LarderEntry(
        new Food(
            id,
            name,
            role,
            liquid,
            composition,
            measures.stream().map(MeasureRow::measured).toList(),
            facts,
            provenance),
        names,
        energyClass,
        own,
        warnings,
        label,
        change);
  }
}
