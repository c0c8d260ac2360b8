package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Two sentences about one list, of different foods of it, in either order. */
class TwoRemarksSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Milk was just 200 ml, water to make 300. Rather than butter 40 g oil.|egg=100,milk-whole=206,oil-sunflower=40,water=100,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎In mine there's no butter.⏎The rest of the milk goes back in the fridge.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎No butter so 40 g oil.⏎For dinner we have pasta, 400 g.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎There was no butter so I used 40 g oil.⏎The rest of the milk goes back in the fridge.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but the last 20 ml milk I left out. No butter so 40 g oil.|egg=100,milk-whole=289,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. No butter so 40 g oil. Needed 20 ml extra milk in the end.|egg=100,milk-whole=330,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. A dozen eggs lasts us a week. No butter so 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. I make mine without butter. I ran out of milk after 200 ml, topped up with 100 ml water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. There being no butter I did without. Slackened with 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but I kept back 20 ml of the milk and never used it. We were out of butter so 40 g oil went in.|egg=100,milk-whole=289,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. 40 g oil in place of butter. I didn't need all of the milk, 20 ml stayed in the jug.|egg=100,milk-whole=289,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Mine has no butter in it.⏎There's 100 g flour left in the bag.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Oil instead of the butter, 40 g. 50 g of the flour is oats, I'd run out.|egg=100,milk-whole=309,oats-rolled=50,oil-sunflower=40,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but there was only one egg left, so one egg. Instead of the butter 40 g oil.|egg=50,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but I bought 2 litres of milk but that's for the week. My version has no butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but the remaining 4 eggs are for an omelette. 40 g oil rather than the butter.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but only one egg in the box, so I used one. Oil instead of the butter, 40 g.|egg=50,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. (The cake: 250 g butter.) Instead of the butter 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Oil instead of the butter, 40 g.⏎Let down with 20 ml milk.|egg=100,milk-whole=330,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. We had just one egg left. Mine has 40 g oil, not butter.|egg=50,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Can't have butter so that's out.⏎The other 4 eggs are for lunch.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. I've got 10 eggs left. No butter so 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Not the butter. I held back 20 ml milk and it stayed out.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but I bought 2 litres of milk but that's for the week. Not the butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Slackened with 20 ml milk. We were out of butter so 40 g oil went in.|egg=100,milk-whole=330,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. My version has no butter. The flour ran out at 150 g, the last 50 g is oats.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but next week I'm making crumpets with 500 g flour. I haven't butter so 40 g oil.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but let down with 20 ml milk. Mine has no butter in it.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Can't have butter so that's out.⏎Milk bottle gave only 200, rest water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. My version has no butter. We had just one egg left.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎My version has no butter.⏎There was only one egg left, so one egg.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Can't have butter so that's out.⏎Ended up adding 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎I used 40 g oil instead of the butter.⏎I was 100 ml short on milk and used water for that.|egg=100,milk-whole=206,oil-sunflower=40,water=100,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Not butter but 40 g oil.⏎Keep the 4 eggs you have left for tea.|egg=100,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but one of the eggs was bad, so just the one. We were out of butter so 40 g oil went in.|egg=50,milk-whole=309,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎We don't do the butter.⏎The first one was too thick so 20 ml milk.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Scratch that last one. All but 20 ml of the milk went in.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but I held back 20 ml milk and it stayed out. The butter became 40 g oil.|egg=100,milk-whole=289,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎We don't do the butter.⏎The rest of the milk goes back in the fridge.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Can't have butter so that's out.⏎The milk comes in 1 litre cartons.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but the last 20 ml milk I left out. I don't use butter, I use 40 g oil.|egg=100,milk-whole=289,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. I only had one egg. Butter's out.|egg=50,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but it thickened overnight; 20 ml more milk. The butter I leave out.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but after resting I added 20 ml milk. Mine has no butter in it.|egg=100,milk-whole=330,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. In mine there's no butter. I was 100 ml short on milk and used water for that.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but I stopped 20 ml short with the milk. For the butter I took 40 g oil.|egg=100,milk-whole=289,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but there was only 150 g flour in the tin; I made it up with 50 g oats. There was no butter in the house so none went in.|egg=100,milk-whole=309,oats-rolled=50,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. I held back 20 ml milk and it stayed out. Oil instead of the butter, 40 g.|egg=100,milk-whole=289,oil-sunflower=40,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. We don't do the butter. Had just 200 ml milk in the house, the other 100 ml is water.|egg=100,milk-whole=206,water=100,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Can't have butter so that's out.⏎There's 100 g flour left in the bag.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. For the butter I took 40 g oil. 20 ml of the milk was left over.|egg=100,milk-whole=289,oil-sunflower=40,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎I make mine without butter.⏎The dog ate 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. There being no butter I did without. Didn't use the last 20 ml of milk.|egg=100,milk-whole=289,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, but the flour ran out at 150 g, the last 50 g is oats. We were out of butter so 40 g oil went in.|egg=100,milk-whole=309,oats-rolled=50,oil-sunflower=40,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Butter replaced by 40 g oil. 50 g of the flour is oats, I'd run out.|egg=100,milk-whole=309,oats-rolled=50,oil-sunflower=40,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk. So that's 200 g flour, two eggs and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Again: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I repeat, 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That is 200 g of flour, two eggs, 300 ml of milk, all whisked.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. In short: 200 flour, 2 eggs, 300 milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. To recap, two eggs, 200 g flour and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Whisk the 2 eggs with the 300 ml milk, then beat in the 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Put the 200 g flour in a bowl, make a well, crack in the 2 eggs, pour in the 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Two eggs, yes, and 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Only two eggs, remember.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Just 200 g flour, no more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Yes, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It really is only 2 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Not a typo, 2 eggs to 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. So two eggs to 200 g of flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. You heard right, 300 ml of milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Don't be tempted by more than 300 ml of milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The 300 ml of milk seems a lot but it isn't.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 2 eggs might look few for 200 g flour but it works.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. With 2 eggs it's just right.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I find 2 eggs are enough for 200 g of flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Two eggs is plenty.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 200 g of flour takes 300 ml of milk, roughly.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Got that? Flour 200, eggs 2, milk 300.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Read back: flour 200 g, eggs 2, milk 300 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      Just flour, eggs, milk: 200 g, 2, 300 ml. So 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That's about 600 g of batter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. All in about 610 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Comes to 609 g on the scale.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The batter weighs 610 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The whole lot weighs 610 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Together 610 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That makes 610 g of batter in total.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Total weight 610 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It all adds up to 610 g.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That's half a litre of batter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I get about half a litre of batter out of that.|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void bothCount() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
