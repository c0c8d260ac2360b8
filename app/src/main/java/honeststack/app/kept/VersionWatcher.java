package honeststack.app.kept;

/** Told of what happens to kept versions, within the transaction that does it. */
public interface VersionWatcher {

  /** A version is going to be removed, with all that hangs on it. */
  void removing(String versionId);
}
