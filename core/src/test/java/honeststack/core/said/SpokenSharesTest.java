package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Foods by their shares of one amount, and by what another weighs. */
class SpokenSharesTest {
  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  /** Worked out by hand. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          1:1:1 by weight: flour, sugar, butter; I use 150 g of each | butter 150, flour 150, sugar 150
          flour, sugar and butter in equal parts, 150 g of each      | butter 150, flour 150, sugar 150
          equal weights of flour, sugar and butter, 150 g each       | butter 150, flour 150, sugar 150
          equal amounts of flour, sugar and butter: 150 g of each    | butter 150, flour 150, sugar 150
          150 g each of flour, sugar and butter                      | butter 150, flour 150, sugar 150
          each 150 g: flour, sugar, butter                           | butter 150, flour 150, sugar 150
          150 g each: flour, sugar, butter                           | butter 150, flour 150, sugar 150
          150 g apiece of flour, sugar and butter                    | butter 150, flour 150, sugar 150
          flour, sugar, butter: 150 g each                           | butter 150, flour 150, sugar 150
          flour, sugar and butter - 150 g of each                    | butter 150, flour 150, sugar 150
          150 g flour and the same of sugar and butter               | butter 150, flour 150, sugar 150
          150 g flour, same of sugar, same of butter                 | butter 150, flour 150, sugar 150
          150 g flour, the same weight of sugar and of butter        | butter 150, flour 150, sugar 150
          150 g flour, and as much sugar and butter                  | butter 150, flour 150, sugar 150
          150 g of flour, sugar and butter each                      | butter 150, flour 150, sugar 150
          150 g flour, ditto sugar, ditto butter                     | butter 150, flour 150, sugar 150
          150 g flour, likewise sugar and butter                     | butter 150, flour 150, sugar 150
          150 g flour, sugar the same, butter the same               | butter 150, flour 150, sugar 150
          150 g flour; sugar: same; butter: same                     | butter 150, flour 150, sugar 150
          150 g flour, the same again of sugar, and of butter        | butter 150, flour 150, sugar 150
          150 g flour, 150 sugar, 150 butter                         | butter 150, flour 150, sugar 150
          flour, sugar, butter, 150 g of every one                   | butter 150, flour 150, sugar 150
          150 grams of flour and just as much of sugar and of butter | butter 150, flour 150, sugar 150
          flour 150 g, sugar ditto, butter ditto                     | butter 150, flour 150, sugar 150
          flour 150 g, sugar same, butter same                       | butter 150, flour 150, sugar 150
          120 g flour and twice as much milk                         | flour 120, milk 240
          120 g flour and twice the weight of milk                   | flour 120, milk 240
          120 g flour, double that of milk                           | flour 120, milk 240
          120 g flour and half as much milk                          | flour 120, milk 60
          120 g flour and half that of milk                          | flour 120, milk 60
          120 g flour, half the weight in milk                       | flour 120, milk 60
          120 g flour to twice that of milk                          | flour 120, milk 240
          120 g flour, a third as much milk                          | flour 120, milk 40
          120 g flour, one and a half times as much milk             | flour 120, milk 180
          120 g flour, and milk, twice as much                       | flour 120, milk 240
          120 g flour and half its weight of milk                    | flour 120, milk 60
          120 g flour and its own weight in milk                     | flour 120, milk 120
          120 g flour and the same amount of milk                    | flour 120, milk 120
          flour 120 g, milk double                                   | flour 120, milk 240
          flour 120 g, milk half of that                             | flour 120, milk 60
          120 g flour with an equal weight of milk                   | flour 120, milk 120
          120 g flour and three times that in milk                   | flour 120, milk 360
          120 g flour, milk at double the weight                     | flour 120, milk 240
          120 g flour, and two times the milk                        | flour 120, milk 240
          for 120 g flour twice the amount of milk                   | flour 120, milk 240
          flour and milk 2:1, 300 g in all                           | flour 200, milk 100
          two parts flour to one part milk, 300 g altogether         | flour 200, milk 100
          300 g of flour and milk, two to one                        | flour 200, milk 100
          300 g flour and milk in the ratio 2:1                      | flour 200, milk 100
          300 g flour/milk 2:1                                       | flour 200, milk 100
          300 g flour and milk, half and half                        | flour 150, milk 150
          300 g half flour, half milk                                | flour 150, milk 150
          300 g of flour and milk, 50/50                             | flour 150, milk 150
          300 g flour/milk 50:50                                     | flour 150, milk 150
          a 50:50 mix of flour and milk, 300 g                       | flour 150, milk 150
          300 g, half flour and half milk                            | flour 150, milk 150
          300 g, a third flour and the rest milk                     | flour 100, milk 200
          300 g, two thirds flour, one third milk                    | flour 200, milk 100
          300 g in all, 70% flour, 30% milk                          | flour 210, milk 90
          300 g: 70 % flour, 30 % milk                               | flour 210, milk 90
          70% flour and 30% milk, 300 g together                     | flour 210, milk 90
          3 parts flour, 1 part milk, makes 300 g                    | flour 225, milk 75
          3:1 flour to milk, 300 g total                             | flour 225, milk 75
          flour to milk 3:1, 300 g in total                          | flour 225, milk 75
          half flour half milk, 300 g in total                       | flour 150, milk 150
          120 g milk and twice as much flour                         | flour 240, milk 120
          120 g milk and twice the weight of flour                   | flour 240, milk 120
          120 g milk, double that of flour                           | flour 240, milk 120
          120 g milk and half as much flour                          | flour 60, milk 120
          120 g milk and half that of flour                          | flour 60, milk 120
          120 g milk, half the weight in flour                       | flour 60, milk 120
          120 g milk to twice that of flour                          | flour 240, milk 120
          120 g milk, a third as much flour                          | flour 40, milk 120
          120 g milk, one and a half times as much flour             | flour 180, milk 120
          120 g milk, and flour, twice as much                       | flour 240, milk 120
          120 g milk and half its weight of flour                    | flour 60, milk 120
          120 g milk and its own weight in flour                     | flour 120, milk 120
          120 g milk and the same amount of flour                    | flour 120, milk 120
          milk 120 g, flour double                                   | flour 240, milk 120
          milk 120 g, flour half of that                             | flour 60, milk 120
          120 g milk with an equal weight of flour                   | flour 120, milk 120
          120 g milk and three times that in flour                   | flour 360, milk 120
          120 g milk, flour at double the weight                     | flour 240, milk 120
          120 g milk, and two times the flour                        | flour 240, milk 120
          for 120 g milk twice the amount of flour                   | flour 240, milk 120
          milk and flour 2:1, 300 g in all                           | flour 100, milk 200
          two parts milk to one part flour, 300 g altogether         | flour 100, milk 200
          300 g of milk and flour, two to one                        | flour 100, milk 200
          300 g milk and flour in the ratio 2:1                      | flour 100, milk 200
          300 g milk/flour 2:1                                       | flour 100, milk 200
          300 g milk and flour, half and half                        | flour 150, milk 150
          300 g half milk, half flour                                | flour 150, milk 150
          300 g of milk and flour, 50/50                             | flour 150, milk 150
          300 g milk/flour 50:50                                     | flour 150, milk 150
          a 50:50 mix of milk and flour, 300 g                       | flour 150, milk 150
          300 g, half milk and half flour                            | flour 150, milk 150
          300 g, a third milk and the rest flour                     | flour 200, milk 100
          300 g, two thirds milk, one third flour                    | flour 100, milk 200
          300 g in all, 70% milk, 30% flour                          | flour 90, milk 210
          300 g: 70 % milk, 30 % flour                               | flour 90, milk 210
          70% milk and 30% flour, 300 g together                     | flour 90, milk 210
          3 parts milk, 1 part flour, makes 300 g                    | flour 75, milk 225
          half milk half flour, 300 g in total                       | flour 150, milk 150
          120 g flour and twice as much sugar                        | flour 120, sugar 240
          120 g flour and twice the weight of sugar                  | flour 120, sugar 240
          120 g flour, double that of sugar                          | flour 120, sugar 240
          120 g flour and half as much sugar                         | flour 120, sugar 60
          120 g flour and half that of sugar                         | flour 120, sugar 60
          120 g flour, half the weight in sugar                      | flour 120, sugar 60
          120 g flour to twice that of sugar                         | flour 120, sugar 240
          120 g flour, a third as much sugar                         | flour 120, sugar 40
          120 g flour, one and a half times as much sugar            | flour 120, sugar 180
          120 g flour, and sugar, twice as much                      | flour 120, sugar 240
          120 g flour and half its weight of sugar                   | flour 120, sugar 60
          120 g flour and its own weight in sugar                    | flour 120, sugar 120
          120 g flour and the same amount of sugar                   | flour 120, sugar 120
          flour 120 g, sugar double                                  | flour 120, sugar 240
          flour 120 g, sugar half of that                            | flour 120, sugar 60
          120 g flour with an equal weight of sugar                  | flour 120, sugar 120
          120 g flour and three times that in sugar                  | flour 120, sugar 360
          120 g flour, sugar at double the weight                    | flour 120, sugar 240
          120 g flour, and two times the sugar                       | flour 120, sugar 240
          for 120 g flour twice the amount of sugar                  | flour 120, sugar 240
          flour and sugar 2:1, 300 g in all                          | flour 200, sugar 100
          two parts flour to one part sugar, 300 g altogether        | flour 200, sugar 100
          300 g of flour and sugar, two to one                       | flour 200, sugar 100
          300 g flour and sugar in the ratio 2:1                     | flour 200, sugar 100
          300 g flour/sugar 2:1                                      | flour 200, sugar 100
          300 g flour and sugar, half and half                       | flour 150, sugar 150
          300 g half flour, half sugar                               | flour 150, sugar 150
          300 g of flour and sugar, 50/50                            | flour 150, sugar 150
          300 g flour/sugar 50:50                                    | flour 150, sugar 150
          a 50:50 mix of flour and sugar, 300 g                      | flour 150, sugar 150
          300 g, half flour and half sugar                           | flour 150, sugar 150
          300 g, a third flour and the rest sugar                    | flour 100, sugar 200
          300 g, two thirds flour, one third sugar                   | flour 200, sugar 100
          300 g in all, 70% flour, 30% sugar                         | flour 210, sugar 90
          300 g: 70 % flour, 30 % sugar                              | flour 210, sugar 90
          70% flour and 30% sugar, 300 g together                    | flour 210, sugar 90
          3 parts flour, 1 part sugar, makes 300 g                   | flour 225, sugar 75
          3:1 flour to sugar, 300 g total                            | flour 225, sugar 75
          flour to sugar 3:1, 300 g in total                         | flour 225, sugar 75
          half flour half sugar, 300 g in total                      | flour 150, sugar 150
          """)
  void eachHasItsAmount(String text, String foods) {
    assertThat(ToldFoods.of(telling.read(text))).isEqualTo(foods);
  }
}
