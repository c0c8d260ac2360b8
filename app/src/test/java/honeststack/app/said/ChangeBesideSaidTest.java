package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** One change told beside what goes on top and into the pan: nothing else gives way to it. */
class ChangeBesideSaidTest {
  private static final String TEXTS =
      """
      It is 240 g buttermilk, 40 g butter and 25 g honey. This time 75 g sugar instead of the honey. We put 35 g butter on them. I fried them all in 11 g butter.|buttermilk=240,butter=40,sugar-white=75,butter@PLATE=35,butter@PAN=11
      It is 40 g butter, 120 g ricotta and 30 g sugar. We put 55 g maple syrup on them. I fried them all in 8 g ghee. No ricotta today, 75 g flour instead.|butter=40,sugar-white=30,wheat-flour-white=75,maple-syrup@PLATE=55,ghee@PAN=8
      90 g oat flour⏎200 g flour⏎40 g butter⏎I fried them all in 8 g ghee. No flour today, 105 g sugar instead.|oat-flour=90,butter=40,sugar-white=105,ghee@PAN=8
      It is 250 g milk, 40 g butter and 120 g ricotta. I fried them all in 8 g ghee. 55 g maple syrup on top. Use 105 g yogurt instead of the ricotta.|milk-whole=250,butter=40,yogurt-whole=105,ghee@PAN=8,maple-syrup@PLATE=55
      25 g honey, 250 g milk, 200 g flour. I fried them all in 5 g ghee. This time 75 g yogurt instead of the flour.|honey=25,milk-whole=250,yogurt-whole=75,ghee@PAN=5
      240 g buttermilk⏎120 g ricotta⏎40 g butter⏎Use 45 g oat flour instead of the ricotta. I fried them all in 11 g butter. Served with 35 g honey.|buttermilk=240,butter=40,oat-flour=45,butter@PAN=11,honey@PLATE=35
      150 g yogurt⏎90 g oat flour⏎240 g buttermilk⏎This time 75 g milk instead of the oat flour. I fried them all in 8 g butter.|yogurt-whole=150,buttermilk=240,milk-whole=75,butter@PAN=8
      250 g milk, 150 g yogurt and 90 g oat flour. This time 45 g butter instead of the milk. 15 g butter on top. I fried them all in 8 g ghee.|yogurt-whole=150,oat-flour=90,butter=45,butter@PLATE=15,ghee@PAN=8
      It is 40 g butter, 120 g ricotta and 90 g oat flour. No oat flour today, 45 g flour instead. The pan got 5 g oil. Served with 55 g honey.|butter=40,ricotta-whole=120,wheat-flour-white=45,oil-sunflower@PAN=5,honey@PLATE=55
      25 g honey, 250 g milk, 200 g flour. No honey today, 105 g buttermilk instead. Fried in 8 g ghee. 15 g butter on top.|milk-whole=250,wheat-flour-white=200,buttermilk=105,ghee@PAN=8,butter@PLATE=15
      30 g sugar, 240 g buttermilk and 150 g yogurt. 15 g blueberries poured over at the table. 8 g oil in the pan. No buttermilk today, 45 g honey instead.|sugar-white=30,yogurt-whole=150,honey=45,blueberries@PLATE=15,oil-sunflower@PAN=8
      30 g sugar, 120 g ricotta, 40 g butter. 5 g butter for frying. Over the stack, 55 g yogurt. No ricotta today, 75 g yogurt instead.|sugar-white=30,butter=40,yogurt-whole=75,butter@PAN=5,yogurt-whole@PLATE=55
      250 g milk, 150 g yogurt and 120 g ricotta. No ricotta today, 75 g oat flour instead. 11 g ghee in the pan.|milk-whole=250,yogurt-whole=150,oat-flour=75,ghee@PAN=11
      90 g oat flour, 40 g butter, 200 g flour. At the table 55 g yogurt over them. Fried in 5 g butter. No oat flour today, 45 g honey instead.|butter=40,wheat-flour-white=200,honey=45,yogurt-whole@PLATE=55,butter@PAN=5
      40 g butter, 240 g buttermilk, 120 g ricotta. 5 g butter in the pan. No buttermilk today, 105 g yogurt instead.|butter=40,ricotta-whole=120,yogurt-whole=105,butter@PAN=5
      25 g honey, 40 g butter and 150 g yogurt. The pan got 5 g oil. We put 35 g maple syrup on them. No honey today, 45 g sugar instead.|butter=40,yogurt-whole=150,sugar-white=45,oil-sunflower@PAN=5,maple-syrup@PLATE=35
      It is 30 g sugar, 150 g yogurt and 25 g honey. Over the stack, 35 g yogurt.|sugar-white=30,yogurt-whole=150,honey=25,yogurt-whole@PLATE=35
      150 g yogurt, 120 g ricotta and 25 g honey.|yogurt-whole=150,ricotta-whole=120,honey=25
      150 g yogurt⏎120 g ricotta⏎40 g butter⏎The pan got 5 g oil.|yogurt-whole=150,ricotta-whole=120,butter=40,oil-sunflower@PAN=5
      250 g milk, 150 g yogurt and 40 g butter. Use 45 g sugar instead of the butter.|milk-whole=250,yogurt-whole=150,sugar-white=45
      40 g butter, 240 g buttermilk and 200 g flour. Correction: 270 g buttermilk. 35 g blueberries poured over at the table. Fried in 11 g ghee.|butter=40,buttermilk=270,wheat-flour-white=200,blueberries@PLATE=35,ghee@PAN=11
      It is 240 g buttermilk, 40 g butter and 25 g honey. Leave out the buttermilk.|butter=40,honey=25
      200 g flour, 240 g buttermilk, 250 g milk. 15 g blueberries on top. 8 g oil in the pan.|wheat-flour-white=200,buttermilk=240,milk-whole=250,blueberries@PLATE=15,oil-sunflower@PAN=8
      250 g milk, 90 g oat flour, 40 g butter. On top 55 g yogurt.|milk-whole=250,oat-flour=90,butter=40,yogurt-whole@PLATE=55
      25 g honey⏎90 g oat flour⏎200 g flour⏎At the table 55 g yogurt over them. I melt 8 g oil in the pan first. No oat flour after all.|honey=25,wheat-flour-white=200,yogurt-whole@PLATE=55,oil-sunflower@PAN=8
      150 g yogurt⏎240 g buttermilk⏎200 g flour⏎We put 15 g honey on them. Sorry, 180 g yogurt.|yogurt-whole=180,buttermilk=240,wheat-flour-white=200,honey@PLATE=15
      150 g yogurt⏎250 g milk⏎200 g flour⏎Milk: 280 g, not 250 g.|yogurt-whole=150,milk-whole=280,wheat-flour-white=200
      150 g yogurt, 250 g milk, 30 g sugar. On top 15 g butter.|yogurt-whole=150,milk-whole=250,sugar-white=30,butter@PLATE=15
      It is 240 g buttermilk, 30 g sugar and 25 g honey. I melt 8 g ghee in the pan first. On top 15 g blueberries.|buttermilk=240,sugar-white=30,honey=25,ghee@PAN=8,blueberries@PLATE=15
      Cook on a hot griddle 2 min a side with 10 g butter.|butter@PAN=10
      flour 300, milk 500, eggs 4, oil 30, salt 5 (all g but the eggs)|wheat-flour-white=300,milk-whole=500,egg=200,oil-sunflower=30,salt=5
      """;

  @Test
  void nothingElseGivesWay() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
