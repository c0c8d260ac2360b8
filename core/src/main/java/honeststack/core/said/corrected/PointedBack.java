package honeststack.core.said.corrected;

import honeststack.core.measure.Unit;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sought;
import honeststack.core.wording.Numbers;
import java.util.List;
import java.util.Optional;

/**
 * A sentence that corrects an amount or a food of one before: "It's 200 g flour, not 250.", "Take
 * 50 g off the flour.", "I said milk but I meant buttermilk."
 */
public final class PointedBack {
  private static final String LEAD =
      "(?:(?:and|but|so|then|also|changes|this time|today|tonight|oh|oops|sorry|no|wait|actually|correction|edit|ps|p\\.s\\.|well|hang on|[,:;.–*-]) ?)*";

  private static final String IS =
      "(?:(?:it's|it is|it was|that's|that is|make that|should be|should have been|must be|i meant|i mean|use"
          + "|(?:(?:i|we)(?:'ve| have)? )?(?:also |only |just )*(?:used|put in|took|had|did|went with|went for)(?: only| just)?) )?";

  /** Then more of it stands as a line of its own, and says so. */
  private static final String TEXTURE =
      "[^#@]*\\b(?:thin|thick|stiff|runny|loose|heavy|wet|dry|sticky|watery|lumpy|stodgy)";

  private static final String PART = "(?:(?<part># )|(?<one>(?:an?|one) ))";

  private static final String WHO = "(?:(?:i|we)(?:'ve|'d)? (?:only |just |also )?)?";

  private static final String DID =
      "(?:with |"
          + WHO
          + "(?:used|use|put in|put|took|take|added|went for|tried|did|needed) )?(?:about |around |a good )?";

  /** Of what was made; "less than usual" compares. */
  private static final String END =
      "(?:though|this time|today|in the end|in fact|,| )*(?:than (?:that|above|it says|listed|written))?[ .!]*"
          + "(?:(?!each|per|too|more|less|apiece|extra)[a-z]+ [.!]*)?"; // "… by 10 g. Lovely."

  private static final Sought WITHOUT =
      Sought.of(
          LEAD
              + "(?:this time|today|tonight|now|this week),? (?:it's |i made it )?(?:without|no|minus) (?:the |any )?(?<food>@ )[ .!]*");

  /** What is said last of the amounts counts, or the one that is called so. */
  private static final List<Sought> AMOUNTS =
      List.of(
          Sought.of(
              LEAD
                  + IS
                  + "(?<now># )(?:of )?(?<food>@ ),? ?(?:and )?(?:not|instead of|rather than) (?<old># )(?:(?:of )?@ )?[ .!]*"),
          Sought.of(
              LEAD
                  + "not (?<old># )(?:(?:of )?@ )?(?:,|but|it's|rather) (?:it's )?(?<now># )(?:of )?(?<food>@ )[ .!]*"),
          Sought.of(
              LEAD
                  + "(?<food>@ ):? ?(?:is |was )?(?<now># )(?:rather than|instead of|not|and not|,? not) (?<old># )[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:above |earlier |before )?(?:i )?(?:wrote|said|typed|put|told you) (?<old># )(?:of )?(?<food>@ )"
                  + "[^#@]*\\b(?:it's|it is|it was|that's wrong|wrong|should be|should have been|make it|meant|mean|actually|really)\\b[^#@]*(?<now># )(?:(?:of )?@ )?[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:that's|it's|that was) (?<old># )too (?:much|many|little|few) (?<food>@ ),? ?so (?:it's |make it )?(?<now># )[ .!]*"),
          Sought.of(
              "(?<now># )(?:of )?(?<food>@ ),? ?(?:sorry|oops|my mistake|i mean|i meant|correction|corrected)[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:(?:i|we)(?:'ve| have)? )?(?:also |just )?(?:changed|upped|raised|lowered|set|brought|corrected|adjusted|increased|reduced|cut)"
                  + " (?:the |my )?(?<food>@ )(?:up |down |back )?to (?:only |just )?(?<now># )[ .!]*"),
          Sought.of("\\* ?(?<food>@ )(?:is|was|:|should be)? ?(?<now># )[ .!]*"));

  private static final List<Sought> LESS =
      List.of(
          Sought.of(
              LEAD
                  + WHO
                  + "(?:take|took|knock|leave) (?:about )?(?<part># )(?:off|out of|from|away from) (?:the |that )?(?<food>@ )[ .!]*"),
          Sought.of(
              LEAD
                  + IS
                  + "(?<part># )less (?<food>@ )than (?:that|above|i said|i wrote|written)[ .!]*"),
          Sought.of(LEAD + DID + PART + "(?:less|fewer) (?:of )?(?:the |that )?(?<food>@ )" + END),
          Sought.of(LEAD + DID + PART + "(?<food>@ )(?:less|fewer) " + END),
          Sought.of(
              LEAD
                  + WHO
                  + "(?:reduced?|cut|cut down|cut back(?: on)?|lowered|lower|decreased?|dropped|brought down|shaved) "
                  + "(?:the |that |down the |back the )?(?<food>@ )(?:down |back )?by (?:about )?(?<part># )"
                  + END),
          Sought.of(
              LEAD
                  + WHO
                  + "(?:held|kept|left|hold|keep) (?:back )?(?:about )?(?<part># )(?:of )?(?:the |that )?(?<food>@ )(?:back |out )?(?:and |but |, )+"
                  + "(?:i |we )?(?:never|didn't|did not) (?:use|used|need|needed|put|add|added)(?: it| them)?(?: in)?"
                  + END));

  private static final List<Sought> MORE =
      List.of(
          Sought.of(
              LEAD
                  + IS
                  + "(?<part># )more (?<food>@ )than (?:that|above|i said|i wrote|written)[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:it (?:was|looked|tasted|seemed|felt) (?!"
                  + TEXTURE
                  + ")[^#@]{1,40}?[,–-]? ?(?:so|hence) (?:about )?|"
                  + WHO
                  + "(?:used|put in|put|took) (?:about )?)"
                  + PART
                  + "(?:more|extra) (?:of )?(?:the |that )?(?<food>@ )"
                  + END),
          Sought.of(
              LEAD
                  + WHO
                  + "(?:used|put in|put|took|added) (?:about )?(?:an |another )?(?:extra|additional) (?<part># )(?:of )?(?:the |that )?(?<food>@ )"
                  + END),
          Sought.of(
              LEAD
                  + PART
                  + "(?:more|extra) (?<food>@ )(?:went|goes|go|got) (?:put |added )?in "
                  + END));

  private static final List<Sought> FOODS =
      List.of(
          Sought.of(
              LEAD
                  + "(?:when )?i (?:said|say|wrote|write|typed|keep saying) (?<old>@ )(?:but |and |, )*(?:i )?(?:meant|mean|actually mean) (?<now>@ )[ .!]*"),
          Sought.of(LEAD + "not (?<old>@ )[,–-] ?(?:but )?(?<now>@ )[ .!]*"),
          Sought.of(
              LEAD
                  + "(?:the |that )(?<old>@ )(?:is|was) (?:actually|really|in fact|in truth) (?<now>@ )[ .!]*"),
          Sought.of(
              LEAD + "(?:for|instead of) (?<old>@ )(?:read|take|please read) (?<now>@ )[ .!]*"),
          Sought.of(LEAD + "(?:change|correct) (?:the )?(?<old>@ )(?:to|into) (?<now>@ )[ .!]*"));

  private PointedBack() {}

  /** Whether the sentence says nothing else. */
  public static boolean by(List<Clause> read, Clause clause, Shape shape) {
    if (read.isEmpty() || clause.mentions.size() > 2) {
      return false;
    }
    boolean done =
        clause.elements.stream().anyMatch(Element::isAmount)
            ? amounts(read, clause, shape)
            : foods(read, clause, shape) || without(read, clause, shape);
    if (done) {
      clause.passOver();
    }
    return done;
  }

  private static Optional<Shape.Found> found(Shape shape, List<Sought> forms) {
    return forms.stream().map(shape::whole).flatMap(Optional::stream).findFirst();
  }

  private static boolean amounts(List<Clause> read, Clause clause, Shape shape) {
    Optional<Shape.Found> said = found(shape, AMOUNTS);
    if (said.isPresent()) {
      Element now = clause.get(said.get().at("now"));
      return told(read, clause, said.get())
          .filter(m -> m.amount != null)
          .filter(m -> now.isCount() || isAlike(now, m.amount))
          .map(m -> restate(m, now.textLike(m.amount)))
          .orElse(false);
    }
    Optional<Shape.Found> less = found(shape, LESS);
    Optional<Shape.Found> part = less.isPresent() ? less : found(shape, MORE);
    return part.flatMap(found -> told(read, clause, found))
        .filter(m -> m.amount != null)
        .map(m -> alter(m, clause.get(some(part.get())), less.isPresent() ? -1 : 1))
        .orElse(false);
  }

  private static int some(Shape.Found found) {
    return found.at(found.has("part") ? "part" : "one");
  }

  private static boolean isAlike(Element one, Element other) {
    Unit.Kind first = one.measure().unit().kind();
    Unit.Kind second = other.measure().unit().kind();
    if (first.isVolume() && second.isVolume()) {
      return true;
    }
    return one.measure().unit().kind() == other.measure().unit().kind();
  }

  private static Optional<Mention> told(List<Clause> read, Clause clause, Shape.Found found) {
    return Rescaled.before(read, clause.get(found.at("food")));
  }

  /** Adds some of a food to what was told of it, or takes it off; whether that can be reckoned. */
  static boolean alter(Mention mention, Element part, int sign) {
    double now = mention.amount.measure().amount() + sign * part.measure().amount();
    if (part.measure().unit() != mention.amount.measure().unit()) {
      boolean known = isAlike(part, mention.amount) && sign < 0;
      return known && restate(mention, mention.amount.text() + " less " + part.text());
    }
    String unit = part.measure().unit().symbol();
    return now > 0 && restate(mention, (Numbers.plain(now) + " " + unit).strip());
  }

  private static boolean restate(Mention mention, String amount) {
    mention.amountText = amount;
    mention.restated = true;
    return true;
  }

  private static boolean foods(List<Clause> read, Clause clause, Shape shape) {
    Optional<Shape.Found> said = found(shape, FOODS);
    if (said.isEmpty()) {
      return false;
    }
    Element now = clause.get(said.get().at("now"));
    Optional<Mention> old = Rescaled.before(read, clause.get(said.get().at("old")));
    if (old.isEmpty() || now.food.isEmpty()) {
      return false;
    }
    old.get().means(old.get().food.meaning(now.food.get(), now.text()));
    return true;
  }

  /** "This time without the eggs." */
  private static boolean without(List<Clause> read, Clause clause, Shape shape) {
    Optional<Mention> old =
        shape.whole(WITHOUT).flatMap(found -> Rescaled.before(read, clause.get(found.at("food"))));
    old.ifPresent(
        mention -> {
          mention.mark(Part.EXCLUDED);
          read.forEach(before -> before.mentions.remove(mention));
        });
    return old.isPresent();
  }
}
