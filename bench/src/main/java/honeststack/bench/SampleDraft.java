package honeststack.bench;

import honeststack.app.draft.Draft;
import honeststack.app.draft.Draft.DraftGriddle;
import honeststack.app.draft.Draft.DraftLine;
import honeststack.app.draft.Draft.DraftPlate;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.recipe.Recipe.Portioning;
import java.util.List;
import java.util.stream.IntStream;

/** A recipe of up to 30 lines, each of another food, with pan fat and a weight left in the bowl. */
final class SampleDraft {
  private static final List<String> LINES =
      List.of(
          "160 g rye flour, medium",
          "¾ cup all-purpose flour",
          "1/2 cup buckwheat flour",
          "40 g oat flour",
          "3 tbsp ground flaxseed",
          "2 tsp baking powder",
          "½ tsp baking soda",
          "1/2 tsp salt",
          "1 tsp ground cinnamon",
          "2 tbsp cocoa powder",
          "2 tbsp brown sugar",
          "1 tbsp honey",
          "1 1/4 cups buttermilk",
          "100 ml whole milk",
          "3 tbsp plain yogurt",
          "2 large eggs",
          "1 large egg white",
          "28 g unsalted butter",
          "1 tbsp sunflower oil",
          "1 tsp vanilla extract",
          "1 medium pear",
          "1 medium banana",
          "1/2 cup blueberries",
          "30 g chopped walnuts",
          "25 g soft dates",
          "20 g cornmeal",
          "10 g corn starch",
          "15 g tahini",
          "1 tbsp lemon juice",
          "20 g raisins");

  private SampleDraft() {}

  /** The first 25 lines. */
  static Draft draft() {
    return draft(25, 20);
  }

  /** So many of the lines, in so many pieces. */
  static Draft draft(int lines, int pieces) {
    return new Draft(
        Draft.Kind.PANCAKE,
        MeasuringSystem.US,
        IntStream.range(0, lines)
            .mapToObj(i -> new DraftLine("bowl-" + i, LINES.get(i), null))
            .toList(),
        new DraftGriddle(
            pieces,
            1,
            Portioning.LADLE,
            "40 g",
            new DraftLine("pan", "1 tbsp olive oil", null),
            ""),
        new DraftPlate(3.0, List.of(new DraftLine("top", "1 tbsp maple syrup", null))),
        null);
  }
}
