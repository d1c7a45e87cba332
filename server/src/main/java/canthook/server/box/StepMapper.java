package canthook.server.box;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Rows of steps that are done. */
interface StepMapper {
    record StepRow(String boxId, String step, String at) {}

    @Select("SELECT box_id, step, at FROM step_done WHERE box_id = #{box}")
    List<StepRow> of(@Param("box") String box);

    @Insert("INSERT INTO step_done (box_id, step, at) VALUES (#{box}, #{step}, #{at})"
            + " ON CONFLICT (box_id, step) DO UPDATE SET at = excluded.at")
    void done(@Param("box") String box, @Param("step") String step, @Param("at") String at);

    @Delete("DELETE FROM step_done WHERE box_id = #{box} AND step = #{step}")
    void undone(@Param("box") String box, @Param("step") String step);

    /** Boxes somebody is at: something of them is done, begun, or wanted on a day; not put away, not finished. */
    @Select("SELECT id FROM box WHERE archived = 0 AND NOT EXISTS (SELECT 1 FROM finished f WHERE f.box_id = box.id)"
            + " AND (EXISTS (SELECT 1 FROM step_done s WHERE s.box_id = box.id)"
            + " OR EXISTS (SELECT 1 FROM saw_run r WHERE r.box_id = box.id)"
            + " OR EXISTS (SELECT 1 FROM glue_up g WHERE g.box_id = box.id AND g.dropped = 0)"
            + " OR (json_valid(plan) AND json_extract(plan, '$.finish.readyOn') IS NOT NULL)) ORDER BY rowid")
    List<String> underWay();
}
