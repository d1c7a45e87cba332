package canthook.server.gluing;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Rows of gaps and their repairs. */
interface RepairMapper {
    @Insert("INSERT INTO repair (box_id, at, gap, wide, cause, filled)"
            + " VALUES (#{box}, #{at}, #{gap}, #{wide}, #{cause}, #{filled})")
    void write(
            @Param("box") String box,
            @Param("at") String at,
            @Param("gap") String gap,
            @Param("wide") double wide,
            @Param("cause") String cause,
            @Param("filled") String filled);

    /** Kinds of gap that stand in the Book on two boxes, or twice; what was taken out of it does not count. */
    @Select("SELECT gap FROM repair WHERE NOT EXISTS (SELECT 1 FROM book_out o WHERE o.kind = 'REPAIR'"
            + " AND o.ref = CAST(repair.id AS TEXT)) GROUP BY gap HAVING count(*) > 1")
    List<String> again();
}
