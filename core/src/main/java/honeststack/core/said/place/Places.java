package honeststack.core.said.place;

import honeststack.core.food.Role;
import honeststack.core.line.Place;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Element;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.told.Part;
import honeststack.core.said.words.Sort;
import java.util.List;

/** Where the foods of a clause go: before the phrase that says so ("on top"), or behind it. */
public final class Places {
  private final Clause clause;
  private final List<Mention> mentions;
  private final Row row;

  private Places(Clause clause) {
    this.clause = clause;
    this.mentions = clause.mentions;
    this.row = new Row(clause);
  }

  public static void in(Clause clause) {
    Places places = new Places(clause);
    for (Mention mention : clause.mentions) {
      mention.place = mention.more != null ? mention.more : clause.heading();
      mention.placed |= mention.more != null;
      if (mention.role() == Role.FAT && places.isPanFat(mention)) {
        set(mention, Place.PAN); // "10 g pan butter"
      }
    }
    MadeFor.in(clause);
    CookedIn.in(clause);
    Alongside.in(clause);
    for (int i = 0; i < clause.size(); i++) {
      Element cue = clause.get(i);
      if (cue.kind == Element.Kind.PHRASE && PlaceCues.of(cue) != null && cue.part == null) {
        places.at(i);
      } else if (cue.part == null
          && PlaceCues.isOver(clause, i)
          && (places.isEnd(i + 1) || PlaceCues.isOfThem(clause, i))) {
        places.over(i);
      } else if (cue.part == Part.SERVES && clause.isWord(i + 1, "with")) {
        places.servedWith(i + 1); // "serves 6 with strawberry jam"
      } else if (cue.part == Part.YIELD
          && clause.isMark(i + 1, ",", "–", ";")
          && clause.isWord(i + 2, "with")) {
        places.servedWith(i + 2); // "that's three, with 40 g syrup"
      } else if (cue.isFree() && PlaceCues.isTop(clause, i)) {
        places.forward(i, Place.PLATE);
        cue.part = Part.PLACE;
      } else if (Dish.isBehind(clause, i)) {
        Mention before = places.before(i);
        if (before != null && !before.placed) {
          places.back(i, Place.PLATE);
        }
      }
    }
    Alongside.pouredOn(clause);
  }

  private boolean isPanFat(Mention mention) {
    int food = clause.elements.indexOf(mention.food);
    return food > mention.from && clause.isWord(food - 1, "pan", "frying", "griddle");
  }

  /** "peanut butter on each and half a banana": what is joined to it goes along. */
  private void joined(int i, Place place) {
    Mention next = clause.isWord(i + 1, "and", "plus", "with") ? after(i) : null;
    boolean elsewhere = false;
    for (int j = i + 1; j < clause.size(); j++) {
      boolean inside = next != null && j >= next.from && j < next.to; // "2 tbsp warm syrup"
      boolean end = clause.isMark(j, ";") || clause.isMark(j, ".") && clause.has(j + 1);
      elsewhere |= !inside && (clause.is(j, Sort.BOWL, Sort.PAN, Sort.VERB) || end);
    }
    if (!elsewhere && next != null && next.from <= i + 3 && !next.placed && !Row.isBatter(next)) {
      set(next, place);
    }
  }

  /** Of one food: "100 g berries go in, 30 g nuts go on". */
  private boolean isEnd(int i) {
    return !clause.has(i) || clause.isMark(i, ".", ",", ";") || clause.isWord(i, "and", "but");
  }

  /** "crumble 30 g feta over", "20 g nuts go in". */
  private void over(int i) {
    Mention before = before(i);
    boolean goes = clause.isWord(i - 1, "go", "goes", "went", "going");
    boolean heaped =
        clause.isWord(i, "on")
            && clause.isWord(0, "pile", "heap", "load", "spoon", "dollop", "smear");
    boolean in = clause.isWord(i, "in", "on") && !heaped;
    if (before != null && !before.placed && row.isOfToppings(i)) {
      back(i, Place.PLATE);
    } else if (!PlaceCues.putOn(clause, before, i)
        && before != null
        && !before.placed
        && (goes || !in)) {
      set(before, clause.isWord(i, "in") ? Place.NOT_SAID : Place.PLATE);
    }
  }

  private void at(int i) {
    Element cue = clause.get(i);
    boolean word = clause.has(i + 1) && clause.get(i + 1).kind == Element.Kind.WORD;
    if (cue.isWord("filling") && clause.isWord(i - 1, "a") && word) {
      return; // "a filling breakfast"
    }
    if (clause.has(i - 1) && clause.get(i - 1).part == Part.SERVES && cue.low().endsWith("table")) {
      return; // "we're five at the table"
    }
    Mention around =
        mentions.stream()
            .filter(m -> m.from < i && m.to > i + 1 && !m.placed)
            .findFirst()
            .orElse(null);
    boolean either = cue.is(Sort.BOWL) && cue.is(Sort.PLATE); // "to roll them in"
    boolean dough = around != null && around.role() == Role.FLOUR;
    if (either && dough) {
      return;
    }
    if (around != null && (either || !cue.is(Sort.BOWL))) {
      set(around, PlaceCues.of(clause, cue));
      cue.part = Part.PLACE;
      return;
    }
    Mention before = before(i);
    Mention after = after(i);
    if (either && before != null && before.role() == Role.FLOUR
        || cue.low().endsWith(" add") && after != null && Row.isBatter(after)) {
      return; // "then the kids add an egg"
    }
    boolean flour = before == null && after != null && after.role() == Role.FLOUR;
    boolean mixed =
        after != null && Row.isBatter(after) && PlaceCues.isMixedWith(clause, i, before);
    if (mixed || flour && PlaceCues.of(cue) == Place.PAN) {
      return;
    }
    boolean over =
        cue.is(Sort.PLATE_NEXT) && after == null && cue.low().matches(".* (?:over|on|on top)");
    boolean behind =
        (over || cue.is(Sort.PLATE, Sort.PAN, Sort.BOWL)) && before != null && !before.placed;
    boolean batter =
        before != null && after != null && Row.isBatter(before) && !Row.isBatter(after);
    behind &= !batter || !clause.has(i + 1) || !clause.get(i + 1).isAmount();
    if (before != null && !before.placed && isBetweenCommas(before, i)) {
      if (cue.is(Sort.PLATE) && row.isOfToppings(i)) {
        back(i, Place.PLATE); // "apples, simmered with 30 g sugar, to go over"
      } else {
        set(before, PlaceCues.of(clause, cue));
        cookedWith(before, PlaceCues.of(clause, cue));
      }
      cue.part = Part.PLACE;
      return;
    }
    boolean told = clause.isWord(i + 1, "it's", "there's");
    told &= hasFood(i + 2) || clause.has(i + 2) && clause.get(i + 2).isAmount();
    boolean colon = clause.isMark(i + 1, ":") || told;
    boolean next =
        cue.is(Sort.PLATE_NEXT, Sort.PAN_NEXT, Sort.PLATE, Sort.PAN)
            || cue.is(Sort.BOWL) && clause.isMark(i + 1, ":");
    boolean first = i == 0 || isOpening(i);
    if (next && after != null && (colon || first || !behind || isTight(i))) {
      forward(i, PlaceCues.of(clause, cue));
      cue.part = Part.PLACE;
    } else if (behind) {
      back(i, PlaceCues.of(clause, cue));
      cue.part = Part.PLACE;
      if (cue.is(Sort.PLATE)) {
        joined(i, Place.PLATE);
      }
    }
  }

  /** "10 g butter, for the pan, 2 eggs", "10 g butter, pan": of what stands right before it. */
  private boolean isBetweenCommas(Mention before, int i) {
    boolean fits =
        clause.is(i, Sort.PAN, Sort.PAN_NEXT) ? before.role() == Role.FAT : !Row.isBatter(before);
    return fits
        && before.isMeasured()
        && clause.isMark(i - 1, ",", "-", "–")
        && before.to >= i - 1
        && (!clause.has(i + 1) || clause.isMark(i + 1, ",", ";", ".", "!"));
  }

  /** "300 g cherries with 20 g sugar, spooned over": what it is cooked with goes along. */
  private void cookedWith(Mention last, Place place) {
    int i = mentions.indexOf(last);
    Mention before = i > 0 ? mentions.get(i - 1) : null;
    boolean with =
        before != null
            && !before.placed
            && !Row.isBatter(before)
            && clause.isWord(last.from - 1, "with", "in")
            && last.from - before.to <= 4;
    if (with) {
      set(before, place);
    }
  }

  /** A phrase right before an amount or a food, and set apart from what is before it. */
  private boolean isTight(int i) {
    int before = i - 1;
    boolean then = clause.isWord(before, "then", "and", "plus");
    while (before > 0 && clause.is(before, Sort.IDLE) && !clause.is(before, Sort.VERB)) {
      before--;
      then |= clause.isWord(before, "then");
    }
    boolean apart =
        before < 0
            || then
            || clause.get(before).is(Sort.IDLE, Sort.VERB) && !isSaidOf(before - 1)
            || clause.isMark(before, ",", ";", "–", "-", "—");
    int next = clause.isMark(i + 1, ",", ":", "-", "–") ? i + 2 : i + 1;
    next = clause.isWord(next, "it's", "there's") ? next + 1 : next; // "for the filling it's ham"
    boolean named = clause.has(next) && clause.get(next).isAmount() || hasFood(next);
    named |= (then || clause.isMark(before, ",")) && isMeasuredSoon(next);
    return apart && named && !clause.get(i).is(Sort.BOWL);
  }

  /** "for the topping I use 30 g": an amount within a few words. */
  private boolean isMeasuredSoon(int from) {
    int i = from;
    while (i < from + 4
        && clause.has(i)
        && (clause.get(i).kind == Element.Kind.WORD || clause.is(i, Sort.IDLE, Sort.VERB))) {
      i++;
    }
    return clause.isAmount(i);
  }

  /** "30 g honey that goes on top": the verb is of the food before it. */
  private boolean isSaidOf(int i) {
    return hasFood(clause.isWord(i, "that", "which") ? i - 1 : i);
  }

  private boolean hasFood(int i) {
    return clause.has(i) && clause.get(i).isFood();
  }

  private boolean isOpening(int i) {
    for (int j = 0; j < i; j++) {
      if (!clause.is(j, Sort.IDLE, Sort.VERB) && !clause.isMark(j, ",")) {
        return false;
      }
    }
    return true;
  }

  private Mention before(int i) {
    Mention found = null;
    for (Mention mention : mentions) {
      if (mention.to <= i) {
        found = mention;
      }
    }
    return found != null && row.isNear(found.to, i) ? found : null;
  }

  private Mention after(int i) {
    return mentions.stream().filter(m -> m.from > i).findFirst().orElse(null);
  }

  private void servedWith(int i) {
    Mention next = after(i);
    if (next != null && !Row.isBatter(next)) {
      forward(i, Place.PLATE);
    }
  }

  private void forward(int i, Place place) {
    boolean fat = after(i) != null && after(i).role() == Role.FAT && after(i).isMeasured();
    boolean named = clause.isMark(i + 1, ":"); // "in the pan: …"
    int end = named ? clause.size() : semicolon(i);
    for (Mention mention : mentions) {
      if (mention.from > end && Row.isBatter(mention)) {
        return; // "scatter over 20 g pistachios; 200 ml milk"
      }
      if (mention.from > i && place == Place.PLATE && clause.is(mention.to, Sort.BOWL)) {
        return; // "scatter 100 g berries into the batter, then …"
      }
      boolean sprayed = !clause.get(i).isWord("spray") || mention.role() == Role.FAT;
      boolean other = // "for the pan 10 g butter, 20 g sugar"
          place == Place.PAN && fat && mention.role() != Role.FAT
              || place == Place.PLATE && PlaceCues.isBeforeFrying(clause.get(i), mention);
      if (mention.from > i && !mention.placed && sprayed && !other) {
        mention.place = place;
      }
    }
  }

  private int semicolon(int from) {
    int end = from;
    while (end < clause.size() && !clause.isMark(end, ";")) {
      end++;
    }
    return end;
  }

  /** The food before, and those listed with it. */
  private void back(int i, Place place) {
    Element cue = clause.get(i);
    int k = mentions.size() - 1;
    while (k >= 0 && mentions.get(k).to > i) {
      k--;
    }
    Mention last = mentions.get(k);
    boolean each = last.place == Place.PAN && cue.low().startsWith("per "); // of the brushed iron
    if (PlaceCues.isElsewhere(cue, last) || each && place == Place.PLATE) {
      return;
    }
    if (cue.isWord("spray") || cue.text().startsWith("per ") && place == Place.PAN) {
      if (last.role() != Role.FAT) {
        return;
      }
    }
    set(last, place);
    boolean list = row.isBehindBatter(k);
    boolean fat = place == Place.PAN && last.role() == Role.FAT;
    for (int j = k - 1; j >= 0; j--) {
      Mention mention = mentions.get(j);
      boolean apart = list || fat && mention.role() != Role.FAT;
      boolean fried =
          mention.place == Place.PAN && place == Place.PLATE && mention.role() == Role.FAT;
      if (fried || apart && row.isNext(mention, mentions.get(j + 1))) {
        return; // "300 ml milk, 30 g sugar, 50 g berries on top"
      }
      Mention next = mentions.get(j + 1);
      boolean other = mention.place != place && mention.place != clause.heading();
      boolean same = // "20 g butter, 10 g butter for the pan": the first is for the batter
          mention.isMeasured()
              && last.isMeasured()
              && mention.food != null
              && last.food != null
              && mention.food.isSameFood(last.food);
      if (mention.placed || other || same || !row.isListed(mention, next)) {
        return;
      }
      set(mention, place);
    }
  }

  private static void set(Mention mention, Place place) {
    mention.place = place;
    mention.placed = true;
  }
}
