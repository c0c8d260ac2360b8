package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One food that goes to several places, by round numbers. */
class SpokenSplitsTest {
  private static final Pattern AMOUNT = Pattern.compile("[\\d.]+( g| tbsp)?");

  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  private static String amount(Told.Line line) {
    Matcher amount = AMOUNT.matcher(line.text());
    return amount.find() ? amount.group() : line.text();
  }

  /** PA: the pan, PL: the plate, NO: not said, so the bowl. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          50 g butter, half in the batter and half for the pan                           | 25 g NO; 25 g PA
          50 g butter (half for the batter, half for the pan)                            | 25 g NO; 25 g PA
          50 g butter: 30 g for the batter, 20 g for the pan                             | 30 g NO; 20 g PA
          50 g butter, 30 in the batter and 20 in the pan                                | 30 g NO; 20 g PA
          50 g butter, 20 g of it for the pan                                            | 30 g NO; 20 g PA
          50 g butter, of which 20 g goes in the pan                                     | 30 g NO; 20 g PA
          50 g butter, keep 20 g for the pan                                             | 30 g NO; 20 g PA
          50 g butter, save 20 g for the pan                                             | 30 g NO; 20 g PA
          50 g butter (reserve 20 g for the pan)                                         | 30 g NO; 20 g PA
          50 g butter, reserving 20 g for frying                                         | 30 g NO; 20 g PA
          50 g butter, most in the batter, 10 g for the pan                              | 40 g NO; 10 g PA
          50 g butter, plus 10 g for the pan                                             | 50 g NO; 10 g PA
          50 g butter + 10 g for the pan                                                 | 50 g NO; 10 g PA
          50 g butter, plus another 10 g for frying                                      | 50 g NO; 10 g PA
          50 g butter and 10 g more for the pan                                          | 50 g NO; 10 g PA
          50 g butter plus 10 g extra for greasing                                       | 50 g NO; 10 g PA
          30 g butter for the batter and 20 g for the pan                                | 30 g NO; 20 g PA
          30 g butter for the batter, 20 g for the pan                                   | 30 g NO; 20 g PA
          30 g of butter in the batter, 20 g of butter in the pan                        | 30 g NO; 20 g PA
          butter: 30 g batter, 20 g pan                                                  | 30 g NO; 20 g PA
          butter, 30 g melted in, 20 g for the pan                                       | 30 g NO; 20 g PA
          30 g butter, melted, plus 20 g for frying                                      | 30 g NO; 20 g PA
          30 g melted butter and another 20 g for the iron                               | 30 g NO; 20 g PA
          butter: 50 g (30 g in the mix, 20 g for the pan)                               | 30 g NO; 20 g PA
          50 g butter, divided: 30 g for the batter, 20 g for the pan                    | 30 g NO; 20 g PA
          50 g butter, divided (30 g batter, 20 g pan)                                   | 30 g NO; 20 g PA
          50 g butter; use 30 g in the batter and the rest for the pan                   | 30 g NO; 20 g PA
          50 g butter, 30 g goes in the batter, the rest in the pan                      | 30 g NO; 20 g PA
          50 g butter, 30 g for the batter and the remaining 20 g for the pan            | 30 g NO; 20 g PA
          60 g butter, two thirds in the batter and a third for the pan                  | 40 g NO; 20 g PA
          60 g butter, a third kept for the pan                                          | 40 g NO; 20 g PA
          100 g sugar, half in the batter, half on top                                   | 50 g NO; 50 g PL
          100 g sugar: half in, half on top                                              | 50 g NO; 50 g PL
          100 g sugar, half stirred in and half to serve                                 | 50 g NO; 50 g PL
          100 g sugar, 60 g in the batter, 40 g to serve                                 | 60 g NO; 40 g PL
          100 g sugar, plus 40 g to serve                                                | 100 g NO; 40 g PL
          100 g sugar plus 40 g more for the top                                         | 100 g NO; 40 g PL
          100 g sugar, keep 30 g back for the top                                        | 70 g NO; 30 g PL
          100 g sugar, keeping 30 g for topping                                          | 70 g NO; 30 g PL
          100 g sugar and another 40 g to scatter over                                   | 100 g NO; 40 g PL
          60 g sugar in the batter and 40 g on top                                       | 60 g NO; 40 g PL
          60 g sugar in, 40 g on top                                                     | 60 g NO; 40 g PL
          sugar, 60 g in and 40 g on                                                     | 60 g NO; 40 g PL
          half of the 100 g sugar goes in, the other half on top                         | 50 g NO; 50 g PL
          60 g butter. Half goes in the batter, the other half is for brushing the iron. | 30 g NO; 30 g PA
          60 g butter. Half of it in the batter, the rest for the pan.                   | 30 g NO; 30 g PA
          100 g sugar. Keep 30 g for the top.                                            | 70 g NO; 30 g PL
          100 g sugar. Half in the batter, half on top.                                  | 50 g NO; 50 g PL
          200 g milk, 150 in the batter, 50 on top                                       | 150 g NO; 50 g PL
          200 g milk, 150 g in the batter and the rest on top                            | 150 g NO; 50 g PL
          200 g milk (150 g in the batter, 50 g to serve)                                | 150 g NO; 50 g PL
          200 g milk, 50 g of that on top                                                | 150 g NO; 50 g PL
          200 g milk, 50 g of which to serve                                             | 150 g NO; 50 g PL
          200 g milk, plus 50 g on top                                                   | 200 g NO; 50 g PL
          200 g milk + 50 g to serve                                                     | 200 g NO; 50 g PL
          200 g milk and a further 50 g to serve                                         | 200 g NO; 50 g PL
          200 g milk, with another 50 g on top                                           | 200 g NO; 50 g PL
          200 g milk for the batter plus 50 g for the top                                | 200 g NO; 50 g PL
          200 g milk in the batter and 50 g more on top                                  | 200 g NO; 50 g PL
          20 g sugar (15 g in the batter and 5 g for dusting)                            | 15 g NO; 5 g PL
          20 g sugar, three quarters in the batter, the rest for the top                 | 15 g NO; 5 g PL
          30 g oil, 20 in the batter, 10 for frying                                      | 20 g NO; 10 g PA
          30 g oil, 20 of it in the batter, the rest for frying                          | 20 g NO; 10 g PA
          30 g oil, of that 10 g for frying                                              | 20 g NO; 10 g PA
          30 g oil of which 10 g for frying                                              | 20 g NO; 10 g PA
          30 g oil – 10 g of that is for the pan                                         | 20 g NO; 10 g PA
          30 g oil in total, 20 g in the batter and 10 g for the pan                     | 20 g NO; 10 g PA
          30 g oil altogether: 20 g batter, 10 g pan                                     | 20 g NO; 10 g PA
          20 g oil in the batter, 10 g in the pan                                        | 20 g NO; 10 g PA
          20 g oil in the batter; 10 g in the pan                                        | 20 g NO; 10 g PA
          20 g oil in the batter + 10 g in the pan                                       | 20 g NO; 10 g PA
          20 g oil for the mix and then 10 g for the pan                                 | 20 g NO; 10 g PA
          oil: 20 g in the batter, 10 g for the pan                                      | 20 g NO; 10 g PA
          oil (20 g in the batter, 10 g for the pan)                                     | 20 g NO; 10 g PA
          oil 20 g in batter 10 g in pan                                                 | 20 g NO; 10 g PA
          oil - 20 g for batter, 10 g for pan                                            | 20 g NO; 10 g PA
          oil, 20 g for the batter and another 10 g for the pan                          | 20 g NO; 10 g PA
          I use 20 g of oil in the batter and another 10 g in the pan                    | 20 g NO; 10 g PA
          put 20 g of oil in the batter and 10 g in the pan                              | 20 g NO; 10 g PA
          melt 30 g butter, pour 20 g into the batter and keep the rest for the pan      | 20 g NO; 10 g PA
          melt 30 g butter; most goes into the batter, 10 g stays for the pan            | 20 g NO; 10 g PA
          30 g melted butter: stir two thirds into the batter, use the rest for the pan  | 20 g NO; 10 g PA
          2 pears, one in the batter, one sliced on top                                  | 1 NO; 1 PL
          4 eggs, three in the batter and one on top                                     | 3 NO; 1 PL
          2 tbsp sugar, plus 1 tbsp to sprinkle                                          | 2 tbsp NO; 1 tbsp PL
          4 tbsp sugar, half in the batter, half on top                                  | 2 tbsp NO; 2 tbsp PL
          3 tbsp sugar, 2 tbsp in the mix, the last one on top | 2 tbsp NO; 1 tbsp PL
          20 g oil. Keep 5 g for the pan, makes 8. | 15 g NO; 5 g PA
          200 g flour, 50 g butter, plus 10 g for the pan, 2 eggs                        | 200 g NO; 50 g NO; 10 g PA; 2 NO
          200 g flour, 50 g butter (30 g in the batter, 20 g for the pan), 2 eggs        | 200 g NO; 30 g NO; 20 g PA; 2 NO
          """)
  void someOfItGoesElsewhere(String text, String shares) {
    assertThat(
            telling.read(text).lines().stream()
                .map(line -> amount(line) + " " + line.place().name().substring(0, 2))
                .collect(Collectors.joining("; ")))
        .isEqualTo(shares);
  }

  /** Of the batter, of cakes, or into the bowl at another time: nothing of it goes elsewhere. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          200 g flour, 400 g milk. Pour half into the pan.                | 200 g NO; 400 g NO
          200 g flour, 400 g milk. Pour half of it into the pan.          | 200 g NO; 400 g NO
          200 g flour, 400 g milk. Fry half in the pan, half in the iron. | 200 g NO; 400 g NO
          200 g flour, 400 g milk. Keep 3 for the plate.                  | 200 g NO; 400 g NO
          200 g flour, 400 g milk. Put 60 ml in the pan.                  | 200 g NO; 400 g NO
          200 g flour, 60 g butter. Put half in the pan.                  | 200 g NO; 60 g NO
          some butter. 2 for the pan, 1 in the batter.                    | butter NO
          400 g milk, half in the bowl, the rest to thin the batter       | 400 g NO
          400 g milk, 300 g in the batter, 100 g to thin it               | 400 g NO
          """)
  void whatIsMadeIsNotSharedOut(String text, String foods) {
    assertThat(
            telling.read(text).lines().stream()
                .filter(Told.Line::understood)
                .map(line -> amount(line) + " " + line.place().name().substring(0, 2))
                .collect(Collectors.joining("; ")))
        .isEqualTo(foods);
  }
}
