package canthook.saw;

import canthook.plan.BatchWish;
import canthook.plan.Part;
import canthook.saw.SawRun.Spoilt;
import java.util.List;

/**
 * Parts that were milled to have over, and how many of them took a spoilt one's place.
 *
 * <pre>
 * left = spares of its kind − parts of that kind that were spoilt
 * </pre>
 *
 * @param sides left; under zero where more were spoilt than there were spares
 * @param ends likewise
 */
public record Spares(int sides, int ends) {
    public static Spares of(BatchWish batch, List<Spoilt> spoilt) {
        int sides = 0;
        for (Spoilt one : spoilt) {
            sides += Part.valueOf(one.part().substring(0, 1)).isSide() ? 1 : 0;
        }
        return new Spares(batch.spareSides() - sides, batch.spareEnds() - (spoilt.size() - sides));
    }

    /** What is left, and what has to be milled. */
    public String says() {
        int mill = Math.max(0, -sides) + Math.max(0, -ends);
        String left = "Spares left: " + Math.max(0, sides) + (Math.max(0, sides) == 1 ? " side, " : " sides, ")
                + Math.max(0, ends) + (Math.max(0, ends) == 1 ? " end" : " ends");
        return mill == 0 ? left : left + "; " + mill + (mill == 1 ? " more part" : " more parts") + " to mill";
    }
}
