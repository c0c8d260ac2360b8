package honeststack.app.db;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import honeststack.app.Databases;
import honeststack.app.RunningApplication;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Migrations that were killed half-way. */
@ExtendWith(RunningApplication.class)
class MigratingTest {
  private static final String SCHEMA = "honest_stack_killed";
  private static final String COPY = SCHEMA + "_copy";

  private Connection connection;
  private Statement sql;

  @BeforeEach
  void layOut() throws SQLException {
    connection = Databases.connect();
    sql = connection.createStatement();
    drop();
    sql.execute("create database " + SCHEMA + " character set utf8mb4");
    sql.execute("use " + SCHEMA);
  }

  private void drop() throws SQLException {
    sql.execute("drop database if exists " + SCHEMA);
    sql.execute("drop database if exists " + COPY);
  }

  @AfterEach
  void close() throws SQLException {
    drop();
    connection.close();
  }

  private static Flyway flyway(String target) {
    return Flyway.configure()
        .configuration(RunningApplication.bean(Flyway.class).getConfiguration())
        .dataSource(Databases.url(SCHEMA), Databases.user(), Databases.password())
        .target(target)
        .load();
  }

  private String one(String query) throws SQLException {
    try (ResultSet row = sql.executeQuery(query)) {
      row.next();
      return row.getString(1);
    }
  }

  /** As version 9 left it, with one recipe. */
  private void older() throws SQLException {
    flyway("9").migrate();
    sql.execute("insert into recipe values ('r', 'Ember cakes', '2026-03-07 08:00:00')");
    sql.execute(
        "insert into draft (recipe_id, revision, body, saved_at, kind)"
            + " values ('r', 4, '{}', '2026-03-07 08:00:00', 'PANCAKE')");
  }

  private void isWhole() throws SQLException {
    assertThat(one("select name from recipe")).isEqualTo("Ember cakes");
    assertThat(one("select revision from draft")).isEqualTo("4");
    assertThat(one("select count(*) from change_number")).isEqualTo("8");
    assertThat(
            one(
                "select count(*) from information_schema.schemata where schema_name='"
                    + COPY
                    + "'"))
        .isEqualTo("0");
    assertThatThrownBy(
            () ->
                sql.execute(
                    "insert into draft (recipe_id, revision, body, saved_at)"
                        + " values ('nobody', 1, '', now())"))
        .hasMessageContaining("foreign key");
  }

  @Test
  void dataOfAnOlderVersionComeAlongAndTheCopyGoes() throws SQLException {
    older();
    new Migrating().migrate(flyway("latest"));
    isWhole();
    new Migrating().migrate(flyway("latest"));
    isWhole();
  }

  @Test
  void aMigrationKilledHalfWayIsPutBackAndDoneAgain() throws SQLException {
    older();
    sql.execute("create database " + COPY);
    for (String table : new String[] {"recipe", "draft", "flyway_schema_history"}) {
      sql.execute("create table " + COPY + "." + table + " like " + table);
      sql.execute("insert into " + COPY + "." + table + " select * from " + table);
    }
    sql.execute("create table " + COPY + ".copy_is_whole (id int)");
    sql.execute("create table change_number (part varchar(20) not null primary key)");
    sql.execute("alter table food add column changed bigint");
    sql.execute("delete from draft");
    new Migrating().migrate(flyway("latest"));
    isWhole();
  }

  @Test
  void aCopyKilledHalfWayIsForgotten() throws SQLException {
    older();
    sql.execute("create database " + COPY);
    sql.execute("create table " + COPY + ".recipe like recipe");
    new Migrating().migrate(flyway("latest"));
    isWhole();
  }

  @Test
  void aFirstStartKilledHalfWayIsBegunAnew() throws SQLException {
    sql.execute("create table food (id varchar(60) not null primary key, name varchar(9))");
    sql.execute("create table composition (food_id varchar(60) not null)");
    new Migrating().migrate(flyway("latest"));
    assertThat(one("select count(*) from change_number")).isEqualTo("8");
  }
}
