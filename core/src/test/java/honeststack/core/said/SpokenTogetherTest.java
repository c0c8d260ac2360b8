package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What measures no food leaves a list before or behind it as it is, however they are joined. */
class SpokenTogetherTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  @ParameterizedTest
  @ValueSource(
      strings = {
        "Prep 10 min, cook 20",
        "Ready in half an hour",
        "It took me 45 minutes all in",
        "Oven at 90 to keep them warm",
        "Medium heat, number 4 on my hob",
        "Gas mark 2 for keeping warm",
        "Flip at 90 seconds",
        "My pan's 24 across",
        "A 10 inch skillet is right",
        "I've had this iron since 1998",
        "My son is 7 and eats like a horse",
        "I'm 82 and still standing",
        "Version 3, final",
        "Recipe 14 in the blue book",
        "See page 112",
        "Posted 3 March, 57 comments",
        "Rated 4.5 out of 5 by 210 people",
        "It's the 2nd time this week",
        "First made in 1974",
        "Costs about 60p a head",
        "Flour is 89p a bag now",
        "Eggs are up to 3 euros for 10",
        "The whole lot came to 4.20",
        "One pancake is 110 calories",
        "About 25 g carbs each",
        "Roughly 8 g protein in each one",
        "310 kcal a serving, 12 g fat, 38 g carbs, 11 g protein",
        "12 carbs, 1.5 fibre, so 10.5 net",
        "Sodium 240 mg",
        "Two points each",
        "GI is around 60",
        "That's 1 starch exchange",
        "BGL was 7.8 two hours after",
        "I take 4 units for two of these",
        "My target is 45 g of carbs a meal",
        "I'm allowed 1500 a day",
        "Half of them went in the freezer",
        "Three went to the dog",
        "We were 5 at the table",
        "They keep 3 days in the fridge, 2 months frozen",
        "Reheat for 20 seconds at 800 watts",
        "Toast them on setting 3",
        "Whisk for 2 minutes on speed 6",
        "Rest 30 minutes, an hour is better",
        "Overnight, 8 hours at least",
        "I do this every second Sunday",
        "24 hours later it was bubbly",
        "By 7 o'clock they were gone",
        "Class of 28, year 4",
        "Table 6 wants theirs without",
        "Order 211, two stacks",
        "Call me on 555 0142 if you're stuck",
        "Temperature of the batter 24 degrees",
        "The ladle's a number 16",
        "30 kids, one pancake each",
        "24 silver dollars, 3 each",
        "this does 4 of us, two each",
        "six waffles, two a head",
        "2 people, 3 pancakes each",
        "makes enough for 3 people, 2 each",
        "8 persons, 2 each",
        "60 ml per pancake",
        "about 2 tbsp batter per pancake",
        "a ladle per pancake",
        "80 ml ladle per cake, gets 28",
        "each pancake weighs about 60 g",
        "12 waffles of 85 g",
        "each plate gets 2 waffles",
        "one recipe fills the iron five times, 4 hearts each",
        "x 12",
        "portions: 6 (2 pancakes each)",
        "serving size: 3 pancakes",
        "16 mini or 6 full-size",
        "15-ish",
        "ten, if you are careful",
        "makes 10 to 12",
        "yield about 9, each 11 cm",
        "feeds five, with one over for the dog",
        "cuts into 6, so serves 6",
        "there were 22 pancakes, we ate 18",
        "we ate seven and froze five",
        "2 of us had three each",
        "cook 2 minutes on each side",
        "bake at 220 °C for 20 minutes",
        "the pan is cast iron, 28 cm across",
        "rest the batter 30 minutes",
        "keeps 3 days in the fridge",
        "freeze for up to 2 months",
        "I ran 10 km before breakfast",
        "it cost me 3 euros a head",
        "calories: about 110 each",
        "Per pancake: 145 kcal, 6 g protein, 18 g carbs, 5 g fat",
        "Nutrition: 220 kcal, 8 g protein, 30 g carbs, 7 g fat",
        "carbs per stack about 60 g",
        "310 kcal per serving of two",
        "they taste of nothing much on day 2",
        "my gran had 9 children",
        "nobody here is over 12",
        "two pancakes a person is plenty",
        "we were six at the table, and each had two",
        "that is 3 waffles for each of the 4 of us",
        "prep 10 min, cook 15 min",
        "serves 4, ready in 25 minutes",
        "Makes: 6 medium pancakes; Time: 20 minutes; Calories: about 110 each"
      })
  void aSentenceThatMeasuresNothingChangesNothing(String sentence) {
    List<String> wrong = new ArrayList<>();
    for (String join : List.of("; ", ". ", "\n")) {
      for (String text :
          List.of(
              sentence + join + "LIST",
              "LIST" + join + sentence,
              "LIST" + join + sentence + ". Whisk well.")) {
        Told told = telling.read(text.replace("LIST", ToldFoods.LIST));
        List<Told.Line> lines = told.lines().stream().filter(Told.Line::understood).toList();
        String foods = lines.stream().map(Told.Line::text).collect(Collectors.joining(", "));
        if (!foods.equals(ToldFoods.LIST)) {
          wrong.add(text + " → " + foods);
        }
      }
    }
    assertThat(wrong).isEmpty();
  }
}
