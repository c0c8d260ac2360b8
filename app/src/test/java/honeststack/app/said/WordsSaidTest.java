package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import honeststack.core.recipe.LineReading.Understood;
import honeststack.core.said.told.Told;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Words that say nothing of a food, one by one in every place around it. */
class WordsSaidTest {
  /** Common English words. */
  private static final String WORDS =
      """
          about above accompanied across actually add added adding adds after afternoon again
          against ago ah ahead all almost alone along alongside already alright also although
          always am among amongst and another any anybody anyhow anyone anything anyway anywhere
          apart are around as aside ask asks at ate atop aunt away back bag bake bakes batch
          batter be beat beating beats became because become been before began begin behind being
          believe below beneath beside besides best better between beyond birthday bit blend
          blended blender blending blends both bottom bought bowl breakfast bring brings brother
          brought brunch brush but buy buys by call calls came can can't cannot center centre
          certainly chef child children christmas chuck chucked chucking chucks combine combined
          combines combining come comes coming contain contains cook cooked cooks cost costs could
          couldn't counter cousin crack cracking cracks cup cupboard dad daughter days dear
          definitely despite did didn't dinner do doctor does doesn't doing don't done dough down
          drop dropping drops due dump dumped dumping dumps during each easter eat eats edges eh
          either else elsewhere enough er especially etc even evening eventually ever every
          everybody everyone everything everywhere exactly fairly family far father feel feels
          felt finally find first firstly fold folded folding folds followed following for forever
          fork former forth found freezer fridge friend friends fries from fry further furthermore
          generally gently get gets getting give given gives go goes going gone gonna good got
          gotta grandma grandpa granny great grill guess had hadn't happen happened hardly has
          hasn't have haven't having he he'd he'll he's held hello hence her here here's hers
          herself hey hi him himself his hmm hob hold holds hope hopefully how how's however
          husband i i'd i'll i'm i've if imagine in include includes including indeed inside into
          is it it'd it'll it's its itself jar joined just keep kids kind kinda know ladle last
          lastly lately later least leave lest let let's lid like likely likes look looks lot lots
          love lovely loves lunch made make makes making many may maybe me mean meanwhile mhm
          middle might mind mine mixed mixes mixing mixture mmm monday month more moreover morning
          most mostly mother much mum must mustn't my myself namely nana near nearby nearly need
          needs neighbour nevertheless next night nobody nonetheless normally nothing now nowadays
          nowhere nurse obviously off often oh ok okay on once one ones only onto ordinarily other
          others otherwise ought our ours ourselves outside oven over overall own packet pay per
          perhaps personally piece pieces play plus portion possibly pour poured pouring pours
          prefer preferably prefers presumably pretty probably properly provided put puts putting
          quite rack ran rather really recently recipe reckon regarding remember require requires
          right roughly round run runs said same saturday saw say saying says scale scales second
          secondly see seem seems seldom sell seriously serve served serving servings shall she
          she'd she'll she's shelf should shouldn't show shows side sides sift sifted sifting
          sifts simply simultaneously since sister slightly slowly so some somebody somehow
          someone something sometimes somewhat somewhere son soon sort sorta spatula stand start
          started starting starts still stir stirred stirring stirs stove straight straightaway
          stuff such suddenly summer sunday suppose supposedly sure surely surface table take
          taken takes taking teacher tell thank thanks that that'd that'll their theirs them
          themselves then there there's thereafter therefore these they they'd they'll they're
          they've thing things think thirdly this those though thought threw through throughout
          throw throwing thrown throws thus till tip tipping tips to today together told tomorrow
          tonight too took top topped tossed toward towards towel tried tries truly try trying
          turn turned turns typically ugh uh um uncle under underneath unless until unto up
          upon us use used uses using usually various version very via wanna want wanted wants was
          watch way we we'd we'll we're we've week weekend well were what what's whatever when
          when's whenever where where's whereas wherever whether which whichever while whisk
          whisked whisking whisks who who's whoever whom whose why wife will winter wish with
          within won't work worked works would wouldn't wow yeah year yep yes yesterday yet you
          you'd you'll you're you've your yours yourself
      """;

  /** How something is, and no other food by it. */
  private static final String HOW =
      """
          great excellent superb decent proper real authentic finest quality high-quality
          top-quality luxury gourmet cheap cheapest budget value normal typical classic
          traditional old-fashioned trusty humble favourite fresh-picked just-picked garden-fresh
          farm-fresh seasonal over-ripe under-ripe half-ripe very-ripe speckled spotted freckled
          bruised squishy hard crunchy crispy plump succulent woody wrinkly wrinkled shrivelled
          browning ice-cold warmish hand-hot blood-warm piping-hot steaming simmering room-temp
          fridge-cold good-sized decent-sized fist-sized smallish largish biggish bigger smaller
          hefty giant enormous huge tiny teeny dinky average average-sized medium-sized mid-size
          regular-size locally-grown house-made biodynamic cage-free barn pasture-raised pastured
          grass-fed foraged backyard garden allotment imported british italian scottish french
          spanish fairtrade fair-trade sustainable ethical non-gmo kosher halal unrefined filtered
          unfiltered cold-pressed long-life runny creamy smooth silky fluffy airy pourable squeezy
          spreadable solid crumbly lumpy bog-standard hand-picked hand-ground stone-milled
          freshly-milled freshly-ground freshly-picked well-shaken well-beaten lightly-beaten
          finely-chopped twice-sifted julienned spiralized minced pulped bashed broken riddled
          weighed measured activated heated reheated microwaved steamed boiled baked poached
          grilled barbecued charred blackened fairly really pretty properly truly super ultra
          somewhat partly nearly barely
      """;

  /** Between an amount and its food. */
  private static final String BETWEEN =
      """
          of
          of the
          of my
          of your
          of our
          of that
          of this
          of some
          of good
          of nice
          of his
          of her
          of their
          of really good
          of more
          more
          extra
          another
          of extra
          worth of
          or so of
          or thereabouts of
          of proper
          of those
          of these
          of the good
          of the usual
          of leftover
          of the leftover
          of yesterday's
          of ordinary
          of plain old
          of good old
          of lovely
          max of
          max
          maximum of
          minimum of
          at most of
          at least of
          total of
          in total of
          altogether of
          each of
          both of
          all of the
          of about a week old
          of room temperature
          of room-temp
          at room temperature
          of just-boiled
          of freshly opened
          of best
          of the best
          of supermarket
          of cheap
          of expensive
          of posh
          of lukewarm
          of slightly warm
          of very cold
          of fridge-cold
          of organic
          of local
          of the local
          of unhomogenised
          of long life
          of fresh
          of the fresh
          of what they call
          of so-called
          of, um,
          of, er,
          of -
          of...
          , um,
          er
          of, you know,
          of your favourite
          of your preferred
          of your chosen
          of your usual
          de
          di
      """;

  /** What is said at the stove, and measures nothing. */
  private static final String CHATTER =
      """
          Don't rush it.
          Keep the heat low or they burn outside and stay raw inside.
          The first one always sticks, that one's for the dog.
          Flip it when the bubbles pop and stay open.
          It should drop off the spoon slowly.
          You want it thick but pourable.
          My nan never weighed anything in her life.
          I've been making these for twenty years.
          They keep for three days in the fridge.
          You can freeze them between sheets of baking paper.
          Reheat in the toaster for a minute.
          A cast iron pan is best.
          Mine is a 28 cm pan.
          Turn the oven to 100 degrees to keep them warm.
          If it spits the pan is too hot.
          Wait for the green light before you open the iron.
          Don't press down on them with the spatula.
          They puff up like little pillows.
          The smell brings everyone downstairs.
          My kids fight over the last one.
          It's a Sunday thing in our house.
          It takes about 25 minutes from start to finish.
          Use a whisk, not a blender, or it goes gummy.
          The batter will look lumpy and that's fine.
          The batter should be the consistency of double cream.
          They should look golden brown, like toast.
          They taste a bit like bread.
          It's as easy as pie.
          A squeaky clean pan is asking for trouble.
          The edges go crisp like a good cheese toastie.
          The bowl is the blue one from the egg shop.
          Mind your fingers on the hot plate.
          Don't taste the raw batter if you're pregnant.
          Check the label if someone has allergies.
          May contain nuts.
          This is not suitable for people with nut allergies.
          These freeze well.
          Double the recipe for a crowd.
          You can halve it for two.
          I always make twice the amount.
          It's enough for breakfast and a snack.
          Each one is about 12 cm across.
          Spoon 2 tablespoons of batter per pancake into the pan.
          Give the batter a stir between rounds.
          Stack them on a plate and cover with foil.
          Sift it in three goes.
          Beat for 3 minutes with an electric mixer.
          The mixture should double in size.
          Bring it up to room temperature first.
          Serve at once.
          Best eaten the same day.
          I have them after the gym.
          My blood sugar stays flat after these.
          That's 40 g of carbs, give or take.
          It works out at 320 calories each.
          I log it as 25 g protein per serving.
          I'd give it four stars.
          Tried this today and it was lovely.
          Can I use a different pan?
          Has anyone tried this in an air fryer?
          Prep time: 10 minutes.
          For best results, weigh everything.
          See the video above.
          The secret is patience.
          Resist the urge to flip them twice.
          Don't worry if they're not round.
          They'll be a bit ragged, but who cares.
          This one's a keeper.
          He likes his thin, she likes hers thick.
          We eat them standing up at the counter.
          It depends on your ladle.
          Sometimes it makes more, sometimes less.
          You may need to thin it.
          Adjust the heat as you go.
          If they stick, the pan wasn't hot enough.
          Scrape down the sides of the bowl.
          Cover and chill overnight.
          In the morning just stir and cook.
          Pour from a jug, it's less mess.
          Tilt the pan so it covers the bottom.
          Loosen the edges with a knife.
          Slide it onto a warm plate.
          Repeat until the batter is used up.
          Clean the iron while it's still warm.
          Tuesdays are pancake days.
          It looks like porridge at first.
          It has the colour of honey when it's done.
          The texture is like sponge cake.
          It smelled like popcorn.
          As white as milk.
          He went as red as a beetroot.
          She's the salt of the earth.
          That's the icing on the cake.
          Money doesn't buy butter, as my nan said.
          In a nutshell, it's quick.
          You can't make an omelette without breaking eggs.
          The butter dish is on the left.
      """;

  private final Listener listener = new Listener();

  private static Stream<String> words(String text) {
    return Arrays.stream(text.strip().split("\\s+")).parallel();
  }

  /** Grams by food, whole; 0 for what is not measured. */
  private Map<String, Long> grams(String text) {
    Map<String, Long> grams = new TreeMap<>();
    for (Told.Line line : listener.told(text).lines()) {
      if (listener.reading(line) instanceof Understood read) {
        grams.merge(read.food().id(), Math.round(read.mass().value()), Long::sum);
      } else {
        grams.put(line.text(), 0L);
      }
    }
    return grams;
  }

  /** Milk is 1.03 g/mL, a large egg 50 g. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "200 g flour W 300 ml milk, 2 eggs",
        "200 g flour, W 300 ml milk, 2 eggs",
        "200 g flour and W 300 ml milk, 2 eggs W",
        "W 200 g flour, 300 ml milk and 2 eggs"
      })
  void aWordOfEveryDayMakesNoOtherFood(String form) {
    Map<String, Long> meant = Map.of("wheat-flour-white", 200L, "milk-whole", 309L, "egg", 100L);
    assertThat(words(WORDS))
        .filteredOn(word -> !grams(form.replace("W", word)).equals(meant))
        .isEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"200 g W flour, 2 eggs", "2 eggs and 200 g of W flour", "W flour 200 g, 2 eggs"})
  void aWordOfHowItIsLeavesItThatFood(String form) {
    Map<String, Long> meant = Map.of("wheat-flour-white", 200L, "egg", 100L);
    assertThat(words(HOW))
        .filteredOn(word -> !grams(form.replace("W", word)).equals(meant))
        .isEmpty();
  }

  @Test
  void littleWordsStandBetweenAnAmountAndItsFood() {
    Map<String, Long> meant = Map.of("milk-whole", 309L, "egg", 100L);
    assertThat(BETWEEN.lines().map(String::strip))
        .filteredOn(words -> !grams("300 ml " + words + " milk and 2 eggs").equals(meant))
        .isEmpty();
  }

  @Test
  void whatIsSaidAtTheStoveMeasuresNothing() {
    assertThat(CHATTER.lines().map(String::strip)).filteredOn(s -> !grams(s).isEmpty()).isEmpty();
    assertThat(CHATTER.lines().map(String::strip))
        .filteredOn(s -> !grams("50 g sugar. " + s).equals(Map.of("sugar-white", 50L)))
        .isEmpty();
  }
}
