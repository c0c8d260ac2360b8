package honeststack.core.line;

import honeststack.core.wording.WordSet;
import java.util.Set;

/**
 * Words of how something is, which make no other food of it: "two good-sized apples", "hand-picked
 * blueberries". The commonest are data; the rest is known by how the word is made.
 */
final class Describing {
  private static final int SHORTEST = 5;

  /** How good, fresh, ripe, hot, big, soft, costly it is, or where it was got. */
  private static final Set<String> WORDS =
      WordSet.of(
          """
          great excellent superb decent proper creamy real true authentic finest high top luxury gourmet
          cheapest budget value normal typical classic traditional old-fashioned trusty humble
          beloved perfect ideal delicious tasty gorgeous beautiful pretty wonderful amazing
          sturdy honest reliable generic bog-standard run-of-the-mill no-name own-label
          house-brand store-brand brand-new leftovers remaining spare extra-special
          farm-fresh garden-fresh oven-fresh market-fresh seasonal in-season new-season
          lengthwise lengthways crosswise crossways diagonally sideways
          early-season late-season over-ripe under-ripe half-ripe semi-ripe ready-to-eat
          yesterday's today's dead-ripe perfectly-ripe speckled spotted freckled speckly bruised
          blackened wrinkly wrinkled shrivelled shriveled withered squishy hard crunchy crispy
          plump succulent woody browning browned sweetish sharp mild zingy zesty fragrant aromatic
          mature vintage
          ice-cold icy cool chilly cooled-down hand-hot blood-warm body-warm piping-hot steaming
          scalding simmering room-temp fridge-cold stone-cold bubbling
          teensy teeny-weeny itty-bitty dinky fun-sized chunky hefty good-size
          biodynamic cage-free barn barn-laid pasture grass-fed corn-fed outdoor backyard garden
          allotment market greengrocer's deli bakery imported british english scottish welsh
          french italian spanish sicilian portuguese dutch german austrian swiss-made belgian
          swedish norwegian finnish polish hungarian australian californian japanese
          fairtrade fair-trade sustainable ethical non-gmo gmo-free kosher halal unrefined
          filtered unfiltered cold-pressed cold-press expeller-pressed long-life non-homogenised
          unhomogenised unsprayed single-origin hand-made handmade house-made housemade
          runny smooth silky fluffy airy pourable squeezy spreadable solid crumbly lumpy set
          clear cloudy pourable liquidy gooey sticky thick-cut thin-cut medium-cut loose
          broken grown beaten shaken worn uht stoneground quick-cooking low-moisture flat-leaf
          curly-leaf ceylon flaky
          pretty super ultra rather somewhat quite way enough
          """);

  /** Words that change neither mass nor name. */
  private static final Set<String> IDLE =
      WordSet.of(
          """
          of the a an at in and from your my some with fresh freshly ripe overripe slightly
          sizzling foaming bubbling scalding simmering country village backyard homegrown heirloom fragrant
          fork very organic cold warm hot lukewarm tepid boiling chilled room temperature temp
          lightly finely roughly coarsely thinly thickly well firmly tightly loosely quality
          best good unwaxed thick runny level levelled leveled extra free-range bag cup into
          then so thin unripe underripe spotty squashy mushy stale firm juicy tart crisp tender posh cheap
          lovely everyday fancy bought old good-quality home-grown homegrown own own-brand
          room-temperature shop-bought store-bought supermarket whatever any premium basic farm
          farmhouse artisan artisanal heritage genuine usual favourite favorite preferred wild local homemade home-made leftover day-old straight heaped fine coarse
          ish on without each total not too nice new see more note tin tinned-weight x certified sufficient
          """);

  /** What a cook did, no word of how a food is. */
  private static final Set<String> ACTS =
      WordSet.of(
          """
          used needed wanted liked loved tried swapped called happened decided started ended
          turned poured counted bought grabbed tipped popped dropped doubled tripled halved
          switched replaced traded subbed substituted ditched skipped omitted guessed reckoned
          """);

  /** As a first part: "hand-picked", "well-shaken", "freshly-milled". */
  private static final Set<String> HOW =
      WordSet.of(
          """
          hand home farm fresh freshly newly just lightly well fine finely coarse coarsely roughly
          thin thinly thick thickly evenly twice double triple half part over under locally local
          organically ethically sustainably responsibly carefully pasture stone pre oven pan
          """);

  /** What was done and makes another food of it, or may: "salted", "tinned". */
  private static final Set<String> CHANGED =
      WordSet.of(
          """
          dried salted sweetened unsweetened fried flavoured flavored fermented
          cultured cured pickled candied coated covered stuffed filled condensed evaporated malted
          puffed popped creamed powdered iced corned refried seasoned honeyed sugared buttered
          breaded dehydrated reconstituted concentrated reduced skimmed defatted infused spiced
          mixed canned tinned jarred preserved clotted whipped crystallised crystallized
          caramelised caramelized glazed frosted carbonated distilled rolled steel-cut sprouted
          reed weed feed speed breed deed mead lead tweed hundred sacred shred red
          """);

  private static final Set<String> NO_ADVERB = WordSet.of("jelly belly lolly holly brolly folly");

  private Describing() {}

  /** Whether a word, in small letters, says nothing of what a food is. */
  static boolean is(String low) {
    return isListed(low) || isSized(low) || isAdverb(low) || isMade(low) || isAlso(stem(low));
  }

  private static boolean isListed(String low) {
    return WORDS.contains(low) || IDLE.contains(low);
  }

  private static boolean isAlso(String stem) {
    return isListed(stem) || Sizes.is(stem);
  }

  private static boolean isSized(String low) {
    return low.endsWith("-sized")
        || low.endsWith("-size")
        || low.endsWith("-quality")
        || low.startsWith("very-");
  }

  private static boolean isAdverb(String low) {
    return low.length() >= SHORTEST && low.endsWith("ly") && !NO_ADVERB.contains(low);
  }

  private static boolean isMade(String low) {
    int hyphen = low.indexOf('-');
    String done = low.substring(hyphen + 1);
    return hyphen > 0
        && HOW.contains(low.substring(0, hyphen))
        && (isDone(done) || WORDS.contains(done) || done.equals("ground"));
  }

  /** Whether it says what was done to a food, and leaves it that food. */
  static boolean isDone(String low) {
    return low.length() >= SHORTEST
        && low.endsWith("ed")
        && !low.endsWith("seed")
        && !CHANGED.contains(low)
        && !CHANGED.contains(low.substring(low.indexOf('-') + 1))
        && !isAct(low);
  }

  /** Whether it is what a cook did, and says nothing of the food behind it. */
  static boolean isAct(String low) {
    return ACTS.contains(low);
  }

  /** "smallish", "bigger", "largest" without its ending. */
  private static String stem(String low) {
    for (String ending : new String[] {"ish", "er", "est"}) {
      if (low.endsWith(ending) && low.length() > ending.length() + 2) {
        String stem = low.substring(0, low.length() - ending.length());
        return stem.endsWith("gg") ? stem.substring(0, stem.length() - 1) : stem;
      }
    }
    return "";
  }
}
