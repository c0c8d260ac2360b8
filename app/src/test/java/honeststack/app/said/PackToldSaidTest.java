package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What a packet holds, told behind it. */
class PackToldSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, half a bag of chocolate chips, the bag was 200 grams|chocolate-chips=100,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, half a bag of chocolate chips (200 g bag)|chocolate-chips=100,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, half a 200 g bag of chocolate chips|chocolate-chips=100,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, half a bag of chocolate chips. The bag is 200 g.|chocolate-chips=100,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, chocolate chips, half a bag, it's a 200 g bag|chocolate-chips=100,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, a third of a tub of ricotta, tub's 250 g|egg=100,ricotta-whole=83,wheat-flour-white=200
      200 g flour, 2 eggs, a tub of ricotta, it's 250 grams|egg=100,ricotta-whole=250,wheat-flour-white=200
      200 g flour, 2 eggs, one tub of ricotta, that's 250 g|egg=100,ricotta-whole=250,wheat-flour-white=200
      200 g flour, 2 eggs, a tub of ricotta. The tub was 250 g.|egg=100,ricotta-whole=250,wheat-flour-white=200
      200 g flour, 2 eggs, two tubs of ricotta, each 250 g|egg=100,ricotta-whole=500,wheat-flour-white=200
      200 g flour, 2 eggs, two tubs of ricotta at 250 g|egg=100,ricotta-whole=500,wheat-flour-white=200
      200 g flour, 2 eggs, two tubs of ricotta, 250 g each|egg=100,ricotta-whole=500,wheat-flour-white=200
      200 g flour, 2 eggs, two 250 g tubs of ricotta|egg=100,ricotta-whole=500,wheat-flour-white=200
      200 g flour, 2 eggs, half of two 250 g tubs of ricotta|egg=100,ricotta-whole=250,wheat-flour-white=200
      200 g flour, 2 eggs, the whole tub of ricotta (250 g)|egg=100,ricotta-whole=250,wheat-flour-white=200
      200 g flour, 2 eggs, three quarters of a 400 g tub of ricotta|egg=100,ricotta-whole=300,wheat-flour-white=200
      200 g flour, 2 eggs, a whole jar of honey, 350 grams|egg=100,honey=350,wheat-flour-white=200
      200 g flour, 2 eggs, a stick of butter, that's 113 g|butter=113,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, half a block of butter, the block is 250 g|butter=125,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, a quarter of a 250 g block of butter|butter=63,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, two sachets of dried yeast, 7 g each|egg=100,wheat-flour-white=200,yeast-dry=14
      200 g flour, 2 eggs, two sachets of dried yeast, seven grams apiece|egg=100,wheat-flour-white=200,yeast-dry=14
      200 g flour, 2 eggs, two punnets of strawberries, 400 grams each|egg=100,strawberries=800,wheat-flour-white=200
      200 g flour, 2 eggs, a punnet of strawberries, 400 grams|egg=100,strawberries=400,wheat-flour-white=200
      200 g flour, 2 eggs, half a punnet of strawberries, the punnet being 400 g|egg=100,strawberries=200,wheat-flour-white=200
      200 g flour, 2 eggs, strawberries, two punnets at 400 g|egg=100,strawberries=800,wheat-flour-white=200
      200 g flour, 2 eggs, a carton of buttermilk, they're 284 ml|buttermilk=291,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, a carton of buttermilk (284 ml)|buttermilk=291,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, half a litre carton of buttermilk, so 500 ml|buttermilk=512,egg=100,wheat-flour-white=200
      """;

  @Test
  void thePacketCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
