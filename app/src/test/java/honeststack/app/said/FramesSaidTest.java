package honeststack.app.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** One amount in many frames of words: none of them may lose it, move it or ask about it. */
class FramesSaidTest {
  /** Behind a list: what goes in as well. */
  private static final String ADDED =
      """
      Take #. | Get #. | Grab #. | Fetch #. | Use #. | I use #. | I take #. | You want #.
      We use #. | She uses #. | He takes #. | It takes #. | It needs #. | It wants #. | It's #.
      There's #. | That's #. | Here: #. | Right: #. | OK, #. | So, #. | Well, #. | Now, #.
      And now #. | Put #. | Place #. | Tip in #. | Throw in #. | Chuck in #. | Bung in #.
      Drop in #. | Weigh #. | Measure #. | Sift in #. | Whisk in #. | Beat in #. | Mix in #.
      Stir in #. | Blend in #. | In go #. | In goes #. | In with #. | Into that go #.
      Into that goes #. | To that add #. | To this add #. | To it add #. | Add #. | Add in #.
      Now add #. | Then add #. | Followed by #. | Next #. | Next up #. | Lastly #. | Finally #.
      And finally #. | And #. | Plus #. | With #. | Requires #. | Also #. | Also: #.
      Also add #. | As well as #. | Using #. | Just #. | Only #. | Simply #. | About #.
      Roughly #. | Maybe #. | Probably #. | I think it's #. | I reckon #. | I'd say #. | Say #.
      Let's say #. | Mum's trick: #. | Nan's secret: #. | My secret is #. | The secret is #.
      The trick is #. | The key is #. | What makes it is #. | What helps is #.
      For sweetness #. | For flavour #. | For colour #. | For luck #. | For good measure #.
      For richness #. | To sweeten #. | To enrich #. | To bind #. | To help it brown #.
      To make it special #. | Because I like it sweet, #. | Since it's Sunday, #.
      As a treat #. | As always #. | As usual #. | As ever #. | Sweetened with #.
      Flavoured with #. | Enriched with #. | Bound with #. | Also in there: #.
      In there too: #. | Don't forget #. | And don't forget #. | Mustn't forget #.
      I nearly forgot: #. | Oh yes, #. | Oh, and #. | Ah, and #. | Er, and #. | Um, #.
      Yes, #. | No, wait, also #. | Last but not least #. | One more thing: #.
      Another thing: #. | Other: #. | Optional: #. | If wanted #. | If you like #.
      Possibly #. | Ideally #. | Preferably #. | Traditionally #. | Of course #. | Obviously #.
      Naturally #. | Sometimes #. | Always #. | Usually #. | Never less than #. | At the end #.
      At the last minute #. | At the very end #. | Towards the end #. | After that #.
      After resting #. | After ten minutes #. | Before cooking #. | Before frying #.
      While it rests, #. | Meanwhile #. | Later #. | Straight away #. | Immediately #.
      Slowly #. | Gently #. | Carefully #. | Quickly #. | A bit of sweetness: #.
      A hint of something: #. | Then #. | Then there's #. | Then comes #. | Then I add #.
      Then in goes #. | Then it's #. | There's also #. | There is also #. | There are also #.
      It also has #. | It also gets #. | It gets #. | It has #. | This has #. | This gets #.
      Mine has #. | Mine takes #. | Ours has #. | We add #. | We put in #.
      We always put in #. | I always put in #. | I sneak in #. | I slip in #. | I work in #.
      I rub in #. | I melt in #. | I grate in #. | I pop in #. | I sling in #. | I lob in #.
      I went with #. | I stuck with #. | I settled on #. | I opted for #. | I chose #.
      I picked #. | I had #. | I found #. | Got #. | Had #. | Found #. | Needs #. | Wants #.
      Takes #. | Gets #. | Has #. | Includes #. | Contains #. | Comprises #. | # too.
      # as well. | # also. | # in there. | # in it. | # in that. | # in the mix.
      # to the mix. | # into the bowl. | # go in. | # goes in. | # went in. | # is in there.
      # is in it too. | # is enough. | # is plenty. | # is about right. | # will do.
      # does it. | # should do. | # should be enough. | # at the end. | # last of all.
      # last. | # first. | # to start. | # to begin with. | # for sweetness. | # for flavour.
      # for luck. | # to taste. | # to sweeten. | # to bind. | # to be safe. | # just in case.
      # because why not. | # because I like it. | # because it's Sunday. | # since I had some.
      # that needed using up. | # from the cupboard. | # from the jar. | # from a new jar.
      # out of the jar. | # straight from the jar. | # that my neighbour made.
      # from our own bees. | # bought at the market. | # on special. | # on the turn.
      # if possible. | # if there's some. | # if there's any. | # if you have it.
      # when I have it. | # when in season. | # most days. | # every time. | # each time.
      # always. | # usually. | # normally. | # as usual. | # as ever. | # as always.
      # of course. | # obviously. | # naturally. | # I think. | # I believe. | # I reckon.
      # if I remember. | # or thereabouts. | # more or less. | # give or take. | # roughly.
      # ish. | # at a guess. | # by eye. | # by feel. | # by weight. | # weighed. | # measured.
      # level. | # heaped. | # packed. | # melted. | # warmed. | # softened. | # chopped.
      # at room temperature. | # cold from the fridge. | # please. | # thanks. | # okay.
      # right. | # there. | # now. | # then. | # again. | # done. | # finished. | # that's it.
      # that's all. | # that's the lot. | # and that's it. | # and done. | # and stir.
      # and mix. | # and whisk again. | # and leave it. | # and rest. | # and off you go.
      # and a stir. | # and a prayer. | # and some love. | # whisked in. | # stirred in.
      # folded in. | # beaten in. | # mixed in. | # rubbed in. | # added slowly.
      # added last. | # added at the end. | # added by the spoon. | # drizzled in.
      # poured in. | # spooned in. | # tipped in. | # thrown in. | # and nothing else.
      # and no more. | # not more. | # no less. | # only. | # alone. | # exactly.
      # precisely. | # on the scales. | # by the scale. | # says the scale.
      # according to the scale. | # it says here. | # it says. | # says Nan. | # says the card.
      # per the recipe. | # as per the book. | # as the book says. | # like Mum did.
      # like Mum does. | # the way Mum did. | # as my gran did. | # the way I like it.
      # which is a lot. | # which is plenty. | # which isn't much. | # which I love.
      # which the kids like. | # that's the secret. | # that's my secret.
      # that's what makes it. | # is the secret. | # is my secret. | # is the trick.
      # makes it sing. | # makes all the difference. | # won't hurt. | # never hurt anyone.
      # never goes amiss. | # rounds it off. | # completes it.
      """;

  /** Behind a list: what goes on the plate. */
  private static final String ON_TOP =
      """
      On top #. | # on top. | Topped with #. | Top with #. | To top: #. | Topping: #.
      To serve: #. | Serve with #. | Served with #. | # to serve. | # for serving.
      # over the top. | # drizzled over. | Drizzle with #. | Drizzle # over. | Drizzle over #.
      Drizzled with #. | Finish with #. | Finished with #. | # to finish. | Garnish with #.
      # as garnish. | Dress with #. | Dressed with #. | Smothered in #. | Drowned in #.
      Slathered with #. | Spread with #. | # spread on. | # spread over them. | # poured over.
      Pour # over. | Pour over #. | # spooned over. | Spoon # on. | Spoon # on top.
      # spooned on top. | Dollop # on. | # dolloped on. | # on each. | Each gets #.
      Each one gets #. | # goes on each. | # goes on. | # goes on top. | # goes over.
      # at the table. | At the table #. | # on the side. | On the side #. | # alongside.
      Eat with #. | Eaten with #. | We eat them with #. | I have mine with #.
      I have them with #. | Mine with #. | He has his with #. | Kids have # on theirs.
      # on mine. | # on the stack. | Stack with #. | Layered with #. | Layer with #.
      Sandwiched with #. | Filled with #. | Fill with #. | # as a filling. | Rolled up with #.
      Roll up with #. | Wrapped round #. | # inside once cooked. | # on the hot pancakes.
      # onto the hot pancakes. | # melting over. | # warmed and poured over.
      Warm # and pour over. | Heat # and spoon over. | Add # once they're on the plate.
      On the plate: #. | Plate: #. | Plated with #. | Plate up with #. | # per serving.
      Per serving #. | Per plate #. | # per plate. | # for dipping. | Dip in #. | Dipped in #.
      With # for dipping. | # in a jug to pour. | # to drizzle. | # to pass round.
      # if you're having toppings. | Accompany with #. | Accompanied by #.
      # as an accompaniment. | Go well with #. | Nice with #. | Good with #. | Great with #.
      Lovely with #. | Perfect with #. | Best with #.
      """;

  /** Behind a list: what goes into the pan. */
  private static final String FRIED =
      """
      # for the pan. | # for frying. | Fry in #. | Fried in #. | Frying in #. | # to fry.
      # to fry in. | # to fry them in. | Cook in #. | Cooked in #. | Cook them in #.
      # for cooking. | # in the pan. | In the pan #. | Pan: #. | For the pan: #.
      For frying: #. | Melt # in the pan. | Melt # in a frying pan. | Melt # in the skillet.
      Heat # in a pan. | Heat # in a skillet. | # melted in the pan. | # heated in the pan.
      Grease the pan with #. | Grease with #. | Greased with #. | # for greasing.
      # to grease. | # to grease the pan. | # to grease the iron. | Brush the iron with #.
      Brush the pan with #. | # brushed on the iron. | # on the griddle. | # for the griddle.
      Griddle: #. | Oil the pan with #. | Coat the pan with #. | # to coat the pan.
      Swirl # round the pan. | # swirled round the pan. | Rub the pan with #.
      Wipe the pan with #. | Wipe # round the pan. | Smear # over the pan.
      # smeared on the griddle. | Pan greased with #. | In a pan greased with #.
      In a pan with #. | In a hot pan with #. | Hot pan, #. | Get the pan hot with #.
      Sizzle # in the pan. | # sizzling in the pan. | Foam # in the pan. | # in the skillet.
      # for the skillet. | # for the waffle iron. | # on the waffle iron. | # on the iron.
      # for shallow frying. | Shallow fry in #. | # used for frying. | Use # to fry.
      Use # for frying. | Used # to fry them. | We fry them in #. | I fry mine in #.
      I fry in #. | They're fried in #. | And fried in #. | Then fried in #.
      # went in the pan. | # goes in the pan. | Put # in the pan. | # into the pan.
      Pop # in the pan. | Throw # in the pan. | Add # to the pan. | # added to the pan.
      Plus # for the pan. | Extra # for the pan. | Another # for the pan. | # between batches.
      # in total for frying. | About # for frying. | # or so to fry. | With # in the pan.
      # (for the pan). | # [pan]. | # - for frying. | #, pan.
      """;

  /** Behind a list: how many come out. */
  private static final String MADE =
      """
      Makes #. | Make #. | It makes #. | This makes #. | That makes #. | These make #.
      Makes about #. | Makes around #. | Makes approx #. | Makes roughly #. | Should make #.
      Will make #. | Would make #. | Usually makes #. | Makes me #. | Makes us #. | Gives #.
      Gives me #. | Gave #. | Gave me #. | Gets #. | Gets me #. | I get #. | We get #.
      You get #. | You'll get #. | I got #. | We got #. | Got #. | Yields #. | Yielded #.
      Yield: #. | Yield #. | Produces #. | Turns out #. | Turned out #. | Comes to #.
      Came to #. | Comes out at #. | Ends up as #. | That's #. | That's # pancakes.
      # pancakes. | # pcs. | # pieces. | # of them. | # in all. | # in total. | # altogether.
      About #. | Around # pancakes. | Roughly # thin ones. | # small ones. | # big ones.
      # medium. | Enough for # pancakes. | For # pancakes. | Batch of #. | A batch of #.
      One batch is #. | Expect #. | Expect about #. | Reckon on #. | Count on #. | Bank on #.
      Allow for #. | I reckon #. | I'd say #. | # or so. | #-ish. | # if you're careful.
      # at a push. | # with luck. | # on a good day. | No more than #. | # max. | # tops.
      # from this. | # out of it. | # came out. | # come out of it. | # off the griddle.
      Fills the iron # times. | We had #. | There should be #. | It did #.
      It does # pancakes. | Managed #. | Squeezed out #. | Stretched to #. | Stretches to #.
      Makes a good #. | Makes a full #. | Makes exactly #. | Makes just #. | Makes only #.
      Makes # or thereabouts. | Quantity: #. | Number: #. | Count: #. | Pancakes: #.
      = # pancakes. | → # pancakes. | => # pancakes. | (# pancakes). | [makes #]. | (makes #).
      Portions: # pancakes. | # #-cm pancakes. | # four-inch pancakes. | # pancakes of 60 g.
      """;

  /** Behind a list: for how many it is. */
  private static final String EATEN =
      """
      Serves #. | Serve #. | It serves #. | This serves #. | Serves about #.
      Serves roughly #. | Should serve #. | Will serve #. | Would serve #. | Feeds #. | Fed #.
      It feeds #. | Feeds about #. | Feeds # of us. | Feeds # people. | Feeds # hungry people.
      Enough for #. | Enough for # people. | Enough for # of us. | Plenty for #. | For #.
      For # people. | For # persons. | For # servings. | For # of us. | For the # of us.
      # servings. | # portions. | # people. | # persons. | # helpings. | # eaters.
      Servings: #. | Portions: #. | Serves: #. | People: #. | No. of servings: #.
      Number of portions: #. | We were #. | There were # of us. | We're #. | We are #.
      # of us ate. | # of us had it. | # ate from it. | To serve #. | To feed #.
      Divides into # portions. | Divided into # portions. | Split into # servings.
      Shared by #. | Shared between #. | Split between #. | Between # of us. | Does # people.
      Did # of us. | Does for #. | Did for #. | Fills # of us. | A family of #.
      For a family of #. | For my family of #. | Family of #. | Breakfast for #.
      Brunch for #. | Dinner for #. | Supper for #. | Lunch for #. | A meal for #.
      As a main for #. | # generous portions. | # small servings. | # good helpings.
      Makes # servings. | Makes # portions. | Yields # servings. | Gives # portions.
      #-person recipe. | Recipe for #. | Recipe serves #. | Table for #. | Cooking for #.
      I cook for #. | We cook for #. | I make it for #. | That's for #. | It's for #.
      This is for #. | Per # people. | (serves #). | [serves #]. | (# servings). | (for #).
      # pax. | # covers. | # guests. | # diners. | # kids. | # children. | # adults.
      # hungry teens. | # teenagers. | # toddlers. | # friends.
      """;

  /** Behind a list: what there is none of. */
  private static final String NONE =
      """
      No #. | Without #. | No # in these. | No # at all. | I don't use #. | I never use #.
      We don't add #. | Don't add #. | Skip the #. | Leave out the #. | Omit the #.
      Leave the # out. | # left out. | # omitted. | #-free. | Free of #. | Free from #.
      Not a gram of #. | Zero #. | Hold the #. | Minus the #. | Sans #. | Nothing with #.
      There's no # in it. | There's no # in these. | These have no #. | They contain no #.
      Contains no #. | Made without #. | Made with no #. | #? No. | #: none. | # - none.
      0 g #. | # (none). | No need for #. | You don't need #. | Doesn't need #. | Needs no #.
      # isn't needed. | # is not needed. | Instead of # I use nothing. | We ran out of #.
      I forgot the #. | Forgot to add #. | The # I forgot. | The # stayed in the fridge.
      She can't have #. | He's allergic to #. | My son can't eat #.
      Because of his allergy no #. | We avoid #. | Avoiding #. | I gave up #. | Given up #.
      Cutting out #. | Cut out the #. | Anything but #. | Everything except #. | All but the #.
      Not #. | Definitely no #. | Absolutely no #. | Certainly not #. | Please no #. | Never #.
      Never any #. | Never with #. | # never goes in. | # doesn't go in. | # does not belong.
      # has no place here. | Keep # out of it. | # is off the list. | I'm off #. | We're off #.
      #-less.
      """;

  private static Stream<String> frames(String frames) {
    return Arrays.stream(frames.strip().split("\\s*\\n\\s*| \\| "));
  }

  private static List<String> misses(String frames, String what, String read) {
    return Sum.misses(
        frames(frames)
            .map(frame -> "200 g flour, 2 eggs. " + frame.replace("#", what))
            .map(text -> text + "|wheat-flour-white=200,egg=100" + read)
            .toList());
  }

  @Test
  void nothingThatIsAddedIsLost() {
    assertThat(misses(ADDED, "20 g honey", ",honey=20")).isEmpty();
  }

  @Test
  void whatGoesOnThePlateLiesThere() {
    assertThat(misses(ON_TOP, "20 g honey", ",honey=20@PLATE")).isEmpty();
  }

  @Test
  void whatIsFriedInGoesIntoThePan() {
    assertThat(misses(FRIED, "10 g butter", ",butter=10@PAN")).isEmpty();
  }

  @Test
  void whatComesOutIsCounted() {
    assertThat(misses(MADE, "10", ";pieces 10")).isEmpty();
  }

  @Test
  void whoEatsIsCounted() {
    assertThat(misses(EATEN, "4", ";serves 4")).isEmpty();
  }

  @Test
  void whatThereIsNoneOfIsNotAskedAbout() {
    assertThat(misses(NONE, "sugar", "")).isEmpty();
  }
}
