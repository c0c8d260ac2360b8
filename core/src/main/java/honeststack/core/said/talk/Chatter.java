package honeststack.core.said.talk;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Worded;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.People;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.regex.Matcher;

/**
 * Foods that a sentence which measures nothing only talks of: "my sister grows blueberries", "they
 * taste of biscuits", "eggs are dear these days". None is in the recipe.
 */
public final class Chatter {
  private static final String SOME =
      "(?:(?:his|her|their|my|our|your|some|any|an?|the|own|fresh|good|of|more|in|brown) )*";

  private static final Sought BEHIND =
      Sought.of(
          "\\b(?:tastes?(?: (?:a (?:bit|little)|slightly|faintly|mostly|mainly|only|too much|strongly))? of|smells? of|smelt of|smelled of|tasted of|reminds? (?:me|us|her|him) of"
              + "|grows?|grew|sells?|sold|selling|stole|steals|buying|asked for|swore by|swears by"
              + "|is called|was called|is named|was named|named after|called after|crazy about"
              + "|mad about|fond of|nothing like|like you would|live on|lived on|lays?|laid"
              + "|next to the|older than the|price of|smell of|who doesn't love|allowed to sell"
              + "|(?:nobody|no one|no-one|none)(?: \\w+){0,5} (?:likes?|eats?|wants?|touches)"
              + "|was (?:frying|baking|boiling|roasting|making|eating|buying|drinking)"
              + "|always had|keeps? bees and|takes? (?:his|her|their|my|our)|street|ran out of"
              + "|(?:we|i|they) had) "
              + "((?:\\w+ ){0,2}?"
              + SOME
              + Worded.FOOD
              + "(?: (?:and|or|,) "
              + SOME
              + Worded.FOOD
              + ")*)");

  private static final Sought BEFORE =
      Sought.of(
          "^(?:(?:the|my|our|her|his|and|but|these|such|good|fresh) )*"
              + Worded.FOOD
              + " (?:was|were|is|are|'s) (?:so |very |too |quite |really |always |never )?"
              + "(?:cheap|dear|expensive|sweet enough|salty enough|rich enough|enough|plenty|on|all we|in bloom|rationed|scarce|hard to|what we|like gold"
              + "|lovely|not what|from next door|from the|free|half price|a luxury|a treat|by then)\\b"
              + ("|^(?:(?:and|but) )*(?:more|less|extra|fewer|too (?:much|little|many|few)) (?:of the )?"
                  + Worded.FOOD
                  + " (?:makes?|gives?|means|would (?:make|give|mean)|turns|keeps)\\b"));

  /** "My mother made them with lard." */
  private static final Sought THEIRS =
      Sought.of(
          "^(?:(?:and|but|so) )*(?:my|our|his|her|the) (?:great ?- ?)?(?:ma|pa|"
              + People.KIN
              + ")(?: ?- ?in ?- ?law)?"
              + " (?:(?:always|often|usually|only|used to|would) )*(?:made|makes?|did|does|cooked|cooks?|fried|fry|baked|bakes?)"
              + " (?:them|it|hers|his|theirs|these|pancakes|waffles)(?: all)? (?:with|in|using|out of) ("
              + SOME
              + Worded.FOOD
              + "(?: (?:and|or|,) "
              + SOME
              + Worded.FOOD
              + ")*)[ .!]*$");

  private static final Sought MEANT =
      Sought.of(
          "\\b(?:add|stir|put|use|top|serve|mix|with|on top|in it|in them|in mine|in the (?:batter|pan)"
              + "|over them|goes? in|go in|for (?:the|it|them))\\b");

  /** "do you put milk in them": what is asked is not done. */
  private static final Sought ASKED =
      Sought.of(
          "\\b(?:do|does|did|should|would|could|can) (?:you|i|we|they|he|she|people)(?: \\w+)? "
              + "(?:put|use|add|need|want|have|like|eat) (?:[a-z']+ ){0,2}?"
              + SOME
              + "("
              + Worded.FOOD
              + "(?: (?:and|or|,) "
              + SOME
              + Worded.FOOD
              + ")*)");

  private static final Remembered LEFT_OVER = Remembered.part("\\b(?:left|leftover|rest)\\b");

  private static final Sought LEFT =
      Sought.of(
          "\\b(?:left|left over|leftover|the rest)\\b(?: \\S+){0,6}? (?:goes|go|went|gets used) in(?:to)? "
              + SOME
              + "("
              + Worded.FOOD
              + ") (?:[.!,;]|$)");

  private Chatter() {}

  /** "what's left of the carton goes in my coffee": of something else. */
  private static void left(Clause clause) {
    if (clause.says(LEFT_OVER)) {
      Worded worded = Worded.withoutFoods(clause);
      Matcher left = LEFT.matcher(worded.words);
      if (left.find()) {
        worded.take(left.start(1), left.end(1), Part.ASIDE);
      }
    }
  }

  private static void asked(Clause clause) {
    if (clause.hasWord("do", "does", "did", "should", "would")) {
      Worded worded = Worded.withoutFoods(clause);
      Matcher asked = ASKED.matcher(worded.words);
      if (asked.find()) {
        worded.take(asked.start(1), asked.end(1), Part.ASIDE);
      }
    }
  }

  public static void in(Clause clause) {
    if (!clause.hasFood()) {
      return;
    }
    asked(clause);
    left(clause);
    if (clause.hasAmount()) {
      return;
    }
    Worded worded = Worded.withoutFoods(clause);
    Matcher behind = BEHIND.matcher(worded.words);
    if (behind.find() && !MEANT.isIn(worded.words)) {
      worded.take(behind.start(1), behind.end(1), Part.ASIDE);
    }
    Matcher theirs = THEIRS.matcher(worded.words);
    if (theirs.find()) {
      worded.take(theirs.start(1), theirs.end(1), Part.ASIDE);
    }
    Matcher before = BEFORE.matcher(worded.words);
    if (before.find()) {
      worded.take(before.start(), before.end(), Part.ASIDE);
    }
  }
}
