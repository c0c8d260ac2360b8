package honeststack.app.bin;

/** Puts things of one kind back; whoever takes them out writes what it reads. */
public interface Restorer {
  BinAnswers.Kind kind();

  /**
   * Puts one back as it was, within the transaction that takes it out of the bin.
   *
   * @param body as it was written when it was removed
   * @throws honeststack.app.problem.ProblemException if it has no place any more
   */
  void restore(String body);
}
