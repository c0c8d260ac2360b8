package honeststack.core.said;

import honeststack.core.said.amount.AllWeighed;
import honeststack.core.said.amount.Beside;
import honeststack.core.said.amount.Enough;
import honeststack.core.said.amount.HowMany;
import honeststack.core.said.amount.InAll;
import honeststack.core.said.amount.OneBowl;
import honeststack.core.said.amount.Portioned;
import honeststack.core.said.amount.Tared;
import honeststack.core.said.amount.ToppedUp;
import honeststack.core.said.amount.Trimmed;
import honeststack.core.said.amount.Under;
import honeststack.core.said.amount.Wavered;
import honeststack.core.said.amount.Weighed;
import honeststack.core.said.amount.Worth;
import honeststack.core.said.choice.Chosen;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.clause.Refused;
import honeststack.core.said.corrected.Arrows;
import honeststack.core.said.corrected.Corrections;
import honeststack.core.said.corrected.OnlyHad;
import honeststack.core.said.corrected.Reconsidered;
import honeststack.core.said.corrected.Retracted;
import honeststack.core.said.each.EachSo;
import honeststack.core.said.each.PerEgg;
import honeststack.core.said.instead.Displaced;
import honeststack.core.said.instead.TookOther;
import honeststack.core.said.name.Renamed;
import honeststack.core.said.part.Added;
import honeststack.core.said.part.InGoes;
import honeststack.core.said.part.Lost;
import honeststack.core.said.part.NotUsed;
import honeststack.core.said.part.OutOfWhole;
import honeststack.core.said.part.PackTold;
import honeststack.core.said.part.PartlyOther;
import honeststack.core.said.part.SomeOfIt;
import honeststack.core.said.part.SomeOfMade;
import honeststack.core.said.part.Spent;
import honeststack.core.said.part.Stock;
import honeststack.core.said.place.EachVessel;
import honeststack.core.said.place.HalfOf;
import honeststack.core.said.place.Splits;
import honeststack.core.said.ratio.Altered;
import honeststack.core.said.ratio.PerAmount;
import honeststack.core.said.supposed.InCase;
import honeststack.core.said.supposed.Theirs;
import honeststack.core.said.talk.Allergens;
import honeststack.core.said.talk.Figures;
import honeststack.core.said.talk.Mused;
import honeststack.core.said.talk.Opined;
import honeststack.core.said.talk.Printed;
import honeststack.core.said.told.Part;
import honeststack.core.said.without.Dismissed;
import honeststack.core.said.without.TwiceNegated;
import honeststack.core.said.words.Sort;
import honeststack.core.said.yield.AtOnce;
import honeststack.core.said.yield.Batches;
import honeststack.core.said.yield.BatterWeights;
import honeststack.core.said.yield.ByWeight;
import honeststack.core.said.yield.CameOut;
import honeststack.core.said.yield.Grown;
import honeststack.core.said.yield.MadeForOthers;
import honeststack.core.said.yield.OfThose;
import honeststack.core.said.yield.OneOfMany;
import honeststack.core.said.yield.Sized;
import java.util.List;
import java.util.function.Consumer;

/** What words say of amounts and foods before they are paired. */
final class BeforePairing {
  /** Each leaves to those behind it what it makes nothing of. */
  private static final List<Consumer<Clause>> FIRST =
      List.of(
          Mused::in,
          Allergens::in,
          Printed::in,
          Figures::in,
          EachVessel::in,
          Sized::in,
          ByWeight::in,
          BatterWeights::in,
          Titles::in,
          AtOnce::in,
          SomeOfMade::in,
          Batches::in,
          MadeForOthers::may,
          CameOut::in,
          BeforePairing::work,
          PerEgg::in,
          OfThose::in,
          OneOfMany::corrected,
          TookOther::in,
          ToppedUp::rest,
          EachSo::in,
          Added::in,
          Chosen::in,
          PackTold::in,
          Spent::in,
          InGoes::in,
          SomeOfIt::in,
          HalfOf::in,
          PartlyOther::in,
          Splits::in,
          Grown::in,
          OutOfWhole::in,
          Portioned::in,
          Tared::in,
          Beside::in,
          Altered::in,
          PerAmount::in,
          Stock::in,
          Lost::in,
          UncountedNumbers::in,
          Arrows::in,
          InAll::in);

  /** Behind what scales show. */
  private static final List<Consumer<Clause>> THEN =
      List.of(
          Opined::in,
          NotUsed::in,
          Refused::in,
          Theirs::in,
          InCase::in,
          Weighed::in,
          Enough::in,
          HowMany::in,
          AllWeighed::in,
          Trimmed::in,
          Under::in,
          Worth::in,
          TwiceNegated::in,
          Wavered::in,
          Displaced::in,
          Dismissed::in,
          Retracted::in,
          OnlyHad::in,
          Renamed::in,
          Corrections::in,
          Reconsidered::in);

  private BeforePairing() {}

  /**
   * @param onScales the text tells of scales
   */
  static void in(Clause clause, boolean onScales) {
    FIRST.forEach(reader -> reader.accept(clause));
    OneBowl.in(clause, onScales);
    THEN.forEach(reader -> reader.accept(clause));
  }

  /** "Drop the eggs in", "no lumps of flour": work, and nothing is left out. */
  private static void work(Clause clause) {
    for (int i = 0; i + 1 < clause.size(); i++) {
      if (!clause.is(i, Sort.EXCLUDE)) {
        continue;
      }
      boolean drop = clause.low(i).startsWith("drop") && clause.isFood(i + 1);
      boolean lumps = clause.isWord(i, "no") && clause.isWord(i + 1, "lumps", "streaks", "pockets");
      if (drop && clause.isWord(i + 2, "in", "into", "onto", "one")) {
        clause.take(i, i + 2, Part.METHOD);
      } else if (lumps && clause.isWord(i + 2, "of") && clause.isFood(i + 3)) {
        clause.take(i, i + 4, Part.METHOD);
      }
    }
  }
}
