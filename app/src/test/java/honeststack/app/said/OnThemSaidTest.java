package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** What lies on each, in each, or goes with all of them, told behind how many there are. */
class OnThemSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Filled each one with 10 g ham.|egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Each one was filled with 10 g ham.|egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. I filled them with 80 g ham altogether.|egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. In each one went 10 g of ham.|egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Every one got 10 g of ham.|egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Each gets 10 g ham and 5 g butter.|butter=40@PLATE,egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. 10 g of ham in each.|egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. 10 g ham per pancake.|egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Rolled up with 10 g of ham each.|egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Folded round 10 g ham each.|egg=100,ham=80@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Spread each with 5 g jam.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Spread with jam, 5 g each.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Each one spread with 5 g of jam.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. 5 g jam went on each one.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. I put 5 g of jam on each.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. I put 5 g of jam on four of them.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Four with 5 g jam each, four plain.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Half of them got 5 g jam each.|egg=100,jam=20@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. On top went 40 g jam in all.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. We finished 40 g of jam with them.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. We got through 40 g of jam.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. 40 g of jam was gone by the end.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. With jam, 40 g between us.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. With smoked salmon, 100 g between the two of us.|egg=100,milk-whole=309,salmon-smoked=100@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Smoked salmon, 100 g between us.|egg=100,milk-whole=309,salmon-smoked=100@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Served with 100 g of smoked salmon shared out.|egg=100,milk-whole=309,salmon-smoked=100@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Topped with 100 g smoked salmon in total.|egg=100,milk-whole=309,salmon-smoked=100@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Sandwiched in pairs with 40 g jam.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Stacked with 40 g jam in between.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Layered with 40 g of jam.|egg=100,jam=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Drowned in 40 g of honey.|egg=100,honey=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Dunked in 40 g honey.|egg=100,honey=40@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Brushed with 20 g melted butter while hot.|butter=20@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Buttered, 5 g each.|butter=40@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Buttered, call it 5 g each.|butter=40@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. I butter them while hot, about 5 g on each.|butter=40@PLATE,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. A bowl of 200 g strawberries on the table.|egg=100,milk-whole=309,strawberries=200@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. 200 g strawberries alongside.|egg=100,milk-whole=309,strawberries=200@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. 200 g strawberries on the side.|egg=100,milk-whole=309,strawberries=200@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. We had 200 g of strawberries with them.|egg=100,milk-whole=309,strawberries=200@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. Strawberries to go with it, 200 g.|egg=100,milk-whole=309,strawberries=200@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Makes 8. A punnet of strawberries (200 g) over the top.|egg=100,milk-whole=309,strawberries=200@PLATE,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. 15 g honey each.|egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. Everyone had 15 g honey.|egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. 15 g honey per person.|egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. 15 g honey on every plate.|egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. Honey: 15 g a head.|egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. We all had honey, 15 g each.|egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. I measured 15 g of honey onto each plate.|egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. 60 g honey for the table.|egg=100,honey=60@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. The honey jar went down by 60 g.|egg=100,honey=60@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. The jar weighed 60 g less after.|?=1,egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. Mine had 15 g honey, the others had theirs plain.|egg=100,honey=15@PLATE,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. No topping.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. Eaten plain.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. Nothing on them.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. We ate them dry.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Serves 4. Syrup? No, plain.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2 eggs. Twelve, two of which burnt. I ate four, my son the other six. Each one got 5 g jam.|egg=100,jam=50@PLATE,milk-whole=309,wheat-flour-white=200;pieces 10;serves 2
      """;

  @Test
  void itLiesOnThePlate() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
