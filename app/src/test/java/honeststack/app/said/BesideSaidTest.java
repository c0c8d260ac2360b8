package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Amounts told beside the one that counts: of the pack, before and after, what it was. */
class BesideSaidTest {
  private static final String TEXTS =
      """
      flour: 400 g before, 100 g after|wheat-flour-white=300
      150 ml milk, 2 eggs. flour: 500 g before, 200 g after|wheat-flour-white=300,egg=100,milk-whole=155
      2 eggs⏎ricotta: started with 400 g, 250 g left⏎7 g salt|ricotta-whole=150,egg=100,salt=7
      oats 500 g → 380 g left in the tub⏎2 eggs|oats-rolled=120,egg=100
      There were 300 g oats, now there are 180 g.|oats-rolled=120
      150 ml milk, 2 eggs. There were 150 g sugar, now there are 120 g.|sugar-white=30,egg=100,milk-whole=155
      2 eggs⏎I had 300 g of oats and 180 g are left.⏎7 g salt|oats-rolled=120,egg=100,salt=7
      2 eggs⏎The sugar tub weighed 150 g before and 120 g after.⏎7 g salt|sugar-white=30,egg=100,salt=7
      40 g butter (of a 250 g pack)⏎2 eggs|butter=40,egg=100
      60 g butter from a 100 g bag|butter=60
      150 ml milk, 2 eggs. 50 g sugar from a 150 g bag|sugar-white=50,egg=100,milk-whole=155
      2 eggs⏎Open a 250 g pack of ricotta and weigh out 150 g.⏎7 g salt|ricotta-whole=150,egg=100,salt=7
      150 g ricotta out of 400 g⏎2 eggs|ricotta-whole=150,egg=100
      a 100 g tub of butter, I use 40 g|butter=40
      150 ml milk, 2 eggs. a 250 g tub of ricotta, I use 150 g|ricotta-whole=150,egg=100,milk-whole=155
      2 eggs⏎250 g butter, of which 40 g go in⏎7 g salt|butter=40,egg=100,salt=7
      Take 100 g from the 400 g of ricotta.⏎2 eggs|ricotta-whole=100,egg=100
      ricotta, 100 g (400 g pack)|ricotta-whole=100
      150 ml milk, 2 eggs. sugar, 50 g (150 g pack)|sugar-white=50,egg=100,milk-whole=155
      2 eggs⏎150 g sugar bought, 30 g used⏎7 g salt|sugar-white=30,egg=100,salt=7
      I bought 300 g oats and used 80 g of it.⏎2 eggs|oats-rolled=80,egg=100
      40 g butter used, 210 g left|butter=40
      150 ml milk, 2 eggs. 100 g ricotta used, 300 g left|ricotta-whole=100,egg=100,milk-whole=155
      2 eggs⏎150 g ricotta; the other 250 g go back in the fridge⏎7 g salt|ricotta-whole=150,egg=100,salt=7
      150 g ricotta, leaves me 250 g for tomorrow⏎2 eggs|ricotta-whole=150,egg=100
      A 500 g pack of oats minus 380 g|oats-rolled=120
      150 ml milk, 2 eggs. A 500 g pack of flour minus 200 g|wheat-flour-white=300,egg=100,milk-whole=155
      2 eggs⏎all but 420 g of a 500 g pack of oats⏎7 g salt|oats-rolled=80,egg=100,salt=7
      butter: 40 g was 30 g⏎2 eggs|butter=40,egg=100
      flour 320 → 300 g|wheat-flour-white=300
      150 ml milk, 2 eggs. sugar 20 → 30 g|sugar-white=30,egg=100,milk-whole=155
      2 eggs⏎butter 60 g (was 90 g)⏎7 g salt|butter=60,egg=100,salt=7
      flour 300 g, last time 320 g⏎2 eggs|wheat-flour-white=300,egg=100
      flour 300 g instead of 330 g|wheat-flour-white=300
      150 ml milk, 2 eggs. ricotta 100 g instead of 90 g|ricotta-whole=100,egg=100,milk-whole=155
      2 eggs⏎100 g ricotta (down from 90)⏎7 g salt|ricotta-whole=100,egg=100,salt=7
      250 g flour, up from 280 g⏎2 eggs|wheat-flour-white=250,egg=100
      ricotta, now 150 g, before 140 g|ricotta-whole=150
      150 ml milk, 2 eggs. ricotta, now 150 g, before 180 g|ricotta-whole=150,egg=100,milk-whole=155
      2 eggs⏎150 g ricotta, the recipe had 140⏎7 g salt|ricotta-whole=150,egg=100,salt=7
      40 rather than 30 g butter⏎2 eggs|butter=40,egg=100
      not 150 g but 120 g oats|oats-rolled=120
      150 ml milk, 2 eggs. not 280 g but 250 g flour|wheat-flour-white=250,egg=100,milk-whole=155
      2 eggs⏎150 g, not 170 g, of ricotta⏎7 g salt|ricotta-whole=150,egg=100,salt=7
      50 g butter felt too much so 60 g⏎2 eggs|butter=60,egg=100
      reduced the ricotta from 130 g to 100 g|ricotta-whole=100
      150 ml milk, 2 eggs. reduced the flour from 320 g to 300 g|wheat-flour-white=300,egg=100,milk-whole=155
      2 eggs⏎sugar: recipe 20 g, mine 30 g⏎7 g salt|sugar-white=30,egg=100,salt=7
      """;

  @Test
  void thatCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
