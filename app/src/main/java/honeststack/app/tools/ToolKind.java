package honeststack.app.tools;

/** What a cook portions batter with. */
public enum ToolKind {
  LADLE,
  SCOOP,
  CUP,
  SPOON,
  BOTTLE,
  RING,
  IRON
}
