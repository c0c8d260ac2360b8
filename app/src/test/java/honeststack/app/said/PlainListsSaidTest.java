package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Lists, letters, dictation and pages put together by lot: each line counts, and nothing else. */
class PlainListsSaidTest {
  private static final String TEXTS =
      """
      2 tsp baking powder⏎40 g butter⏎1 tsp cinnamon⏎1 tsp salt⏎200 g flour⏎The kids fight over the first one. Makes 10.|baking-powder=9,butter=40,cinnamon=3,salt=6,wheat-flour-white=200;pieces 10
      1 tsp salt, 200 g flour, 2 eggs. Do not overmix. Room for one more person at the table. Gas mark 4 if you use the oven. Makes 8.|salt=6,wheat-flour-white=200,egg=100;pieces 8
      1 tsp cinnamon, 200 g flour, 30 g sugar, 2 tsp baking powder, 1 tsp salt. The kids fight over the first one. Not too much salt or they taste odd. I have made these about 50 times.|cinnamon=3,wheat-flour-white=200,sugar-white=30,baking-powder=9,salt=6
      I mix 1 tsp salt, 40 g butter, 2 tsp baking powder and 1 tsp cinnamon. The kids fight over the first one. Heat the pan over a medium flame for 2 minutes. I usually burn the first one. Makes 10.|salt=6,butter=40,baking-powder=9,cinnamon=3;pieces 10
      I mix 2 eggs, 300 ml milk, 2 tsp baking powder, 40 g butter, 1 tsp salt and 30 g sugar. The batter was thinner than last week. Rest it 30 minutes. Makes 10.|egg=100,milk-whole=309,baking-powder=9,butter=40,salt=6,sugar-white=30;pieces 10
      2 tsp baking powder⏎1 tsp cinnamon⏎1 tsp salt⏎2 eggs⏎300 ml milk⏎A 24 cm pan is best. My mother made them with lard. They keep warm in the oven at 100 degrees. Makes 8.|baking-powder=9,cinnamon=3,salt=6,egg=100,milk-whole=309;pieces 8
      I mix 2 eggs, 200 g flour, 1 tsp cinnamon and 40 g butter. Do not overmix. Don't worry about lumps. Makes 8.|egg=100,wheat-flour-white=200,cinnamon=3,butter=40;pieces 8
      2 eggs⏎200 g flour⏎40 g butter⏎Do not overmix. Makes 10.|egg=100,wheat-flour-white=200,butter=40;pieces 10
      Not too much salt or they taste odd. 1 tsp salt, 1 tsp cinnamon, 30 g sugar, 200 g flour, 2 tsp baking powder. Don't worry about lumps. Makes 10.|salt=6,cinnamon=3,sugar-white=30,wheat-flour-white=200,baking-powder=9;pieces 10
      2 tsp baking powder, 1 tsp cinnamon, 200 g flour, 2 eggs, 1 tsp salt. This was in the paper in 1987. The recipe is from page 47.|baking-powder=9,cinnamon=3,wheat-flour-white=200,egg=100,salt=6
      They are better with brown butter but I had no time. 1 tsp salt, 40 g butter, 2 eggs, 300 ml milk, 30 g sugar. The batter was thinner than last week. I usually burn the first one. Makes 8.|salt=6,butter=40,egg=100,milk-whole=309,sugar-white=30;pieces 8
      1 tsp salt⏎30 g sugar⏎300 ml milk⏎A 24 cm pan is best.|salt=6,sugar-white=30,milk-whole=309
      I mix 40 g butter, 30 g sugar, 1 tsp cinnamon and 2 eggs. Gas mark 4 if you use the oven. Makes 10.|butter=40,sugar-white=30,cinnamon=3,egg=100;pieces 10
      200 g flour⏎2 tsp baking powder⏎1 tsp salt⏎30 g sugar⏎Gas mark 4 if you use the oven. Don't worry about lumps. Turn after 2 minutes. Makes 8.|wheat-flour-white=200,baking-powder=9,salt=6,sugar-white=30;pieces 8
      Heat the pan over a medium flame for 2 minutes. 2 eggs, 300 ml milk, 40 g butter, 200 g flour, 2 tsp baking powder, 30 g sugar. Rest it 30 minutes. Bake at 180 degrees for 15 minutes. Makes 8.|egg=100,milk-whole=309,butter=40,wheat-flour-white=200,baking-powder=9,sugar-white=30;pieces 8
      I mix 2 tsp baking powder, 30 g sugar, 1 tsp salt, 2 eggs, 40 g butter and 300 ml milk. They keep warm in the oven at 100 degrees. Leave them for 5 minutes before eating. Not too much salt or they taste odd.|baking-powder=9,sugar-white=30,salt=6,egg=100,butter=40,milk-whole=309
      1 tsp salt⏎200 g flour⏎30 g sugar⏎40 g butter⏎300 ml milk⏎It should be like thick cream.|salt=6,wheat-flour-white=200,sugar-white=30,butter=40,milk-whole=309
      I mix 30 g sugar, 300 ml milk, 200 g flour, 2 eggs, 40 g butter and 1 tsp salt. A 24 cm pan is best. I have made these about 50 times. Not too much salt or they taste odd. Makes 10.|sugar-white=30,milk-whole=309,wheat-flour-white=200,egg=100,butter=40,salt=6;pieces 10
      I mix 1 tsp salt, 2 tsp baking powder, 1 tsp cinnamon, 2 eggs and 300 ml milk. It should be like thick cream. Leave them for 5 minutes before eating. The second side takes half as long.|salt=6,baking-powder=9,cinnamon=3,egg=100,milk-whole=309
      Leave them for 5 minutes before eating. 2 tsp baking powder, 2 eggs, 30 g sugar. They freeze well.|baking-powder=9,egg=100,sugar-white=30
      I mix 300 ml milk, 1 tsp salt and 1 tsp cinnamon. Heat the pan over a medium flame for 2 minutes. Rest it 30 minutes. Use your biggest bowl.|milk-whole=309,salt=6,cinnamon=3
      1 tsp cinnamon⏎40 g butter⏎1 tsp salt⏎300 ml milk⏎Gas mark 4 if you use the oven. Makes 10.|cinnamon=3,butter=40,salt=6,milk-whole=309;pieces 10
      I mix 200 g flour, 2 tsp baking powder, 2 eggs and 30 g sugar. No need to flip more than once. My mother made them with lard. It should be like thick cream. Makes 10.|wheat-flour-white=200,baking-powder=9,egg=100,sugar-white=30;pieces 10
      The kids fight over the first one. 300 ml milk, 2 eggs, 1 tsp cinnamon, 1 tsp salt, 2 tsp baking powder, 30 g sugar. Makes 8.|milk-whole=309,egg=100,cinnamon=3,salt=6,baking-powder=9,sugar-white=30;pieces 8
      40 g butter⏎2 eggs⏎200 g flour⏎1 tsp cinnamon⏎My mother made them with lard. We do these on Sundays. Makes 8.|butter=40,egg=100,wheat-flour-white=200,cinnamon=3;pieces 8
      30 g sugar, 200 g flour, 2 tsp baking powder, 2 eggs, 1 tsp cinnamon. Leave them for 5 minutes before eating. Makes 10.|sugar-white=30,wheat-flour-white=200,baking-powder=9,egg=100,cinnamon=3;pieces 10
      The kids fight over the first one. 2 eggs, 1 tsp cinnamon, 30 g sugar, 300 ml milk. Makes 8.|egg=100,cinnamon=3,sugar-white=30,milk-whole=309;pieces 8
      so twenty grams of caster sugar with a teaspoon of salt with one banana whisk it until smooth and twenty grams of butter in the pan|sugar-white=20,salt=6,banana=118,butter@PAN=20
      so fifty grams of butter plus a hundred and fifty grams of plain flour then two hundred and fifty millilitres of milk and leave it for half an hour grease the pan with fifteen grams of oil it makes six|butter=50,wheat-flour-white=150,milk-whole=258,oil-sunflower@PAN=15;pieces 6
      we put a hundred and fifty grams of plain flour plus twenty grams of butter with one teaspoon of baking powder whisk it until smooth I fry them in fifteen grams of oil I have it with twenty grams of honey|wheat-flour-white=150,butter=20,baking-powder=5,oil-sunflower@PAN=15,honey@PLATE=20
      two teaspoons of baking powder three hundred millilitres of milk then two eggs two hundred and fifty grams of plain flour mix it all up we got twelve pancakes then ten grams of jam on top|baking-powder=9,milk-whole=309,egg=100,wheat-flour-white=250,jam@PLATE=10;pieces 12
      one teaspoon of salt plus three eggs also one banana also fifty grams of butter let it rest twenty minutes you get twelve and ten grams of maple syrup to serve|salt=6,egg=150,banana=118,butter=50,maple-syrup@PLATE=10;pieces 12
      we put two hundred and fifty grams of plain flour and fifty grams of oats um two bananas a hundred and fifty grams of ricotta whisk it until smooth grease the pan with ten grams of oil|wheat-flour-white=250,oats-rolled=50,banana=236,ricotta-whole=150,oil-sunflower@PAN=10
      a teaspoon of baking powder and a teaspoon of salt and then a hundred and fifty grams of ricotta um two hundred millilitres of milk and leave it for half an hour and twenty grams of honey on top|baking-powder=5,salt=6,ricotta-whole=150,milk-whole=206,honey@PLATE=20
      um two eggs fifty grams of caster sugar um three hundred millilitres of milk and then fifty grams of oats and a hundred and fifty grams of ricotta mix it all up then twenty grams of maple syrup on top|egg=100,sugar-white=50,milk-whole=309,oats-rolled=50,ricotta-whole=150,maple-syrup@PLATE=20
      we put two hundred and fifty grams of plain flour also one teaspoon of salt plus thirty grams of caster sugar fifty grams of butter um two eggs let it rest twenty minutes eight came out|wheat-flour-white=250,salt=6,sugar-white=30,butter=50,egg=100;pieces 8
      this is a teaspoon of baking powder plus a teaspoon of salt a hundred and fifty grams of ricotta whisk it until smooth and twenty grams of jam on top|baking-powder=5,salt=6,ricotta-whole=150,jam@PLATE=20
      it was two hundred and fifty grams of ricotta then forty grams of butter and a teaspoon of salt give it a good stir I got eight out of it I have it with twenty grams of maple syrup|ricotta-whole=250,butter=40,salt=6,maple-syrup@PLATE=20;pieces 8
      today I made pancakes with a teaspoon of salt and one banana with a teaspoon of baking powder one egg and leave it for half an hour I fry them in five grams of butter we got six pancakes with thirty grams of jam on top|salt=6,banana=118,baking-powder=5,egg=50,butter@PAN=5,jam@PLATE=30;pieces 6
      this is a teaspoon of baking powder with fifty grams of caster sugar um forty grams of butter also one teaspoon of salt give it a good stir twelve came out|baking-powder=5,sugar-white=50,butter=40,salt=6;pieces 12
      so two hundred and fifty grams of plain flour two teaspoons of baking powder and then two hundred ml of milk whisk it until smooth|wheat-flour-white=250,baking-powder=9,milk-whole=206
      Saturday pancakes⏎⏎Ingredients⏎* 2 teaspoons baking powder⏎* 3 bananas, very ripe, mashed⏎* 100 grams butter (at room temperature)⏎* 200g caster sugar⏎Serves 4|baking-powder=9,banana=354,butter=100,sugar-white=200
      Weir cakes⏎- 100ml milk (weighed)⏎- 50g plain flour⏎- 1 teaspoon baking powder⏎- 3 large eggs⏎⏎1. Whisk it all together.⏎2. Cook for 2 minutes a side.|milk-whole=103,wheat-flour-white=50,baking-powder=5,egg=150
      For the batter:⏎30 g raisins⏎2 teaspoons salt⏎50g ground almonds⏎2 eggs, lightly beaten⏎150 grams plain flour, sifted⏎2 tsp ground cinnamon⏎⏎Method⏎Mix everything. Rest 20 minutes. Fry.|raisins=30,salt=12,almonds-ground=50,egg=100,wheat-flour-white=150,cinnamon=5
      Weir cakes⏎200 g of raisins⏎20 g of butter (I use the cheap one)⏎80 g of rolled oats, soaked overnight⏎Serves 4|raisins=200,butter=20,oats-rolled=80
      · 1 banana⏎· 50 ml milk⏎· 20g ricotta|banana=118,milk-whole=52,ricotta-whole=20
      Saturday pancakes⏎⏎Ingredients⏎- 80g ground almonds, toasted⏎- 150 g rolled oats, blitzed to a flour⏎- 200 ml of buttermilk⏎- 1 banana⏎- 80g butter, cubed⏎⏎Method⏎Mix everything. Rest 20 minutes. Fry.|almonds-ground=80,oats-rolled=150,buttermilk=206,banana=118,butter=80
      For the batter:⏎- 200 grams walnuts⏎- 3 eggs⏎- 1 banana⏎- 20g unbleached plain flour⏎- 20 g butter, melted and cooled⏎- 100g rolled oats (ground)⏎- 100g caster sugar⏎Serves 4|walnuts=200,egg=150,banana=118,wheat-flour-white=20,butter=20,oats-rolled=100,sugar-white=100
      Weir cakes⏎- 2 tsp baking powder⏎- 1 tsp salt⏎- 150 ml of water⏎- 1 teaspoon cinnamon (weighed)⏎Serves 4|baking-powder=9,salt=6,water=150,cinnamon=3
      Ingredients:⏎- 2 tsp fine salt⏎- 100 g ricotta (well drained)⏎- 150 g of butter⏎⏎Method⏎Mix everything. Rest 20 minutes. Fry.|salt=12,ricotta-whole=100,butter=150
      · 100g walnuts, toasted and chopped⏎· 20 grams ground rolled oats⏎· 200 ml water (the last of the bag)⏎· 30 grams ground almonds (weighed)⏎Serves 4|walnuts=100,oats-rolled=20,water=200,almonds-ground=30
      Ingredients:⏎50 ml buttermilk, shaken⏎30g ground almonds, toasted⏎50 ml warm milk|buttermilk=52,almonds-ground=30,milk-whole=52
      Ingredients:⏎• 1 banana⏎• 2 teaspoons salt (fine)⏎• 80 grams ricotta (organic)⏎• 50 g butter⏎• 100g plain flour (weighed)⏎• 2 teaspoons cinnamon⏎⏎Method⏎Mix everything. Rest 20 minutes. Fry.|banana=118,salt=12,ricotta-whole=80,butter=50,wheat-flour-white=100,cinnamon=5
      For the batter:⏎• 200 g ricotta (well drained)⏎• 30 grams walnuts (chopped)⏎• 3 eggs⏎Serves 4|ricotta-whole=200,walnuts=30,egg=150
      Weir cakes⏎· 1 egg yolk, beaten⏎· 2 teaspoons baking powder⏎· 200 ml of milk, lukewarm⏎· 1 banana|egg-yolk=17,baking-powder=9,milk-whole=206,banana=118
      Ingredients:⏎* 100 ml of buttermilk⏎* 100 g of ricotta (weighed)⏎* 200 ml of warm water⏎* 2 eggs⏎* 50 grams rolled oats, soaked overnight⏎* 30 g raisins|buttermilk=103,ricotta-whole=100,water=200,egg=100,oats-rolled=50,raisins=30
      - 20 g of caster sugar (any kind)⏎- 150g raisins (soaked in hot water)⏎- 2 egg yolks⏎- 1 egg⏎- 2 tsp salt⏎- 50 ml milk, lukewarm⏎⏎1. Whisk it all together.⏎2. Cook for 2 minutes a side.|sugar-white=20,raisins=150,egg-yolk=34,egg=50,salt=12,milk-whole=52
      · 20g rolled oats (any kind)⏎· 150 ml buttermilk⏎· 50g walnuts, roughly chopped⏎Makes 8|oats-rolled=20,buttermilk=155,walnuts=50
      Ingredients:⏎· 2 bananas (ripe)⏎· 100 ml of milk (warm)⏎· 2 teaspoons salt|banana=236,milk-whole=103,salt=12
      Ingredients:⏎· 2 tsp fine salt⏎· 1 banana, very ripe, mashed⏎· 30 g of butter (cubed)⏎· 3 egg yolks, beaten⏎· 20 grams ground almonds (room temp)⏎· 150g caster sugar (about a cup)|salt=12,banana=118,butter=30,egg-yolk=51,almonds-ground=20,sugar-white=150
      For the batter:⏎1 teaspoon ground cinnamon⏎2 tsp baking powder⏎2 large eggs⏎⏎Method⏎Mix everything. Rest 20 minutes. Fry.|cinnamon=3,baking-powder=9,egg=100
      100ml milk⏎100 ml of buttermilk (weighed)⏎100 g plain flour⏎20 g butter (weighed)⏎⏎1. Whisk it all together.⏎2. Cook for 2 minutes a side.|milk-whole=103,buttermilk=103,wheat-flour-white=100,butter=20
      Ingredients:⏎• 20g ground almonds, finely ground⏎• 80 g walnuts⏎• 1 ripe banana⏎• 50 g caster sugar (organic)⏎Serves 4|almonds-ground=20,walnuts=80,banana=118,sugar-white=50
      Now add 50g oats. Keep them warm at 80 degrees. Stir in 3 eggs, 20 g of rye flour and 300 ml water. Put 2 tsp cinnamon in the blender. And 50 g of raspberries on the plate. Drizzle 50g honey over.|oats-rolled=50,egg=150,rye-flour-medium=20,water=300,cinnamon=5,raspberries@PLATE=50,honey@PLATE=50
      We take 2 tsp salt and 300 ml of milk. 20 g of oats goes in. In the pan: 100g lard. Scatter 50g mascarpone over. Cook for 3 minutes a side. Enough for 12 pancakes.|salt=12,milk-whole=309,oats-rolled=20,lard@PAN=100,mascarpone@PLATE=50;pieces 12
      Stir in 1 tsp baking powder, 2 tsp cinnamon and 300 ml of water. My kids love it. Flip after 2 minutes. Beat in 2 eggs. Top with 30 g of raspberries. It should be thick.|baking-powder=5,cinnamon=5,water=300,egg=100,raspberries@PLATE=30
      I used 200 g of ground almonds. Beat in 1 tsp cinnamon and 150 ml water. I used 200 ml milk and 100 g of rye flour. I fry them in 50 g butter. Enough for 12 pancakes.|almonds-ground=200,cinnamon=3,water=150,milk-whole=206,rye-flour-medium=100,butter@PAN=50;pieces 12
      Start with 150g rye flour, 2 tsp baking powder and 150 g ground almonds. My kids love it. Let it rest for 20 minutes. Fry in 100 g lard.|rye-flour-medium=150,baking-powder=9,almonds-ground=150,lard@PAN=100
      Tip in 1 egg. You need 150 g of oats, 2 tsp baking powder and 50 g plain flour. Flip after 2 minutes.|egg=50,oats-rolled=150,baking-powder=9,wheat-flour-white=50
      Now add 20g plain flour, 3 egg yolks and 1 egg. Heat the pan first. We take 1 tsp salt. Next comes 200ml water. 200 g walnuts to go with them. My kids love it. Cook for 3 minutes a side. I got 6.|wheat-flour-white=20,egg-yolk=51,egg=50,salt=6,water=200,walnuts@PLATE=200;pieces 6
      Next comes 200 g of cocoa. Heat the pan first. 30 g of ground almonds and 50 g of oats go in. It should be thick. Top with 100 g honey. 8 came out.|cocoa=200,almonds-ground=30,oats-rolled=50,honey@PLATE=100;pieces 8
      Beat in 2 tsp salt. Start with 150 ml milk, 100g cocoa and 50g caster sugar. Finish with 20g jam. We eat them with 200 g honey. I got 12.|salt=12,milk-whole=155,cocoa=100,sugar-white=50,jam@PLATE=20,honey@PLATE=200;pieces 12
      Put 20 g rye flour, 300ml water and 200g oats in the blender. Let it rest for 20 minutes. To serve: 50g maple syrup. It should be thick. That gave me 12 pancakes.|rye-flour-medium=20,water=300,oats-rolled=200,maple-syrup@PLATE=50;pieces 12
      Tip in 200g rye flour. Mix 1 tsp salt in a bowl. Then 1 egg yolk. Put 80 g of ricotta and 1 egg in the blender. And 20g honey on the plate. Cook for 3 minutes a side. Enough for 12 pancakes.|rye-flour-medium=200,salt=6,egg-yolk=17,ricotta-whole=80,egg=50,honey@PLATE=20;pieces 12
      Then 80g plain flour, 150 g of rye flour and 1 egg yolk. I fry them in 200g coconut oil. Serve with 50 g of honey.|wheat-flour-white=80,rye-flour-medium=150,egg-yolk=17,oil-coconut@PAN=200,honey@PLATE=50
      Add 2 tsp cinnamon, 200 ml of buttermilk and 30 g of ground almonds. That gave me 8 pancakes.|cinnamon=5,buttermilk=206,almonds-ground=30;pieces 8
      Then 30 g rye flour. Tip in 2 tsp salt. Then 2 tsp baking powder. Heat the pan first. Whisk in 150ml milk. Top with 20 g of honey.|rye-flour-medium=30,salt=12,baking-powder=9,milk-whole=155,honey@PLATE=20
      Then 20 g of cocoa and 80 g rye flour. It should be thick. Put 200 ml of milk in the blender. Heat 80 g lard in a frying pan. Cook over a medium heat. To serve: 20 g of honey. Enough for 8 pancakes.|cocoa=20,rye-flour-medium=80,milk-whole=206,lard@PAN=80,honey@PLATE=20;pieces 8
      I used 150 ml water. Then 50 g of caster sugar and 200 g of oats. Top with 100g jam. My kids love it.|water=150,sugar-white=50,oats-rolled=200,jam@PLATE=100
      We take 3 bananas and 100ml buttermilk. It should be thick. Start with 150g rye flour. Now add 150 g of caster sugar and 1 tsp cinnamon. Heat the pan first.|banana=354,buttermilk=103,rye-flour-medium=150,sugar-white=150,cinnamon=3
      two hundred grams of sugar one teaspoon of baking powder three hundred millilitres of water two hundred and fifty grams of flour|sugar-white=200,baking-powder=5,water=300,wheat-flour-white=250
      ricotta - 100g⏎sugar - 200g|ricotta-whole=100,sugar-white=200
      1 tsp salt, 1 apple, 1 cup sugar, 2 egg yolks, 3 cups milk|salt=6,apple=182,sugar-white=200,egg-yolk=34,milk-whole=732
      I mix fifty grams of flour and two cups of milk.|wheat-flour-white=50,milk-whole=488
      milk: 50ml⏎eggs: 2⏎egg whites: 3 Makes 8.|milk-whole=52,egg=100,egg-white=99
      I mix two hundred and fifty grams of sugar, two egg yolks, one carrot and two hundred millilitres of milk. Rest it for 30 minutes.|sugar-white=250,egg-yolk=34,carrot=61,milk-whole=206
      baking powder 2 tsp, water 1 cup, bananas 3 Makes 8.|baking-powder=9,water=237,banana=354
      3 cups water, 100g flour|water=711,wheat-flour-white=100
      ricotta 250g, honey 3 tbsp, sugar 1 cup Makes 8.|ricotta-whole=250,honey=63,sugar-white=200
      honey: 2 tbsp⏎milk: 3 cups⏎sugar: 1 cup⏎ricotta: 50g⏎flour: 1 cup Makes 8.|honey=42,milk-whole=732,sugar-white=200,ricotta-whole=50,wheat-flour-white=135
      I mix a hundred millilitres of milk and two teaspoons of baking powder. Makes 8.|milk-whole=103,baking-powder=9
      apples - 2⏎carrot - 1 Makes 8.|apple=364,carrot=61
      eggs 3, milk 150ml, oats 150g⏎Serves 4|egg=150,milk-whole=155,oats-rolled=150
      I mix two tablespoons of honey and one cup of water.|honey=42,water=237
      rye flour - 50g⏎sugar - 3 tbsp⏎flour - 3 cups|rye-flour-medium=50,sugar-white=38,wheat-flour-white=405
      one cup of milk one banana two tablespoons of sugar one egg white one egg yolk|milk-whole=244,banana=118,sugar-white=25,egg-white=33,egg-yolk=17
      egg yolks - 4⏎oats - 100g⏎Serves 4|egg-yolk=68,oats-rolled=100
      sugar 200g, milk 1 cup|sugar-white=200,milk-whole=244
      one teaspoon of salt, two egg whites, three apples, three tablespoons of honey Rest it for 30 minutes.|salt=6,egg-white=66,apple=546,honey=63
      two cups of flour, a hundred and fifty grams of sugar, one teaspoon of salt Rest it for 30 minutes.|wheat-flour-white=270,sugar-white=150,salt=6
      four bananas, a hundred grams of rye flour⏎Serves 4|banana=472,rye-flour-medium=100
      200 ml milk, 150 g rye flour|milk-whole=206,rye-flour-medium=150
      1 cup sugar, 2 egg yolks, 100 g butter, 1 apple and 3 egg whites|sugar-white=200,egg-yolk=34,butter=100,apple=182,egg-white=99
      100 g ricotta, 250 g rye flour, 1 onion and 100 g sugar|ricotta-whole=100,rye-flour-medium=250,onion=110,sugar-white=100
      300 ml water, 200 g oats, 200 g flour|water=300,oats-rolled=200,wheat-flour-white=200
      1 cup buttermilk + 1 cup sugar|buttermilk=245,sugar-white=200
      1 cup milk, 1 apple|milk-whole=244,apple=182
      1 cup buttermilk + 200 g rye flour|buttermilk=245,rye-flour-medium=200
      250 g flour, 150 g ricotta, 200 ml water, 200 g oats, 4 carrots|wheat-flour-white=250,ricotta-whole=150,water=200,oats-rolled=200,carrot=244
      2 cups sugar⏎4 onions|sugar-white=400,onion=440
      150 g butter⏎4 onions⏎50 g sugar⏎1 cup buttermilk|butter=150,onion=440,sugar-white=50,buttermilk=245
      2 egg yolks; 2 apples; 300 g butter; 100 g rye flour; 200 g oats|egg-yolk=34,apple=364,butter=300,rye-flour-medium=100,oats-rolled=200
      2 carrots⏎200 g ricotta⏎300 ml milk⏎2 cups rolled oats⏎1 apple|carrot=122,ricotta-whole=200,milk-whole=309,oats-rolled=162,apple=182
      4 onions; 1 cup buttermilk|onion=440,buttermilk=245
      3 cups water, 1 cup buttermilk and 3 egg whites|water=711,buttermilk=245,egg-white=99
      300 g butter + 1 egg yolk + 3 cups water|butter=300,egg-yolk=17,water=711
      50 g oats + 50 g flour|oats-rolled=50,wheat-flour-white=50
      2 cups rolled oats + 1 apple + 200 ml water + 100 ml milk|oats-rolled=162,apple=182,water=200,milk-whole=103
      1 onion + 2 egg yolks|onion=110,egg-yolk=34
      1 onion and 3 cups water|onion=110,water=711
      50 g oats; 250 g flour; 3 cups milk|oats-rolled=50,wheat-flour-white=250,milk-whole=732
      3 cups flour; 200 g rye flour; 4 egg whites; 1 onion|wheat-flour-white=405,rye-flour-medium=200,egg-white=132,onion=110
      3 bananas; 150 ml milk|banana=354,milk-whole=155
      """;

  @Test
  void everyLineCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
