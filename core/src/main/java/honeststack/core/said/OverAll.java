package honeststack.core.said;

import honeststack.core.said.amount.OneBowl;
import honeststack.core.said.clause.Clause;
import honeststack.core.said.corrected.Again;
import honeststack.core.said.corrected.Retold;
import honeststack.core.said.corrected.Since;
import honeststack.core.said.corrected.WrongList;
import honeststack.core.said.each.Bowls;
import honeststack.core.said.each.Groups;
import honeststack.core.said.each.PerEgg;
import honeststack.core.said.instead.SwappedAhead;
import honeststack.core.said.name.Uncooked;
import honeststack.core.said.pairing.Units;
import honeststack.core.said.part.Premix;
import honeststack.core.said.part.SomeOfMade;
import honeststack.core.said.place.AfterCooking;
import honeststack.core.said.place.Allotted;
import honeststack.core.said.place.EatersOwn;
import honeststack.core.said.place.Moved;
import honeststack.core.said.place.Sides;
import honeststack.core.said.place.SomeOfThem;
import honeststack.core.said.place.Splits;
import honeststack.core.said.ratio.Ratios;
import honeststack.core.said.ratio.ShareOfFlour;
import honeststack.core.said.supposed.ChosenVersion;
import honeststack.core.said.supposed.Hypothetical;
import honeststack.core.said.supposed.NamedVersion;
import honeststack.core.said.supposed.TwoLists;
import honeststack.core.said.supposed.Versions;
import honeststack.core.said.talk.OffTopic;
import honeststack.core.said.talk.OtherDish;
import honeststack.core.said.talk.OtherRecipes;
import honeststack.core.said.without.TakenOut;
import honeststack.core.said.yield.Batched;
import honeststack.core.said.yield.CameOut;
import honeststack.core.said.yield.ForOne;
import honeststack.core.said.yield.MadeForOthers;
import honeststack.core.said.yield.Scales;
import java.util.List;

/** What sentences say of each other wherever they stand, asked one behind the other. */
final class OverAll {
  private OverAll() {}

  static void find(String text, List<Clause> read) {
    Units.acrossLines(read);
    OneBowl.find(text, read);
    Hypothetical.before(read);
    Retold.before(read);
    SomeOfMade.find(read);
    Allotted.find(read);
    Moved.find(read);
    OffTopic.find(read);
    AfterCooking.find(read);
    TitleLine.find(read);
    read.forEach(Splits::giveUp);
    ShareOfFlour.find(text, read);
    Ratios.find(read);
    Groups.find(read);
    Sides.goOn(read);
    TwoLists.find(read);
    Since.find(read);
    new Again(read).find();
    Scales.once(read);
    SwappedAhead.find(read);
    WrongList.find(read);
    NamedVersion.find(read);
    ChosenVersion.find(read);
    Versions.once(read);
    Uncooked.find(read);
    PerEgg.find(read);
    ForOne.find(read);
    MadeForOthers.find(read);
    TakenOut.ahead(read);
    OtherDish.find(read);
    OtherRecipes.find(read);
    EatersOwn.find(read);
    Premix.find(read);
    Bowls.find(read);
    SomeOfThem.find(read);
    CameOut.left(read);
    Batched.apply(read);
  }
}
