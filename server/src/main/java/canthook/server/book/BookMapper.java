package canthook.server.book;

import java.util.List;
import org.apache.ibatis.annotations.Arg;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.type.ByteArrayTypeHandler;
import org.jspecify.annotations.Nullable;

/** Rows of the book: what is recorded elsewhere, read together, and the lines written by hand. */
interface BookMapper {
    /**
     * One entry as it is kept.
     *
     * @param ref which of its kind
     * @param body what is kept of it, in its own way
     * @param box whose it is; null for the shop's
     */
    record EntryRow(
            String kind,
            String ref,
            @Nullable String box,
            String at,
            int removed,
            String body,
            @Nullable String name,
            @Nullable String plan) {}

    record PhotoRow(long id, long noteId) {}

    record JpegRow(byte[] jpeg) {}

    record FacetRow(String what, String id, String name) {}

    /** Everything that is recorded, each with its box. */
    String ALL = "WITH every AS ("
            + " SELECT 'TEST_CUT' AS kind, CAST(id AS TEXT) AS ref, box_id AS box, made_at AS at, removed, reading AS body FROM test_cut"
            + " UNION ALL SELECT 'MOVE', CAST(id AS TEXT), box_id, made_at, removed, reading FROM test_cut"
            + "   WHERE json_valid(reading) AND NOT coalesce(json_extract(reading, '$.moved'), 0) = 0"
            + " UNION ALL SELECT 'NOTE', CAST(id AS TEXT), box_id, at, removed, about || char(10) || words FROM note"
            + "   WHERE NOT EXISTS (SELECT 1 FROM finished f WHERE f.note_id = note.id)"
            + " UNION ALL SELECT 'FINISHED', CAST(n.id AS TEXT), n.box_id, n.at, n.removed, coalesce(CAST(f.hours AS TEXT), '') || char(10) || n.words"
            + "   FROM note n JOIN finished f ON f.note_id = n.id"
            + " UNION ALL SELECT 'RUN', id, box_id, started_at, 0, first_box || ' ' || boxes || ' ' || unproven FROM saw_run"
            + " UNION ALL SELECT 'SPOILT', r.id || ':' || e.seq, r.box_id, e.at, 0, e.event FROM saw_event e JOIN saw_run r ON r.id = e.run_id"
            + "   WHERE json_valid(e.event) AND json_extract(e.event, '$.kind') = 'SPOILT'"
            + " UNION ALL SELECT 'GLUE_UP', CAST(id AS TEXT), box_id, begun_at, 0, CAST(took AS TEXT) || ' ' || CAST(planned AS TEXT)"
            + "   FROM glue_up WHERE dropped = 0 AND done_at IS NOT NULL"
            + " UNION ALL SELECT 'REPAIR', CAST(id AS TEXT), box_id, at, 0,"
            + "   gap || char(10) || CAST(wide AS TEXT) || char(10) || cause || char(10) || filled FROM repair"
            + " UNION ALL SELECT 'CALL', box_id || ':' || call, box_id, at, 0, call || ' ' || answer FROM hint_answer"
            + " UNION ALL SELECT 'PRACTICE', id, NULL, started_at, 0, level || ' ' || way FROM practice_round"
            + " UNION ALL SELECT 'DRILLS', substr(at, 1, 10), NULL, max(at), 0, count(*) || ' ' || sum(is_right) FROM practice_drill GROUP BY substr(at, 1, 10)),"
            + " entry AS (SELECT every.kind, every.ref, every.box, every.at,"
            + "   max(every.removed, CASE WHEN o.ref IS NULL THEN 0 ELSE 1 END) AS removed, every.body,"
            + "   b.name, CASE WHEN json_valid(b.plan) THEN b.plan END AS plan, b.wood,"
            + "   CASE WHEN json_valid(b.plan) THEN coalesce(json_extract(b.plan, '$.fingers.tool.name'), json_extract(b.plan, '$.fingers.cutter')) END AS cutter,"
            + "   CASE WHEN json_valid(b.plan) THEN coalesce(json_extract(b.plan, '$.jig.way'), 'SLED_KEY') END AS way"
            + "   FROM every LEFT JOIN box b ON b.id = every.box"
            + "   LEFT JOIN book_out o ON o.kind = every.kind AND o.ref = every.ref) ";

    String SIEVE = " WHERE removed = #{a.out}"
            + "<if test=\"a.kind != ''\"> AND kind = #{a.kind}</if>"
            + "<if test=\"a.box != ''\"> AND box = #{a.box}</if>"
            + "<if test=\"a.wood != ''\"> AND wood = #{a.wood}</if>"
            + "<if test=\"a.cutter != ''\"> AND cutter = #{a.cutter}</if>"
            + "<if test=\"a.way != ''\"> AND way = #{a.way}</if>"
            + "<if test=\"a.jig != ''\"> AND plan IS NOT NULL AND json_extract(plan, '$.jig.own.id') = #{a.jig}</if>"
            + "<if test=\"a.about != ''\"> AND kind = 'NOTE' AND substr(body, 1, instr(body, char(10)) - 1) = #{a.about}</if>"
            + "<foreach collection=\"a.terms\" item=\"term\"> AND (kind || ':' || ref IN"
            + " (SELECT kind || ':' || ref FROM book_words WHERE book_words MATCH #{term})"
            + " OR (kind = 'FINISHED' AND 'NOTE:' || ref IN (SELECT kind || ':' || ref FROM book_words WHERE book_words MATCH #{term}))"
            + " OR box IN (SELECT ref FROM book_words WHERE book_words MATCH #{term} AND kind = 'BOX'))</foreach>";

    /** What of the book is asked for, as it is bound; terms as the index takes them. */
    record Asked(
            int out,
            String kind,
            String box,
            String wood,
            String cutter,
            String way,
            String jig,
            String about,
            List<String> terms,
            int from,
            int most) {}

    @Select("<script>" + ALL + "SELECT kind, ref, box, at, removed, body, name, plan FROM entry" + SIEVE
            + " ORDER BY at DESC, kind DESC, ref LIMIT #{a.most} OFFSET #{a.from}</script>")
    List<EntryRow> page(@Param("a") Asked asked);

    @Select("<script>" + ALL + "SELECT count(*) FROM entry" + SIEVE + "</script>")
    int found(@Param("a") Asked asked);

    @Select(ALL
            + "SELECT DISTINCT 'box' AS what, box AS id, coalesce(name, box) AS name FROM entry WHERE box IS NOT NULL"
            + " UNION SELECT DISTINCT 'cutter', cutter, cutter FROM entry WHERE cutter IS NOT NULL"
            + " UNION SELECT DISTINCT 'way', way, way FROM entry WHERE way IS NOT NULL"
            + " UNION SELECT DISTINCT 'wood', wood, wood FROM entry WHERE coalesce(wood, '') <> '' ORDER BY 1, 3")
    List<FacetRow> facets();

    @Select("INSERT INTO note (box_id, about, words, at) VALUES (#{box}, #{about}, #{words}, #{at}) RETURNING id")
    @Options(flushCache = Options.FlushCachePolicy.TRUE)
    long write(
            @Param("box") @Nullable String box,
            @Param("about") String about,
            @Param("words") String words,
            @Param("at") String at);

    /** The words as they stand, kept under “taken out”. */
    @Insert("INSERT INTO note (box_id, about, words, at, removed) SELECT box_id, about, words, at, 1 FROM note"
            + " WHERE id = #{id} AND words <> #{words}")
    void keepWords(@Param("id") long id, @Param("words") String words);

    @Update("UPDATE note SET words = #{words} WHERE id = #{id}")
    int rewrite(@Param("id") long id, @Param("words") String words);

    @Update("UPDATE note SET removed = #{removed} WHERE id = #{id}")
    int markNote(@Param("id") long id, @Param("removed") int removed);

    @Update("UPDATE test_cut SET removed = #{removed} WHERE id = #{id}")
    int markTestCut(@Param("id") long id, @Param("removed") int removed);

    @Insert("INSERT INTO book_out (kind, ref, at) VALUES (#{kind}, #{ref}, #{at}) ON CONFLICT DO NOTHING")
    void takeOut(@Param("kind") String kind, @Param("ref") String ref, @Param("at") String at);

    @Delete("DELETE FROM book_out WHERE kind = #{kind} AND ref = #{ref}")
    void putBack(@Param("kind") String kind, @Param("ref") String ref);

    @Select(ALL + "SELECT count(*) FROM entry WHERE kind = #{kind} AND ref = #{ref}")
    int exists(@Param("kind") String kind, @Param("ref") String ref);

    @Select("SELECT count(*) FROM photo WHERE note_id = #{note}")
    int photosOf(@Param("note") long note);

    @Insert(
            "INSERT INTO photo (note_id, jpeg, small, width, height) VALUES (#{note}, #{jpeg}, #{small}, #{width}, #{height})")
    void addPhoto(
            @Param("note") long note,
            @Param("jpeg") byte[] jpeg,
            @Param("small") byte[] small,
            @Param("width") int width,
            @Param("height") int height);

    @Select(
            "<script>SELECT id, note_id FROM photo WHERE note_id IN"
                    + " <foreach collection=\"notes\" item=\"n\" open=\"(\" separator=\",\" close=\")\">#{n}</foreach> ORDER BY id</script>")
    List<PhotoRow> photos(@Param("notes") List<Long> notes);

    // the driver has no blobs, only bytes
    @Arg(column = "jpeg", javaType = byte[].class, typeHandler = ByteArrayTypeHandler.class)
    @Select("SELECT jpeg FROM photo WHERE id = #{id}")
    @Nullable
    JpegRow large(@Param("id") long id);

    // the driver has no blobs, only bytes
    @Arg(column = "jpeg", javaType = byte[].class, typeHandler = ByteArrayTypeHandler.class)
    @Select("SELECT small AS jpeg FROM photo WHERE id = #{id}")
    @Nullable
    JpegRow small(@Param("id") long id);

    @Select("SELECT event, at FROM saw_event WHERE run_id = #{run} ORDER BY seq")
    List<RunEventRow> events(@Param("run") String run);

    record RunEventRow(String event, String at) {}

    @Select("SELECT act FROM practice_act WHERE round_id = #{round} ORDER BY seq")
    List<String> acts(@Param("round") String round);

    @Select("SELECT seed FROM practice_round WHERE id = #{round}")
    long seed(@Param("round") String round);
}
