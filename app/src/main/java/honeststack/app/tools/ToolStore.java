package honeststack.app.tools;

import static honeststack.app.db.Tables.TOOL;
import static honeststack.app.db.Tables.TOOL_WEIGHING;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** Tools and what their fills weighed. */
@Repository
class ToolStore {
  private final DSLContext sql;

  ToolStore(DSLContext sql) {
    this.sql = sql;
  }

  /**
   * A tool as it is stored.
   *
   * @param fills what its fills weighed, g, oldest first
   */
  record Stored(
      String id, String name, ToolKind kind, String fill, double pieces, List<Fill> fills) {}

  /** One fill on the scale, g. */
  record Fill(String id, double grams, Instant weighedAt) {}

  List<Stored> all() {
    Map<String, List<Fill>> fills = new HashMap<>();
    sql.selectFrom(TOOL_WEIGHING)
        .orderBy(TOOL_WEIGHING.WEIGHED_AT)
        .forEach(
            row ->
                fills
                    .computeIfAbsent(row.getToolId(), id -> new ArrayList<>())
                    .add(
                        new Fill(
                            row.getId(),
                            row.getGrams(),
                            row.getWeighedAt().toInstant(ZoneOffset.UTC))));
    return sql.selectFrom(TOOL)
        .orderBy(TOOL.NAME)
        .fetch(
            row ->
                new Stored(
                    row.getId(),
                    row.getName(),
                    ToolKind.valueOf(row.getKind()),
                    row.getFill(),
                    row.getPieces(),
                    fills.getOrDefault(row.getId(), List.of())));
  }

  void put(String id, NewTool tool, Instant now) {
    sql.insertInto(TOOL)
        .set(TOOL.ID, id)
        .set(TOOL.NAME, tool.name().strip())
        .set(TOOL.KIND, tool.kind().name())
        .set(TOOL.FILL, tool.fill().strip())
        .set(TOOL.PIECES, tool.pieces())
        .set(TOOL.MADE_AT, LocalDateTime.ofInstant(now, ZoneOffset.UTC))
        .onDuplicateKeyUpdate()
        .set(TOOL.NAME, tool.name().strip())
        .set(TOOL.KIND, tool.kind().name())
        .set(TOOL.FILL, tool.fill().strip())
        .set(TOOL.PIECES, tool.pieces())
        .execute();
  }

  void add(String toolId, Fill fill) {
    sql.insertInto(TOOL_WEIGHING)
        .set(TOOL_WEIGHING.ID, fill.id())
        .set(TOOL_WEIGHING.TOOL_ID, toolId)
        .set(TOOL_WEIGHING.GRAMS, fill.grams())
        .set(TOOL_WEIGHING.WEIGHED_AT, LocalDateTime.ofInstant(fill.weighedAt(), ZoneOffset.UTC))
        .execute();
  }

  boolean remove(String id) {
    return sql.deleteFrom(TOOL).where(TOOL.ID.eq(id)).execute() > 0;
  }

  boolean removeFill(String toolId, String fillId) {
    return sql.deleteFrom(TOOL_WEIGHING)
            .where(TOOL_WEIGHING.ID.eq(fillId))
            .and(TOOL_WEIGHING.TOOL_ID.eq(toolId))
            .execute()
        > 0;
  }
}
