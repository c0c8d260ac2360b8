package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.words.Sought;

/** Fat in which a topping is cooked goes where the topping goes: "bananas fried in 10 g butter". */
public final class CookedAlong {
  private static final Sought COOKED =
      Sought.of(
          "(?:gently |quickly |lightly )?(?:fried|cooked|saut[eé]ed|browned|softened|caramelised|caramelized|stewed"
              + "|warmed|heated|poached|roasted|glazed|tossed|wilted|toasted)(?: gently| quickly)? (?:in|with)");

  private CookedAlong() {}

  /** When places are known. */
  public static void in(Clause clause) {
    for (int i = 1; i < clause.mentions.size(); i++) {
      Mention topping = clause.mentions.get(i - 1);
      Mention fat = clause.mentions.get(i);
      boolean along =
          fat.role() == Role.FAT
              && topping.to <= fat.from
              && topping.role() != Role.EGG
              && topping.role() != Role.FLOUR
              && COOKED.isAll(clause.words(topping.to, fat.from));
      if (along && (topping.place == Place.PLATE || fat.place == Place.PLATE)) {
        topping.place = Place.PLATE;
        fat.place = Place.PLATE;
      }
    }
  }
}
