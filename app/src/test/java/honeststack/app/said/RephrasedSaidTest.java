package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** The same said in another turn of phrase. */
class RephrasedSaidTest {
  private static final String TEXTS =
      """
      100 g butter minus 20 g for the pan|butter=80,butter@PAN=20
      100 g butter – 20 g for the iron, the rest in the batter|butter=80,butter@PAN=20
      100 g coconut oil (20 g of that for the pan)|oil-coconut=80,oil-coconut@PAN=20
      100 g lard, reserve 20 g for the pan|lard=80,lard@PAN=20
      60 g butter, keeping 10 g back for frying|butter=50,butter@PAN=10
      60 g coconut oil, hold back 10 g for the pan|oil-coconut=50,oil-coconut@PAN=10
      60 g lard, 10 g of it for the pan|lard=50,lard@PAN=10
      80g butter, less 15g kept for the pan|butter=65,butter@PAN=15
      80g coconut oil minus the 15g for the griddle|oil-coconut=65,oil-coconut@PAN=15
      80g lard less 15g for the pan|lard=65,lard@PAN=15
      Halved the recipe (so 200 g flour, 2 eggs, 300 ml milk).|wheat-flour-white=200,egg=100,milk-whole=309
      I halved the recipe to 200 g flour, 2 eggs and 300 ml milk and got 5.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 5
      Halved it (so 200 g flour, 2 eggs, 300 ml milk).|wheat-flour-white=200,egg=100,milk-whole=309
      I halved it to 200 g flour, 2 eggs and 300 ml milk and got 5.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 5
      Halved everything (so 200 g flour, 2 eggs, 300 ml milk).|wheat-flour-white=200,egg=100,milk-whole=309
      I halved everything to 200 g flour, 2 eggs and 300 ml milk and got 5.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 5
      Doubled the recipe (so 200 g flour, 2 eggs, 300 ml milk).|wheat-flour-white=200,egg=100,milk-whole=309
      I doubled the recipe to 200 g flour, 2 eggs and 300 ml milk and got 5.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 5
      Doubled it (so 200 g flour, 2 eggs, 300 ml milk).|wheat-flour-white=200,egg=100,milk-whole=309
      I doubled it to 200 g flour, 2 eggs and 300 ml milk and got 5.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 5
      Doubled everything (so 200 g flour, 2 eggs, 300 ml milk).|wheat-flour-white=200,egg=100,milk-whole=309
      I doubled everything to 200 g flour, 2 eggs and 300 ml milk and got 5.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 5
      Tripled the recipe (so 200 g flour, 2 eggs, 300 ml milk).|wheat-flour-white=200,egg=100,milk-whole=309
      I tripled the recipe to 200 g flour, 2 eggs and 300 ml milk and got 5.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 5
      Tripled it (so 200 g flour, 2 eggs, 300 ml milk).|wheat-flour-white=200,egg=100,milk-whole=309
      I tripled it to 200 g flour, 2 eggs and 300 ml milk and got 5.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 5
      Tripled everything (so 200 g flour, 2 eggs, 300 ml milk).|wheat-flour-white=200,egg=100,milk-whole=309
      I tripled everything to 200 g flour, 2 eggs and 300 ml milk and got 5.|wheat-flour-white=200,egg=100,milk-whole=309;pieces 5
      200 g flour, 2 eggs, 300 ml milk. Rest it before the flour goes in.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Before the milk is in, stir gently.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 300 ml milk. Before the milk goes in, whisk in 2 eggs.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Rest it once the milk is in.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Once the eggs have gone in, stir gently.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. When the milk goes in, stir gently.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Rest it when the eggs have gone in.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Rest it until the milk goes in.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Until the eggs are in, stir gently.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. As soon as the flour has gone in, stir gently.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Rest it as soon as the eggs are in.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Rest it just before the flour has gone in.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Just before the eggs go in, stir gently.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. After the flour is in, stir gently.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs, 300 ml milk. Rest it after the eggs go in.|wheat-flour-white=200,egg=100,milk-whole=309
      200 g flour, 2 eggs. Divide between two plates.|wheat-flour-white=200,egg=100;serves 2
      200 g flour, 2 eggs. Divide over six plates.|wheat-flour-white=200,egg=100;serves 6
      200 g flour, 2 eggs. Share among four plates.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Share across 4 plates.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Split among two plates.|wheat-flour-white=200,egg=100;serves 2
      200 g flour, 2 eggs. Split across six plates.|wheat-flour-white=200,egg=100;serves 6
      200 g flour, 2 eggs. Divide it over four plates.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Share them between 4 plates.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Share them over two plates.|wheat-flour-white=200,egg=100;serves 2
      200 g flour, 2 eggs. Split them between six plates.|wheat-flour-white=200,egg=100;serves 6
      200 g flour, 2 eggs. Split them across four plates.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Plate up for four.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Serve on two plates.|wheat-flour-white=200,egg=100;serves 2
      a hundred grams of oats two eggs no sugar because I put honey on after like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I put honey on when they are done like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I put honey on them after like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I pour honey on afterwards like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I pour honey over after like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I pour honey on once cooked like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I drizzle honey on at the end like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I drizzle honey on top after like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I have honey on after like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I have honey on when they are done like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I have honey on once cooked like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I spoon honey on at the end like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I spoon honey on top after like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I pop honey on after like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I pop honey on when they are done like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      a hundred grams of oats two eggs no sugar because I pop honey on them after like twenty grams|oats-rolled=100,egg=100,honey@PLATE=20
      500 g quark, 1 egg, flour for rolling (about 20 g), oil for frying|quark-lean=500,egg=50,wheat-flour-white=20,?oil-sunflower=0
      500 g quark, 1 egg, flour for rolling (maybe 20 g)|quark-lean=500,egg=50,wheat-flour-white=20
      500 g quark, 1 egg, flour for rolling (around 20 g), oil for frying|quark-lean=500,egg=50,wheat-flour-white=20,?oil-sunflower=0
      500 g quark, 1 egg, flour for rolling (~20 g)|quark-lean=500,egg=50,wheat-flour-white=20
      500 g quark, 1 egg, flour to roll them in 20 g|quark-lean=500,egg=50,wheat-flour-white=20
      500 g quark, 1 egg, flour to roll them in (maybe 20 g), oil for frying|quark-lean=500,egg=50,wheat-flour-white=20,?oil-sunflower=0
      500 g quark, 1 egg, flour to roll them in, 20 g or so, oil for frying|quark-lean=500,egg=50,wheat-flour-white=20,?oil-sunflower=0
      500 g quark, 1 egg, flour for shaping, about 20 g|quark-lean=500,egg=50,wheat-flour-white=20
      500 g quark, 1 egg, flour for shaping, 20 g, oil for frying|quark-lean=500,egg=50,wheat-flour-white=20,?oil-sunflower=0
      500 g quark, 1 egg, flour for shaping, around 20 g|quark-lean=500,egg=50,wheat-flour-white=20
      500 g quark, 1 egg, flour for shaping, 20 g or so, oil for frying|quark-lean=500,egg=50,wheat-flour-white=20,?oil-sunflower=0
      500 g quark, 1 egg, butter for the pan, about 20 g|quark-lean=500,egg=50,butter@PAN=20
      500 g quark, 1 egg, butter for the pan, 20 g or so|quark-lean=500,egg=50,butter@PAN=20
      500 g quark, 1 egg, butter for frying, 20 g|quark-lean=500,egg=50,butter@PAN=20
      500 g quark, 1 egg, butter for frying, ~20 g|quark-lean=500,egg=50,butter@PAN=20
      500 g quark, 1 egg, butter for greasing, maybe 20 g|quark-lean=500,egg=50,butter@PAN=20
      500 g quark, 1 egg, butter to fry, about 20 g|quark-lean=500,egg=50,butter@PAN=20
      500 g quark, 1 egg, butter to fry, 20 g or so|quark-lean=500,egg=50,butter@PAN=20
      500 g quark, 1 egg, honey on top, 20 g|quark-lean=500,egg=50,honey@PLATE=20
      500 g quark, 1 egg, honey on top, ~20 g|quark-lean=500,egg=50,honey@PLATE=20
      500 g quark, 1 egg, honey to serve, maybe 20 g|quark-lean=500,egg=50,honey@PLATE=20
      500 g quark, 1 egg, honey for serving, about 20 g|quark-lean=500,egg=50,honey@PLATE=20
      500 g quark, 1 egg, honey for serving, 20 g or so|quark-lean=500,egg=50,honey@PLATE=20
      500 g quark, 1 egg, honey over it, 20 g|quark-lean=500,egg=50,honey@PLATE=20
      500 g quark, 1 egg, honey over it, ~20 g|quark-lean=500,egg=50,honey@PLATE=20
      200 g flour, 2 eggs, out of this came 12|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs, this amount: 12 pieces|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs, pieces: 12|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs, 12 pieces, halved|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs, in all 12|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs, altogether 12 of them|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs, 12 in the end|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs, 10 residents, one each|wheat-flour-white=200,egg=100;pieces 10
      200 g flour, 2 eggs, 5 of us, 3 each|wheat-flour-white=200,egg=100;pieces 15
      200 g flour, 2 eggs, 6 portions of 2 pancakes|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs, 300 ml milk. Skip the sugar if you're serving them with bacon.|wheat-flour-white=200,egg=100,milk-whole=309
      6 tables, each with 100 g flour and 1 egg. Each table makes 5 pancakes.|wheat-flour-white=600,egg=300;pieces 30
      Ten pairs. One egg and 80 g flour per pair. Each pair gets 4.|wheat-flour-white=800,egg=500;pieces 40;serves 20
      Each team gets 150 g flour and 2 eggs; five teams; each team makes 8.|wheat-flour-white=750,egg=500;pieces 40
      two cups of flour and uh a teaspoon no two teaspoons of baking powder|wheat-flour-white=270,baking-powder=9
      200 g of flour 20 g no 30 g of sugar|wheat-flour-white=200,sugar-white=30
      1 tsp salt, 200 g flour, 30 g sugar. Half of them were eaten before I sat down.|salt=6,wheat-flour-white=200,sugar-white=30
      """;

  @Test
  void itIsTheSame() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
