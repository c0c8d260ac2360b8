package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.line.Place;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.told.Told;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whole recipes put together by chance, told in prose, without a point, and on a page. */
class SpokenRecipesTest {
  private static final int TEXTS = 150;

  /** Words for one food, and what they weigh by hand, g (a US cup 236.6 mL, an ounce 28.35 g). */
  private static final String FOODS =
      """
      wheat-flour-white|two hundred grams of flour=200|200g of plain flour=200|8 oz flour=227
      egg|two eggs=100|a couple of eggs=100|three eggs=150
      milk-whole|300 ml of milk=309|a cup of milk=244|three hundred mils of milk=309
      sugar-white|30 g sugar=30|thirty grams of sugar=30|two tablespoons of sugar=25
      baking-powder|a teaspoon of baking powder=4.6|2 tsp baking powder=9.2
      salt|a pinch of salt=0.4|half a teaspoon of salt=3
      butter|50 g melted butter=50|fifty grams of butter=50|two tablespoons of melted butter=28
      banana|one mashed banana=118|a ripe banana=118
      oats-rolled|forty grams of oats=40|half a cup of oats=41
      """;

  private static final List<String> OPENINGS =
      lines(
          "So I usually start with |First I take |What I do is I take |Right, you need |Put "
              + "|In a bowl I mix |I whisk together |Okay so it's |We always do |Into the bowl go ");

  private static final List<String> JOINTS =
      lines(
          ", | and |, then | plus | and then | along with |, I add |. Then I add |. In goes "
              + "|. Whisk in |. After that | & |. Stir in |. Next comes ");

  private static final List<String> CHATTER =
      lines(
          "| Let it rest for ten minutes.| Whisk till smooth.| Don't overmix.| That's the batter."
              + "| It should be like thick cream.| My nan never weighed anything in her life.");

  private static final List<String> PANS =
      lines(
          "| I fry them in a tablespoon of butter.=butter,14| The pan gets a teaspoon of"
              + " oil.=oil-sunflower,4.5| For the pan I use 1 tbsp oil.=oil-sunflower,13.6"
              + "| Cook in a dry pan.");

  private static final List<String> PLATES =
      lines(
          "| On top goes 100 g of blueberries.=blueberries,100| I serve them with two tablespoons"
              + " of maple syrup.=maple-syrup,40| We have them with 50 g of jam.=jam,50");

  private static final List<String> YIELDS =
      lines(
          "| Makes eight.=8| I get ten out of it.=10| You get about 12 small ones.=12"
              + "| Makes 10, serves 4.=10");

  private final Listener listener = new Listener();
  private Random random;

  private record Item(String food, String words, double grams, Place place) {}

  private record Recipe(String text, List<Item> items, Optional<Double> pieces) {}

  private static List<String> lines(String between) {
    return List.of(between.split("\\|", -1));
  }

  private String any(List<String> of) {
    return of.get(random.nextInt(of.size()));
  }

  private List<Item> batter() {
    List<Item> items = new ArrayList<>();
    List<String> foods = new ArrayList<>(FOODS.lines().toList());
    Collections.shuffle(foods, random);
    for (String food : foods.subList(0, 2 + random.nextInt(4))) {
      List<String> parts = lines(food);
      String[] said = any(parts.subList(1, parts.size())).split("=");
      items.add(new Item(parts.get(0), said[0], Double.parseDouble(said[1]), Place.NOT_SAID));
    }
    return items;
  }

  /** A sentence with the food that it names, if it names one. */
  private String sentence(List<String> of, Place place, List<Item> items) {
    String[] said = any(of).split("=");
    if (said.length > 1) {
      String[] food = said[1].split(",");
      boolean twice = items.stream().anyMatch(item -> item.food().equals(food[0]));
      if (twice) {
        return "";
      }
      items.add(new Item(food[0], said[0], Double.parseDouble(food[1]), place));
    }
    return said[0];
  }

  private Recipe prose(boolean dictated) {
    List<Item> items = batter();
    StringBuilder text = new StringBuilder(any(OPENINGS));
    for (int i = 0; i < items.size(); i++) {
      text.append(i == 0 ? "" : any(JOINTS)).append(items.get(i).words());
    }
    text.append('.').append(any(CHATTER));
    text.append(sentence(PANS, Place.PAN, items)).append(sentence(PLATES, Place.PLATE, items));
    String[] yield = any(YIELDS).split("=");
    text.append(yield[0]);
    String said =
        dictated ? text.toString().replaceAll("[.,:]", "").toLowerCase() : text.toString();
    return new Recipe(said, items, yielded(yield));
  }

  private Recipe page() {
    List<Item> items = batter();
    String bullet = any(lines("|- |• |* |– "));
    StringBuilder text =
        new StringBuilder(any(lines("Weekend Pancakes|EASY WAFFLES|Gran's scones")));
    String[] yield = any(lines("|Makes 8=8|Yield: 12 pancakes=12|(makes about 14)=14")).split("=");
    text.append('\n').append(yield[0]).append("\n\n");
    text.append(any(lines("Ingredients|For the batter:|## Ingredients|**You will need**|BATTER:")));
    items.forEach(item -> text.append('\n').append(bullet).append(item.words()));
    text.append('\n').append(any(lines("Topping|To serve:|## Toppings|For the topping")));
    Item top = new Item("honey", "1 tbsp honey", 21, Place.PLATE);
    items.add(top);
    text.append('\n').append(bullet).append(top.words());
    text.append("\n\n").append(any(lines("Method|Directions:|## Method|How to make them")));
    text.append("\n1. Whisk the dry ingredients.\n2. Add the wet and rest for 20 minutes.");
    text.append("\n3. Fry in a hot pan for 2 minutes each side.\nNotes: keeps 2 days.");
    return new Recipe(text.toString(), items, yielded(yield));
  }

  private static Optional<Double> yielded(String[] said) {
    return said.length > 1 ? Optional.of(Double.valueOf(said[1])) : Optional.empty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"prose", "dictated", "page"})
  void everyPartIsUnderstood(String kind) {
    random = new Random(20261127);
    List<String> wrong = new ArrayList<>();
    for (int i = 0; i < TEXTS; i++) {
      Recipe recipe = kind.equals("page") ? page() : prose(kind.equals("dictated"));
      List<String> misses = misses(recipe);
      if (!misses.isEmpty()) {
        wrong.add(recipe.text() + " → " + misses);
      }
    }
    assertThat(wrong).hasSizeLessThanOrEqualTo(TEXTS / 50);
  }

  private List<String> misses(Recipe recipe) {
    Told told = listener.told(recipe.text());
    List<String> misses = new ArrayList<>();
    List<Item> left = new ArrayList<>(recipe.items());
    for (Told.Line line : told.lines()) {
      LineReading reading = listener.reading(line);
      if (!(reading instanceof Understood read)
          || !left.removeIf(item -> isSame(item, read, line.place()))) {
        misses.add("also " + line.text());
      }
    }
    left.forEach(item -> misses.add("lacks " + item.words()));
    recipe
        .pieces()
        .filter(n -> told.pieces().isEmpty() || told.pieces().get().low() != n)
        .ifPresent(n -> misses.add("makes " + told.pieces()));
    return misses;
  }

  /** A cup of flour or a pinch is as much as people differ over. */
  private static boolean isSame(Item item, Understood read, Place place) {
    double off = Math.abs(read.mass().value() / item.grams() - 1);
    return item.food().equals(read.food().id()) && off < 0.15 && place == item.place();
  }
}
