package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * What of a food is used in the end: after what was left over, exchanged, squeezed out or told
 * again.
 */
class LeftSaidTest {
  private static final String TEXTS =
      """
      100g oats, sub 15g of the oats for 15g cocoa|cocoa=15,oats-rolled=85
      2 cups white flour. Exchange 1 cup of the white flour for whole wheat.|wheat-flour-white=135,wheat-flour-whole=130
      300 g flour; per 100 g flour 150 ml milk|milk-whole=464,wheat-flour-white=300
      grated zest of a lemon plus 2 tbsp of the juice|lemon-juice=30,lemon-zest=6
      brush with 20 g melted butter when done|butter=20@PLATE
      what goes on: 20 g honey|honey=20@PLATE
      The 2 eggs were small ones|egg=76
      no syrup, just a squeeze of lime and 1 tbsp sugar on top|lime-juice=5@PLATE,sugar-white=13@PLATE
      milk 150 (+50) ml|milk-whole=206
      Drain 1 can pumpkin? No: use 3/4 cup|pumpkin=184
      I had 2 eggs left so here goes: 2 eggs, 150 g flour|egg=100,wheat-flour-white=150
      2 courgettes; after squeezing 180 g|zucchini=180
      half of 1 teaspoon of bicarbonate|baking-soda=3
      200 ml milk, or 180 if it's very humid|milk-whole=196
      twice as much milk as flour, 200 g flour|milk-whole=400,wheat-flour-white=200
      as much milk as flour, 200 g of each|milk-whole=200,wheat-flour-white=200
      per cup of flour 1 tsp baking powder, 3 cups of flour|baking-powder=14,wheat-flour-white=405
      300 ml milk, didn't need the last 50|milk-whole=258
      300 ml milk, had 50 left over|milk-whole=258
      300 ml milk (50 left)|milk-whole=258
      300 ml milk, about 50 ml stayed in the jug|milk-whole=258
      6 eggs in the box, 4 went in|egg=200
      a 500 g bag of flour minus a cup|wheat-flour-white=365
      3 cups flour less 2 tbsp|wheat-flour-white=388
      1 cup milk minus 1 tbsp, plus 1 tbsp lemon juice|lemon-juice=15,milk-whole=229
      100g oats, swap 15g of the oats for cocoa|cocoa=15,oats-rolled=85
      100g oats, replace 15g of the oats with 15g cocoa|cocoa=15,oats-rolled=85
      2 cups white flour. Swap 1 cup of the flour for whole wheat.|wheat-flour-white=135,wheat-flour-whole=130
      60 g sugar. Replace 20 g of the sugar with 15 g honey.|honey=15,sugar-white=40
      300 ml milk, 50 ml left over|milk-whole=258
      300 ml milk (about 50 ml left over)|milk-whole=258
      200 g flour, with 20 g left|wheat-flour-white=180
      2 cups milk, half a cup was left|milk-whole=366
      250 g yogurt (50 g left)|yogurt-whole=200
      6 eggs, 2 left over|egg=200
      300 ml milk, don't need the last 50 ml|milk-whole=258
      then the eggs, one at a time – three in all|egg=150
      add the eggs one by one, 3 in all|egg=150
      the milk bit by bit, 400 ml altogether|milk-whole=412
      the flour in two goes, 250 g in all|wheat-flour-white=250
      mash two bananas until you have 200 g|banana=200
      grate 2 courgettes to give 250 g|zucchini=250
      peel and chop 3 apples, you want 300 g|apple=300
      2 courgettes. They came to 180 g.|zucchini=180
      3 apples (300 g)|apple=300
      2 bananas (200 g)|banana=200
      had 3 eggs left so: 3 eggs and 150 g flour|egg=150,wheat-flour-white=150
      brush with 20 g melted butter while hot|butter=20@PLATE
      brush the pan with 10 g butter once it's hot|butter=10@PAN
      what goes on top: 20 g honey|honey=20@PLATE
      Gooseberries, a pound, stewed with two ounces of sugar, on top|gooseberries=454@PLATE,sugar-white=57@PLATE
      lard, 10 g, for t'pan|lard=10@PAN
      crack in an egg, shake for a minute|egg=50
      2 eggs and 200 ml milk, shake well|egg=100,milk-whole=206
      We're five at the table, so 5 eggs|egg=250
      In the cupboard: 1 kg flour, 12 eggs. For the batter: 200 g flour, 2 eggs.|egg=100,wheat-flour-white=200
      Have: 6 eggs, 1 kg flour. Use: 2 eggs, 200 g flour.|egg=100,wheat-flour-white=200
      Buy: 1 kg flour. Recipe: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Not used: 50 g butter. 200 g flour.|wheat-flour-white=200
      my mix is 200 g flour and 2 eggs; hers has 3 eggs|egg=100,wheat-flour-white=200
      mine: 2 eggs, my sister's has 3 eggs|egg=100
      Mum uses 2 eggs, I just use 1|egg=50
      half as much sugar as flour; flour is 120 g|sugar-white=60,wheat-flour-white=120
      """;

  @Test
  void whatIsUsedCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
