package canthook.server.sheets;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Rows of sheets that were cut. */
interface CutSheetMapper {
    @Select("SELECT cut FROM cut_sheet WHERE box_id = #{box} ORDER BY cut_at, sheet_id")
    List<String> of(@Param("box") String box);

    @Insert("INSERT INTO cut_sheet (box_id, sheet_id, cut, cut_at) VALUES (#{box}, #{sheet}, #{cut}, #{at})")
    void keep(@Param("box") String box, @Param("sheet") String sheet, @Param("cut") String cut, @Param("at") String at);

    @Delete("DELETE FROM cut_sheet WHERE box_id = #{box} AND sheet_id = #{sheet}")
    int forget(@Param("box") String box, @Param("sheet") String sheet);
}
