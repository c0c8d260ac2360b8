package honeststack.app.kept;

import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftPreparation;
import honeststack.app.kept.VersionStore.Head;
import honeststack.core.food.Composition;
import honeststack.core.food.Facts;
import honeststack.core.food.Food;
import honeststack.core.food.HouseholdMeasure;
import honeststack.core.food.Packing;
import honeststack.core.food.Provenance;
import honeststack.core.food.Role;
import honeststack.core.line.MassText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.recipe.MeasuredFood;
import honeststack.core.recipe.Preparation;
import honeststack.core.wording.RefusedException;
import java.util.List;
import java.util.Map;

/** The food that a kept version of a preparation is. */
final class PreparedFood {
  private PreparedFood() {}

  static String versionId(Food food) {
    return food.provenance().number();
  }

  /**
   * @param parts what it is made of; what holds for any of them holds for it
   */
  static Food of(Head version, String name, Draft draft, List<MeasuredFood> parts) {
    DraftPreparation stated = draft.preparation();
    String id = Preparation.foodId(version.recipeId());
    Facts facts = parts.stream().map(p -> p.food().facts()).reduce(Facts.NONE, Facts::and);
    return new Food(
        id,
        name,
        stated == null ? Role.ADD_IN : stated.role(),
        stated != null && stated.liquid(),
        Composition.of(id, name, version.number(), 1, Map.of()),
        measures(draft),
        facts,
        new Provenance(
            "a preparation of this kitchen",
            version.id(),
            Provenance.Mark.OWN,
            "Version " + version.number() + "."));
  }

  private static List<HouseholdMeasure> measures(Draft draft) {
    DraftPreparation stated = draft.preparation();
    if (stated == null || stated.cupWeighs().isBlank()) {
      return List.of();
    }
    try {
      Measure cup = MassText.read(stated.cupWeighs());
      double grams = cup.amount() * cup.unit().grams();
      double millilitres = Unit.CUP.millilitres(draft.system());
      return List.of(new HouseholdMeasure.Volume(millilitres, Packing.NOT_SAID, grams));
    } catch (RefusedException | IllegalArgumentException notAWeight) {
      return List.of(); // said on its bench, as a problem of the field
    }
  }
}
