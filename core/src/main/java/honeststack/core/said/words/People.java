package honeststack.core.said.words;

/** What the people around a cook are called, as parts of patterns on small letters. */
public final class People {
  /** Of whom one speaks without an article: "mum", "gran". */
  public static final String NAMED =
      "(?:mum|mom|mam|mummy|dad|daddy|gran|granny|grandma|grandpa|grandad|nan|nana)";

  /** Family, friends and who lives or works with one: behind "my", "our", "the". */
  public static final String KIN =
      "(?:"
          + NAMED
          + "|(?:great-)?(?:grand)?(?:mother|father)|sister|brother|aunt|auntie|aunty|uncle|cousin|husband|wife|missus|partner"
          + "|girlfriend|boyfriend|son|daughter|friend|mate|neighbou?r|flatmate|housemate|room-?mate|colleague|boss|ex)(?:-in-law)?";

  /** Who is cooked for, several of them. */
  public static final String EATERS =
      "(?:children|kids|pupils|students|learners|scouts|teachers|helpers|leaders|adults|grown-ups|parents|people|guests|boys|girls|lads|mates"
          + "|friends|teenagers|campers|players|residents|of us)";

  private People() {}
}
