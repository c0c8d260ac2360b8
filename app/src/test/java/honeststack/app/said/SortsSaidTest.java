package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Sorts behind a comma, and what is done to a food in a list. */
class SortsSaidTest {
  private static final String TEXTS =
      """
      300 ml milk, skimmed|milk-skim=309
      300 ml milk, semi-skimmed|milk-reduced-fat=309
      300 ml milk, semi skimmed|milk-reduced-fat=309
      300 ml milk, whole|milk-whole=309
      300 ml milk, 2%|milk-reduced-fat=309
      300 ml milk, 1 %|milk-lowfat=309
      300 ml milk, full-fat|milk-whole=309
      300 ml milk, oat|oat-drink=309
      300 ml milk, soya|soy-drink=309
      300 ml milk (skimmed)|milk-skim=309
      300 ml milk (semi)|milk-reduced-fat=309
      200 g flour, wholemeal|wheat-flour-whole=200
      200 g flour, self-raising|wheat-flour-self-rising=200
      200 g flour, rye|rye-flour-medium=200
      200 g flour, strong white|wheat-flour-bread=200
      200 g flour, buckwheat|buckwheat-flour=200
      200 g flour (wholemeal)|wheat-flour-whole=200
      200 g flour (SR)|wheat-flour-self-rising=200
      50 g sugar, brown|sugar-brown=50
      50 g sugar, icing|sugar-icing=50
      50 g sugar, caster|sugar-white=50
      50 g sugar (brown)|sugar-brown=50
      100 g yogurt, plain|yogurt-whole=100
      100 g cheese, cottage|cottage-cheese=100
      100 g cheese, cream|cream-cheese=100
      100 g cheese, cheddar|cheddar=100
      20 g oil, olive|oil-olive=20
      20 g oil, coconut|oil-coconut=20
      20 g butter, peanut|peanut-butter=20
      20 g syrup, maple|maple-syrup=20
      20 g syrup, golden|golden-syrup=20
      100 g oats, rolled|oats-rolled=100
      100 g oats, quick|oats-quick=100
      100 g chocolate, dark|chocolate-dark=100
      100 ml cream, double|cream-double=98
      7 g yeast, instant|yeast-dry=7
      20 g yeast, fresh|yeast-fresh=20
      2 eggs, duck|egg-duck=140
      1 tsp extract, vanilla|vanilla-extract=4
      1 tsp ginger, ground|ginger-ground=2
      20 g ginger, fresh|ginger-root=20
      100 g rice, cooked|rice-cooked=100
      100 g lentils, dry|lentils-raw=100
      200 g flour, note 1|wheat-flour-white=200
      200 g flour (see note 2)|wheat-flour-white=200
      200 g flour, see note 2, 2 eggs|egg=100,wheat-flour-white=200
      """;

  @Test
  void whatStandsBehindANameSaysWhichSort() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
