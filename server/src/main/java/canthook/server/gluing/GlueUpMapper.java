package canthook.server.gluing;

import java.util.List;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Rows of glue-ups. */
interface GlueUpMapper {
    /** One as it is kept. */
    record GlueUpRow(
            long id,
            String boxId,
            long revision,
            String begunAt,
            String lotAt,
            @Nullable String restedAt,
            int step,
            double planned,
            @Nullable Double took,
            @Nullable String doneAt) {}

    String COLUMNS = "id, box_id, revision, begun_at, lot_at, rested_at, step, planned, took, done_at";

    /** The one that runs, or the one that was done last; null when there was none. */
    @Select("SELECT " + COLUMNS + " FROM glue_up WHERE box_id = #{box} AND dropped = 0 ORDER BY id DESC LIMIT 1")
    @Nullable
    GlueUpRow last(@Param("box") String box);

    /** Seconds each one that is over took, the first first; what was taken out of the Book does not count. */
    @Select("SELECT took FROM glue_up WHERE box_id = #{box} AND dropped = 0 AND done_at IS NOT NULL"
            + " AND NOT EXISTS (SELECT 1 FROM book_out o WHERE o.kind = 'GLUE_UP' AND o.ref = CAST(glue_up.id AS TEXT))"
            + " ORDER BY id")
    List<Double> took(@Param("box") String box);

    @Select("INSERT INTO glue_up (box_id, revision, begun_at, lot_at, step, planned)"
            + " VALUES (#{box}, 1, #{at}, #{at}, #{step}, #{planned}) RETURNING id")
    @Options(flushCache = Options.FlushCachePolicy.TRUE)
    long begin(
            @Param("box") String box,
            @Param("at") String at,
            @Param("step") int step,
            @Param("planned") double planned);

    /** @return 0 when another was first */
    @Update(
            "UPDATE glue_up SET revision = revision + 1, lot_at = #{r.lotAt}, rested_at = #{r.restedAt}, step = #{r.step},"
                    + " took = #{r.took}, done_at = #{r.doneAt} WHERE id = #{r.id} AND revision = #{r.revision}")
    int update(@Param("r") GlueUpRow row);

    @Update("UPDATE glue_up SET dropped = 1 WHERE id = #{id} AND revision = #{revision}")
    int drop(@Param("id") long id, @Param("revision") long revision);
}
