package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** How much it was after all, what some of it was for, what is taken on other days. */
class SettledSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar, of which 10 g in the whites.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar, 10 g of it in the whites.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar (10 g for the whites).|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. 10 g of the sugar goes into the whites.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Whip the whites with 10 g of the sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      Flour 200, milk 300, eggs 2, butter 40, sugar 30, of which 10 in the whites.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      Flour 200, milk 300, eggs 2, butter 40, sugar 30 (10 in the whites).|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk (100 ml of it warmed), 2 eggs, 40 g butter, 30 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, one of them separated, 40 g butter, 30 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, half of it browned, 30 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour – well it was 250 in the bag but I left some – 300 ml milk, 2 eggs, 40 g butter, 30 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour (the bag had 250), 300 ml milk, 2 eggs, 40 g butter, 30 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour out of a 500 g bag, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, there's 500 in the bag, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk from a litre carton, 2 eggs, 40 g butter, 30 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter from a 250 g block, 30 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. The bag of flour was 500 g.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I bought a litre of milk for it.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. There are four eggs left in the box.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I usually use buttermilk but we only had ordinary milk.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Normally I'd take buttermilk but the shop was out.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Usually there's honey in it but not today.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I usually add vanilla but forgot.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Normally it's oil, today I felt like butter.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I prefer buttermilk but milk will do.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. My mother would have used lard.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. It was going to be buttermilk but that was out of date.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I was going to use three eggs but there were only two.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I thought about adding cinnamon but didn't.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Some people put yoghurt in, I don't.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. The original had 50 g sugar but that's too sweet.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. It says 60 g butter in the book, 40 is plenty.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. She had 50 g sugar but that's too sweet.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I used to do 50 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I needed more milk, about 350.|butter=40,egg=100,milk-whole=361,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. It took more milk, 350 ml in the end.|butter=40,egg=100,milk-whole=361,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. It needed less milk, about 250.|butter=40,egg=100,milk-whole=258,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. More milk than that, more like 350.|butter=40,egg=100,milk-whole=361,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. A bit less sugar, 20 g.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I went easy on the sugar, 20 g.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I was heavy-handed with the sugar, more like 40.|butter=40,egg=100,milk-whole=309,sugar-white=40,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I only used 20 g of sugar as that's all I had.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I cut the milk to suit, about 250 ml.|butter=40,egg=100,milk-whole=258,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. I cut the sugar back to 20.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. The sugar I brought down to 20 g.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. With the milk I stopped at 250.|butter=40,egg=100,milk-whole=258,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Milk until it looked right, 250 today.|butter=40,egg=100,milk-whole=258,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Whisk and fry. I usually use buttermilk but we only had ordinary milk.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎30 g sugar⏎normally I'd take buttermilk but the shop was out|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎30 g sugar⏎Usually there's honey in it but not today.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar but normally it's oil, today I felt like butter|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar, but I prefer buttermilk but milk will do.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Makes 8. My mother would have used lard.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Whisk and fry. It was going to be buttermilk but that was out of date.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎30 g sugar⏎I was going to use three eggs but there were only two|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎30 g sugar⏎I thought about adding cinnamon but didn't.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar – some people put yoghurt in, I don't.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar but the original had 50 g sugar but that's too sweet|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar, but it says 60 g butter in the book, 40 is plenty.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar, she had 50 g sugar but that's too sweet.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Makes 8. She had 50 g sugar but that's too sweet.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Whisk and fry. I used to do 50 g sugar.|butter=40,egg=100,milk-whole=309,sugar-white=30,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎30 g sugar⏎I needed more milk, about 350|butter=40,egg=100,milk-whole=361,sugar-white=30,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎30 g sugar⏎It took more milk, 350 ml in the end.|butter=40,egg=100,milk-whole=361,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar – it needed less milk, about 250.|butter=40,egg=100,milk-whole=258,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar but more milk than that, more like 350|butter=40,egg=100,milk-whole=361,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar, I went easy on the sugar, 20 g.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Makes 8. I went easy on the sugar, 20 g.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Whisk and fry. I was heavy-handed with the sugar, more like 40.|butter=40,egg=100,milk-whole=309,sugar-white=40,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎30 g sugar⏎I only used 20 g of sugar as that's all I had|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎40 g butter⏎30 g sugar⏎I cut the milk to suit, about 250 ml.|butter=40,egg=100,milk-whole=258,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar – I cut the sugar back to 20.|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar but the sugar I brought down to 20 g|butter=40,egg=100,milk-whole=309,sugar-white=20,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar, but with the milk I stopped at 250.|butter=40,egg=100,milk-whole=258,sugar-white=30,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, 40 g butter, 30 g sugar. Makes 8. Milk until it looked right, 250 today.|butter=40,egg=100,milk-whole=258,sugar-white=30,wheat-flour-white=200
      """;

  @Test
  void itIsWhatWentIn() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
