package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Sentences of the work behind a list, which change nothing of it. */
class AfterListSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Take half the milk first.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Pour in half of the milk, whisk, then the rest.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Leave the butter to cool.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Take the butter off the heat.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Leave out of the fridge for an hour.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Keep the milk warm.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Without the eggs it won't hold.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. No lumps of flour.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Don't overmix the flour.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Forget the whisk, use a fork.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Drop the eggs in one at a time.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Cut the butter in.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Start with the flour and one egg.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Add one egg, then another.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Crack in one egg, beat, then the second.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. First the flour, then the eggs, then the milk.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Everything but the butter goes in the bowl.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. All but the butter is whisked together.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Whisk the milk in, a little at a time, until it's smooth.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Half the butter goes in the pan.|butter=25,butter@PAN=25,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. It takes about 20 minutes for one person.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. We were 4 and nothing was left.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. There were four of us at the table.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Today I made them for my sister.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. I made it for the kids.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Made this for breakfast.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Last time I burnt the butter.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. This time I used the small pan.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. The recipe says to rest it.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. The book says medium heat.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. If I had more time I'd rest it.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. If the milk is cold warm it.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. The usual pan, nothing fancy.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. As always I forgot to rest it.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. In the end it was fine.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. So the milk goes in last.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. The scale said low battery.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. The first one stuck to the pan.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. I ate one and froze the rest.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Half of them went to the neighbours.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Scrap the bowl clean.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Remove from the pan.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Skip the flipping if you like.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. We share them.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Me first.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. One with sugar, one plain.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Cook on 6 for two minutes.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. At seven we eat.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Twice a week.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. I make it three times a week.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. It's a double batch for us.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. That's the full recipe.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Use a jug with a 300 ml mark.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. My scale shows grams.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. I weighed it without taring once and regretted it.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Then some of the milk.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. The rest of the milk goes in with the butter.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. It went in my bag.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. One bowl is enough.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Two bowls are better.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. In each bowl a whisk.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. I needed a bigger bowl so I used the jug.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. A carton of milk lasts us two days.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. My mug is blue.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Mine's a gas hob.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Hers came out better.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Yours might differ.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. The original is from my aunt.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, 20 g sugar. Mum's are thicker.|butter=50,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      """;

  @Test
  void theListStays() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
