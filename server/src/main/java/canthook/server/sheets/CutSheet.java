package canthook.server.sheets;

import canthook.board.Blank;
import canthook.length.Length;
import canthook.sheets.SheetTask.Panel;
import canthook.wood.Woods;
import java.util.List;
import java.util.Optional;

/**
 * A sheet that was cut.
 *
 * @param sheet as it lay on the rack
 * @param panels that came of it
 * @param on the day, ISO 8601
 * @param scraps ids of what was put on the rack for it
 */
public record CutSheet(Blank sheet, List<Came> panels, String on, List<String> scraps) {
    public CutSheet {
        panels = List.copyOf(panels);
        scraps = List.copyOf(scraps);
    }

    /** So many equal panels. */
    public record Came(String box, String name, String wood, Length along, Length across, Length thickness, int count) {
        static Came of(Panel panel, int count) {
            return new Came(
                    panel.box(),
                    panel.name(),
                    panel.wood().id(),
                    panel.along(),
                    panel.across(),
                    panel.thickness(),
                    count);
        }

        /** As it is wanted; empty when its wood is not known any more. */
        Optional<Panel> panel(List<canthook.wood.Wood> own) {
            return own.stream()
                    .filter(w -> w.id().equals(wood))
                    .findFirst()
                    .or(() -> Woods.published().find(wood))
                    .map(w -> new Panel(box, name, w, along, across, thickness, count));
        }
    }
}
