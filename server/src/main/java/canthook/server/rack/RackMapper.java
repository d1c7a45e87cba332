package canthook.server.rack;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Rows of the rack and of the house rules. */
interface RackMapper {
    record ItemRow(String id, long revision, String item, int removed) {}

    record RuleRow(String id, double value) {}

    @Select("SELECT id, revision, item, removed FROM rack_item WHERE kind = #{kind} AND removed = 0 ORDER BY rowid")
    List<ItemRow> all(@Param("kind") String kind);

    @Select("SELECT count(*) FROM rack_item WHERE kind = #{kind} AND removed = 0")
    int count(@Param("kind") String kind);

    @Select("SELECT id, revision, item, removed FROM rack_item WHERE kind = #{kind} AND id = #{id}")
    @Nullable
    ItemRow find(@Param("kind") String kind, @Param("id") String id);

    @Insert("INSERT INTO rack_item (kind, id, revision, item, saved_at) VALUES (#{kind}, #{id}, 1, #{item}, #{at})"
            + " ON CONFLICT DO NOTHING")
    int insert(@Param("kind") String kind, @Param("id") String id, @Param("item") String item, @Param("at") String at);

    @Update("UPDATE rack_item SET item = #{item}, revision = revision + 1, saved_at = #{at}"
            + " WHERE kind = #{kind} AND id = #{id} AND revision = #{revision}")
    int update(
            @Param("kind") String kind,
            @Param("id") String id,
            @Param("revision") long revision,
            @Param("item") String item,
            @Param("at") String at);

    @Update("UPDATE rack_item SET removed = #{removed}, saved_at = #{at} WHERE kind = #{kind} AND id = #{id}")
    int remove(
            @Param("kind") String kind, @Param("id") String id, @Param("removed") int removed, @Param("at") String at);

    @Select("SELECT id, value FROM house_rule")
    List<RuleRow> rules();

    @Insert("INSERT INTO house_rule (id, value, saved_at) VALUES (#{id}, #{value}, #{at})"
            + " ON CONFLICT (id) DO UPDATE SET value = excluded.value, saved_at = excluded.saved_at")
    void setRule(@Param("id") String id, @Param("value") double value, @Param("at") String at);

    @Delete("DELETE FROM house_rule WHERE id = #{id}")
    void resetRule(@Param("id") String id);

    @Delete("DELETE FROM house_rule")
    void resetRules();
}
