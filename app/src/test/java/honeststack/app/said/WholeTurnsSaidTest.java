package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** The whole told beside a part of it, how often a recipe was made, and which of two. */
class WholeTurnsSaidTest {
  private static final String TEXTS =
      """
      Double batch today: base recipe 150 g flour, 1 egg, 180 ml milk.|wheat-flour-white=300,egg=100,milk-whole=371
      Triple batch today. Base: 150 g flour, 1 egg.|wheat-flour-white=450,egg=150
      We did a double batch, the base recipe being 150 g flour and 1 egg.|wheat-flour-white=300,egg=100
      Today times two; base recipe 150 g flour, 1 egg.|wheat-flour-white=300,egg=100
      Half batch: full recipe is 200 g flour, 2 eggs.|wheat-flour-white=100,egg=50
      Sunday prep: triple batch. Single is 120 g oats, 3 eggs.|oats-rolled=360,egg=450
      Double this: 2 eggs, 200 g flour. Oil the pan with 16 g oil. Top with 200 g cherries.|egg=200,wheat-flour-white=400,oil-sunflower@PAN=16,cherries-sweet@PLATE=200
      Double this. 2 eggs, 200 g flour.|egg=200,wheat-flour-white=400
      Double it⏎2 eggs⏎200 g flour|egg=200,wheat-flour-white=400
      Half of this:⏎2 eggs⏎200 g flour|egg=50,wheat-flour-white=100
      Please triple everything:⏎2 eggs⏎200 g flour|egg=300,wheat-flour-white=600
      Twice this.⏎- 2 eggs⏎- 200 g flour|egg=200,wheat-flour-white=400
      2 eggs⏎200 g flour⏎Double it please.|egg=200,wheat-flour-white=400
      Halved this and it still worked:⏎2 eggs⏎200 g flour|egg=100,wheat-flour-white=200
      Keep back 50 g of the sugar for the whites; 150 g in total.|sugar-white=150
      150 g sugar in total, 50 g of it for the whites.|sugar-white=150
      Hold back 30 ml of the milk; 300 ml in all.|milk-whole=309
      Set 20 g butter aside for the pan, 60 g altogether.|butter=40,butter@PAN=20
      I halved it: 1 cup flour becomes 1/2 cup, 2 eggs become 1.|wheat-flour-white=68,egg=50
      250 g of buckwheat and wheat half half|buckwheat-flour=125,wheat-flour-white=125
      onion and tomato, one each, 2 eggs|onion=110,tomato=123,egg=100
      1 large or 2 small bananas, mashed|banana=136
      fry in 5 g butter over the whole lot|butter@PAN=5
      plate: 200 g cottage cheese / pan: 5 g butter|cottage-cheese@PLATE=200,butter@PAN=5
      a glass of milk, 200 ml more or less|milk-whole=206
      two bowls of flour, one egg, my bowl is 250 ml|wheat-flour-white=285,egg=50
      per person: 50 g semolina, 1 egg, 100 ml milk. We are 5.|semolina=250,egg=250,milk-whole=516;serves 5
      Cook 200 g frozen cherries with 1 tbsp corn starch and 30 g sugar and spoon over.|cherries-frozen@PLATE=200,corn-starch@PLATE=8,sugar-white@PLATE=30
      Original: 2 eggs, 250 ml milk, 30 g butter. Lighter: 1 egg, 250 ml skimmed milk, 10 g butter. We made the lighter one.|egg=50,milk-skim=259,butter=10
      Original: 2 eggs, 250 ml milk, 30 g butter. Lighter: 1 egg, 250 ml skimmed milk, 10 g butter. We made the original.|egg=100,milk-whole=258,butter=30
      Big: 400 g flour, 4 eggs. Small: 200 g flour, 2 eggs. It was the small one.|wheat-flour-white=200,egg=100
      200 g flour, 2 eggs. Grease the iron with a brush, 2 g of oil a time, 8 times.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=16
      200 g flour, 2 eggs, oil for the iron 2 g, six times|wheat-flour-white=200,egg=100,oil-sunflower@PAN=12
      a knob of butter for the pan, maybe 10 g|butter@PAN=10
      half of the 200 g flour was wholemeal|wheat-flour-white=100,wheat-flour-whole=100
      used rye for a third of the 300 g flour|wheat-flour-white=200,rye-flour-medium=100
      """;

  @Test
  void theWholeCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
