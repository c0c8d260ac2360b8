package honeststack.app.archive;

import honeststack.app.archive.ArchiveForm.Manifest;
import honeststack.app.archive.ArchiveForm.Member;
import honeststack.app.problem.Problem;
import honeststack.app.problem.ProblemException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * Takes an archive apart, in memory: no name in it becomes a path. Whatever is not in its list, or
 * not as its list says, makes the whole of it refused.
 */
final class ArchiveReader {
  private static final String ACCEPTED = "an archive that this program wrote, as it was written";
  private static final Pattern PATH =
      Pattern.compile(
          "manifest\\.json|(recipes|tables)/[a-z0-9_-]{1,80}\\.json|figures/[a-z0-9_-]{1,80}\\.csv");

  private static final int MOST_FILES = 20_000;
  private static final long MOST_BYTES = 512L << 20;
  private static final int AT_ONCE = 1 << 16;

  private ArchiveReader() {}

  /**
   * An archive whose files are as its list says.
   *
   * @param files by path, without the list itself
   */
  record Opened(Manifest manifest, Map<String, byte[]> files) {}

  /**
   * @throws ProblemException if it is damaged, foreign or too large, with the place
   */
  static Opened open(byte[] archive, JsonMapper json) {
    Map<String, byte[]> files = files(archive);
    byte[] list = files.remove(ArchiveForm.MANIFEST);
    if (list == null) {
      throw refused(ArchiveForm.MANIFEST, "There is no " + ArchiveForm.MANIFEST + " in the file.");
    }
    Manifest manifest = manifest(list, json);
    Set<String> listed = new HashSet<>();
    for (Member member : manifest.files()) {
      byte[] file = files.get(member.path());
      if (file == null || !listed.add(member.path())) {
        throw refused(member.path(), "“" + member.path() + "” is missing, or listed twice.");
      }
      if (file.length != member.bytes() || !sha256(file).equals(member.sha256())) {
        throw refused(
            member.path(), "“" + member.path() + "” is damaged: it is not what was written.");
      }
    }
    files.keySet().stream()
        .filter(path -> !listed.contains(path))
        .findFirst()
        .ifPresent(
            path -> {
              throw refused(path, "“" + path + "” is not in the archive's list.");
            });
    return new Opened(manifest, files);
  }

  private static Map<String, byte[]> files(byte[] archive) {
    Map<String, byte[]> files = new LinkedHashMap<>();
    long left = MOST_BYTES;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        String path = entry.getName();
        if (!PATH.matcher(path).matches()) {
          throw refused(path, "“" + path + "” has no place in an archive.");
        }
        if (files.size() >= MOST_FILES) {
          throw refused(path, "The archive holds more than " + MOST_FILES + " files.");
        }
        byte[] file = read(zip, left, path);
        left -= file.length;
        if (files.put(path, file) != null) {
          throw refused(path, "“" + path + "” is in the archive twice.");
        }
      }
    } catch (IOException | IllegalArgumentException broken) {
      throw refused("file", "The file is damaged: " + broken.getMessage() + ".");
    }
    if (files.isEmpty()) {
      throw refused("file", "The file is not a zip archive.");
    }
    return files;
  }

  /** No more than is left, however much it claims to be. */
  private static byte[] read(InputStream in, long left, String path) throws IOException {
    byte[] file = in.readNBytes((int) Math.min(left + 1, Integer.MAX_VALUE - AT_ONCE));
    if (file.length > left) {
      throw refused(path, "Unpacked, the archive is larger than " + (MOST_BYTES >> 20) + " MB.");
    }
    return file;
  }

  private static Manifest manifest(byte[] list, JsonMapper json) {
    try {
      Manifest manifest = json.readValue(list, Manifest.class);
      if (!ArchiveForm.FORMAT.equals(manifest.format()) || manifest.files() == null) {
        throw refused(ArchiveForm.MANIFEST, "The file is another program's archive.");
      }
      if (manifest.formatVersion() != ArchiveForm.VERSION) {
        throw refused(
            ArchiveForm.MANIFEST,
            "The archive is of format "
                + manifest.formatVersion()
                + ", which this version does not know.");
      }
      return manifest;
    } catch (JacksonException broken) {
      throw refused(
          ArchiveForm.MANIFEST, "The list cannot be read: " + broken.getOriginalMessage() + ".");
    }
  }

  static ProblemException refused(String place, String problem) {
    return Problem.badInput(place, place, problem, ACCEPTED);
  }

  static String sha256(byte[] file) {
    try {
      return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(file));
    } catch (NoSuchAlgorithmException impossible) {
      throw new IllegalStateException(impossible);
    }
  }
}
