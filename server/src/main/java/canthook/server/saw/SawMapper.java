package canthook.server.saw;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Rows of runs and of what happened in them. */
interface SawMapper {
    /**
     * @param firstBox number of the first box that is cut
     * @param boxes how many are cut
     * @param unproven whether it was begun before the first box had gone together
     * @param finished whether every pass is made
     */
    record RunRow(
            String id,
            String boxId,
            String plan,
            String rules,
            String startedAt,
            int closed,
            int firstBox,
            int boxes,
            int unproven,
            int finished) {}

    String COLUMNS = "id, box_id, plan, rules, started_at, closed, first_box, boxes, unproven, finished";

    /** @param mark of the page that sent it; null when it did not say */
    record EventRow(
            long seq, String event, String at, @Nullable String mark) {}

    @Select("SELECT " + COLUMNS + " FROM saw_run WHERE id = #{id}")
    @Nullable
    RunRow find(@Param("id") String id);

    @Select("SELECT " + COLUMNS + " FROM saw_run WHERE box_id = #{box}" + " ORDER BY started_at DESC, rowid DESC")
    List<RunRow> ofBox(@Param("box") String box);

    @Select("SELECT " + COLUMNS + " FROM saw_run ORDER BY started_at DESC LIMIT #{most}")
    List<RunRow> newest(@Param("most") int most);

    @Insert("INSERT INTO saw_run (id, box_id, plan, rules, started_at, first_box, boxes, unproven)"
            + " VALUES (#{id}, #{box}, #{plan}, #{rules}, #{at}, #{first}, #{boxes}, #{unproven})"
            + " ON CONFLICT DO NOTHING")
    int insert(
            @Param("id") String id,
            @Param("box") String box,
            @Param("plan") String plan,
            @Param("rules") String rules,
            @Param("at") String at,
            @Param("first") int first,
            @Param("boxes") int boxes,
            @Param("unproven") int unproven);

    @Update("UPDATE saw_run SET finished = #{finished} WHERE id = #{id}")
    void finished(@Param("id") String id, @Param("finished") int finished);

    /** Boxes of a plan that are cut, by the runs that are over. */
    @Select("SELECT coalesce(sum(boxes), 0) FROM saw_run WHERE box_id = #{box} AND finished = 1")
    int boxesCut(@Param("box") String box);

    @Select(
            "SELECT coalesce(sum(boxes), 0) FROM saw_run r WHERE box_id = #{box} AND closed = 1 AND started_at > #{after}"
                    + " AND started_at < #{before} AND EXISTS (SELECT 1 FROM saw_event e WHERE e.run_id = r.id"
                    + " AND json_extract(e.event, '$.kind') = 'DONE')")
    int madeBetween(@Param("box") String box, @Param("after") String after, @Param("before") String before);

    @Update("UPDATE saw_run SET closed = 1 WHERE id = #{id}")
    int close(@Param("id") String id);

    @Select("SELECT seq, event, at, mark FROM saw_event WHERE run_id = #{run} ORDER BY seq")
    List<EventRow> events(@Param("run") String run);

    @Select("SELECT " + COLUMNS + " FROM saw_run WHERE closed = 0 ORDER BY started_at DESC")
    List<RunRow> running();

    @Insert("INSERT INTO saw_event (run_id, seq, event, at, mark) VALUES (#{run}, #{seq}, #{event}, #{at}, #{mark})"
            + " ON CONFLICT DO NOTHING")
    int add(
            @Param("run") String run,
            @Param("seq") long seq,
            @Param("event") String event,
            @Param("at") String at,
            @Param("mark") @Nullable String mark);
}
