package honeststack.app;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * Databases on the private MariaDB whose address {@code ./honest-stack test} hands over in the
 * environment.
 */
public final class Databases {
  private static final String SERVER = environment("URL");

  private Databases() {}

  private static String environment(String name) {
    String value = System.getenv("HONEST_STACK_TEST_" + name);
    if (value == null) {
      throw new IllegalStateException(
          "HONEST_STACK_TEST_"
              + name
              + " is not set. These tests need a database; run them with ./honest-stack test");
    }
    return value;
  }

  /** The one in which the running application works. */
  static String url() {
    return SERVER;
  }

  public static String url(String database) {
    return SERVER.substring(0, SERVER.lastIndexOf('/') + 1) + database;
  }

  public static String user() {
    return environment("USER");
  }

  public static String password() {
    return environment("PASSWORD");
  }

  /** Several statements may go at once. */
  public static Connection connect() throws SQLException {
    return DriverManager.getConnection(SERVER + "?allowMultiQueries=true", user(), password());
  }

  /** Makes an empty one, in place of one of this name. */
  public static void create(String database) {
    try (Connection connection = connect();
        Statement statement = connection.createStatement()) {
      statement.execute("drop database if exists " + database);
      statement.execute("create database " + database + " character set utf8mb4");
    } catch (SQLException failed) {
      throw new IllegalStateException(failed);
    }
  }
}
