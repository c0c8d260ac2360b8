package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Some of a dry mix that was told before. */
class PremixSaidTest {
  private static final String TEXTS =
      """
      I make a dry mix for the month: 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. Each morning I take 145 g of the mix, one egg and 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      I make a dry mix: 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. For one batch 145 g of the mix, one egg, 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      Dry mix: 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. Per batch: 145 g mix, 1 egg, 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      Dry mix for the jar: 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. To make them: 145 g of mix, 1 egg, 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      The mix is 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. I use 145 g of it with 1 egg and 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      Mix 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt and keep it in a jar. For breakfast 145 g of that, 1 egg, 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      I keep a jar of 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt mixed together. Today I took 145 g from the jar, one egg and 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      In the jar: 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. In the bowl: 145 g from the jar, 1 egg, 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt, shaken together in a tub. 145 g of this plus 1 egg plus 180 ml milk makes five.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      Big mix: 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. Small batch: 145 g big mix, 1 egg, 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      Premix: 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. Pancakes: 145 g premix, 1 egg, 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      My baking mix is 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. When I want pancakes I weigh 145 g of it and whisk in 1 egg and 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. That's my mix. For two of us 145 g of it, 1 egg, 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      Stir together 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt, enough for eight times. Each time one egg and 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      First a dry mix of 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. Then 145 g of the dry mix, 1 egg, 180 ml milk into a bowl.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      Dry mix⏎1 kg flour⏎60 g baking powder⏎80 g sugar⏎20 g salt⏎⏎To make a batch⏎145 g dry mix⏎1 egg⏎180 ml milk|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      The dry mix (keeps for months): 1 kg flour, 60 g baking powder, 80 g sugar, 20 g salt. Batter: 145 g dry mix, 1 egg, 180 ml milk.|baking-powder=8,egg=50,milk-whole=186,salt=2,sugar-white=10,wheat-flour-white=125
      """;

  @Test
  void itIsSomeOfIt() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
