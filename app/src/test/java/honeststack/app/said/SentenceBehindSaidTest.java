package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/**
 * A short list, and a sentence on how many came out, for whom, in what pan and with what on top.
 */
class SentenceBehindSaidTest {
  private static final String TEXTS =
      """
      200 g flour, 2 eggs, makes a stack of eight|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. A stack of 8 came of it.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. There were eight of them.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. I counted eight.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Number of pancakes: 8|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. # of waffles 8|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. 8 pcs out.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Output 8.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Eight on the plate in the end.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Stopped at eight.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Reckon on eight.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Enough for 8 waffles.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Enough for four hungry people.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Four plates.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Does four plates.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Four portions of two.|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. Four servings, two pancakes each.|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. Two each for the four of us.|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. Each of the four gets two.|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. A serving is two of the eight.|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. Serving: 2 pancakes (of 8).|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. Yield: 8. Portion: 2.|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. 8 waffles = 4 portions.|wheat-flour-white=200,egg=100;pieces 8;serves 4
      200 g flour, 2 eggs. Dinner for four.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Breakfast for 2 adults and 2 kids.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Me, my wife and the two boys.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Just for me.|wheat-flour-white=200,egg=100;serves 1
      200 g flour, 2 eggs. Only myself to feed.|wheat-flour-white=200,egg=100;serves 1
      200 g flour, 2 eggs. Table of four.|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs, 4 covers|wheat-flour-white=200,egg=100;serves 4
      200 g flour, 2 eggs. Oil the pan: 4 g.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=4
      200 g flour, 2 eggs. In the pan went 4 g oil.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=4
      200 g flour, 2 eggs. Pan fat: butter, 4 g.|wheat-flour-white=200,egg=100,butter@PAN=4
      200 g flour, 2 eggs. Fat for baking: 4 g oil.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=4
      200 g flour, 2 eggs. Frying medium 4 g oil.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=4
      200 g flour, 2 eggs. Iron brushed with 4 g melted butter.|wheat-flour-white=200,egg=100,butter@PAN=4
      200 g flour, 2 eggs. 4 g oil on kitchen paper for the pan.|wheat-flour-white=200,egg=100,oil-sunflower@PAN=4
      200 g flour, 2 eggs. Cooked in 4 g ghee.|wheat-flour-white=200,egg=100,ghee@PAN=4
      200 g flour, 2 eggs. Cooked dry.|wheat-flour-white=200,egg=100
      200 g flour, 2 eggs. Finished with 4 g butter and 20 g honey.|wheat-flour-white=200,egg=100,butter@PLATE=4,honey@PLATE=20
      200 g flour, 2 eggs. Over it 20 g honey.|wheat-flour-white=200,egg=100,honey@PLATE=20
      200 g flour, 2 eggs. Honey over, 20 g.|wheat-flour-white=200,egg=100,honey@PLATE=20
      200 g flour, 2 eggs. Eaten with 20 g honey.|wheat-flour-white=200,egg=100,honey@PLATE=20
      200 g flour, 2 eggs. To go with them: 20 g honey.|wheat-flour-white=200,egg=100,honey@PLATE=20
      200 g flour, 2 eggs. On the side 20 g honey.|wheat-flour-white=200,egg=100,honey@PLATE=20
      200 g flour, 2 eggs. Alongside, 20 g honey.|wheat-flour-white=200,egg=100,honey@PLATE=20
      200 g flour, 2 eggs. Stack layered with 60 g ricotta.|wheat-flour-white=200,egg=100,ricotta-whole@PLATE=60
      200 g flour, 2 eggs. Between the layers 60 g ricotta.|wheat-flour-white=200,egg=100,ricotta-whole@PLATE=60
      200 g flour, 2 eggs. Fill them with 60 g ricotta and roll up.|wheat-flour-white=200,egg=100,ricotta-whole@PLATE=60
      200 g flour, 2 eggs. Rolled round 60 g ricotta.|wheat-flour-white=200,egg=100,ricotta-whole@PLATE=60
      200 g flour, 2 eggs. Each one gets 5 g honey, there are 8.|wheat-flour-white=200,egg=100,honey@PLATE=40;pieces 8
      200 g flour, 2 eggs. 5 g honey on each of the 8.|wheat-flour-white=200,egg=100,honey@PLATE=40;pieces 8
      200 g flour, 2 eggs, 8 pancakes. A teaspoon of honey on every one.|wheat-flour-white=200,egg=100,honey@PLATE=57;pieces 8
      200 g flour, 2 eggs. 8 pancakes, honey 5 g per piece.|wheat-flour-white=200,egg=100,honey@PLATE=40;pieces 8
      200 g flour, 2 eggs. 50 g blueberries dropped on while they cook.|wheat-flour-white=200,egg=100,blueberries=50
      200 g flour, 2 eggs. Dusted with 5 g icing sugar.|wheat-flour-white=200,egg=100,sugar-icing@PLATE=5
      200 g flour, 2 eggs. A plate has 20 g honey.|wheat-flour-white=200,egg=100,honey@PLATE=20
      200 g flour, 2 eggs. Guests add their own honey, about 20 g each, 4 guests.|wheat-flour-white=200,egg=100,honey@PLATE=20;serves 4
      200 g flour, 2 eggs; kids' ones also 30 g chocolate chips|wheat-flour-white=200,egg=100,chocolate-chips=30
      200 g flour, 2 eggs. 30 g chocolate chips went in half of the batter.|wheat-flour-white=200,egg=100,chocolate-chips=30
      200 g flour, 2 eggs. For the last four I stirred in 30 g chocolate chips.|wheat-flour-white=200,egg=100,chocolate-chips=30
      200 g flour, 2 eggs. Eight, not counting the first.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Eight and a half.|wheat-flour-white=200,egg=100
      200 g flour, 2 eggs. 3 rounds of 4 in the big iron.|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs. Four at a time, three times.|wheat-flour-white=200,egg=100;pieces 12
      200 g flour, 2 eggs. 60 ml batter per pancake, got 8.|wheat-flour-white=200,egg=100;pieces 8
      200 g flour, 2 eggs. Ladle of 60 ml, eight ladles.|wheat-flour-white=200,egg=100;pieces 8
      """;

  @Test
  void aSentenceBehindAListSaysHowManyAndWhere() {
    assertThat(Sum.misses(TEXTS.lines().toList())).isEmpty();
  }
}
