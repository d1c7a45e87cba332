package canthook.server.breakdown;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Rows of cut plans by which boards were cut. */
interface CutPlanMapper {
    @Select("SELECT plan FROM cut_plan WHERE box_id = #{box}")
    @Nullable
    String find(@Param("box") String box);

    @Insert("INSERT INTO cut_plan (box_id, plan, kept_at) VALUES (#{box}, #{plan}, #{at})"
            + " ON CONFLICT (box_id) DO UPDATE SET plan = excluded.plan, kept_at = excluded.kept_at")
    void keep(@Param("box") String box, @Param("plan") String plan, @Param("at") String at);

    @Delete("DELETE FROM cut_plan WHERE box_id = #{box}")
    void forget(@Param("box") String box);
}
