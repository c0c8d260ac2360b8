package honeststack.core.line;

import java.util.Arrays;
import java.util.Set;

/** Words of every day that are no food's name, nor a part of one: "already", "grandma", "stirring". */
public final class EverydayWords {
  private static final Set<String> WORDS =
      Set.copyOf(
          Arrays.asList(
              """
              about above accompanied across actually add added adding adds after afternoon again
              against ago ah ahead all almost alone along alongside already alright also although
              always am among amongst and another any anybody anyhow anyone anything anyway anywhere
              apart are aren't around as aside ask asks at ate atop aunt away back bake bakes batch be
              beat beating beats became because become been before began begin behind being believe
              below beneath beside besides best better between beyond birthday bit blend blended
              blender blending blends both bottom bought breakfast bring brings brother brought brunch
              brush but buy buys by call calls came can can't cannot center centre certainly chef
              child children christmas chuck chucked chucking chucks combine combined combines
              combining come comes coming contain contains cook cooked cooks cost costs could couldn't
              counter cousin crack cracking cracks cupboard dad daughter day days dear definitely
              despite did didn't dinner do doctor does doesn't doing don't done down drop drops due
              dump dumped dumping dumps during each easter eat eats edges eh either else elsewhere
              enough er especially etc even evening eventually ever every everybody everyone
              everything everywhere exactly fairly family far father feel feels felt few finally find
              first firstly fold folded folding folds followed following for forever former forth
              found freezer fridge friend friends fries from fry further furthermore generally gently
              get gets getting give given gives go goes going gone gonna good got gotta grandma
              grandpa granny great grill guess had hadn't happen happened hardly has hasn't have
              haven't having he he'd he'll he's held hello hence her here here's hers herself hey hi
              him himself his hmm hob hold holds hope hopefully how how's however husband i i'd i'll
              i'm i've if imagine in include includes including indeed inside into is isn't it it'd
              it'll it's its itself joined just keep kids kind kinda kitchen know ladle last lastly
              lately later least leave lest let let's lid like likely likes little look looks lot lots
              love lovely loves lunch made make makes making many may maybe me mean meanwhile mhm
              middle might mind mine mixed mixes mixing mmm monday month more moreover morning most
              mostly mother much mum must mustn't my myself namely nana near nearby nearly need needs
              neighbour never nevertheless next night nobody nonetheless nope normally nothing now
              nowadays nowhere nurse obviously off often oh ok okay on once one ones only onto
              ordinarily other others otherwise ought our ours ourselves out outside oven over overall
              own pay per perhaps personally piece pieces play plus portion possibly pour poured
              pouring pours prefer preferably prefers presumably pretty probably properly provided put
              puts putting quite rack ran rather really recently recipe reckon regarding remember
              require requires right roughly round run runs said same saturday saw say saying says
              scale scales second secondly see seem seems seldom sell seriously serve served serving
              servings several shall she she'd she'll she's shelf should shouldn't show shows side
              sides sift sifted sifting sifts simply simultaneously since sister slightly slowly so
              some somebody somehow someone something sometimes somewhat somewhere son soon sort sorta
              spatula stand start starting starts still stir stirred stirring stirs stove straight
              straightaway stuff such suddenly summer sunday suppose supposedly sure surely surface
              table take taken takes taking teacher tell thank thanks that that'd that'll that's their
              theirs them themselves then there there's thereafter therefore these they they'd they'll
              they're they've thing things think third thirdly this those though thought threw through
              throughout throw throwing thrown throws thus till tip tipping tips to today together
              told tomorrow tonight too took top topped tossed toward towards towel tried tries truly
              try trying turn turned turns twice typically ugh uh um uncle under underneath unless
              unlike until unto up upon us use used uses using usually various version very via wanna
              want wanted wants was wasn't watch way we we'd we'll we're we've week weekend well were
              weren't what what's whatever when when's whenever where where's whereas wherever whether
              which whichever while whisked whisking who who's whoever whom whose why wife will winter
              wish with within won't work worked works would wouldn't wow yeah year yep yes yesterday
              yet you you'd you'll you're you've your yours yourself
              """
                  .strip()
                  .split("\\s+")));

  private EverydayWords() {}

  /** Whether a word, in small letters, is one. */
  public static boolean is(String low) {
    return WORDS.contains(low) || WORDS.contains(low.replace('’', '\''));
  }
}
