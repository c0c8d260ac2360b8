package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * What is left out after it was listed, what is still in the house, and what each eater takes on
 * top.
 */
class TakenOutSaidTest {
  private static final String TEXTS =
      """
      All of this but the sugar: 200 g flour, 2 eggs, 300 ml milk, 30 g sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      Everything here except the sugar: 200 g flour, 2 eggs, 300 ml milk, 30 g sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      I make this without the sugar: 200 g flour, 2 eggs, 300 ml milk, 30 g sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. I leave out the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. All but the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar – but I never put the sugar in.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar (left out).|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar (which I left out)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar – skipped.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, only I forgot the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. The sugar didn't go in.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. No sugar for me though.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. Minus the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. Except no sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. Forget the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. Cross out the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. Delete the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. Sugar omitted.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. I did without the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. I dropped the sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. I skipped the sugar, it's sweet enough.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. Left the sugar out because of the syrup.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar. Sugar I don't use.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, ~~30 g sugar~~|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar (optional, I don't)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar if you like; I don't.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 30 g sugar, optional, not used|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, optionally 30 g sugar, but I didn't|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. If you want, 30 g sugar. I didn't.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Optional: 30 g sugar (not this time).|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, and normally 30 g sugar but there was none|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk; no 30 g sugar this time|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. You may add 30 g sugar, I never have.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Some add 30 g sugar.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎⏎no butter today|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎⏎(without the butter)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎I left the butter out.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎minus the butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎* I skip the butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Note: no butter this time.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Note: I don't use the butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎PS without the butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Changes: no butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎My changes: left out the butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Edit: omit the butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Substitutions: none. Omitted: butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Omitted: butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Left out: butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Skipped: butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Not used: butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Butter: not used|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎Butter not used|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter⏎(butter not used this time)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter (omit)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter – omitted|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter (no)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter (didn't have any)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter - had none|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter (skip for dairy free)|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter, but I had none|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎2 eggs⏎300 ml milk⏎50 g butter – there wasn't any|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter which I did not use|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter that I ended up not using|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter but didn't need it|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter but it didn't need it|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, no need|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, though I usually leave it out|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, though I left it out today|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, though not today|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, not today|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, except today|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, never mind the butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, wait, no butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, no, leave the butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, actually no butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter, scratch the butter|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Scratch that last one.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Not the butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Well, not the butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. The butter I leave out.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Butter's out.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. We don't do the butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. The butter stays in the fridge.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. The butter's not for us.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. I'm off butter, so not that.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Can't have butter so that's out.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. My version has no butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. Mine has no butter in it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. I make mine without butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. In mine there's no butter.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. There was no butter in the house so none went in.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. We were out of butter so it went without.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, 50 g butter. There being no butter I did without.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Ella has hers with 15 g butter, Max with 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. On mine 15 g butter, on his 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Mine with 15 g butter, his with 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I have mine with 15 g butter and he has his with 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For me 15 g butter, for him 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Me: 15 g butter. Him: 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The kids had 20 g honey, I had 15 g butter.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The kids put 20 g honey on, I put 15 g butter on.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. One with 15 g butter, one with 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The first with 15 g butter, the second with 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I ate two with 15 g butter and one with 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. My daughter spreads 15 g butter on hers; my son pours 20 g honey over his.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Dad likes 15 g butter with his. Mum prefers 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Topped mine with 15 g butter and hers with 20 g honey.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. We share 20 g honey and 15 g butter.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Between us 20 g honey and 15 g butter.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. There was 20 g honey and 15 g butter on the table, all gone.|butter=15@PLATE,egg=100,honey=20@PLATE,milk-whole=309,wheat-flour-white=200
      the milk, which was oat, 300 ml; 200 g flour; 2 eggs|egg=100,oat-drink=311,wheat-flour-white=200
      eggs, which I separated, 2; 200 g flour; 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      flour, which I sifted twice, 200 g, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, which is all I had, 2 eggs, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour that I found at the back, 2 eggs that were old, 300 ml milk that was fresh|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs my neighbour gave me, 200 g flour, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      the 2 eggs left in the box, the 200 g flour left in the bag, the 300 ml milk left in the carton|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour I weighed, 2 eggs, and milk I measured at 300 ml|egg=100,milk-whole=309,wheat-flour-white=200
      milk, whose amount I always measure, 300 ml, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      whatever milk there was, 300 ml as it turned out, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      what was left of the milk, 300 ml, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      all the milk there was, which was 300 ml, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      the rest of the milk (300 ml), 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      the remaining 300 ml of milk, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      the last of the milk, I measured 300 ml, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      300 ml out of a litre of milk, 200 g flour, 2 eggs|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs (leaving 4), 200 g flour, 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That leaves 4 eggs and 800 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I've still got 4 eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. There are 4 eggs left for tomorrow.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I bought 10 eggs and 1 kg flour for it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Remember to buy 10 eggs and 1 kg flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Shopping: 10 eggs, 1 kg flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. To buy: 10 eggs, 1 kg flour.|egg=100,milk-whole=309,wheat-flour-white=200
      Bought 10 eggs, 1 kg flour. Used 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      I've got 10 eggs and 1 kg flour. I use 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      In the house: 10 eggs, 1 kg flour. In the bowl: 200 g flour, 2 eggs, 300 ml milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Tomorrow I need 4 eggs and 400 g flour for a cake.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. A cake I made had 4 eggs and 400 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For dinner it's 400 g potatoes.|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void whatDidNotGoInDoesNotCount() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
