package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Batter that is thinned, ground, reckoned or listed in ways of its own. */
class StirredSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk. I also like 1 tsp vanilla extract in it.|egg=100,milk-whole=309,vanilla-extract=4,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It wanted 50 ml water.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp vanilla extract if you have it.|egg=100,milk-whole=309,vanilla-extract=4,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Let down with 50 ml water at the end.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. If using, 1 tsp vanilla extract.|egg=100,milk-whole=309,vanilla-extract=4,wheat-flour-white=200
      Squeeze 300 g grated courgette dry, add 2 eggs|egg=100,zucchini=300
      200 g flour, 2 eggs, 300 ml milk. Then 50 ml milk to get it pouring.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Ended up adding 50 ml more milk.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp vanilla extract wouldn't hurt.|egg=100,milk-whole=309,vanilla-extract=4,wheat-flour-white=200
      Strain 200 ml almond milk, mix with 100 g flour|almond-drink=206,wheat-flour-white=100
      200 g flour, 2 eggs, 300 ml milk. It took 50 ml more milk.|egg=100,milk-whole=361,wheat-flour-white=200
      equal weights of egg, flour and milk: 150 g each|egg=150,milk-whole=150,wheat-flour-white=150
      Whip 2 egg whites, fold into 100 g yoghurt|egg-white=66,yogurt-whole=100
      200 g flour, 2 eggs, 300 ml milk. It was thick so I let it down with 50 ml milk.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp vanilla extract (optional).|egg=100,milk-whole=309,vanilla-extract=4,wheat-flour-white=200
      Scald 300 ml milk, cool, add 7 g dried yeast and 200 g flour|milk-whole=309,wheat-flour-white=200,yeast-dry=7
      200 g flour, 2 eggs, 300 ml milk. Thin it with 50 ml water.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A last 50 ml milk to thin.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. After resting I stir in 50 ml milk.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Slackened with 50 ml milk.|egg=100,milk-whole=361,wheat-flour-white=200
      Drain 250 g ricotta, mix with 2 eggs|egg=100,ricotta-whole=250
      Grate 1 apple into 200 g flour|apple=182,wheat-flour-white=200
      as much milk as flour, 200 g flour|milk-whole=200,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I added 50 ml water before frying.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. And then a further 50 ml of milk.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp vanilla extract for flavour.|egg=100,milk-whole=309,vanilla-extract=4,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Maybe 1 tsp vanilla extract.|egg=100,milk-whole=309,vanilla-extract=4,wheat-flour-white=200
      200 g each of flour and milk, 2 eggs|egg=100,milk-whole=200,wheat-flour-white=200
      Proof 7 g dried yeast in 300 ml warm milk|milk-whole=309,yeast-dry=7
      Boil 300 g potatoes, mash, add 1 egg|egg=50,potato=300
      200 g flour, 2 eggs. I eat the lot, that's nine, with 40 g honey.|egg=100,honey=40@PLATE,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs. She'll have two of them with 40 g honey.|egg=100,honey=40@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs. He has three with 40 g honey and a banana.|banana=118@PLATE,egg=100,honey=40@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs. We like them with 40 g honey.|egg=100,honey=40@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs. I always have mine with 40 g honey.|egg=100,honey=40@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs. I have a bowl with 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      There were fourteen of them so I tripled it. The normal one is 150 g flour, 2 eggs.|egg=300,wheat-flour-white=450
      We were six so I doubled it: usually it's 150 g flour, 2 eggs.|egg=200,wheat-flour-white=300
      1,200 g flour, 2,400 ml milk, 12 eggs|egg=600,milk-whole=2475,wheat-flour-white=1200
      1,200 g flour|wheat-flour-white=1200
      2,400 ml milk, 1,200 g flour|milk-whole=2475,wheat-flour-white=1200
      1.200 g flour, 2.400 ml milk|milk-whole=2475,wheat-flour-white=1200
      makes 48 @ 60 g. Flour 1.4 kg, milk 1.6 l, eggs 10|egg=500,milk-whole=1650,wheat-flour-white=1400;pieces 48
      Flour 1.4 kg, milk 1.6 l, eggs 10. 48 pcs @ 70 g.|egg=500,milk-whole=1650,wheat-flour-white=1400;pieces 48
      48 pcs @ 70 g. Flour 1.4 kg, milk 1.6 l, eggs 10.|egg=500,milk-whole=1650,wheat-flour-white=1400;pieces 48
      9 pcs @ 70 g: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs. 9 pcs @ 70 g. Best so far.|egg=100,wheat-flour-white=200;pieces 9
      ☐ flour 200g⏎☐ eggs x3⏎☑ milk 400ml⏎☐ butter 30g|butter=30,egg=150,milk-whole=412,wheat-flour-white=200
      flour 200g⏎eggs x3⏎milk 400ml⏎butter 30g|butter=30,egg=150,milk-whole=412,wheat-flour-white=200
      - [ ] flour 200g⏎- [x] eggs 3⏎- [ ] milk 400ml|egg=150,milk-whole=412,wheat-flour-white=200
      ✓ flour 200 g⏎✓ 3 eggs|egg=150,wheat-flour-white=200
      50 g flour, 1 egg. That's one portion.|egg=50,wheat-flour-white=50;serves 1
      50 g flour, 1 egg. That's two portions.|egg=50,wheat-flour-white=50;serves 2
      50 g flour, 1 egg. It's one portion.|egg=50,wheat-flour-white=50;serves 1
      150 g flour, 250 ml milk. If it's too thick I add up to 50 ml water.|milk-whole=258,wheat-flour-white=150
      50 g smeltet smør|butter=50
      AP 1200g / BP 48g / BM 1.9L|baking-powder=48,buttermilk=1968,wheat-flour-white=1200
      flour 200 eggs 2 milk 300 oil tablespoon salt pinch|egg=100,milk-whole=309,oil-sunflower=14,salt=0,wheat-flour-white=200
      """;

  @Test
  void readsHowItIsMade() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
