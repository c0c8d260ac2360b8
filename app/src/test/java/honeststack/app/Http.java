package honeststack.app;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A plain client of the running application. */
public final class Http {
  private static final HttpClient CLIENT = HttpClient.newHttpClient();
  private static final JsonMapper JSON = new JsonMapper();

  private Http() {}

  /** An answer: status, entity tag ("" if none) and body. */
  public record Answer(int status, String tag, String contentType, JsonNode body) {}

  /** Sends a file as its bytes. */
  public static Answer sendFile(String path, byte[] file) {
    return exchanged(
        "POST",
        path,
        HttpRequest.BodyPublishers.ofByteArray(file),
        "Content-Type",
        "application/octet-stream");
  }

  /** What an address gives, as bytes. */
  public static byte[] file(String path) {
    try {
      HttpRequest request =
          HttpRequest.newBuilder(URI.create(RunningApplication.address() + path)).build();
      HttpResponse<byte[]> answer = CLIENT.send(request, HttpResponse.BodyHandlers.ofByteArray());
      if (answer.statusCode() != 200) {
        throw new AssertionError(path + " answers " + answer.statusCode());
      }
      return answer.body();
    } catch (IOException failed) {
      throw new AssertionError(failed);
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
      throw new AssertionError(interrupted);
    }
  }

  public static Answer send(String method, String path, String body, String... headers) {
    return exchanged(
        method,
        path,
        body == null
            ? HttpRequest.BodyPublishers.noBody()
            : HttpRequest.BodyPublishers.ofString(body),
        headers);
  }

  private static Answer exchanged(
      String method, String path, HttpRequest.BodyPublisher body, String... headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(RunningApplication.address() + path))
            .header("Content-Type", "application/json")
            .method(method, body);
    for (int i = 0; i < headers.length; i += 2) {
      request.setHeader(headers[i], headers[i + 1]);
    }
    try {
      HttpResponse<String> response =
          CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
      return new Answer(
          response.statusCode(),
          response.headers().firstValue("ETag").orElse(""),
          response.headers().firstValue("Content-Type").orElse(""),
          response.body().isEmpty() ? JSON.nullNode() : JSON.readTree(response.body()));
    } catch (IOException failed) {
      throw new AssertionError(failed);
    } catch (InterruptedException interrupted) {
      Thread.currentThread().interrupt();
      throw new AssertionError(interrupted);
    }
  }

  public static Answer get(String path) {
    return send("GET", path, null);
  }
}
