package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How much of a list was made, in numbers of all spellings. */
class MultiplesSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk (all doubled)|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk (I made half of it)|egg=50,milk-whole=155,wheat-flour-white=100
      200 g flour, 2 eggs, 300 ml milk (I doubled everything)|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk (times three today)|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk (made twice)|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs (beaten twice), 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour (sifted twice), 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs (that's a double batch)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs (doubles well)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs (can be doubled)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 50 g walnuts (halved)|milk-whole=309,walnuts=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs (in two batches)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 60 g prunes (halve them)|milk-whole=309,prunes=60,wheat-flour-white=200
      Half this: 200 g flour, 2 eggs, 300 ml milk. Makes 8.|egg=50,milk-whole=155,wheat-flour-white=100;pieces 4
      I always make half the recipe: 200 g flour, 2 eggs, 300 ml milk|egg=50,milk-whole=155,wheat-flour-white=100
      Half the recipe is plenty: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Double the recipe if you're more: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      Two batches of this for the street party: 200 g flour, 2 eggs, 300 ml milk|egg=200,milk-whole=619,wheat-flour-white=400
      Three times this for the school: 200 g flour, 2 eggs, 300 ml milk|egg=300,milk-whole=928,wheat-flour-white=600
      I do 1½ of this: 200 g flour, 2 eggs, 300 ml milk|egg=150,milk-whole=464,wheat-flour-white=300
      I only make ⅔ of the recipe: 200 g flour, 2 eggs, 300 ml milk|egg=67,milk-whole=206,wheat-flour-white=133
      200 g flour, 2 eggs, 300 ml milk. I did ⅔ of that.|egg=67,milk-whole=206,wheat-flour-white=133
      200 g flour, 2 eggs, 300 ml milk, all × ⅔|egg=67,milk-whole=206,wheat-flour-white=133
      200 g flour, 2 eggs, 300 ml milk, everything times 0.75|egg=75,milk-whole=232,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk. Scaled to 150 %.|egg=150,milk-whole=464,wheat-flour-white=300
      150 % of this: 200 g flour, 2 eggs, 300 ml milk|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. I made 50 % more.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk, half as much again|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. I scaled it up by half.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. I scaled it up by a quarter.|egg=125,milk-whole=387,wheat-flour-white=250
      200 g flour, 2 eggs, 300 ml milk. I cut it down by a third.|egg=67,milk-whole=206,wheat-flour-white=133
      200 g flour, 2 eggs, 300 ml milk. I made a third more.|egg=133,milk-whole=413,wheat-flour-white=267
      200 g flour, 2 eggs, 300 ml milk. 1.25x today.|egg=125,milk-whole=387,wheat-flour-white=250
      200 g flour, 2 eggs, 300 ml milk. We used two and a half times those amounts.|egg=250,milk-whole=773,wheat-flour-white=500
      200 g flour, 2 eggs, 300 ml milk. All amounts doubled this time.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. That's one batch; I made three.|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk is one batch and I made two and a half.|egg=250,milk-whole=773,wheat-flour-white=500
      One batch is 200 g flour, 2 eggs, 300 ml milk. I made 1½.|egg=150,milk-whole=464,wheat-flour-white=300
      One batch: 200 g flour, 2 eggs, 300 ml milk. Made: 3 batches.|egg=300,milk-whole=928,wheat-flour-white=600
      Per batch: 200 g flour, 2 eggs, 300 ml milk. Four batches.|egg=400,milk-whole=1238,wheat-flour-white=800
      For one bowl: 200 g flour, 2 eggs, 300 ml milk. We mixed three bowls.|egg=300,milk-whole=928,wheat-flour-white=600
      Basic amount 200 g flour, 2 eggs, 300 ml milk; made it four times.|egg=400,milk-whole=1238,wheat-flour-white=800
      Basic amount: 200 g flour, 2 eggs, 300 ml milk. Today ×4.|egg=400,milk-whole=1238,wheat-flour-white=800
      Yesterday's was 200 g flour, 2 eggs, 300 ml milk and today I made twice that|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. I tripled the lot.|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk. There were six of us so I tripled it.|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk. Sunday I make it one and a half times.|egg=150,milk-whole=464,wheat-flour-white=300
      I made a one-and-a-half batch of 200 g flour, 2 eggs, 300 ml milk|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. I made a batch and a half.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. A recipe and a half, that is.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. Makes 10. I made 1½ times.|egg=150,milk-whole=464,wheat-flour-white=300;pieces 15
      Serves 4: 200 g flour, 2 eggs, 300 ml milk. I made it 1 1/2 times.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk - tripled|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk, 1 1/2 batches|egg=150,milk-whole=464,wheat-flour-white=300
      1,5 x: 200 g flour, 2 eggs, 300 ml milk|egg=150,milk-whole=464,wheat-flour-white=300
      x1.5: 200 g flour, 2 eggs, 300 ml milk|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. I made two lots.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. Made 2 lots of batter.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. We did this twice, once for us, once for the neighbours.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. I made the recipe twice.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. Cook them twice.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Whisk it twice.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Flip them two times.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Two flips each.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The batter is enough for two times.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I fry in two batches.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Cook in 3 batches of four.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 12
      200 g flour, 2 eggs, 300 ml milk. Three times a week.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Used half the pan.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I ate half.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I ate half of it and froze half of it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Half went in the freezer.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I gave half of them away.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I froze ⅔ of it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We ate three quarters of that.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We left a third of it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. It doubles in size.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Let it double.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Rest until doubled.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Fill the ladle half full.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Cut it down the middle.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I need a bigger bowl next time, double the size.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. If there's six of us I make 1½ times that.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For a crowd I'd do 1½ times that.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Next time I'll do 1½.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My sister makes twice that.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The original is twice that.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That's 1½ times the original.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That is two thirds of the original recipe.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. These amounts are doubled already.|egg=100,milk-whole=309,wheat-flour-white=200
      That's 1½ times the book's recipe: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      (1½ times the book's amounts) 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      My amounts, 1½ times the original: 200 g flour, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Made ¾ of it.|egg=75,milk-whole=232,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk – three quarters of the amount today.|egg=75,milk-whole=232,wheat-flour-white=150
      200 g flour, 2 eggs, 300 ml milk. Today one and a quarter times the amount.|egg=125,milk-whole=387,wheat-flour-white=250
      Everything times 2 1/2: 200 g flour, 2 eggs, 300 ml milk.|egg=250,milk-whole=774,wheat-flour-white=500
      200 g flour, 2 eggs, 300 ml milk (x 1.5)|egg=150,milk-whole=464,wheat-flour-white=300
      I make 3 times this recipe: 200 g flour, 2 eggs, 300 ml milk.|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk. Multiplied by two.|egg=200,milk-whole=619,wheat-flour-white=400
      Batch x 1.5: 200 g flour, 2 eggs, 300 ml milk.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. Scaled up 1½ times.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. Made 1/3 of it.|egg=33,milk-whole=103,wheat-flour-white=67
      two thirds of the recipe: 200 g flour, 2 eggs, 300 ml milk.|egg=67,milk-whole=206,wheat-flour-white=133
      I made 1½ times the recipe: 200 g flour, 2 eggs, 300 ml milk.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. Multiplied by one and a quarter.|egg=125,milk-whole=387,wheat-flour-white=250
      200 g flour, 2 eggs, 300 ml milk × 1¼|egg=125,milk-whole=387,wheat-flour-white=250
      Multiply by one and a third: 200 g flour, 2 eggs, 300 ml milk.|egg=133,milk-whole=413,wheat-flour-white=267
      200 g flour, 2 eggs, 300 ml milk. We needed one and a half times that.|egg=150,milk-whole=464,wheat-flour-white=300
      one and a quarter batches of this: 200 g flour, 2 eggs, 300 ml milk.|egg=125,milk-whole=387,wheat-flour-white=250
      200 g flour, 2 eggs, 300 ml milk. Made it two times over.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. one and a third batches.|egg=133,milk-whole=413,wheat-flour-white=267
      200 g flour, 2 eggs, 300 ml milk. I made 2 times that.|egg=200,milk-whole=619,wheat-flour-white=400
      Made 1/3 of this: 200 g flour, 2 eggs, 300 ml milk.|egg=33,milk-whole=103,wheat-flour-white=67
      Today a third of it: 200 g flour, 2 eggs, 300 ml milk.|egg=33,milk-whole=103,wheat-flour-white=67
      Everything times 2½: 200 g flour, 2 eggs, 300 ml milk.|egg=250,milk-whole=774,wheat-flour-white=500
      200 g flour, 2 eggs, 300 ml milk. Made it 1,5 times over.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. Made half it.|egg=50,milk-whole=155,wheat-flour-white=100
      1 1/4 times the recipe: 200 g flour, 2 eggs, 300 ml milk.|egg=125,milk-whole=387,wheat-flour-white=250
      Made 2 1/2 times this: 200 g flour, 2 eggs, 300 ml milk.|egg=250,milk-whole=774,wheat-flour-white=500
      I make one and a quarter times this recipe: 200 g flour, 2 eggs, 300 ml milk.|egg=125,milk-whole=387,wheat-flour-white=250
      Batch x 3: 200 g flour, 2 eggs, 300 ml milk.|egg=300,milk-whole=928,wheat-flour-white=600
      Everything times 1 1/4: 200 g flour, 2 eggs, 300 ml milk.|egg=125,milk-whole=387,wheat-flour-white=250
      Scaled by 2: 200 g flour, 2 eggs, 300 ml milk.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. Today 2 1/2 times the amount.|egg=250,milk-whole=774,wheat-flour-white=500
      200 g flour, 2 eggs, 300 ml milk. I made 1¼ times that.|egg=125,milk-whole=387,wheat-flour-white=250
      I made 1.5 times the recipe: 200 g flour, 2 eggs, 300 ml milk.|egg=150,milk-whole=464,wheat-flour-white=300
      2 1/2 batches of this: 200 g flour, 2 eggs, 300 ml milk.|egg=250,milk-whole=774,wheat-flour-white=500
      200 g flour, 2 eggs, 300 ml milk. I made 1.5 times that.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. Today two times the amount.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk, times 2|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. Multiplied by 2 1/2.|egg=250,milk-whole=774,wheat-flour-white=500
      200 g flour, 2 eggs, 300 ml milk. one and a quarter batches.|egg=125,milk-whole=387,wheat-flour-white=250
      I make 1¼ times this recipe: 200 g flour, 2 eggs, 300 ml milk.|egg=125,milk-whole=387,wheat-flour-white=250
      Multiply by 2 1/2: 200 g flour, 2 eggs, 300 ml milk.|egg=250,milk-whole=774,wheat-flour-white=500
      Multiply by 2½: 200 g flour, 2 eggs, 300 ml milk.|egg=250,milk-whole=774,wheat-flour-white=500
      Batch x 1¼: 200 g flour, 2 eggs, 300 ml milk.|egg=125,milk-whole=387,wheat-flour-white=250
      200 g flour, 2 eggs, 300 ml milk. Multiplied by 1.5.|egg=150,milk-whole=464,wheat-flour-white=300
      I halve my mom's recipe (she used 200 g flour, 2 eggs, 300 ml milk).|egg=50,milk-whole=155,wheat-flour-white=100
      I halved my gran's recipe (200 g flour, 2 eggs, 300 ml milk).|egg=50,milk-whole=155,wheat-flour-white=100
      I made half the usual recipe (200 g flour, 2 eggs, 300 ml milk).|egg=50,milk-whole=155,wheat-flour-white=100
      My usual (200 g flour, 2 eggs, 300 ml milk) doubled.|egg=200,milk-whole=619,wheat-flour-white=400
      I made the usual (200 g flour, 2 eggs, 300 ml milk).|egg=100,milk-whole=309,wheat-flour-white=200
      The usual batter (200 g flour, 2 eggs, 300 ml milk) makes 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      My batter (200 g flour, 2 eggs, 300 ml milk) gave 8 pancakes.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      Her recipe (200 g flour, 2 eggs, 300 ml milk) doubled for the party.|egg=200,milk-whole=619,wheat-flour-white=400
      Double my usual batter (200 g flour, 2 eggs, 300 ml milk).|egg=200,milk-whole=619,wheat-flour-white=400
      I doubled the basic batter (200 g flour, 2 eggs, 300 ml milk) and got 16.|egg=200,milk-whole=619,wheat-flour-white=400;pieces 16
      Basic batter (200 g flour, 2 eggs, 300 ml milk), halved.|egg=50,milk-whole=155,wheat-flour-white=100
      Batter (200 g flour, 2 eggs, 300 ml milk) and 20 g butter for the pan.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      I use one batter (200 g flour, 2 eggs, 300 ml milk) for waffles and pancakes.|egg=100,milk-whole=309,wheat-flour-white=200
      Made Anna's pancakes (200 g flour, 2 eggs, 300 ml milk) and they were great.|egg=100,milk-whole=309,wheat-flour-white=200
      Made a batch (200 g flour, 2 eggs, 300 ml milk) this morning, 8 came out.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      Half a batch (full one is 200 g flour, 2 eggs, 300 ml milk).|egg=50,milk-whole=155,wheat-flour-white=100
      The recipe (200 g flour, 2 eggs, 300 ml milk) times three.|egg=300,milk-whole=928,wheat-flour-white=600
      3 x the recipe (200 g flour, 2 eggs, 300 ml milk).|egg=300,milk-whole=928,wheat-flour-white=600
      1½ x my recipe (200 g flour, 2 eggs, 300 ml milk).|egg=150,milk-whole=464,wheat-flour-white=300
      I make ¾ of the recipe (200 g flour, 2 eggs, 300 ml milk).|egg=75,milk-whole=232,wheat-flour-white=150
      The batter [200 g flour, 2 eggs, 300 ml milk] makes 8.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      Same as always (200 g flour, 2 eggs, 300 ml milk), 8 of them.|egg=100,milk-whole=309,wheat-flour-white=200;pieces 8
      Pancakes from the school book (200 g flour, 2 eggs, 300 ml milk), tripled.|egg=300,milk-whole=928,wheat-flour-white=600
      I only did a third of my aunt's recipe (200 g flour, 2 eggs, 300 ml milk).|egg=33,milk-whole=103,wheat-flour-white=67
      Twice the recipe on the card (200 g flour, 2 eggs, 300 ml milk).|egg=200,milk-whole=619,wheat-flour-white=400
      We need double the card's batter (200 g flour, 2 eggs, 300 ml milk).|egg=200,milk-whole=619,wheat-flour-white=400
      Mum's recipe is 200 g flour, 2 eggs, 300 ml milk. I halve it.|egg=50,milk-whole=155,wheat-flour-white=100
      Mum's recipe is 200 g flour, 2 eggs, 300 ml milk and I always halve it.|egg=50,milk-whole=155,wheat-flour-white=100
      I halve mum's recipe of 200 g flour, 2 eggs, 300 ml milk.|egg=50,milk-whole=155,wheat-flour-white=100
      Halving mum's recipe of 200 g flour, 2 eggs, 300 ml milk.|egg=50,milk-whole=155,wheat-flour-white=100
      With half of mum's recipe (200 g flour, 2 eggs, 300 ml milk) I got 4.|egg=50,milk-whole=155,wheat-flour-white=100;pieces 4
      I always make 1.5 x mum's recipe (200 g flour, 2 eggs, 300 ml milk).|egg=150,milk-whole=464,wheat-flour-white=300
      I do mum's recipe (200 g flour, 2 eggs, 300 ml milk) one and a half times.|egg=150,milk-whole=464,wheat-flour-white=300
      Her amounts (200 g flour, 2 eggs, 300 ml milk) are double what I need so I make half.|egg=50,milk-whole=155,wheat-flour-white=100
      """;

  @Test
  void multiplied() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
