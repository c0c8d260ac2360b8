package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What one item of a list says takes nothing from the others, and puts them nowhere. */
class ItemsApartSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 50 g butter (half a stick or so). Makes 8.|wheat-flour-white=200,egg=100,butter=50;pieces 8
      100 g oats, 300 g flour, actually 150 g flour|oats-rolled=100,wheat-flour-white=150
      40 g oats, 250 g flour actually 200|oats-rolled=40,wheat-flour-white=200
      100 g flour and 60 g oats, I mean 100 g of oats|wheat-flour-white=100,oats-rolled=100
      This time I halved the 40 g butter. 200 g flour.|butter=20,wheat-flour-white=200
      40 g butter. This time I halved the butter. 200 g flour, 2 eggs.|butter=20,wheat-flour-white=200,egg=100
      1 tsp salt⏎30 g sugar⏎No salt, and 2 eggs|sugar-white=30,egg=100
      30 g sugar⏎No salt⏎2 tsp baking powder|sugar-white=30,baking-powder=9
      drizzle of honey, 200 g flour, 2 eggs|honey=14,wheat-flour-white=200,egg=100
      200 g flour⏎100 g flour x 3⏎2 eggs|wheat-flour-white=500,egg=100
      sultanas, a handful; flour 100 g x 3; 100 ml milk|raisins=30,wheat-flour-white=300,milk-whole=103
      200 g flour⏎200 g nuts, has to be pecan⏎2 eggs|wheat-flour-white=200,pecans=200,egg=100
      200 g flour⏎2 eggs⏎30 g less sugar than last time, so 50 g sugar|wheat-flour-white=200,egg=100,sugar-white=50
      2 eggs⏎Ham, cooked, diced, 80 g⏎30 g sugar⏎100 g raspberries|egg=100,ham=80,sugar-white=30,raspberries=100
      250 g cottage cheese⏎scatter over 2 tbsp chopped pistachios|cottage-cheese=250,pistachios@PLATE=15
      100 g flour⏎1 egg⏎used 3/4 of a 250 g tub of ricotta|wheat-flour-white=100,egg=50,ricotta-whole=188
      100 g bacon. 300 g potatoes, peeled and grated, then wrung out. 2 eggs.|bacon=100,potato=300,egg=100
      100 g quinoa flour, sifted twice. Two cups, sorry, two and a half cups of oats. 100 g flour (spelt).|quinoa-flour=100,oats-rolled=203,spelt-flour=100
      200 ml water⏎2 eggs⏎Vegan block 50 g, melted|water=200,egg=100,spread-vegan=50
      20g coconut oil, half in the batter and half for the pan; 200 g flour; 2 eggs|oil-coconut=10,oil-coconut@PAN=10,wheat-flour-white=200,egg=100
      200 g flour⏎1 tsp salt⏎100 g rye flour, spelt is fine too⏎30 g sugar|wheat-flour-white=200,salt=6,rye-flour-medium=100,sugar-white=30
      well I use enough buttermilk to make it right I'd say two cups|buttermilk=490
      200 g flour, water to make it pourable, 150 ml or so|wheat-flour-white=200,water=150
      200 g flour, 2 eggs, it comes out to one giant pancake|wheat-flour-white=200,egg=100;pieces 1
      4 dl mjöl, 50 g butter for the form|wheat-flour-white=228,butter@PAN=50
      forty grams butter then thirty grams of honey on top|butter=40,honey@PLATE=30
      200 g Mehl und 2 Eier. Dazu 80 g Apfelmus.|wheat-flour-white=200,egg=100,applesauce@PLATE=80
      """;

  @Test
  void othersStay() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
