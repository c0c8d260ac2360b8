package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A recipe for so many, made for others, or for one of several eaters, eggs or bowls. */
class MadeForSaidTest {
  private static final String TEXTS =
      """
      For 2: 200 g flour, 2 eggs, 300 ml milk. I made it for 4.|egg=200,milk-whole=619,wheat-flour-white=400;serves 4
      For two people: 200 g flour, 2 eggs, 300 ml milk. There were four of us so I doubled it.|egg=200,milk-whole=619,wheat-flour-white=400;serves 4
      Recipe for 4: 200 g flour, 2 eggs, 300 ml milk. I only cooked for 2, so halved.|egg=50,milk-whole=155,wheat-flour-white=100;serves 2
      For 4: 200 g flour, 2 eggs, 300 ml milk. Made for 2.|egg=50,milk-whole=155,wheat-flour-white=100;serves 2
      200 g flour, 2 eggs, 300 ml milk serves 4; for six I made it one and a half times.|egg=150,milk-whole=464,wheat-flour-white=300;serves 6
      200 g flour, 2 eggs, 300 ml milk (serves 2). Scaled to 6.|egg=300,milk-whole=928,wheat-flour-white=600;serves 6
      200 g flour, 2 eggs, 300 ml milk makes 8 pancakes. I needed 24, so three times that.|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk is enough for 2, and we were 4, so twice that.|egg=200,milk-whole=619,wheat-flour-white=400;serves 4
      200 g flour, 2 eggs, 300 ml milk feeds two. Six came, so three lots.|egg=300,milk-whole=928,wheat-flour-white=600;serves 6
      The quantities for four: 200 g flour, 2 eggs, 300 ml milk. I was on my own, so a quarter.|egg=25,milk-whole=77,wheat-flour-white=50;serves 1
      For 4: 200 g flour, 2 eggs, 300 ml milk. Scale to 10.|egg=250,milk-whole=773,wheat-flour-white=500;serves 10
      Per person 50 g flour, 1 egg, 75 ml milk; there are four of us.|egg=200,milk-whole=309,wheat-flour-white=200;serves 4
      Each person needs 50 g flour, 1 egg and 75 ml milk. We're four.|egg=200,milk-whole=309,wheat-flour-white=200;serves 4
      Recipe (serves 4): 200 g flour, 2 eggs, 300 ml milk⏎I make it for 8|egg=200,milk-whole=619,wheat-flour-white=400;serves 8
      For 2: 200 g flour, 2 eggs, 300 ml milk. Today we are 5.|egg=250,milk-whole=773,wheat-flour-white=500;serves 5
      200 g flour, 2 eggs, 300 ml milk for 3 people. Tomorrow I cook for 9.|egg=300,milk-whole=928,wheat-flour-white=600;serves 9
      200 g flour, 2 eggs, 300 ml milk for 3 people. Multiply by three for nine.|egg=100,milk-whole=309,wheat-flour-white=200;serves 3
      200 g flour, 2 eggs, 300 ml milk does four of us; double it for eight.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4
      200 g flour, 2 eggs, 300 ml milk for 2. Double for 4.|egg=100,milk-whole=309,wheat-flour-white=200;serves 2
      200 g flour, 2 eggs, 300 ml milk serves 4, or halve it for 2.|egg=100,milk-whole=309,wheat-flour-white=200;serves 4
      200 g flour, 2 eggs, 300 ml milk feeds 2 (double it if there are four of you)|egg=100,milk-whole=309,wheat-flour-white=200;serves 2
      200 g flour, 2 eggs, 300 ml milk. I'll do one and a half of it.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. I do one and a half times that.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk; that base gives me 38 covers, so I'll do one and a half of it.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk, times one and a half today|egg=150,milk-whole=464,wheat-flour-white=300
      One and a half of this: 200 g flour, 2 eggs, 300 ml milk.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. Made one and a half batches.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk. I always make half as much again.|egg=150,milk-whole=464,wheat-flour-white=300
      200 g flour, 2 eggs, 300 ml milk, and I made it half as big again|egg=150,milk-whole=464,wheat-flour-white=300
      We made the recipe off the bag, which is 200 g flour, 2 eggs, 300 ml milk, three times over.|egg=300,milk-whole=928,wheat-flour-white=600
      The recipe is 200 g flour, 2 eggs, 300 ml milk. We made it three times over.|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk, three times over|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk. I needed three lots of that.|egg=300,milk-whole=928,wheat-flour-white=600
      Three times this: 200 g flour, 2 eggs, 300 ml milk.|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk - I make three of these bowls|egg=300,milk-whole=928,wheat-flour-white=600
      Three bowls, each with 200 g flour, 2 eggs and 300 ml milk.|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk per bowl, three bowls|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk a bowl, and three bowls of it|egg=300,milk-whole=928,wheat-flour-white=600
      In each of three bowls: 200 g flour, 2 eggs, 300 ml milk.|egg=300,milk-whole=928,wheat-flour-white=600
      200 g flour, 2 eggs, 300 ml milk. That three times.|egg=300,milk-whole=928,wheat-flour-white=600
      It's double everything because of the visitors: so four eggs rather than two, 400 g flour rather than 200, 600 ml milk rather than 300.|egg=200,milk-whole=619,wheat-flour-white=400
      The base is 200 g flour, 2 eggs, 300 ml milk and I do two of it.|egg=200,milk-whole=619,wheat-flour-white=400
      The base recipe is 200 g flour, 2 eggs, 300 ml milk. Doubled today.|egg=200,milk-whole=619,wheat-flour-white=400
      One base is 200 g flour, 2 eggs, 300 ml milk. Today two bases.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk makes one bowl. I do two bowls.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk is a single. Ours is always a double.|egg=200,milk-whole=619,wheat-flour-white=400
      Single: 200 g flour, 2 eggs, 300 ml milk. I make a double.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. Now double that.|egg=200,milk-whole=619,wheat-flour-white=400
      200 g flour, 2 eggs, 300 ml milk. Repeat. So two batches.|egg=200,milk-whole=619,wheat-flour-white=400
      Twice the usual, and the usual is 200 g flour, 2 eggs, 300 ml milk.|egg=200,milk-whole=619,wheat-flour-white=400
      The full recipe wants 200 g flour, 2 eggs, 300 ml milk; I halved it.|egg=50,milk-whole=155,wheat-flour-white=100
      200 g flour, 2 eggs, 300 ml milk is the full recipe and I did half.|egg=50,milk-whole=155,wheat-flour-white=100
      Half of the usual 200 g flour, 2 eggs, 300 ml milk.|egg=50,milk-whole=155,wheat-flour-white=100
      200 g flour, 2 eggs, 300 ml milk, all halved|egg=50,milk-whole=155,wheat-flour-white=100
      The original: 200 g flour, 2 eggs, 300 ml milk. Mine: half of everything.|egg=50,milk-whole=155,wheat-flour-white=100
      200 g flour, 2 eggs, 300 ml milk. That's double the recipe.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, which is already doubled.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk (doubled from the original)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The original is half that.|egg=100,milk-whole=309,wheat-flour-white=200
      This is the doubled version: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. You can halve it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Halve it if you're two.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I used to make double.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. At Christmas I make three times that.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For a crowd, double it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Last time I made twice that and it was too much.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Twice that would feed ten.|egg=100,milk-whole=309,wheat-flour-white=200
      400 g flour, 3 eggs, 600 ml milk, halved, but with 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      50 g flour, 1 egg, 75 ml milk, per person. We're four.|egg=200,milk-whole=309,wheat-flour-white=200
      Per person 50 g flour, 1 egg, 75 ml milk. We're four.|egg=200,milk-whole=309,wheat-flour-white=200
      Per person: 50 g flour, 1 egg and 75 ml milk, and we're four.|egg=200,milk-whole=309,wheat-flour-white=200
      For each person it's 50 g flour, 1 egg, 75 ml milk. There are four of us.|egg=200,milk-whole=309,wheat-flour-white=200
      50 g flour, 1 egg and 75 ml milk per person, for four|egg=200,milk-whole=309,wheat-flour-white=200
      50 g flour, 1 egg and 75 ml milk each, for four people|egg=200,milk-whole=309,wheat-flour-white=200
      50 g flour, 1 egg, 75 ml milk each. Four people.|egg=200,milk-whole=309,wheat-flour-white=200
      50 g flour, 1 egg, 75 ml milk; that's per person, and there are four of us.|egg=200,milk-whole=309,wheat-flour-white=200
      It's 50 g flour, 1 egg and 75 ml milk a person. Four persons.|egg=200,milk-whole=309,wheat-flour-white=200
      For each of the four of us 50 g flour, 1 egg, 75 ml milk.|egg=200,milk-whole=309,wheat-flour-white=200
      For every guest 50 g flour, 1 egg, 75 ml milk; four guests.|egg=200,milk-whole=309,wheat-flour-white=200
      One person: 50 g flour, 1 egg, 75 ml milk. Four people today.|egg=200,milk-whole=309,wheat-flour-white=200
      50 g flour, 1 egg, 75 ml milk. That's for one. We are four.|egg=200,milk-whole=309,wheat-flour-white=200
      50 g flour, 1 egg, 75 ml milk is one portion. I make four portions.|egg=200,milk-whole=309,wheat-flour-white=200
      A portion is 50 g flour, 1 egg, 75 ml milk. I made four.|egg=200,milk-whole=309,wheat-flour-white=200
      One serving takes 50 g flour, 1 egg and 75 ml milk; I did four servings.|egg=200,milk-whole=309,wheat-flour-white=200
      50 g flour, 1 egg, 75 ml milk - times four because we're four|egg=200,milk-whole=309,wheat-flour-white=200
      For each egg 50 g flour and 75 ml milk. Four eggs.|egg=200,milk-whole=309,wheat-flour-white=200
      To each egg 50 g flour and 75 ml milk; I took four eggs.|egg=200,milk-whole=309,wheat-flour-white=200
      Per egg 50 g flour, 75 ml milk. 4 eggs.|egg=200,milk-whole=309,wheat-flour-white=200
      I go by eggs: for each egg 50 g flour and 75 ml milk. I usually crack four.|egg=200,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 6. Sugar on top, a teaspoon each.|egg=100,milk-whole=309,sugar-white=25@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 6. Sugar on top, maybe a teaspoon each.|egg=100,milk-whole=309,sugar-white=25@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 6. A teaspoon of sugar on each.|egg=100,milk-whole=309,sugar-white=25@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 6. Each gets a teaspoon of sugar.|egg=100,milk-whole=309,sugar-white=25@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 6. Sugar: a teaspoon per pancake.|egg=100,milk-whole=309,sugar-white=25@PLATE,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 6. With honey, say 10 g per pancake.|egg=100,honey=60@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Six pancakes with 10 g honey each.|egg=100,honey=60@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Butter for the pan, 5 g per pancake, 6 pancakes.|butter=30@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 6 pancakes, 5 g butter in the pan for each.|butter=30@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Makes 6. We wipe the pan with oil, about 20 g goes.|egg=100,milk-whole=309,oil-sunflower=20@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We wipe the pans with oil, I'd say 20 g in all.|egg=100,milk-whole=309,oil-sunflower=20@PAN,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We bake in butter, 20 g for all of it.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The pans are greased with butter, 20 g.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I use butter to fry, 20 g.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For frying I'd reckon 20 g butter.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The frying takes 20 g butter.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 20 g butter went on frying them.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Butter used in the pan came to 20 g.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The pan had 20 g butter in it.|butter=20@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void itCountsAsOftenAsItWasMade() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
