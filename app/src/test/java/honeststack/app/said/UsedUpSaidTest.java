package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How much of a measured food was used, told behind it in brackets, behind a comma or later. */
class UsedUpSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. I used the last of the butter so only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. Used up the butter, so only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. There was only 50 g butter left, so I used that. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. We only had 50 g of butter left. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. The butter ran out at 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. Only had 50 g butter. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. I ran out of butter, only 50 g went in. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. The last of the butter was only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. Had only 50 g butter left so used that. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. Finished the butter: only 50 g left. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. I was short of butter: 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. Not enough butter, so just 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. There wasn't enough butter, only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. I had less butter, just 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. Only 50 g of butter was left. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter, melted. That was the end of the butter, only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. I used the last of the butter so only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. Used up the butter, so only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. There was only 50 g butter left, so I used that. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. We only had 50 g of butter left. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. The butter ran out at 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. Only had 50 g butter. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. I ran out of butter, only 50 g went in. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. The last of the butter was only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. Had only 50 g butter left so used that. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. Finished the butter: only 50 g left. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. I was short of butter: 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. Not enough butter, so just 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. There wasn't enough butter, only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. I had less butter, just 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. Only 50 g of butter was left. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 75 g butter. That was the end of the butter, only 50 g. Makes 9.|butter=50,egg=100,milk-whole=309,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. I used the last of the sugar so only 50 g. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. Used up the sugar, so only 50 g. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. There was only 50 g sugar left, so I used that. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. We only had 50 g of sugar left. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. The sugar ran out at 50 g. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. Only had 50 g sugar. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. I ran out of sugar, only 50 g went in. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. The last of the sugar was only 50 g. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. Had only 50 g sugar left so used that. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. Finished the sugar: only 50 g left. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. I was short of sugar: 50 g. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. Not enough sugar, so just 50 g. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. There wasn't enough sugar, only 50 g. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. I had less sugar, just 50 g. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. Only 50 g of sugar was left. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk, 80 g sugar. That was the end of the sugar, only 50 g. Makes 9.|egg=100,milk-whole=309,sugar-white=50,wheat-flour-white=200;pieces 9
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (used maybe 25).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (used maybe 25).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (used maybe 25)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (used about 25 g).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (used about 25 g).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (used about 25 g)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (used 25 g of it).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (used 25 g of it).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (used 25 g of it)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (only used 25).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (only used 25).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (only used 25)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (ended up using 25 g).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (ended up using 25 g).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (ended up using 25 g)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (I used maybe 25 of it).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (I used maybe 25 of it).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (I used maybe 25 of it)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (25 used).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (25 used).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (25 used)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (25 g used).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (25 g used).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (25 g used)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (needed only 25 g).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (needed only 25 g).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (needed only 25 g)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (actually used 25 g).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (actually used 25 g).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (actually used 25 g)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (only 25 g used).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (only 25 g used).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (only 25 g used)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (used roughly 25 g).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (used roughly 25 g).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (used roughly 25 g)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (only needed 25).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (only needed 25).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (only needed 25)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan (about 25 g went in).|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar (about 25 g went in).|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar (about 25 g went in)⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan - used maybe 25.|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar - used maybe 25.|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar - used maybe 25⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan - only used 25 g.|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar - only used 25 g.|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar - only used 25 g⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan, used about 25 g.|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar, used about 25 g.|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar, used about 25 g⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan, only used 25.|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar, only used 25.|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar, only used 25⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. 40 g butter for the pan, of which I used 25 g.|butter=25@PAN,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 40 g sugar, of which I used 25 g.|egg=100,milk-whole=309,sugar-white=25,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk⏎40 g sugar, of which I used 25 g⏎5 g salt|egg=100,milk-whole=309,salt=5,sugar-white=25,wheat-flour-white=200
      """;

  @Test
  void less() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
