package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What was said and taken back, mistaken, left out, or stands in for something else. */
class TurnedSaidTest {
  private static final String TEXTS =
      """
      1 can (400 g) pumpkin, half of it|pumpkin=200
      1 can pumpkin (425 g), use half|pumpkin=212
      400 g pumpkin, half of it|pumpkin=200
      a 200 g tub of ricotta, half of it|ricotta-whole=100
      2 eggs and a 400 g tin of pumpkin, only half of it|egg=100,pumpkin=200
      250 g quark, about half of it|quark-lean=125
      250 g mascarpone, a third of it|mascarpone=83
      1 can (400 g) pumpkin, three quarters of it|pumpkin=300
      100 g blueberries, half of them|blueberries=50
      200 g quark, the 20 percent one|quark-half=200
      200 g quark, the 20 % one|quark-half=200
      200 g quark, the lean one|quark-lean=200
      200 ml milk, the 2 % kind|milk-reduced-fat=206
      200 ml milk, the full-fat one|milk-whole=206
      200 ml milk, the skimmed one|milk-skim=206
      150 g greek yogurt, the 0 % one|yogurt-greek-skim=150
      150 g greek yogurt, the full fat kind|yogurt-greek-whole=150
      100 g cottage cheese, the low-fat sort|cottage-cheese-lowfat=100
      200 ml coconut milk, the light one|coconut-milk-light=200
      30 g powdered allulose|allulose=30
      30 g powdered erythritol|erythritol=30
      30 g powdered xylitol|xylitol=30
      30 g granulated erythritol|erythritol=30
      30 g erythritol powder|erythritol=30
      30 g allulose granules|allulose=30
      30 g xylitol crystals|xylitol=30
      an apple, about 120 g once cored|apple=120
      an apple, about 120 g once it is cored|apple=120
      1 apple, 120 g when cored|apple=120
      a grated apple, about 120 g once it's cored|apple=120
      a carrot, grated, 80 g once peeled|carrot=80
      a banana, say 100 g once it's out of its skin|banana=100
      2 bananas, about 220 g once peeled|banana=220
      a courgette, which is 200 g once topped and tailed|zucchini=200
      We put a grated apple in, about 120 g.|apple=120
      We always put a grated apple in, about 120 g of it.|apple=120
      80 g cottage cheese, blended with the eggs, of which I use three|cottage-cheese=80,egg=150
      Whisk the eggs, of which there are three, with 200 ml milk|egg=150,milk-whole=206
      Beat the eggs (three of them) with 200 ml milk|egg=150,milk-whole=206
      Beat the eggs, three of them, with 200 ml milk|egg=150,milk-whole=206
      the eggs, of which you need 2, and 100 g flour|egg=100,wheat-flour-white=100
      Add the milk, of which you need 300 ml|milk-whole=309
      Rub in the butter, of which there should be 50 g|butter=50
      Sift the flour, all 200 g of it, over 2 eggs|egg=100,wheat-flour-white=200
      5 g baking powder — no, baking soda!|baking-soda=5
      5 g baking powder – no, baking soda|baking-soda=5
      5 g baking powder, no, baking soda|baking-soda=5
      5 g baking powder... no, baking soda|baking-soda=5
      5 g baking powder - sorry, baking soda|baking-soda=5
      5 g baking powder. No, baking soda.|baking-soda=5
      40 g honey — no wait, maple syrup|maple-syrup=40
      40 g honey, no hang on, maple syrup|maple-syrup=40
      40 g honey, er, maple syrup|maple-syrup=40
      40 g honey – I mean maple syrup|maple-syrup=40
      200 ml milk (no! buttermilk)|buttermilk=206
      200 ml milk — buttermilk, rather|buttermilk=206
      200 ml milk, or rather buttermilk|buttermilk=206
      200 g flour – wholemeal, I should say|wheat-flour-whole=200
      Crumble 60 g of feta over the courgette ones when they come out.|feta=60@PLATE
      Crumble 60 g feta over the hot pancakes.|feta=60@PLATE
      Pour 40 g honey over them once they are stacked|honey=40@PLATE
      60 g feta crumbled over the spinach ones|feta=60@PLATE
      Spoon 100 g yogurt over the cooked waffles|yogurt-whole=100@PLATE
      5 g baking powder. Sorry, baking soda.|baking-soda=5
      5 g baking powder. I mean baking soda.|baking-soda=5
      200 ml milk – no, buttermilk|buttermilk=206
      200 ml milk. No, buttermilk.|buttermilk=206
      200 g flour, no, rye flour, 2 eggs|egg=100,rye-flour-medium=200
      40 g honey no, maple syrup|maple-syrup=40
      40 g butter, no sugar, 2 eggs|butter=40,egg=100
      40 g butter. No sugar.|butter=40
      40 g butter, no oil|butter=40
      200 g flour, 40 g honey, no, agave|agave-syrup=40,wheat-flour-white=200
      40 g honey… no, agave|agave-syrup=40
      30 g raisins (no, currants)|currants-dried=30
      30 g raisins (sorry, currants)|currants-dried=30
      30 g raisins (I mean currants)|currants-dried=30
      200 ml milk – buttermilk, I mean|buttermilk=206
      200 ml milk, buttermilk I mean|buttermilk=206
      200 ml milk. Buttermilk, I mean.|buttermilk=206
      200 ml milk. Buttermilk, sorry.|buttermilk=206
      2 tsp cinnamon, well, nutmeg|nutmeg=4
      2 eggs, no, 3|egg=150
      2 eggs, no: 3|egg=150
      200 g flour, oops, sugar|sugar-white=200
      1 tbsp vinegar, no, lemon juice, in 250 ml milk|lemon-juice=15,milk-whole=258
      200g Mehl, 2 Eier (ca. 10 Stk)|egg=100,wheat-flour-white=200;pieces 10
      Crêpes (ca. 10 Stk)⏎200g Mehl|wheat-flour-white=200;pieces 10
      Crêpes (10 Stück)⏎200g Mehl|wheat-flour-white=200;pieces 10
      Pfannkuchen (8 Stk.)⏎200g Mehl|wheat-flour-white=200;pieces 8
      Tortitas (unas 10 unidades)⏎200 g flour|wheat-flour-white=200;pieces 10
      Pancakes (approx. 12 pcs)⏎200 g flour|wheat-flour-white=200;pieces 12
      Waffles (gives 8)⏎200 g flour|wheat-flour-white=200;pieces 8
      Waffles (yield: 8)⏎200 g flour|wheat-flour-white=200;pieces 8
      Waffles x 8⏎200 g flour|wheat-flour-white=200;pieces 8
      The recipe said 3 eggs, mine were huge duck eggs so I used two.|egg-duck=140
      The card says 3 eggs but mine are big so 2|egg=100
      It says 100 g sugar, I used honey, 60 g|honey=60
      It says 100 g sugar, I used 60 g honey|honey=60
      The book wants 200 g flour, I take 180 g spelt|spelt-flour=180
      The book wants cream, 200 ml, but I use 200 ml milk|milk-whole=206
      The packet says 2 eggs, I use 3|egg=150
      Mash 3 overripe bananas (peeled weight 300 g) and whisk with 3 eggs.|banana=300,egg=150
      3 bananas (300 g peeled)|banana=300
      3 bananas (peeled: 300 g)|banana=300
      3 bananas (net 300 g)|banana=300
      3 bananas, peeled weight 300 g, and 2 eggs|banana=300,egg=100
      3 bananas, weight without skins 300 g|banana=300
      2 apples (cored weight 250 g)|apple=250
      1 mango (flesh 200 g)|mango=200
      1 avocado (about 140 g flesh)|avocado=140
      2 courgettes (trimmed weight 250 g)|zucchini=250
      3 bananas weighing 300 g without the peel|banana=300
      3 bananas = 300 g|banana=300
      3 bananas: 300 g of flesh|banana=300
      zest of 1 lemon and 1 tbsp of its juice|lemon-juice=15,lemon-zest=6
      1 lemon: the zest and 2 tbsp juice|lemon-juice=31,lemon-zest=6
      1 lemon, zest and juice|lemon-juice=48,lemon-zest=6
      without eggs: 1 tbsp cornflour + 2 tbsp water per egg, for 2 eggs|corn-starch=16,water=60
      egg replacement for 2 eggs: 2 tbsp flaxseed, 6 tbsp water|flaxseed-ground=14,water=90
      60 g yogurt per egg, 2 eggs replaced|yogurt-whole=120
      no eggs: 60 g yogurt per egg, so 120 g|yogurt-whole=120
      flour:milk:egg 100 g:200 ml:1|egg=50,milk-whole=206,wheat-flour-white=100
      flour:milk 100 g:200 ml|milk-whole=206,wheat-flour-white=100
      flour / milk / egg: 100 g / 200 ml / 1|egg=50,milk-whole=206,wheat-flour-white=100
      flour, milk, egg: 100 g, 200 ml, 1|egg=50,milk-whole=206,wheat-flour-white=100
      flour – milk – egg = 100 g – 200 ml – 1|egg=50,milk-whole=206,wheat-flour-white=100
      200 ml milk, 300 g flour... no wait, other way round: 200 g flour and 300 ml milk.|milk-whole=309,wheat-flour-white=200
      300 g flour, 200 ml milk, sorry I mixed them up, 200 g flour, 300 ml milk|milk-whole=309,wheat-flour-white=200
      300 g flour and 200 ml milk – scrap that, 200 g flour and 300 ml milk|milk-whole=309,wheat-flour-white=200
      300 g flour, 2 eggs. No, 200 g flour, 3 eggs.|egg=150,wheat-flour-white=200
      300 g flour, 2 eggs... sorry, 200 g flour and 3 eggs|egg=150,wheat-flour-white=200
      300 g flour and 2 eggs, I mean 200 g flour and 3 eggs|egg=150,wheat-flour-white=200
      egg substitute for 2 eggs: 2 tbsp flaxseed + 6 tbsp water|flaxseed-ground=14,water=90
      replacement for 2 eggs: 120 g yogurt|yogurt-whole=120
      replacing 2 eggs: 120 g yogurt|yogurt-whole=120
      to replace 2 eggs: 120 g yogurt|yogurt-whole=120
      stand-in for 2 eggs: 120 g yogurt|yogurt-whole=120
      in lieu of 2 eggs: 120 g yogurt|yogurt-whole=120
      equal to 2 eggs: 120 g yogurt|yogurt-whole=120
      equivalent of 2 eggs: 120 g yogurt|yogurt-whole=120
      120 g yogurt (replaces 2 eggs)|yogurt-whole=120
      120 g yogurt (= 2 eggs)|yogurt-whole=120
      120 g yogurt (stands in for 2 eggs)|yogurt-whole=120
      120 g yogurt (for the 2 eggs)|yogurt-whole=120
      120 g yogurt as egg replacement|yogurt-whole=120
      120 g yogurt as a substitute for 2 eggs|yogurt-whole=120
      120 g yogurt in the place of 2 eggs|yogurt-whole=120
      120 g yogurt, which replaces 2 eggs|yogurt-whole=120
      120 g yogurt acting as 2 eggs|yogurt-whole=120
      120 g yogurt does the job of 2 eggs|yogurt-whole=120
      120 g yogurt taking the place of two eggs|yogurt-whole=120
      120 g applesauce where the 2 eggs were|applesauce=120
      the 2 eggs became 120 g yogurt|yogurt-whole=120
      2 eggs out, 120 g yogurt in|yogurt-whole=120
      2 eggs → 120 g yogurt|yogurt-whole=120
      minus 2 eggs, plus 120 g yogurt|yogurt-whole=120
      sub 2 eggs w/ 120 g yogurt|yogurt-whole=120
      subbed the 2 eggs with 120 g yogurt|yogurt-whole=120
      subbed 120 g yogurt for the 2 eggs|yogurt-whole=120
      substituted 120 g yogurt for 2 eggs|yogurt-whole=120
      traded the 2 eggs for 120 g yogurt|yogurt-whole=120
      2 flax eggs (2 tbsp ground flax, 6 tbsp water)|flaxseed-ground=14,water=90
      2 "eggs" = 2 tbsp ground flax + 6 tbsp water|flaxseed-ground=14,water=90
      vegan egg x2 (30 g chickpea flour + 60 ml water)|chickpea-flour=30,water=60
      the zest of an orange and 2 tbsp of its juice|orange-juice=31,orange-zest=8
      3 bananas that came to 300 g|banana=300
      can't do egg so 60 g apple sauce each for the 2 eggs|applesauce=120
      60 g applesauce each for the 2 eggs|applesauce=120
      60 g applesauce for each of the 2 eggs|applesauce=120
      60 g applesauce in place of each of the 2 eggs|applesauce=120
      2 tsp cinnamon and half that of nutmeg|cinnamon=5,nutmeg=2
      2 tsp cinnamon, half as much nutmeg|cinnamon=5,nutmeg=2
      1 tsp salt, half that soda|baking-soda=2,salt=6
      3 tsp baking powder? No, 2.|baking-powder=9
      200 g flour, was it? No, 250.|wheat-flour-white=250
      egg-free batter: 200 g flour, 300 ml oat milk|oat-drink=309,wheat-flour-white=200
      200 ml milk, lactose free|milk-whole=206
      butter-free: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      no added sugar, 200 g flour|wheat-flour-white=200
      200 g yogurt with no sugar added|yogurt-whole=200
      without the usual 50 g sugar|
      we left out the 50 g sugar|
      skip the 50 g sugar, it's sweet enough|
      forget the 50 g sugar|
      50 g sugar (leave out for babies)|sugar-white=50
      50 g sugar, not for the baby's ones|sugar-white=50
      200 g flour, 2 eggs, definitely no sugar|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs and not a grain of sugar|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, zero sugar|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 0 sugar|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, sugar none|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, hold the salt|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, minus the salt|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, salt-free|egg=100,wheat-flour-white=200
      200 g flour, 2 eggs but without the butter|egg=100,wheat-flour-white=200
      nothing but 200 g flour and 2 eggs|egg=100,wheat-flour-white=200
      just 200 g flour and 2 eggs, nothing else|egg=100,wheat-flour-white=200
      200 g flour and 2 eggs, that's all, no milk even|egg=100,wheat-flour-white=200
      200 g flour and water, not milk, 300 ml|water=300,wheat-flour-white=200
      300 ml water, never milk|water=300
      300 ml oat drink (not cow's milk)|oat-drink=309
      300 ml milk but not the skimmed|milk-whole=309
      2 tbsp oil, anything but olive|oil-sunflower=27
      2 tbsp oil (not olive oil)|oil-sunflower=27
      200 g flour, not the self-raising|wheat-flour-white=200
      200 g plain, NOT self raising, flour|wheat-flour-white=200
      200 g brown sugar not white|sugar-brown=200
      baking soda 5 g, NOT powder|baking-soda=5
      5 g bicarb (not baking powder)|baking-soda=5
      30 g ground almonds, not almond flour|almonds-ground=30
      instead of 50 g sugar 40 g honey|honey=40
      40 g honey in place of the sugar|honey=40
      40 g honey replacing 50 g sugar|honey=40
      40 g honey rather than sugar|honey=40
      honey not sugar, 40 g|honey=40
      the sugar's been swapped for 40 g honey|honey=40
      I've swapped sugar for 40 g honey|honey=40
      I used 40 g honey where it says sugar|honey=40
      the recipe has sugar, mine has 40 g honey|honey=40
      sugar → honey, 40 g|honey=40
      sugar 50 g → 40 g|sugar-white=40
      50 g sugar reduced to 40|sugar-white=40
      sugar cut from 50 g to 40 g|sugar-white=40
      cut the sugar to 40 g|sugar-white=40
      I halved the 50 g sugar|sugar-white=25
      only half of the 50 g sugar|sugar-white=25
      50 g sugar, I use half|sugar-white=25
      either 250 ml buttermilk or 200 ml milk plus 50 ml yogurt|buttermilk=259
      250 ml buttermilk or 200 ml milk + 50 ml yogurt, 200 g flour|buttermilk=259,wheat-flour-white=200
      2 eggs or 1 egg plus 2 whites|egg=100
      2 eggs (or 3 small) plus 1 yolk|egg=100,egg-yolk=17
      200 ml milk or water plus 2 eggs|egg=100,milk-whole=206
      """;

  @Test
  void onlyWhatWasMeantCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
