package honeststack.core.said.amount;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import java.util.List;

/**
 * Amounts that are told only beside the one that counts: what stays in the pack, "100 g ricotta,
 * leaves me 300 g for tomorrow", and what it was before, "butter 40 g, last time 70 g".
 */
public final class Beside {
  private static final String NOW = "(?<now># )(?:of )?(?<food>@ )";

  private static final String END = "(?= ?(?:[.,;]|$))";

  private static final String BEFORE =
      "(?:(?:the|my|her) (?:recipe|book|card|packet|box) (?:had|has|says|said|wanted|wants|called for|calls for|gave|gives)"
          + "|last (?:time|week|year)|previously|formerly)(?: it was| i used| i had| i took)?(?: :)?";

  private static final List<Sought> FORMS =
      List.of(
          Sought.of(
              NOW
                  + "(?:used|gone|taken|went in) (?:[,;–-] |and |so )*# (?:(?:is|are|was|were|still) )*(?:left|over|remain(?:ing|s)?)\\b"),
          Sought.of(
              NOW
                  + "(?:(?:,|;|–|-|and|so|which|that) )*(?:leaves?|leaving) (?:(?:me|us) (?:with )?# |# (?=for |in the |over|left|to |until))"),
          Sought.of(
              NOW
                  + "(?:[,;–-] |and )*the (?:other|remaining|last) # (?:(?:of it) )?(?:go|goes|went|is|are|stays?|stayed|was|were|gets?) "
                  + "(?:back|in the (?:fridge|freezer|cupboard)|for (?:tomorrow|later|next)|kept|saved|frozen|put (?:by|away))\\b"),
          Sought.of(
              "(?<food>@ )(?:: )?(?<now># )(?:[,;–-] )?(?:it )?(?:was|were|"
                  + BEFORE
                  + ") # "
                  + END),
          Sought.of(NOW + "(?:[,;–-] )?" + BEFORE + " # " + END),
          Sought.of("(?<food>@ )(?:[,:–-] )?now (?<now># )(?:[,;–-] )?before # " + END),
          Sought.of(
              "(?<food>@ )(?:[,:–-] )?(?:the )?(?:recipe|book|card|packet|original) (?:says )?# (?:[,;–-] |and |but )*(?:mine|ours|i use|i take|me) (?:is )?(?<now># )"
                  + END),
          Sought.of(
              "# (?:of )?(?<food>@ )(?:bought|opened|in the house) (?:[,;–-] |and |but )*(?<now># )(?:of it )?(?:used|needed|taken)\\b"),
          Sought.of(
              "# (?:of )?(?<food>@ )(?:, )?of which (?<now># )(?:go|goes|went|is|are|was|were) (?:in|used|needed)"
                  + "(?: the (?:batter|mix|bowl))? "
                  + END
                  + "(?!.*\\b(?:rest|other|remain))"));

  private Beside() {}

  public static void in(Clause clause) {
    Shape.all(clause, 2, FORMS).findFirst().ifPresent(found -> put(clause, found));
  }

  private static void put(Clause clause, Shape.Found found) {
    int food = found.at("food");
    int now = found.at("now");
    found.take(Part.NOTE, food, now);
    clause.get(now).corrects = now > food + 1;
    clause.bitByBit = true; // it tells of no other day
  }
}
