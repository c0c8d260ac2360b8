package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * Fillings, sauces and the like that are made by themselves: "The compote is 300 g berries and 30 g
 * sugar."
 */
class SidesSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 300 ml milk, 2 eggs. My topping has 3 apples and 20 g butter in it.|apple=546@PLATE,butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Meanwhile cook 300 g frozen blueberries and 30 g sugar to a compote.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. With a compote of 300 g frozen blueberries and 30 g sugar.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The sauce's just 100 g dark chocolate and 100 ml double cream.|chocolate-dark=100@PLATE,cream-double=100@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Topping – 3 apples and 20 g butter|apple=546@PLATE,butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. For the filling: 200 g ricotta and 20 g sugar.|egg=100,milk-whole=309,ricotta-whole=200@PLATE,sugar-white=20@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. 100 g honey and 50 ml orange juice go into the syrup.|egg=100,honey=100@PLATE,milk-whole=309,orange-juice=52@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Topping (3 apples and 20 g butter)|apple=546@PLATE,butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. To go with it a sauce, 100 g dark chocolate and 100 ml double cream.|chocolate-dark=100@PLATE,cream-double=100@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. My compote has 300 g frozen blueberries and 30 g sugar in it.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. 100 g honey and 50 ml orange juice for the syrup.|egg=100,honey=100@PLATE,milk-whole=309,orange-juice=52@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. For the topping I use 3 apples and 20 g butter.|apple=546@PLATE,butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Compote – 300 g frozen blueberries and 30 g sugar|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. With a sauce of 100 g dark chocolate and 100 ml double cream.|chocolate-dark=100@PLATE,cream-double=100@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. 300 g frozen blueberries and 30 g sugar make the compote.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. 200 g ricotta and 20 g sugar go into the filling.|egg=100,milk-whole=309,ricotta-whole=200@PLATE,sugar-white=20@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. For the syrup: 100 g honey and 50 ml orange juice.|egg=100,honey=100@PLATE,milk-whole=309,orange-juice=52@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Meanwhile cook 3 apples and 20 g butter to a topping.|apple=546@PLATE,butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. And a cream of 200 ml double cream and 10 g icing sugar.|cream-double=200@PLATE,egg=100,milk-whole=309,sugar-icing=10@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The topping is 3 apples and 20 g butter.|apple=546@PLATE,butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Meanwhile cook 100 g dark chocolate and 100 ml double cream to a sauce.|chocolate-dark=100@PLATE,cream-double=100@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I make a topping from 3 apples and 20 g butter.|apple=546@PLATE,butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The filling takes 200 g ricotta and 20 g sugar.|egg=100,milk-whole=309,ricotta-whole=200@PLATE,sugar-white=20@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. I make a sauce from 100 g dark chocolate and 100 ml double cream.|chocolate-dark=100@PLATE,cream-double=100@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. While it rests make the compote: 300 g frozen blueberries and 30 g sugar.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. To go with it a compote, 300 g frozen blueberries and 30 g sugar.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The topping's just 3 apples and 20 g butter.|apple=546@PLATE,butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. For the compote I use 300 g frozen blueberries and 30 g sugar.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      The cream is 200 ml double cream, whipped. Then 30 g sugar. For the pancakes 200 g flour, 300 ml milk, 2 eggs.|cream-double=196@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. For the filling I take 200 g ricotta. Sweeten it with 30 g sugar.|egg=100,milk-whole=309,ricotta-whole=200@PLATE,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. For the compote: 300 g frozen blueberries. 30 g sugar in there too.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      The sauce is 100 g dark chocolate. Simmer with 30 g sugar. For the pancakes 200 g flour, 300 ml milk, 2 eggs.|chocolate-dark=100@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The sauce is 100 g dark chocolate. Then 30 g sugar.|chocolate-dark=100@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The sauce is 100 g dark chocolate. With 30 g of sugar.|chocolate-dark=100@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The cream is 200 ml double cream, whipped. Then 30 g sugar.|cream-double=196@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The sauce is 100 g dark chocolate. It gets 30 g sugar.|chocolate-dark=100@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      The cream is 200 ml double cream, whipped. Stir in 20 g butter. The batter is 200 g flour, 300 ml milk, 2 eggs.|butter=20@PLATE,cream-double=196@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. For the compote: 300 g frozen blueberries. Stir in 20 g butter.|blueberries-frozen=300@PLATE,butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The cream is 200 ml double cream, whipped. With 30 g of sugar.|cream-double=196@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      The sauce is 100 g dark chocolate. Then 30 g sugar. The batter is 200 g flour, 300 ml milk, 2 eggs.|chocolate-dark=100@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The sauce is 100 g dark chocolate. And 1 tsp vanilla extract.|chocolate-dark=100@PLATE,egg=100,milk-whole=309,vanilla-extract=4@PLATE,wheat-flour-white=200
      The sauce is 100 g dark chocolate. With 30 g of sugar. The batter is 200 g flour, 300 ml milk, 2 eggs.|chocolate-dark=100@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. The cream is 200 ml double cream, whipped. And 1 tsp vanilla extract.|cream-double=196@PLATE,egg=100,milk-whole=309,vanilla-extract=4@PLATE,wheat-flour-white=200
      The cream is 200 ml double cream, whipped. 30 g sugar in there too. The batter is 200 g flour, 300 ml milk, 2 eggs.|cream-double=196@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      For the compote: 300 g frozen blueberries. Add 30 g sugar. The batter is 200 g flour, 300 ml milk, 2 eggs.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-white=30@PLATE,wheat-flour-white=200
      For the compote: 300 g frozen blueberries. Fold in 10 g icing sugar. The batter is 200 g flour, 300 ml milk, 2 eggs.|blueberries-frozen=300@PLATE,egg=100,milk-whole=309,sugar-icing=10@PLATE,wheat-flour-white=200
      """;

  @Test
  void putsWhatTheyAreMadeOfOnThePlate() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
