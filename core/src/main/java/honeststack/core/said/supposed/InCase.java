package honeststack.core.said.supposed;

import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.stream.Stream;

/**
 * Another amount for another case: "250 ml milk in winter, 230 in summer", "2 eggs if large, 3 if
 * small". Which case it is nobody says, so the amount is anything between them.
 */
public final class InCase {
  /** What is larger than so many times the smaller one is no other case of it. */
  private static final double WIDEST = 2;

  private static final String CASE =
      "(?:(?:if|when) [^#,;.]{2,40}|in (?:the )?(?:winter|summer|spring|autumn|fall|hot weather|cold weather"
          + "|warm weather|damp weather|dry weather)|on (?:a )?(?:humid|dry|damp|hot|cold|wet|weekdays|weekends|sundays)[^#@,;.]{0,12}"
          + "|for (?:a )?(?:very )?(?:thin|thick|fluffy|crisp|chewy|soft|light|dense|big|small|sweet|runny|stiff)(?:n?er)?[^#@,;.]{0,16}) ?";

  private static final String FIRST = "(?<first>" + CASE + ")";

  private static final String SECOND = "(?<second>" + CASE + ")";

  private static final String OR = "(?:(?:or|and|but|[,;–-]) )*";

  private static final List<Sought> FORMS =
      List.of(
          Sought.of(
              "(?<one># )(?:of )?(?<food>@ )?"
                  + CASE
                  + OR
                  + "(?:otherwise|else|normally|usually) "
                  + "(?<other># )(?<end>[,;.)]|$)"),
          Sought.of(
              "(?<one># )(?:of )?(?<food>@ )?" + FIRST + OR + "(?<other># )(?<same>@ )?" + SECOND),
          Sought.of(
              "\\b"
                  + FIRST
                  + "(?<one># )(?:of )?(?<food>@ )"
                  + OR
                  + SECOND
                  + "(?<other># )(?<same>@ )?"));

  /** "300 ml milk, 350 with wholemeal": of another recipe. */
  private static final Sought OTHER =
      Sought.of(
          "(?<one># )(?:of )?(?<food>@ )(?:[,;–-]|or|but)+ (?:or |but )?(?<other># )(?:if|when|with|when using|for|in case of|if it's|if using) (?:you use |using |it's )?(?:the )?(?<case>@ )(?:flour )?(?=[.,;)]|$)");

  private static final Sought WAS =
      Sought.of(
          "(?:(?:and|so|but|today|,) )*(?:mine|ours|i|we|i'm|it's|it|it was|my|they|today|the|had|we're)\\b(?: [^ ]+){1,7}[ .!]*");

  private static final Sought NOT = Sought.of("\\b(?:not|never|no)\\b|n't\\b");

  private InCase() {}

  /** "300 ml milk (350 if wholemeal)": so much of it with something else. */
  public static boolean isOther(Mention mention, Clause inner) {
    return inner.hasFood()
        && inner.isAmount(0)
        && inner.isWord(1, "if", "when")
        && mention.amount != null
        && isLike(inner.get(0), mention.amount.measure());
  }

  private static boolean isLike(Element other, Measure first) {
    return other.measure().unit() == first.unit() || other.isCount();
  }

  public static void in(Clause clause) {
    Shape.in(clause, 2, OTHER).ifPresent(found -> leaveOut(clause, found));
    for (Shape.Found found : Shape.all(clause, 2, FORMS).toList()) {
      if (join(clause, found)) {
        return;
      }
    }
  }

  private static void leaveOut(Clause clause, Shape.Found found) {
    Measure first = clause.get(found.at("one")).measure();
    Element other = clause.get(found.at("other"));
    double times = other.measure().amount() / first.amount();
    boolean next = clause.isStrong(found.at("other") + 1);
    if (isLike(other, first) && times <= WIDEST && times >= 1 / WIDEST && !next) {
      clause.take(found.at("other"), found.end(), Part.NOTE);
    }
  }

  private static boolean join(Clause clause, Shape.Found found) {
    int at = found.at("one");
    int food = found.at("food");
    Element one = clause.get(at);
    Element other = clause.get(found.at("other"));
    Measure first = one.measure();
    Measure second = other.measure();
    boolean alike = isLike(other, first);
    double low = Math.min(first.amount(), second.amount());
    double high = Math.max(first.amount(), second.amount());
    boolean plain = first.halfRange() == 0 && second.halfRange() == 0;
    boolean named = food >= 0 || clause.isFood(at - 1);
    if (!alike || !plain || !named || high > WIDEST * low || high == low) {
      return false;
    }
    one.instead = Numbers.plain(low) + "–" + written(high, first);
    if (found.said().pattern().pattern().contains("<second>")) {
      String before = found.said().group("first");
      String behind = found.said().group("second");
      clause.cases.add(
          new Clause.Case(
              one,
              written(first.amount(), first),
              before,
              written(second.amount(), first),
              behind));
    }
    found.take(Part.NOTE, at, food);
    return true;
  }

  private static String written(double amount, Measure like) {
    String what = like.unit() == Unit.COUNT ? like.size() : like.unit().symbol();
    return (Numbers.plain(amount) + " " + what).strip();
  }

  /** "Mine were large.": which case it was; whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause) {
    String words = clause.words(0, clause.size());
    if (!clause.mentions.isEmpty() || clause.hasAmount() || !WAS.isAll(words)) {
      return false;
    }
    for (Clause before : read) {
      for (Clause.Case one : before.cases) {
        boolean first = isOf(words, one.words(), one.otherWords());
        boolean second = isOf(words, one.otherWords(), one.words());
        boolean not = NOT.isIn(words);
        if (first != second) {
          before.mentions.stream()
              .filter(mention -> mention.amount == one.amount())
              .forEach(
                  mention -> {
                    mention.amountText = first != not ? one.text() : one.otherText();
                    mention.restated = true;
                  });
          clause.passOver();
          return true;
        }
      }
    }
    return false;
  }

  /** A word of one case, and not of the other, is said. */
  private static boolean isOf(String words, String one, String other) {
    List<String> others = List.of(other.split(" "));
    List<String> said = List.of(words.split(" "));
    return Stream.of(one.split(" "))
        .filter(word -> word.length() > 2 && !others.contains(word))
        .anyMatch(said::contains);
  }
}
