package canthook.server.rack;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Rows of what was read off jigs. */
interface SquareMapper {
    /** @param read as JSON */
    record SquareRow(long id, String jigId, String at, String read, String says, String grade) {}

    /** The newest first. */
    @Select("SELECT id, jig_id, at, read, says, grade FROM jig_square WHERE jig_id = #{jig} ORDER BY id DESC LIMIT 50")
    List<SquareRow> of(@Param("jig") String jig);

    @Insert("INSERT INTO jig_square (jig_id, at, read, says, grade) VALUES (#{jig}, #{at}, #{read}, #{says}, #{grade})")
    void add(
            @Param("jig") String jig,
            @Param("at") String at,
            @Param("read") String read,
            @Param("says") String says,
            @Param("grade") String grade);
}
