package honeststack.core.said.page;

import honeststack.core.line.NumberText;
import honeststack.core.line.UnitWords;
import honeststack.core.measure.Measure;
import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Scaled;
import honeststack.core.said.told.Mark;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.RefusedException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How much a cook's own glass, mug or bowl holds, where the text says so: "my mug is 300 ml". */
public final class Vessels {
  private static final String NAME =
      "(?<name>glass|mug|cup|teacup|tumbler|beaker|bowl|katori|wineglass|ladle|scoop|tazza|taza|pot)";

  private static final String SIZE =
      "(?<size>\\d+(?:[.,]\\d+)?"
          + "|(?:a|one|two|three|four|five) hundred(?: and (?:twenty|thirty|forty|fifty|eighty)(?: five)?)?"
          + "|a quarter(?: of)?(?: an?)?|half an?|a third of an?)"
          + " ?(?<unit>mls?|mils?|millilit(?:re|er)s?|cl|dl|l|lit(?:re|er))\\b";

  private static final Sought MEASURED = Sought.of(SIZE, Pattern.CASE_INSENSITIVE);

  private static final Sought VESSEL = Sought.of(NAME, Pattern.CASE_INSENSITIVE);

  /** "a quarter of a" litre. */
  private static final Sought AN_A = Sought.of("(?: of)?(?: an?)?$");

  /** With which something is measured. */
  private static final Pattern BOWLS =
      Pattern.compile("\\bbowl(s?)(?= (?:of\\b|full))", Pattern.CASE_INSENSITIVE);

  /** How many letters around a size may name what holds it. */
  private static final int NEAR = 50;

  private static final List<Pattern> STATED =
      List.of(
          written(
              "(?:\\b(?:a|the|my|our|your|one|each|1) )?\\b"
                  + NAME
                  + "(?:'s|’s|,? (?:that |which )?(?:is|holds|takes|measures|equals|=|means)) "
                  + "(?:(?:the|an?) (?:[a-z-]+ ){1,4}(?:so|of|at|with) )?"
                  + "(?:(?:like|maybe|only|about|roughly|around|just|exactly|say) ){0,2}"
                  + SIZE),
          written("\\((?:a |the |my |one |1 )?" + NAME + "(?: of| is| =|:|,)? ?" + SIZE + "\\)"),
          // ", glass 250 ml", "Glass: 250 ml"
          written(
              "(?<=[.,;:] |^|\\n)(?:a |the |my |one )?"
                  + NAME
                  + "(?::| =| -)? "
                  + SIZE
                  + "(?= ?[.,;)\\n]|$)"),
          // "(250 ml glass)", "I use a 250 ml glass"
          written(
              "(?:\\((?:a |my |the |in )?|\\b(?:with|using|use|by|my|our|measured in|that's|it's|which is|mine's)"
                  + " (?:an? |the |my )?)"
                  + SIZE
                  + "[ -]"
                  + NAME
                  + "(?:e?s)?\\b(?! of\\b)\\)?"));

  /** Behind an amount, which says so of all others of its kind: "a mug (280 ml) of flour". */
  private static final Pattern BESIDE =
      written(
          "(?:\\b(?:an?|one|1) (?:\\w+ )?"
              + NAME.replace("|cup|", "|")
              + "(?:ful)?(?: of \\w+)? \\("
              + SIZE
              + "\\)|"
              + NAME.replace("?<name>", "?<names>").replace("|cup|", "|")
              + "(?:ful)?e?s(?: of \\w+)? \\("
              + SIZE.replace("?<size>", "?<sizes>").replace("?<unit>", "?<units>")
              + " each\\))");

  private static final Pattern METRIC_CUPS = written("\\(?\\bmetric cups?\\b(?! of)(?: used)?\\)?");

  private static final String METRIC = "metric";

  /** "1½ metric cups": it is the unit of an amount. */
  private static final Pattern COUNTED =
      written("(?:[\\d½¼¾⅓⅔]|\\b(?:an?|one|two|three|four|half|half an?|quarters?|thirds?)) ?$");

  /** Millilitres. Common practice in Australia and Canada. */
  private static final double METRIC_CUP = 250;

  private final Map<Unit, Double> sizes = new EnumMap<>(Unit.class);

  /** Of what is no unit by itself: "pot". */
  private final Map<String, Double> containers = new HashMap<>();

  /** Stretches of the text that say so. */
  public final List<Mark> marks = new ArrayList<>();

  public final String text;

  /**
   * @param said in which the stretches are left blank
   */
  public Vessels(String said) {
    StringBuilder rest = new StringBuilder(said);
    List<MatchResult> vessels = VESSEL.all(said);
    List<MatchResult> measured = vessels.isEmpty() ? List.of() : MEASURED.all(said);
    int from = 0;
    int near = 0;
    for (MatchResult size : measured) {
      int begin = Math.max(from, size.start() - NEAR);
      int end = Math.min(said.length(), size.end() + NEAR);
      while (near < vessels.size() && vessels.get(near).start() < begin) {
        near++;
      }
      if (near == vessels.size() || vessels.get(near).end() > end) {
        continue;
      }
      beside(said, begin, end);
      from = STATED.stream().mapToInt(p -> stated(p, said, begin, end, rest)).max().orElse(0);
      from = Math.max(begin, from);
    }
    if (said.contains("etric cup")) {
      Matcher cups = METRIC_CUPS.matcher(said);
      while (cups.find()) {
        sizes.put(Unit.CUP, METRIC_CUP);
        if (COUNTED.matcher(said.substring(0, cups.start())).find()) {
          rest.replace(cups.start(), cups.start() + METRIC.length(), " ".repeat(METRIC.length()));
        } else {
          blank(cups, rest);
        }
      }
    }
    this.text = containers.containsKey("bowl") ? asMugs(rest.toString()) : rest.toString();
  }

  /** "two bowls of flour" are two mugs as large. */
  private String asMugs(String said) {
    sizes.putIfAbsent(Unit.MUG, containers.get("bowl"));
    return BOWLS.matcher(said).replaceAll(bowl -> "mug" + bowl.group(1) + " ");
  }

  private static Pattern written(String pattern) {
    return Pattern.compile(pattern, Pattern.CASE_INSENSITIVE);
  }

  /** Takes what a stretch of the text says; where that ends, 0 for nothing. */
  private int stated(Pattern pattern, String said, int begin, int end, StringBuilder rest) {
    Matcher matcher = pattern.matcher(said).region(begin, end);
    matcher.useTransparentBounds(true).useAnchoringBounds(false);
    if (!matcher.find()) {
      return 0;
    }
    if (put(matcher.group("name"), matcher.group("size"), matcher.group("unit"))) {
      blank(matcher, rest);
    }
    return matcher.end();
  }

  private void beside(String said, int begin, int end) {
    Matcher matcher = BESIDE.matcher(said).region(begin, end);
    while (matcher.find()) {
      boolean one = matcher.group("name") != null;
      put(
          matcher.group(one ? "name" : "names"),
          matcher.group(one ? "size" : "sizes"),
          matcher.group(one ? "unit" : "units"));
    }
  }

  /** Whether the size can be read: not "1.250 ml", which may be one or a thousand. */
  private boolean put(String name, String size, String unit) {
    double factor =
        switch (unit.toLowerCase(Locale.ROOT)) {
          case "cl" -> 10;
          case "dl" -> 100;
          case "l", "litre", "liter" -> 1000;
          default -> 1;
        };
    String number = AN_A.matcher(size.toLowerCase(Locale.ROOT)).replaceFirst("");
    try {
      double amount = NumberText.read(number) * factor;
      String low = name.toLowerCase(Locale.ROOT);
      UnitWords.of(low)
          .ifPresentOrElse(vessel -> sizes.put(vessel, amount), () -> containers.put(low, amount));
      return true;
    } catch (RefusedException notRead) {
      return false;
    }
  }

  private void blank(Matcher found, StringBuilder rest) {
    marks.add(new Mark(found.start(), found.end(), Part.NOTE, Mark.NO_LINE));
    for (int i = found.start(); i < found.end(); i++) {
      rest.setCharAt(i, ' ');
    }
  }

  /** Writes the amounts in vessels of a known size in millilitres. */
  public void restate(Clause clause) {
    for (Mention mention : clause.mentions) {
      Measure measure = mention.amount == null ? null : measure(mention);
      boolean one = measure != null && mention.amount.amount.orElseThrow().terms().size() == 1;
      Double size = one && mention.isMeasured() ? size(mention, measure) : null;
      if (size != null) {
        mention.amountText = Scaled.in("ml", measure, size);
        mention.restated = true;
      }
    }
  }

  /** "flour one mug, milk two": in the unit that it was given. */
  private static Measure measure(Mention mention) {
    Measure own = mention.amount.measure();
    return mention.restated ? Scaled.single(mention.amountText).orElse(own) : own;
  }

  /** Null for what the text says nothing of. */
  private Double size(Mention mention, Measure measure) {
    return measure.unit() == Unit.COUNT && !mention.notes.contains("(")
        ? containers.get(measure.size())
        : sizes.get(measure.unit());
  }
}
