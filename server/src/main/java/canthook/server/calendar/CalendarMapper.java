package canthook.server.calendar;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Rows of the shop's hours, and of boxes that are finished. */
interface CalendarMapper {
    record HoursRow(String hours, String zone) {}

    record FinishedRow(
            String boxId, long noteId, String day, @Nullable Double hours) {}

    @Select("SELECT hours, zone FROM shop_hours WHERE id = 1")
    @Nullable
    HoursRow hours();

    @Insert("INSERT INTO shop_hours (id, hours, zone) VALUES (1, #{hours}, #{zone})"
            + " ON CONFLICT (id) DO UPDATE SET hours = excluded.hours, zone = excluded.zone")
    void keepHours(@Param("hours") String hours, @Param("zone") String zone);

    @Select("SELECT box_id, note_id, day, hours FROM finished WHERE box_id = #{box}")
    @Nullable
    FinishedRow finished(@Param("box") String box);

    @Insert("INSERT INTO finished (box_id, note_id, day, hours) VALUES (#{box}, #{note}, #{day}, #{hours})")
    void finish(
            @Param("box") String box,
            @Param("note") long note,
            @Param("day") String day,
            @Param("hours") @Nullable Double hours);

    @Delete("DELETE FROM finished WHERE box_id = #{box}")
    int notFinished(@Param("box") String box);
}
