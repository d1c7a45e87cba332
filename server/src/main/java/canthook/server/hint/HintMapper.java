package canthook.server.hint;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Rows of what was answered to hints. */
interface HintMapper {
    record AnswerRow(String call, String answer, String at) {}

    @Select("SELECT call FROM hint_silenced ORDER BY call")
    List<String> silenced();

    @Insert("INSERT INTO hint_silenced (call, at) VALUES (#{call}, #{at}) ON CONFLICT DO NOTHING")
    void silence(@Param("call") String call, @Param("at") String at);

    @Delete("DELETE FROM hint_silenced WHERE call = #{call}")
    void hear(@Param("call") String call);

    @Select("SELECT call, answer, at FROM hint_answer WHERE box_id = #{box} ORDER BY call")
    List<AnswerRow> answers(@Param("box") String box);

    @Insert("INSERT INTO hint_answer (box_id, call, answer, at) VALUES (#{box}, #{call}, #{answer}, #{at})"
            + " ON CONFLICT (box_id, call) DO UPDATE SET answer = excluded.answer, at = excluded.at")
    void answer(
            @Param("box") String box,
            @Param("call") String call,
            @Param("answer") String answer,
            @Param("at") String at);

    @Delete("DELETE FROM hint_answer WHERE box_id = #{box} AND call = #{call}")
    void forget(@Param("box") String box, @Param("call") String call);
}
