package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What went in at the end to make the batter right, where no food is named. */
class ThinnedSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 300 ml milk, 2 eggs. It was too thick so another splash went in at the end.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It was too thick, so I added another splash.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Too thick, so another splash.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Then another splash because it was too thick.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. And another splash to loosen it.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I loosened it with another splash.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I thinned it with a splash more.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. A splash more to thin it.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Needed a splash more.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It needed another splash.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It wanted a splash more milk at the end.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I let it down with a splash of milk.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Slackened with a splash of milk after the rest.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It had thickened after the rest so I stirred in a splash of milk.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. After resting it was like paste, so another 50 ml.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. After resting it was like paste so in went another 50 ml of milk.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It was like glue so I had to add 50 ml more.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Too stiff, added 50 ml more milk.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Too stiff so 50 ml more.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I let it down with another 50 ml.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Let down with 50 ml more.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Thinned with 50 ml more at the end.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It took another 50 ml to get it pourable.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It took 50 ml more than that to get it pourable.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Ended up needing 50 ml more.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I needed 50 ml more milk to get it right.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The batter had thickened overnight, 50 ml more went in.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I ended up adding 50 ml extra.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Plus 50 ml extra because it was stiff.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Plus another 50 because it was stiff.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Halfway through I thinned it with 50 ml more milk.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Halfway through frying I thinned the rest with another 50 ml.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Then 50 ml water to thin it.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It was too thick so 50 ml of water went in.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I let it down with 50 ml water.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Loosened with 50 ml water after the rest.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. 50 ml water at the end because it was stiff.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. A splash of water to loosen it.|egg=100,milk-whole=309,water=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Loosened it with a splash of water before frying.|egg=100,milk-whole=309,water=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It was thick so I put a splash of water in.|egg=100,milk-whole=309,water=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It thickened so a splash of water got it going again.|egg=100,milk-whole=309,water=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It was a bit thick but I left it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. If it's too thick add another splash.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. If it thickens, 50 ml more milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. You may need 50 ml more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It was too thick, should have had another 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It could have done with another 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Next time another 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It was too thick, next time I'd add 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It was too thin so I added a spoon of flour.|egg=100,milk-whole=309,wheat-flour-white=208
      200 g flour, 300 ml milk, 2 eggs. Too runny so another 20 g flour.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs. It was too runny so 20 g more flour went in.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs. Too thin, so 20 g more.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs. It was like water so another 20 g of flour went in.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs. I stiffened it with 20 g more flour.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs. Thickened with another 20 g flour.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs. It was too runny, I should have held back 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. It needed no more milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Didn't need thinning.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. No extra milk needed.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I didn't have to thin it this time.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I thinned it down a little.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I added a bit more milk at the end.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. A touch more milk at the end.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. More milk until it poured.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Enough extra milk to make it pourable.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. And then water till it was like cream.|?water=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. It was too thick so another splash went in at the end.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎it was too thick, so I added another splash|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎Too thick, so another splash.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – then another splash because it was too thick.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but and another splash to loosen it|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, but I loosened it with another splash.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, I thinned it with a splash more.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. I thinned it with a splash more.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. A splash more to thin it.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎needed a splash more|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎It needed another splash.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – it wanted a splash more milk at the end.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but I let it down with a splash of milk|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, but slackened with a splash of milk after the rest.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, it had thickened after the rest so I stirred in a splash of milk.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. It had thickened after the rest so I stirred in a splash of milk.|egg=100,milk-whole=324,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. After resting it was like paste, so another 50 ml.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎after resting it was like paste so in went another 50 ml of milk|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎It was like glue so I had to add 50 ml more.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – too stiff, added 50 ml more milk.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but too stiff so 50 ml more|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, but I let it down with another 50 ml.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, let down with 50 ml more.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Let down with 50 ml more.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Thinned with 50 ml more at the end.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎it took another 50 ml to get it pourable|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎It took 50 ml more than that to get it pourable.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – ended up needing 50 ml more.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but I needed 50 ml more milk to get it right|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, but the batter had thickened overnight, 50 ml more went in.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, I ended up adding 50 ml extra.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. I ended up adding 50 ml extra.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Plus 50 ml extra because it was stiff.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎plus another 50 because it was stiff|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – halfway through I thinned it with 50 ml more milk.|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but halfway through frying I thinned the rest with another 50 ml|egg=100,milk-whole=361,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, but then 50 ml water to thin it.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, it was too thick so 50 ml of water went in.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. It was too thick so 50 ml of water went in.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. I let it down with 50 ml water.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎loosened with 50 ml water after the rest|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎50 ml water at the end because it was stiff.|egg=100,milk-whole=309,water=50,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – a splash of water to loosen it.|egg=100,milk-whole=309,water=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but loosened it with a splash of water before frying|egg=100,milk-whole=309,water=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, but it was thick so I put a splash of water in.|egg=100,milk-whole=309,water=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, it thickened so a splash of water got it going again.|egg=100,milk-whole=309,water=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. It thickened so a splash of water got it going again.|egg=100,milk-whole=309,water=15,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. It was a bit thick but I left it.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎if it's too thick add another splash|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎If it thickens, 50 ml more milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – you may need 50 ml more.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but it was too thick, should have had another 50 ml|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, but it could have done with another 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, next time another 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Next time another 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. It was too thick, next time I'd add 50 ml.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎it was too thin so I added a spoon of flour|egg=100,milk-whole=309,wheat-flour-white=208
      200 g flour⏎300 ml milk⏎2 eggs⏎Too runny so another 20 g flour.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs – it was too runny so 20 g more flour went in.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs but too thin, so 20 g more|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs, but it was like water so another 20 g of flour went in.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs, I stiffened it with 20 g more flour.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs. Makes 8. I stiffened it with 20 g more flour.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. Thickened with another 20 g flour.|egg=100,milk-whole=309,wheat-flour-white=220
      200 g flour⏎300 ml milk⏎2 eggs⏎it was too runny, I should have held back 50 ml|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎It needed no more milk.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – didn't need thinning.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but no extra milk needed|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, but I didn't have to thin it this time.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs, I thinned it down a little.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. I thinned it down a little.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Whisk and fry. I added a bit more milk at the end.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎a touch more milk at the end|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour⏎300 ml milk⏎2 eggs⏎More milk until it poured.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs – enough extra milk to make it pourable.|?milk-whole=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs but and then water till it was like cream|?water=1,egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void itIsMoreOfTheLiquid() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
