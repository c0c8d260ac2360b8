package honeststack.core.said.ratio;

import honeststack.core.line.NumberText;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Worded;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;

/**
 * An amount and what was made of it: "I halved the 50 g sugar", "cut the 60 g sugar by a third",
 * "200 ml milk plus 10 %". What it came to counts.
 */
public final class Altered {
  private static final double HUNDRED = 100;

  private static final Map<String, Double> TIMES =
      Map.of("halv", 0.5, "doub", 2.0, "trip", 3.0, "quar", 0.25);

  private static final String THE = " (?:the|my|that|our|those) (?:usual |original |recipe's )?";

  /** A sign for an amount, and one for a food. */
  private static final String WHOLE = "(?<whole>@)(?: of)? #";

  private static final String SHARE =
      "(?:an? |one )?(?<share>half|third|quarter|fifth|tenth|two thirds|three quarters|2/3|⅔|3/4|¾)";

  /** Of a half other rules tell. */
  private static final String NO_HALF =
      "(?:an? |one )?(?<share>third|quarter|fifth|tenth|two thirds|three quarters|2/3|⅔|3/4|¾)";

  private static final String BY = "(?:about )?(?:(?<by>@)|(?<percent>\\d+) %|" + SHARE + ")";

  private static final String VERB =
      "(?<verb>halved?|halving|doubled?|doubling|tripled?|tripling|quartered)";

  /** One of these stands in each of the forms. */
  private static final Remembered HINT =
      Remembered.part(
          "halv|doubl|tripl|quarter|\\bcut|reduc|lower|drop|trim|decreas|slash|increas|\\bup|rais|bump"
              + "|\\boff\\b|less|fewer|more|third|fifth|tenth|[⅔¾]|[23]/[34]|again|extra|%|minus");

  /** How the amount is reckoned. */
  private enum How {
    TIMES,
    LESS,
    MORE,
    ONE_MORE,
    SHARE
  }

  private record Form(How how, Sought said) {
    static Form of(How how, String said) {
      return new Form(how, Sought.of("(?<![\\w@])" + said));
    }
  }

  private static final List<Form> FORMS =
      List.of(
          Form.of(How.TIMES, VERB + THE + WHOLE),
          Form.of(
              How.TIMES,
              WHOLE
                  + " ?,?(?: which| that| and| but| so)? (?:i|we|you|she|he) (?:always |usually |now |then |only )*"
                  + VERB
                  + "\\b(?! (?:it|that|them|this|these|those|everything|all|the (?:lot|whole|recipe|amounts|quantities|batch))\\b)"),
          Form.of(
              How.LESS,
              "(?:cut|cutting|reduc\\w+|lower\\w*|dropp?\\w*|trimm?\\w*|decreas\\w+|slash\\w*)(?: down| back)?"
                  + THE
                  + WHOLE
                  + "(?: down)? (?:in|by) "
                  + BY),
          Form.of(
              How.MORE,
              "(?:increas\\w+|up|upped|rais\\w+|bump\\w*)(?: up)?" + THE + WHOLE + " by " + BY),
          Form.of(
              How.LESS, "(?:take|took|knock|knocked|shave|shaved) " + BY + " off" + THE + WHOLE),
          Form.of(How.LESS, BY + " (?:less|fewer) than" + THE + WHOLE),
          Form.of(How.MORE, BY + " more than" + THE + WHOLE),
          Form.of(How.SHARE, NO_HALF + " of" + THE + WHOLE + "(?!.*\\b(?:rest|remain))"),
          Form.of(How.MORE, SHARE + "(?: as much)? again (?:as|to)" + THE + WHOLE),
          Form.of(
              How.ONE_MORE,
              WHOLE
                  + " ?,?(?: and| plus| then| \\+)+ (?:an|one) extra(?: one| @)?(?= [,.;!]|$| $)"),
          Form.of(How.MORE, WHOLE + " (?:plus|\\+) (?<percent>\\d+) %"),
          Form.of(How.LESS, WHOLE + " (?:less|minus|-) (?<percent>\\d+) %"));

  /** "reduce the sugar by 20 g to 30 g": what it was reduced by is no amount of it. */
  private static final Sought BY_TO =
      Sought.of(
          "(?:reduc\\w+|cut|lower\\w*|increas\\w+|rais\\w+) (?:the|my) # by (?<range>[^@#]+? to (?<to>\\d[^@#]*?)) $");

  private final Clause clause;
  private final int[] starts;
  private final String words;

  private Altered(Clause clause) {
    this.clause = clause;
    this.starts = new int[clause.size()];
    StringBuilder said = new StringBuilder();
    for (int i = 0; i < clause.size(); i++) {
      starts[i] = said.length();
      boolean amount = clause.isStrong(i) && PartlyOther.isPlain(clause.get(i));
      boolean part = amount && PartlyOther.isShare(clause.low(i));
      said.append(clause.isFood(i) ? Worded.FOOD : amount && !part ? "@" : clause.low(i));
      said.append(' ');
    }
    this.words = said.toString();
  }

  public static void in(Clause clause) {
    if (!clause.hasAmount() || clause.elements.stream().noneMatch(e -> e.says(HINT))) {
      return;
    }
    Altered altered = new Altered(clause);
    Matcher to = BY_TO.matcher(altered.words);
    if (to.find()) {
      int range = altered.element(to.start("range"));
      Element amount = clause.get(range);
      clause.elements.set(range, amount.spanning(amount.from, amount.to, to.group("to")));
      return;
    }
    for (Form form : FORMS) {
      Matcher said = form.said.matcher(altered.words);
      if (said.find() && altered.take(form, said)) {
        return;
      }
    }
  }

  private boolean take(Form form, Matcher said) {
    int whole = element(said.start("whole"));
    Element amount = clause.get(whole);
    double now = reckoned(form, said, amount.measure());
    if (!(now > 0)) {
      return false;
    }
    int from = element(said.start());
    int to = element(said.end() - 1) + 1;
    String written = PartlyOther.written(amount, now);
    clause.elements.set(whole, amount.spanning(amount.from, amount.to, written));
    for (int i = from; i < to; i++) {
      if (i != whole && !clause.get(i).isFood()) {
        clause.get(i).part = Part.NOTE;
      }
    }
    return true;
  }

  /** Not a number where it cannot be reckoned. */
  private double reckoned(Form form, Matcher said, Measure whole) {
    double all = whole.amount();
    if (form.how == How.TIMES) {
      return all * TIMES.get(said.group("verb").substring(0, 4));
    }
    if (form.how == How.ONE_MORE) {
      return whole.unit() == Unit.COUNT ? all + 1 : Double.NaN;
    }
    double part = part(said, whole);
    return switch (form.how) {
      case LESS -> all - part;
      case MORE -> all + part;
      default -> part;
    };
  }

  private double part(Matcher said, Measure whole) {
    String pattern = said.pattern().pattern();
    String share = pattern.contains("<share>") ? said.group("share") : null;
    String percent = pattern.contains("<percent>") ? said.group("percent") : null;
    if (share != null) {
      return PartlyOther.share(share, whole.amount());
    }
    if (percent != null) {
      return whole.amount() * NumberText.read(percent) / HUNDRED;
    }
    Measure by = clause.get(element(said.start("by"))).measure();
    return by.unit() == whole.unit() ? by.amount() : Double.NaN;
  }

  private int element(int at) {
    int i = 0;
    while (i + 1 < starts.length && starts[i + 1] <= at) {
      i++;
    }
    return i;
  }
}
