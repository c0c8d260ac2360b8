package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Lists with choices, what is optional, and brackets of every sort: the first counts. */
class ChoiceListsSaidTest {
  private static final String TEXTS =
      """
      2 bananas (about 240 g peeled)⏎30 g sugar⏎1 tsp salt⏎200 g flour⏎2 eggs⏎Makes 8.|banana=240,sugar-white=30,salt=6,wheat-flour-white=200,egg=100;pieces 8
      60 ml water (as needed)⏎50 g raisins, if liked⏎2 eggs⏎1 tsp salt⏎200 g flour⏎Makes 8.|water=60,raisins=50,egg=100,salt=6,wheat-flour-white=200;pieces 8
      60 g oats (2/3 cup), 2 eggs, 1 tsp salt, 1 tsp cinnamon if you have it, 2 tsp baking powder, 200 g flour. Makes 8.|oats-rolled=60,egg=100,salt=6,cinnamon=3,baking-powder=9,wheat-flour-white=200;pieces 8
      30 g sugar, 1 tsp salt, 2 eggs, 2 bananas (about 240 g peeled), 1 tsp cinnamon if you have it|sugar-white=30,salt=6,egg=100,banana=240,cinnamon=3
      2 eggs⏎100 g rye flour or spelt flour⏎250 ml milk (1 cup)⏎1 tsp salt⏎30 g sugar⏎Makes 8.|egg=100,rye-flour-medium=100,milk-whole=258,salt=6,sugar-white=30;pieces 8
      2 eggs, 1 tsp salt, 50 g raisins (the small ones)|egg=100,salt=6,raisins=50
      I use 200 g flour, 2 eggs, 2 tsp baking powder, 30 g sugar, 50 g raisins (from the co-op) and 1 tsp salt.|wheat-flour-white=200,egg=100,baking-powder=9,sugar-white=30,raisins=50,salt=6
      100 g rye flour, spelt is fine too⏎200 g flour⏎2 eggs⏎120 g yogurt (plain, whole milk)|rye-flour-medium=100,wheat-flour-white=200,egg=100,yogurt-whole=120
      I use 30 g sugar, 1 tsp vanilla extract (optional) and 200 g flour. Makes 8.|sugar-white=30,vanilla-extract=4,wheat-flour-white=200;pieces 8
      2 eggs, 50 g raisins (my addition), 2 tsp baking powder, 1 tsp salt, 200 g flour|egg=100,raisins=50,baking-powder=9,salt=6,wheat-flour-white=200
      I use 1 tsp salt, 2 tsp baking powder, 200 g flour, 30 g sugar, 50 g butter (about 3½ tbsp) and 2 eggs.|salt=6,baking-powder=9,wheat-flour-white=200,sugar-white=30,butter=50,egg=100
      50 g raisins (I like lots)⏎1 tsp salt⏎60 ml water (warm)⏎200 g flour⏎Makes 8.|raisins=50,salt=6,water=60,wheat-flour-white=200;pieces 8
      1 banana or 100 g applesauce⏎30 g sugar⏎1 tsp vanilla extract (optional)⏎1 tsp salt⏎2 eggs|banana=118,sugar-white=30,vanilla-extract=4,salt=6,egg=100
      200 g flour, 30 g sugar, 60 ml water (as needed), 40 g butter (or 35 g oil), 2 eggs, 1 tsp salt|wheat-flour-white=200,sugar-white=30,water=60,butter=40,egg=100,salt=6
      2 eggs⏎2 tsp baking powder⏎30 g sugar⏎1 tsp vanilla extract (optional)⏎3½ tbsp (50 g) butter⏎Makes 8.|egg=100,baking-powder=9,sugar-white=30,vanilla-extract=4,butter=50;pieces 8
      I use 2 tsp baking powder, 40 g butter/oil, 2 eggs, 30 g sugar, 1 tsp salt and 50 g raisins (about a handful).|baking-powder=9,butter=40,egg=100,sugar-white=30,salt=6,raisins=50
      40 g butter or oil, 1 tsp salt, 200 g flour, 2 eggs, 1 can (400 ml) coconut milk. Makes 8.|butter=40,salt=6,wheat-flour-white=200,egg=100,coconut-milk=382;pieces 8
      30 g sugar, 2 eggs, 60 ml water (warm), 1 tsp salt, 200 g flour|sugar-white=30,egg=100,water=60,salt=6,wheat-flour-white=200
      2 eggs, 30 g sugar, 300 ml buttermilk (or milk with a squeeze of lemon), 100 g rye flour (3.5 oz). Makes 8.|egg=100,sugar-white=30,buttermilk=310,rye-flour-medium=100;pieces 8
      30 g sugar⏎2 tsp baking powder⏎120 g yogurt (plain)⏎2 eggs⏎1 tsp salt⏎200 g flour⏎50 g chocolate chips (optional)|sugar-white=30,baking-powder=9,yogurt-whole=120,egg=100,salt=6,wheat-flour-white=200,chocolate-chips=50
      200 g flour, 1 tsp salt, 40 g butter/oil, 30 g sugar, 2 eggs|wheat-flour-white=200,salt=6,butter=40,sugar-white=30,egg=100
      200 g flour⏎2 tsp baking powder⏎40 g butter or 35 g oil⏎1 tsp salt⏎50 g raisins (soaked overnight)|wheat-flour-white=200,baking-powder=9,butter=40,salt=6,raisins=50
      I use 2 eggs, 1 tsp salt, 50 g raisins (my addition) and 30 g sugar. Makes 8.|egg=100,salt=6,raisins=50,sugar-white=30;pieces 8
      200 g flour, 1 tsp salt, 2 tsp baking powder, 30 g sugar, 2 bananas (about 240 g peeled)|wheat-flour-white=200,salt=6,baking-powder=9,sugar-white=30,banana=240
      I use 1 tsp salt, 2 eggs, 60 ml water (as needed), 30 g sugar and 1 tsp cinnamon if you like. Makes 8.|salt=6,egg=100,water=60,sugar-white=30,cinnamon=3;pieces 8
      I use 2 tsp baking powder, 20 g honey or maple syrup, 1 tsp cinnamon if you like, 200 g flour, 2 eggs and 30 g sugar.|baking-powder=9,honey=20,cinnamon=3,wheat-flour-white=200,egg=100,sugar-white=30
      1 tsp salt⏎3½ tbsp (50 g) butter⏎200 g flour⏎30 g sugar⏎Makes 8.|salt=6,butter=50,wheat-flour-white=200,sugar-white=30;pieces 8
      30 g sugar, 2 tsp baking powder, 50 g raisins (I like lots), 2 eggs, 40 g butter or 35 g oil|sugar-white=30,baking-powder=9,raisins=50,egg=100,butter=40
      2 tsp baking powder⏎200 g flour⏎30 g sugar⏎250 ml milk (1 cup)⏎1 tsp salt⏎Makes 8.|baking-powder=9,wheat-flour-white=200,sugar-white=30,milk-whole=258,salt=6;pieces 8
      30 g sugar, 200 g flour, 60 g oats (2/3 cup)|sugar-white=30,wheat-flour-white=200,oats-rolled=60
      30 g sugar⏎2 tsp baking powder⏎50 g butter (unsalted, soft)⏎100 g rye flour (spelt works too)⏎1 tsp salt|sugar-white=30,baking-powder=9,butter=50,rye-flour-medium=100,salt=6
      1 tsp salt, 2 tsp baking powder, 200 g flour, 30 g sugar, 50 g walnuts (or any nuts), 2 eggs, 50 g raisins (soaked overnight). Makes 8.|salt=6,baking-powder=9,wheat-flour-white=200,sugar-white=30,walnuts=50,egg=100,raisins=50;pieces 8
      300 ml whole milk, though water works⏎30 g sugar⏎1 tsp salt⏎1 tsp vanilla extract (optional)⏎2 tsp baking powder|milk-whole=309,sugar-white=30,salt=6,vanilla-extract=4,baking-powder=9
      50 g raisins (from the co-op)⏎2 eggs⏎1 tsp salt|raisins=50,egg=100,salt=6
      1 cup (250 ml) milk, 1 tsp salt, 2 eggs, 200 g flour|milk-whole=258,salt=6,egg=100,wheat-flour-white=200
      3½ tbsp (50 g) butter⏎30 g sugar⏎2 tsp baking powder⏎1 tsp salt⏎2 eggs⏎1 tsp cinnamon if you like|butter=50,sugar-white=30,baking-powder=9,salt=6,egg=100,cinnamon=3
      30 g sugar, 60 g oats (2/3 cup), 100 g rye flour (spelt works too), 2 tsp baking powder, 2 eggs, 1 tsp salt. Makes 8.|sugar-white=30,oats-rolled=60,rye-flour-medium=100,baking-powder=9,egg=100,salt=6;pieces 8
      100 g rye flour (3.5 oz)⏎200 g flour⏎2 eggs⏎Makes 8.|rye-flour-medium=100,wheat-flour-white=200,egg=100;pieces 8
      50 g butter (about 3½ tbsp), 1 tsp salt, 2 eggs, 200 g flour, 30 g sugar, 2 tsp baking powder. Makes 8.|butter=50,salt=6,egg=100,wheat-flour-white=200,sugar-white=30,baking-powder=9;pieces 8
      I use 1 tsp salt, 2 eggs, 200 g flour, 2 tsp baking powder and 50 g walnuts or pecans. Makes 8.|salt=6,egg=100,wheat-flour-white=200,baking-powder=9,walnuts=50;pieces 8
      1 tsp vanilla extract (optional)⏎200 g flour⏎30 g sugar⏎50 g raisins or dried cranberries|vanilla-extract=4,wheat-flour-white=200,sugar-white=30,raisins=50
      1 tsp salt, 2 tsp baking powder, 20 g honey or maple syrup, 2 eggs, 30 g sugar, 50 g raisins (my addition), 200 g flour. Makes 8.|salt=6,baking-powder=9,honey=20,egg=100,sugar-white=30,raisins=50,wheat-flour-white=200;pieces 8
      2 eggs⏎1 tsp salt⏎50 g raisins (I like lots)⏎30 g sugar⏎200 g flour⏎2 tsp baking powder|egg=100,salt=6,raisins=50,sugar-white=30,wheat-flour-white=200,baking-powder=9
      1 tsp salt, 1 tsp cinnamon if you like, 200 g flour, 2 eggs|salt=6,cinnamon=3,wheat-flour-white=200,egg=100
      1 tsp salt⏎2 eggs⏎40 g butter or 35 g oil⏎30 g sugar⏎1 tsp cinnamon if you like⏎200 g flour|salt=6,egg=100,butter=40,sugar-white=30,cinnamon=3,wheat-flour-white=200
      2 tsp baking powder, 50 g walnuts (or any nuts), 30 g sugar, 1 tsp salt, 2 eggs|baking-powder=9,walnuts=50,sugar-white=30,salt=6,egg=100
      1 tsp salt, 1 tsp cinnamon (optional), 2 eggs|salt=6,cinnamon=3,egg=100
      30 g sugar, 1 tsp salt, 200 g flour, 50 g butter (melted), 2 tsp baking powder, 2 eggs|sugar-white=30,salt=6,wheat-flour-white=200,butter=50,baking-powder=9,egg=100
      2 eggs⏎1 tsp salt⏎200 g flour⏎50 g raisins (golden or dark)⏎30 g sugar⏎2 bananas (about 240 g peeled)⏎2 tsp baking powder|egg=100,salt=6,wheat-flour-white=200,raisins=50,sugar-white=30,banana=240,baking-powder=9
      I use 2 tsp baking powder, 3½ tbsp (50 g) butter, 50 g raisins (soaked overnight) and 200 g flour. Makes 8.|baking-powder=9,butter=50,raisins=50,wheat-flour-white=200;pieces 8
      200 g flour⏎1 tsp salt⏎2 tsp baking powder⏎40 g butter or oil⏎1 tsp cinnamon (optional)⏎Makes 8.|wheat-flour-white=200,salt=6,baking-powder=9,butter=40,cinnamon=3;pieces 8
      I use 3½ tbsp (50 g) butter, 1 tsp salt, 50 g raisins (I like lots) and 2 eggs.|butter=50,salt=6,raisins=50,egg=100
      2 tsp baking powder⏎1 tsp salt⏎30 g sugar⏎200 g flour⏎50 g raisins (my addition)⏎50 g butter (unsalted, soft)⏎2 eggs|baking-powder=9,salt=6,sugar-white=30,wheat-flour-white=200,raisins=50,butter=50,egg=100
      I use 30 g sugar, 1 tsp vanilla extract (optional), 2 tsp baking powder, 2 eggs and 200 g flour. Makes 8.|sugar-white=30,vanilla-extract=4,baking-powder=9,egg=100,wheat-flour-white=200;pieces 8
      I use 1 tsp salt, 40 g butter or 35 g oil, 200 g flour and 60 ml water (warm).|salt=6,butter=40,wheat-flour-white=200,water=60
      I use 30 g sugar, 50 g raisins or dried cranberries and 200 g flour.|sugar-white=30,raisins=50,wheat-flour-white=200
      40 g butter/oil⏎30 g sugar⏎2 tsp baking powder⏎2 eggs⏎1 tsp salt|butter=40,sugar-white=30,baking-powder=9,egg=100,salt=6
      1 tsp salt⏎200 g flour⏎30 g sugar⏎2 eggs⏎40 g butter or 35 g oil⏎2 tsp baking powder⏎Makes 8.|salt=6,wheat-flour-white=200,sugar-white=30,egg=100,butter=40,baking-powder=9;pieces 8
      1 tsp salt⏎50 g raisins or dried cranberries⏎2 tsp baking powder⏎200 g flour⏎30 g sugar⏎Makes 8.|salt=6,raisins=50,baking-powder=9,wheat-flour-white=200,sugar-white=30;pieces 8
      30 g sugar, 2 tsp baking powder, 50 g raisins or dried cranberries, 1 tsp salt|sugar-white=30,baking-powder=9,raisins=50,salt=6
      I use 2 tsp baking powder, 2 bananas (about 240 g peeled) and 2 eggs. Makes 8.|baking-powder=9,banana=240,egg=100;pieces 8
      300 ml milk or water⏎50 g raisins, if liked⏎200 g flour⏎30 g sugar⏎1 tsp salt⏎2 tsp baking powder|milk-whole=309,raisins=50,wheat-flour-white=200,sugar-white=30,salt=6,baking-powder=9
      30 g sugar⏎40 g butter (or 35 g oil)⏎200 g flour|sugar-white=30,butter=40,wheat-flour-white=200
      """;

  @Test
  void theFirstCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
