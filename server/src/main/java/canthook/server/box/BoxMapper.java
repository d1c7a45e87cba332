package canthook.server.box;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Rows of boxes, their history and their test cuts. */
@Mapper
interface BoxMapper {
    record BoxRow(String id, long revision, String plan, int archived, String savedAt) {}

    record TestCutRow(long id, String reading, String madeAt) {}

    @Select(
            "SELECT id, revision, plan, archived, saved_at FROM box WHERE archived = #{archived} ORDER BY saved_at DESC, id")
    List<BoxRow> all(@Param("archived") int archived);

    @Select("SELECT id, revision, plan, archived, saved_at FROM box WHERE id = #{id}")
    @Nullable
    BoxRow find(@Param("id") String id);

    @Select("SELECT count(*) FROM box")
    long count();

    @Insert("INSERT INTO box (id, revision, plan, saved_at) VALUES (#{id}, 1, #{plan}, #{at}) ON CONFLICT DO NOTHING")
    int insert(@Param("id") String id, @Param("plan") String plan, @Param("at") String at);

    @Update("UPDATE box SET plan = #{plan}, revision = revision + 1, saved_at = #{at}"
            + " WHERE id = #{id} AND revision = #{revision}")
    int update(
            @Param("id") String id,
            @Param("revision") long revision,
            @Param("plan") String plan,
            @Param("at") String at);

    @Insert("INSERT INTO box_history (box_id, revision, plan, saved_at) VALUES (#{id}, #{revision}, #{plan}, #{at})")
    void remember(
            @Param("id") String id,
            @Param("revision") long revision,
            @Param("plan") String plan,
            @Param("at") String at);

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
