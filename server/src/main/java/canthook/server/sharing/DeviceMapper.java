package canthook.server.sharing;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Rows of devices that were let in, and of the door. */
interface DeviceMapper {
    record DeviceRow(String id, String tokenHash, String name, May may, String joinedAt, String seenAt) {}

    record DoorRow(int isOpen, May may) {}

    @Select("SELECT id, token_hash, name, may, joined_at, seen_at FROM shared_device ORDER BY joined_at, id")
    List<DeviceRow> all();

    @Insert("INSERT INTO shared_device (id, token_hash, name, may, joined_at, seen_at)"
            + " VALUES (#{id}, #{tokenHash}, #{name}, #{may}, #{joinedAt}, #{seenAt})")
    void add(DeviceRow row);

    @Update("UPDATE shared_device SET seen_at = #{at} WHERE id = #{id}")
    void seen(@Param("id") String id, @Param("at") String at);

    @Update("UPDATE shared_device SET may = #{may} WHERE id = #{id}")
    int may(@Param("id") String id, @Param("may") May may);

    @Delete("DELETE FROM shared_device WHERE id = #{id}")
    int putOut(@Param("id") String id);

    @Select("SELECT is_open, may FROM shared_door")
    @Nullable
    DoorRow door();

    @Insert("INSERT INTO shared_door (one, is_open, may) VALUES (1, #{isOpen}, #{may})"
            + " ON CONFLICT (one) DO UPDATE SET is_open = excluded.is_open, may = excluded.may")
    void setDoor(DoorRow row);
}
