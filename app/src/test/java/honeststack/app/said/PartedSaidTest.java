package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A whole and what it is made up of, in parts, shares and what is left of it. */
class PartedSaidTest {
  private static final String TEXTS =
      """
      500 g flour (400 white, 100 rye)|rye-flour-medium=100,wheat-flour-white=400
      500 g flour (400 g white flour, 100 g rye)|rye-flour-medium=100,wheat-flour-white=400
      500 g flour (400 g spelt, 100 g rye)|rye-flour-medium=100,spelt-flour=400
      500 g flour (100 g of it rye)|rye-flour-medium=100,wheat-flour-white=400
      500 g flour: 100 g rye, the rest white flour|rye-flour-medium=100,wheat-flour-white=400
      500 g flour of which 100 g rye and the rest white|rye-flour-medium=100,wheat-flour-white=400
      500 g flour total – 400 g white, 100 g rye|rye-flour-medium=100,wheat-flour-white=400
      500 g flours: white 400, rye 100|rye-flour-medium=100,wheat-flour-white=400
      500 g flour, 400 of it white and 100 rye|rye-flour-medium=100,wheat-flour-white=400
      500 g flour, 60% wholemeal 40% white|wheat-flour-white=200,wheat-flour-whole=300
      60% wholemeal and 40% white, 500 g in all|wheat-flour-white=200,wheat-flour-whole=300
      500 g flour (three fifths wholemeal, rest white)|wheat-flour-white=200,wheat-flour-whole=300
      500 g flour, three quarters white, a quarter rye|rye-flour-medium=125,wheat-flour-white=375
      500 g flour – a quarter of that rye|rye-flour-medium=125,wheat-flour-white=375
      300 ml liquid in all, 200 milk and 100 water|milk-whole=206,water=100
      300 ml liquid: 200 ml milk, 100 ml water|milk-whole=206,water=100
      300 ml liquid (200 milk, rest water)|milk-whole=206,water=100
      300 ml liquid (200 ml milk and 100 ml water)|milk-whole=206,water=100
      300 ml liquid, two thirds milk one third water|milk-whole=206,water=100
      300 ml liquid, half milk half water|milk-whole=155,water=150
      300 ml of liquid, I use half milk and half water|milk-whole=155,water=150
      60 g fat, 40 butter and 20 oil|butter=40,oil-sunflower=20
      60 g of fat in all: 40 g butter, the rest oil|butter=40,oil-sunflower=20
      60 g fat, half butter half oil|butter=30,oil-sunflower=30
      200 g berries: 120 g blueberries, 80 g raspberries|blueberries=120,raspberries=80
      200 g fruit, half banana half blueberries|banana=100,blueberries=100
      50 g nuts, half walnuts half pecans|pecans=25,walnuts=25
      50 g nuts (30 g walnuts, 20 g pecans)|pecans=20,walnuts=30
      2 cups flour: 1 white, 1 wholemeal|wheat-flour-white=135,wheat-flour-whole=130
      500 g flour, a fifth of it rye|rye-flour-medium=100,wheat-flour-white=400
      500 g flour (20 % rye)|rye-flour-medium=100,wheat-flour-white=400
      12 pancakes between 4|;pieces 12;serves 4
      12 pancakes between the 4 of us|;pieces 12;serves 4
      12 pancakes among 4 people|;pieces 12;serves 4
      12 split four ways|;pieces 12;serves 4
      12 pancakes divided by 4|;pieces 12;serves 4
      12 pancakes shared by 4|;pieces 12;serves 4
      a dozen, three each|;pieces 12;serves 4
      twelve in all, three apiece|;pieces 12;serves 4
      3 x 4 people|;pieces 12;serves 4
      4 people x 3 pancakes|;pieces 12;serves 4
      3 pancakes x 4 people|;pieces 12;serves 4
      one batch = 10|;pieces 10
      1 batch → 10 pancakes|;pieces 10
      pcs: 10|;pieces 10
      10 pcs.|;pieces 10
      10 nos|;pieces 10
      yields 10 nos.|;pieces 10
      three rounds of four|;pieces 12
      three panfuls of four each|;pieces 12
      4 at a time, 3 goes|;pieces 12
      4 per pan, three pans|;pieces 12
      we had 3 each, there were 4 of us|;pieces 12;serves 4
      I ate 3, he ate 4 and 2 were left|;pieces 9
      ate 6, froze 6|;pieces 12
      6 eaten, 6 frozen|;pieces 12
      500 g flour (100 g rye)|rye-flour-medium=100,wheat-flour-white=400
      500 g flour (a fifth rye)|rye-flour-medium=100,wheat-flour-white=400
      300 ml milk (1/3 oat milk)|milk-whole=206,oat-drink=103
      """;

  @Test
  void allOfAWholeCountsOnce() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
