package honeststack.app.archive;

import honeststack.app.archive.ArchiveForm.Restored;
import honeststack.app.problem.ProblemException;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Backs up or restores from the command line, and ends. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
@ConditionalOnProperty("honest-stack.archive")
class ArchiveCommand implements ApplicationRunner {
  private final Archive archive;
  private final ConfigurableApplicationContext application;
  private final String what;
  private final Path file;
  private final PrintStream out = System.out;

  /**
   * @param what backup, restore or merge
   */
  ArchiveCommand(
      Archive archive,
      ConfigurableApplicationContext application,
      @Value("${honest-stack.archive}") String what,
      @Value("${honest-stack.archive-file}") Path file) {
    this.archive = archive;
    this.application = application;
    this.what = what;
    this.file = file;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    int code = 1;
    try {
      if (what.equals("backup")) {
        backup();
      } else {
        Restored done = archive.restore(Files.readAllBytes(file), what.equals("merge"));
        out.println(
            done.recipes()
                + " recipes and "
                + done.rows()
                + " other rows restored; "
                + done.alreadyHere()
                + " recipes were here already.");
      }
      code = 0;
    } catch (ProblemException refused) {
      out.println(refused.problem().detail());
    } catch (IOException unreadable) {
      out.println(file + ": " + unreadable.getMessage());
    }
    int ended = code;
    System.exit(SpringApplication.exit(application, () -> ended));
  }

  /** Written aside and moved into place: it is there whole, or not at all. */
  private void backup() throws IOException {
    Path aside = file.resolveSibling(file.getFileName() + ".part");
    try (OutputStream to = Files.newOutputStream(aside)) {
      archive.write(to);
    }
    Files.move(aside, file, StandardCopyOption.REPLACE_EXISTING);
    out.println(file + " is written, " + Files.size(file) + " bytes.");
  }
}
