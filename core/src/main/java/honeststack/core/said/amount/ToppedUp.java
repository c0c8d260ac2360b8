package honeststack.core.said.amount;

import honeststack.core.food.Role;
import honeststack.core.measure.Measure;
import honeststack.core.measure.MeasuringSystem;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Remembered;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.Collections;
import java.util.List;

/** So much of a liquid as fills up another to a mark: "180 ml milk, water to 250 ml". */
public final class ToppedUp {
  private static final int FAR = 8;

  /** An egg takes about as many millilitres as it weighs grams (common practice). */
  static final double EGG = 50;

  /** The lowest mark of a jug that is said without its unit (common practice). */
  private static final double LEAST_MARK = 50;

  private static final String[] VESSELS = {"jug", "cup", "beaker", "measure", "cone", "glass"};

  private static final double TENTHS = 10;
  private static final double HUNDREDTHS = 100;

  private static final Sought TO =
      Sought.of(
          "(?:added )?(?:(?:till|until) (?:it|you) (?:reach(?:es)?|get|make|have|is|has)"
              + "|(?:up )?to(?: (?:make|reach|get|give|fill|bring)(?: it| them)?)?(?: up)?(?: to)?)"
              + "(?: the| a| about| full)*");

  private static final Sought REST =
      Sought.of(
          "(?<part># )(?:of )?@ (?:, |and |plus )*(?<rest>(?:the )?rest (?:of it )?)(?:up )?to (?:make )?(?<all># )(?:of )?@ ");

  private static final Sought UP_TO =
      Sought.of(
          "(?:.* )?(?:made|make|top|topped|fill|filled|bring|brought)(?: it| them)? up to(?: the| about)*");

  private static final Remembered MARK =
      Remembered.whole("mark|line|level|in (?:all|total)|altogether");

  private final Clause clause;

  private ToppedUp(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    if (clause.isWord(0, "set", "increase", "raise", "change")) {
      return; // "set eggs to 2, milk to 300 ml"
    }
    ToppedUp topped = new ToppedUp(clause);
    for (int i = 0; i < clause.size(); i++) {
      if (topped.isLiquid(i)) {
        topped.behind(i);
      } else if (clause.isStrong(i)) {
        topped.before(i);
      }
    }
  }

  /** "180 g white flour and the rest up to 250 wholemeal": so much of it as the first leaves. */
  public static void rest(Clause clause) {
    for (Shape.Found found : Shape.of(clause, 2).map(shape -> shape.each(REST)).orElse(List.of())) {
      Element first = clause.get(found.at("part"));
      Element all = clause.get(found.at("all"));
      double left = all.measure().amount() - first.measure().amount();
      boolean alike = all.isCount() || all.measure().unit() == first.measure().unit();
      if (alike && left > 0 && all.instead == null) {
        all.instead = (Numbers.plain(left) + " " + first.measure().unit().symbol()).strip();
        for (int i = found.at("rest"); i < found.at("all"); i++) {
          clause.get(i).part = Part.NOTE;
        }
      }
    }
  }

  private boolean isLiquid(int i) {
    return clause.isFood(i)
        && !clause.isAmount(i - 1)
        && clause.get(i).food.filter(named -> named.food().liquid()).isPresent();
  }

  /** "water to make 250 ml". */
  private void behind(int liquid) {
    int total = liquid + 1;
    while (total < liquid + FAR && clause.has(total) && !clause.get(total).isAmount()) {
      total++;
    }
    int end = clause.says(total + 1, MARK) ? total + 2 : total + 1;
    boolean of = clause.isWord(liquid - 1, "of") && clause.isStrong(liquid - 2);
    boolean marked = clause.isWord(total + 1, "mark", "line");
    boolean on = marked || clause.low(end).equals("on") || clause.low(end).equals("of");
    boolean closed = isEnd(end) || on && clause.isWord(end + 2, VESSELS);
    if (!of && clause.isStrong(total) && closed && isTo(liquid, total, on)) {
      on |= closed && !isEnd(end);
      int to = isEnd(end) ? end : end + 3;
      int first = first(liquid);
      boolean filled = (!on || first >= 0) && fill(first, total, liquid + 1, to);
      if (!filled && on && marked(total)) {
        clause.join(liquid + 1, to, clause.get(total), millilitres(total));
      }
    }
  }

  /** "milk poured up to the 300 mark". */
  private boolean isTo(int liquid, int total, boolean on) {
    String words = clause.words(liquid + 1, total);
    return TO.isAll(on ? words.replaceFirst("^(?:poured|filled|in) ", "") : words);
  }

  /** A mark says millilitres, with the unit or without. */
  private boolean marked(int total) {
    Measure mark = clause.get(total).measure();
    return mark.unit().kind() == Unit.Kind.MARKED
        || mark.unit() == Unit.COUNT && mark.amount() >= LEAST_MARK;
  }

  private String millilitres(int total) {
    Measure mark = clause.get(total).measure();
    boolean bare = mark.unit() == Unit.COUNT;
    return Numbers.plain(mark.amount()) + " " + (bare ? Unit.MILLILITRE : mark.unit()).symbol();
  }

  /** "made up to 250 ml with water". */
  private void before(int total) {
    int with = clause.says(total + 1, MARK) ? total + 2 : total + 1;
    int liquid = clause.isWord(with, "with", "using", "by adding") ? with + 1 : -1;
    while (liquid > 0 && clause.isWord(liquid, "the", "cold", "more", "some", "warm", "a")) {
      liquid++;
    }
    if (liquid > 0 && clause.isFood(liquid)) {
      int from = total;
      while (from > 0 && clause.get(from - 1).kind != Element.Kind.FOOD && from > total - FAR) {
        from--;
      }
      while (clause.isMark(from, ",", ";") || clause.isWord(from, "and", "then", "plus")) {
        from++;
      }
      if (UP_TO.isAll(clause.words(from, total))) {
        int first = first(total);
        boolean nameFirst = first > 0 && clause.isFood(first - 1);
        if (fill(first, total, from, liquid) && nameFirst) {
          Collections.swap(clause.elements, from, from + 1);
        }
      }
    }
  }

  private boolean isEnd(int i) {
    return !clause.has(i)
        || clause.get(i).kind == Element.Kind.MARK
        || clause.isWord(i, "and", "then", "with");
  }

  /** The amount of what is filled up; -1 if it stands too far off. */
  private int first(int before) {
    for (int i = before - 1; i >= 0 && i > before - 2 * FAR; i--) {
      if (clause.isStrong(i)) {
        return i;
      }
    }
    return -1;
  }

  private boolean fill(int first, int total, int from, int end) {
    if (first < 0) {
      return false;
    }
    Measure whole = whole(total);
    Measure part = clause.get(first).measure();
    boolean bare = whole.unit() == Unit.COUNT && part.unit().kind().isVolume(); // "180 ml … to 250"
    boolean same = bare || whole.unit() == part.unit();
    boolean cups = isOfCups(whole.unit()) && isOfCups(part.unit());
    double all = same || cups ? whole.amount() : millilitres(whole, first);
    double left =
        all - (same ? part.amount() : cups ? in(whole.unit(), part) : millilitres(part, first));
    if (whole.unit() == Unit.COUNT && !bare || !(left > 0) || left >= all) {
      return false;
    }
    Unit unit = same ? part.unit() : cups ? whole.unit() : Unit.MILLILITRE;
    double steps = cups ? HUNDREDTHS : TENTHS;
    String written = Numbers.plain(Math.round(left * steps) / steps) + " " + unit.symbol();
    clause.join(from, end, clause.get(total), written);
    return true;
  }

  private Measure whole(int total) {
    Measure said = clause.get(total).measure();
    boolean mark = clause.isWord(total + 1, "mark", "line") || clause.isWord(total + 1, "on");
    boolean bare = mark && said.unit() == Unit.COUNT && said.amount() >= LEAST_MARK;
    return bare
        ? new Measure(said.amount(), 0, Unit.MILLILITRE, said.packing(), said.size())
        : said;
  }

  /** Cups and spoons stand to each other alike in most kitchens. */
  private static boolean isOfCups(Unit unit) {
    return unit.kind() == Unit.Kind.VOLUME || unit.kind() == Unit.Kind.SPOON;
  }

  private static double in(Unit unit, Measure measure) {
    MeasuringSystem us = MeasuringSystem.US;
    return measure.amount() * measure.unit().millilitres(us) / unit.millilitres(us);
  }

  /** "eggs in the jug, 2 of them". */
  private int nameBefore(int amount) {
    int name = amount - 1;
    while (name >= 0 && name > amount - FAR && !clause.get(name).isAmount()) {
      if (clause.isFood(name)) {
        return name;
      }
      name--;
    }
    return -1;
  }

  /** Not a number if nobody knows. A gram is near enough to a millilitre here. */
  private double millilitres(Measure measure, int amount) {
    int food = clause.isWord(amount + 1, "of") ? amount + 2 : amount + 1;
    int name = clause.isFood(food) ? food : nameBefore(amount);
    boolean egg = clause.isFood(name) && clause.get(name).isRole(Role.EGG);
    return switch (measure.unit().kind()) {
      case MARKED, VOLUME, SPOON ->
          measure.amount() * measure.unit().millilitres(MeasuringSystem.METRIC);
      case MASS -> measure.amount() * measure.unit().grams();
      case COUNT -> egg ? measure.amount() * EGG : Double.NaN;
      default -> Double.NaN;
    };
  }
}
