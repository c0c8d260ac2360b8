package honeststack.core.said;

import honeststack.core.said.amount.AllTold;
import honeststack.core.said.amount.MeasuredAfter;
import honeststack.core.said.amount.WeighedLater;
import honeststack.core.said.choice.Chosen;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Shape;
import honeststack.core.said.corrected.LeftSome;
import honeststack.core.said.corrected.ListBut;
import honeststack.core.said.corrected.PointedBack;
import honeststack.core.said.corrected.Retold;
import honeststack.core.said.corrected.SameBut;
import honeststack.core.said.corrected.Settled;
import honeststack.core.said.corrected.TimesAllBut;
import honeststack.core.said.instead.Reasoned;
import honeststack.core.said.instead.ToldAsOther;
import honeststack.core.said.part.Added;
import honeststack.core.said.part.InGoes;
import honeststack.core.said.part.PackTold;
import honeststack.core.said.part.RanShort;
import honeststack.core.said.part.Rescaled;
import honeststack.core.said.part.Spent;
import honeststack.core.said.part.Thinned;
import honeststack.core.said.place.SharedLater;
import honeststack.core.said.ratio.RuleOf;
import honeststack.core.said.supposed.ChosenVersion;
import honeststack.core.said.supposed.InCase;
import honeststack.core.said.supposed.Theirs;
import honeststack.core.said.supposed.TwoLists;
import honeststack.core.said.supposed.Usual;
import honeststack.core.said.talk.OtherRecipes;
import honeststack.core.said.without.Declined;
import honeststack.core.said.without.NotInIt;
import honeststack.core.said.without.StayedOut;
import honeststack.core.said.without.TakenOut;
import honeststack.core.said.yield.BatterWeights;
import honeststack.core.said.yield.Headcount;
import java.util.List;

/** Sentences that only change what was told before them: each is asked for what it knows. */
final class OfBefore {
  private OfBefore() {}

  /** "A cup of flour takes two of milk. 3 cups flour.": all that an item may say. */
  static void item(List<Clause> read, Clause clause) {
    if (!read.isEmpty()) {
      RuleOf.by(read, clause, Shape.read(clause).orElseThrow());
    }
  }

  /** What says so by its form, whatever else its words may mean. */
  static boolean first(List<Clause> read, Clause clause) {
    if (read.isEmpty()) {
      return false;
    }
    Shape shape = Shape.read(clause).orElseThrow();
    return SharedLater.by(read, clause, shape)
        || PointedBack.by(read, clause, shape)
        || MeasuredAfter.by(read, clause, shape)
        || SameBut.by(read, clause, shape)
        || ListBut.by(read, clause, shape)
        || LeftSome.by(read, clause, shape)
        || TimesAllBut.by(read, clause, shape)
        || RanShort.by(read, clause, shape)
        || Reasoned.by(read, clause, shape)
        || Thinned.by(read, clause, shape)
        || Settled.by(read, clause, shape)
        || Usual.by(read, clause)
        || StayedOut.by(read, clause, shape)
        || NotInIt.by(read, clause, shape)
        || RuleOf.by(read, clause, shape)
        || OtherRecipes.by(read, clause)
        || ChosenVersion.starts(read, clause)
        || Headcount.by(read, clause);
  }

  /** Whether the sentence says nothing else, and nothing in it counts by itself. */
  static boolean in(List<Clause> read, Clause clause) {
    if (clause.batch.isPresent() && clause.mentions.isEmpty()) {
      return false; // "I do a quarter of it": of all
    }
    return TwoLists.told(read, clause)
        || InCase.by(read, clause)
        || WeighedLater.by(read, clause)
        || Theirs.goOn(read, clause)
        || Declined.by(read, clause)
        || TakenOut.by(read, clause)
        || Rescaled.by(read, clause)
        || Chosen.by(read, clause)
        || Added.by(read, clause)
        || PackTold.by(read, clause)
        || BatterWeights.ofAll(read, clause)
        || AllTold.by(read, clause)
        || Spent.by(read, clause)
        || InGoes.by(read, clause)
        || ToldAsOther.in(read, clause)
        || Retold.in(read, clause);
  }
}
