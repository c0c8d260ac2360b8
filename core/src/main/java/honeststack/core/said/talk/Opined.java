package honeststack.core.said.talk;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Optional;

/**
 * What somebody thinks of a food that is not in it, beside what is: "200 ml water since milk browns
 * too fast", "30 g butter; oil would do", "the bacon brings the salt".
 */
public final class Opined {
  private static final String END = "(?=[,.;:)!–—-] |$)";

  private static final String DOES =
      "(?:browns?|burns?|makes?|sticks?|splits?|curdles?|sinks?|tends?|would|will|gets? too|spits?|smokes?|sets|tastes?|dries|colours?|catches|overpowers|toughens?"
          + "|turns? (?:them|it)|keeps? (?:them|it)|gives? (?:them|it)|goes? (?:off|hard|soggy|bitter|grey|lumpy|rancid|rubbery)|can be|(?:is|are) too|isn't|aren't|doesn't|don't|never) ";

  /** None of them is without. */
  private static final Remembered HINT =
      Remembered.part(
          "since|because|cause|as|for|would|could|might|will|bring|brings|give|gives|provide|provides|leave|makes|make|tend|tends|spoils|ruins|kills|won't|can't|isn't|aren't|is|are|burns|sticks");

  private static final List<Sought> FORMS =
      List.of(
          Sought.of(
              "(?:since|because|cause|as|for) (?:the |my |plain |ordinary |only )?(?<food>@ )"
                  + DOES
                  + "[^#@]*?"
                  + END),
          Sought.of(
              "(?:^|[,;–—(-] )(?:but |and |though )?(?:the )?(?<food>@ )(?:would|could|might|will)(?: also| just| only| have)* "
                  + "(?:do|be|been|work|taste|make|made|burn|stick|split|curdle|sink|turn|give|spoil|ruin|kill)\\b[^#@,;]*?"
                  + END),
          Sought.of(
              "[,;–—(-] (?:but |and |though )?(?:the )?(?<food>@ )(?:spoils?|ruins?|kills?|makes? (?:it|them)|won't|can't|isn't|aren't|(?:is|are) too|burns?|sticks?) [^#@,;]*?"
                  + END),
          Sought.of(
              "(?:^|[,;–—(-] )(?:and |but )?the @ (?:already |itself )?(?:brings?|gives?|provides?|has) (?:enough |the |its own |all the |plenty of )+(?<food>@ )(?:needed |anyway |already |with it )*"
                  + END),
          Sought.of("\\bleave the (?<food>@ )to the @ "));

  /** "the banana's the sugar here, 200 g of it", "dates are the only sweetener, 60 g". */
  private static final Sought SERVES_AS =
      Sought.of(
          "@ (?:'s |is |are )?(?:the |all the |the only |my |my only |its )(?<food>@ )(?:here |in it |in this |there is )*"
              + END);

  private static final String[] TASTES = {"sugar", "sweetener", "sweetening", "fat", "salt"};

  private Opined() {}

  public static void in(Clause clause) {
    if (!clause.hasFood() || !clause.says(HINT)) {
      return;
    }
    Optional<Shape> shape = Shape.of(clause, 1);
    for (Sought form : FORMS) {
      shape.flatMap(s -> s.find(form)).ifPresent(found -> aside(clause, found.at("food")));
    }
    shape
        .flatMap(s -> s.find(SERVES_AS))
        .map(found -> found.at("food"))
        .filter(food -> clause.isWord(food, TASTES))
        .ifPresent(food -> clause.get(food).part = Part.ASIDE);
  }

  private static void aside(Clause clause, int food) {
    Element said = clause.get(food);
    boolean measured = clause.isStrong(food - 1) || clause.isStrong(food + 1);
    if (said.isFood() && !measured) {
      said.part = Part.ASIDE;
    }
  }
}
