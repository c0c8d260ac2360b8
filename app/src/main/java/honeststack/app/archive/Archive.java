package honeststack.app.archive;

import honeststack.app.archive.ArchiveForm.ArchiveReview;
import honeststack.app.archive.ArchiveForm.Manifest;
import honeststack.app.archive.ArchiveForm.Member;
import honeststack.app.archive.ArchiveForm.Restored;
import honeststack.app.archive.ArchiveReader.Opened;
import honeststack.app.figures.Shown;
import honeststack.app.files.RecipeFile;
import honeststack.app.files.RecipeFiles;
import honeststack.app.files.VersionFigures;
import honeststack.app.larder.LarderService;
import honeststack.app.larder.NameTakenException;
import honeststack.app.ledger.Ledger;
import honeststack.app.ledger.Part;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Everything that is kept, as one zip of open formats with a list and checksums. */
@Service
public class Archive {
  private static final TypeReference<List<Map<String, Object>>> ROWS = new TypeReference<>() {};

  private final RecipeFiles recipes;
  private final VersionFigures figures;
  private final RowStore rows;
  private final LarderService larder;
  private final Ledger ledger;
  private final JsonMapper json;
  private final Clock clock;

  Archive(
      RecipeFiles recipes,
      VersionFigures figures,
      RowStore rows,
      LarderService larder,
      Ledger ledger,
      JsonMapper json,
      Clock clock) {
    this.recipes = recipes;
    this.figures = figures;
    this.rows = rows;
    this.larder = larder;
    this.ledger = ledger;
    this.json = json;
    this.clock = clock;
  }

  /** Writes all that is kept, as it is at one moment. */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public void write(OutputStream out) throws IOException {
    List<Member> list = new ArrayList<>();
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    int number = 0;
    for (String table :
        Stream.concat(RowStore.beforeRecipes().stream(), RowStore.afterRecipes().stream())
            .toList()) {
      byte[] text = rows.rows(table).getBytes(StandardCharsets.UTF_8);
      list.add(put(zip, ArchiveForm.TABLES + table + ".json", text));
    }
    for (String id : recipes.ids()) {
      RecipeFile recipe = recipes.of(id);
      number++;
      String name = name(number, recipe.name());
      list.add(put(zip, ArchiveForm.RECIPES + name + ".json", json.writeValueAsBytes(recipe)));
      if (!recipe.versionIds().isEmpty()) {
        byte[] held =
            figures.csv(recipe.versionIds(), Shown.TALLY).getBytes(StandardCharsets.UTF_8);
        list.add(put(zip, ArchiveForm.FIGURES + name + ".csv", held));
      }
    }
    Manifest manifest =
        new Manifest(ArchiveForm.FORMAT, ArchiveForm.VERSION, clock.instant(), list);
    put(zip, ArchiveForm.MANIFEST, json.writeValueAsBytes(manifest));
    zip.finish();
  }

  private static String name(int number, String name) {
    String plain =
        name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
    String shortened = plain.substring(0, Math.min(50, plain.length()));
    return number + (shortened.isEmpty() ? "" : "-" + shortened);
  }

  private static Member put(ZipOutputStream zip, String path, byte[] file) throws IOException {
    zip.putNextEntry(new ZipEntry(path));
    zip.write(file);
    zip.closeEntry();
    return new Member(path, file.length, ArchiveReader.sha256(file));
  }

  /**
   * What restoring an archive would do.
   *
   * @throws ProblemException if it is damaged or foreign
   */
  @Transactional(readOnly = true)
  public ArchiveReview review(byte[] archive) {
    Opened opened = ArchiveReader.open(archive, json);
    List<RecipeFile> files = recipes(opened);
    return new ArchiveReview(
        opened.manifest().madeAt(),
        files.size(),
        files.stream().mapToInt(file -> file.versions().size()).sum(),
        files.stream().mapToInt(file -> file.mornings().size()).sum(),
        (int) files.stream().filter(file -> recipes.isThere(file.id())).count(),
        recipes.ids().isEmpty());
  }

  private List<RecipeFile> recipes(Opened opened) {
    List<RecipeFile> files = new ArrayList<>();
    opened
        .files()
        .forEach(
            (path, file) -> {
              if (path.startsWith(ArchiveForm.RECIPES)) {
                files.add(recipes.read(new String(file, StandardCharsets.UTF_8)));
              }
            });
    return files;
  }

  /**
   * Puts everything of an archive in its place, or nothing.
   *
   * @param merge beside what is there already, which stays as it is
   * @throws ProblemException if it is damaged or foreign, if something is there and nothing is to
   *     be merged, or if a name is taken
   */
  public Restored restore(byte[] archive, boolean merge) {
    Opened opened = ArchiveReader.open(archive, json);
    List<RecipeFile> files = recipes(opened);
    return ledger.write(
        () -> {
          if (!merge && !recipes.ids().isEmpty()) {
            throw Problem.conflict(
                "There are recipes on the shelf already. The archive can be merged: what is here"
                    + " stays as it is, and what is missing is added.");
          }
          for (Part part : Part.values()) {
            ledger.change(part);
          }
          List<RecipeFile> missing =
              files.stream().filter(file -> !recipes.isThere(file.id())).toList();
          int put = put(opened, RowStore.beforeRecipes());
          recipes.put(missing);
          put += put(opened, RowStore.afterRecipes());
          return new Restored(missing.size(), files.size() - missing.size(), put);
        });
  }

  private int put(Opened opened, List<String> tables) {
    int put = 0;
    long change = ledger.change(Part.LARDER);
    for (String table : tables) {
      String path = ArchiveForm.TABLES + table + ".json";
      byte[] file = opened.files().get(path);
      if (file != null) {
        put += put(table, path, file, change);
      }
    }
    return put;
  }

  private int put(String table, String path, byte[] file, long change) {
    try {
      List<Map<String, Object>> all = json.readValue(file, ROWS);
      rows.clash(table, all)
          .ifPresent(
              name -> {
                throw Problem.conflict(
                    "“" + name + "” is here already, and is another one; rename one of them.");
              });
      int put = rows.put(table, all, change);
      if (table.equals("composition_value")) {
        larder.checkPut(change);
      }
      return put;
    } catch (NameTakenException taken) {
      throw Problem.conflict("In " + path + ": " + taken.getMessage());
    } catch (DataAccessException | JacksonException | IllegalArgumentException unfit) {
      throw ArchiveReader.refused(path, "A row in " + path + " does not fit.");
    }
  }
}
