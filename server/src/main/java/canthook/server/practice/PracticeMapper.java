package canthook.server.practice;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Rows of practice rounds, of what was done in them, and of drills answered. */
interface PracticeMapper {
    record RoundRow(String id, long seed, String level, String way, String startedAt) {}

    record DrillRow(String kind, String subject, int isRight, String at) {}

    @Insert(
            "INSERT INTO practice_round (id, seed, level, way, started_at) VALUES (#{id}, #{seed}, #{level}, #{way}, #{at})")
    void begin(
            @Param("id") String id,
            @Param("seed") long seed,
            @Param("level") String level,
            @Param("way") String way,
            @Param("at") String at);

    @Select("SELECT id, seed, level, way, started_at FROM practice_round WHERE id = #{id}")
    @Nullable
    RoundRow find(@Param("id") String id);

    @Select(
            "SELECT id, seed, level, way, started_at FROM practice_round ORDER BY started_at DESC, rowid DESC LIMIT #{most}")
    List<RoundRow> newest(@Param("most") int most);

    @Select("SELECT act FROM practice_act WHERE round_id = #{round} ORDER BY seq")
    List<String> acts(@Param("round") String round);

    @Insert(
            "INSERT INTO practice_act (round_id, seq, act, at) VALUES (#{round}, #{seq}, #{act}, #{at}) ON CONFLICT DO NOTHING")
    int add(@Param("round") String round, @Param("seq") long seq, @Param("act") String act, @Param("at") String at);

    @Select("SELECT kind, subject, is_right, at FROM practice_drill ORDER BY id")
    List<DrillRow> drills();

    @Insert("INSERT INTO practice_drill (kind, subject, seed, choice, is_right, at)"
            + " VALUES (#{kind}, #{subject}, #{seed}, #{choice}, #{right}, #{at})")
    void answer(
            @Param("kind") String kind,
            @Param("subject") String subject,
            @Param("seed") long seed,
            @Param("choice") int choice,
            @Param("right") int right,
            @Param("at") String at);
}
