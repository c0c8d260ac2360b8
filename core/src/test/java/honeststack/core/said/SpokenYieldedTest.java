package honeststack.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.TestFoods;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.said.told.Told;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many come out and how many eat, in whatever words; and numbers of something else. */
class SpokenYieldedTest {
  private static final String LIST = "200 g flour, 2 eggs. ";

  private final Telling telling = TestFoods.kitchen().telling(MeasuringSystem.US);

  private static String shown(Optional<Told.Count> count) {
    return count.map(c -> (c.low() + ".." + c.high()).replace(".0", "")).orElse("-");
  }

  /** Pieces and eaters; a dash for none said. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      textBlock =
          """
          We fry about 14                           | 14..14 -
          we fry 14 of them                         | 14..14 -
          you'll get about a dozen                  | 12..12 -
          ends up as a dozen                        | 12..12 -
          nine turn out of it                       | 9..9 -
          that gave me eight                        | 8..8 -
          it gave us eight good ones                | 8..8 -
          ten is what you get                       | 10..10 -
          I got ten from that                       | 10..10 -
          12 per batch                              | 12..12 -
          one batch is 12                           | 12..12 -
          per batch of 6                            | 6..6 -
          batch size: 6                             | 6..6 -
          quantity: 6 waffles                       | 6..6 -
          6 waffles in total                        | 6..6 -
          six in total                              | 6..6 -
          six all told                              | 6..6 -
          it'll stretch to six                      | 6..6 -
          stretches to 6                            | 6..6 -
          should see you to 7 or 8                  | 7..8 -
          makes a stack of 20                       | 20..20 -
          makes a tower of five                     | 5..5 -
          yields 16 (4 inch)                        | 16..16 -
          yield 16 x 10 cm                          | 16..16 -
          two dozen minis                           | 24..24 -
          24 silver dollars                         | 24..24 -
          there's 15 in a batch                     | 15..15 -
          there should be 15                        | 15..15 -
          I counted 11                              | 11..11 -
          came out at 11                            | 11..11 -
          11 came off the griddle                   | 11..11 -
          11 off the iron                           | 11..11 -
          produces 11 pancakes                      | 11..11 -
          results in 11                             | 11..11 -
          somewhere between 10 and 12               | 10..12 -
          reckon on 10                              | 10..10 -
          count on 10                               | 10..10 -
          expect 10                                 | 10..10 -
          plan for 10 pancakes                      | 10..10 -
          good for 10 pancakes                      | 10..10 -
          sufficient for 10 crepes                  | 10..10 -
          works out at 18                           | 18..18 -
          18 altogether                             | 18..18 -
          18 of the small kind                      | 18..18 -
          four big ones the size of the pan         | 4..4 -
          4 plate-sized ones                        | 4..4 -
          4 whole waffles                           | 4..4 -
          4 full rounds                             | 4..4 -
          fills the iron four times                 | 4..4 -
          fills the iron four times, two each time  | 8..8 -
          poured nine                               | 9..9 -
          ladled out nine                           | 9..9 -
          divide into 9                             | 9..9 -
          divides into 9 pancakes                   | 9..9 -
          portion into 9                            | 9..9 -
          split between 9 moulds                    | 9..9 -
          shape into 9 patties                      | 9..9 -
          a baker's dozen                           | 13..13 -
          makes a baker's dozen                     | 13..13 -
          makes 5, maybe 6                          | 5..6 -
          30 pcs                                    | 30..30 -
          30 nos                                    | 30..30 -
          thirty pieces in all                      | 30..30 -
          serves a family of four                   | - 4..4
          Feeds four hands                          | - 4..4
          feeds four hungry teenagers               | - 4..4
          enough for four people                    | - 4..4
          dinner for four                           | - 4..4
          four of us eat from this                  | - 4..4
          four people got fed                       | - 4..4
          does the four of us                       | - 4..4
          for 4 pax                                 | - 4..4
          4 covers                                  | - 4..4
          breakfast for me and three mates          | - 4..4
          just the two of us                        | - 2..2
          for me and the wife                       | - 2..2
          for a couple                              | - 2..2
          for one                                   | - 1..1
          just for me                               | - 1..1
          serves three to four                      | - 3..4
          for 3-4 persons                           | - 3..4
          3 or 4 eaters                             | - 3..4
          sits six                                  | - 6..6
          six round the table                       | - 6..6
          table of six                              | - 6..6
          party of 6                                | - 6..6
          for the whole class of 30                 | - 30..30
          25 pupils                                 | - 25..25
          two adults and three kids                 | - 5..5
          12 pancakes, serves 4                     | 12..12 4..4
          makes 12, three each for four             | 12..12 4..4
          serves 4 with 3 each                      | 12..12 4..4
          3 per person for 4 people                 | 12..12 4..4
          we are four and everyone gets two         | 8..8 4..4
          two apiece for the three of us            | 6..6 3..3
          6 pancakes, 2 servings                    | 6..6 2..2
          we got a dozen out                        | 12..12 -
          it runs to twelve                         | 12..12 -
          runs to about 12 in a small pan           | 12..12 -
          ought to do twelve                        | 12..12 -
          that should do 12                         | 12..12 -
          you're looking at 12                      | 12..12 -
          I'd expect a dozen from that              | 12..12 -
          my count was 12                           | 12..12 -
          final count: 12                           | 12..12 -
          total: 12                                 | 12..12 -
          total 12 waffles                          | 12..12 -
          total of 12                               | 12..12 -
          adds up to 12                             | 12..12 -
          for a total of 12 pancakes                | 12..12 -
          it was twelve in the end                  | 12..12 -
          twelve in the end                         | 12..12 -
          tonight it made 12                        | 12..12 -
          today's tally: 12                         | 12..12 -
          12 good ones                              | 12..12 -
          12 crepes, 22 cm pan                      | 12..12 -
          12 palm-sized pancakes                    | 12..12 -
          12 waffles (heart shaped)                 | 12..12 -
          a batch of 12                             | 12..12 -
          enough batter for 12                      | 12..12 -
          enough for a dozen pancakes               | 12..12 -
          this will make you 12                     | 12..12 -
          makes me 12                               | 12..12 -
          makes you about 12 fat ones               | 12..12 -
          makes one dozen                           | 12..12 -
          making 12                                 | 12..12 -
          to make 12                                | 12..12 -
          for 12 pancakes                           | 12..12 -
          ready in 20 minutes, makes 12             | 12..12 -
          yield: 12                                 | 12..12 -
          Yield - one dozen                         | 12..12 -
          output 12                                 | 12..12 -
          servings: 12 waffles                      | 12..12 -
          makes between ten and twelve              | 10..12 -
          makes 10, 12 if you're stingy             | 10..12 -
          10 large or 12 smaller                    | 10..12 -
          anything from 10 to 12                    | 10..12 -
          10/12 pancakes                            | 10..12 -
          we're four at the table                   | - 4..4
          there are four of us                      | - 4..4
          four hungry people                        | - 4..4
          serving 4                                 | - 4..4
          Servings 4                                | - 4..4
          four portions                             | - 4..4
          makes four portions                       | - 4..4
          makes 4 servings                          | - 4..4
          portions for four                         | - 4..4
          lunch for 4                               | - 4..4
          for four hungry boys                      | - 4..4
          feeds us four                             | - 4..4
          it fed all four of us                     | - 4..4
          will satisfy four                         | - 4..4
          my family of four                         | - 4..4
          serves 4 to 6                             | - 4..6
          4-6 servings                              | - 4..6
          my husband and I share this               | - 2..2
          three of us tuck in                       | - 3..3
          for the three of us                       | - 3..3
          three eaters                              | - 3..3
          4 people, 3 pancakes each                 | 12..12 4..4
          makes 12 and feeds 4                      | 12..12 4..4
          three pancakes for each of the four of us | 12..12 4..4
          12 waffles, two per person                | 12..12 6..6
          6 servings of 2 pancakes                  | 12..12 6..6
          6 portions (2 waffles each)               | 12..12 6..6
          mum, dad and three kids | - 5..5
          for mum, dad and two kids | - 4..4
          breakfast for mum, dad and two kids | - 4..4
          """)
  void tellsPiecesAndEaters(String text, String counts) {
    Told told = telling.read(LIST + text.substring(0, 1).toUpperCase() + text.substring(1) + ".");
    assertThat(shown(told.pieces()) + " " + shown(told.serves())).isEqualTo(counts);
    assertThat(ToldFoods.of(told)).isEqualTo("egg 2, flour 200");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '"',
      textBlock =
          """
          get 2 bowls
          cook on 6
          cook at 4
          use a number 3 ladle
          fold 12 times
          come back in 10
          turn the dial to 7
          we get up at 6
          made these 3 times
          count to 20 then flip
          give it 5
          get it up to 190
          pour in 3 goes
          bake in 2 batches
          turn 2 or 3 times
          my iron has 5 settings, I use 4
          took 3 goes to get right
          cook to 75 inside
          get the iron to 200
          fry at 180
          2 on each side
          about 3 a side
          flip after 2
          drop the heat to 3
          turn down to 4
          it comes off at 90
          made with a size 8 scoop
          level 5 on the iron
          pour till it reaches 2 on the jug
          I make them on the 1st of the month
          bake until it reads 95
          the timer gets set to 4
          works at 3 as well
          I was 12 when I made the first
          we come down at 8
          the kids get up at 7
          page 12
          number 9 in the book
          recipe 14 of 20
          version 3
          batch 2 of 3
          one in 10 sticks
          I give it 8 out of 10
          """)
  void countsNoOtherNumber(String text) {
    Told told = telling.read(LIST + text.substring(0, 1).toUpperCase() + text.substring(1) + ".");
    assertThat(shown(told.pieces()) + " " + shown(told.serves())).isEqualTo("- -");
  }
}
