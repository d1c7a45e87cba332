package canthook.server.box;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Rows of boxes, their history and their test cuts. */
interface BoxMapper {
    record BoxRow(String id, long revision, String plan, int archived, String savedAt, String name) {}

    record NameRow(String id, String name) {}

    record StateRow(long revision, String plan) {}

    /** By what a box is found, and its place in an order. */
    record FoundBy(String name, String words, String wood, double longest) {}

    record TestCutRow(long id, String reading, String madeAt) {}

    String SIEVE = " WHERE archived = #{archived} AND instr(words, #{words}) > 0"
            + " AND NOT EXISTS (SELECT 1 FROM what_if w WHERE w.box_id = box.id)"
            + "<if test=\"wood != ''\"> AND wood = #{wood}</if>"
            + "<if test=\"archived == 0\"> AND <if test=\"stage != 'FINISHED'\">NOT</if>"
            + " EXISTS (SELECT 1 FROM finished f WHERE f.box_id = box.id)</if>"
            + "<if test=\"stage == 'PLANNED'\"> AND NOT EXISTS (SELECT 1 FROM test_cut t WHERE t.box_id = box.id AND t.removed = 0)"
            + " AND NOT EXISTS (SELECT 1 FROM saw_run r WHERE r.box_id = box.id)</if>"
            + "<if test=\"stage == 'TESTED'\"> AND EXISTS (SELECT 1 FROM test_cut t WHERE t.box_id = box.id AND t.removed = 0)"
            + " AND NOT EXISTS (SELECT 1 FROM saw_run r WHERE r.box_id = box.id)</if>"
            + "<if test=\"stage == 'AT_THE_SAW'\"> AND EXISTS (SELECT 1 FROM saw_run r WHERE r.box_id = box.id)</if>";

    /** What of the shelf is asked for, as it is bound. */
    record Asked(int archived, String words, String wood, String stage, String order, int from, int most) {}

    /** What of the shelf is asked for. Which boxes are found is told by the index alone; only the plans of those shown are read. */
    @Select("<script>SELECT id, revision, plan, archived, saved_at, name FROM box" + SIEVE + " ORDER BY <choose>"
            + "<when test=\"order == 'NAME'\">name COLLATE NOCASE, id</when>"
            + "<when test=\"order == 'LARGEST'\">longest DESC, id</when>"
            + "<otherwise>saved_at DESC, id</otherwise></choose> LIMIT #{most} OFFSET #{from}</script>")
    List<BoxRow> page(Asked asked);

    @Select("<script>SELECT count(*) FROM box" + SIEVE + "</script>")
    int found(Asked asked);

    @Select("SELECT id FROM box WHERE archived = 0 AND json_valid(plan)"
            + " AND json_extract(plan, '$.shared.place.set') = #{set}"
            + " AND NOT EXISTS (SELECT 1 FROM what_if w WHERE w.box_id = box.id) ORDER BY rowid")
    List<String> sharing(@Param("set") String set);

    @Select("SELECT DISTINCT wood FROM box WHERE archived = 0 AND wood != '' ORDER BY wood")
    List<String> woods();

    @Select("SELECT id, name FROM box WHERE archived = 0 AND instr(words, #{words}) > 0"
            + " AND NOT EXISTS (SELECT 1 FROM what_if w WHERE w.box_id = box.id)"
            + " ORDER BY saved_at DESC, id LIMIT #{most}")
    List<NameRow> names(@Param("words") String words, @Param("most") int most);

    @Select("SELECT revision, plan FROM box_history WHERE box_id = #{id} ORDER BY revision DESC LIMIT #{most}")
    List<StateRow> states(@Param("id") String id, @Param("most") int most);

    @Select("SELECT id, revision, plan, archived, saved_at, name FROM box WHERE id = #{id}")
    @Nullable
    BoxRow find(@Param("id") String id);

    @Select("SELECT count(*) FROM box")
    long count();

    @Insert(
            "INSERT INTO box (id, revision, plan, saved_at, name, words, wood, longest)"
                    + " VALUES (#{id}, 1, #{plan}, #{at}, #{found.name}, #{found.words}, #{found.wood}, #{found.longest}) ON CONFLICT DO NOTHING")
    int insert(
            @Param("id") String id, @Param("plan") String plan, @Param("at") String at, @Param("found") FoundBy found);

    @Update("UPDATE box SET plan = #{plan}, revision = revision + 1, saved_at = #{at},"
            + " name = #{found.name}, words = #{found.words}, wood = #{found.wood}, longest = #{found.longest}"
            + " WHERE id = #{id} AND revision = #{revision}")
    int update(
            @Param("id") String id,
            @Param("revision") long revision,
            @Param("plan") String plan,
            @Param("at") String at,
            @Param("found") FoundBy found);

    @Insert("INSERT INTO box_history (box_id, revision, plan, saved_at, back_to)"
            + " VALUES (#{id}, #{revision}, #{plan}, #{at}, #{backTo})")
    void remember(
            @Param("id") String id,
            @Param("revision") long revision,
            @Param("plan") String plan,
            @Param("at") String at,
            @Param("backTo") @Nullable Long backTo);

    @Select("SELECT plan FROM box_history WHERE box_id = #{id} AND revision = #{revision}")
    @Nullable
    String stateAt(@Param("id") String id, @Param("revision") long revision);

    /** Without their plans, the newest first. */
    @Select("SELECT revision, back_to FROM box_history WHERE box_id = #{id} ORDER BY revision DESC LIMIT #{most}")
    List<WayBack.Step> steps(@Param("id") String id, @Param("most") int most);

    @Update("UPDATE box SET archived = #{archived} WHERE id = #{id}")
    int archive(@Param("id") String id, @Param("archived") int archived);

    @Select("SELECT id, reading, made_at FROM test_cut WHERE box_id = #{boxId} AND removed = 0 ORDER BY made_at, id")
    List<TestCutRow> testCuts(@Param("boxId") String boxId);

    @Select("INSERT INTO test_cut (box_id, reading, made_at) VALUES (#{boxId}, #{reading}, #{at}) RETURNING id")
    @org.apache.ibatis.annotations.Options(flushCache = org.apache.ibatis.annotations.Options.FlushCachePolicy.TRUE)
    long addTestCut(@Param("boxId") String boxId, @Param("reading") String reading, @Param("at") String at);

    @Update("UPDATE test_cut SET removed = #{removed} WHERE id = #{id} AND box_id = #{boxId}")
    int removeTestCut(@Param("boxId") String boxId, @Param("id") long id, @Param("removed") int removed);
}
