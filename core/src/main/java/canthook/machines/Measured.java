package canthook.machines;

import canthook.length.Length;
import canthook.shop.Machine;
import canthook.shop.Machine.Measure;
import canthook.working.Show;
import canthook.working.Worked;
import canthook.working.Worksheet;
import java.util.ArrayList;
import java.util.List;

/** Measures of the shop's machines on a worksheet: as taken, or assumed and said to be. */
public final class Measured {
    private final List<Machine> machines;
    private final Worksheet sheet;
    private final List<Measure> assumed = new ArrayList<>();

    public Measured(List<Machine> machines, Worksheet sheet) {
        this.machines = List.copyOf(machines);
        this.sheet = sheet;
    }

    /** The first machine of its kind that has it; the usual value otherwise. */
    public Worked read(Measure measure, String name, String symbol) {
        for (Machine machine : machines) {
            Length taken = machine.measures().get(measure);
            if (taken != null) {
                return sheet.measured(
                        name, symbol, measure.words(), Show.LAYOUT, taken, "As taken on “" + machine.name() + "”.");
            }
        }
        assumed.add(measure);
        return sheet.table(
                name,
                symbol,
                measure.words(),
                Show.LAYOUT,
                measure.usual(),
                "Assumed; it was not taken yet. " + measure.how());
    }

    /** What was assumed. */
    public List<Measure> assumed() {
        return List.copyOf(assumed);
    }
}
