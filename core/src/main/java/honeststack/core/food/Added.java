package honeststack.core.food;

/** What a maker put in beyond the food itself. */
public enum Added {
  SUGAR,
  SALT,
  FAT
}
