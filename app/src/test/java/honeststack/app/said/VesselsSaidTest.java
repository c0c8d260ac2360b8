package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Pans, holes and dishes of all kinds, and what goes in or on them. */
class VesselsSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil in a deep pan over medium heat|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Brush a small lidded tawa with 1 tsp oil.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 10 g butter, melted in a medium-hot crêpe pan|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 10 g butter, melted in a cast-iron crêpe pan|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Put 10 g butter into a large non-stick waffle iron, swirl.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Melt 10 g butter in a large non-stick tawa and pour in the batter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil for a medium-hot waffle iron|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil in a 28cm non-stick frying pan over medium heat|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil for a 10 inch crêpe pan|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil in a 24 cm griddle over medium heat|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil in a 10" cast-iron frying pan over medium heat|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Fry in 1 tsp oil in a medium-hot fry pan.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Melt 10 g butter in an oiled 20 cm waffle iron and pour in the batter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Brush a 28cm non-stick crêpe pan with 1 tsp oil.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 10 g butter, melted in an oiled 20 cm waffle iron|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil for a wide, shallow tawa|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Brush a 24 cm waffle iron with 1 tsp oil.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Cook in a 10" cast-iron griddle with 10 g butter, 2 minutes a side.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil for a 24 cm frying pan|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Grease a 24 cm pan with 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Grease a wide, shallow crêpe pan with 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Grease a 28cm non-stick fry pan with 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 10 g butter, melted in a 9-inch frying pan|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil for a 24 cm griddle|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Fry in 1 tsp oil in a 9-inch griddle.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 10 g butter, melted in a 24 cm fry pan|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Brush a 9-inch frying pan with 1 tsp oil.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Melt 10 g butter in a small lidded pan and pour in the batter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Melt 10 g butter in a wide, shallow griddle and pour in the batter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Heat 1 tsp oil in a 10" cast-iron fry pan.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Brush a 10" cast-iron griddle with 1 tsp oil.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Brush my 26 cm griddle with 1 tsp oil.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil for a 28cm non-stick pan|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil in a cast-iron fry pan over medium heat|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 10 g butter, melted in a well-seasoned fry pan|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Put 10 g butter into a wide, shallow skillet, swirl.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Cook in a 9-inch griddle with 10 g butter, 2 minutes a side.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Heat 1 tsp oil in a large non-stick skillet.|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil in a large non-stick tawa over medium heat|egg=100,milk-whole=309,oil-sunflower=5@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Grease a cast-iron tawa with 10 g butter.|butter=10@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey over each serving|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey over each stack|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Spoon 50 g yogurt onto each serving.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Spoon 50 g yogurt onto each stack.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. 20 g honey poured on each serving.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey poured on each stack.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Top each serving with 50 g yogurt.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Top each stack with 50 g yogurt.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Spread 20 g jam on each serving.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Spread 20 g jam on each stack.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey over all of them at the table|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey over the finished waffles|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Spoon 50 g yogurt onto all of them at the table.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Spoon 50 g yogurt onto the finished waffles.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. 20 g honey poured on all of them at the table.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey poured on the finished waffles.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Top all of them at the table with 50 g yogurt.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Top the finished waffles with 50 g yogurt.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Spread 20 g jam on all of them at the table.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Spread 20 g jam on the finished waffles.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey over the golden waffles|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey over the warm pancakes|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Spoon 50 g yogurt onto the golden waffles.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Spoon 50 g yogurt onto the warm pancakes.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. 20 g honey poured on the golden waffles.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey poured on the warm pancakes.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Top the golden waffles with 50 g yogurt.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Top the warm pancakes with 50 g yogurt.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Spread 20 g jam on the golden waffles.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Spread 20 g jam on the warm pancakes.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey over her waffle|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey over my pile|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Spoon 50 g yogurt onto her waffle.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Spoon 50 g yogurt onto my pile.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. 20 g honey poured on her waffle.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey poured on my pile.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Top her waffle with 50 g yogurt.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Top my pile with 50 g yogurt.|egg=100,milk-whole=309,wheat-flour-white=200,yogurt-whole=50@PLATE
      200 g flour, 2 eggs, 300 ml milk. Spread 20 g jam on her waffle.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Spread 20 g jam on my pile.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Leave in 50 g sour cream.|egg=100,milk-whole=309,sour-cream=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Then crush 50 g sour cream in.|egg=100,milk-whole=309,sour-cream=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Sneak 50 g raisins through the mix.|egg=100,milk-whole=309,raisins=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Next, leave in 50 g rolled oats with a fork.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Swirl in 50 g raisins.|egg=100,milk-whole=309,raisins=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Brown 50 g raisins through the mix.|egg=100,milk-whole=309,raisins=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Now pound 50 g walnuts and stir.|egg=100,milk-whole=309,walnuts=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Then mash 50 g walnuts in.|egg=100,milk-whole=309,walnuts=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Finally measure 50 g raisins in by hand.|egg=100,milk-whole=309,raisins=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Finally swirl 50 g rolled oats in by hand.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Now dice 50 g walnuts and stir.|egg=100,milk-whole=309,walnuts=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Now soak 50 g honey and stir.|egg=100,honey=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Crumble 50 g rolled oats into the batter.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Whisk 50 g honey into the batter.|egg=100,honey=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Grate 50 g walnuts and rest 10 minutes.|egg=100,milk-whole=309,walnuts=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Then beat 50 g rolled oats in.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Beat 50 g rolled oats and rest 10 minutes.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Now work 50 g raisins and stir.|egg=100,milk-whole=309,raisins=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Throw 50 g honey through the mix.|egg=100,honey=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Thin 50 g rolled oats into the batter.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Loosen in 50 g walnuts.|egg=100,milk-whole=309,walnuts=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Finally splash 50 g raisins in by hand.|egg=100,milk-whole=309,raisins=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Toss 50 g honey and rest 10 minutes.|egg=100,honey=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Then finish 50 g walnuts in.|egg=100,milk-whole=309,walnuts=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Then plop 50 g sour cream in.|egg=100,milk-whole=309,sour-cream=50,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I ate 3 of the 8 with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Ate 3 of the 8 with 20 g strawberry jam.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. We ate 6 of the 8 with 20 g maple syrup between us.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. I had two of them with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. He ate three with 20 g strawberry jam.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Had mine with 20 g maple syrup.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Eaten with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. She eats two of the 8 with 20 g strawberry jam.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. I have three of these with 20 g maple syrup for breakfast.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I finished two of the eight with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Served three of the 8 with 20 g maple syrup.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. I took three to work with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Three for me with 20 g strawberry jam.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My portion: 3 of the 8 with 20 g maple syrup.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Then ate two cold with 20 g strawberry jam.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We shared all 8 with 20 g maple syrup.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Polished off the lot with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The kids had theirs with 20 g strawberry jam.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I put 20 g maple syrup on my three.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g honey on the two I ate.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g strawberry jam with three of the 8.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 3 eaten with 20 g honey, 5 frozen.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. 5 frozen, 3 eaten with 20 g strawberry jam.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200;pieces 8
      200 g flour, 2 eggs, 300 ml milk. Gave her 2 with 20 g honey.|egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Breakfast was three and 20 g strawberry jam.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I like mine with 20 g maple syrup.|egg=100,maple-syrup=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 1 tsp oil in each of 8 holes|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil in each of 8 holes.|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 1 tsp oil in each of the 8 holes|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil in each of the 8 holes.|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 5 g butter in each of 4 tins|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 5 g butter in each of 4 tins.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; half a teaspoon of oil in each of twelve moulds|egg=100,milk-whole=309,oil-sunflower=27@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Half a teaspoon of oil in each of twelve moulds.|egg=100,milk-whole=309,oil-sunflower=27@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 1 tsp oil per hole, 8 holes|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil per hole, 8 holes.|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 8 holes with 1 tsp oil each|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 8 holes with 1 tsp oil each.|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 5 g butter for each of the 8 pancakes|butter=40@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 5 g butter for each of the 8 pancakes.|butter=40@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 5 g butter for each of six pans|butter=30@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 5 g butter for each of six pans.|butter=30@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 1 tsp oil for each of four rounds|egg=100,milk-whole=309,oil-sunflower=18@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil for each of four rounds.|egg=100,milk-whole=309,oil-sunflower=18@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; a 5 g knob of butter in each of 8 holes|butter=40@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A 5 g knob of butter in each of 8 holes.|butter=40@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 1 tsp oil in every one of the 8 holes|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp oil in every one of the 8 holes.|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; oil, 1 tsp in each of 8 holes|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Oil, 1 tsp in each of 8 holes.|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; oil 1 tsp × 8 holes|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Oil 1 tsp × 8 holes.|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 1 tsp of oil to each of the four irons|egg=100,milk-whole=309,oil-sunflower=18@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 1 tsp of oil to each of the four irons.|egg=100,milk-whole=309,oil-sunflower=18@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 5 g butter for each of the three pans, melted|butter=15@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 5 g butter for each of the three pans, melted.|butter=15@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; grease each of the 8 holes with 1 tsp oil|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Grease each of the 8 holes with 1 tsp oil.|egg=100,milk-whole=309,oil-sunflower=36@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; brush each of 6 rings with 1 g butter|butter=6@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Brush each of 6 rings with 1 g butter.|butter=6@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; 5 g of butter per pan, 3 pans on the go|butter=15@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 5 g of butter per pan, 3 pans on the go.|butter=15@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Three rounds, each in 1 tsp oil.|egg=100,milk-whole=309,oil-sunflower=14@PAN,wheat-flour-white=200
      """;

  @Test
  void placed() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
