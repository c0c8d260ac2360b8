package honeststack.app.db;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;

/**
 * Brings the database up to this version, in a way that survives being killed: what holds data is
 * copied aside first, and a copy that is found at a start is what a half-run migration is put back
 * from. One instance at a time.
 */
@Component
class Migrating implements FlywayMigrationStrategy {
  private static final Logger LOG = LoggerFactory.getLogger(Migrating.class);
  private static final String HISTORY = "flyway_schema_history";

  /** Made last: a copy without it is not whole. */
  private static final String WHOLE = "copy_is_whole";

  private static final int PATIENCE_S = 120;

  @Override
  public void migrate(Flyway flyway) {
    DataSource source = flyway.getConfiguration().getDataSource();
    try (Connection connection = source.getConnection();
        Statement sql = connection.createStatement()) {
      String schema = one(sql, "select database()");
      String lock = "'" + schema + ".migrating'";
      if (!"1".equals(one(sql, "select get_lock(" + lock + ", " + PATIENCE_S + ")"))) {
        throw new IllegalStateException("Another instance migrates the database and does not end");
      }
      try {
        migrate(flyway, sql, schema, schema + "_copy");
      } finally {
        sql.execute("do release_lock(" + lock + ")");
      }
    } catch (SQLException failed) {
      throw new IllegalStateException("The database could not be migrated", failed);
    }
  }

  private static void migrate(Flyway flyway, Statement sql, String schema, String copy)
      throws SQLException {
    if (exists(sql, copy)) {
      if (tables(sql, copy).contains(WHOLE)) {
        LOG.warn("A migration was interrupted; the data are put back as they were before it");
        putBack(flyway, sql, schema, copy);
      }
      sql.execute("drop database `" + copy + "`");
    }
    List<String> before = tables(sql, schema);
    boolean holdsData =
        before.contains(HISTORY)
            && !"0".equals(one(sql, "select count(*) from `" + schema + "`." + HISTORY));
    if (!holdsData && !before.isEmpty()) {
      LOG.warn("A first start was interrupted; the database is laid out anew");
      drop(sql, schema, before);
    }
    if (flyway.info().pending().length == 0) {
      flyway.validate();
      return;
    }
    if (holdsData) {
      LOG.info("Migrating the data; a copy of them is kept until it is done");
      copy(sql, schema, copy);
    }
    flyway.migrate();
    if (holdsData) {
      sql.execute("drop database `" + copy + "`");
    }
  }

  private static void copy(Statement sql, String schema, String copy) throws SQLException {
    sql.execute("create database `" + copy + "` character set utf8mb4");
    for (String table : tables(sql, schema)) {
      String from = "`" + schema + "`.`" + table + "`";
      String to = "`" + copy + "`.`" + table + "`";
      sql.execute("create table " + to + " like " + from);
      sql.execute("insert into " + to + " select * from " + from);
    }
    sql.execute("create table `" + copy + "`." + WHOLE + " (id int)");
  }

  /**
   * The tables are laid out by the scripts that had run, so that their keys come back too, and the
   * rows put in; should this be interrupted, it is done again.
   */
  private static void putBack(Flyway flyway, Statement sql, String schema, String copy)
      throws SQLException {
    String version =
        one(
            sql,
            "select version from `"
                + copy
                + "`."
                + HISTORY
                + " where success = 1 order by installed_rank desc limit 1");
    drop(sql, schema, tables(sql, schema));
    Flyway.configure().configuration(flyway.getConfiguration()).target(version).load().migrate();
    sql.execute("set foreign_key_checks = 0");
    for (String table : tables(sql, copy)) {
      if (!table.equals(WHOLE) && !table.equals(HISTORY)) {
        String to = "`" + schema + "`.`" + table + "`";
        sql.execute("delete from " + to);
        sql.execute("insert into " + to + " select * from `" + copy + "`.`" + table + "`");
      }
    }
    sql.execute("set foreign_key_checks = 1");
  }

  private static void drop(Statement sql, String schema, List<String> tables) throws SQLException {
    sql.execute("set foreign_key_checks = 0");
    for (String table : tables) {
      sql.execute("drop table `" + schema + "`.`" + table + "`");
    }
    sql.execute("set foreign_key_checks = 1");
  }

  private static boolean exists(Statement sql, String schema) throws SQLException {
    String which = "select count(*) from information_schema.schemata where schema_name = '";
    return !"0".equals(one(sql, which + schema + "'"));
  }

  private static List<String> tables(Statement sql, String schema) throws SQLException {
    List<String> tables = new ArrayList<>();
    try (ResultSet rows =
        sql.executeQuery(
            "select table_name from information_schema.tables where table_schema = '"
                + schema
                + "' order by table_name")) {
      while (rows.next()) {
        tables.add(rows.getString(1));
      }
    }
    return tables;
  }

  private static String one(Statement sql, String query) throws SQLException {
    try (ResultSet row = sql.executeQuery(query)) {
      row.next();
      return row.getString(1);
    }
  }
}
