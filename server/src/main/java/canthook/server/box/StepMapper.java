package canthook.server.box;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Rows of steps that are done. */
interface StepMapper {
    /** @param share what part of it is done; 1 for all */
    record StepRow(String boxId, String step, String at, double share) {}

    @Select("SELECT box_id, step, at, share FROM step_done WHERE box_id = #{box}")
    List<StepRow> of(@Param("box") String box);

    @Insert("INSERT INTO step_done (box_id, step, at, share) VALUES (#{box}, #{step}, #{at}, #{share})"
            + " ON CONFLICT (box_id, step) DO UPDATE SET at = excluded.at, share = excluded.share")
    void done(
            @Param("box") String box, @Param("step") String step, @Param("at") String at, @Param("share") double share);

    @Delete("DELETE FROM step_done WHERE box_id = #{box} AND step = #{step}")
    void undone(@Param("box") String box, @Param("step") String step);

    /**
     * Boxes somebody is at: something of them was done or begun lately, or they are wanted on a day; not put away, not finished.
     *
     * @param since what was last touched before this lies still
     */
    @Select("SELECT id FROM box WHERE archived = 0 AND NOT EXISTS (SELECT 1 FROM finished f WHERE f.box_id = box.id)"
            + " AND NOT EXISTS (SELECT 1 FROM what_if w WHERE w.box_id = box.id)"
            + " AND id IN (SELECT box_id FROM step_done WHERE at > #{since}"
            + " UNION SELECT box_id FROM saw_run WHERE started_at > #{since}"
            + " UNION SELECT box_id FROM glue_up WHERE begun_at > #{since} AND dropped = 0"
            + " UNION SELECT id FROM box WHERE json_valid(plan) AND json_extract(plan, '$.finish.readyOn') IS NOT NULL)"
            + " ORDER BY rowid")
    List<String> underWay(@Param("since") String since);
}
