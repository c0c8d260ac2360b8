package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * Numbers as they are dictated, units as they are written, pages as they are pasted, questions and
 * chats.
 */
class WrittenSaidTest {
  private static final String TEXTS =
      """
      two fifty grams of flour|wheat-flour-white=250
      one fifty ml milk|milk-whole=155
      one twenty five grams flour|wheat-flour-white=125
      three hundred and fifty grams flour|wheat-flour-white=350
      three fifty of flour in grams|wheat-flour-white=350
      one point five cups milk|milk-whole=366
      nought point five litres milk|milk-whole=515
      oh point two five litres of milk|milk-whole=258
      half a teaspoon of salt|salt=3
      one and a quarter cups milk|milk-whole=305
      a cup and a quarter milk|milk-whole=305
      a cup and a third of milk|milk-whole=325
      two and two thirds cups milk|milk-whole=651
      one and three quarter cups milk|milk-whole=427
      three quarter cup milk|milk-whole=183
      three quarters cup milk|milk-whole=183
      quarter cup sugar|sugar-white=50
      a third cup sugar|sugar-white=67
      third of a cup sugar|sugar-white=67
      two third cup sugar|sugar-white=133
      one eighth teaspoon salt|salt=1
      half a dozen eggs|egg=300
      a couple eggs|egg=100
      a pair of eggs|egg=100
      a dozen eggs|egg=600
      twelve hundred grams flour|wheat-flour-white=1200
      a thousand grams flour|wheat-flour-white=1000
      a kilo and a half of flour|wheat-flour-white=1500
      a pound and a half of flour|wheat-flour-white=680
      half a pound of flour|wheat-flour-white=227
      quarter of a pound of butter|butter=113
      four ounces butter|butter=113
      four and a half ounces butter|butter=128
      a pint and a half of milk|milk-whole=732
      two hundred odd grams flour|wheat-flour-white=200
      two to three hundred grams flour|wheat-flour-white=250
      two or three eggs|egg=125
      hundred grams flour|wheat-flour-white=100
      a hundred grams flour|wheat-flour-white=100
      hundred and twenty grams flour|wheat-flour-white=120
      one hundred twenty grams flour|wheat-flour-white=120
      one hundred and five grams flour|wheat-flour-white=105
      eighty-five grams flour|wheat-flour-white=85
      eighty five grams flour|wheat-flour-white=85
      fifty fifty flour and oats, 200 g in all|oats-rolled=100,wheat-flour-white=100
      one to one and a half cups milk|milk-whole=305
      one and a half to two cups milk|milk-whole=427
      two hundred milliliters milk|milk-whole=206
      two decilitres milk|milk-whole=206
      half a litre of milk|milk-whole=516
      a litre and a quarter milk|milk-whole=1289
      three tablespoons and a half of sugar|sugar-white=44
      three and a half tablespoons of sugar|sugar-white=44
      tablespoon and a half of sugar|sugar-white=19
      20 to 25 grams sugar|sugar-white=23
      2.5dl milk|milk-whole=258
      2,5 dl milk|milk-whole=258
      1½ dl milk|milk-whole=155
      1 1/2dl milk|milk-whole=155
      .5 cup milk|milk-whole=122
      0,5 l milk|milk-whole=515
      1/2l milk|milk-whole=515
      500mls milk|milk-whole=515
      500 mil milk|milk-whole=515
      500 mills milk|milk-whole=515
      200gm flour|wheat-flour-white=200
      200 gms flour|wheat-flour-white=200
      200gr flour|wheat-flour-white=200
      200G flour|wheat-flour-white=200
      200 grm flour|wheat-flour-white=200
      200grs flour|wheat-flour-white=200
      g 200 flour|wheat-flour-white=200
      gr. 200 flour|wheat-flour-white=200
      flour gr 200|wheat-flour-white=200
      flour: g 200|wheat-flour-white=200
      ml 300 milk|milk-whole=309
      1C milk|milk-whole=244
      1 Cp milk|milk-whole=244
      2 tblsp sugar|sugar-white=25
      2 tbs sugar|sugar-white=25
      2 tbl sugar|sugar-white=25
      2 Tbls. sugar|sugar-white=25
      2 tsps sugar|sugar-white=8
      2 teasp. sugar|sugar-white=8
      2 dssp sugar|sugar-white=17
      2 dsp sugar|sugar-white=17
      2 dstsp sugar|sugar-white=17
      1 lb. flour|wheat-flour-white=454
      1# flour|wheat-flour-white=454
      8oz. flour|wheat-flour-white=227
      8 ozs flour|wheat-flour-white=227
      1 qt. milk|milk-whole=976
      1 pt milk|milk-whole=488
      4 fl. oz. milk|milk-whole=122
      4floz milk|milk-whole=122
      Flour ........ 200 g⏎Eggs ......... 2⏎Milk ......... 300 ml|egg=100,milk-whole=309,wheat-flour-white=200
      Flour (g): 200⏎Eggs (pcs): 2⏎Milk (ml): 300|egg=100,milk-whole=309,wheat-flour-white=200
      Flour,200,g⏎Eggs,2,pcs⏎Milk,300,ml|egg=100,milk-whole=309,wheat-flour-white=200
      flour;200 g⏎eggs;2⏎milk;300 ml|egg=100,milk-whole=309,wheat-flour-white=200
      1. 200 g flour⏎2. 2 eggs⏎3. 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      1) 200 g flour⏎2) 2 eggs⏎3) 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      - [ ] 200 g flour⏎- [x] 2 eggs⏎- [ ] 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      ☐ 200 g flour⏎☑ 2 eggs⏎☐ 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      ✓ 200 g flour⏎✓ 2 eggs⏎✗ 300 ml milk|egg=100,wheat-flour-white=200
      🥚 2 eggs⏎🥛 300 ml milk⏎🌾 200 g flour|egg=100,milk-whole=309,wheat-flour-white=200
      &frac12; cup milk⏎200&nbsp;g flour|milk-whole=122,wheat-flour-white=200
      1⁄2 cup milk|milk-whole=122
      200 g flour¹⏎2 eggs²⏎¹ sifted⏎² room temperature|egg=100,wheat-flour-white=200
      ~~3~~ 2 eggs, 200 g flour|egg=100,wheat-flour-white=200
      ~~3 eggs~~ 2 eggs, 200 g flour|egg=100,wheat-flour-white=200
      "200 g flour, 2 eggs, 300 ml milk"|egg=100,milk-whole=309,wheat-flour-white=200
      > 200 g flour⏎> 2 eggs|egg=100,wheat-flour-white=200
      200 G FLOUR⏎2 EGGS⏎300 ML MILK|egg=100,milk-whole=309,wheat-flour-white=200
      200 g⏎flour⏎2⏎eggs⏎300 ml⏎milk|egg=100,milk-whole=309,wheat-flour-white=200
      flour⏎200 g⏎eggs⏎2⏎milk⏎300 ml|egg=100,milk-whole=309,wheat-flour-white=200
      flour	200 g⏎eggs	2⏎milk	300 ml|egg=100,milk-whole=309,wheat-flour-white=200
      200 g	flour⏎2	eggs⏎300 ml	milk|egg=100,milk-whole=309,wheat-flour-white=200
      * 200 g flour⏎* 2 eggs|egg=100,wheat-flour-white=200
      + 200 g flour⏎+ 2 eggs|egg=100,wheat-flour-white=200
      • 200 g flour • 2 eggs • 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour / 2 eggs / 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour \\ 2 eggs \\ 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour -- 2 eggs -- 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour + 2 eggs + 300 ml milk = batter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour & 2 eggs & 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, etc.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour... 2 eggs... 300 ml milk...|egg=100,milk-whole=309,wheat-flour-white=200
      flour=200g eggs=2 milk=300ml|egg=100,milk-whole=309,wheat-flour-white=200
      flour: "200 g", eggs: "2", milk: "300 ml"|egg=100,milk-whole=309,wheat-flour-white=200
      {"flour": "200 g", "eggs": 2, "milk": "300 ml"}|egg=100,milk-whole=309,wheat-flour-white=200
      ["200 g flour", "2 eggs", "300 ml milk"]|egg=100,milk-whole=309,wheat-flour-white=200
      <li>200 g flour</li><li>2 eggs</li><li>300 ml milk</li>|egg=100,milk-whole=309,wheat-flour-white=200
      <p>200 g flour<br>2 eggs<br>300 ml milk</p>|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour<br/>2 eggs<br/>300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Ingredients: 200 g flour; 2 eggs; 300 ml milk. Method: mix and fry.|egg=100,milk-whole=309,wheat-flour-white=200
      INGREDIENTS⏎⏎200 g flour (7 oz)⏎2 eggs⏎300 ml milk (10 fl oz)|egg=100,milk-whole=309,wheat-flour-white=200
      7 oz/200 g flour⏎2 eggs⏎10 fl oz/300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Flour: 200 g / 7 oz / 1 2/3 cups⏎Milk: 300 ml / 10 fl oz / 1 1/4 cups|milk-whole=309,wheat-flour-white=200
      200 g (1 2/3 cups) flour⏎300 ml (1 1/4 cups) milk|milk-whole=309,wheat-flour-white=200
      1 2/3 cups (200 g) flour⏎1 1/4 cups (300 ml) milk|milk-whole=309,wheat-flour-white=200
      1 2/3 cups [200 g] flour|wheat-flour-white=200
      1 2/3 cups = 200 g flour|wheat-flour-white=200
      1 2/3 cups or 200 g flour|wheat-flour-white=200
      x2 eggs⏎x1 cup milk|egg=100,milk-whole=244
      2x eggs, 1x 200 g flour|egg=100,wheat-flour-white=200
      eggs ×2, flour 200 g ×1|egg=100,wheat-flour-white=200
      eggs (2); flour (200 g); milk (300 ml)|egg=100,milk-whole=309,wheat-flour-white=200
      eggs [2] flour [200 g] milk [300 ml]|egg=100,milk-whole=309,wheat-flour-white=200
      a) 200 g flour b) 2 eggs c) 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      a. 200 g flour⏎b. 2 eggs⏎c. 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      i. 200 g flour⏎ii. 2 eggs|egg=100,wheat-flour-white=200
      Step 1: 200 g flour. Step 2: 2 eggs. Step 3: 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      Bowl 1: 200 g flour, 5 g baking powder. Bowl 2: 2 eggs, 300 ml milk.|baking-powder=5,egg=100,milk-whole=309,wheat-flour-white=200
      A: 200 g flour? B: no, 250. A: and 2 eggs? B: yes|egg=100,wheat-flour-white=250
      how many eggs? 2. flour? 200 g. milk? 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      flour? 200 g. eggs? two. milk? about 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      Q: How much milk? A: 300 ml. Q: How many eggs? A: 2.|egg=100,milk-whole=309
      2 eggs, right? right. 200 g flour|egg=100,wheat-flour-white=200
      did I say 2 eggs? I meant 3. 200 g flour.|egg=150,wheat-flour-white=200
      was it 200 g flour? yes, 200 g flour.|wheat-flour-white=200
      200 g flour or 250 g? I went with 250.|wheat-flour-white=250
      milk, 300 ml? no 250 ml|milk-whole=258
      sugar? none. flour 200 g, eggs 2|egg=100,wheat-flour-white=200
      any sugar? no. flour 200 g, eggs 2|egg=100,wheat-flour-white=200
      sugar: no. salt: yes, 2 g. flour 200 g|salt=2,wheat-flour-white=200
      butter yes 30 g, sugar no, eggs 2|butter=30,egg=100
      with butter? yes, 30 g. with sugar? no.|butter=30
      eggs: yes (2). sugar: skip. milk: 300 ml|egg=100,milk-whole=309
      [09:12] Ann: 200 g flour⏎[09:13] Bo: 2 eggs⏎[09:14] Ann: 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Ann, 09:12: 200 g flour⏎Bo, 09:13: and 2 eggs|egg=100,wheat-flour-white=200
      12/05/2026, 09:12 - Ann: 200 g flour⏎12/05/2026, 09:13 - Bo: 2 eggs|egg=100,wheat-flour-white=200
      @ann 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      note to self: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Subject: pancakes⏎Hi Bo,⏎200 g flour, 2 eggs, 300 ml milk.⏎Cheers, Ann|egg=100,milk-whole=309,wheat-flour-white=200
      Dear all, for 20 June we need 2 kg flour, 20 eggs and 3 l milk. Regards, Ann (room 12)|egg=1000,milk-whole=3094,wheat-flour-white=2000
      Sent from my phone: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Pancakes!!! 200 g flour!! 2 eggs!!|egg=100,wheat-flour-white=200
      (typing with one hand) 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      lol 2 eggs, 200 g flour haha|egg=100,wheat-flour-white=200
      200 g flour ofc, 2 eggs ofc|egg=100,wheat-flour-white=200
      um 200 g flour i guess, 2 eggs idk|egg=100,wheat-flour-white=200
      200g flour n 2 eggs n 300ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200g flour w/ 2 eggs & 300ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      u need 200g flour + 2 eggs|egg=100,wheat-flour-white=200
      gimme 200 g flour and 2 eggs|egg=100,wheat-flour-white=200
      gonna need 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      lemme see, 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      y'all need 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      'tis 200 g flour and 2 eggs|egg=100,wheat-flour-white=200
      200 g flour, innit, 2 eggs|egg=100,wheat-flour-white=200
      200 g flour eh, 2 eggs|egg=100,wheat-flour-white=200
      a wee bit of salt, 200 g flour|?salt=0,wheat-flour-white=200
      Each pupil: 50 g flour, half an egg, 75 ml milk. 24 pupils.|egg=600,milk-whole=1856,wheat-flour-white=1200;serves 24
      Demo batch 200 g flour, 2 eggs, 300 ml milk; pupils' batches are half that.|egg=100,milk-whole=309,wheat-flour-white=200
      Ingredients per pair: 100 g flour, 1 egg, 150 ml milk|egg=50,milk-whole=155,wheat-flour-white=100
      Lesson 4 (Year 8): 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      Homework: bring 200 g flour and 2 eggs|egg=100,wheat-flour-white=200
      Bring: 200 g flour, 2 eggs, apron, box|egg=100,wheat-flour-white=200
      """;

  @Test
  void howItIsWrittenChangesNothing() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
