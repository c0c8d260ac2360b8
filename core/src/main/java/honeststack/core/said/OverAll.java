package honeststack.core.said;

import java.util.List;

/** What sentences say of each other wherever they stand, asked one behind the other. */
final class OverAll {
  private OverAll() {}

  static void find(String text, List<Clause> read) {
    Units.acrossLines(read);
    OneBowl.find(text, read);
    Hypothetical.before(read);
    Retold.before(read);
    OffTopic.find(read);
    AfterCooking.find(read);
    TitleLine.find(read);
    read.forEach(Splits::giveUp);
    ShareOfFlour.find(text, read);
    Ratios.find(read);
    Groups.find(read);
    Sides.goOn(read);
    TwoLists.own(read);
    Since.find(read);
    new Again(read).find();
    Scales.once(read);
    SwappedAhead.find(read);
    WrongList.find(read);
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
