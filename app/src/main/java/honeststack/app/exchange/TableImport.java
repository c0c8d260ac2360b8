package honeststack.app.exchange;

import com.fasterxml.jackson.annotation.JsonInclude;
import honeststack.app.exchange.ExchangeService.ImportReport;
import honeststack.app.exchange.ExchangeService.LineProblem;
import honeststack.app.larder.LarderService;
import honeststack.app.larder.LarderService.Merged;
import honeststack.app.larder.NameTakenException;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import jakarta.annotation.Nullable;
import jakarta.annotation.PreDestroy;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.TransactionException;

/** Brings in whole food tables, one at a time, in the background; all of a table, or nothing. */
@Service
class TableImport {
  private static final Logger LOG = LoggerFactory.getLogger(TableImport.class);
  private static final int MOST_REMEMBERED = 20;
  private static final String ACCEPTED =
      "the zip of FoodData Central (SR Legacy or Foundation, CSV), or the CSV of the Indian tables";

  private final LarderService larder;
  private final Map<String, Job> jobs = new ConcurrentHashMap<>();
  private final ExecutorService worker =
      Executors.newSingleThreadExecutor(
          work -> {
            Thread thread = new Thread(work, "tables");
            thread.setDaemon(true);
            return thread;
          });

  TableImport(LarderService larder) {
    this.larder = larder;
  }

  /** Where a job is. */
  enum Stage {
    READING,
    KEEPING,
    DONE,
    REFUSED,
    CANCELLED
  }

  /**
   * How far a table is.
   *
   * @param share of the file that is read, 0 to 1
   * @param report once it is done or refused
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record TableProgress(
      String id, Stage stage, double share, int foods, @Nullable ImportReport report) {}

  private static final class Job {
    private final String id = UUID.randomUUID().toString();
    private final FoodTable table;
    private volatile Stage stage = Stage.READING;
    private volatile ImportReport report;

    Job(FoodTable table) {
      this.table = table;
    }
  }

  /**
   * Begins to read a table.
   *
   * @throws ProblemException if it is none
   */
  TableProgress begin(byte[] file) {
    boolean zip = file.length > 4 && file[0] == 'P' && file[1] == 'K';
    String text = zip ? "" : text(file);
    if (!zip && !IndianTable.is(text)) {
      throw Problem.badInput("file", "", "The file is no food table that is known.", ACCEPTED);
    }
    Job job = new Job(new FoodTable(zip ? FdcTable.bytes(file) : text.length()));
    if (jobs.size() >= MOST_REMEMBERED) {
      jobs.values().removeIf(one -> one.report != null);
    }
    jobs.put(job.id, job);
    worker.execute(
        () ->
            run(
                job,
                () -> {
                  if (zip) {
                    FdcTable.read(file, job.table);
                  } else {
                    IndianTable.read(text, job.table);
                  }
                }));
    return progress(job.id);
  }

  private static String text(byte[] file) {
    try {
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString();
    } catch (CharacterCodingException notText) {
      throw Problem.badInput("file", "", "The file is neither a zip nor text.", ACCEPTED);
    }
  }

  private void run(Job job, Runnable reading) {
    FoodTable table = job.table;
    try {
      reading.run();
      if (table.problems().isEmpty() && table.foods().isEmpty()) {
        table.problem(0, "", "", "The table holds no food.", ACCEPTED);
      }
      if (table.problems().isEmpty()) {
        job.stage = Stage.KEEPING;
        Merged merged = larder.bringTable(table.foods());
        job.report =
            new ImportReport(merged.added(), merged.updated(), merged.unchanged(), List.of());
        job.stage = Stage.DONE;
        return;
      }
      refuse(job);
    } catch (CancellationException nobodyWantsIt) {
      job.report = new ImportReport(0, 0, 0, List.of());
      job.stage = Stage.CANCELLED;
    } catch (NameTakenException taken) {
      table.problem(0, "name", taken.name(), taken.getMessage(), "names that are free");
      refuse(job);
    } catch (DataAccessException | TransactionException away) {
      table.problem(0, "", "", "The database does not answer; nothing was kept.", "another try");
      refuse(job);
    } catch (RuntimeException broken) {
      LOG.error("A food table could not be read", broken);
      table.problem(0, "", "", "It could not be read: " + broken.getMessage(), ACCEPTED);
      refuse(job);
    }
  }

  private static void refuse(Job job) {
    List<LineProblem> problems = List.copyOf(job.table.problems());
    job.report = new ImportReport(0, 0, 0, problems);
    job.stage = Stage.REFUSED;
  }

  /**
   * How far a table is.
   *
   * @throws ProblemException if nobody brought it
   */
  TableProgress progress(String id) {
    Job job = job(id);
    return new TableProgress(
        id, job.stage, job.table.share(), job.table.foods().size(), job.report);
  }

  /** Reads no further; what is being kept already is kept. */
  TableProgress cancel(String id) {
    job(id).table.cancel();
    return progress(id);
  }

  private Job job(String id) {
    Job job = jobs.get(id);
    if (job == null) {
      throw Problem.notFound("table being brought in", id);
    }
    return job;
  }

  @PreDestroy
  void stop() {
    worker.shutdownNow();
  }
}
