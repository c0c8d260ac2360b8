package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** As it is pasted, scanned, painted and shortened, and in the words of other languages. */
class ScriptsSaidTest {
  private static final String TEXTS =
      """
      Egg, whole, pasteurised liquid 600 g. Flour T55 1.2 kg. Milk UHT semi 2 L. Oil 100 ml.|egg=600,milk-reduced-fat=2062,oil-sunflower=92,wheat-flour-white=1200
      Egg whole 600 g. Flour 1.2 kg. Milk 2 L.|egg=600,milk-whole=2062,wheat-flour-white=1200
      Egg, whole, 600 g. Flour T55 1.2 kg.|egg=600,wheat-flour-white=1200
      Egg, fresh 600 g. Sugar, white 200 g. Butter 100 g.|butter=100,egg=600,sugar-white=200
      Egg liquid 600 g. Flour plain 1 kg. Milk whole 2 l.|egg=600,milk-whole=2062,wheat-flour-white=1000
      Egg whites, pasteurised 200 g. Sugar 100 g.|egg-white=200,sugar-white=100
      Eggs, beaten 150 g. Flour 200 g.|egg=150,wheat-flour-white=200
      Banana, ripe 100 g. Oats, rolled 50 g. Egg 50 g.|banana=100,egg=50,oats-rolled=50
      Egg 50 g. Banana, ripe, 100 g.|banana=100,egg=50
      Apple, grated, no skin 120 g. Egg 1.|apple=120,egg=50
      Vanilla, pure 5 g. Milk, cold 100 g.|milk-whole=100,vanilla-extract=5
      200 ml milk, of which hold back 50 ml|milk-whole=206
      we ate 6 and froze 4|;pieces 10
      ate six, four left over|;pieces 10
      a 500 g bag of frozen raspberries, two thirds of it|raspberries=333
      half a 500 g bag of frozen raspberries|raspberries=250
      a third of a 300 g tub of ricotta|ricotta-whole=100
      200 g flour, a quarter of it rye|rye-flour-medium=50,wheat-flour-white=150
      200 g flour, 20 % of it rye|rye-flour-medium=40,wheat-flour-white=160
      first 200 ml milk, then another 50 ml|milk-whole=258
      200 ml milk, then 50 ml more|milk-whole=258
      200 ml milk to begin with and 50 ml later|milk-whole=258
      200 g flour and twice as much milk|milk-whole=400,wheat-flour-white=200
      200 g flour and the same weight of milk|milk-whole=200,wheat-flour-white=200
      200 g flour, same of sugar|sugar-white=200,wheat-flour-white=200
      200 g flour, ditto sugar|sugar-white=200,wheat-flour-white=200
      100 g each flour, sugar and butter|butter=100,sugar-white=100,wheat-flour-white=100
      flour, sugar, butter: 100 g of each|butter=100,sugar-white=100,wheat-flour-white=100
      weigh 3 eggs (150 g), then the same of flour, sugar and butter|butter=150,egg=150,sugar-white=150,wheat-flour-white=150
      two and two thirds cups milk|milk-whole=651
      one and a half eggs|egg=75
      a) 200 g flour b) 2 eggs c) 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      1) 200 g flour 2) 2 eggs 3) 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      1. 200 g flour 2. 2 eggs 3. 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      1. Mix 200 g flour and 2 eggs. 2. Add 300 ml milk. 3. Rest 20 min.|egg=100,milk-whole=309,wheat-flour-white=200
      flour | 200 | g⏎eggs | 2 | ⏎milk | 300 | ml|egg=100,milk-whole=309,wheat-flour-white=200
      flour;200;g⏎eggs;2;pcs⏎milk;300;ml|egg=100,milk-whole=309,wheat-flour-white=200
      Ingredient,Amount,Unit⏎flour,200,g⏎eggs,2,pcs|egg=100,wheat-flour-white=200
      flour 200 g⏎eggs 2⏎milk 300 ml|egg=100,milk-whole=309,wheat-flour-white=200
      {"flour": "200 g", "eggs": 2, "milk": "300 ml"}|egg=100,milk-whole=309,wheat-flour-white=200
      - [ ] 200 g flour⏎- [x] 2 eggs|egg=100,wheat-flour-white=200
      ☐ 200 g flour ☑ 2 eggs|egg=100,wheat-flour-white=200
      → 200 g flour → 2 eggs|egg=100,wheat-flour-white=200
      200 G FLOUR 2 EGGS 300 ML MILK|egg=100,milk-whole=309,wheat-flour-white=200
      2OO g flour, 1OO ml milk|milk-whole=103,wheat-flour-white=200
      l00 g sugar|sugar-white=100
      200gflour 2eggs 300mlmilk|egg=100,milk-whole=309,wheat-flour-white=200
      200g flour2 eggs300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour2 eggs|egg=100,wheat-flour-white=200
      🥞 200 g flour, 2 🥚, 300 ml 🥛|egg=100,milk-whole=309,wheat-flour-white=200
      2🥚 200 g flour|egg=100,wheat-flour-white=200
      200 g flour 😋 2 eggs 🙏|egg=100,wheat-flour-white=200
      Fry 2 sliced bananas in 10 g butter and pile on top|banana=236@PLATE,butter=10@PLATE
      Fry the bananas (2) in 10 g butter with 1 tbsp sugar, serve over the pancakes|banana=236@PLATE,butter=10@PLATE,sugar-white=12@PLATE
      Sauce: 100 ml cream, 50 g sugar, 20 g butter|butter=20@PLATE,cream-heavy=101@PLATE,sugar-white=50@PLATE
      200 ml milk (or 180 if the eggs are big)|milk-whole=206
      no more than 50 g sugar|sugar-white=50
      at least 200 ml milk|milk-whole=206
      50 g sugar max|sugar-white=50
      sugar, max. 50 g|sugar-white=50
      between 200 and 250 ml milk|milk-whole=232
      somewhere around 225 ml of milk|milk-whole=232
      2 c.s. de sucre|sugar-white=25
      2 c. à s. de sucre|sugar-white=25
      2 c à s de sucre|sugar-white=25
      2 cs de sucre|sugar-white=25
      2 cas de sucre|sugar-white=25
      2 càs de sucre|sugar-white=25
      2 c. à c. de sel|salt=12
      2 càc de sel|salt=12
      1 cc de sel|salt=6
      2 c. à soupe de sucre|sugar-white=25
      2 cuil. à soupe de sucre|sugar-white=25
      2 cuillères à soupe de sucre|sugar-white=25
      2 EL Zucker|sugar-white=25
      2 Essl. Zucker|sugar-white=25
      2 Esslöffel Zucker|sugar-white=25
      1 TL Salz|salt=6
      1 Teel. Salz|salt=6
      1 Pck. Backpulver|baking-powder=15
      1 Pkg. Backpulver|baking-powder=15
      2 cdas de azúcar|sugar-white=25
      2 cucharadas de azúcar|sugar-white=25
      1 cdta de sal|salt=6
      1 cucharadita de sal|salt=6
      1 taza de harina|wheat-flour-white=135
      1 pizca de sal|salt=0
      2 cucchiai di zucchero|sugar-white=25
      1 cucchiaino di sale|salt=6
      1 bustina di lievito|baking-powder=16
      1 bicchiere di latte|milk-whole=206
      un pizzico di sale|salt=0
      scorza di limone|?lemon-zest=0
      buccia di 1 limone|lemon-zest=6
      scorza grattugiata di 1 limone|lemon-zest=6
      ralladura de 1 limón|lemon-zest=6
      zeste d'un citron|lemon-zest=6
      Schale von 1 Zitrone|lemon-zest=6
      abgeriebene Schale einer Zitrone|lemon-zest=6
      Saft von 1 Zitrone|lemon-juice=48
      jus d'un citron|lemon-juice=48
      jugo de 1 limón|lemon-juice=48
      succo di 1 limone|lemon-juice=48
      2 colheres de sopa de açúcar|sugar-white=25
      1 colher de chá de sal|salt=6
      2 el suiker|sugar-white=25
      1 tl zout|salt=6
      2 eetlepels suiker|sugar-white=25
      1 theelepel zout|salt=6
      2 msk socker|sugar-white=25
      1 tsk salt|salt=6
      1 krm salt|salt=1
      2 ss sukker|sugar-white=25
      2 spsk sukker|sugar-white=25
      1 knsp salt|salt=0
      2 łyżki cukru|sugar-white=25
      1 łyżeczka soli|salt=6
      2 lžíce cukru|sugar-white=25
      1 lžička soli|salt=6
      2 ek cukor|sugar-white=25
      2 evőkanál cukor|sugar-white=25
      2 rkl sokeria|sugar-white=25
      1 tl suolaa|salt=6
      2 yemek kaşığı şeker|sugar-white=25
      1 çay kaşığı tuz|salt=6
      1 su bardağı un|wheat-flour-white=106
      2 yumurta|egg=100
      2 ст. л. сахара|sugar-white=25
      1 ч. л. соли|salt=6
      2 стакана муки|wheat-flour-white=211
      3 яйца|egg=150
      500 мл молока|milk-whole=516
      I grate two courgettes, squeeze them hard, and what is left weighs about 250 g.|zucchini=250
      grate 2 courgettes and squeeze, leaving 250 g|zucchini=250
      2 courgettes, grated and squeezed, which leaves 250 g|zucchini=250
      2 courgettes, and what remains after squeezing is 250 g, with 2 eggs|egg=100,zucchini=250
      1 apple, peeled and cored, leaving 120 g|apple=120
      8 tranches de jambon|ham=224
      levain 20 % of 500 g flour|starter=100,wheat-flour-white=500
      2 oz flour to each egg, I use three eggs|egg=150,wheat-flour-white=170
      Since nobody here eats dairy it's 200 ml of oat drink, never milk.|oat-drink=207
      bttr 30g mltd|butter=30
      6 Eier trennen, 120 g Zucker|egg=300,sugar-white=120
      1 ei, 2 eetlepels suiker, scheutje melk|egg=50,milk-whole=15,sugar-white=25
      egg 3 / quark 250 / oats 80|egg=150,oats-rolled=80,quark-lean=250
      farina gr 200, latte ml 500|milk-whole=516,wheat-flour-white=200
      flour gr 200|wheat-flour-white=200
      flour g 200, milk ml 300|milk-whole=309,wheat-flour-white=200
      gr 200 flour|wheat-flour-white=200
      g. 200 di farina|wheat-flour-white=200
      ml 300 milk|milk-whole=309
      kg 1 flour|wheat-flour-white=1000
      flour kg 1,5|wheat-flour-white=1500
      burro g 50, zucchero g 30, uova 2|butter=50,egg=100,sugar-white=30
      Mehl 200g, Milch 300ml, Eier 2|egg=100,milk-whole=309,wheat-flour-white=200
      flour 00 200 g|wheat-flour-00=200
      eggs n. 4|egg=200
      eggs nr 4|egg=200
      n. 4 eggs|egg=200
      N° 4 uova|egg=200
      oz 4 butter|butter=113
      lb 1 flour|wheat-flour-white=454
      milk 1/2 lt|milk-whole=516
      milk lt 0.5|milk-whole=516
      half lt milk|milk-whole=516
      12, or 10 large|;pieces 10..12
      makes 12 or 10 if big|;pieces 10..12
      makes 12, fewer if you're greedy|;pieces 12
      makes 24 mini or 10 normal|;pieces 10..24
      makes 10 normal or 24 mini|;pieces 10..24
      makes 8 big, 16 small|;pieces 8..16
      gives 8 large / 12 small|;pieces 8..12
      8 crepes (10 if thin)|;pieces 8..10
      8 waffles, sometimes 9|;pieces 8..9
      8 to 10ish|;pieces 8..10
      8ish pancakes|;pieces 8
      two dozen|;pieces 24
      a couple of dozen small ones|;pieces 24
      3 apiece, 4 people|;pieces 12;serves 4
      3 pancakes per serving, 4 servings|;pieces 12;serves 4
      Servings 4 (3 pancakes each)|;pieces 12;serves 4
      """;

  @Test
  void itIsReadHoweverItIsWritten() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
