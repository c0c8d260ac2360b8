package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.said.told.Told;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** How many come out and whom they serve, in the many ways in which it is said. */
class CountsSaidTest {
  private final Listener listener = new Listener();

  private static String count(String letter, Optional<Told.Count> count) {
    return count
        .map(
            n -> {
              long low = Math.round(n.low());
              long high = Math.round(n.high());
              return letter + (low == high ? "" + low : low + "-" + high);
            })
        .orElse("");
  }

  /** y: pieces, s: people. */
  @Test
  void whatComesOutAndWhomItServesIsReadInEveryWording() {
    String counts =
        """
        makes 12|y12
        makes about 12|y12
        makes 12 pancakes|y12
        makes 10-12|y10-12
        makes 10 to 12 pancakes|y10-12
        makes ten or twelve|y10-12
        yield: 12|y12
        Yield: 12 pancakes|y12
        Yields 12|y12
        yields about a dozen|y12
        yields two dozen|y24
        I get 12|y12
        I get 12 out of it|y12
        we get about 12 from this|y12
        you'll get 12|y12
        you should get 12|y12
        it gives 12|y12
        gives 12 pancakes|y12
        that's 12 pancakes|y12
        that's enough for 12 pancakes|y12
        enough for 12 waffles|y12
        12 pancakes|y12
        12 small pancakes|y12
        12 waffles, large|y12
        about 12 pancakes|y12
        (12 pancakes)|y12
        (makes 12)|y12
        Makes: 12|y12
        makes 12.|y12
        it makes twelve|y12
        made 12|y12
        it made 12 in the end|y12
        came to 12|y12
        comes out at 12|y12
        12 came out|y12
        12 in all|y12
        12 altogether|y12
        12 pieces|y12
        12 pcs|y12
        12 pc|y12
        gets me 12|y12
        got 12 out of the batch|y12
        batch makes 12|y12
        recipe makes 12|y12
        the recipe yields 12 pancakes|y12
        produces 12|y12
        enough batter for 12|y12
        batter for 12 pancakes|y12
        for 12 pancakes|y12
        for 12 waffles|y12
        quantity: 12|y12
        number: 12|y12
        No. of pancakes: 12|y12
        serves 4|s4
        Serves: 4|s4
        serves 4 people|s4
        serves four|s4
        serves 4-6|s4-6
        serves 4 to 6|s4-6
        serves 4 or 5|s4-5
        feeds 4|s4
        feeds 4 people|s4
        feeds four hungry people|s4
        feeds a family of 4|s4
        enough for 4|s4
        enough for 4 people|s4
        enough for four of us|s4
        for 4|s4
        for 4 people|s4
        for four people|s4
        for 4 persons|s4
        4 servings|s4
        4 portions|s4
        Servings: 4|s4
        Portions: 4|s4
        portions 4|s4
        (serves 4)|s4
        (4 servings)|s4
        (for 4)|s4
        there are 4 of us|s4
        there's four of us|s4
        we are 4|s4
        we're 4|s4
        4 of us eat it|s4
        it does 4|s4
        does 4 people|s4
        does four of us|s4
        split between 4|s4
        divided by 4|s4
        shared between 4|s4
        between 4 people|s4
        4 people|s4
        4 guests|s4
        4 kids|s4
        4 adults|s4
        2 adults and 2 kids|s4
        dinner for 4|s4
        breakfast for four|s4
        makes 4 servings|s4
        makes 4 portions|s4
        yield 4 servings|s4
        Yield: 4 portions|s4
        makes 12, serves 4|y12 s4
        makes 12 (serves 4)|y12 s4
        serves 4 (12 pancakes)|y12 s4
        12 pancakes for 4 people|y12 s4
        12 pancakes, 4 servings|y12 s4
        serves 4, makes 12|y12 s4
        12 pancakes serving 4|y12 s4
        makes 12 pancakes to serve 4|y12 s4
        makes enough for 4, three each|y12 s4
        serves 4, 3 pancakes each|y12 s4
        4 people, 3 each|y12 s4
        """;
    List<String> wrong = new ArrayList<>();
    for (String line : counts.lines().toList()) {
      String[] parts = line.strip().split("\\|");
      List<String> texts =
          List.of(
              parts[0],
              "200 g flour, 2 eggs, 300 ml milk, " + parts[0],
              "200 g flour, 2 eggs and 300 ml milk. " + parts[0] + ".",
              "My pancakes\n" + parts[0] + "\n200 g flour\n2 eggs\n300 ml milk");
      for (String text : texts) {
        Told told = listener.told(text);
        String got = (count("y", told.pieces()) + " " + count("s", told.serves())).strip();
        boolean foods = told.lines().size() == (text.contains("flour") ? 3 : 0);
        if (!got.equals(parts[1]) || !foods) {
          wrong.add(text.replace('\n', '⏎') + " → " + got + " " + told.lines());
        }
      }
    }
    assertThat(wrong).isEmpty();
  }
}
