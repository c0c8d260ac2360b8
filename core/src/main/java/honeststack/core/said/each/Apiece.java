package honeststack.core.said.each;

import honeststack.core.food.Food;
import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.place.Row;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Per;
import honeststack.core.said.words.Sort;
import honeststack.core.said.words.Sought;
import honeststack.core.said.yield.BatterForEach;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Amounts that are said for each piece or for each eater: "spread each pancake with 10 g honey", "1
 * tsp oil per waffle", "golden syrup on top, half a tablespoon each".
 */
public final class Apiece {
  /** So far behind a food or an amount stands what says that it is for each. */
  private static final int NEAR = 5;

  /** So many elements say what each is. */
  private static final int WORDS = 6;

  /** Right behind it what each gets follows. */
  private static final Sought FORWARD =
      Sought.of("with|gets|get|in|takes|take|goes|has|wants|needs|:|,|it's|i put|put|having");

  /** "Pour like a pancake with half a teaspoon of oil each." */
  private static final String[] COOKED = {"pour", "cook", "fry", "bake", "ladle", "grease"};

  private final Clause clause;

  private Apiece(Clause clause) {
    this.clause = clause;
  }

  public static void in(Clause clause) {
    Apiece apiece = new Apiece(clause);
    if (clause.sentence.per() != null) {
      clause.mentions.forEach(mention -> mention.per = clause.sentence.per());
    }
    for (int i = 0; i < clause.size(); i++) {
      apiece.at(i);
    }
    BatterForEach.back(clause);
  }

  /** "One pancake each with 20 g apple compote." */
  public static boolean isServed(Clause clause) {
    return clause.mentions.stream().anyMatch(m -> m.per != null && m.place == Place.PLATE);
  }

  private void at(int i) {
    boolean out = clause.get(i).part == Part.EXCLUDED; // "for each of the 2 eggs": see ForEach
    Optional<Per> per = out ? Optional.empty() : PerCue.of(clause, i);
    if (per.isEmpty() || clause.mentions.isEmpty() || ForTheLot.isInBrackets(clause, i)) {
      return;
    }
    Mention before = null;
    Mention after = null;
    for (Mention mention : clause.mentions) {
      before = mention.to <= i ? mention : before;
      after = after == null && mention.from > i ? mention : after;
    }
    if (before != null && ForTheLot.take(clause, before, i)) {
      whole(i, before, per.get());
      return;
    }
    boolean pieces = isOfPieces(i);
    boolean near = before != null && isNear(before, i) && !pieces;
    boolean free = !near && !pieces;
    boolean forward = after != null && !isNumberOf(i, after) && (free || isForward(i));
    if (forward && (per.get() != Per.EITHER || isSaidSo(i, after))) {
      forward(i, per.get());
    } else if (!forward
        && near
        && (per.get() != Per.EITHER || isSaidSo(i, before) || isBatterOfEach(before))) {
      take(i, before, per.get());
      joined(i, before, per.get());
    } else {
      around(i, per.get());
    }
  }

  /** "1 egg and 20 ml milk each, 6 people". */
  private boolean isBatterOfEach(Mention last) {
    return clause.counts.serves.isPresent() && BatterForEach.joined(clause, last) != null;
  }

  /** "100 g flour and 1 egg per person": what is joined to it and goes into the batter, too. */
  private void joined(int i, Mention last, Per per) {
    sharing(last).forEach(mention -> take(i, mention, per));
    List<Mention> list = BatterForEach.list(clause, last);
    if (!list.isEmpty()) {
      list.forEach(mention -> give(i, mention, per, true));
      return;
    }
    Mention first = BatterForEach.joined(clause, last);
    boolean fat = per == Per.ROUND && last.role() == Role.FAT; // the bowl is for all rounds
    if (first == null && !fat) {
      Alongside.of(clause, last).forEach(mention -> take(i, mention, per));
    }
    if (first != null) {
      take(i, first, per);
      if (first.per == Per.EATER && first.place == Place.NOT_SAID) {
        last.per = Per.EATER; // "50 g flour and 80 ml milk per person"
        last.place = Place.NOT_SAID;
      }
    }
  }

  private void give(int i, Mention mention, Per per, boolean batter) {
    take(i, mention, per);
    if (batter) {
      mention.per = Per.EATER;
      mention.place = Place.NOT_SAID;
    }
  }

  /** "each of us gets three, and there are five of us, 40 g oats". */
  private boolean isNumberOf(int i, Mention after) {
    for (int j = i + 1; clause.has(j) && j < Math.min(after.from, i + WORDS); j++) {
      Element number = clause.get(j);
      boolean ofThe = number.part == Part.YIELD; // "each of the 8 gets …"
      if (number.isAmount() && !number.isWeak() && !ofThe) {
        return number.isCount() && clause.mentions.stream().noneMatch(m -> m.amount == number);
      }
    }
    return false;
  }

  /** "two pancakes each, 200 g flour", "80 ml ladle per cake": of what comes out, of no food. */
  private boolean isOfPieces(int i) {
    for (int j = i - 1; j >= Math.max(0, i - NEAR); j--) {
      Element number = clause.get(j);
      if (number.isAmount() && !number.isWeak()) {
        return clause.mentions.stream().noneMatch(mention -> mention.amount == number);
      }
    }
    return false;
  }

  /** Nothing but a place, and idle words, stands between. */
  private boolean isNear(Mention mention, int i) {
    if (i - mention.to > NEAR) {
      return false;
    }
    for (int j = mention.to; j < i; j++) {
      Element number = clause.get(j);
      boolean other = number != mention.amount;
      if (other && clause.mentions.stream().anyMatch(m -> m.amount == number)) {
        return false; // "1 egg, 1 tsp each salt and sugar"
      }
      boolean over =
          clause.get(j).kind == Element.Kind.WORD
              || clause.get(j).isAmount()
              || clause.is(j, Sort.IDLE, Sort.PAN, Sort.PAN_NEXT, Sort.PLATE, Sort.PLATE_NEXT)
              || clause.isWord(j, "goes", "go", "went")
              || clause.low(j).equals("of each") // "a teaspoon of each on every one"
              || clause.is(j, Sort.BOWL) && clause.low(i).startsWith("of each")
              || clause.isMark(j, ",", ":", "-", "–");
      if (!over) {
        return false;
      }
    }
    return true;
  }

  private boolean isForward(int i) {
    if (clause.is(i, Sort.PLATE_NEXT, Sort.PAN_NEXT) && !clause.is(i, Sort.PLATE, Sort.PAN)) {
      return true;
    }
    for (int j = i + 1; j < Math.min(clause.size(), i + WORDS); j++) {
      if (clause.isMark(j, ";")) {
        return false;
      }
      if (clause.is(j, Sort.PLATE_NEXT)) {
        return true; // "each topped with 10 g jam"
      }
      if (clause.isStrong(j)) {
        Element amount = clause.get(j);
        return clause.mentions.stream().anyMatch(mention -> mention.amount == amount);
      }
      if (FORWARD.isAll(clause.low(j))) {
        boolean comma = clause.isMark(j, ",");
        boolean out = clause.has(j + 1) && clause.get(j + 1).part == Part.YIELD; // "gets 28"
        return !comma && !out || comma && clause.isStrong(j + 1) && !clause.isAmount(i - 1);
      }
    }
    return false;
  }

  /** "each" alone: of what goes on the plate or into the pan, where no list shares the amount. */
  private boolean isSaidSo(int i, Mention mention) {
    boolean placed = mention.place == Place.PLATE || mention.place == Place.PAN;
    boolean with = clause.isWord(i + 1, "with", "gets", "get");
    boolean alone = clause.mentions.size() == 1 || clause.isWord(i + 1, "one");
    boolean counted = // "8 waffles with 10 g jam each"
        clause.mentions.size() == Alongside.of(clause, mention).size() + 1
            && (clause.counts.pieces.isPresent() || clause.counts.serves.isPresent());
    boolean fat = alone && mention.role() == Role.FAT && isOil(mention);
    boolean egg = mention.role() == Role.EGG && !clause.isWord(i + 1, "for", "in", "of", "to");
    boolean pressed = // "10 g sugar each, pressed in"
        clause.mentions.size() == 1
            && clause.isWord(i, "each")
            && clause.isMark(i + 1, ",")
            && clause.isWord(i + 2, "pressed", "scattered", "sprinkled", "spread", "dropped");
    boolean said = placed || with || counted || fat || egg || pressed || Row.isSpooned(mention);
    return said && !isShared(mention);
  }

  /** Nothing else is poured for each. */
  private static boolean isOil(Mention mention) {
    return mention.known().filter(Food::liquid).isPresent();
  }

  private boolean isShared(Mention mention) {
    return sharing(mention).findAny().isPresent();
  }

  /** Others of the same amount: "a teaspoon of each". */
  private Stream<Mention> sharing(Mention mention) {
    return clause.mentions.stream()
        .filter(m -> m != mention && m.amount != null && m.amount == mention.amount);
  }

  private void forward(int i, Per per) {
    int end = i + 2;
    boolean list = clause.words(i, i + WORDS).contains(":"); // "each gets: 10 g jam; 5 g nuts"
    while (clause.has(end)
        && !clause.is(end, Sort.BATTER) // "per pancake 3 rashers, batter of 200 g flour"
        && (list || !clause.isMark(end, ";"))
        && !(clause.is(end, Sort.VERB) && clause.isWord(end - 1, "and", "then"))) {
      end++; // "brush each with oil and roll in 6 scallions"
    }
    int last = end;
    List<Mention> told = clause.mentions.stream().filter(m -> m.from > i && m.from < last).toList();
    boolean batter = per == Per.EATER && BatterForEach.isBatter(told);
    told.forEach(mention -> give(i, mention, per, batter));
    if (PerCue.isInside(clause, i)) {
      told.stream().filter(m -> !m.placed).forEach(m -> m.place = Place.PLATE);
    }
  }

  /** "honey, 10 g each, on top": inside of what is said of the food. */
  private void around(int i, Per per) {
    for (Mention mention : clause.mentions) {
      boolean within = mention.from < i && mention.to > i && !isTotalled(i, mention);
      boolean said = within && (per != Per.EITHER || isSaidSo(i, mention));
      if (said && ForTheLot.isTold(clause, i, mention)) {
        whole(i, mention, per);
      } else if (said) {
        take(i, mention, per);
      }
    }
  }

  /** It goes where it is said to go for each, and counts once. */
  private void whole(int i, Mention mention, Per per) {
    if (per != Per.EITHER || isSaidSo(i, mention)) {
      take(i, mention, per);
      mention.per = null;
    }
  }

  /** "an egg each, so four": that is all of them. */
  private boolean isTotalled(int i, Mention mention) {
    boolean so = false;
    for (int j = i + 1; j < mention.to; j++) {
      so |= clause.isWord(j, "so", "makes", "that's") || clause.isMark(j, "=");
    }
    return so;
  }

  private void take(int i, Mention mention, Per per) {
    if (clause.get(i).isAmount() && clause.low(i).endsWith(" head")) {
      clause.get(i).part = Part.NOTE; // "100 g a head"
    }
    mention.perPieces = PerCue.isOfSoMany(clause, i) ? clause.get(i + 1).measure().amount() : 1;
    Role role = mention.role();
    boolean rounds = role == Role.FAT && per == Per.EITHER && clause.counts.rounds.isPresent();
    Per said = rounds ? Per.ROUND : per; // "in three batches with a teaspoon of oil each"
    mention.per = mention.per == null || mention.per == Per.EITHER ? said : mention.per;
    boolean batter = BatterForEach.is(role);
    if (batter && BatterForEach.isOfABowl(clause, i, mention)) {
      mention.per = Per.ROUND; // "each batch: 1 kg flour"
    } else if (batter
        && mention.per != Per.ROUND
        && mention.per != Per.PIECE
        && isOnlyPerHead(mention)) {
      mention.per = Per.EATER;
      mention.place = Place.NOT_SAID; // "100 g flour and 1 egg per person"
    }
    if (per == Per.PIECE && clause.is(i, Sort.PAN) && Row.isSpooned(mention)) {
      mention.place = Place.PLATE; // "yogurt, a spoon for each pancake": what is fried in is fat
    }
    boolean open = mention.place == Place.NOT_SAID && !mention.placed && mention.per != Per.ROUND;
    if (open && (role == Role.SUGAR || role == Role.ADD_IN || Row.isSpooned(mention))) {
      mention.place = Place.PLATE;
    } else if (mention.place == Place.NOT_SAID
        && !mention.placed
        && role == Role.FAT
        && !BatterForEach.isOfBatch(clause, mention)) {
      boolean eaten = isServed(i, mention) || isSharedOnTop(mention);
      mention.place = eaten ? Place.PLATE : Place.PAN;
    }
  }

  /** "butter and jam, a teaspoon of each per pancake" */
  private boolean isSharedOnTop(Mention fat) {
    return sharing(fat).anyMatch(other -> other.place == Place.PLATE);
  }

  /** "10 g butter on each of the 8", "each with 10 g butter", "4 guests, 10 g butter for each". */
  private boolean isServed(int i, Mention mention) {
    if (mention.per == Per.ROUND) {
      return false;
    }
    return mention.per == Per.EATER
        || clause.isWord(i - 1, "on", "onto", "over")
        || clause.low(i).startsWith("on ")
        || clause.isWord(i + 1, "with", "gets", "get")
        || clause.isWord(mention.from - 1, "gets", "get", "got", "having")
        || clause.isWord(mention.from - 1, "with") && !clause.isWord(0, COOKED)
        || clause.isWord(i, "apiece")
        || mention.from > i && clause.isWord(mention.from - 1, "on", ":")
        || clause.counts.pieces.isEmpty() && clause.counts.serves.isPresent();
  }

  /** Nothing but "per person" puts it on the plate; a fried or a boiled egg lies there anyway. */
  private boolean isOnlyPerHead(Mention mention) {
    boolean cooked = mention.known().filter(food -> food.id().startsWith("egg-")).isPresent();
    return !cooked
        && clause.heading() == Place.NOT_SAID
        && clause.elements.stream()
            .noneMatch(
                e ->
                    e.is(Sort.PLATE, Sort.PLATE_NEXT)
                        && !e.low().matches("(?:per|for each|a|each) .*"));
  }
}
