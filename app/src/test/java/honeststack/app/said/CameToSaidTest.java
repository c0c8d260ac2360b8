package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What amounts came to in the end: other cases, scales before and after, weights of eggs. */
class CameToSaidTest {
  private static final String TEXTS =
      """
      flour and milk half and half, 250 g of each|milk-whole=250,wheat-flour-white=250
      equal weights of egg, flour and milk, 150 g of each|egg=150,milk-whole=150,wheat-flour-white=150
      60% wholemeal and 40% white, 500 g in all|wheat-flour-white=200,wheat-flour-whole=300
      500 g flour, 60% wholemeal 40% white|wheat-flour-white=200,wheat-flour-whole=300
      500 g flour (three fifths wholemeal, rest white)|wheat-flour-white=200,wheat-flour-whole=300
      300 ml liquid, two thirds milk one third water|milk-whole=206,water=100
      300 ml milk and water, half and half|milk-whole=155,water=150
      300 ml half milk half water|milk-whole=155,water=150
      300 ml of a half-and-half mix of milk and water|milk-whole=155,water=150
      300 ml milk cut with 100 ml water|milk-whole=309,water=100
      in winter 250 ml milk, in summer 230|milk-whole=247
      250 ml milk in winter, 230 in summer|milk-whole=247
      250 ml milk if the flour is old, otherwise 220|milk-whole=242
      250 to 300 ml milk depending on the flour|milk-whole=284
      200 g flour for thin ones, 250 for thick|wheat-flour-white=225
      2 eggs if large, 3 if small|egg=125
      3 eggs if they're small, otherwise 2|egg=125
      4 people x 3 pancakes|;pieces 12;serves 4
      3 each for 4 people|;pieces 12;serves 4
      two apiece for six of us|;pieces 12;serves 6
      a dozen, three each|;pieces 12;serves 4
      12 pancakes, that's 3 each|;pieces 12;serves 4
      12 pancakes between 4|;pieces 12;serves 4
      12 pancakes split four ways|;pieces 12;serves 4
      12 pancakes, 4 servings of 3|;pieces 12;serves 4
      4 servings of 3 pancakes|;pieces 12;serves 4
      4 portions, 3 per portion|;pieces 12;serves 4
      serves 4 at 2 waffles each|;pieces 8;serves 4
      a batch is 10|;pieces 10
      one batch = 10|;pieces 10
      a batch gives me ten and a tiddler|;pieces 10
      quantity: 10|;pieces 10
      no. of pancakes: 10|;pieces 10
      number of waffles 10|;pieces 10
      total 10 pcs|;pieces 10
      pcs: 10|;pieces 10
      two breakfasts|;serves 2
      does the four of us|;serves 4
      plenty for 5|;serves 5
      enough for a family of 5|;serves 5
      enough for me and two kids|;serves 3
      enough for 2 adults and 3 children|;serves 5
      for my husband and me|;serves 2
      for the three of us|;serves 3
      2 cups flour (I weighed it: 260 g)|wheat-flour-white=260
      2 cups flour, on the scale 260 g|wheat-flour-white=260
      2 cups flour which weighed 260 g|wheat-flour-white=260
      3 eggs, scale says 158 g|egg=158
      a mug of flour, weighed, 180 g|wheat-flour-white=180
      a mug of flour (180 g in mine)|wheat-flour-white=180
      my ladle holds 80 ml, 3 ladles of milk|milk-whole=247
      my cup is 200 ml: 2 cups milk, 1 cup water|milk-whole=412,water=200
      using a 200 ml cup: 2 cups milk|milk-whole=412
      bowl 300 g, with flour 520 g|wheat-flour-white=220
      bowl weighs 300 g empty and 520 g with the flour|wheat-flour-white=220
      scale before the milk 520, after 770|milk-whole=250
      the bottle went from 750 ml to 500 ml of milk|milk-whole=258
      honey jar 350 g before, 330 g after|honey=20
      40 g gone from the butter|butter=40
      three eggs and their weight in flour|egg=150,wheat-flour-white=160
      2 eggs, their weight in butter, sugar and flour|butter=107,egg=100,sugar-white=107,wheat-flour-white=107
      2 eggs' weight in flour|egg=100,wheat-flour-white=107
      Weigh the 2 eggs and use the same weight of flour|egg=100,wheat-flour-white=107
      the same weight of flour as the 3 eggs|egg=150,wheat-flour-white=160
      2 eggs and the weight of the eggs in flour|egg=100,wheat-flour-white=107
      3 eggs and the weight of them in flour|egg=150,wheat-flour-white=160
      2–3 cups milk and the same of flour|milk-whole=610,wheat-flour-white=338
      Start with 400 ml milk; I ended up using nearly 450.|milk-whole=464
      400 ml milk. In the end I used 450.|milk-whole=464
      400 ml milk was too much; 350 was enough|milk-whole=361
      400 ml milk; 350 would do|milk-whole=361
      400 ml milk, in practice 450|milk-whole=464
      Start with 400 ml milk and I ended up using 450 ml.|milk-whole=464
      200 g flour (needed 220)|wheat-flour-white=220
      200 g flour (it took 220)|wheat-flour-white=220
      300 ml milk (used 250 ml)|milk-whole=258
      2 eggs (used 3)|egg=150
      300 ml milk, really more like 320|milk-whole=330
      200 g flour on paper, 220 in the bowl|wheat-flour-white=220
      300 ml milk, came out at 310|milk-whole=320
      whip 150 ml cream with 1 tsp icing sugar and pile on|cream-heavy=151@PLATE,sugar-icing=3@PLATE
      fry 2 apples in 20 g butter and heap on|apple=364@PLATE,butter=20@PLATE
      a little splash of milk|milk-whole=8
      a little glug of oil goes in too|oil-sunflower=7
      a slurp of milk|milk-whole=15
      flour 180⏎milk 240⏎eggs 2⏎sugar 15⏎bp 8⏎salt 2|baking-powder=8,egg=100,milk-whole=247,salt=2,sugar-white=15,wheat-flour-white=180
      8 oz butter on the flattop|butter=227@PAN
      honey in place of the 2 tbsp sugar, same amount|honey=42
      oil instead of the 50 g butter, same weight|oil-sunflower=50
      maple syrup rather than the 30 g sugar, weight for weight|maple-syrup=30
      my mix is 200 g flour and 2 eggs; hers has 3 eggs|egg=100,wheat-flour-white=200
      mine: 2 eggs, hers: 3 eggs|egg=100
      left over: 100 g flour. Used: 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      - did you use sugar? - no, 2 tbsp honey|honey=42
      A: how many eggs? B: three. A: milk? B: half a litre.|egg=150,milk-whole=516
      How much flour? 200 g. How much milk? 300 ml.|milk-whole=309,wheat-flour-white=200
      flour? 200 g. milk? 300 ml. eggs? 2.|egg=100,milk-whole=309,wheat-flour-white=200
      flour: how much? 200 g|wheat-flour-white=200
      me: what goes in? mum: 200 g flour, 2 eggs, pint of milk|egg=100,milk-whole=488,wheat-flour-white=200
      Mum says 200 g flour, I say 250|wheat-flour-white=250
      Mum uses 200 g flour. I use 250 g.|wheat-flour-white=250
      Mum uses 2 eggs, I use 3|egg=150
      my sister swears by 3 eggs but I stick to 2|egg=100
      most recipes say 2 eggs, this one takes 4|egg=200
      other recipes have 100 g sugar, mine has 30|sugar-white=30
      normally 100 g sugar but I cut it to 30|sugar-white=30
      200 g flour is what Gran used, I'm at 180|wheat-flour-white=180
      I wanted to use 3 eggs but had 2|egg=100
      should be 3 eggs, I had 2|egg=100
      could only find 2 eggs so 2 eggs, 150 g flour|egg=100,wheat-flour-white=150
      had no milk so water, 300 ml|water=300
      ran out of milk: 200 ml milk and 100 ml water|milk-whole=206,water=100
      200 ml milk then I ran out, so 100 ml water|milk-whole=206,water=100
      200 ml milk, the rest water up to 300|milk-whole=206,water=100
      3 eggs (my neighbour's hens)|egg=150
      3 eggs, well, 2 and a half because the dog got some|egg=125
      3 eggs minus a bit of shell|egg=150
      a small glass of milk, say 150 ml|milk-whole=155
      1 l milk, of which 700 ml now and the rest after resting|milk-whole=1031
      2 tsp salt? No, half a tsp.|salt=3
      salt, half a tsp (not 2!)|salt=3
      "half tsp salt" not "half cup"|salt=3
      """;

  @Test
  void whatItCameToCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
