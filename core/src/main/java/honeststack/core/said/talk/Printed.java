package honeststack.core.said.talk;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.stream.IntStream;

/**
 * What a packet says of what is in it: "the bag says 35 g sugar per 100 g", "per the label a 30 g
 * serving has 3 g sugar". It measures nothing; "the packet says 200 g mix to 300 ml milk" does.
 */
public final class Printed {
  private static final int FAR = 6;

  private static final Remembered PACKET =
      Remembered.whole(
          "bag|packet|pack|packaging|package|label|labels|tin|can|box|jar|carton|wrapper|pot|tub"
              + "|bottle|panel|sleeve|back");

  /** Right behind the packet: "says", "on the milk says", ":". */
  private static final Sought SAYS =
      Sought.of(
          "(?:(?:of|on|for) (?:the|my|our) .{1,20} )?(?:(?:also|here|it) )*"
              + "(?:says|said|say|claims|states|gives|lists|reads|shows|has|quotes|there's|there is)\\b");

  /** Right before it: "according to the", "it says on the". */
  private static final Sought BY =
      Sought.of(
          ".*\\b(?:according to|as per|going by|per|from|by|on|says on) (?:the|my|our|its|this)"
              + "(?: nutrition| back of the)?");

  private static final Sought OF_SO_MUCH =
      Sought.of(
          "\\b(?:per|in|for|of) (?:every |each |a )?100 ?(?:g|ml|grams?)\\b"
              + "|\\b(?:per|a|each|every|in one|one) (?:\\d+ ?(?:g|ml) )?(?:serving|portion|scoop|helping)\\b");

  private static final Remembered NUTRIENT =
      Remembered.whole(
          "protein|carbs?|carbohydrates?|fat|fats|saturates|fibre|fiber|sodium|kcal|calories|energy");

  private Printed() {}

  public static void in(Clause clause) {
    for (int i = 0; i < clause.size(); i++) {
      if (clause.says(i, PACKET) && isQuoted(clause, i)) {
        int to = end(clause, i);
        int from = begin(clause, i);
        boolean of =
            OF_SO_MUCH.isIn(clause.words(i, to))
                || IntStream.range(i, to).anyMatch(k -> clause.says(k, NUTRIENT));
        if (of) {
          clause.take(from, to, Part.ASIDE);
        }
        i = to;
      }
    }
  }

  private static boolean isQuoted(Clause clause, int packet) {
    return clause.isMark(packet + 1, ":")
        || SAYS.begins(clause.words(packet + 1, packet + FAR + 1))
        || BY.isAll(clause.words(packet - FAR, packet));
  }

  /** Where the words about the packet begin: "the flour packet", "it says on the tin". */
  private static int begin(Clause clause, int packet) {
    int from = packet;
    while (from > 0
        && !clause.isMark(from - 1, ",", ";", ".", ":", "-", "–")
        && !clause.isWord(from - 1, "and", "but")
        && !(clause.isFood(from - 1) && clause.isAmount(from - 2))
        && !clause.isStrong(from - 1)) {
      from--;
    }
    return from;
  }

  /** Before what the speaker does. */
  private static int end(Clause clause, int packet) {
    int to = packet + 1;
    while (clause.has(to)
        && !clause.isMark(to, ";")
        && !(clause.isWord(to, "i", "we") && clause.isMark(to - 1, ",", "-", "–"))
        && !(clause.isWord(to, "i", "we") && clause.isWord(to - 1, "so", "but", "and"))) {
      to++;
    }
    return to;
  }
}
