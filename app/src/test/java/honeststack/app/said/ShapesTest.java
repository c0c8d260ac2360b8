package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.line.Place;
import honeststack.core.recipe.LineReading;
import honeststack.core.recipe.LineReading.NotMeasured;
import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.told.Told;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * The same foods in every shape in which cooks put amounts and names together, list them, place
 * them, and leave them out. Masses by hand: USDA household measures (from memory), a tenth off at
 * most; milk 1.03 g/mL.
 */
class ShapesTest {
  private static final List<Item> ITEMS =
      List.of(
          new Item("200 g", "plain flour", "wheat-flour-white", 200),
          new Item("2 tbsp", "sugar", "sugar-white", 25),
          new Item("2", "eggs", "egg", 100),
          new Item("300 ml", "milk", "milk-whole", 309),
          new Item("½ tsp", "salt", "salt", 3),
          new Item("1½ cups", "almond milk", "almond-drink", 366));

  private static final List<String> FORMS =
      List.of(
          "A N",
          "A of N",
          "N A",
          "N: A",
          "N (A)",
          "N - A",
          "N – A",
          "N = A",
          "N, A",
          "about A N",
          "A of the N",
          "my A of N",
          "N .... A");

  private static final List<String> JOINTS =
      List.of(
          ", ",
          ",",
          " and ",
          "; ",
          " + ",
          " & ",
          " / ",
          " plus ",
          ", then ",
          ", and ",
          " | ",
          "\n",
          "\n- ",
          " followed by ");

  private static final List<String> AROUND =
      List.of("X", "so X", "You need X", "Mix X till smooth", "In a bowl, whisk X.", "X, makes 8");

  private static final String BATTER = "200 g flour, 2 eggs and 300 ml cream. ";
  private static final String IN_ONE = "200 g flour, 2 eggs, 300 ml cream, ";

  private final Listener listener = new Listener();

  private record Item(String amount, String name, String id, double grams) {
    String in(String form) {
      return form.replace("N", "\u0001").replace("A", amount).replace("\u0001", name);
    }
  }

  /** Grams by place and food; a food that is only named has none. */
  private record Got(Map<String, Double> masses, boolean asked) {
    boolean has(Place place, Item item) {
      double mass = masses.getOrDefault(place + " " + item.id(), 0.0);
      return mass > 0.9 * item.grams() && mass < 1.1 * item.grams();
    }
  }

  private Got read(String text) {
    Told told = listener.told(text);
    Map<String, Double> masses = new TreeMap<>();
    boolean asked = false;
    for (Told.Line line : told.lines()) {
      LineReading reading = listener.reading(line);
      if (!line.understood()) {
        asked = true;
      } else if (reading instanceof Understood food) {
        masses.merge(line.place() + " " + food.food().id(), food.mass().value(), Double::sum);
      } else {
        asked = true;
        if (reading instanceof NotMeasured food) {
          masses.merge(line.place() + " " + food.food().id(), 0.0, Double::sum);
        }
      }
    }
    return new Got(masses, asked);
  }

  @Test
  void anAmountAndItsFoodAreOneInEveryShape() {
    List<String> wrong = new ArrayList<>();
    int turn = 0;
    for (String form : FORMS) {
      for (String joint : JOINTS) {
        String around = AROUND.get(turn % AROUND.size());
        int from = turn++ % (ITEMS.size() - 2);
        List<Item> items = ITEMS.subList(from, from + 3);
        String list = String.join(joint, items.stream().map(item -> item.in(form)).toList());
        String text = joint.contains("\n") ? list : around.replace("X", list);
        Got got = read(text);
        boolean all = items.stream().allMatch(item -> got.has(Place.NOT_SAID, item));
        if (!all || got.asked() || got.masses().size() != items.size()) {
          wrong.add(text.replace('\n', '⏎') + " → " + got);
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  private static List<String> lines(String text) {
    return text.lines().map(String::strip).toList();
  }

  private void placed(List<String> shapes, Item item, Place place) {
    List<String> wrong = new ArrayList<>();
    for (String shape : shapes) {
      for (String before : List.of(BATTER, IN_ONE, "")) {
        String text = before + item.in(shape);
        Got got = read(text);
        boolean batter = before.isEmpty() || got.masses().containsKey("NOT_SAID egg");
        int foods = before.isEmpty() ? 1 : 4;
        if (!got.has(place, item) || !batter || got.asked() || got.masses().size() != foods) {
          wrong.add(text + " → " + got);
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void panFatGoesIntoThePan() {
    String shapes =
        """
        A N for the pan
        fry in A N
        fry them in A of N
        in the pan A N
        grease with A N
        A N to grease the pan
        pan: A N
        Melt A N in a frying pan
        brush the iron with A N
        oil the iron with A N
        N for the pan, A
        N for frying: A
        plus A N for the griddle
        the pan gets A N
        A N (for the pan)
        swirl A N round the pan
        A N to cook them in
        """;
    placed(lines(shapes), new Item("2 tsp", "sunflower oil", "oil-sunflower", 9), Place.PAN);
  }

  @Test
  void whatGoesOnTopGoesOnThePlate() {
    String shapes =
        """
        top with A N
        A N on top
        on top A N
        to serve: A N
        A N to serve
        A N (to serve)
        A N over the top
        A N over them
        drizzle A N over
        scatter over A N
        with A N on top
        and on top A N
        I have mine with A N
        each one gets A N
        smother with A N
        serve them with A N
        N on top, A
        A N as a topping
        garnish with A N
        """;
    placed(lines(shapes), new Item("50 g", "blueberries", "blueberries", 50), Place.PLATE);
  }

  @Test
  void whatIsLeftOutOrSwappedIsNeverThere() {
    String shapes =
        """
        A N instead of sugar
        A N in place of the sugar
        A N rather than sugar
        replace the sugar with A N
        swap the sugar for A N
        no sugar but A N
        A N (no sugar)
        A N, not sugar
        instead of the sugar I use A N
        sugar replaced by A N
        A N replaces all the sugar
        the sugar can be swapped for A N
        sub A N for the sugar
        A N to replace the sugar
        sugar out, A N in
        sugar -> A N
        drop the sugar, use A N
        for the sugar, use A N
        out of sugar so A N
        ditch the sugar, add A N
        A N where it says sugar
        mum used sugar, I use A N
        sugar: none, A N
        we don't use any sugar, A N
        0 g sugar, A N
        """;
    Item item = new Item("60 g", "apple sauce", "applesauce", 60);
    List<String> wrong = new ArrayList<>();
    for (String shape : lines(shapes)) {
      for (String before : List.of(BATTER, IN_ONE, "")) {
        String text = before + item.in(shape);
        Got got = read(text);
        boolean excluded = got.masses().keySet().stream().noneMatch(id -> id.contains("sugar"));
        if (!got.has(Place.NOT_SAID, item) || !excluded || got.asked()) {
          wrong.add(text + " → " + got);
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void anAmountThatIsTakenBackIsNotCounted() {
    String shapes =
        """
        300 ml milk, no, 200 ml
        300 ml milk... actually 200 ml
        300 ml milk no 200
        300, no, 200 ml milk
        three hundred sorry two hundred ml milk
        not 300 but 200 ml of milk
        not 300 ml of milk but 200
        200 ml milk, not 300
        200 ml milk (not 300)
        300 ml milk, or rather 200 ml
        300 ml milk, well, 200 ml really
        it says 300 ml milk but I use 200 ml
        I wrote 300 ml milk but meant 200 ml
        milk: 300 ml -> 200 ml
        cut the milk from 300 ml to 200 ml
        200 ml milk instead of 300
        200 ml instead of 300 ml of milk
        200 ml milk, down from 300 ml
        200 ml of milk (the book says 300)
        used to be 300 ml milk, now 200 ml
        300 ml milk minus 100 ml
        100 ml milk plus another 100 ml
        100 ml milk, then 100 ml more
        200 ml of either milk or water
        200 ml milk, alternatively water
        milk (or water) 200 ml
        """;
    Item milk = new Item("", "", "milk-whole", 206);
    List<String> wrong = new ArrayList<>();
    for (String shape : lines(shapes)) {
      for (String before : List.of("", "200 g flour and 2 eggs. ", "200 g flour, 2 eggs, ")) {
        Got got = read(before + shape);
        int foods = before.isEmpty() ? 1 : 3;
        if (!got.has(Place.NOT_SAID, milk) || got.asked() || got.masses().size() != foods) {
          wrong.add(before + shape + " → " + got);
        }
      }
    }
    assertThat(wrong).isEmpty();
  }
}
