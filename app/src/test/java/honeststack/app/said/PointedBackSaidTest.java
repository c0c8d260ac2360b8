package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A sentence that corrects one before it, and of a range the number that was taken. */
class PointedBackSaidTest {
  private static final String TEXTS =
      """
      250 g flour, 2 eggs, 300 ml milk. Correction: flour 200 g.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. I meant 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Sorry, 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Make that 200 g of flour.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. No wait, the flour was 200 g.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. The flour should be 200.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. It's 200 g flour, not 250.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Not 250 but 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. I wrote 250 g flour, it's 200.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Above I said 250 g of flour, that's wrong, 200.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. PS: 200 g flour, sorry.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Edit: 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Oops, flour is 200 g.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Actually I checked, 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Scrap that, 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. On second thoughts 200 g flour.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Flour: 200 g rather than 250.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Change the flour to 200 g.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Flour down to 200 g.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. Take 50 g off the flour.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. 50 g less flour than that.|egg=100,milk-whole=309,wheat-flour-white=200
      250 g flour, 2 eggs, 300 ml milk. That's 50 g too much flour, so 200.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 3 eggs, 300 ml milk. Two eggs, sorry.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 3 eggs, 300 ml milk. I mean two eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 3 eggs, 300 ml milk. No, two eggs.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 3 eggs, 300 ml milk. Only two eggs actually.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 3 eggs, 300 ml milk. One egg too many, it's two.|egg=100,milk-whole=309,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. I said milk but I meant buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Not milk, buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Buttermilk, I mean.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Buttermilk, sorry, not milk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. That's buttermilk, not milk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. The milk is actually buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. When I say milk I mean buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. For milk read buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk – sorry, buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk, no, buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Correction, buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Make that buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      200 g flour, 2 eggs, 300 ml milk. Change milk to buttermilk.|buttermilk=307,egg=100,wheat-flour-white=200
      2-3 eggs, I used 3, 200 g flour, 300 ml milk|egg=150,milk-whole=309,wheat-flour-white=200
      2 or 3 eggs, today 3, 200 g flour, 300 ml milk|egg=150,milk-whole=309,wheat-flour-white=200
      2 to 3 eggs (3 today), 200 g flour, 300 ml milk|egg=150,milk-whole=309,wheat-flour-white=200
      between two and three eggs, went for three, 200 g flour, 300 ml milk|egg=150,milk-whole=309,wheat-flour-white=200
      The recipe says 2 to 3 eggs, I took 3. 200 g flour, 300 ml milk.|egg=150,milk-whole=309,wheat-flour-white=200
      It says two or three eggs, so I put three. 200 g flour, 300 ml milk.|egg=150,milk-whole=309,wheat-flour-white=200
      2–3 eggs: 3. 200 g flour. 300 ml milk.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2-3 eggs. I used 3.|egg=150,milk-whole=309,wheat-flour-white=200
      200 g flour, 300 ml milk, 2-3 eggs. Three, in my case.|egg=150,milk-whole=309,wheat-flour-white=200
      3 eggs, 2 would do, 200 g flour, 300 ml milk|egg=150,milk-whole=309,wheat-flour-white=200
      3 eggs though 2 is enough, 200 g flour, 300 ml milk|egg=150,milk-whole=309,wheat-flour-white=200
      2 eggs, 300 ml milk, 180-220 g flour, I stopped at 200|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 300 ml milk, 180 to 220 g flour, it took 200|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 300 ml milk, between 180 and 220 g flour, today 200|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 300 ml milk, 180–220 g flour (200 this time)|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 300 ml milk, flour 180 to 220 g, used 200 g|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, 250 to 350 ml milk, I needed 300|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, 250-350 ml milk, until it's right, 300 today|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, milk somewhere between 250 and 350 ml, call it 300|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, 250 to 350 ml milk. 300 was right.|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, 250 to 350 ml milk. Mine took 300.|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, up to 350 ml milk, I used 300|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, at least 250 ml milk, 300 in my case|egg=100,milk-whole=309,wheat-flour-white=200
      2 eggs, 200 g flour, 300 ml milk (start with 250)|egg=100,milk-whole=309,wheat-flour-white=200
      """;

  @Test
  void whatIsSaidLastCounts() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
