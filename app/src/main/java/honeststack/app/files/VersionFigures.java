package honeststack.app.files;

import honeststack.app.figures.FiguresService;
import honeststack.app.figures.Shown;
import honeststack.app.files.FigureFile.Row;
import honeststack.app.kept.KeptService;
import honeststack.app.kept.KeptService.Kept;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** The figures of kept versions, to take along. */
@Service
public class VersionFigures {
  private final KeptService kept;
  private final FiguresService figures;

  VersionFigures(KeptService kept, FiguresService figures) {
    this.kept = kept;
    this.figures = figures;
  }

  /**
   * @param versionIds in whose order they come
   */
  List<Row> rows(List<String> versionIds, Shown shown) {
    return versionIds.stream().flatMap(id -> rows(kept.kept(id), shown).stream()).toList();
  }

  private List<Row> rows(Kept version, Shown shown) {
    return FigureFile.rows(
        version.label(),
        version.reason(),
        figures.answer(version.reading(), Optional.empty(), shown));
  }

  /** The same as CSV. */
  public String csv(List<String> versionIds, Shown shown) {
    StringBuilder csv = new StringBuilder();
    try {
      FigureFile.write(rows(versionIds, shown), csv);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return csv.toString();
  }
}
