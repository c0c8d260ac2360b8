package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What holds but for some of it, and the fat of a greased pan. */
class SameButSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 400 ml milk, 2 eggs. I do the same but with 300 ml milk and 100 ml water.|wheat-flour-white=200,milk-whole=309,egg=100,water=100
      She adds 400 ml of milk to 250 g of flour; I do the same but with 300 ml milk and 100 g yogurt.|milk-whole=309,wheat-flour-white=250,yogurt-whole=100
      Gran takes 3 eggs, 30 g sugar and 250 g flour. Mine is the same, except I use 2 eggs.|egg=100,sugar-white=30,wheat-flour-white=250
      250 g buttermilk, 150 g oat flour, 2 eggs. Today it's the same but with 100 g oat flour and 50 g almonds.|buttermilk=250,oat-flour=100,almonds=50,egg=100
      1 egg, 120 g flour, 150 g yogurt. Same for me, only with 2 eggs.|egg=100,wheat-flour-white=120,yogurt-whole=150
      200 g flour, 2 eggs, 30 g honey. We make exactly the same but with 40 g butter and no honey.|wheat-flour-white=200,egg=100,butter=40
      120 g flour, 2 eggs. We put 30 g honey on them. I did the same but with 50 g honey.|wheat-flour-white=120,egg=100,honey@PLATE=50
      200 g flour, 400 ml milk, 2 eggs. Same recipe but with 3 eggs is richer.|wheat-flour-white=200,milk-whole=413,egg=100
      Same recipe minus the sugar: 150 g flour, 20 g sugar, 1 egg, 200 g yogurt|wheat-flour-white=150,egg=50,yogurt-whole=200
      As above but no butter: 200 g flour, 30 g butter, 2 eggs|wheat-flour-white=200,egg=100
      My usual batter without the honey: 250 g buttermilk, 25 g honey, 3 eggs|buttermilk=250,egg=150
      The same waffles except for the raisins: 50 g raisins, 200 g flour, 2 eggs|wheat-flour-white=200,egg=100
      200 g flour, 2 eggs. Cook in a lightly oiled pan (1 tsp oil for all).|wheat-flour-white=200,egg=100,oil-sunflower@PAN=5
      200 g flour, 2 eggs, greased iron: 5 g butter|wheat-flour-white=200,egg=100,butter@PAN=5
      Hot buttered griddle (10 g butter), 200 g flour, 2 eggs|wheat-flour-white=200,egg=100,butter@PAN=10
      Bake in a well-greased waffle iron (8 g lard). 150 g flour, 3 eggs.|lard@PAN=8,wheat-flour-white=150,egg=150
      120 g yogurt in a greased pan, 6 g ghee|yogurt-whole=120,ghee@PAN=6
      2 eggs, large, 200 g flour|egg=100,wheat-flour-white=200
      200 g flour, 150 g yogurt, 2 eggs. As yesterday but 3 eggs.|egg=150,yogurt-whole=150,wheat-flour-white=200
      200 g flour, 150 g yogurt, 2 eggs, 20 g sugar. Same today, minus the sugar.|egg=100,yogurt-whole=150,wheat-flour-white=200
      200 g flour, 150 g yogurt, 2 eggs. Ditto but 3 eggs.|egg=150,yogurt-whole=150,wheat-flour-white=200
      200 g flour, 150 g yogurt, 2 eggs. I use the same amounts except 3 eggs.|egg=150,yogurt-whole=150,wheat-flour-white=200
      200 g flour, 150 g yogurt, 2 eggs. I do it her way but with 3 eggs.|egg=150,yogurt-whole=150,wheat-flour-white=200
      200 g flour, 150 g yogurt, 2 eggs. Made it exactly like that apart from 3 eggs.|egg=150,yogurt-whole=150,wheat-flour-white=200
      200 g flour, 150 g yogurt, 2 eggs. Same but I left out the yogurt and used 300 g ricotta.|egg=100,wheat-flour-white=200,ricotta-whole=300
      200 g flour, 150 g yogurt, 2 eggs, 30 g sugar. I do the same without the 30 g sugar.|egg=100,yogurt-whole=150,wheat-flour-white=200
      200 g flour, 150 g yogurt, 2 eggs. She does the same but with 3 eggs.|egg=100,yogurt-whole=150,wheat-flour-white=200
      200 g flour, 150 g yogurt, 2 eggs. This morning I stuck to it, but with 50 g almonds as well.|egg=100,yogurt-whole=150,wheat-flour-white=200,almonds=50
      50 g butter. Wait, no. 40 g oil. 2 eggs|oil-sunflower=40,egg=100
      200 g flour, 40 g butter, 2 eggs. I made it just with butter.|wheat-flour-white=200,butter=40,egg=100
      200 g flour, 150 g yogurt, 30 g sugar. I do the same less 10 g sugar.|wheat-flour-white=200,yogurt-whole=150,sugar-white=20
      200 g flour, 150 g yogurt, 30 g sugar. I do the same except the 30 g sugar.|wheat-flour-white=200,yogurt-whole=150
      200 g flour, 150 g yogurt, 30 g sugar. I do the same except for the sugar.|wheat-flour-white=200,yogurt-whole=150
      200 g flour, 150 g yogurt, 30 g sugar. I followed it but with no sugar.|wheat-flour-white=200,yogurt-whole=150
      """;

  @Test
  void restHolds() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
