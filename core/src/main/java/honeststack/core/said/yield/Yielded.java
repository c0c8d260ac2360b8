package honeststack.core.said.yield;

import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.told.Part;
import honeststack.core.said.told.Told;
import honeststack.core.said.words.Sort;
import honeststack.core.wording.WordSet;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * How many come out, or how many eat, in whatever words: a stretch of a sentence that names no
 * food, nobody and one number, and of which every word may speak of making, pouring and counting.
 * "We fry about 14", "ten is what you get", "11 off the iron", "per batch of 6".
 */
public final class Yielded {
  private static final int LONGEST = 12;
  private static final double MOST = 100;

  /** One of them is said. */
  private static final Set<String> SAYS =
      WordSet.of(
          """
          fry fries fried frying bake bakes baked cook cooks cooked pour pours poured ladle ladled
          ladles spoon spooned drop dropped scoop scooped portion portions portioned flip flipped
          get gets got getting give gives gave given yield yields yielded produce produces produced
          turn turns turned come comes came coming end ends ended finish finished stretch
          stretches stretched count counted counting reckon reckoned expect expected total
          altogether batch stack tower pile plateful panful griddleful iron irons off fill fills
          filled divide divides divided split splits shape shaped result results resulted make
          makes made making work works worked land landed left land yields output bottom
          there there's there'll filling runs ran anything tally total total's adds looking count somewhere kind
          result scoops squeeze squeezed squeezes wedges squares
          """);

  /** One of them is said of eaters. */
  private static final Set<String> SEATS =
      WordSet.of(
          """
          sits seats seated sat seat sit party table tables class crowd group gang team household
          family families breakfast brunch dinner supper lunch tea picnic round eat eats ate eating
          feed feeds fed sharing shared diners satisfy satisfies eaters mouths
          """);

  /** May stand about it. */
  private static final Set<String> ABOUT =
      WordSet.of(
          """
          i we you they you're we're they're it's i've we've it this that these those my our your the a an of in on at to for from out up
          with by and then so about around roughly approximately nearly almost just only exactly
          maybe perhaps probably possibly usually normally generally always often sometimes mostly
          easily comfortably happily over under between least most more less than should would could
          can will might must may it'll that'll you'll we'll i'll i'd we'd you'd he's be is are was
          were being been what which when all told whole full size sized small smaller large larger
          big bigger medium little mini minis tiny thin thick fat round flat good decent nice proper
          plate palm saucer dinner silver dollar sort type style ones one place
          pancakes waffles crepes crêpes crepe pikelets drop-scones hotcakes flapjacks cakes rounds
          galettes blini pieces today today's tonight tonight's time last morning batter mix mixture bowl recipe lot amount quantity
          quantities number per pan skillet griddle waffle baker's if not careful push thereabouts
          were had take or maybe sometimes see does do did had have has and like well right generous stingy
          me us them ish anyway though mind usually honest whichever depending
          """);

  /** Before "at", "to" or "on" it is of heat or time, unless one of them stands before that. */
  private static final Map<String, Set<String>> UP =
      Map.of(
          "at", WordSet.of("out looking ended ends end finished landed"),
          "to",
              WordSet.of(
                  "up comes come came stretch stretches stretched run runs ran see you us me amounts"
                      + " over close nearer"),
          "on", WordSet.of("count reckon"));

  /** A dash or a colon behind them is no end. */
  private static final Set<String> LABELS =
      WordSet.of(
          "size quantity number total tally count yield yields makes output pieces batch result");

  private final Clause clause;

  private Yielded(Clause clause) {
    this.clause = clause;
  }

  /** The pieces of the first stretch that says any. */
  public static void in(Clause clause) {
    if (clause.elements.stream().anyMatch(e -> e.is(Sort.CORRECT))) {
      return; // "2 eggs, no, make that 3"
    }
    new Yielded(clause).find();
  }

  private void find() {
    int from = 0;
    for (int i = 0; i <= clause.size(); i++) {
      if (i == clause.size() || isBoundary(i)) {
        if (i > from && take(clause.elements.subList(from, i))) {
          return;
        }
        from = i + 1;
      }
    }
  }

  private boolean isBoundary(int i) {
    boolean numbers =
        clause.has(i - 1) && isNumber(at(i - 1)) && clause.has(i + 1) && isNumber(at(i + 1));
    boolean size =
        clause.has(i - 1) && clause.isMark(i, ":", "-", "–") && LABELS.contains(clause.low(i - 1));
    return !size && clause.isMark(i, ",", ";", ".", "(", ")", "–", "—", "-", "!", "?", ":")
        || !numbers && clause.isWord(i, "and", "but", "so", "because", "while", "which");
  }

  private Element at(int i) {
    return clause.get(i);
  }

  private boolean take(List<Element> told) {
    List<Element> numbers = told.stream().filter(Yielded::isNumber).toList();
    boolean between =
        numbers.size() == 2
            && told.indexOf(numbers.get(1)) == told.indexOf(numbers.get(0)) + 2
            && told.stream().anyMatch(e -> e.low().matches("(?:.* )?between"));
    if (told.size() > LONGEST || !(numbers.size() == 1 || between)) {
      return false;
    }
    Set<String> said = said(told);
    if (said.contains("make") && said.contains("that")) {
      return false; // "two eggs, make that three"
    }
    if (said.contains("left") && !said.contains("with")) {
      return false; // "there are always two left"
    }
    boolean made = says(said, SAYS) && isPieces(told, numbers.get(0));
    if (!made && !says(said, SEATS)) {
      return false;
    }
    Told.Count low = BareCounts.range(numbers.get(0));
    Told.Count high = BareCounts.range(numbers.get(numbers.size() - 1));
    Optional<Told.Count> counted = Optional.of(new Told.Count(low.low(), high.high()));
    clause.counts.pieces = made ? counted : Optional.empty();
    clause.counts.serves = made ? Optional.empty() : counted;
    numbers.forEach(number -> number.part = made ? Part.YIELD : Part.SERVES);
    return true;
  }

  private static boolean says(Set<String> said, Set<String> one) {
    return said.stream().allMatch(word -> one.contains(word) || ABOUT.contains(word))
        && said.stream().anyMatch(one::contains);
  }

  /** All words but the number; none where something else is spoken of. */
  private static Set<String> said(List<Element> told) {
    Set<String> said = new HashSet<>();
    for (Element element : told) {
      boolean batch =
          element.is(Sort.UNIT_OTHER) && element.low().matches("(?:a |one |per )?batch");
      boolean into = element.isWord("portion"); // "portion into 9"
      boolean other =
          element.is(Sort.PER) && !batch && told.stream().noneMatch(e -> e.low().contains("batch"))
              || element.isWord("each", "time") && !said.contains("last") && said.contains("at")
              || element.isFood()
              || element.is(Sort.PEOPLE) && !into
              || element.is(Sort.EACH)
              || element.is(Sort.UNIT_OTHER) && !batch
              || element.isAmount() && !isNumber(element) && !element.isWord("a");
      if (other) {
        return Set.of();
      }
      if (!isNumber(element) && !element.isMark(":", "-", "–")) {
        said.addAll(Arrays.asList(element.low().split(" ")));
      }
    }
    return said;
  }

  /** What stands on both sides of the number lets it count pieces. */
  private static boolean isPieces(List<Element> told, Element number) {
    int place = told.indexOf(number);
    String before = place > 0 ? told.get(place - 1).low() : "";
    String last = before.substring(before.lastIndexOf(' ') + 1);
    String earlier = place > 1 ? told.get(place - 2).low() : before.replaceFirst(" ?\\S+$", "");
    String former = earlier.substring(earlier.lastIndexOf(' ') + 1);
    if (UP.containsKey(last)) {
      String words = " " + String.join(" ", told.stream().map(Element::low).toList());
      boolean ended =
          former.equals("up") && words.matches(".* (?:ends?|ended|finish(?:ed)?) up at.*");
      return UP.get(last).contains(former) || ended;
    }
    boolean verb = Set.of("turn", "flip", "it", "them", "by", "take").contains(last);
    return !verb || last.equals("turn") && place > 1;
  }

  private static boolean isNumber(Element element) {
    return element.isAmount()
        && (element.isFree() || element.part == Part.METHOD)
        && element.isCount()
        && !element.isWeak()
        && element.measure().amount() > 1
        && element.measure().amount() < MOST;
  }
}
