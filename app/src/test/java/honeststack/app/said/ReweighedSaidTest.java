package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** An amount that came to be another on its way into the bowl. */
class ReweighedSaidTest {
  private static final String TEXTS =
      """
      carton of 10 eggs, took 3 of them|egg=150
      50 g rye flour, topped up with white flour to 200 g|rye-flour-medium=50,wheat-flour-white=150
      There were 500 g flour in the bag, 300 are left|wheat-flour-white=200
      The bag was 500 g flour before and 300 g after|wheat-flour-white=200
      the bottle had 500 ml milk and now 200 ml is left|milk-whole=309
      I'd say 200 g flour, call it 210|wheat-flour-white=210
      200 g flour, call it 210 g, and 2 eggs|wheat-flour-white=210,egg=100
      200 g flour (207 on the scale)|wheat-flour-white=207
      200 g flour (it was 207 in the end), 2 eggs|wheat-flour-white=207,egg=100
      200 g flour (207 g actually)|wheat-flour-white=207
      200 g flour (actually 207)|wheat-flour-white=207
      200 g flour (it was 207)|wheat-flour-white=207
      5 eggs, cracked one on the floor, so 4|egg=200
      4 eggs, dropped two of them, 200 g flour|egg=100,wheat-flour-white=200
      dropped one of the 3 eggs|egg=100
      200 g flour. I broke one of my 4 eggs.|wheat-flour-white=200,egg=150
      milk 300 ml, spilled about 50|milk-whole=258
      300 ml milk, I spilt 50 ml on the floor, 2 eggs|milk-whole=258,egg=100
      milk 300 ml, gave the cat 50|milk-whole=258
      300 ml milk but gave the kitten 20 ml|milk-whole=289
      30 g dark chocolate, ate 10 on the way|chocolate-dark=20
      20 g butter for the pan, half was left|butter@PAN=10
      20 g butter, half of it left over|butter=10
      300 ml milk, a tenth more today|milk-whole=340
      40 g sugar, a quarter more this time, 2 eggs|sugar-white=50,egg=100
      200 g flour, half more|wheat-flour-white=300
      sugar 50 g (old) / 20 g (new)|sugar-white=20
      sugar, old 50 g, new 20 g|sugar-white=20
      sugar: old 50 g, new 20 g. flour 200 g|sugar-white=20,wheat-flour-white=200
      sugar was 50 g, now 20 g|sugar-white=20
      50 g (before) → 20 g (now) sugar, 2 eggs|sugar-white=20,egg=100
      2 eggs, one was off, 200 g flour|egg=50,wheat-flour-white=200
      """;

  @Test
  void whatGotIntoTheBowlCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
