package canthook.server.saw;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Rows of runs and of what happened in them. */
interface SawMapper {
    record RunRow(String id, String boxId, String plan, String rules, String startedAt, int closed) {}

    /** @param mark of the page that sent it; null when it did not say */
    record EventRow(
            long seq, String event, String at, @Nullable String mark) {}

    @Select("SELECT id, box_id, plan, rules, started_at, closed FROM saw_run WHERE id = #{id}")
    @Nullable
    RunRow find(@Param("id") String id);

    @Select("SELECT id, box_id, plan, rules, started_at, closed FROM saw_run WHERE box_id = #{box}"
            + " ORDER BY started_at DESC, rowid DESC")
    List<RunRow> ofBox(@Param("box") String box);

    @Select("SELECT id, box_id, plan, rules, started_at, closed FROM saw_run ORDER BY started_at DESC LIMIT #{most}")
    List<RunRow> newest(@Param("most") int most);

    @Insert("INSERT INTO saw_run (id, box_id, plan, rules, started_at) VALUES (#{id}, #{box}, #{plan}, #{rules}, #{at})"
            + " ON CONFLICT DO NOTHING")
    int insert(
            @Param("id") String id,
            @Param("box") String box,
            @Param("plan") String plan,
            @Param("rules") String rules,
            @Param("at") String at);

    @Select("SELECT COUNT(*) FROM saw_run r WHERE box_id = #{box} AND closed = 1 AND started_at > #{after}"
            + " AND started_at < #{before} AND EXISTS (SELECT 1 FROM saw_event e WHERE e.run_id = r.id"
            + " AND json_extract(e.event, '$.kind') = 'DONE')")
    int madeBetween(@Param("box") String box, @Param("after") String after, @Param("before") String before);

    @Update("UPDATE saw_run SET closed = 1 WHERE id = #{id}")
    int close(@Param("id") String id);

    @Select("SELECT seq, event, at, mark FROM saw_event WHERE run_id = #{run} ORDER BY seq")
    List<EventRow> events(@Param("run") String run);

    @Select("SELECT id, box_id, plan, rules, started_at, closed FROM saw_run WHERE closed = 0 ORDER BY started_at DESC")
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
