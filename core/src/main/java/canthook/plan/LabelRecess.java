package canthook.plan;

import canthook.length.Length;
import canthook.refusal.Bounds;
import canthook.refusal.Refused;

/**
 * A slot for a label, let into the outside of a wall in its middle.
 *
 * @param wall it is cut into
 * @param wide along the wall
 * @param high of it
 * @param deep into the wall
 * @param under its upper edge below the wall's
 */
public record LabelRecess(Part wall, Length wide, Length high, Length deep, Length under) implements Fitting {
    public static final Bounds WIDE = new Bounds("Label, wide", Length.mm(5), Length.mm(500));
    public static final Bounds HIGH = new Bounds("Label, high", Length.mm(5), Length.mm(300));
    public static final Bounds DEEP = new Bounds("Label, deep", Length.mm(0.2), Length.mm(20));
    public static final Bounds UNDER = new Bounds("Label under the edge", Length.ZERO, Length.mm(1000));

    public LabelRecess {
        Refused.ifMissing("wall", "Which wall", wall);
        WIDE.check("wide", wide);
        HIGH.check("high", high);
        DEEP.check("deep", deep);
        UNDER.check("under", under);
    }

    @Override
    public <T> T fold(Kinds<T> kinds) {
        return kinds.label().apply(this);
    }

    public LabelRecess withUnder(Length changed) {
        return new LabelRecess(wall, wide, high, deep, changed);
    }

    public LabelRecess withDeep(Length changed) {
        return new LabelRecess(wall, wide, high, changed, under);
    }
}
