package honeststack.core.said;

import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.wording.Numbers;
import java.util.List;

/**
 * Another amount for another case: "250 ml milk in winter, 230 in summer", "2 eggs if large, 3 if
 * small". Which case it is nobody says, so the amount is anything between them.
 */
final class InCase {
  /** What is larger than so many times the smaller one is no other case of it. */
  private static final double WIDEST = 2;

  private static final String CASE =
      "(?:(?:if|when) [^#,;.]{2,40}|in (?:the )?(?:winter|summer|spring|autumn|fall|hot weather|cold weather"
          + "|warm weather|damp weather|dry weather)|on (?:a )?(?:humid|dry|damp|hot|cold|wet|weekdays|weekends|sundays)[^#@,;.]{0,12}"
          + "|for (?:a )?(?:very )?(?:thin|thick|fluffy|crisp|chewy|soft|light|dense|big|small|sweet|runny|stiff)(?:n?er)?[^#@,;.]{0,16}) ?";

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
              "(?<one># )(?:of )?(?<food>@ )?" + CASE + OR + "(?<other># )(?<same>@ )?" + CASE),
          Sought.of(
              "\\b"
                  + CASE
                  + "(?<one># )(?:of )?(?<food>@ )"
                  + OR
                  + CASE
                  + "(?<other># )(?<same>@ )?"));

  private InCase() {}

  static void in(Clause clause) {
    for (Shape.Found found : Shape.all(clause, 2, FORMS).toList()) {
      if (join(clause, found)) {
        return;
      }
    }
  }

  private static boolean join(Clause clause, Shape.Found found) {
    int at = found.at("one");
    int food = found.at("food");
    Element one = clause.get(at);
    Element other = clause.get(found.at("other"));
    Measure first = one.measure();
    Measure second = other.measure();
    boolean alike = second.unit() == first.unit() || second.unit() == Unit.COUNT;
    double low = Math.min(first.amount(), second.amount());
    double high = Math.max(first.amount(), second.amount());
    boolean plain = first.halfRange() == 0 && second.halfRange() == 0;
    boolean named = food >= 0 || clause.isFood(at - 1);
    if (!alike || !plain || !named || high > WIDEST * low || high == low) {
      return false;
    }
    String what = first.unit() == Unit.COUNT ? first.size() : first.unit().symbol();
    one.instead = (Numbers.plain(low) + "–" + Numbers.plain(high) + " " + what).strip();
    found.take(Part.NOTE, at, food);
    return true;
  }
}
