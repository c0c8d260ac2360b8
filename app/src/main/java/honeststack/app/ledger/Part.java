package honeststack.app.ledger;

/** A part of what is known that each instance also holds in memory. */
public enum Part {
  LARDER,
  PREPARATIONS,
  GOALS,
  WEIGHINGS,
  DOUBT,
  TOOLS,
  RUNS
}
