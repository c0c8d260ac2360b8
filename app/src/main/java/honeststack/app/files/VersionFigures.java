package honeststack.app.files;

import honeststack.app.figures.FiguresService;
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
   * @param also tags of figures beside those of the tally
   */
  List<Row> rows(List<String> versionIds, List<String> also) {
    return versionIds.stream().flatMap(id -> rows(kept.kept(id), also).stream()).toList();
  }

  private List<Row> rows(Kept version, List<String> also) {
    return FigureFile.rows(
        version.label(),
        version.reason(),
        figures.answer(version.reading(), Optional.empty(), also));
  }

  /** The same as CSV. */
  public String csv(List<String> versionIds, List<String> also) {
    StringBuilder csv = new StringBuilder();
    try {
      FigureFile.write(rows(versionIds, also), csv);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
    return csv.toString();
  }
}
