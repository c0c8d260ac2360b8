package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Two changes of a recipe told at once, with and without something on top: both count. */
class TwoChangesSaidTest {
  private static final String TEXTS =
      """
      30 g sugar, 60 g oats, 2 eggs, 300 ml milk. Put in 1 banana for the eggs, no oats.|sugar-white=30,milk-whole=309,banana=118
      1 tsp salt, 60 g oats, 30 g sugar and 40 g butter. Took 10 g off the oats. Used 25 g maple syrup instead of the sugar.|salt=6,oats-rolled=50,butter=40,maple-syrup=25
      2 eggs, 300 ml milk, 40 g butter, 30 g sugar, 60 g oats and 200 g flour. Took 10 g off the sugar, no flour. 20 g honey over them.|egg=100,milk-whole=309,butter=40,sugar-white=20,oats-rolled=60,honey@PLATE=20
      300 ml milk, 30 g sugar, 60 g oats, 2 eggs. This time I replaced the eggs with 1 banana and took 10 ml off the milk. 100 g blueberries on top.|milk-whole=299,sugar-white=30,oats-rolled=60,banana=118,blueberries@PLATE=100
      300 ml milk⏎60 g oats⏎2 eggs⏎40 g butter⏎200 g flour⏎1 tsp salt⏎30 g sugar⏎Cut the butter by 10 g, skipped the salt.|milk-whole=309,oats-rolled=60,egg=100,butter=30,wheat-flour-white=200,sugar-white=30
      40 g butter, 2 eggs, 60 g oats, 200 g flour, 300 ml milk, 1 tsp salt and 30 g sugar. I used half the milk, and I used half the flour.|butter=40,egg=100,oats-rolled=60,wheat-flour-white=100,milk-whole=155,salt=6,sugar-white=30
      30 g sugar⏎2 eggs⏎40 g butter⏎60 g oats⏎1 tsp salt⏎300 ml milk⏎200 g flour⏎I replaced the butter with 30 g coconut oil, and I used 50 g more sugar.|sugar-white=80,egg=100,oats-rolled=60,salt=6,milk-whole=309,wheat-flour-white=200,oil-coconut=30
      30 g sugar, 2 eggs, 1 tsp salt, 60 g oats, 300 ml milk, 200 g flour. I skipped the milk, and I replaced the eggs with 1 banana.|sugar-white=30,salt=6,oats-rolled=60,wheat-flour-white=200,banana=118
      60 g oats, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt and 200 g flour. I only used half the sugar, and I used 2 tsp salt instead of 1.|oats-rolled=60,egg=100,sugar-white=15,butter=40,salt=12,wheat-flour-white=200
      30 g sugar, 2 eggs, 1 tsp salt, 300 ml milk, 60 g oats, 40 g butter. I replaced the sugar with 20 g honey. I also halved the oats.|egg=100,salt=6,milk-whole=309,oats-rolled=30,butter=40,honey=20
      40 g butter⏎30 g sugar⏎2 eggs⏎300 ml milk⏎60 g oats⏎200 g flour⏎This time I swapped the milk for 200 ml oat milk and added 10 g more sugar.|butter=40,sugar-white=40,egg=100,oats-rolled=60,wheat-flour-white=200,oat-drink=206
      200 g flour, 2 eggs, 300 ml milk and 30 g sugar. I used 10 g less flour and put in 1 banana for the eggs. Served with 30 g maple syrup.|wheat-flour-white=190,milk-whole=309,sugar-white=30,banana=118,maple-syrup@PLATE=30
      2 eggs, 60 g oats, 300 ml milk, 1 tsp salt, 200 g flour, 30 g sugar and 40 g butter. This time I used 3 eggs not 2 and used only 250 ml milk.|egg=150,oats-rolled=60,milk-whole=258,salt=6,wheat-flour-white=200,sugar-white=30,butter=40
      200 g flour, 60 g oats, 2 eggs, 40 g butter, 300 ml milk and 1 tsp salt. This time I used half the oats and changed the eggs to 1.|wheat-flour-white=200,oats-rolled=30,egg=50,butter=40,milk-whole=309,salt=6
      200 g flour, 2 eggs, 300 ml milk, 60 g oats, 40 g butter and 1 tsp salt. Today I added 50 g more oats, then I halved the butter. 20 g honey over them.|wheat-flour-white=200,egg=100,milk-whole=309,oats-rolled=110,butter=20,salt=6,honey@PLATE=20
      30 g sugar⏎40 g butter⏎60 g oats⏎300 ml milk⏎200 g flour⏎2 eggs⏎1 tsp salt⏎I took 10 g off the butter. I also used 20 ml more milk. 30 g maple syrup over them.|sugar-white=30,butter=30,oats-rolled=60,milk-whole=330,wheat-flour-white=200,egg=100,salt=6,maple-syrup@PLATE=30
      200 g flour⏎30 g sugar⏎300 ml milk⏎2 eggs⏎40 g butter⏎1 tsp salt⏎I changed the butter to 70 g, and I changed the eggs to 4.|wheat-flour-white=200,sugar-white=30,milk-whole=309,egg=200,butter=70,salt=6
      40 g butter⏎30 g sugar⏎200 g flour⏎60 g oats⏎Today I skipped the sugar, then I put in an extra 20 g of oats.|butter=40,wheat-flour-white=200,oats-rolled=80
      200 g flour, 30 g sugar, 2 eggs, 1 tsp salt, 300 ml milk. Today I used 1 banana instead of the eggs, then I forgot the sugar.|wheat-flour-white=200,salt=6,milk-whole=309,banana=118
      2 eggs, 1 tsp salt, 40 g butter, 30 g sugar, 60 g oats, 300 ml milk and 200 g flour. Cut the butter by 10 g, used 25 g flour not 200 g.|egg=100,salt=6,butter=30,sugar-white=30,oats-rolled=60,milk-whole=309,wheat-flour-white=25
      30 g sugar, 200 g flour, 40 g butter, 300 ml milk, 2 eggs. I cut the flour by 10 g, and I added 50 g more butter. Topped with 20 g honey.|sugar-white=30,wheat-flour-white=190,butter=90,milk-whole=309,egg=100,honey@PLATE=20
      1 tsp salt, 300 ml milk, 40 g butter, 60 g oats, 200 g flour, 30 g sugar, 2 eggs. This time I put in 200 ml oat milk for the milk and added 20 g more oats.|salt=6,butter=40,oats-rolled=80,wheat-flour-white=200,sugar-white=30,egg=100,oat-drink=206
      40 g butter, 60 g oats, 200 g flour, 300 ml milk. 25 g lard instead of the butter. Cut the milk by 10 ml. 100 g blueberries over them.|oats-rolled=60,wheat-flour-white=200,milk-whole=299,lard=25,blueberries@PLATE=100
      2 eggs, 40 g butter, 200 g flour, 30 g sugar, 1 tsp salt, 300 ml milk and 60 g oats. Only used half the salt, no milk. 20 g honey over them.|egg=100,butter=40,wheat-flour-white=200,sugar-white=30,salt=3,oats-rolled=60,honey@PLATE=20
      200 g flour, 60 g oats, 30 g sugar, 40 g butter and 1 tsp salt. This time I skipped the oats and put in 20 g honey for the sugar.|wheat-flour-white=200,butter=40,salt=6,honey=20
      40 g butter, 1 tsp salt, 200 g flour, 30 g sugar. I changed the salt to 2 tsp and 25 g lard instead of the butter.|salt=12,wheat-flour-white=200,sugar-white=30,lard=25
      300 ml milk, 200 g flour, 2 eggs, 30 g sugar, 1 tsp salt and 40 g butter. Only used half the butter, added 10 g more flour. 100 g blueberries on top.|milk-whole=309,wheat-flour-white=210,egg=100,sugar-white=30,salt=6,butter=20,blueberries@PLATE=100
      200 g flour, 300 ml milk, 30 g sugar, 60 g oats, 2 eggs. I used 10 g less flour. I also used 25 g maple syrup instead of the sugar. 20 g honey over them.|wheat-flour-white=190,milk-whole=309,oats-rolled=60,egg=100,maple-syrup=25,honey@PLATE=20
      60 g oats⏎40 g butter⏎300 ml milk⏎1 tsp salt⏎2 eggs⏎30 g sugar⏎200 g flour⏎I used 25 g maple syrup instead of the sugar and used only 200 ml milk. Served with 50 g jam.|oats-rolled=60,butter=40,milk-whole=206,salt=6,egg=100,wheat-flour-white=200,maple-syrup=25,jam@PLATE=50
      40 g butter, 300 ml milk, 2 eggs and 1 tsp salt. Forgot the butter, skipped the milk.|egg=100,salt=6
      60 g oats, 1 tsp salt, 200 g flour, 2 eggs, 40 g butter, 300 ml milk, 30 g sugar. I changed the salt to 2 tsp and forgot the milk. 30 g maple syrup on top.|oats-rolled=60,salt=12,wheat-flour-white=200,egg=100,butter=40,sugar-white=30,maple-syrup@PLATE=30
      30 g sugar, 1 tsp salt, 40 g butter, 60 g oats and 2 eggs. This time I forgot the butter and halved the salt.|sugar-white=30,salt=3,oats-rolled=60,egg=100
      200 g flour⏎40 g butter⏎30 g sugar⏎60 g oats⏎I used 10 g less oats. I also only used half the flour.|wheat-flour-white=100,butter=40,sugar-white=30,oats-rolled=50
      40 g butter, 1 tsp salt, 30 g sugar, 60 g oats, 2 eggs, 300 ml milk. Only used half the butter. Changed the eggs to 1.|butter=20,salt=6,sugar-white=30,oats-rolled=60,egg=50,milk-whole=309
      40 g butter, 60 g oats, 1 tsp salt, 2 eggs, 200 g flour, 30 g sugar. Today I used only 15 g oats, then I left the flour out.|butter=40,oats-rolled=15,salt=6,egg=100,sugar-white=30
      200 g flour, 30 g sugar, 300 ml milk, 60 g oats, 40 g butter, 1 tsp salt. Today I put in an extra 20 g of flour, then I used 2 tsp salt not 1 tsp.|wheat-flour-white=220,sugar-white=30,milk-whole=309,oats-rolled=60,butter=40,salt=12
      60 g oats, 40 g butter, 30 g sugar, 2 eggs. Put in 1 banana for the eggs. Used only 25 g butter.|oats-rolled=60,butter=25,sugar-white=30,banana=118
      300 ml milk, 1 tsp salt, 30 g sugar, 40 g butter, 2 eggs. This time I used 15 g sugar not 30 g and only used half the salt.|milk-whole=309,salt=3,sugar-white=15,butter=40,egg=100
      200 g flour, 1 tsp salt, 60 g oats, 40 g butter. Changes: cut the oats by 10 g, forgot the flour.|salt=6,oats-rolled=50,butter=40
      60 g oats, 30 g sugar, 1 tsp salt and 300 ml milk. Changed the salt to 2 tsp, changed the milk to 200 ml.|oats-rolled=60,sugar-white=30,salt=12,milk-whole=206
      60 g oats⏎300 ml milk⏎40 g butter⏎30 g sugar⏎200 g flour⏎2 eggs⏎This time I took 10 g off the flour and skipped the milk. Served with 50 g jam.|oats-rolled=60,butter=40,sugar-white=30,wheat-flour-white=190,egg=100,jam@PLATE=50
      2 eggs⏎60 g oats⏎40 g butter⏎300 ml milk⏎1 tsp salt⏎30 g sugar⏎200 g flour⏎This time I only used half the oats and 30 g coconut oil instead of the butter.|egg=100,oats-rolled=30,milk-whole=309,salt=6,sugar-white=30,wheat-flour-white=200,oil-coconut=30
      1 tsp salt⏎2 eggs⏎300 ml milk⏎40 g butter⏎200 g flour⏎60 g oats⏎30 g sugar⏎I replaced the milk with 200 ml oat milk and halved the oats. Topped with 30 g maple syrup.|salt=6,egg=100,butter=40,wheat-flour-white=200,oats-rolled=30,sugar-white=30,oat-drink=206,maple-syrup@PLATE=30
      30 g sugar⏎40 g butter⏎1 tsp salt⏎300 ml milk⏎I added 50 g more sugar and only used half the milk.|sugar-white=80,butter=40,salt=6,milk-whole=155
      60 g oats, 40 g butter, 1 tsp salt, 200 g flour, 2 eggs, 30 g sugar, 300 ml milk. No butter, skipped the sugar. 100 g blueberries over them.|oats-rolled=60,salt=6,wheat-flour-white=200,egg=100,milk-whole=309,blueberries@PLATE=100
      200 g flour, 40 g butter, 60 g oats, 30 g sugar, 300 ml milk, 2 eggs. I took 10 g off the sugar, and I forgot the milk.|wheat-flour-white=200,butter=40,oats-rolled=60,sugar-white=20,egg=100
      2 eggs⏎1 tsp salt⏎30 g sugar⏎300 ml milk⏎This time I swapped the sugar for 20 g honey and used 2 tsp salt not 1 tsp. 30 g maple syrup on top.|egg=100,salt=12,milk-whole=309,honey=20,maple-syrup@PLATE=30
      30 g sugar, 40 g butter, 2 eggs, 300 ml milk, 1 tsp salt, 60 g oats, 200 g flour. This time I took 10 ml off the milk and put in an extra 10 g of flour.|sugar-white=30,butter=40,egg=100,milk-whole=299,salt=6,oats-rolled=60,wheat-flour-white=210
      200 g flour⏎300 ml milk⏎1 tsp salt⏎40 g butter⏎2 eggs⏎60 g oats⏎30 g sugar⏎Only used half the oats. Forgot the sugar.|wheat-flour-white=200,milk-whole=309,salt=6,butter=40,egg=100,oats-rolled=30
      60 g oats⏎1 tsp salt⏎2 eggs⏎200 g flour⏎30 g sugar⏎300 ml milk⏎I left the milk out and swapped the flour for 150 g spelt flour.|oats-rolled=60,salt=6,egg=100,sugar-white=30,spelt-flour=150
      30 g sugar, 40 g butter, 2 eggs, 60 g oats. Cut the oats by 10 g. Left the eggs out. 50 g jam on top.|sugar-white=30,butter=40,oats-rolled=50,jam@PLATE=50
      200 g flour⏎300 ml milk⏎60 g oats⏎2 eggs⏎30 g sugar⏎40 g butter⏎1 tsp salt⏎I used 10 ml less milk and only used half the oats. Served with 100 g blueberries.|wheat-flour-white=200,milk-whole=299,oats-rolled=30,egg=100,sugar-white=30,butter=40,salt=6,blueberries@PLATE=100
      30 g sugar, 1 tsp salt, 300 ml milk, 200 g flour, 40 g butter and 60 g oats. Changes: no oats, cut the flour by 10 g.|sugar-white=30,salt=6,milk-whole=309,wheat-flour-white=190,butter=40
      1 tsp salt, 200 g flour, 30 g sugar, 40 g butter, 2 eggs. Used 10 g less sugar. Used only 70 g flour.|salt=6,wheat-flour-white=70,sugar-white=20,butter=40,egg=100
      200 g flour, 60 g oats, 300 ml milk, 2 eggs, 30 g sugar and 1 tsp salt. Today I skipped the eggs, then I skipped the salt.|wheat-flour-white=200,oats-rolled=60,milk-whole=309,sugar-white=30
      40 g butter⏎300 ml milk⏎2 eggs⏎30 g sugar⏎1 tsp salt⏎60 g oats⏎Used half the butter. Used 4 eggs not 2.|butter=20,milk-whole=309,egg=200,sugar-white=30,salt=6,oats-rolled=60
      60 g oats, 300 ml milk, 30 g sugar and 200 g flour. I used 15 g oats not 60 g, and there was no sugar.|oats-rolled=15,milk-whole=309,wheat-flour-white=200
      60 g oats, 40 g butter, 1 tsp salt, 200 g flour, 300 ml milk, 2 eggs and 30 g sugar. Today I used 10 g less sugar, then I swapped the butter for 30 g coconut oil.|oats-rolled=60,salt=6,wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=20,oil-coconut=30
      60 g oats⏎30 g sugar⏎200 g flour⏎300 ml milk⏎40 g butter⏎Swapped the sugar for 20 g honey, used 30 g coconut oil instead of the butter.|oats-rolled=60,wheat-flour-white=200,milk-whole=309,honey=20,oil-coconut=30
      30 g sugar, 200 g flour, 40 g butter, 2 eggs, 1 tsp salt. I put in 1 banana for the eggs and 25 g lard instead of the butter.|sugar-white=30,wheat-flour-white=200,salt=6,banana=118,lard=25
      60 g oats⏎300 ml milk⏎30 g sugar⏎2 eggs⏎200 g flour⏎40 g butter⏎This time I left out the eggs and used 150 g sugar not 30 g.|oats-rolled=60,milk-whole=309,sugar-white=150,wheat-flour-white=200,butter=40
      40 g butter⏎1 tsp salt⏎30 g sugar⏎300 ml milk⏎60 g oats⏎I used 2 tsp salt not 1 tsp, and I used 70 g butter not 40 g.|butter=70,salt=12,sugar-white=30,milk-whole=309,oats-rolled=60
      60 g oats⏎30 g sugar⏎40 g butter⏎200 g flour⏎I used half the sugar, and I used only 25 g butter.|oats-rolled=60,sugar-white=15,butter=25,wheat-flour-white=200
      30 g sugar, 300 ml milk, 200 g flour, 1 tsp salt, 2 eggs, 60 g oats and 40 g butter. This time I added 20 g more flour and used 20 g more butter.|sugar-white=30,milk-whole=309,wheat-flour-white=220,salt=6,egg=100,oats-rolled=60,butter=60
      30 g sugar⏎60 g oats⏎300 ml milk⏎200 g flour⏎1 tsp salt⏎I changed the flour to 15 g. I also used half the sugar.|sugar-white=15,oats-rolled=60,milk-whole=309,wheat-flour-white=15,salt=6
      200 g flour, 60 g oats, 2 eggs, 1 tsp salt, 30 g sugar, 40 g butter, 300 ml milk. This time I cut the milk by 10 ml and 25 g lard instead of the butter.|wheat-flour-white=200,oats-rolled=60,egg=100,salt=6,sugar-white=30,milk-whole=299,lard=25
      30 g sugar, 2 eggs, 40 g butter, 200 g flour, 1 tsp salt, 300 ml milk, 60 g oats. I used 150 g flour not 200 g, and I swapped the sugar for 25 g maple syrup. Topped with 50 g jam.|egg=100,butter=40,wheat-flour-white=150,salt=6,milk-whole=309,oats-rolled=60,maple-syrup=25,jam@PLATE=50
      40 g butter⏎1 tsp salt⏎2 eggs⏎60 g oats⏎200 g flour⏎30 g sugar⏎I forgot the oats and swapped the butter for 30 g coconut oil. Served with 100 g blueberries.|salt=6,egg=100,wheat-flour-white=200,sugar-white=30,oil-coconut=30,blueberries@PLATE=100
      40 g butter, 60 g oats, 200 g flour, 30 g sugar, 2 eggs, 300 ml milk. I replaced the milk with 250 ml water. I also used half the butter.|butter=20,oats-rolled=60,wheat-flour-white=200,sugar-white=30,egg=100,water=250
      60 g oats, 300 ml milk, 40 g butter, 30 g sugar, 1 tsp salt, 200 g flour, 2 eggs. I used 25 g lard instead of the butter, and I used 25 g flour not 200 g.|oats-rolled=60,milk-whole=309,sugar-white=30,salt=6,wheat-flour-white=25,egg=100,lard=25
      200 g flour⏎30 g sugar⏎40 g butter⏎60 g oats⏎300 ml milk⏎Today I changed the butter to 70 g, then I skipped the sugar.|wheat-flour-white=200,butter=70,oats-rolled=60,milk-whole=309
      300 ml milk, 30 g sugar, 200 g flour, 40 g butter, 1 tsp salt. There was no sugar. I also only used half the butter. 30 g maple syrup on top.|milk-whole=309,wheat-flour-white=200,butter=20,salt=6,maple-syrup@PLATE=30
      """;

  @Test
  void bothCount() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
