package canthook.server.box;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Rows of boxes on which a change of another box is tried. */
interface WhatIfMapper {
    record WhatIfRow(String boxId, String ofBox, long ofRevision, String begunAt) {}

    @Insert("INSERT INTO what_if (box_id, of_box, of_revision, begun_at)"
            + " VALUES (#{boxId}, #{ofBox}, #{ofRevision}, #{begunAt})")
    void begin(WhatIfRow row);

    @Select("SELECT box_id, of_box, of_revision, begun_at FROM what_if WHERE box_id = #{box}")
    @Nullable
    WhatIfRow find(@Param("box") String box);

    /** Those of a box that are not put away, the newest first. */
    @Select("SELECT w.box_id, w.of_box, w.of_revision, w.begun_at FROM what_if w JOIN box b ON b.id = w.box_id"
            + " WHERE w.of_box = #{box} AND b.archived = 0 ORDER BY w.begun_at DESC, w.box_id")
    List<WhatIfRow> of(@Param("box") String box);

    @Delete("DELETE FROM what_if WHERE box_id = #{box}")
    void end(@Param("box") String box);
}
