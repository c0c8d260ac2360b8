package honeststack.app.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import honeststack.app.archive.ArchiveForm.Manifest;
import honeststack.app.archive.ArchiveForm.Member;
import honeststack.app.archive.ArchiveReader.Opened;
import honeststack.app.problem.ProblemException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** An archive is taken apart only if it is what was written, to the last bit. */
class ArchiveReaderTest {
  private static final JsonMapper JSON = new JsonMapper();
  private static final byte[] RECIPE =
      "{\"a\":[1,2,3]}".repeat(50).getBytes(StandardCharsets.UTF_8);

  private static byte[] zip(Map<String, byte[]> files) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(out)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    } catch (IOException impossible) {
      throw new AssertionError(impossible);
    }
    return out.toByteArray();
  }

  private static byte[] archive(String format, int version, Member... members) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    files.put("recipes/1-cakes.json", RECIPE);
    files.put("tables/tool.json", "[]".getBytes(StandardCharsets.UTF_8));
    List<Member> list =
        members.length > 0
            ? List.of(members)
            : files.entrySet().stream().map(one -> member(one.getKey(), one.getValue())).toList();
    Manifest manifest = new Manifest(format, version, Instant.EPOCH, list);
    files.put("manifest.json", JSON.writeValueAsBytes(manifest));
    return zip(files);
  }

  private static Member member(String path, byte[] file) {
    return new Member(path, file.length, ArchiveReader.sha256(file));
  }

  private static void refused(byte[] archive, String said) {
    assertThatThrownBy(() -> ArchiveReader.open(archive, JSON))
        .isInstanceOf(ProblemException.class)
        .hasMessageContaining(said);
  }

  @Test
  void whatWasWrittenIsOpened() {
    Opened opened = ArchiveReader.open(archive("honest-stack-archive", 1), JSON);
    assertThat(opened.files()).containsOnlyKeys("recipes/1-cakes.json", "tables/tool.json");
    assertThat(opened.files().get("recipes/1-cakes.json")).isEqualTo(RECIPE);
    // The checksum of nothing: FIPS 180-4 (from memory).
    assertThat(ArchiveReader.sha256(new byte[0]))
        .startsWith("e3b0c44298fc1c149afbf4c8996fb924")
        .hasSize(64);
  }

  @Test
  void anotherFormIsRefused() {
    refused(archive("honest-stack-archive", 2), "format 2");
    refused(archive("somebody-elses", 1), "another program");
    byte[] tool = "[]".getBytes(StandardCharsets.UTF_8);
    refused(
        archive("honest-stack-archive", 1, member("tables/tool.json", tool)),
        "recipes/1-cakes.json");
    refused(
        archive(
            "honest-stack-archive",
            1,
            member("tables/tool.json", tool),
            member("tables/tool.json", tool)),
        "listed twice");
    refused(
        archive(
            "honest-stack-archive",
            1,
            member("tables/tool.json", tool),
            new Member("recipes/1-cakes.json", RECIPE.length, "0".repeat(64))),
        "damaged");
  }

  @Test
  void namesThatArePathsAreRefused() {
    for (String name :
        List.of(
            "../a.json",
            "/etc/a.json",
            "recipes/../a.json",
            "recipes\\a.json",
            "recipes/",
            "recipes/a.JSON",
            "recipes/" + "a".repeat(81) + ".json",
            "C:a.json")) {
      refused(zip(Map.of(name, RECIPE)), name);
    }
  }

  /** Of a thousand archives with a flipped bit, each is refused or has lost nothing. */
  @Test
  void noFlippedBitGoesUnseen() {
    byte[] good = archive("honest-stack-archive", 1);
    Random random = new Random(3);
    int refused = 0;
    for (int i = 0; i < 1000; i++) {
      byte[] flipped = good.clone();
      flipped[random.nextInt(flipped.length)] ^= (byte) (1 << random.nextInt(8));
      try {
        Opened opened = ArchiveReader.open(flipped, JSON);
        assertThat(opened.files().get("recipes/1-cakes.json")).isEqualTo(RECIPE);
      } catch (ProblemException seen) {
        refused++;
      }
    }
    assertThat(refused).isGreaterThan(500);
    for (int length = 0; length < good.length - 400; length += 7) {
      refused(Arrays.copyOf(good, length), "");
    }
  }
}
