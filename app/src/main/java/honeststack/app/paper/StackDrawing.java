package honeststack.app.paper;

import honeststack.app.figures.FiguresAnswer;
import honeststack.app.figures.FiguresAnswer.LineAnswer;
import honeststack.app.figures.FiguresAnswer.PartAnswer;
import honeststack.core.recipe.Station;
import honeststack.core.wording.Say;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * One serving as a stack, as SVG for paper: each layer as thick as its share of the chosen figure,
 * told apart by texture and by its label, without colour.
 */
final class StackDrawing {
  private static final double WIDTH = 150;
  private static final double LABELS = WIDTH + 26;
  private static final double ALL = 360;
  private static final double GAP = 2.5;
  private static final double LINE = 12;
  private static final double LEAST_LABELLED = 0.02;
  private static final int MOST_LABELS = 9;

  /** Hatchings, from sparse to dense, so that neighbours differ. */
  private static final int TEXTURES = 4;

  private final StringBuilder svg = new StringBuilder();
  private final double height;

  private final boolean labelled;

  private StackDrawing(double height, boolean labelled) {
    this.height = height;
    this.labelled = labelled;
  }

  private record Layer(String name, double share, boolean topping, int look) {}

  private record Label(String words, double at) {}

  /**
   * @param pictured its place among what the answer pictures
   * @param pieces in the serving
   * @param scale 0 to 1: how much of the height the whole takes, to compare two drawings
   */
  static String of(
      FiguresAnswer figures, int pictured, double pieces, double height, double scale) {
    return new StackDrawing(height, true).draw(layers(figures, pictured), pieces, scale);
  }

  /** The same without labels, to stand beside others. */
  static String bare(
      FiguresAnswer figures, int pictured, double pieces, double height, double scale) {
    return new StackDrawing(height, false).draw(layers(figures, pictured), pieces, scale);
  }

  private static List<Layer> layers(FiguresAnswer figures, int pictured) {
    List<Layer> layers = new ArrayList<>();
    for (Station station : List.of(Station.PAN, Station.BOWL, Station.PLATE)) {
      for (PartAnswer part : figures.parts()) {
        LineAnswer line = figures.lines().get(part.line());
        double share = part.shares().get(pictured);
        if (line.station() == station && share > 0) {
          String food = line.food() == null ? "" : line.food();
          layers.add(
              new Layer(
                  station == Station.PAN ? food + ", from the pan" : food,
                  share,
                  station == Station.PLATE,
                  Math.floorMod(food.hashCode(), TEXTURES)));
        }
      }
    }
    return layers;
  }

  private String draw(List<Layer> layers, double pieces, double scale) {
    int whole = (int) Math.ceil(pieces);
    double room = (height - 12 - GAP * whole) * scale;
    List<Label> labels = new ArrayList<>();
    double y = height - 8;
    for (int piece = 0; piece < whole; piece++) {
      double part = Math.min(1, pieces - piece) / pieces;
      for (Layer layer : layers) {
        if (!layer.topping()) {
          double thick = layer.share() * part * room;
          y -= thick;
          band(0, WIDTH, y, thick, layer.look());
          if (piece == whole - 1) {
            label(labels, layer, y + thick / 2);
          }
        }
      }
      y -= GAP;
    }
    for (Layer layer : layers) {
      if (layer.topping()) {
        double thick = layer.share() * room;
        y -= thick;
        band(12, WIDTH - 24, y, thick, layer.look());
        label(labels, layer, y + thick / 2);
        y -= 1;
      }
    }
    if (labelled) {
      labels(labels);
    }
    double width = labelled ? ALL : WIDTH + 4;
    return Say.of(
            "<svg xmlns=\"http://www.w3.org/2000/svg\" alt=\"%s\" width=\"%.0f\" height=\"%.0f\""
                + " viewBox=\"-2 0 %.0f %.0f\">",
            Html.escaped(described(layers)), width, height, width, height)
        + svg
        + "</svg>";
  }

  /** For whoever has it read aloud. */
  private static String described(List<Layer> layers) {
    return "One serving as a stack: "
        + Say.listed(
            layers.stream()
                .map(layer -> Say.of("%s %.0f %%", layer.name(), 100 * layer.share()))
                .toList());
  }

  private void band(double x, double width, double y, double thick, int look) {
    svg.append(
        Say.of(
            "<rect x=\"%.1f\" y=\"%.2f\" width=\"%.1f\" height=\"%.2f\" fill=\"%s\""
                + " stroke=\"#222\" stroke-width=\"0.5\"/>",
            x, y, width, thick, List.of("#ffffff", "#ececec", "#f7f7f7", "#dcdcdc").get(look)));
    double step = look == 0 ? 0 : 3.0 + 2 * look;
    for (double at = step; step > 0 && at < width - 1; at += step) {
      svg.append(
          Say.of(
              "<path d=\"M%.1f %.2fv%.2f\" stroke=\"#888\" stroke-width=\"0.4\"/>",
              x + at, y + thick * 0.2, thick * 0.6));
    }
  }

  private static void label(List<Label> labels, Layer layer, double at) {
    if (layer.share() >= LEAST_LABELLED) {
      labels.add(new Label(Say.of("%.0f %% %s", 100 * layer.share(), layer.name()), at));
    }
  }

  /** Those of the most, each as near to its layer as the others allow. */
  private void labels(List<Label> all) {
    List<Label> shown =
        all.stream()
            .sorted(Comparator.comparingDouble(Label::at).reversed())
            .limit(2L * MOST_LABELS)
            .toList();
    double below = height - 4;
    for (Label label : shown) {
      double y = Math.min(below, label.at() + 3);
      svg.append(
          Say.of(
              "<path d=\"M%.1f %.1fL%.1f %.1f\" stroke=\"#888\" stroke-width=\"0.5\"/>"
                  + "<text x=\"%.1f\" y=\"%.1f\" font-size=\"9\" font-family=\"Sheet\">%s</text>",
              WIDTH + 2, label.at(), LABELS - 4, y - 3, LABELS, y, Html.escaped(label.words())));
      below = y - LINE;
    }
  }
}
