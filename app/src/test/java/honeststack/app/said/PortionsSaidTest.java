package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * How many came out and what became of them, what some of them get, what it comes to for all of
 * them, what counted eggs weigh and what goes with what; each with all that it measures.
 */
class PortionsSaidTest {
  private static final String TEXTS =
      """
      1 banana (118 g), 2 eggs|banana=118,egg=100
      1 banana, 2 eggs. The banana was 96 g peeled.|banana=96,egg=100
      1 cup of flour (it was 140 g), 2 eggs|wheat-flour-white=140,egg=100
      1 egg (52 g), 100 g flour|egg=52,wheat-flour-white=100
      1 egg - 61 g - and 200 g flour|egg=61,wheat-flour-white=200
      1 egg, 52 g, 100 g flour|egg=52,wheat-flour-white=100
      1 egg, it was 61 g cracked, 200 g flour|egg=61,wheat-flour-white=200
      10 g butter into the holes of the pan, 200 g flour|butter@PAN=10,wheat-flour-white=200
      100 g flour, 3 eggs, 200 ml oat milk without sugar|wheat-flour-white=100,egg=150,oat-drink=206
      100 g flour, 3 eggs, 80 g applesauce without sugar|wheat-flour-white=100,egg=150,applesauce=80
      100 g flour, 3 eggs. 40 g yogurt without sugar on top|wheat-flour-white=100,egg=150,yogurt-whole@PLATE=40
      2 eggs (they came to 110 g), 200 g flour|egg=110,wheat-flour-white=200
      2 eggs (together 110 g), 200 g flour|egg=110,wheat-flour-white=200
      2 eggs and their weight of flour. The eggs came to 116 g, so 116 g flour|egg=116,wheat-flour-white=116
      2 eggs, each 60 g, 200 g flour|egg=120,wheat-flour-white=200
      2 eggs, the eggs' weight in flour, 200 ml milk|egg=100,wheat-flour-white=107,milk-whole=206
      2 eggs, together they were 109 g, 200 g flour|egg=109,wheat-flour-white=200
      2 eggs. I weigh the eggs, 104 g, and take as much flour, 104 g.|egg=104,wheat-flour-white=104
      2 kg flour, 20 eggs, 48 pancakes, sold in fours.|wheat-flour-white=2000,egg=1000;pieces 48
      2 kg flour, 20 eggs. 30 portions of three.|wheat-flour-white=2000,egg=1000;pieces 90;serves 30
      2 kg flour, 20 eggs. There's 22 for breakfast, I do two and a half each so call it fifty five.|wheat-flour-white=2000,egg=1000;pieces 55;serves 22
      200 g flour and 5 g salt in a bowl. In go two eggs, then 300 ml milk.|wheat-flour-white=200,salt=5,egg=100,milk-whole=309
      200 g flour is joined by 20 g sugar and 2 eggs.|wheat-flour-white=200,sugar-white=20,egg=100
      200 g flour, 1 egg, makes 12. I put 10 g jam on each of four.|wheat-flour-white=200,egg=50,jam@PLATE=40;pieces 12
      200 g flour, 1 egg, makes 12. I put 10 g jam on each of the first four.|wheat-flour-white=200,egg=50,jam@PLATE=40;pieces 12
      200 g flour, 1 egg, makes 12. On half of them 5 g honey each.|wheat-flour-white=200,egg=50,honey@PLATE=30;pieces 12
      200 g flour, 1 egg, makes 6. 15 g of chocolate chips in three of them, each.|wheat-flour-white=200,egg=50,chocolate-chips@PLATE=45;pieces 6
      200 g flour, 1 egg, makes 6. 20 g jam on each of them.|wheat-flour-white=200,egg=50,jam@PLATE=120;pieces 6
      200 g flour, 1 egg, makes 6. I fill three of them with 20 g cheddar each.|wheat-flour-white=200,egg=50,cheddar@PLATE=60;pieces 6
      200 g flour, 1 egg, makes 6. I top all six with 20 g jam each.|wheat-flour-white=200,egg=50,jam@PLATE=120;pieces 6
      200 g flour, 1 egg, makes 6. I top three with 20 g jam apiece.|wheat-flour-white=200,egg=50,jam@PLATE=60;pieces 6
      200 g flour, 1 egg, makes 6. Three I spread with 20 g jam each.|wheat-flour-white=200,egg=50,jam@PLATE=60;pieces 6
      200 g flour, 1 egg, makes 8. On two of the pancakes went 15 g peanut butter each.|wheat-flour-white=200,egg=50,peanut-butter@PLATE=30;pieces 8
      200 g flour, 2 eggs, 300 ml milk and 20 g butter, which was the salted sort.|wheat-flour-white=200,egg=100,milk-whole=309,butter-salted=20
      200 g flour, 2 eggs, 300 ml milk. The milk was skimmed.|wheat-flour-white=200,egg=100,milk-skim=309
      200 g flour, 2 eggs, makes 9. On her three she had 60 g yogurt, 80 g raspberries, 10 g flaked almonds.|wheat-flour-white=200,egg=100,yogurt-whole@PLATE=60,raspberries@PLATE=80,almonds-sliced@PLATE=10;pieces 9
      200 g flour, 2 eggs, makes 9. On his he put 30 g jam.|wheat-flour-white=200,egg=100,jam@PLATE=30;pieces 9
      200 g flour, 2 eggs, makes 9. Over mine went 30 ml cream.|wheat-flour-white=200,egg=100,cream-heavy@PLATE=30;pieces 9
      200 g flour, 2 eggs. 100 g of cherries from a jar, drained, with them.|wheat-flour-white=200,egg=100,cherries-sweet@PLATE=100
      200 g flour, 2 eggs. 100 g strawberries, sliced, with these.|wheat-flour-white=200,egg=100,strawberries@PLATE=100
      200 g flour, 2 eggs. 4 for breakfast, two each.|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. A baker's dozen.|wheat-flour-white=200,egg=100;pieces 13
      200 g flour, 2 eggs. A banana, cut up, with it.|wheat-flour-white=200,egg=100,banana@PLATE=118
      200 g flour, 2 eggs. A couple of dozen.|wheat-flour-white=200,egg=100;pieces 24
      200 g flour, 2 eggs. A serving is two waffles and we had 4 servings|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. Baked in butter, 40 g altogether.|wheat-flour-white=200,egg=100,butter@PAN=40
      200 g flour, 2 eggs. Butter in the pan between each, 20 g went.|wheat-flour-white=200,egg=100,butter@PAN=20
      200 g flour, 2 eggs. Call it ten.|wheat-flour-white=200,egg=100;pieces 10
      200 g flour, 2 eggs. Cheese inside, 40 g of cheddar.|wheat-flour-white=200,egg=100,cheddar@PLATE=40
      200 g flour, 2 eggs. Cook through in coconut oil, a spoon.|wheat-flour-white=200,egg=100,oil-coconut@PAN=14
      200 g flour, 2 eggs. Eight of them, four for each of us.|wheat-flour-white=200,egg=100;pieces 8;serves 2
      200 g flour, 2 eggs. Fourteen for four people, three each and two over.|wheat-flour-white=200,egg=100;pieces 14;serves 4
      200 g flour, 2 eggs. Fried on a little oil, 27 g in total.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=27
      200 g flour, 2 eggs. Half a dozen waffles came out of that.|wheat-flour-white=200,egg=100;pieces 6
      200 g flour, 2 eggs. Honey on them, must have been 60 g.|wheat-flour-white=200,egg=100,honey@PLATE=60
      200 g flour, 2 eggs. I fry four at a time on the griddle and did three rounds. 5 g butter each round.|wheat-flour-white=200,egg=100,butter@PAN=15;pieces 12
      200 g flour, 2 eggs. I grease the griddle with a bit of lard on a cloth, 30 g does the whole lot.|wheat-flour-white=200,egg=100,lard@PAN=30
      200 g flour, 2 eggs. I ladled out 96 of them, which is 32 portions.|wheat-flour-white=200,egg=100;pieces 96;serves 32
      200 g flour, 2 eggs. I poured eight of them.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. In butter baked, around 40 g for everything.|wheat-flour-white=200,egg=100,butter@PAN=40
      200 g flour, 2 eggs. It did fourteen for the four of us, so three each and two over.|wheat-flour-white=200,egg=100;pieces 14;serves 4
      200 g flour, 2 eggs. It made 15 ish|wheat-flour-white=200,egg=100;pieces 15
      200 g flour, 2 eggs. It made ten for the five of us, two each.|wheat-flour-white=200,egg=100;pieces 10;serves 5
      200 g flour, 2 eggs. Jam on top, 20 g of strawberry jam.|wheat-flour-white=200,egg=100,jam@PLATE=20
      200 g flour, 2 eggs. Made four, had two with 20 g honey.|wheat-flour-white=200,egg=100,honey@PLATE=20;pieces 4
      200 g flour, 2 eggs. Makes two big boys.|wheat-flour-white=200,egg=100;pieces 2
      200 g flour, 2 eggs. Marge to grease, 30 g went.|wheat-flour-white=200,egg=100,margarine@PAN=30
      200 g flour, 2 eggs. Pancakes, eight of them, came out.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Small ones, ten of them.|wheat-flour-white=200,egg=100;pieces 10
      200 g flour, 2 eggs. Syrup on top if I'm flush, two teaspoons of golden syrup.|wheat-flour-white=200,egg=100,golden-syrup@PLATE=14
      200 g flour, 2 eggs. The filling is made of 100 g ricotta and 10 g sugar.|wheat-flour-white=200,egg=100,ricotta-whole@PLATE=100,sugar-white@PLATE=10
      200 g flour, 2 eggs. The four of us ate three each and one was left.|wheat-flour-white=200,egg=100;pieces 13;serves 4
      200 g flour, 2 eggs. There are 12. Honey on each one, about 5 g.|wheat-flour-white=200,egg=100,honey@PLATE=60;pieces 12
      200 g flour, 2 eggs. There were always nine.|wheat-flour-white=200,egg=100;pieces 9
      200 g flour, 2 eggs. There's usually a dozen.|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs. They come out green, five of them.|wheat-flour-white=200,egg=100;pieces 5
      200 g flour, 2 eggs. Three to a plate, four plates.|wheat-flour-white=200,egg=100;pieces 12;serves 4
      200 g flour, 2 eggs. Two come out, he eats one and a half.|wheat-flour-white=200,egg=100;pieces 2
      200 g flour, 2 eggs. Two dozen little ones.|wheat-flour-white=200,egg=100;pieces 24
      200 g flour, 2 eggs. We bake them brown in butter, 30 g does it.|wheat-flour-white=200,egg=100,butter@PAN=30
      200 g flour, 2 eggs. With 150 g sour cream for everyone.|wheat-flour-white=200,egg=100,sour-cream@PLATE=150
      200 g flour, 2 eggs. With blueberries 200 g and sour cream 150 g.|wheat-flour-white=200,egg=100,blueberries@PLATE=200,sour-cream@PLATE=150
      200 g flour, 30 g of sugar... wait no, 20 g of sugar, and 2 eggs|wheat-flour-white=200,sugar-white=20,egg=100
      200 g flour, 300 ml milk, 1 egg. They go with 100 g strawberries|wheat-flour-white=200,milk-whole=309,egg=50,strawberries@PLATE=100
      200 g flour, 300 ml milk, 2 eggs. Eight, each as big as a saucer.|wheat-flour-white=200,milk-whole=309,egg=100;pieces 8
      200 g flour, 300 ml milk, 2 eggs. Ten, about as wide as my hand.|wheat-flour-white=200,milk-whole=309,egg=100;pieces 10
      200 g flour, 300 ml milk, hmm no that can't be right, 200 ml milk, 2 eggs|wheat-flour-white=200,milk-whole=206,egg=100
      200 g flour, 300 ml milk, serves 4. And jam, per person 20 g.|wheat-flour-white=200,milk-whole=309,jam@PLATE=20;serves 4
      200 g flour, 300 ml milk, serves 4. To serve, honey, for each person 20 g.|wheat-flour-white=200,milk-whole=309,honey@PLATE=20;serves 4
      200 g flour, 300 ml milk, serves 4. With it honey, for everyone 20 g.|wheat-flour-white=200,milk-whole=309,honey@PLATE=20;serves 4
      200 g flour, 300 ml milk. 14 made, 2 rejects.|wheat-flour-white=200,milk-whole=309;pieces 12
      200 g flour, 300 ml milk. A dozen, palm-sized.|wheat-flour-white=200,milk-whole=309;pieces 12
      200 g flour, 300 ml milk. A portion is three pancakes, it did 40 portions.|wheat-flour-white=200,milk-whole=309;pieces 120;serves 40
      200 g flour, 300 ml milk. A serving is two waffles and we had 4 servings|wheat-flour-white=200,milk-whole=309;pieces 8;serves 4
      200 g flour, 300 ml milk. Eight, each as big as a saucer.|wheat-flour-white=200,milk-whole=309;pieces 8
      200 g flour, 300 ml milk. Eleven, the last one half size.|wheat-flour-white=200,milk-whole=309;pieces 11
      200 g flour, 300 ml milk. Five, the size of a dinner plate.|wheat-flour-white=200,milk-whole=309;pieces 5
      200 g flour, 300 ml milk. Four plates, three on each.|wheat-flour-white=200,milk-whole=309;pieces 12;serves 4
      200 g flour, 300 ml milk. I got 10, two came out ugly but fine.|wheat-flour-white=200,milk-whole=309;pieces 10
      200 g flour, 300 ml milk. I got four, huge ones.|wheat-flour-white=200,milk-whole=309;pieces 4
      200 g flour, 300 ml milk. I made eleven of them, the last was a tiny one.|wheat-flour-white=200,milk-whole=309;pieces 11
      200 g flour, 300 ml milk. I make two only.|wheat-flour-white=200,milk-whole=309;pieces 2
      200 g flour, 300 ml milk. Inside goes ricotta, 200 g.|wheat-flour-white=200,milk-whole=309,ricotta-whole@PLATE=200
      200 g flour, 300 ml milk. Just the one, a big one.|wheat-flour-white=200,milk-whole=309;pieces 1
      200 g flour, 300 ml milk. Makes one.|wheat-flour-white=200,milk-whole=309;pieces 1
      200 g flour, 300 ml milk. Nine came out whole, one ripped.|wheat-flour-white=200,milk-whole=309;pieces 9
      200 g flour, 300 ml milk. On it goes cottage cheese, 200 g, mixed with 2 tbsp of honey.|wheat-flour-white=200,milk-whole=309,cottage-cheese@PLATE=200,honey@PLATE=42
      200 g flour, 300 ml milk. Seven, plate sized.|wheat-flour-white=200,milk-whole=309;pieces 7
      200 g flour, 300 ml milk. Six, golden and fluffy.|wheat-flour-white=200,milk-whole=309;pieces 6
      200 g flour, 300 ml milk. Ten in the end, I chucked the first one.|wheat-flour-white=200,milk-whole=309;pieces 10
      200 g flour, 300 ml milk. That does fifty covers at three a plate.|wheat-flour-white=200,milk-whole=309;pieces 150;serves 50
      200 g flour, 300 ml milk. Three to a plate, four plates.|wheat-flour-white=200,milk-whole=309;pieces 12;serves 4
      200 g flour, 300 ml milk. Twenty, thin as paper.|wheat-flour-white=200,milk-whole=309;pieces 20
      200 g flour, 300 ml milk. With it we take yogurt, 150 g for two people.|wheat-flour-white=200,milk-whole=309,yogurt-whole@PLATE=150;serves 2
      200 g flour, 300 ml milk. With them we have 150 g yogurt.|wheat-flour-white=200,milk-whole=309,yogurt-whole@PLATE=150
      200 g flour, 300 ml milk. Yield was 12, one of them burnt.|wheat-flour-white=200,milk-whole=309;pieces 11
      200 g flour, 300 ml milk. Yield: 14, 2 rejected.|wheat-flour-white=200,milk-whole=309;pieces 12
      200 g flour, 40 g butter oh no it was 30 g butter, 2 eggs|wheat-flour-white=200,butter=30,egg=100
      200 g flour, 5 g salt – that's too much, 3 g of salt – and 2 eggs|wheat-flour-white=200,salt=3,egg=100
      200 g flour, makes 12. 5 g honey on each, 60 g in total.|honey@PLATE=60,wheat-flour-white=200;pieces 12
      200 g flour, makes 12. A drizzle of honey on each, 40 g in total.|honey@PLATE=40,wheat-flour-white=200;pieces 12
      200 g flour, makes 12. Butter in every hole, in total I use 50 g.|butter@PAN=50,wheat-flour-white=200;pieces 12
      200 g flour, makes 12. Honey on each one, altogether about 60 g.|honey@PLATE=60,wheat-flour-white=200;pieces 12
      200 g flour, makes 12. Honey, 5 g on each.|honey@PLATE=60,wheat-flour-white=200;pieces 12
      200 g flour. Next up two eggs. Followed by 300 ml milk.|wheat-flour-white=200,egg=100,milk-whole=309
      3 eggs at 55 g, 200 g flour|egg=165,wheat-flour-white=200
      3 eggs, 200 g flour. Each egg was 55 g.|egg=165,wheat-flour-white=200
      3 eggs, each one 55 g, 200 g flour|egg=165,wheat-flour-white=200
      3 kg flour, 150 g of salt... no wait that's way off, 50 g of salt, and 600 g melted butter|wheat-flour-white=3000,salt=50,butter=600
      3 kg flour, 24 eggs. A portion is three pancakes, it did 40 portions.|wheat-flour-white=3000,egg=1200;pieces 120;serves 40
      500 g farmer cheese, 2 yolks. Coat in 30 g breadcrumbs and fry.|farmer-cheese=500,egg-yolk=34,breadcrumbs=30
      500 g farmer cheese, 2 yolks. Roll them in 20 g sugar while warm.|farmer-cheese=500,egg-yolk=34,sugar-white@PLATE=20
      500 g farmer cheese, 2 yolks. Roll them in flour, about 40 g sticks. Fry in 20 g oil.|farmer-cheese=500,egg-yolk=34,wheat-flour-white=40,oil-sunflower@PAN=20
      80 g flour, 1 egg. I drink a glass of milk beside it, don't count that.|wheat-flour-white=80,egg=50
      80 g flour, 1 egg. I only make two.|wheat-flour-white=80,egg=50;pieces 2
      80 g flour, 1 egg. The kids had a glass of milk each with theirs.|wheat-flour-white=80,egg=50,milk-whole@PLATE=206
      80 g flour, 1 egg. With it I drink 200 ml orange juice.|wheat-flour-white=80,egg=50,orange-juice@PLATE=210
      80 g tapioca starch, 1 egg. I make one only.|tapioca-starch=80,egg=50;pieces 1
      90 g flour, 1 egg, 90 pancakes. Smoked salmon on a third of them, 10 g a piece.|wheat-flour-white=90,egg=50,salmon-smoked@PLATE=300;pieces 90
      A stack goes with 20 g honey. 200 g flour, 300 ml milk|honey@PLATE=20,wheat-flour-white=200,milk-whole=309
      All in grams: flour 200, sugar 40, eggs 110, salt 2|wheat-flour-white=200,sugar-white=40,salt=2,egg=110
      All in grams: flour 5000, sugar 400, eggs 40, salt 50|wheat-flour-white=5000,sugar-white=400,salt=50,egg=2000
      Butter in every hole, in total I use 50 g. 250 g flour, 400 ml milk|butter@PAN=50,wheat-flour-white=250,milk-whole=412
      Flour 1000, milk 1200, sugar 80 (grams), eggs 8|wheat-flour-white=1000,milk-whole=1200,sugar-white=80,egg=400
      Flour 3 kg. Milk 4 litres. Eggs 36.|wheat-flour-white=3000,milk-whole=4125,egg=1800
      Flour 5 kg. Sugar 400. Salt 50. All in grams. Milk 6 litres, eggs 40.|wheat-flour-white=5000,sugar-white=400,salt=50,milk-whole=6188,egg=2000
      For 60 guests. Per batch: 1 kg flour, 1 l milk; three batches.|wheat-flour-white=3000,milk-whole=3094;serves 60
      For frying oil, about two tablespoons altogether. 200 g flour|oil-sunflower@PAN=27,wheat-flour-white=200
      Half a cup of milk powder goes with a cup and a half of water. 200 g flour|milk-dry-whole=64,water=355,wheat-flour-white=200
      I fry in lard, in all I used 40 g. 200 g flour|lard@PAN=40,wheat-flour-white=200
      I had 150 g of blueberries, 100 g went in the batter and 50 g on top. 200 g flour.|blueberries=100,blueberries@PLATE=50,wheat-flour-white=200
      I soak 2 tbsp of ground flax in 90 ml water, then that goes with 300 ml soy milk and 200 g flour. On top: 200 g strawberries.|flaxseed-ground=14,water=90,soy-drink=308,wheat-flour-white=200,strawberries@PLATE=200
      Melt 30 g butter, that goes in last. 200 g flour, 300 ml milk.|butter=30,wheat-flour-white=200,milk-whole=309
      Mix 200 g flour and 5 g salt; this goes with 300 ml milk|wheat-flour-white=200,salt=5,milk-whole=309
      Of the 60 g butter, 40 g is melted into the batter and the remaining 20 g greases the pan. 200 g flour.|butter=40,butter@PAN=20,wheat-flour-white=200
      Oil in each hollow, all in all 20 g. 200 g flour|oil-sunflower@PAN=20,wheat-flour-white=200
      Per batch 500 g flour, 6 eggs, 100 g butter. Two batches.|wheat-flour-white=1000,egg=600,butter=200
      Per batch: 200 g flour, 2 eggs, 20 g butter in the pan. Three batches|wheat-flour-white=600,egg=300,butter@PAN=60
      The oats, 60 g, go with 200 ml milk overnight. 1 egg|oats-rolled=60,milk-whole=206,egg=50
      The pancakes go with 100 g strawberries. 200 g flour|strawberries@PLATE=100,wheat-flour-white=200
      Three each for four people makes twelve. 500 g flour, 5 eggs|wheat-flour-white=500,egg=250;pieces 12;serves 4
      Whisk 2 eggs with 300 ml milk, then it goes with 150 g flour, 5 g salt|egg=100,milk-whole=309,wheat-flour-white=150,salt=5
      You start off with 200 g flour, to which you add 300 ml milk, and last of all 2 eggs.|wheat-flour-white=200,milk-whole=309,egg=100
      a teaspoon of cinnamon, half of nutmeg, a quarter of cloves, 200 g flour|cinnamon=3,nutmeg=1,cloves=1,wheat-flour-white=200
      půl litru mléka, 300 g mouky, 2 vejce|wheat-flour-white=300,egg=100,milk-whole=515
      two eggs, two eggs' weight of flour, a glass of milk|egg=100,wheat-flour-white=107,milk-whole=206
      čtvrt litru mléka, 150 g mouky, 1 vejce|wheat-flour-white=150,egg=50,milk-whole=258
      115 g cream cheese, 4 eggs. Eight: five now, three later.|cream-cheese=115,egg=200;pieces 8
      115 g cream cheese, 4 eggs. Six, I eat three and wrap three.|cream-cheese=115,egg=200;pieces 6
      200 g flour, 2 eggs. A tsp of oil for each pair of pancakes, 8 in all.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=18;pieces 8
      200 g flour, 2 eggs. Oil, just a teaspoon, brushed on.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=5
      200 g flour, 2 eggs. On the tables: 900 g jam and 1 kg yogurt.|wheat-flour-white=200,egg=100,jam@PLATE=900,yogurt-whole@PLATE=1000
      A class of 28, in pairs. Each pair: 50 g flour, 1 egg. Each pair gets 4 pancakes.|wheat-flour-white=700,egg=700;pieces 56;serves 28
      Class of 20, groups of 5. Each group uses 100 g flour and 1 egg. Each group makes 6 pancakes.|wheat-flour-white=400,egg=200;pieces 24;serves 20
      Class of 24, groups of four, so six batches. Each batch is 100 g flour, 1 egg and 250 ml milk. Each group gets four pancakes.|wheat-flour-white=600,egg=300,milk-whole=1547;pieces 24;serves 24
      Crumble 50 g feta over four of them.|feta@PLATE=50
      2 eggs, 200 g flour. Together the eggs were 116 g.|egg=116,wheat-flour-white=200
      200 g flour, 300 ml milk, makes 4. Each gets an egg on top.|wheat-flour-white=200,milk-whole=309,egg@PLATE=200;pieces 4
      200 g flour, 300 ml milk, makes 4. In each one 40 g ham and an egg.|wheat-flour-white=200,milk-whole=309,ham@PLATE=160,egg@PLATE=200;pieces 4
      200 g flour, 300 ml milk, makes 4. Inside each half a banana.|wheat-flour-white=200,milk-whole=309,banana@PLATE=236;pieces 4
      2 tsp oil to grease the waffle iron, 200 g flour, 2 eggs|oil-sunflower@PAN=9,wheat-flour-white=200,egg=100
      250 g berries... well strawberries really, 200 g flour|strawberries=250,wheat-flour-white=200
      Each batch has 500 g flour, 6 eggs and 100 g butter. I made two batches.|wheat-flour-white=1000,egg=600,butter=200
      One egg (it was 61 g), 100 g flour|egg=61,wheat-flour-white=100
      Wipe the pan with kitchen paper dipped in oil, 5 g. 200 g flour.|oil-sunflower@PAN=5,wheat-flour-white=200
      """;

  @Test
  void whatPortionsGetIsMeasured() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
