package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Amounts and names as they are typed, pasted and misheard. */
class TypedSaidTest {
  private static final String TEXTS =
      """
      2cups flour,1c milk,2egg|egg=100,milk-whole=244,wheat-flour-white=270
      1-1/2 c. flour|wheat-flour-white=203
      1½C flour|wheat-flour-white=203
      250gr flour|wheat-flour-white=250
      ½tsp salt|salt=3
      2 tbs. sugar|sugar-white=25
      1 Tbl sugar|sugar-white=13
      3tblsp sugar|sugar-white=37
      0,5 l milk|milk-whole=516
      1/2kg flour|wheat-flour-white=500
      8fl.oz milk|milk-whole=244
      1 cup-ish flour|wheat-flour-white=135
      2x eggs|egg=100
      eggs (x2)|egg=100
      egg*2|egg=100
      eggs:2|egg=100
      2 egg, 1 banana smashed|banana=118,egg=100
      flower 200g suger 30g|sugar-white=30,wheat-flour-white=200
      butermilk 250 ml|buttermilk=256
      1 tsp bakin powder|baking-powder=5
      1 tsp vanila|vanilla-extract=4
      1/2 tsp cinamon|cinnamon=1
      100 g blueberrys|blueberries=100
      100 g yoghourt|yogurt-whole=100
      30 g margerine|margarine=30
      200 g self raising flower|wheat-flour-self-rising=200
      to eggs and 200 g flour|egg=100,wheat-flour-white=200
      won cup of flour|wheat-flour-white=135
      ate ounces of flour|wheat-flour-white=227
      for tablespoons sugar|sugar-white=50
      a pinch assault|salt=0
      too cups of milk|milk-whole=488
      1 tea spoon salt|salt=6
      1 table spoon sugar|sugar-white=13
      2 dessert spoons honey|honey=28
      3 heaped tea spoons baking powder|baking-powder=20
      1/2 a cup of milk|milk-whole=122
      a 1/2 cup of milk|milk-whole=122
      half of a cup of milk|milk-whole=122
      one half cup milk|milk-whole=122
      one and 1/2 cups flour|wheat-flour-white=203
      1 and a half cups of flour|wheat-flour-white=203
      1 1/2cups flour|wheat-flour-white=203
      1.1/2 cups flour|wheat-flour-white=203
      1 ½ cup(s) flour|wheat-flour-white=203
      2 (two) eggs|egg=100
      two (2) eggs|egg=100
      2 eggs (2)|egg=100
      1 (one) cup flour|wheat-flour-white=135
      flour - 2 cups / milk - 1 cup / egg - 1|egg=50,milk-whole=244,wheat-flour-white=270
      flour…200 g|wheat-flour-white=200
      flour ....... 200 g|wheat-flour-white=200
      flour____200 g|wheat-flour-white=200
      flour 200 g; milk 300 ml; 2 eggs;|egg=100,milk-whole=309,wheat-flour-white=200
      [ ] 200 g flour [x] 2 eggs|egg=100,wheat-flour-white=200
      ☐ 200 g flour ☐ 2 eggs|egg=100,wheat-flour-white=200
      ✓ 200 g flour ✓ 2 eggs|egg=100,wheat-flour-white=200
      1) 200 g flour 2) 2 eggs 3) 300 ml milk|egg=100,milk-whole=309,wheat-flour-white=200
      a) 200 g flour b) 2 eggs|egg=100,wheat-flour-white=200
      i. 200 g flour ii. 2 eggs|egg=100,wheat-flour-white=200
      200 g flour (a), 2 eggs (b)|egg=100,wheat-flour-white=200
      200g/7oz flour, 300ml/10fl oz milk|milk-whole=309,wheat-flour-white=200
      7 oz (200 g) flour|wheat-flour-white=200
      200 g = 7 oz flour|wheat-flour-white=200
      1 cup / 135 g / 4.8 oz flour|wheat-flour-white=135
      1 cup flour = 135 g|wheat-flour-white=135
      1 cup flour → 135 g|wheat-flour-white=135
      2 eggs = 100 g|egg=100
      butter 1 stick = 113 g|butter=113
      flour, 200 g +/- 10|wheat-flour-white=200
      flour 200 g ± 10 g|wheat-flour-white=200
      200-ish g flour|wheat-flour-white=200
      200ish grams of flour|wheat-flour-white=200
      ~200 g flour|wheat-flour-white=200
      >200 g flour|wheat-flour-white=200
      200+ g flour|wheat-flour-white=200
      200 g flour + more|wheat-flour-white=200
      200 g flour or so|wheat-flour-white=200
      200 g flour give or take|wheat-flour-white=200
      just shy of 200 g flour|wheat-flour-white=200
      a touch over 200 g flour|wheat-flour-white=200
      200 g flour, bang on|wheat-flour-white=200
      200 g flour exactly, no more|wheat-flour-white=200
      no more than 200 g flour|wheat-flour-white=200
      max 200 g flour|wheat-flour-white=200
      at least 200 g flour|wheat-flour-white=200
      200 g flour # half @ 2 eggs|egg=100,wheat-flour-white=200
      """;

  @Test
  void oddlyWrittenIsUnderstood() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
