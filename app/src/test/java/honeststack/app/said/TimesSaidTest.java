package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * A recipe that is made several times, or told for so much flour: "I tripled it. The normal one is
 * 150 g flour, 2 eggs."
 */
class TimesSaidTest {
  private static final String TEXTS =
      """
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Doubled up because there were eight of us.|egg=200,milk-whole=516,wheat-flour-white=300
      I make half. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=50,milk-whole=129,wheat-flour-white=75
      I halved it. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=50,milk-whole=129,wheat-flour-white=75
      a splash of milk, two or three tablespoons, and 200 g flour|milk-whole=39,wheat-flour-white=200
      I made half a batch. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=50,milk-whole=129,wheat-flour-white=75
      So I tripled everything. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=300,milk-whole=774,wheat-flour-white=450
      I made twice as much. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      150 g flour, 2 eggs, 250 ml milk. I made three times that.|egg=300,milk-whole=774,wheat-flour-white=450
      half a 500 g tub of ricotta and 2 eggs|egg=100,ricotta-whole=250
      I just do half of it. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=50,milk-whole=129,wheat-flour-white=75
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Today I'm making three times the amount.|egg=300,milk-whole=774,wheat-flour-white=450
      I doubled it. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. I make half.|egg=50,milk-whole=129,wheat-flour-white=75
      I make double. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Halved it for the two of us.|egg=50,milk-whole=129,wheat-flour-white=75
      The rule is one egg per 100 g flour and double the milk. So 300 g flour, 3 eggs, 600 ml milk.|egg=150,milk-whole=619,wheat-flour-white=300
      Doubled up because there were eight of us. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      Twice that today. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      One egg per 100 g flour. 300 g flour, 600 ml milk.|egg=150,milk-whole=619,wheat-flour-white=300
      150 g flour, 2 eggs, 250 ml milk. Halved it for the two of us.|egg=50,milk-whole=129,wheat-flour-white=75
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Today three times this.|egg=300,milk-whole=774,wheat-flour-white=450
      I made a double batch. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      100% flour, 110% milk, 40% egg. Flour: 500 g.|egg=200,milk-whole=550,wheat-flour-white=500
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. Doubled today.|egg=200,milk-whole=516,wheat-flour-white=300
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. We need double that.|egg=200,milk-whole=516,wheat-flour-white=300
      I made three times that. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=300,milk-whole=774,wheat-flour-white=450
      Today I'm making three times the amount. The recipe is 150 g flour, 2 eggs, 250 ml milk.|egg=300,milk-whole=774,wheat-flour-white=450
      150 g flour, 2 eggs, 250 ml milk. Doubled today.|egg=200,milk-whole=516,wheat-flour-white=300
      150 g flour, 2 eggs, 250 ml milk. I always double it.|egg=200,milk-whole=516,wheat-flour-white=300
      The basic recipe is 150 g flour, 2 eggs, 250 ml milk. I tripled it.|egg=300,milk-whole=774,wheat-flour-white=450
      100% flour, 110% milk, 40% egg; 500 g flour|egg=200,milk-whole=550,wheat-flour-white=500
      Tripled for the party. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=300,milk-whole=774,wheat-flour-white=450
      Eggs were £2.40 a dozen. 200 g flour, 2 eggs|egg=100,wheat-flour-white=200
      We need double that. The normal one is 150 g flour, 2 eggs, 250 ml milk.|egg=200,milk-whole=516,wheat-flour-white=300
      100 g flour, six times|wheat-flour-white=600
      butter in the pan, 5 g, four times|butter@PAN=20
      2 eggs, 50 g flour x 4, 7 g salt|egg=100,wheat-flour-white=200,salt=7
      2 eggs.⏎10 g butter four times over⏎7 g salt|egg=100,butter=40,salt=7
      flour, three lots of 80 g, 2 eggs|wheat-flour-white=240,egg=100
      2 eggs, three measures of 80 g flour, 7 g salt|egg=100,wheat-flour-white=240,salt=7
      four portions of 30 g sugar, 2 eggs|sugar-white=120,egg=100
      2 eggs, 40 g oats (four of these), 7 g salt|egg=100,oats-rolled=160,salt=7
      60 g ricotta, three of those, 2 eggs|ricotta-whole=180,egg=100
      100 g bag of oats, three of them|oats-rolled=300
      200 g flour fried in 10 g butter, 5 of them.|wheat-flour-white=200,butter@PAN=10;pieces 5
      50 g flour taken two times, 2 eggs|wheat-flour-white=100,egg=100
      I use 100 g ricotta multiplied by four and 2 eggs.|ricotta-whole=400,egg=100
      Greased iron, 3 g butter each time, four times.|butter@PAN=12
      a teaspoon of oil in the pan each time, eight times|oil-sunflower@PAN=36
      Butter the iron each time, 3 g, six times over.|butter@PAN=18
      200 g flour, 2 eggs. 3 g butter each time, four times.|wheat-flour-white=200,egg=100,butter@PAN=12
      200 g flour, 2 eggs. 3 g butter each time, makes 8 in four rounds.|wheat-flour-white=200,egg=100,butter@PAN=12;pieces 8
      200 g flour, 2 eggs. 5 g butter in the pan, four times.|wheat-flour-white=200,egg=100,butter@PAN=20
      200 g flour, 2 eggs. 1 tsp oil for the iron, five times.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=22
      200 g flour, 2 eggs. In the pan 5 g butter, four times.|wheat-flour-white=200,egg=100,butter@PAN=20
      """;

  @Test
  void countsItSoOften() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
