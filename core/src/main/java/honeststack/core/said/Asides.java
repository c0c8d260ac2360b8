package honeststack.core.said;

import honeststack.core.food.Foods;
import honeststack.core.food.Role;
import honeststack.core.line.UnitWords;
import honeststack.core.said.amount.AllWeighed;
import honeststack.core.said.amount.HowMany;
import honeststack.core.said.amount.Packed;
import honeststack.core.said.amount.Portioned;
import honeststack.core.said.amount.Ranging;
import honeststack.core.said.amount.Trimmed;
import honeststack.core.said.choice.Alternatives;
import honeststack.core.said.choice.Chosen;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Mention;
import honeststack.core.said.instead.Superseded;
import honeststack.core.said.name.CookedOrRaw;
import honeststack.core.said.name.Described;
import honeststack.core.said.name.MadeFrom;
import honeststack.core.said.name.PartsOf;
import honeststack.core.said.name.Renamed;
import honeststack.core.said.name.Specific;
import honeststack.core.said.name.WhichSort;
import honeststack.core.said.part.NotUsed;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.place.Splits;
import honeststack.core.said.ratio.Times;
import honeststack.core.said.talk.Labels;
import honeststack.core.said.told.Part;
import honeststack.core.said.without.LeftOut;
import honeststack.core.said.words.Sort;
import java.util.Optional;

/** What stands in brackets behind a food: its amount again, its parts, or a note. */
final class Asides {
  private final Clause clause;
  private final Described described;
  private final Specific specific;
  private final WhichSort whichSort;
  private final CookedOrRaw cookedOrRaw;

  Asides(Clause clause, Foods foods, Described described, Specific specific) {
    this.clause = clause;
    this.described = described;
    this.specific = specific;
    this.whichSort = new WhichSort(foods);
    this.cookedOrRaw = new CookedOrRaw(foods);
  }

  void read() {
    for (Clause.Aside aside : clause.asides) {
      if (Labels.isInBrackets(clause, aside) || isOfLeftOut(aside) || isReason(aside)) {
        continue;
      }
      if (isOfAll(aside)) {
        clause.batch = aside.clause().batch;
        clause.batchEnd = clause.size();
        aside.clause().batch = Optional.empty();
        aside.clause().passOver();
        continue;
      }
      Mention before = null;
      for (Mention mention : clause.mentions) {
        boolean is = clause.start(mention) < aside.after();
        before = is ? mention : before;
      }
      if (isUnit(before, aside.clause())) {
        continue;
      }
      if (before != null
          && (whichSort.inBrackets(before, aside.clause())
              || cookedOrRaw.inBrackets(before, aside.clause()))) {
        continue;
      }
      if (before != null && Splits.goOn(clause, before, aside.clause(), true)
          || isHeldBack(aside.clause())) {
        continue;
      }
      if (Superseded.inBrackets(clause, before, aside.clause())
          || Alternatives.inBrackets(before, aside.clause())) {
        continue;
      }
      if (LeftOut.inBrackets(before, aside.clause())) {
        clause.mentions.remove(before);
        continue;
      }
      Mention next = next(aside);
      boolean own = before != null && before.amount == null && isNear(before, aside);
      before = next != null && !own && isAmount(aside.clause()) ? next : before;
      boolean part =
          before != null
              && (Times.inBrackets(before, aside.clause())
                  || Renamed.by(before, aside.clause())
                  || NotUsed.inBrackets(before, aside.clause())
                  || HowMany.inBrackets(before, aside.clause())
                  || AllWeighed.inBrackets(before, aside.clause())
                  || Trimmed.inBrackets(before, aside.clause())
                  || Packed.inBrackets(before, aside.clause())
                  || described.isFree(before, aside.clause())
                  || PartlyOther.inBrackets(clause, before, aside.clause())
                  || specific.inBrackets(clause, before, aside.clause())
                  || Portioned.inBrackets(before, aside.clause())
                  || Described.isCounted(before, aside.clause())
                  || PartsOf.inBrackets(clause, before, aside.clause())
                  || MadeFrom.inBrackets(before, aside.clause())
                  || Chosen.take(before, aside.clause())
                  || Ranging.inBrackets(before, aside.clause()));
      if (!part && (before == null || !described.inBrackets(before, aside.clause()))) {
        new Brackets(clause, before, aside).read();
      }
    }
  }

  /** "…, 2 eggs, 300 ml milk (x 1½)", "(I made half of it)": how much of all of it was made. */
  private boolean isOfAll(Clause.Aside aside) {
    Clause inner = aside.clause();
    return inner.batch.filter(batch -> !batch.ahead()).isPresent()
        && inner.size() > 1
        && !inner.isWord(inner.size() - 1, "these", "those")
        && clause.batch.isEmpty()
        && clause.get(clause.size() - 1).start() < aside.after()
        && clause.mentions.stream().filter(Mention::isMeasured).count() > 1;
  }

  /** "Milk (ml): 300". */
  private static boolean isUnit(Mention before, Clause inner) {
    boolean unit =
        inner.size() == 1
            && before != null
            && before.amount != null
            && before.amount.isCount()
            && !before.amount.isWeak()
            && before.known().filter(food -> food.role() == Role.EGG).isEmpty() // "(L)"
            && UnitWords.of(inner.low(0)).isPresent();
    if (unit) {
      before.amountText = before.amount.text() + " " + inner.low(0);
      before.restated = true;
      inner.mentions.clear();
      inner.elements.forEach(element -> element.part = Part.NOTE);
    }
    return unit;
  }

  /** "butter (30 g) → none", "no milk (or eggs)": the brackets say more of what is left out. */
  private boolean isOfLeftOut(Clause.Aside aside) {
    int last = -1;
    while (clause.has(last + 1) && clause.get(last + 1).end() <= aside.after()) {
      last++;
    }
    boolean left =
        clause.has(last) && clause.get(last).isFood() && clause.get(last).part == Part.EXCLUDED;
    left &= clause.isMark(last + 1, "→") || aside.clause().isWord(0, "and", "or", "nor", "also");
    if (left) {
      aside.clause().mentions.clear();
      aside.clause().elements.forEach(element -> element.part = Part.EXCLUDED);
    }
    return left;
  }

  /** "50 g butter or (dairy free) 45 ml oil": the brackets say no more of the food before. */
  private boolean isReason(Clause.Aside aside) {
    boolean or =
        clause.elements.stream()
            .anyMatch(e -> e.is(Sort.OR) && e.part == Part.CHOICE && e.end() == aside.after());
    boolean reason = or && aside.clause().mentions.stream().noneMatch(Mention::isMeasured);
    if (reason) {
      aside.clause().mentions.clear();
      aside.clause().elements.forEach(element -> element.part = Part.NOTE);
    }
    return reason;
  }

  /** "150 g sugar (keep 1 tbsp back for dusting)": of what was measured. */
  private static boolean isHeldBack(Clause inner) {
    boolean held =
        inner.isWord(0, "keep", "hold", "reserve", "save", "reserving", "keeping")
            && inner.hasAmount()
            && !inner.hasFood()
            && inner.elements.stream()
                .anyMatch(e -> e.isWord("back", "aside") || e.is(Sort.PLATE, Sort.PAN));
    if (held) {
      inner.mentions.clear();
      inner.loose.clear();
      inner.elements.forEach(element -> element.part = Part.METHOD);
    }
    return held;
  }

  /** "1 serving (2 tbsp, 30 g) maple syrup": what follows right behind, unless it is measured. */
  private Mention next(Clause.Aside aside) {
    int end = aside.clause().sentence.tokens().get(0).start();
    for (Mention mention : clause.mentions) {
      boolean behind = mention.amount == null && clause.start(mention) > end;
      boolean right =
          behind && clause.has(mention.from - 1) && clause.get(mention.from - 1).end() < end;
      if (right) {
        return mention;
      }
    }
    return null;
  }

  /** The food stands right before the brackets. */
  private boolean isNear(Mention before, Clause.Aside aside) {
    int last = Math.min(clause.size(), Math.max(1, before.to)) - 1;
    return last >= 0
        && clause.get(last).end() <= aside.after()
        && (last + 1 == clause.size() || clause.get(last + 1).start() >= aside.after());
  }

  private static boolean isAmount(Clause inner) {
    return inner.elements.stream().allMatch(e -> e.isAmount() || e.isMark(",", "/", "="))
        && inner.elements.stream().anyMatch(e -> e.isAmount() && !e.isCount());
  }
}
