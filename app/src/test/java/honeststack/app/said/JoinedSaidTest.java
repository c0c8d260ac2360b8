package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * A sentence about a list says the same whether a stop, a comma, a dash, brackets, "but" or "and"
 * joins it to the list.
 */
class JoinedSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but half of them went to the neighbours.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (today I made them for my sister)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – about 20 ml milk stayed in the cup.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but we share them.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (leave the butter to cool)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – it's a double batch for us.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but so the milk goes in last.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – one egg was off, so I used only one.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (we share them)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – milk ran out at 200, so 100 water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but pour in half of the milk, whisk, then the rest.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – that leaves 4 eggs for tomorrow.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but last time I burnt the butter.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (together 610 g)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – so two eggs to 200 g of flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – pour in half of the milk, whisk, then the rest.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – made this for breakfast.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – take the butter off the heat.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter – no butter, 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but then some of the milk.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – again: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but together 610 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (my scale shows grams)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (again: 200 g flour, 2 eggs, 300 ml milk)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – whisk the milk in, a little at a time, until it's smooth.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but I used 40 g oil instead of the butter.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but ran short of milk: 200 milk, 100 water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (one of the eggs was bad, so just the one)|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – that is 200 g of flour, two eggs, 300 ml of milk, all whisked.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (I ate one and froze the rest)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – there was only 150 g flour in the tin; I made it up with 50 g oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk (the leftover milk, about 200 ml, the cat gets)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – milk was just 200 ml, water to make 300.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (we have plenty of eggs, a dozen at least)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – leave the butter to cool.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but scrap the bowl clean.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but oil instead of the butter, 40 g.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (rather than butter 40 g oil)|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (instead of the butter 40 g oil)|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (as always I forgot to rest it)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (also making soup: 500 g carrots, 1 onion)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (I stopped 20 ml short with the milk)|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (my version has no butter)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but came out thick. 20 ml milk more.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but the flour ran out at 150 g, the last 50 g is oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk – all but 20 ml of the milk went in.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (don't overmix the flour)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but that's about 600 g of batter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but that leaves 4 eggs for tomorrow.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (I don't use butter, I use 40 g oil)|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (it's a double batch for us)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – it went in my bag.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (the butter became 40 g oil)|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but add one egg, then another.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (there being no butter I did without)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (the usual pan, nothing fancy)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (we don't do the butter)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (the scale said low battery)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but out of butter, took 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – the scale said low battery.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (in each bowl a whisk)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (milk bottle gave only 200, rest water)|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – a dozen eggs lasts us a week.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – hers came out better.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (in short: 200 flour, 2 eggs, 300 milk)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – you may add 30 g sugar, I never have.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar (there were four of us at the table)|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but the usual pan, nothing fancy.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but if the milk is cold warm it.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – needed 20 ml extra milk in the end.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but got that? Flour 200, eggs 2, milk 300.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – I make it three times a week.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but we have plenty of eggs, a dozen at least.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but the milk comes in 1 litre cartons.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – I didn't need all of the milk, 20 ml stayed in the jug.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – one of the eggs was bad, so just the one.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – keep the milk warm.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but half an hour later a further 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter – the butter I leave out.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (one egg was off, so I used only one)|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but swap the butter for 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but I needed a bigger bowl so I used the jug.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (had just 200 ml milk in the house, the other 100 ml is water)|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but the remaining 4 eggs are for an omelette.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – then some of the milk.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (I swapped the butter for 40 g oil)|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – let down with 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but flour ran out. 150 g flour and 50 g oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk – flour ran out. 150 g flour and 50 g oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk, 50 g butter (in mine there's no butter)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (some add 30 g sugar)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but mine's a gas hob.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but a dozen eggs lasts us a week.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar – start with the flour and one egg.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – that makes 610 g of batter in total.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but my scale shows grams.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (I had a glass of milk while they cooked)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – only had 200 ml milk, made up the rest with water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, but after resting I added 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (I had to add 20 ml milk)|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (milk was just 200 ml, water to make 300)|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – don't be tempted by more than 300 ml of milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, but twice a week.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but that's about 600 g of batter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but my omelette has 3 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but don't be tempted by more than 300 ml of milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but plus 20 ml milk at the very end|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but everything but the butter goes in the bowl|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but milk was just 200 ml, water to make 300|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but two bowls are better|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but the rest of the milk goes back in the fridge|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but that makes 610 g of batter in total|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but the bag says 1 kg|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but needed 20 ml extra milk in the end|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but it went in my bag|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but the milk was 2 days old|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but the rest of the milk goes in with the butter|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter but the butter I leave out|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter but I used 40 g oil instead of the butter|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but I bought 2 litres of milk but that's for the week|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but keep the milk warm|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but for lunch there's an omelette with 4 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but crack in one egg, beat, then the second|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter but the butter became 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but after resting I added 20 ml milk|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but next week I'm making crumpets with 500 g flour|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but me first|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter but there was no butter in the house so none went in|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but with 2 eggs it's just right|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but optional: 30 g sugar (not this time)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but take the butter off the heat|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but we were 4 and nothing was left|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but the batter weighs 610 g|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but you may add 30 g sugar, I never have|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but you heard right, 300 ml of milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but my scale shows grams|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but the first one stuck to the pan|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter but swap the butter for 40 g oil|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk 50 g butter 20 g sugar but I needed a bigger bowl so I used the jug|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but only had 200 ml milk, made up the rest with water|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour 2 eggs 300 ml milk but the dog ate 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, I don't use butter, I use 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, that makes 610 g of batter in total.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, ran short of milk: 200 milk, 100 water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, the milk was 2 days old.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, a cake takes 4 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, mine: 40 g oil instead of butter.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, leave the butter to cool.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, thinned at the end with 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, flour ran out. 150 g flour and 50 g oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, take the butter off the heat.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, pour in half of the milk, whisk, then the rest.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, I get about half a litre of batter out of that.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, we don't do the butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, I've got 10 eggs left.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, add one egg, then another.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, then some of the milk.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, the cake needs another 250 g butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, it takes about 20 minutes for one person.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, last time I burnt the butter.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, mine has no butter in it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, yours might differ.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, my mug is blue.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, in each bowl a whisk.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, I weighed it without taring once and regretted it.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, at seven we eat.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, not a typo, 2 eggs to 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, one bowl is enough.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, well, not the butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, comes to 609 g on the scale.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, also making soup: 500 g carrots, 1 onion.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, I stopped 20 ml short with the milk.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, the hens gave 6 eggs today.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, didn't use the last 20 ml of milk.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar, the original is from my aunt.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, for lunch there's an omelette with 4 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and don't be tempted by more than 300 ml of milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and comes to 609 g on the scale.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and I ate one and froze the rest.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and the milk was 2 days old.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and after resting I added 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and in the end it was fine.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and one with sugar, one plain.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and had just 200 ml milk in the house, the other 100 ml is water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter and rather than butter 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and first the flour, then the eggs, then the milk.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and last time I burnt the butter.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and came out thick. 20 ml milk more.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and together 610 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter and in mine there's no butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and to recap, two eggs, 200 g flour and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and no lumps of flour.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and skip the flipping if you like.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and the 300 ml of milk seems a lot but it isn't.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and just 200 g flour, no more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and didn't use the last 20 ml of milk.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and add one egg, then another.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and you may add 30 g sugar, I never have.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and without the eggs it won't hold.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and whisk the milk in, a little at a time, until it's smooth.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar and mine's a gas hob.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and it all adds up to 610 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk and I get about half a litre of batter out of that.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎PS Start with the flour and one egg.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎PS It's a double batch for us.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎PS Whisk the 2 eggs with the 300 ml milk, then beat in the 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎PS Some add 30 g sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎PS Me first.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎PS The rest of the milk goes in with the butter.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎PS I kept back 20 ml of the milk and never used it.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎PS Turned out there was only one egg.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎PS The rest of the milk goes back in the fridge.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎PS This time I used the small pan.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎PS Without the eggs it won't hold.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎PS In short: 200 flour, 2 eggs, 300 milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎PS My mug is blue.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎PS Rather than butter 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎PS Not the butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎PS With 2 eggs it's just right.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎PS I ate one and froze the rest.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎PS Half an hour later a further 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎PS I was 100 ml short of milk so I put water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎PS No butter, 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: The last 20 ml milk I left out.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: That makes 610 g of batter in total.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎⏎Note: We share them.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎⏎Note: That's the full recipe.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎⏎Note: Hers came out better.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎⏎Note: I haven't butter so 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: All but 20 ml of the milk went in.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎⏎Note: One bowl is enough.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: Two eggs is plenty.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: There's 100 g flour left in the bag.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎⏎Note: Yours might differ.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎⏎Note: Twice a week.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎⏎Note: Keep the milk warm.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: One of the eggs was bad, so just the one.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎⏎Note: I needed a bigger bowl so I used the jug.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: Next week I'm making crumpets with 500 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: That leaves 4 eggs for tomorrow.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎⏎Note: Mine: 40 g oil instead of butter.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: Came out thick. 20 ml milk more.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: Keep the 4 eggs you have left for tea.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: That's about 600 g of batter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎⏎Note: Oil instead of the butter, 40 g.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎20 g sugar⏎⏎Note: Scrap the bowl clean.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎⏎Note: With 2 eggs it's just right.|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void itSaysTheSame() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
