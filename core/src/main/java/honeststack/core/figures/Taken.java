package honeststack.core.figures;

import honeststack.core.estimate.Estimate;

/**
 * What share of a place's foods is in a basis.
 *
 * @param pull how the share changes with each gram more in the bowl, 1/g
 */
record Taken(Totals of, Estimate share, double pull) {
  /**
   * Adds the sensitivities of what is taken to a block of rows, one for each component.
   *
   * @param width of a row
   */
  void addSensitivities(double[] block, int width) {
    for (int c = 0; c < of.sums().length; c++) {
      int start = c * width;
      of.contents().addSensitivities(of.components().get(c), share.value(), block, start);
      share.addTo(block, start, of.sums()[c]);
    }
  }
}
