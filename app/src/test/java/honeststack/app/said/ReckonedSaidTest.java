package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * Amounts that are told by others: shares, proportions, what fills up to a mark, what was halved.
 */
class ReckonedSaidTest {
  private static final String TEXTS =
      """
      Egg, whole, pasteurised liquid 600 g. Flour T55 1.2 kg. Milk UHT semi 2 L. Oil 100 ml.|egg=600,milk-reduced-fat=2062,oil-sunflower=91,wheat-flour-white=1200
      Egg, whole, liquid 600 g. Flour 1.2 kg.|egg=600,wheat-flour-white=1200
      Egg, whole, pasteurised 600 g⏎Flour 1.2 kg|egg=600,wheat-flour-white=1200
      Egg, pasteurised, 600 g. Flour, plain, 1.2 kg. Milk, semi, 2 l.|egg=600,milk-reduced-fat=2062,wheat-flour-white=1200
      Sugar, fine 200 g. Butter, soft 100 g.|butter=100,sugar-white=200
      Flour strong 200 g; milk cold 300 ml; eggs 2|egg=100,milk-whole=309,wheat-flour-bread=200
      Eggs (free range) 2. Sugar (unrefined) 30 g.|egg=100,sugar-white=30
      Yeast instant 7 g. Salt fine 5 g. Water warm 300 ml.|salt=5,water=300,yeast-dry=7
      Milk long-life 1 l. Margarine hard 250 g.|margarine=250,milk-whole=1031
      180 ml milk, topped up with water to 250 ml|milk-whole=186,water=70
      180 ml milk topped up to 250 ml with water|milk-whole=186,water=70
      180 ml milk made up to 250 ml with water|milk-whole=186,water=70
      180 ml milk plus water to make 250 ml|milk-whole=186,water=70
      180 ml milk and enough water to make 250 ml|milk-whole=186,water=70
      180 ml milk, water to 250 ml|milk-whole=186,water=70
      180 ml milk, then water up to the 250 ml mark|milk-whole=186,water=70
      2 eggs plus milk to make 300 ml|egg=100,milk-whole=206
      2 eggs topped up with milk to 300 ml|egg=100,milk-whole=206
      I used the end of the milk, maybe 180 ml, and topped it up with water to 250.|milk-whole=186,water=70
      1 tbsp lemon juice and top up with milk to 240 ml|lemon-juice=15,milk-whole=232
      das gibt 10 dünne Pfannkuchen|;pieces 10
      das gibt 10 dünne|;pieces 10
      gibt 10 Stück|;pieces 10
      ergibt ca. 10|;pieces 10
      reicht für 4 Personen|;serves 4
      ça donne 12 crêpes|;pieces 12
      donne environ 12 crêpes|;pieces 12
      pour 12 crêpes|;pieces 12
      pour 4|;serves 4
      para 4 personas|;serves 4
      salen 12|;pieces 12
      rinde 12 tortitas|;pieces 12
      rende 10 panquecas|;pieces 10
      per 4 persone|;serves 4
      vengono 12 crêpes|;pieces 12
      voor 4 personen|;serves 4
      goed voor 12 stuks|;pieces 12
      dla 4 osób|;serves 4
      shared between 3 of us|;serves 3
      lard, a bit the size of a hazelnut|lard=5
      a bit of butter the size of a walnut|butter=18
      a lump of lard as big as a walnut|lard=18
      butter as big as an egg|butter=50
      butter, walnut-sized|butter=18
      a walnut-sized lump of butter|butter=18
      replace 50 g of the 200 g flour with cocoa|cocoa=50,wheat-flour-white=150
      200 g flour, swap 50 g for cocoa|cocoa=50,wheat-flour-white=150
      200 g flour but 50 g of that is cocoa|cocoa=50,wheat-flour-white=150
      200 g flour (50 g of it cocoa)|cocoa=50,wheat-flour-white=150
      200 g flour including 50 g cocoa|cocoa=50,wheat-flour-white=150
      200 g flour incl. 50 g rye|rye-flour-medium=50,wheat-flour-white=150
      200 g flour, 50 of which are rye|rye-flour-medium=50,wheat-flour-white=150
      200 g flour, made up of 150 g white and 50 g rye|rye-flour-medium=50,wheat-flour-white=150
      200 g flour: 150 white, 50 rye|rye-flour-medium=50,wheat-flour-white=150
      200 g flour (150 g plain + 50 g rye)|rye-flour-medium=50,wheat-flour-white=150
      200 g flour in total, 50 g of it rye|rye-flour-medium=50,wheat-flour-white=150
      300 ml half-and-half milk and water|milk-whole=155,water=150
      300 ml of milk/water 50:50|milk-whole=155,water=150
      two thirds milk, one third water, 300 ml|milk-whole=206,water=100
      3 parts flour 1 part cocoa, 200 g|cocoa=50,wheat-flour-white=150
      flour and cocoa 3:1, 200 g together|cocoa=50,wheat-flour-white=150
      equal parts rice flour and cornflour, 200 g|corn-starch=100,rice-flour-white=100
      200 g of equal parts rice flour and cornflour|corn-starch=100,rice-flour-white=100
      200 g flour, equal milk|milk-whole=200,wheat-flour-white=200
      200 g flour, 1.5 times the milk|milk-whole=300,wheat-flour-white=200
      200 g flour, double the milk|milk-whole=400,wheat-flour-white=200
      1 egg per 100 g flour, I use 200 g|egg=100,wheat-flour-white=200
      1 egg per 100 g flour; 300 g flour|egg=150,wheat-flour-white=300
      for every 100 g flour 1 egg, we take 300 g flour|egg=150,wheat-flour-white=300
      100 g flour per egg, 3 eggs|egg=150,wheat-flour-white=300
      a tablespoon of sugar per egg, 3 eggs|egg=150,sugar-white=37
      1 tsp baking powder to each 100 g of the 300 g flour|baking-powder=14,wheat-flour-white=300
      1 tsp baking powder per 100 g flour (300 g)|baking-powder=14,wheat-flour-white=300
      salt 2 % of 500 g flour|salt=10,wheat-flour-white=500
      10 % sugar on 500 g flour|sugar-white=50,wheat-flour-white=500
      Flour 100 % 500 g, milk 150 %, egg 40 %|egg=200,milk-whole=750,wheat-flour-white=500
      Flour 100%, milk 150%, egg 40%, butter 10%, flour is 2 kg|butter=200,egg=800,milk-whole=3000,wheat-flour-white=2000
      Flour 2 kg (100%), milk 3 kg (150%), egg 800 g (40%)|egg=800,milk-whole=3000,wheat-flour-white=2000
      three quarters of a 250 g pack of butter|butter=188
      half the 250 g pack of butter|butter=125
      125 g butter = half a pack|butter=125
      half a block of butter (125 g)|butter=125
      half a block (125 g) of butter|butter=125
      1/2 of a 250 g block butter|butter=125
      a quarter of the 2 kg bag of flour|wheat-flour-white=500
      1 egg per 100 g of flour. I use 300 g of flour.|egg=150,wheat-flour-white=300
      1 egg per 100 g flour, 300 g flour|egg=150,wheat-flour-white=300
      per 100 g flour 1 egg, 300 g flour|egg=150,wheat-flour-white=300
      150 ml milk per 100 g flour, so with 200 g flour|milk-whole=309,wheat-flour-white=200
      150 ml milk to every 100 g flour; I have 200 g flour|milk-whole=309,wheat-flour-white=200
      150 ml of milk for each 100 g of flour, 250 g flour here|milk-whole=387,wheat-flour-white=250
      200 g flour, 1 egg per 100 g|egg=100,wheat-flour-white=200
      200 g flour, 1 egg per 100 g flour|egg=100,wheat-flour-white=200
      200 g flour and 1 egg for every 100 g of it|egg=100,wheat-flour-white=200
      flour 300 g. For every 100 g of flour take 1 egg.|egg=150,wheat-flour-white=300
      2 g salt per 100 g flour|salt=2,wheat-flour-white=100
      1 tsp baking powder per cup of flour, 2 cups flour|baking-powder=9,wheat-flour-white=270
      1 tsp baking powder for each cup of flour (2 cups)|baking-powder=9,wheat-flour-white=270
      1 egg per cup of flour; 2 cups of flour|egg=100,wheat-flour-white=270
      500 g flour, milk 150 %, egg 40 %, salt 1.5 %|egg=200,milk-whole=750,salt=8,wheat-flour-white=500
      500 g flour, 150 % milk, 40 % egg|egg=200,milk-whole=750,wheat-flour-white=500
      flour 500 g = 100 %, water 80 %, oil 5 %|oil-sunflower=25,water=400,wheat-flour-white=500
      500 g flour, 1.5 % salt|salt=8,wheat-flour-white=500
      chocolate 70 %, 50 g, flour 200 g|chocolate-dark=50,wheat-flour-white=200
      200 g flour, 100 g dark chocolate (70 %), 200 ml milk (3.5 %)|chocolate-dark=100,milk-whole=206,wheat-flour-white=200
      200 g flour: 150 g white, 50 g rye|rye-flour-medium=50,wheat-flour-white=150
      200 g flour = 150 g white + 50 g rye|rye-flour-medium=50,wheat-flour-white=150
      300 ml milk: 200 ml oat drink and 100 ml almond drink|almond-drink=100,oat-drink=206
      300 g sugar: 200 g white, 100 g brown|sugar-brown=100,sugar-white=200
      100 g fat (50 g butter, 50 g oil)|butter=50,oil-sunflower=50
      100 g fat: 50 g butter, 50 g oil|butter=50,oil-sunflower=50
      300 g mixed flours: 200 g rice flour, 100 g oat flour|oat-flour=100,rice-flour-white=200
      half the 500 g bag of flour|wheat-flour-white=250
      half of the 500 g bag of flour|wheat-flour-white=250
      two thirds of the 300 g tub of ricotta|ricotta-whole=200
      a third of a 400 ml tin of coconut milk|coconut-milk=127
      half a tin of coconut milk (200 ml)|coconut-milk=191
      I halved the 50 g sugar|sugar-white=25
      halved the 50 g of sugar, 200 g flour|sugar-white=25,wheat-flour-white=200
      I always halve the 50 g sugar|sugar-white=25
      50 g sugar, halved|sugar-white=25
      50 g sugar, which I halve|sugar-white=25
      50 g sugar but halve it|sugar-white=25
      I doubled the 2 g cinnamon|cinnamon=4
      doubled the cinnamon to 4 g|cinnamon=4
      2 g cinnamon, doubled|cinnamon=4
      I tripled the 10 g cocoa|cocoa=30
      cut the 50 g sugar in half|sugar-white=25
      cut the 50 g sugar by half|sugar-white=25
      reduce the 50 g sugar by a third|sugar-white=33
      reduced the 60 g sugar by a third|sugar-white=40
      reduce the sugar by 20 g to 30 g|sugar-white=30
      take 10 g off the 50 g sugar|sugar-white=40
      10 g less than the 50 g sugar|sugar-white=40
      use three quarters of the 60 g sugar|sugar-white=45
      use only 3/4 of the 60 g sugar|sugar-white=45
      two thirds of the 60 g sugar is enough|sugar-white=40
      I add half again to the 200 ml milk|milk-whole=309
      half as much again as the 200 ml milk|milk-whole=309
      200 ml milk and half as much again|milk-whole=309
      200 ml milk, then half as much again|milk-whole=309
      200 ml milk plus 10 %|milk-whole=227
      200 ml milk less 10 %|milk-whole=186
      increase the 200 ml milk by 50 ml|milk-whole=258
      up the 200 ml milk to 250|milk-whole=258
      raise the milk from 200 to 250 ml|milk-whole=258
      went from 200 to 250 ml milk|milk-whole=258
      lowered the milk from 250 ml to 200 ml|milk-whole=206
      bumped the eggs up to 3|egg=150
      dropped the eggs down to 2|egg=100
      2 eggs and then one more|egg=150
      2 eggs, plus 1 yolk|egg=100,egg-yolk=17
      200 to 250 g pumpkin, half of it|pumpkin=113
      2-3 cups pumpkin, use half|pumpkin=306
      2 to 3 eggs, doubled|egg=250
      #10 can pumpkin, half of it|pumpkin=1474
      """;

  @Test
  void whatIsReckonedFromOtherAmountsCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
