package honeststack.core.said.words;

/** What one who eats is called, or what one gets. */
public final class Eaters {
  private static final String WHO =
      "person|head|guest|adult|child|kid|eater|pupil|student|resident|camper|scout|visitor|boy|girl|player"
          + "|worker|lodger|athlete|runner|rider|cyclist|swimmer|rower|hiker|walker|patient|client|customer"
          + "|member|soldier|toddler|teenager|friend|cousin|diner|teacher|volunteer|mouth|body";

  private static final String WHAT = "serving|portion|plate|plateful|helping|order|stack";

  /** In the singular. */
  public static final String ONE = "(?:" + WHO + "|" + WHAT + ")";

  private Eaters() {}
}
