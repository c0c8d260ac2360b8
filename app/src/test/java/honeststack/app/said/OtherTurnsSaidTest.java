package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What is said in other turns than a list has it, alone and among other sentences. */
class OtherTurnsSaidTest {
  private static final String TEXTS =
      """
      110 g rye flour joins 90 g oat flour in the jug.|oat-flour=90,rye-flour-medium=110
      My scales said 250 g for the milk and 110 g for the rye flour.|milk-whole=250,rye-flour-medium=110
      Rye flour came to 110 g, yogurt to 150 g.|rye-flour-medium=110,yogurt-whole=150
      For sugar I took 30 g and for rye flour 110 g.|sugar-white=30,rye-flour-medium=110
      How much cocoa powder? 15 g. And ground almonds? 60 g.|cocoa=15,almonds-ground=60
      Chuck 35 g chopped walnuts on top of 30 g sugar and mix.|walnuts=35,sugar-white=30
      1) 80 g cornmeal 2) 30 g sugar 3) 110 g rye flour|cornmeal=80,sugar-white=30,rye-flour-medium=110
      60 g ground almonds, 200 g flour — and don't forget 130 g pumpkin puree!|almonds-ground=60,wheat-flour-white=200,pumpkin=130
      don't forget 120 g ricotta! also 240 g buttermilk|ricotta-whole=120,buttermilk=240
      40 g melted butter or thereabouts, 15 g cocoa powder give or take|butter=40,cocoa=15
      120 g ricotta, give or take, then 90 g oat flour|ricotta-whole=120,oat-flour=90
      Mum's way was 250 g milk and 120 g ricotta, which is what I made.|milk-whole=250,ricotta-whole=120
      The packet says 200 g flour and 90 g oat flour, so that's what I did.|wheat-flour-white=200,oat-flour=90
      They tell you 15 g cocoa powder and 110 g rye flour, and I did just that.|cocoa=15,rye-flour-medium=110
      Used 80 g cornmeal; used 60 g ground almonds.|cornmeal=80,almonds-ground=60
      40 g melted butter out of the freezer, 60 g ground almonds from a carton|butter=40,almonds-ground=60
      half past seven and I'm weighing 40 g melted butter and 80 g cornmeal|butter=40,cornmeal=80
      For a 24 cm pan: 45 g raisins, 40 g melted butter.|raisins=45,butter=40
      Number one, 130 g pumpkin puree. Number two, 25 g honey.|pumpkin=130,honey=25
      Day 2 of testing: 240 g buttermilk, 200 g flour.|buttermilk=240,wheat-flour-white=200
      01/03: 15 g cocoa powder, 35 g chopped walnuts|cocoa=15,walnuts=35
      150 g yogurt, 200 g flour. Share 70 g blueberries out over the stacks.|yogurt-whole=150,wheat-flour-white=200,blueberries@PLATE=70
      Mix 25 g honey with 250 g milk. Frying butter: 12 g|honey=25,milk-whole=250,butter@PAN=12
      45 g raisins and 30 g sugar. I make it every Saturday at 8.|raisins=45,sugar-white=30
      90 g oat flour, 240 g buttermilk. My youngest is 4.|oat-flour=90,buttermilk=240
      40 g melted butter joins 200 g flour in the jug.|wheat-flour-white=200,butter=40
      My scales said 80 g for the cornmeal and 40 g for the melted butter.|cornmeal=80,butter=40
      Sugar came to 30 g, yogurt to 150 g.|sugar-white=30,yogurt-whole=150
      For sugar I took 30 g and for honey 25 g.|sugar-white=30,honey=25
      How much honey? 25 g. And sugar? 30 g.|honey=25,sugar-white=30
      Chuck 150 g yogurt on top of 110 g rye flour and mix.|yogurt-whole=150,rye-flour-medium=110
      1) 60 g ground almonds 2) 90 g oat flour 3) 200 g flour|almonds-ground=60,oat-flour=90,wheat-flour-white=200
      Mum's way was 200 g flour and 15 g cocoa powder, which is what I made.|wheat-flour-white=200,cocoa=15
      The packet says 120 g ricotta and 15 g cocoa powder, so that's what I did.|ricotta-whole=120,cocoa=15
      They tell you 250 g milk and 35 g chopped walnuts, and I did just that.|milk-whole=250,walnuts=35
      Used 25 g honey; used 90 g oat flour.|honey=25,oat-flour=90
      130 g pumpkin puree out of the freezer, 15 g cocoa powder from a carton|pumpkin=130,cocoa=15
      half past seven and I'm weighing 250 g milk and 90 g oat flour|milk-whole=250,oat-flour=90
      For a 24 cm pan: 90 g oat flour, 200 g flour.|oat-flour=90,wheat-flour-white=200
      Number one, 25 g honey. Number two, 40 g melted butter.|honey=25,butter=40
      Day 2 of testing: 40 g melted butter, 25 g honey.|butter=40,honey=25
      01/03: 240 g buttermilk, 45 g raisins|buttermilk=240,raisins=45
      110 g rye flour, 25 g honey. Share 40 g maple syrup out over the stacks.|rye-flour-medium=110,honey=25,maple-syrup@PLATE=40
      250 g milk, 40 g melted butter. Frying oil: 9 g|milk-whole=250,butter=40,oil-sunflower@PAN=9
      40 g melted butter and 150 g yogurt. I make it every Saturday at 8.|butter=40,yogurt-whole=150
      Mix 150 g yogurt with 35 g chopped walnuts. My youngest is 4.|yogurt-whole=150,walnuts=35
      Sugar=30 g, pumpkin puree=130 g. The packet says 40 g melted butter and 110 g rye flour, so that's what I did. Set the timer for 90 seconds. The batter should coat the back of a spoon. 9 g oil in the pan.|sugar-white=30,pumpkin=130,butter=40,rye-flour-medium=110,oil-sunflower@PAN=9
      120 g ricotta from the farm shop and 60 g ground almonds from the freezer. Day 2 of testing: 130 g pumpkin puree, 90 g oat flour. I make it every Saturday at 8. Batter for 11 pancakes. 4 portions.|ricotta-whole=120,almonds-ground=60,pumpkin=130,oat-flour=90;pieces 11;serves 4
      For a 24 cm pan: 110 g rye flour, 30 g sugar. Don't overmix. Shared by 5.|rye-flour-medium=110,sugar-white=30;serves 5
      People think 150 g yogurt is too much. With 120 g ricotta it isn't. 200 g flour, give or take, then 250 g milk. We had them with 90 g strawberries and 35 g golden syrup. Had no salt in the house. My youngest is 4.|yogurt-whole=150,ricotta-whole=120,wheat-flour-white=200,milk-whole=250,strawberries@PLATE=90,golden-syrup@PLATE=35
      200 g flour then as much sugar again. My scales said 120 g for the ricotta and 15 g for the cocoa powder. The kids love it. 5 came off the griddle. 30 g whipped cream (topping).|wheat-flour-white=200,sugar-white=200,ricotta-whole=120,cocoa=15,cream-whipped@PLATE=30;pieces 5
      40 g melted butter, give or take, then 25 g honey. Enough for 3 people. First one is always rubbish. Use a 60 ml ladle. Once they're on the plate, 30 g lemon curd and 40 g maple syrup. Not a grain of ginger.|butter=40,honey=25,lemon-curd@PLATE=30,maple-syrup@PLATE=40;serves 3
      You're looking at 130 g pumpkin puree to 150 g yogurt. Between 3 of us. I make it every Saturday at 8. There were 7 in the end. Use a 60 ml ladle.|pumpkin=130,yogurt-whole=150;pieces 7;serves 3
      Mum's way was 130 g pumpkin puree and 40 g melted butter, which is what I made. Garnished with 30 g whipped cream. The batter should coat the back of a spoon. Forgot the nutmeg. You should get 11 from this.|pumpkin=130,butter=40,cream-whipped@PLATE=30;pieces 11
      90 g oat flour joins 120 g ricotta in the jug. Hey so it's 60 g ground almonds it's 150 g yogurt and it's 35 g chopped walnuts. Skip the cinnamon. Smother in 30 g lemon curd.|ricotta-whole=120,oat-flour=90,almonds-ground=60,yogurt-whole=150,walnuts=35,lemon-curd@PLATE=30
      Used 200 g flour; used 60 g ground almonds. Dump 45 g raisins, 25 g honey and 150 g yogurt in the mixer. Gave me 11 pancakes. 13 g lard went on the griddle. Add 90 g strawberries on top just before serving.|wheat-flour-white=200,almonds-ground=60,raisins=45,honey=25,yogurt-whole=150,lard@PAN=13,strawberries@PLATE=90;pieces 11
      All in all there's 250 g milk and 45 g raisins in there. We need 200 g flour we need 90 g oat flour we also need 60 g ground almonds. Not a grain of vanilla. Cost me 3 euros. For 5 hungry people. My youngest is 4.|milk-whole=250,raisins=45,wheat-flour-white=200,oat-flour=90,almonds-ground=60;serves 5
      They tell you 80 g cornmeal and 130 g pumpkin puree, and I did just that. Keep them warm at 90 degrees. Toppings 90 g strawberries 60 g raspberries.|cornmeal=80,pumpkin=130,strawberries@PLATE=90,raspberries@PLATE=60
      Chuck 200 g flour on top of 15 g cocoa powder and mix. Keep them warm at 90 degrees. 90 g strawberries to go on top. There were 3 of us. Rest 30 minutes.|wheat-flour-white=200,cocoa=15,strawberries@PLATE=90;serves 3
      200 g flour joins 80 g cornmeal in the jug. First one is always rubbish. Brush the waffle iron with 13 g lard. Breakfast for 2.|cornmeal=80,wheat-flour-white=200,lard@PAN=13;serves 2
      15 g cocoa powder out of the freezer, 40 g melted butter from a carton. 11 g ghee wiped round the pan. The kids love it. Didn't put nutmeg in. Keep them warm at 90 degrees. Lastly 70 g blueberries on each stack, well, shared out over the stacks.|cocoa=15,butter=40,ghee@PAN=11,blueberries@PLATE=70
      45 g raisins out of the freezer, 130 g pumpkin puree from a carton. Garnish: 25 g chopped pecans. No vanilla.|raisins=45,pumpkin=130,pecans@PLATE=25
      200 g flour, 40 g melted butter — and don't forget 25 g honey! 40 g maple syrup spooned over at the end. Brush the waffle iron with 12 g butter. Number 7 on the hob dial. Salt-free. Between 3 of us.|wheat-flour-white=200,butter=40,honey=25,butter@PAN=12,maple-syrup@PLATE=40;serves 3
      In a 2 litre bowl, 35 g chopped walnuts and 250 g milk. Day 2 of testing: 60 g ground almonds, 90 g oat flour. Hold the nutmeg. The batter should coat the back of a spoon. Cost me 3 euros. You should get 9 from this.|walnuts=35,milk-whole=250,almonds-ground=60,oat-flour=90;pieces 9
      The packet says 60 g ground almonds and 250 g milk, so that's what I did. Roughly 80 g cornmeal to around 110 g rye flour. Didn't put nutmeg in. Batter for 5 pancakes. There were 2 of us.|almonds-ground=60,milk-whole=250,cornmeal=80,rye-flour-medium=110;pieces 5;serves 2
      They tell you 60 g ground almonds and 15 g cocoa powder, and I did just that. 40 g maple syrup for pouring over. Result: 12 pieces. Number 7 on the hob dial. The kids love it.|almonds-ground=60,cocoa=15,maple-syrup@PLATE=40;pieces 12
      Chuck 35 g chopped walnuts on top of 60 g ground almonds and mix. Comes to 5. Cooked in 11 g ghee, medium heat. Number 7 on the hob dial.|walnuts=35,almonds-ground=60,ghee@PAN=11;pieces 5
      For a 24 cm pan: 30 g sugar, 110 g rye flour. Sunday: 200 g flour, 250 g milk. Melt 11 g ghee in the skillet and cook. Recipe from page 112. Enough for 3 people. Best batch of the year.|sugar-white=30,rye-flour-medium=110,wheat-flour-white=200,milk-whole=250,ghee@PAN=11;serves 3
      How much ricotta? 120 g. And cocoa powder? 15 g. 13 g lard to fry them in. 3 servings.|ricotta-whole=120,cocoa=15,lard@PAN=13;serves 3
      01/03: 40 g melted butter, 110 g rye flour. Serve straight away. It keeps 2 days in the fridge. It stretched to 12. 11 g ghee for frying.|butter=40,rye-flour-medium=110,ghee@PAN=11;pieces 12
      Mum's way was 40 g melted butter and 120 g ricotta, which is what I made. The kids love it. Turned out 11 of them. Pile on 60 g raspberries. Between 4 of us.|butter=40,ricotta-whole=120,raspberries@PLATE=60;pieces 11;serves 4
      Take down 250 g milk next 150 g yogurt next 15 g cocoa powder end. Frying coconut oil: 14 g. No salt.|milk-whole=250,yogurt-whole=150,cocoa=15,oil-coconut@PAN=14
      1) 200 g flour 2) 45 g raisins 3) 30 g sugar. Makes 7. The pan drank 13 g lard over the whole batch. Had no cinnamon in the house.|wheat-flour-white=200,raisins=45,sugar-white=30,lard@PAN=13;pieces 7
      V2: 60 g ground almonds, 45 g raisins. Day 2 of testing: 110 g rye flour, 35 g chopped walnuts. Don't overmix. Not a grain of ginger. I poured 40 g maple syrup over mine. Yield 12. Fry in 12 g butter.|almonds-ground=60,raisins=45,rye-flour-medium=110,walnuts=35,butter@PAN=12,maple-syrup@PLATE=40;pieces 12
      130 g pumpkin puree | 80 g cornmeal | 40 g melted butter. Two ingredients: 15 g cocoa powder and 250 g milk. Frying ghee: 11 g. Share 25 g chopped pecans out over the stacks. Keep them warm at 90 degrees.|pumpkin=130,cornmeal=80,butter=40,cocoa=15,milk-whole=250,ghee@PAN=11,pecans@PLATE=25
      So far: 110 g rye flour, 35 g chopped walnuts. Then 120 g ricotta. Share 40 g maple syrup out over the stacks. Batter for 9 pancakes. Hold the nutmeg. Cook for 2 minutes a side. It keeps 2 days in the fridge.|rye-flour-medium=110,walnuts=35,ricotta-whole=120,maple-syrup@PLATE=40;pieces 9
      Weigh out 110 g rye flour and put it aside while 80 g cornmeal warms up on the hob. 250 g milk, give or take, then 40 g melted butter. Comes to 9.|rye-flour-medium=110,cornmeal=80,milk-whole=250,butter=40;pieces 9
      For cornmeal I took 80 g and for ricotta 120 g. Garnished with 35 g golden syrup. Rest 30 minutes. Took me 25 minutes from start to finish. Comes to 7.|cornmeal=80,ricotta-whole=120,golden-syrup@PLATE=35;pieces 7
      Number one, 240 g buttermilk. Number two, 250 g milk. 13 g lard to grease the griddle. It was raining. Flip when it bubbles. I don't bother with vanilla. We ended up with 12.|buttermilk=240,milk-whole=250,lard@PAN=13;pieces 12
      How much pumpkin puree? 130 g. And buttermilk? 240 g. Served warm with 30 g lemon curd on the side. Best batch of the year. Took me 25 minutes from start to finish.|pumpkin=130,buttermilk=240,lemon-curd@PLATE=30
      1) 25 g honey 2) 40 g melted butter 3) 150 g yogurt. When they're cooked, over with 30 g whipped cream.|honey=25,butter=40,yogurt-whole=150,cream-whipped@PLATE=30
      Step one: 150 g yogurt. Step two: 80 g cornmeal. For buttermilk I took 240 g and for flour 200 g. Grease the pan with 14 g coconut oil. Result: 12 pieces.|yogurt-whole=150,cornmeal=80,buttermilk=240,wheat-flour-white=200,oil-coconut@PAN=14;pieces 12
      Number one, 15 g cocoa powder. Number two, 80 g cornmeal. It was raining. I got 9 out of it. 13 g lard for frying. Took me 25 minutes from start to finish.|cocoa=15,cornmeal=80,lard@PAN=13;pieces 9
      Whizz up 240 g buttermilk with 60 g ground almonds, then pour in 80 g cornmeal. I don't bother with salt. Share 40 g maple syrup out over the stacks. 7 good-sized ones.|buttermilk=240,almonds-ground=60,cornmeal=80,maple-syrup@PLATE=40;pieces 7
      Chopped walnuts came to 35 g, yogurt to 150 g. Cost me 3 euros. Forgot the salt. Brush the waffle iron with 14 g coconut oil. I make it every Saturday at 8.|walnuts=35,yogurt-whole=150,oil-coconut@PAN=14
      Pumpkin puree came to 130 g, honey to 25 g. Share 70 g blueberries out over the stacks. Fry in 9 g oil. Recipe from page 112. Yield 12. It was raining.|pumpkin=130,honey=25,oil-sunflower@PAN=9,blueberries@PLATE=70;pieces 12
      My scales said 120 g for the ricotta and 45 g for the raisins. 9 good-sized ones. The batter should coat the back of a spoon. Use a 60 ml ladle. Between 4 of us.|ricotta-whole=120,raisins=45;pieces 9;serves 4
      01/03: 15 g cocoa powder, 30 g sugar. For raisins I took 45 g and for flour 200 g. Pile on 35 g golden syrup. I got 7 out of it. Took me 25 minutes from start to finish. Didn't put nutmeg in. Medium heat, 180 C if your hob tells you.|cocoa=15,sugar-white=30,raisins=45,wheat-flour-white=200,golden-syrup@PLATE=35;pieces 7
      1/4 cup sugar, 3/4 cup milk approx|sugar-white=50,milk-whole=183
      I had 3 yolks left so they went in too, plus 2 whole eggs|egg-yolk=51,egg=100
      200 g flour, 12 g butter for the girdle|wheat-flour-white=200,butter@PAN=12
      One waffle made with 30 g oat flour, 1 egg|oat-flour=30,egg=50;pieces 1
      (recipe said 3 eggs, used 1) 200 g flour, 300 ml milk|egg=50,wheat-flour-white=200,milk-whole=309
      """;

  @Test
  void theyAreReadAsAListIs() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
