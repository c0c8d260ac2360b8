package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Where the foods of one row go: into the bowl, into the pan, on the plate. */
class RowsSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins. 10 g butter for the pan|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and 10 g butter for frying|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎10 g butter for frying⏎20 g sugar⏎30 g raisins|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins; 10 g butter to fry|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins, 10 g butter (pan)|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎20 g sugar⏎30 g raisins⏎10 g butter (pan)|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 10 g butter for greasing, 20 g sugar, 30 g raisins|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      I use 200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and then 10 g butter for greasing|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins. 10 g butter in the pan|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and 10 g of butter to grease the pan|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎10 g of butter to grease the pan⏎20 g sugar⏎30 g raisins|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins; 10 g butter, for the pan|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins, butter for the pan 10 g|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎20 g sugar⏎30 g raisins⏎butter for the pan 10 g|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, butter (for the pan) 10 g, 20 g sugar, 30 g raisins|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      I use 200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and then butter (for the pan) 10 g|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins. For the pan 10 g butter|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and pan: 10 g butter|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎pan: 10 g butter⏎20 g sugar⏎30 g raisins|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins; 10 g butter to cook in|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins, 10 g butter for cooking them|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎20 g sugar⏎30 g raisins⏎10 g butter for cooking them|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 10 g butter to fry them in, 20 g sugar, 30 g raisins|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      I use 200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and then 10 g butter to fry them in|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins. 10 g pan butter|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and 10 g butter for the iron|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎10 g butter for the iron⏎20 g sugar⏎30 g raisins|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins; 10 g butter on the griddle|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins, a bit of butter, 10 g, for the pan|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎20 g sugar⏎30 g raisins⏎a bit of butter, 10 g, for the pan|butter=10@PAN,egg=100,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 15 g honey on top, 20 g sugar, 30 g raisins|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      I use 200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and then 15 g honey on top|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins. 15 g honey to serve|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and 15 g honey for serving|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎15 g honey for serving⏎20 g sugar⏎30 g raisins|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins; 15 g honey over them|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins, 15 g honey for the top|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎20 g sugar⏎30 g raisins⏎15 g honey for the top|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 15 g honey (topping), 20 g sugar, 30 g raisins|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      I use 200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and then 15 g honey (topping)|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins. 15 g honey drizzled over|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and 15 g honey as topping|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎15 g honey as topping⏎20 g sugar⏎30 g raisins|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins; honey on top 15 g|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins, honey to serve, 15 g|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎20 g sugar⏎30 g raisins⏎honey to serve, 15 g|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      I use 200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and then on top 15 g honey|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins. Topping: 15 g honey|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and to serve 15 g honey|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎to serve 15 g honey⏎20 g sugar⏎30 g raisins|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins; 15 g honey to finish|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins, 15 g honey poured over|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎20 g sugar⏎30 g raisins⏎15 g honey poured over|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 15 g honey at the table, 20 g sugar, 30 g raisins|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      I use 200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and then 15 g honey at the table|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins and served with 15 g honey|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎served with 15 g honey⏎20 g sugar⏎30 g raisins|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 20 g sugar, 30 g raisins; 15 g honey on each plate|egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      2 eggs, 200 g flour, 40 g melted butter, 300 ml milk, 50 g blueberries in the bowl. 10 g lard for the pan. Served with 35 g cream and 60 g strawberries.|blueberries=50,butter=40,cream-heavy=35@PLATE,egg=100,lard=10@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200
      2 eggs, 200 g flour, 5 g baking powder, 25 g walnuts, 40 g melted butter, 300 ml milk for the batter, for the pan 10 g oil, 15 g honey to serve|baking-powder=5,butter=40,egg=100,honey=15@PLATE,milk-whole=309,oil-sunflower=10@PAN,walnuts=25,wheat-flour-white=200
      batter: 2 eggs 200 g flour 300 ml milk, for the pan 8 g ghee, 20 g jam over them|egg=100,ghee=8@PAN,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      I use 40 g melted butter 200 g flour 25 g walnuts 2 eggs 300 ml milk. 10 g butter in the pan. On top 20 g jam and 30 g yoghurt.|butter=40,butter=10@PAN,egg=100,jam=20@PLATE,milk-whole=309,walnuts=25,wheat-flour-white=200,yogurt-whole=30@PLATE
      for the batter 40 g melted butter, 20 g sugar, 300 ml milk, 200 g flour, 2 eggs, then 8 g ghee to fry them in, and on top 12 g almonds|almonds=12@PLATE,butter=40,egg=100,ghee=8@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      2 eggs, 200 g flour, 25 g walnuts, 300 ml milk – in the pan 8 g ghee – on top 12 g almonds and 35 g cream|almonds=12@PLATE,cream-heavy=35@PLATE,egg=100,ghee=8@PAN,milk-whole=309,walnuts=25,wheat-flour-white=200
      40 g melted butter, 20 g sugar, 200 g flour, 30 g raisins, 2 eggs, 300 ml milk in the bowl; pan: 10 g oil; on top 15 g honey and 60 g strawberries|butter=40,egg=100,honey=15@PLATE,milk-whole=309,oil-sunflower=10@PAN,raisins=30,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200
      mix 2 eggs, 50 g blueberries, 200 g flour, 300 ml milk and 30 g raisins – fried in 10 g butter – 60 g strawberries and 35 g cream to serve|blueberries=50,butter=10@PAN,cream-heavy=35@PLATE,egg=100,milk-whole=309,raisins=30,strawberries=60@PLATE,wheat-flour-white=200
      I use 300 ml milk, 2 eggs and 200 g flour. Pan: 10 g butter. Finished with 20 g jam and 12 g almonds.|almonds=12@PLATE,butter=10@PAN,egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      25 g walnuts, 200 g flour, 300 ml milk, 20 g sugar, 2 eggs in the bowl – fried in 10 g butter – topped with 35 g cream|butter=10@PAN,cream-heavy=35@PLATE,egg=100,milk-whole=309,sugar-white=20,walnuts=25,wheat-flour-white=200
      I use 2 eggs + 300 ml milk + 200 g flour + 25 g walnuts; 10 g lard for the pan; 12 g almonds and 60 g strawberries to serve|almonds=12@PLATE,egg=100,lard=10@PAN,milk-whole=309,strawberries=60@PLATE,walnuts=25,wheat-flour-white=200
      Mix 300 ml milk, 30 g raisins, 200 g flour, 5 g baking powder, 2 eggs, 20 g sugar. 8 g ghee for the pan. Served with 60 g strawberries.|baking-powder=5,egg=100,ghee=8@PAN,milk-whole=309,raisins=30,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200
      2 eggs, 200 g flour, 300 ml milk; 10 g oil in the pan; finished with 12 g almonds and 60 g strawberries|almonds=12@PLATE,egg=100,milk-whole=309,oil-sunflower=10@PAN,strawberries=60@PLATE,wheat-flour-white=200
      mix 2 eggs, 200 g flour and 300 ml milk⏎8 g ghee to fry them in⏎finished with 12 g almonds|almonds=12@PLATE,egg=100,ghee=8@PAN,milk-whole=309,wheat-flour-white=200
      30 g raisins, 200 g flour, 2 eggs, 5 g baking powder and 300 ml milk in the bowl⏎in the pan 10 g oil⏎20 g jam over them|baking-powder=5,egg=100,jam=20@PLATE,milk-whole=309,oil-sunflower=10@PAN,raisins=30,wheat-flour-white=200
      I use 300 ml milk, 200 g flour, 40 g melted butter, 30 g raisins, 50 g blueberries, 2 eggs; pan: 10 g lard; 60 g strawberries and 20 g jam over them|blueberries=50,butter=40,egg=100,jam=20@PLATE,lard=10@PAN,milk-whole=309,raisins=30,strawberries=60@PLATE,wheat-flour-white=200
      30 g raisins, 2 eggs, 50 g blueberries, 200 g flour, 300 ml milk, 20 g sugar in the bowl. Pan: 8 g ghee. To serve: 15 g honey and 60 g strawberries.|blueberries=50,egg=100,ghee=8@PAN,honey=15@PLATE,milk-whole=309,raisins=30,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200
      300 ml milk, 200 g flour, 2 eggs⏎8 g ghee for frying⏎35 g cream on top|cream-heavy=35@PLATE,egg=100,ghee=8@PAN,milk-whole=309,wheat-flour-white=200
      40 g melted butter, 20 g sugar, 200 g flour, 300 ml milk, 2 eggs, 25 g walnuts in the bowl. 10 g butter to fry them in. 20 g jam over them.|butter=40,butter=10@PAN,egg=100,jam=20@PLATE,milk-whole=309,sugar-white=20,walnuts=25,wheat-flour-white=200
      batter: 300 ml milk, 2 eggs and 200 g flour, in the pan 10 g butter, 30 g yoghurt for the top|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=30@PLATE
      50 g blueberries, 300 ml milk, 25 g walnuts, 20 g sugar, 200 g flour and 2 eggs for the batter. In the pan 10 g oil. Topped with 60 g strawberries.|blueberries=50,egg=100,milk-whole=309,oil-sunflower=10@PAN,strawberries=60@PLATE,sugar-white=20,walnuts=25,wheat-flour-white=200
      300 ml milk 20 g sugar 2 eggs 30 g raisins 40 g melted butter 200 g flour, fried in 8 g ghee, to serve: 20 g jam|butter=40,egg=100,ghee=8@PAN,jam=20@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200
      mix 5 g baking powder, 2 eggs, 200 g flour, 300 ml milk, 50 g blueberries, 20 g sugar, pan: 8 g ghee, 60 g strawberries to serve|baking-powder=5,blueberries=50,egg=100,ghee=8@PAN,milk-whole=309,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200
      batter: 2 eggs, 300 ml milk, 30 g raisins, 50 g blueberries, 40 g melted butter and 200 g flour – fried in 10 g oil – on top 60 g strawberries|blueberries=50,butter=40,egg=100,milk-whole=309,oil-sunflower=10@PAN,raisins=30,strawberries=60@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 10 g oil to fry them in, with 35 g cream on top|cream-heavy=35@PLATE,egg=100,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200
      200 g flour, 2 eggs and 300 ml milk. Fried in 10 g oil. 60 g strawberries to serve.|egg=100,milk-whole=309,oil-sunflower=10@PAN,strawberries=60@PLATE,wheat-flour-white=200
      I use 200 g flour, 2 eggs, 300 ml milk, 25 g walnuts and 50 g blueberries, cooked in 8 g ghee, to serve: 60 g strawberries|blueberries=50,egg=100,ghee=8@PAN,milk-whole=309,strawberries=60@PLATE,walnuts=25,wheat-flour-white=200
      For the batter 25 g walnuts, 300 ml milk, 2 eggs, 30 g raisins, 40 g melted butter, 200 g flour. For the pan 10 g lard. Topped with 30 g yoghurt.|butter=40,egg=100,lard=10@PAN,milk-whole=309,raisins=30,walnuts=25,wheat-flour-white=200,yogurt-whole=30@PLATE
      30 g raisins, 200 g flour, 300 ml milk, 2 eggs. 10 g oil for the pan. Finished with 15 g honey and 60 g strawberries.|egg=100,honey=15@PLATE,milk-whole=309,oil-sunflower=10@PAN,raisins=30,strawberries=60@PLATE,wheat-flour-white=200
      I use 25 g walnuts, 40 g melted butter, 2 eggs, 30 g raisins, 200 g flour, 300 ml milk. Cooked in 10 g butter. On top 12 g almonds.|almonds=12@PLATE,butter=40,butter=10@PAN,egg=100,milk-whole=309,raisins=30,walnuts=25,wheat-flour-white=200
      batter: 50 g blueberries, 300 ml milk, 2 eggs, 5 g baking powder, 25 g walnuts and 200 g flour; 10 g lard to fry them in; to serve: 60 g strawberries|baking-powder=5,blueberries=50,egg=100,lard=10@PAN,milk-whole=309,strawberries=60@PLATE,walnuts=25,wheat-flour-white=200
      for the batter 2 eggs, 200 g flour, 40 g melted butter and 300 ml milk, then 10 g lard for frying, and 15 g honey and 12 g almonds for the top|almonds=12@PLATE,butter=40,egg=100,honey=15@PLATE,lard=10@PAN,milk-whole=309,wheat-flour-white=200
      batter: 20 g sugar + 200 g flour + 300 ml milk + 2 eggs; cooked in 10 g butter; 30 g yoghurt and 60 g strawberries on top|butter=10@PAN,egg=100,milk-whole=309,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200,yogurt-whole=30@PLATE
      5 g baking powder, 200 g flour, 2 eggs, 300 ml milk in the bowl; 10 g butter for the pan; 15 g honey over them|baking-powder=5,butter=10@PAN,egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      For the batter 200 g flour, 300 ml milk, 2 eggs. 10 g oil in the pan. On top 20 g jam.|egg=100,jam=20@PLATE,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200
      200 g flour, 50 g blueberries, 300 ml milk, 5 g baking powder, 2 eggs, 30 g raisins for the batter. 10 g butter in the pan. 60 g strawberries on top.|baking-powder=5,blueberries=50,butter=10@PAN,egg=100,milk-whole=309,raisins=30,strawberries=60@PLATE,wheat-flour-white=200
      batter: 50 g blueberries, 2 eggs, 200 g flour, 300 ml milk⏎for the pan 10 g butter⏎topped with 12 g almonds|almonds=12@PLATE,blueberries=50,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      300 ml milk + 200 g flour + 40 g melted butter + 2 eggs, then 10 g butter to fry them in, and finished with 35 g cream|butter=40,butter=10@PAN,cream-heavy=35@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      mix 2 eggs, 200 g flour, 300 ml milk, 40 g melted butter and 30 g raisins, cooked in 10 g lard, on top 30 g yoghurt and 35 g cream|butter=40,cream-heavy=35@PLATE,egg=100,lard=10@PAN,milk-whole=309,raisins=30,wheat-flour-white=200,yogurt-whole=30@PLATE
      For the batter 2 eggs, 300 ml milk and 200 g flour. Cooked in 10 g butter. Served with 35 g cream.|butter=10@PAN,cream-heavy=35@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs in the bowl. 10 g lard for frying. Topped with 30 g yoghurt.|egg=100,lard=10@PAN,milk-whole=309,wheat-flour-white=200,yogurt-whole=30@PLATE
      5 g baking powder, 200 g flour, 2 eggs, 300 ml milk for the batter; 10 g lard for greasing; served with 20 g jam|baking-powder=5,egg=100,jam=20@PLATE,lard=10@PAN,milk-whole=309,wheat-flour-white=200
      200 g flour 300 ml milk 2 eggs for the batter, 10 g lard for greasing, 15 g honey over them|egg=100,honey=15@PLATE,lard=10@PAN,milk-whole=309,wheat-flour-white=200
      Mix 300 ml milk, 200 g flour, 2 eggs, 5 g baking powder. Fried in 10 g oil. On top 30 g yoghurt.|baking-powder=5,egg=100,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200,yogurt-whole=30@PLATE
      2 eggs, 25 g walnuts, 5 g baking powder, 50 g blueberries, 200 g flour, 300 ml milk in the bowl; pan: 10 g lard; finished with 15 g honey and 60 g strawberries|baking-powder=5,blueberries=50,egg=100,honey=15@PLATE,lard=10@PAN,milk-whole=309,strawberries=60@PLATE,walnuts=25,wheat-flour-white=200
      200 g flour, 30 g raisins, 2 eggs, 300 ml milk for the batter; fried in 10 g lard; 35 g cream and 30 g yoghurt to serve|cream-heavy=35@PLATE,egg=100,lard=10@PAN,milk-whole=309,raisins=30,wheat-flour-white=200,yogurt-whole=30@PLATE
      2 eggs, 50 g blueberries, 20 g sugar, 200 g flour and 300 ml milk for the batter, 10 g lard for frying, 15 g honey on top|blueberries=50,egg=100,honey=15@PLATE,lard=10@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      5 g baking powder, 200 g flour, 30 g raisins, 20 g sugar, 2 eggs and 300 ml milk, 10 g butter in the pan, to serve: 30 g yoghurt and 15 g honey|baking-powder=5,butter=10@PAN,egg=100,honey=15@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200,yogurt-whole=30@PLATE
      mix 300 ml milk, 2 eggs, 200 g flour; 10 g butter for greasing; served with 20 g jam and 12 g almonds|almonds=12@PLATE,butter=10@PAN,egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, 300 ml milk, 25 g walnuts, 40 g melted butter for the batter – 10 g oil in the pan – on top 30 g yoghurt|butter=40,egg=100,milk-whole=309,oil-sunflower=10@PAN,walnuts=25,wheat-flour-white=200,yogurt-whole=30@PLATE
      whisk together 25 g walnuts, 200 g flour, 2 eggs, 300 ml milk, 5 g baking powder cooked them in 8 g ghee 35 g cream and 30 g yoghurt over the lot|baking-powder=5,cream-heavy=35@PLATE,egg=100,ghee=8@PAN,milk-whole=309,walnuts=25,wheat-flour-white=200,yogurt-whole=30@PLATE
      Start with 300 ml milk and 2 eggs and 200 g flour. 10 g oil went in the pan. Served with 15 g honey.|egg=100,honey=15@PLATE,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200
      Start with 300 ml milk, 200 g flour, 2 eggs, cooked them in 10 g lard, makes 8, serve with 12 g almonds and 60 g strawberries|almonds=12@PLATE,egg=100,lard=10@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200;pieces 8
      I mix 2 eggs 300 ml milk 200 g flour 50 g blueberries, 10 g lard went in the pan, that's 8, I had them with 20 g jam|blueberries=50,egg=100,jam=20@PLATE,lard=10@PAN,milk-whole=309,wheat-flour-white=200;pieces 8
      I mix 300 ml milk, 2 eggs, 200 g flour melt 10 g lard in the pan and fry I had them with 60 g strawberries and 35 g cream|cream-heavy=35@PLATE,egg=100,lard=10@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200
      Mix 200 g flour 40 g melted butter 2 eggs 300 ml milk 50 g blueberries and let it rest⏎For 8 waffles⏎They were fried in 8 g ghee⏎I had them with 15 g honey|blueberries=50,butter=40,egg=100,ghee=8@PAN,honey=15@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      Mix 2 eggs, 30 g raisins, 300 ml milk, 200 g flour, 20 g sugar and let it rest then I got 8, brushed the iron with 8 g ghee, I had them with 12 g almonds and 20 g jam|almonds=12@PLATE,egg=100,ghee=8@PAN,jam=20@PLATE,milk-whole=309,raisins=30,sugar-white=20,wheat-flour-white=200;pieces 8
      Put 2 eggs, 20 g sugar, 200 g flour and 300 ml milk in a bowl and whisk, for 8 waffles, 10 g oil for frying the lot, finish with 15 g honey|egg=100,honey=15@PLATE,milk-whole=309,oil-sunflower=10@PAN,sugar-white=20,wheat-flour-white=200;pieces 8
      Start with 200 g flour, 300 ml milk, 2 eggs. I fry them in 10 g butter. Topped with 12 g almonds.|almonds=12@PLATE,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      whisk 200 g flour, 5 g baking powder, 20 g sugar, 2 eggs and 300 ml milk, 8 of them, 10 g oil in a hot pan, with 12 g almonds on the side|almonds=12@PLATE,baking-powder=5,egg=100,milk-whole=309,oil-sunflower=10@PAN,sugar-white=20,wheat-flour-white=200;pieces 8
      Mix 200 g flour and 30 g raisins and 300 ml milk and 2 eggs and let it rest. I used 10 g butter for the pan. 60 g strawberries over the lot.|butter=10@PAN,egg=100,milk-whole=309,raisins=30,strawberries=60@PLATE,wheat-flour-white=200
      Start with 2 eggs, 300 ml milk, 200 g flour and 20 g sugar then makes 8, the pan got 10 g butter, then 60 g strawberries spooned over|butter=10@PAN,egg=100,milk-whole=309,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200;pieces 8
      My batter is 2 eggs 200 g flour 300 ml milk 50 g blueberries 5 g baking powder, 8 pancakes, I used 10 g lard for the pan, we shared 15 g honey with them|baking-powder=5,blueberries=50,egg=100,honey=15@PLATE,lard=10@PAN,milk-whole=309,wheat-flour-white=200;pieces 8
      Whisk together 200 g flour and 25 g walnuts and 2 eggs and 300 ml milk, melt 8 g ghee in the pan and fry, makes 8, we ate them with 35 g cream|cream-heavy=35@PLATE,egg=100,ghee=8@PAN,milk-whole=309,walnuts=25,wheat-flour-white=200;pieces 8
      My batter is 2 eggs and 300 ml milk and 200 g flour. I used 8 g ghee for the pan. 60 g strawberries to go with them.|egg=100,ghee=8@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200
      put 2 eggs, 5 g baking powder, 300 ml milk, 50 g blueberries, 200 g flour in a bowl and whisk in a pan with 8 g ghee then 12 g almonds and 60 g strawberries spooned over|almonds=12@PLATE,baking-powder=5,blueberries=50,egg=100,ghee=8@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200
      whisk together 20 g sugar 2 eggs 300 ml milk 25 g walnuts 200 g flour makes 8 I greased the pan with 10 g oil topped with 15 g honey|egg=100,honey=15@PLATE,milk-whole=309,oil-sunflower=10@PAN,sugar-white=20,walnuts=25,wheat-flour-white=200;pieces 8
      Mix 200 g flour 25 g walnuts 300 ml milk 2 eggs and let it rest, they were fried in 10 g lard, 30 g yoghurt to go with them|egg=100,lard=10@PAN,milk-whole=309,walnuts=25,wheat-flour-white=200,yogurt-whole=30@PLATE
      Whisk together 200 g flour, 2 eggs, 300 ml milk, 50 g blueberries. I used 8 g ghee for the pan. We ate them with 12 g almonds.|almonds=12@PLATE,blueberries=50,egg=100,ghee=8@PAN,milk-whole=309,wheat-flour-white=200
      Put 5 g baking powder 200 g flour 300 ml milk 2 eggs in a bowl and whisk, fried in 10 g oil, then 15 g honey spooned over, for 8 waffles|baking-powder=5,egg=100,honey=15@PLATE,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200;pieces 8
      I take 2 eggs, 300 ml milk and 200 g flour. Fried in 8 g ghee. Topped with 12 g almonds and 60 g strawberries.|almonds=12@PLATE,egg=100,ghee=8@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200
      Whisk 2 eggs, 300 ml milk, 200 g flour, 25 g walnuts. Melt 8 g ghee in the pan and fry. With 15 g honey on the side.|egg=100,ghee=8@PAN,honey=15@PLATE,milk-whole=309,walnuts=25,wheat-flour-white=200
      Mix 2 eggs, 200 g flour, 30 g raisins and 300 ml milk and let it rest. I used 10 g lard for the pan. Served with 20 g jam.|egg=100,jam=20@PLATE,lard=10@PAN,milk-whole=309,raisins=30,wheat-flour-white=200
      Start with 40 g melted butter, 2 eggs, 300 ml milk, 200 g flour⏎Fried in 8 g ghee⏎That's 8⏎20 g jam and 35 g cream to go with them|butter=40,cream-heavy=35@PLATE,egg=100,ghee=8@PAN,jam=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      Put 2 eggs, 30 g raisins, 200 g flour, 20 g sugar and 300 ml milk in a bowl and whisk. They were fried in 10 g butter. Serve with 60 g strawberries and 35 g cream. For 8 waffles.|butter=10@PAN,cream-heavy=35@PLATE,egg=100,milk-whole=309,raisins=30,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200;pieces 8
      My batter is 200 g flour, 2 eggs, 5 g baking powder, 20 g sugar and 300 ml milk, I used 10 g butter for the pan, that's 8, served with 20 g jam|baking-powder=5,butter=10@PAN,egg=100,jam=20@PLATE,milk-whole=309,sugar-white=20,wheat-flour-white=200;pieces 8
      Put 300 ml milk, 200 g flour, 2 eggs in a bowl and whisk, I needed 10 g butter to fry them, topped with 30 g yoghurt|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=30@PLATE
      I take 200 g flour and 2 eggs and 300 ml milk. Cooked them in 10 g oil. 12 g almonds and 35 g cream on top. 8 pancakes.|almonds=12@PLATE,cream-heavy=35@PLATE,egg=100,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200;pieces 8
      whisk 50 g blueberries 200 g flour 2 eggs 5 g baking powder 300 ml milk, melt 10 g lard in the pan and fry, and 15 g honey drizzled over|baking-powder=5,blueberries=50,egg=100,honey=15@PLATE,lard=10@PAN,milk-whole=309,wheat-flour-white=200
      Put 300 ml milk, 5 g baking powder, 40 g melted butter, 200 g flour, 2 eggs in a bowl and whisk, 10 g butter for frying the lot, I had them with 60 g strawberries|baking-powder=5,butter=40,butter=10@PAN,egg=100,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200
      Start with 2 eggs and 200 g flour and 300 ml milk. Heat 10 g oil in a pan. Topped with 20 g jam.|egg=100,jam=20@PLATE,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200
      Batter of 2 eggs, 300 ml milk and 200 g flour⏎The iron took 10 g lard⏎Then 20 g jam spooned over|egg=100,jam=20@PLATE,lard=10@PAN,milk-whole=309,wheat-flour-white=200
      Batter of 200 g flour, 300 ml milk, 30 g raisins, 2 eggs, 5 g baking powder. I fry them in 10 g butter. Makes 8. Scatter 35 g cream over.|baking-powder=5,butter=10@PAN,cream-heavy=35@PLATE,egg=100,milk-whole=309,raisins=30,wheat-flour-white=200;pieces 8
      I mix 200 g flour, 300 ml milk, 20 g sugar, 2 eggs, 5 g baking powder. 8 pancakes. The iron took 10 g lard. Scatter 60 g strawberries and 12 g almonds over.|almonds=12@PLATE,baking-powder=5,egg=100,lard=10@PAN,milk-whole=309,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200;pieces 8
      Start with 2 eggs, 300 ml milk, 200 g flour⏎I needed 8 g ghee to fry them⏎For 8 waffles⏎60 g strawberries and 12 g almonds on top|almonds=12@PLATE,egg=100,ghee=8@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200;pieces 8
      My batter is 5 g baking powder, 300 ml milk, 2 eggs, 200 g flour, 30 g raisins. Cooked them in 10 g oil. Scatter 35 g cream over.|baking-powder=5,cream-heavy=35@PLATE,egg=100,milk-whole=309,oil-sunflower=10@PAN,raisins=30,wheat-flour-white=200
      Whisk together 200 g flour, 2 eggs, 30 g raisins, 300 ml milk, heat 8 g ghee in a pan, eat with 20 g jam, for 8 waffles|egg=100,ghee=8@PAN,jam=20@PLATE,milk-whole=309,raisins=30,wheat-flour-white=200;pieces 8
      Whisk together 2 eggs, 300 ml milk and 200 g flour⏎For 8 waffles⏎In a pan with 10 g lard⏎We ate them with 60 g strawberries|egg=100,lard=10@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200;pieces 8
      I mix 200 g flour 2 eggs 40 g melted butter 300 ml milk, the pan got 10 g oil, we shared 12 g almonds with them|almonds=12@PLATE,butter=40,egg=100,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200
      Whisk together 2 eggs, 300 ml milk and 200 g flour⏎The iron took 10 g butter⏎12 g almonds on top|almonds=12@PLATE,butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      Whisk 2 eggs, 25 g walnuts, 200 g flour, 20 g sugar, 300 ml milk. The pan got 8 g ghee. With 12 g almonds on the side. That's 8.|almonds=12@PLATE,egg=100,ghee=8@PAN,milk-whole=309,sugar-white=20,walnuts=25,wheat-flour-white=200;pieces 8
      Whisk 200 g flour, 2 eggs, 300 ml milk and 20 g sugar. The pan got 8 g ghee. And 12 g almonds and 60 g strawberries drizzled over.|almonds=12@PLATE,egg=100,ghee=8@PAN,milk-whole=309,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200
      300 ml milk, 200 g flour, 40 g melted butter and 2 eggs. Heat 10 g lard in a pan. Makes 8. I put 30 g yoghurt on them.|butter=40,egg=100,lard=10@PAN,milk-whole=309,wheat-flour-white=200,yogurt-whole=30@PLATE;pieces 8
      I take 200 g flour, 2 eggs, 300 ml milk. Cooked them in 10 g oil. Then 60 g strawberries spooned over.|egg=100,milk-whole=309,oil-sunflower=10@PAN,strawberries=60@PLATE,wheat-flour-white=200
      Start with 20 g sugar, 200 g flour, 300 ml milk, 2 eggs⏎8 g ghee in a hot pan⏎I put 60 g strawberries and 30 g yoghurt on them|egg=100,ghee=8@PAN,milk-whole=309,strawberries=60@PLATE,sugar-white=20,wheat-flour-white=200,yogurt-whole=30@PLATE
      start with 200 g flour, 2 eggs, 300 ml milk the iron took 8 g ghee they got 35 g cream and 12 g almonds on top|almonds=12@PLATE,cream-heavy=35@PLATE,egg=100,ghee=8@PAN,milk-whole=309,wheat-flour-white=200
      I mix 2 eggs, 300 ml milk, 200 g flour⏎Cooked them in 10 g lard⏎Eat with 12 g almonds⏎8 pancakes|almonds=12@PLATE,egg=100,lard=10@PAN,milk-whole=309,wheat-flour-white=200;pieces 8
      Put 5 g baking powder, 200 g flour, 25 g walnuts, 300 ml milk and 2 eggs in a bowl and whisk⏎For 8 waffles⏎Melt 8 g ghee in the pan and fry⏎Scatter 12 g almonds over|almonds=12@PLATE,baking-powder=5,egg=100,ghee=8@PAN,milk-whole=309,walnuts=25,wheat-flour-white=200;pieces 8
      Put 2 eggs, 200 g flour, 300 ml milk in a bowl and whisk. I needed 10 g lard to fry them. Serve with 12 g almonds. Makes 8.|almonds=12@PLATE,egg=100,lard=10@PAN,milk-whole=309,wheat-flour-white=200;pieces 8
      whisk 300 ml milk, 5 g baking powder, 2 eggs, 30 g raisins and 200 g flour, 8 pancakes, brushed the iron with 10 g lard, 60 g strawberries and 15 g honey to go with them|baking-powder=5,egg=100,honey=15@PLATE,lard=10@PAN,milk-whole=309,raisins=30,strawberries=60@PLATE,wheat-flour-white=200;pieces 8
      I mix 200 g flour, 2 eggs and 300 ml milk, I used 10 g butter for the pan, topped with 30 g yoghurt|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=30@PLATE
      Put 200 g flour, 2 eggs, 300 ml milk and 30 g raisins in a bowl and whisk. Heat 10 g lard in a pan. We ate them with 15 g honey and 20 g jam.|egg=100,honey=15@PLATE,jam=20@PLATE,lard=10@PAN,milk-whole=309,raisins=30,wheat-flour-white=200
      I take 200 g flour, 2 eggs, 300 ml milk, 30 g raisins⏎Brushed the iron with 8 g ghee⏎We shared 35 g cream and 60 g strawberries with them|cream-heavy=35@PLATE,egg=100,ghee=8@PAN,milk-whole=309,raisins=30,strawberries=60@PLATE,wheat-flour-white=200
      I mix 300 ml milk, 2 eggs, 25 g walnuts, 200 g flour. The iron took 10 g lard. 20 g jam on top.|egg=100,jam=20@PLATE,lard=10@PAN,milk-whole=309,walnuts=25,wheat-flour-white=200
      Mix 300 ml milk 40 g melted butter 200 g flour 2 eggs and let it rest, in a pan with 10 g oil, 60 g strawberries over the lot, gives 8|butter=40,egg=100,milk-whole=309,oil-sunflower=10@PAN,strawberries=60@PLATE,wheat-flour-white=200;pieces 8
      Mix 200 g flour, 300 ml milk, 20 g sugar and 2 eggs and let it rest. Heat 10 g butter in a pan. Serve with 12 g almonds. 8 of them.|almonds=12@PLATE,butter=10@PAN,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200;pieces 8
      25 g walnuts, 300 ml milk, 200 g flour, 2 eggs, the pan got 8 g ghee, we shared 20 g jam and 60 g strawberries with them|egg=100,ghee=8@PAN,jam=20@PLATE,milk-whole=309,strawberries=60@PLATE,walnuts=25,wheat-flour-white=200
      whisk 300 ml milk and 2 eggs and 200 g flour then I greased the pan with 8 g ghee, scatter 30 g yoghurt over|egg=100,ghee=8@PAN,milk-whole=309,wheat-flour-white=200,yogurt-whole=30@PLATE
      I mix 50 g blueberries, 300 ml milk, 20 g sugar, 2 eggs and 200 g flour then cooked them in 8 g ghee, makes 8, I put 15 g honey on them|blueberries=50,egg=100,ghee=8@PAN,honey=15@PLATE,milk-whole=309,sugar-white=20,wheat-flour-white=200;pieces 8
      200 g flour, 300 ml milk, 2 eggs, 50 g blueberries⏎Melt 8 g ghee in the pan and fry⏎For 8 waffles⏎Top with 60 g strawberries|blueberries=50,egg=100,ghee=8@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200;pieces 8
      I take 200 g flour, 2 eggs, 300 ml milk 8 pancakes 10 g lard went in the pan served with 30 g yoghurt|egg=100,lard=10@PAN,milk-whole=309,wheat-flour-white=200,yogurt-whole=30@PLATE;pieces 8
      Whisk together 2 eggs, 300 ml milk, 5 g baking powder, 40 g melted butter, 200 g flour⏎In a pan with 8 g ghee⏎12 g almonds to go with them|almonds=12@PLATE,baking-powder=5,butter=40,egg=100,ghee=8@PAN,milk-whole=309,wheat-flour-white=200
      30 g raisins and 2 eggs and 300 ml milk and 200 g flour, I greased the pan with 10 g lard, serve with 20 g jam and 35 g cream, makes 8|cream-heavy=35@PLATE,egg=100,jam=20@PLATE,lard=10@PAN,milk-whole=309,raisins=30,wheat-flour-white=200;pieces 8
      I mix 200 g flour, 300 ml milk and 2 eggs brushed the iron with 10 g oil with 12 g almonds on the side|almonds=12@PLATE,egg=100,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200
      I take 300 ml milk, 2 eggs, 50 g blueberries and 200 g flour⏎10 g oil for frying the lot⏎Gives 8⏎60 g strawberries over the lot|blueberries=50,egg=100,milk-whole=309,oil-sunflower=10@PAN,strawberries=60@PLATE,wheat-flour-white=200;pieces 8
      start with 200 g flour, 2 eggs, 300 ml milk cooked them in 8 g ghee I got 8 and 15 g honey drizzled over|egg=100,ghee=8@PAN,honey=15@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      I mix 2 eggs, 200 g flour, 300 ml milk and 20 g sugar. I used 10 g lard for the pan. Then 35 g cream spooned over.|cream-heavy=35@PLATE,egg=100,lard=10@PAN,milk-whole=309,sugar-white=20,wheat-flour-white=200
      Whisk together 30 g raisins, 2 eggs, 300 ml milk and 200 g flour, 8 pancakes, fried in 10 g oil, and 60 g strawberries drizzled over|egg=100,milk-whole=309,oil-sunflower=10@PAN,raisins=30,strawberries=60@PLATE,wheat-flour-white=200;pieces 8
      Whisk together 300 ml milk, 2 eggs and 200 g flour, 10 g lard went in the pan, then 60 g strawberries spooned over|egg=100,lard=10@PAN,milk-whole=309,strawberries=60@PLATE,wheat-flour-white=200
      Whisk 300 ml milk 2 eggs 200 g flour. I got 8. 10 g lard in a hot pan. 12 g almonds over the lot.|almonds=12@PLATE,egg=100,lard=10@PAN,milk-whole=309,wheat-flour-white=200;pieces 8
      Start with 200 g flour and 300 ml milk and 2 eggs, in a pan with 10 g butter, and 35 g cream and 15 g honey drizzled over|butter=10@PAN,cream-heavy=35@PLATE,egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      Put 300 ml milk, 200 g flour, 5 g baking powder, 2 eggs in a bowl and whisk⏎I greased the pan with 10 g oil⏎12 g almonds and 30 g yoghurt over the lot|almonds=12@PLATE,baking-powder=5,egg=100,milk-whole=309,oil-sunflower=10@PAN,wheat-flour-white=200,yogurt-whole=30@PLATE
      """;

  @Test
  void eachGoesWhereItIsSaid() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
