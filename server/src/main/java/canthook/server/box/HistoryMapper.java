package canthook.server.box;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Rows of the states a box was in, and of the names some of them were given. */
interface HistoryMapper {
    /** @param keep its name; null when it has none */
    record StateRow(
            long revision,
            String plan,
            String savedAt,
            @Nullable String keep) {}

    String STATE = "SELECT h.revision, h.plan, h.saved_at, k.name AS keep FROM box_history h"
            + " LEFT JOIN box_keep k ON k.box_id = h.box_id AND k.revision = h.revision WHERE h.box_id = #{box}";

    @Select(STATE + " AND h.revision <= #{from} ORDER BY h.revision DESC LIMIT #{most}")
    List<StateRow> from(@Param("box") String box, @Param("from") long from, @Param("most") int most);

    @Select(STATE + " AND h.revision = #{revision}")
    @Nullable
    StateRow find(@Param("box") String box, @Param("revision") long revision);

    @Select(STATE + " AND k.name IS NOT NULL ORDER BY h.revision DESC")
    List<StateRow> kept(@Param("box") String box);

    @Insert("INSERT INTO box_keep (box_id, revision, name) VALUES (#{box}, #{revision}, #{name})"
            + " ON CONFLICT (box_id, revision) DO UPDATE SET name = excluded.name")
    void keep(@Param("box") String box, @Param("revision") long revision, @Param("name") String name);

    @Delete("DELETE FROM box_keep WHERE box_id = #{box} AND revision = #{revision}")
    void unkeep(@Param("box") String box, @Param("revision") long revision);

    /** Of every day before a moment only the last state of a box stays, the first of all, and those with a name. */
    @Delete("DELETE FROM box_history WHERE saved_at < #{before} AND revision > 1"
            + " AND NOT EXISTS (SELECT 1 FROM box_keep k WHERE k.box_id = box_history.box_id"
            + " AND k.revision = box_history.revision)"
            + " AND EXISTS (SELECT 1 FROM box_history later WHERE later.box_id = box_history.box_id"
            + " AND later.revision > box_history.revision"
            + " AND substr(later.saved_at, 1, 10) = substr(box_history.saved_at, 1, 10))")
    int thin(@Param("before") String before);
}
