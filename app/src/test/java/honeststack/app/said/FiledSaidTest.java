package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * What was eaten of a batch, figures of a portion or a body, dates and numbers that a text is filed
 * under, two versions in one text.
 */
class FiledSaidTest {
  private static final String TEXTS =
      """
      A: 200 g flour, 5 g baking powder. B: 2 eggs, 300 ml milk. Mix A and B.|baking-powder=5,egg=100,milk-whole=309,wheat-flour-white=200
      Breakfast: 2 pancakes out of a batch of 8 made with 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      I ate 2 of the 8. 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk made 8, I had 3 with 20 g maple syrup|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 8 pancakes. I had three, with 10 g butter and 20 g maple syrup.|butter=10@PLATE,egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk → 8, of which I ate 2|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      My portion was 2 of 8: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs. I ate half.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. Ate half, froze half.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. Two thirds eaten, rest in the freezer.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs; half of the pancakes left over|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, split between two of us|egg=100,wheat-flour-white=200;serves 2
      200 g flour, 2 eggs, shared with my son|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, divided by 4|egg=100,wheat-flour-white=200;serves 4
      200 g flour, 2 eggs; I eat the lot|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. 410 kcal each he says.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. App says 320 kcal, 12 g protein, 40 g carbs.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. That's 25 g carbs per pancake for 6 pancakes.|egg=100,wheat-flour-white=200;pieces 6
      200 g flour, 2 eggs. I dosed for 50 g carbs and was 9.2 after 2 h.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. BG 6.1 before, 8.4 after.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. 1:10 ratio, 4 units.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. Weighed 72.4 kg this morning.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. Target: 30 g protein, under 50 g carbs.|egg=100,wheat-flour-white=200
      Goal 30 g protein. 200 g flour, 2 eggs.|egg=100,wheat-flour-white=200
      I need 30 g of protein and 8 g fibre at breakfast. 200 g flour, 2 eggs.|egg=100,wheat-flour-white=200
      Must stay below 45 g carbohydrate per portion: 200 g flour, 2 eggs.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. Fat was too high at 20 g a serving.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. Sugar is 4 g per pancake by my sums.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. Protein 6 g, sugar 4 g, salt 0.5 g each.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 30 g whey (24 g protein)|egg=100,wheat-flour-white=200,whey-protein=30
      200 g flour, 2 eggs. Cost 1.20 all in.|egg=100,wheat-flour-white=200
      200 g flour (0.20), 2 eggs (0.60), 300 ml milk (0.30)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour £0.20, 2 eggs £0.60|egg=100,wheat-flour-white=200
      Flour 200 g (72 % of the dry), eggs 2|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs. pH was fine. 22 °C kitchen, rest 30 min.|egg=100,wheat-flour-white=200
      Batch no. 14, 29.11.2026: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Test 3b: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Trial #7 - 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Recipe 2 of 5: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      p. 34: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Sun 29 Nov: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      2026-11-29: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      8 am: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      08:15 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Day 3: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Week 2 day 5, 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Rated 4/5. 200 g flour, 2 eggs.|egg=100,wheat-flour-white=200
      9/10 would make again. 200 g flour, 2 eggs.|egg=100,wheat-flour-white=200
      My 5 star recipe: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      3-ingredient pancakes: 200 g oats, 2 eggs, 1 banana (100 g)|banana=100,egg=100,oats-rolled=200
      10 minute pancakes: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      1-bowl pancakes, 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      5-a-day pancakes: 200 g flour, 2 eggs, 100 g spinach|egg=100,spinach=100,wheat-flour-white=200
      30 g protein pancakes: 60 g oats, 2 eggs, 30 g whey|egg=100,oats-rolled=60,whey-protein=30
      400 calorie pancakes: 60 g oats, 2 eggs|egg=100,oats-rolled=60
      Lunch: three of nine small ones from 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. My share: 3 of 9.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. I finished a third, the kids the rest.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Half went to the neighbours.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. About a third is still in the fridge.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Only ate two.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Carbs were 24 g each.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Fibre only came to 3 g a portion.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The sugar works out at 2 g per pancake.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Salt per portion: 0.4 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. So 38 g carbs and 9 g protein in mine.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 4 units covered it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Sugar went from 6 to 9 an hour later.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Reading two hours after: 7.8.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I'm on 1600 calories so that's a quarter gone.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Paid 4.50 for all of it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Each one is 13 cm across and 8 mm thick.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. First batch 2 min a side, the others 90 s.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The scale read 612 with the bowl, 112 without.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Bowl weighs 412 g.|egg=100,milk-whole=309,wheat-flour-white=200
      Tare 412 g. 200 g flour, 2 eggs.|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My ladle holds 80 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Used the 60 ml scoop.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk in a 2 litre bowl|egg=100,milk-whole=309,wheat-flour-white=200
      Version A: 200 g flour, 2 eggs, 300 ml milk. Version B: 150 g flour, 3 eggs, 250 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      A: 200 g flour, 2 eggs. B: 150 g oat flour, 3 eggs.|egg=100,wheat-flour-white=200
      Recipe 1: 200 g flour, 2 eggs, 300 ml milk⏎Recipe 2: 150 g flour, 3 eggs, 250 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Old: 200 g flour, 2 eggs, 300 ml milk. New: 150 g flour, 3 eggs, 250 ml milk.|egg=150,milk-whole=258,wheat-flour-white=150
      Before: 50 g sugar, 100 g butter. Now: 20 g sugar, 50 g butter.|butter=50,sugar-white=20
      Classic⏎200 g flour⏎2 eggs⏎300 ml milk⏎⏎Lighter⏎100 g flour⏎2 eggs⏎150 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Mine: 200 g flour, 2 eggs, 300 ml milk. Hers: 250 g flour, 4 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      For waffles: 200 g flour, 2 eggs, 100 g butter, 200 ml milk. For pancakes: 200 g flour, 2 eggs, 300 ml milk.|butter=100,egg=100,milk-whole=206,wheat-flour-white=200
      Thick: 200 g flour, 2 eggs, 250 ml milk. Thin: 200 g flour, 2 eggs, 400 ml milk.|egg=100,milk-whole=258,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk vs 150 g flour, 3 eggs, 250 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Option 1: 200 g flour, 2 eggs. Option 2: 180 g flour, 3 eggs. Option 3: 160 g flour, 4 eggs.|egg=100,wheat-flour-white=200
      Sponge: 100 g flour, 100 ml milk, 2 g yeast dry. Dough: 100 g flour, 2 eggs, 200 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200,yeast-dry=2
      Night before: 100 g flour, 100 ml water, 5 g yeast dry. Morning: 100 g flour, 2 eggs, 100 ml milk.|egg=100,milk-whole=103,water=100,wheat-flour-white=200,yeast-dry=5
      Version 1 was 250 g flour, 3 eggs, 400 ml milk. Version 2 is 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Plain: 200 g flour, 2 eggs, 300 ml milk⏎Chocolate: 180 g flour, 20 g cocoa, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Trial 1: 200 g flour, 2 eggs, 300 ml milk, 8 pcs. Trial 2: 220 g flour, 2 eggs, 300 ml milk, 9 pcs.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      With 2 eggs: 200 g flour, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void numbersOfOtherThingsMeasureNothing() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
