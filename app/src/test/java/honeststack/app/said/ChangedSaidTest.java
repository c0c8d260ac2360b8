package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A recipe and one change of it: swapped, left out, corrected, so much more or less. */
class ChangedSaidTest {
  private static final String TEXTS =
      """
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. I went with 25 g plain flour this time. Lovely.|wheat-flour-white=25,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40 g butter⏎1 tsp salt⏎But 250 g butter, not 40 g. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,butter=250,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter and 1 tsp salt. But 250 g plain flour, not 200 g. Makes 8.|wheat-flour-white=250,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40 g butter⏎1 tsp salt⏎Replaced the milk with 20 ml buttermilk. Fry in a dry pan.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6,buttermilk=21
      200g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40 g butter⏎1 tsp salt⏎It ended up being 250 ml milk. Lovely.|wheat-flour-white=200,milk-whole=258,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. We do it without eggs.|wheat-flour-white=200,milk-whole=309,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. Sorry, 10 g plain flour.|wheat-flour-white=10,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40g butter, 1 tsp salt. The milk I left out.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎Ran out of milk and used 20 ml buttermilk instead.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6,buttermilk=21
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40g butter and 1 tsp salt. No plain flour this time. Makes 8.|milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter and 1 tsp salt. Used 100 g coconut oil rather than butter. Makes 8.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6,oil-coconut=100
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. Didn't add the sugar. Fry in a dry pan.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter and 1 tsp salt. I used 50 g coconut oil instead of the butter. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6,oil-coconut=50
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎Ended up adding 20 g more plain flour. Makes 8.|wheat-flour-white=220,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter, 1 tsp salt. Make that 60 g plain flour. Fry in a dry pan.|wheat-flour-white=60,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. Correction: 150 g plain flour. Lovely.|wheat-flour-white=150,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter, 1 tsp salt. Substituted 100 g lard for the butter. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6,lard=100
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40g butter, 1 tsp salt. Make that 150 g butter. Fry in a dry pan.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,butter=150,salt=6
      200g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎Didn't have milk, went with 20 ml oat milk.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6,oat-drink=21
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. Had to add 20 g plain flour more. Fry in a dry pan.|wheat-flour-white=220,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter and 1 tsp salt. But 10 g butter, not 40 g. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,butter=10,salt=6
      200g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎The eggs should be 3. Makes 8.|wheat-flour-white=200,milk-whole=309,egg=150,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. Only used 250 g of sugar.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=250,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. Take 10 g off the plain flour. Fry in a dry pan.|wheat-flour-white=190,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎Had to add 20 g sugar more. Fry in a dry pan.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=50,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. I added an extra 50 g of plain flour.|wheat-flour-white=250,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40 g butter⏎1 tsp salt⏎Replaced the milk with 20 ml water. Fry in a dry pan.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6,water=20
      200g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎Needed 50 g more butter. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,butter=90,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. I used 350 ml milk though.|wheat-flour-white=200,milk-whole=361,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎The sugar I replaced with 20 g maple syrup.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6,maple-syrup=20
      200g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40g butter⏎1 tsp salt⏎The butter I left out. Makes 8.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. No wait, the milk was 200 ml. Fry in a dry pan.|wheat-flour-white=200,milk-whole=206,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. Put in 20 ml more of the milk.|wheat-flour-white=200,milk-whole=330,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. Omitted the milk. Lovely.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter and 1 tsp salt. Used 150 ml buttermilk rather than milk. Makes 8.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6,buttermilk=154
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40 g butter⏎1 tsp salt⏎Substituted 20 g spelt flour for the plain flour. Lovely.|milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6,spelt-flour=20
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter and 1 tsp salt. Today it was 250 g plain flour. Lovely.|wheat-flour-white=250,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. I never put the eggs in. Lovely.|wheat-flour-white=200,milk-whole=309,sugar-white=30,butter=40,salt=6
      200g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40g butter⏎1 tsp salt⏎For the plain flour I took 20 g oat flour. Lovely.|milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6,oat-flour=20
      200g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40 g butter⏎1 tsp salt⏎All of it except the milk.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter and 1 tsp salt. Had to add 50 ml milk more. Makes 8.|wheat-flour-white=200,milk-whole=361,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. 50 ml less milk than that. Makes 8.|wheat-flour-white=200,milk-whole=257,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. Take 50 ml off the milk. Makes 8.|wheat-flour-white=200,milk-whole=257,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. The eggs should be 4. Fry in a dry pan.|wheat-flour-white=200,milk-whole=309,egg=200,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter and 1 tsp salt. Ended up adding 20 g more plain flour. Lovely.|wheat-flour-white=220,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. For the butter I took 50 g coconut oil. Makes 8.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6,oil-coconut=50
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter and 1 tsp salt. No plain flour left, so 100 g oat flour instead. Lovely.|milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6,oat-flour=100
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. It ended up being 250 ml milk. Makes 8.|wheat-flour-white=200,milk-whole=258,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter and 1 tsp salt. I went with 200 ml milk this time.|wheat-flour-white=200,milk-whole=206,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎Replaced the milk with 100 ml buttermilk.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6,buttermilk=103
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter, 1 tsp salt. Minus the sugar. Makes 8.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter and 1 tsp salt. Held back 10 g of the sugar and never used it.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=20,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter and 1 tsp salt. Correction: 250 g butter. Fry in a dry pan.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,butter=250,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. The sugar should be 10 g. Makes 8.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=10,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter and 1 tsp salt. Make that 60 g plain flour. Fry in a dry pan.|wheat-flour-white=60,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. It ended up being 350 ml milk. Makes 8.|wheat-flour-white=200,milk-whole=361,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. Without the sugar today. Makes 8.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter and 1 tsp salt. Left the sugar out. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. No eggs this time. Makes 8.|wheat-flour-white=200,milk-whole=309,sugar-white=30,butter=40,salt=6
      200g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40g butter⏎1 tsp salt⏎We do it without milk. Fry in a dry pan.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter, 1 tsp salt. I used 50 ml buttermilk instead of the milk. Makes 8.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6,buttermilk=52
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40g butter, 1 tsp salt. Take 50 ml off the milk. Fry in a dry pan.|wheat-flour-white=200,milk-whole=257,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎10 g less butter than that.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,butter=30,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter and 1 tsp salt. For the sugar I took 50 g honey. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6,honey=50
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. Minus the sugar. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40g butter, 1 tsp salt. Actually it was 250 ml milk. Makes 8.|wheat-flour-white=200,milk-whole=258,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40g butter, 1 tsp salt. Substituted 100 g spelt flour for the plain flour. Fry in a dry pan.|milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6,spelt-flour=100
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40g butter⏎1 tsp salt⏎All of it except the butter. Fry in a dry pan.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40g butter⏎1 tsp salt⏎It ended up being 3 eggs. Lovely.|wheat-flour-white=200,milk-whole=309,egg=150,sugar-white=30,butter=40,salt=6
      200g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40 g butter⏎1 tsp salt⏎I meant 250 g sugar.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=250,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. Today it was 250 ml milk. Lovely.|wheat-flour-white=200,milk-whole=258,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. Did 100 g honey in place of the sugar. Makes 8.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6,honey=100
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. Did 20 g lard in place of the butter. Makes 8.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6,lard=20
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40 g butter⏎1 tsp salt⏎No butter left, so 20 g coconut oil instead. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6,oil-coconut=20
      200g plain flour⏎300 ml milk⏎2 eggs⏎30 g sugar⏎40g butter⏎1 tsp salt⏎Ran out of sugar and used 50 g maple syrup instead. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6,maple-syrup=50
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. Held back 10 g of the butter and never used it. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,butter=30,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40g butter, 1 tsp salt. I put in 10 g less of the sugar. Lovely.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=20,butter=40,salt=6
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40g butter⏎1 tsp salt⏎Ran out of sugar and used 20 g maple syrup instead. Fry in a dry pan.|wheat-flour-white=200,milk-whole=309,egg=100,butter=40,salt=6,maple-syrup=20
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter, 1 tsp salt. Did 20 g coconut oil in place of the butter.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6,oil-coconut=20
      200 g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. We had no butter so it was 100 g coconut oil.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,salt=6,oil-coconut=100
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40g butter and 1 tsp salt. Omitted the milk. Fry in a dry pan.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour⏎300 ml milk⏎2 eggs⏎30g sugar⏎40g butter⏎1 tsp salt⏎Today it was 350 ml milk. Makes 8.|wheat-flour-white=200,milk-whole=361,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. I never put the eggs in. Makes 8.|wheat-flour-white=200,milk-whole=309,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40 g butter, 1 tsp salt. Did 150 ml buttermilk in place of the milk. Makes 8.|wheat-flour-white=200,egg=100,sugar-white=30,butter=40,salt=6,buttermilk=154
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40g butter and 1 tsp salt. Make that 250 g plain flour. Makes 8.|wheat-flour-white=250,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. With 10 g less plain flour. Fry in a dry pan.|wheat-flour-white=190,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200 g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter, 1 tsp salt. Plus another 50 g butter at the end.|wheat-flour-white=200,milk-whole=309,egg=100,sugar-white=30,butter=90,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter and 1 tsp salt. Leave out the plain flour. Lovely.|milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30g sugar, 40 g butter and 1 tsp salt. I meant 1 egg. Fry in a dry pan.|wheat-flour-white=200,milk-whole=309,egg=50,sugar-white=30,butter=40,salt=6
      200g plain flour, 300 ml milk, 2 eggs, 30 g sugar, 40g butter, 1 tsp salt. Sorry, 10 g plain flour.|wheat-flour-white=10,milk-whole=309,egg=100,sugar-white=30,butter=40,salt=6
      4 tbsp sugar⏎1 tsp salt⏎1 cup milk⏎2 cups flour⏎2 eggs⏎2 tsp baking powder⏎Plus 1/4 cup milk to thin it. They were lovely.|sugar-white=50,salt=6,milk-whole=305,wheat-flour-white=270,egg=100,baking-powder=9
      4 tbsp sugar, 1 cup milk, 1 tsp salt, 2 tsp baking powder. With a third less baking powder.|sugar-white=50,milk-whole=244,salt=6,baking-powder=6
      3 tbsp butter, 4 tbsp sugar, 1 tsp salt, 2 cups flour, 1 cup milk and 2 eggs. Skipped the flour.|butter=43,sugar-white=50,salt=6,milk-whole=244,egg=100
      1 tsp salt, 2 tsp baking powder, 2 eggs, 1 cup milk, 3 tbsp butter, 2 cups flour and 4 tbsp sugar. Plus one more egg. They were lovely.|salt=6,baking-powder=9,egg=150,milk-whole=244,butter=43,wheat-flour-white=270,sugar-white=50
      4 tbsp sugar, 1 cup milk, 2 cups flour, 1 tsp salt, 2 eggs. I used a third less milk. They were lovely.|sugar-white=50,milk-whole=163,wheat-flour-white=270,salt=6,egg=100
      1 tsp salt⏎1 cup milk⏎2 tsp baking powder⏎3 tbsp butter⏎2 eggs⏎4 tbsp sugar⏎2 cups flour⏎Forgot to put the flour in. They were lovely.|salt=6,milk-whole=244,baking-powder=9,butter=43,egg=100,sugar-white=50
      1 cup milk, 1 tsp salt, 2 tsp baking powder, 2 eggs, 2 cups flour, 4 tbsp sugar. I used half as much salt. They were lovely.|milk-whole=244,salt=3,baking-powder=9,egg=100,wheat-flour-white=270,sugar-white=50
      4 tbsp sugar⏎2 cups flour⏎1 cup milk⏎3 tbsp butter⏎2 eggs⏎1 tsp salt⏎I used half the butter.|sugar-white=50,wheat-flour-white=270,milk-whole=244,butter=21,egg=100,salt=6
      1 tsp salt, 3 tbsp butter, 1 cup milk, 4 tbsp sugar, 2 cups flour and 2 tsp baking powder. I used 2 tbsp less sugar. Makes 8.|salt=6,butter=43,milk-whole=244,sugar-white=25,wheat-flour-white=270,baking-powder=9
      2 eggs, 1 tsp salt, 3 tbsp butter, 1 cup milk and 2 cups flour. I forgot the flour. Makes 8.|egg=100,salt=6,butter=43,milk-whole=244
      2 tsp baking powder⏎4 tbsp sugar⏎2 eggs⏎3 tbsp butter⏎2 cups flour⏎1 tsp salt⏎3 eggs rather than 2. They were lovely.|baking-powder=9,sugar-white=50,egg=150,butter=43,wheat-flour-white=270,salt=6
      2 cups flour, 2 tsp baking powder, 1 cup milk, 4 tbsp sugar, 3 tbsp butter and 1 tsp salt. Sugar left out. They were lovely.|wheat-flour-white=270,baking-powder=9,milk-whole=244,butter=43,salt=6
      3 tbsp butter⏎2 cups flour⏎2 eggs⏎2 tsp baking powder⏎1 tsp salt⏎I used one egg less. They were lovely.|butter=43,wheat-flour-white=270,egg=50,baking-powder=9,salt=6
      1 tsp salt, 2 cups flour, 4 tbsp sugar, 1 cup milk, 3 tbsp butter, 2 eggs. With half the milk.|salt=6,wheat-flour-white=270,sugar-white=50,milk-whole=122,butter=43,egg=100
      4 tbsp sugar, 2 tsp baking powder, 1 cup milk, 3 tbsp butter, 2 cups flour, 1 tsp salt and 2 eggs. Forgot to put the flour in. Makes 8.|sugar-white=50,baking-powder=9,milk-whole=244,butter=43,salt=6,egg=100
      4 tbsp sugar, 2 cups flour, 2 tsp baking powder, 2 eggs and 3 tbsp butter. I used a tablespoon less flour. They were lovely.|sugar-white=50,wheat-flour-white=262,baking-powder=9,egg=100,butter=43
      2 eggs⏎2 cups flour⏎1 tsp salt⏎3 tbsp butter⏎4 tbsp sugar⏎1 cup milk⏎2 tsp baking powder⏎3 eggs instead of two. They were lovely.|egg=150,wheat-flour-white=270,salt=6,butter=43,sugar-white=50,milk-whole=244,baking-powder=9
      1 tsp salt⏎2 eggs⏎2 cups flour⏎2 tsp baking powder⏎4 tbsp sugar⏎3 tbsp butter⏎1 cup milk⏎Cut the sugar by a third.|salt=6,egg=100,wheat-flour-white=270,baking-powder=9,sugar-white=33,butter=43,milk-whole=244
      4 tbsp sugar, 2 tsp baking powder, 1 tsp salt and 2 cups flour. I used half as much salt. They were lovely.|sugar-white=50,baking-powder=9,salt=3,wheat-flour-white=270
      4 tbsp sugar, 3 tbsp butter, 1 tsp salt, 2 tsp baking powder, 2 eggs. With a third less butter.|sugar-white=50,butter=28,salt=6,baking-powder=9,egg=100
      1 cup milk⏎4 tbsp sugar⏎2 cups flour⏎2 tsp baking powder⏎Half the baking powder.|milk-whole=244,sugar-white=50,wheat-flour-white=270,baking-powder=5
      2 eggs⏎4 tbsp sugar⏎2 cups flour⏎1 tsp salt⏎I halved the flour. They were lovely.|egg=100,sugar-white=50,wheat-flour-white=135,salt=6
      1 tsp salt, 3 tbsp butter, 2 cups flour, 2 eggs and 4 tbsp sugar. I put in one more tablespoon of flour.|salt=6,butter=43,wheat-flour-white=278,egg=100,sugar-white=50
      1 cup milk, 2 cups flour, 4 tbsp sugar and 1 tsp salt. Halved the flour this time. They were lovely.|milk-whole=244,wheat-flour-white=135,sugar-white=50,salt=6
      2 tsp baking powder⏎1 tsp salt⏎2 cups flour⏎3 tbsp butter⏎No butter. They were lovely.|baking-powder=9,salt=6,wheat-flour-white=270
      2 eggs, 2 tsp baking powder, 1 cup milk, 3 tbsp butter, 2 cups flour and 1 tsp salt. Used double the milk. They were lovely.|egg=100,baking-powder=9,milk-whole=488,butter=43,wheat-flour-white=270,salt=6
      2 tsp baking powder, 3 tbsp butter, 2 cups flour, 2 eggs. Skipped the butter.|baking-powder=9,wheat-flour-white=270,egg=100
      4 tbsp sugar⏎2 tsp baking powder⏎2 eggs⏎2 cups flour⏎Cut the flour by half. Makes 8.|sugar-white=50,baking-powder=9,egg=100,wheat-flour-white=135
      2 tsp baking powder, 4 tbsp sugar, 1 cup milk and 2 cups flour. Used double the milk. Makes 8.|baking-powder=9,sugar-white=50,milk-whole=488,wheat-flour-white=270
      1 tsp salt, 2 tsp baking powder, 2 cups flour, 1 cup milk, 3 tbsp butter, 4 tbsp sugar, 2 eggs. I doubled the butter.|salt=6,baking-powder=9,wheat-flour-white=270,milk-whole=244,butter=85,sugar-white=50,egg=100
      4 tbsp sugar⏎2 eggs⏎1 tsp salt⏎2 cups flour⏎1 cup milk⏎2 tsp baking powder⏎3 tbsp butter⏎Forgot to put the flour in.|sugar-white=50,egg=100,salt=6,milk-whole=244,baking-powder=9,butter=43
      2 tsp baking powder⏎1 tsp salt⏎4 tbsp sugar⏎2 cups flour⏎2 eggs⏎1 cup milk⏎I added 1/4 cup more milk. Makes 8.|baking-powder=9,salt=6,sugar-white=50,wheat-flour-white=270,egg=100,milk-whole=305
      2 tsp baking powder, 1 tsp salt, 1 cup milk, 3 tbsp butter, 4 tbsp sugar, 2 cups flour and 2 eggs. I used half as much butter. Makes 8.|baking-powder=9,salt=6,milk-whole=244,butter=21,sugar-white=50,wheat-flour-white=270,egg=100
      2 eggs⏎2 cups flour⏎1 tsp salt⏎1 cup milk⏎3 tbsp butter⏎4 tbsp sugar⏎2 tsp baking powder⏎Forgot to put the butter in. Makes 8.|egg=100,wheat-flour-white=270,salt=6,milk-whole=244,sugar-white=50,baking-powder=9
      3 tbsp butter⏎1 tsp salt⏎2 tsp baking powder⏎4 tbsp sugar⏎1 cup milk⏎Halved the salt this time. They were lovely.|butter=43,salt=3,baking-powder=9,sugar-white=50,milk-whole=244
      1 tsp salt, 4 tbsp sugar, 2 eggs, 2 tsp baking powder. Only half the salt went in. They were lovely.|salt=3,sugar-white=50,egg=100,baking-powder=9
      3 tbsp butter, 2 cups flour, 2 eggs and 2 tsp baking powder. I had run out of butter.|wheat-flour-white=270,egg=100,baking-powder=9
      2 eggs, 3 tbsp butter, 1 tsp salt, 4 tbsp sugar, 2 cups flour, 2 tsp baking powder, 1 cup milk. Double the flour. Makes 8.|egg=100,butter=43,salt=6,sugar-white=50,wheat-flour-white=540,baking-powder=9,milk-whole=244
      4 tbsp sugar⏎2 eggs⏎1 cup milk⏎3 tbsp butter⏎I used a third less sugar. They were lovely.|sugar-white=33,egg=100,milk-whole=244,butter=43
      3 tbsp butter, 2 eggs, 2 cups flour, 1 tsp salt, 4 tbsp sugar and 1 cup milk. Cut the sugar by a third. Makes 8.|butter=43,egg=100,wheat-flour-white=270,salt=6,sugar-white=33,milk-whole=244
      2 tsp baking powder⏎4 tbsp sugar⏎2 eggs⏎3 tbsp butter⏎2 cups flour⏎1 tsp salt⏎Oh, and no baking powder.|sugar-white=50,egg=100,butter=43,wheat-flour-white=270,salt=6
      2 eggs, 4 tbsp sugar, 2 cups flour, 1 cup milk and 3 tbsp butter. We put in twice the sugar.|egg=100,sugar-white=100,wheat-flour-white=270,milk-whole=244,butter=43
      1 cup milk, 3 tbsp butter, 4 tbsp sugar, 2 cups flour, 1 tsp salt, 2 eggs. It was stiff so I added another 1/4 cup milk.|milk-whole=305,butter=43,sugar-white=50,wheat-flour-white=270,salt=6,egg=100
      2 eggs, 2 tsp baking powder, 4 tbsp sugar and 2 cups flour. With 1 tbsp less flour. Makes 8.|egg=100,baking-powder=9,sugar-white=50,wheat-flour-white=262
      1 tsp salt, 3 tbsp butter, 1 cup milk, 2 tsp baking powder, 2 eggs, 4 tbsp sugar. We put in twice the sugar. Makes 8.|salt=6,butter=43,milk-whole=244,baking-powder=9,egg=100,sugar-white=100
      2 tsp baking powder⏎4 tbsp sugar⏎2 eggs⏎1 tsp salt⏎3 tbsp butter⏎1 cup milk⏎Add 2 tbsp more butter. They were lovely.|baking-powder=9,sugar-white=50,egg=100,salt=6,butter=71,milk-whole=244
      4 tbsp sugar, 1 cup milk, 2 eggs, 2 tsp baking powder, 2 cups flour, 3 tbsp butter, 1 tsp salt. The baking powder got forgotten. They were lovely.|sugar-white=50,milk-whole=244,egg=100,wheat-flour-white=270,butter=43,salt=6
      2 tsp baking powder, 1 tsp salt, 1 cup milk, 2 cups flour, 2 eggs. An extra egg went in.|baking-powder=9,salt=6,milk-whole=244,wheat-flour-white=270,egg=150
      2 cups flour, 2 eggs, 1 cup milk, 1 tsp salt, 2 tsp baking powder and 3 tbsp butter. No eggs in mine.|wheat-flour-white=270,milk-whole=244,salt=6,baking-powder=9,butter=43
      4 tbsp sugar, 1 cup milk, 1 tsp salt, 2 tsp baking powder and 2 cups flour. I put in one more tablespoon of milk. They were lovely.|sugar-white=50,milk-whole=259,salt=6,baking-powder=9,wheat-flour-white=270
      1 cup milk, 2 eggs, 4 tbsp sugar, 2 tsp baking powder, 3 tbsp butter, 2 cups flour and 1 tsp salt. Reduced the baking powder by a third. They were lovely.|milk-whole=244,egg=100,sugar-white=50,baking-powder=6,butter=43,wheat-flour-white=270,salt=6
      3 tbsp butter, 1 cup milk, 4 tbsp sugar, 1 tsp salt, 2 cups flour, 2 tsp baking powder and 2 eggs. Forgot to put the eggs in. Makes 8.|butter=43,milk-whole=244,sugar-white=50,salt=6,wheat-flour-white=270,baking-powder=9
      4 tbsp sugar, 1 tsp salt, 3 tbsp butter, 2 cups flour, 2 eggs, 1 cup milk, 2 tsp baking powder. I added another egg. Makes 8.|sugar-white=50,salt=6,butter=43,wheat-flour-white=270,egg=150,milk-whole=244,baking-powder=9
      1 cup milk⏎1 tsp salt⏎2 eggs⏎3 tbsp butter⏎2 tsp baking powder⏎4 tbsp sugar⏎2 cups flour⏎Halved the flour this time.|milk-whole=244,salt=6,egg=100,butter=43,baking-powder=9,sugar-white=50,wheat-flour-white=135
      2 cups flour, 1 tsp salt, 1 cup milk, 2 tsp baking powder, 4 tbsp sugar. Reduced the flour by a third. Makes 8.|wheat-flour-white=180,salt=6,milk-whole=244,baking-powder=9,sugar-white=50
      3 tbsp butter⏎2 cups flour⏎2 eggs⏎1 tsp salt⏎1 cup milk⏎4 tbsp sugar⏎2 tsp baking powder⏎No eggs. They were lovely.|butter=43,wheat-flour-white=270,salt=6,milk-whole=244,sugar-white=50,baking-powder=9
      1 tsp salt⏎1 cup milk⏎4 tbsp sugar⏎2 eggs⏎3 tbsp butter⏎¼ cup less milk. Makes 8.|salt=6,milk-whole=183,sugar-white=50,egg=100,butter=43
      2 cups flour⏎4 tbsp sugar⏎2 eggs⏎2 tsp baking powder⏎1 tsp salt⏎1 cup milk⏎One egg less.|wheat-flour-white=270,sugar-white=50,egg=50,baking-powder=9,salt=6,milk-whole=244
      1 tsp salt, 1 cup milk, 2 tsp baking powder, 2 cups flour, 3 tbsp butter and 2 eggs. With half the salt. Makes 8.|salt=3,milk-whole=244,baking-powder=9,wheat-flour-white=270,butter=43,egg=100
      4 tbsp sugar, 2 eggs, 2 tsp baking powder, 2 cups flour. I used twice as much baking powder.|sugar-white=50,egg=100,baking-powder=18,wheat-flour-white=270
      3 tbsp butter, 2 cups flour, 2 tsp baking powder, 2 eggs, 1 cup milk, 1 tsp salt and 4 tbsp sugar. Used double the sugar.|butter=43,wheat-flour-white=270,baking-powder=9,egg=100,milk-whole=244,salt=6,sugar-white=100
      2 tsp baking powder, 1 tsp salt, 3 tbsp butter and 1 cup milk. Baking powder left out. Makes 8.|salt=6,butter=43,milk-whole=244
      1 cup milk, 2 cups flour, 3 tbsp butter, 1 tsp salt, 4 tbsp sugar, 2 eggs and 2 tsp baking powder. Doubled the butter this time. They were lovely.|milk-whole=244,wheat-flour-white=270,butter=85,salt=6,sugar-white=50,egg=100,baking-powder=9
      2 eggs, 2 cups flour, 1 cup milk, 1 tsp salt, 4 tbsp sugar and 2 tsp baking powder. A tablespoon more milk. They were lovely.|egg=100,wheat-flour-white=270,milk-whole=259,salt=6,sugar-white=50,baking-powder=9
      1 cup milk, 2 tsp baking powder, 1 tsp salt, 2 eggs, 4 tbsp sugar, 3 tbsp butter. 3 eggs instead of two. Makes 8.|milk-whole=244,baking-powder=9,salt=6,egg=150,sugar-white=50,butter=43
      """;

  @Test
  void oneThingIsChanged() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
