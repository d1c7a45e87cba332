package canthook.lid;

import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.plan.BoxPlan;
import canthook.plan.Contents;
import canthook.plan.Contents.Item;
import canthook.plan.Contents.Laid;
import canthook.plan.Groove;
import canthook.plan.Groove.Corners;
import canthook.plan.Hinges;
import canthook.plan.Lid;
import canthook.plan.Lid.Joined;
import canthook.plan.Lid.Kept;
import canthook.plan.Liner;
import canthook.plan.SizeWish;
import canthook.plan.Stuff;
import canthook.planner.WorkedPlan;
import canthook.verdict.Fix;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A sawn-off lid's top is a panel in a groove: what is judged of a bottom is judged of it, and each button puts it right. */
class TopPanelJudgedTest {
    private static Lid.SawnOff top(double width, double depth, double offset) {
        return sawnOff(60, Joined.LOOSE, 3.2).withGroove(new Groove(mm(width), mm(depth), mm(offset)));
    }

    private static WorkedPlan with(Lid lid) {
        return work(openDrawer().with(lid));
    }

    private static Optional<Verdict> said(WorkedPlan worked, Code code) {
        return worked.verdicts().stream()
                .filter(v -> v.code() == code && v.station().equals("lid"))
                .findFirst();
    }

    /** It is said, and every button makes it unsaid. */
    private static void saidAndMended(WorkedPlan worked, Code code) {
        Verdict verdict = said(worked, code).orElseThrow(() -> new AssertionError(code + " is not said"));
        assertThat(verdict.fixes()).as(code + " has a button").isNotEmpty();
        for (Fix fix : verdict.fixes()) {
            assertThat(said(work(fix.after()), code)).as(fix.label()).isEmpty();
        }
    }

    @Test
    void itsGrooveIsJudged() {
        WorkedPlan sound = with(top(4, 5, 82));
        for (Code code : List.of(
                Code.GROOVE_OVER_HALF,
                Code.GROOVE_DEEPER_THAN_WALL,
                Code.WALL_LEFT_THIN,
                Code.GROOVE_STRADDLES,
                Code.LID_TOP_THIN,
                Code.LID_OFF_WALL,
                Code.LID_STANDS_OVER,
                Code.CORNER_OPEN,
                Code.CONTENTS_MEET_LID)) {
            assertThat(said(sound, code)).as(code.name()).isEmpty();
        }
        saidAndMended(with(top(4, 7, 82)), Code.GROOVE_OVER_HALF);
        saidAndMended(with(top(4, 12, 82)), Code.GROOVE_DEEPER_THAN_WALL);
        saidAndMended(with(top(4, 11, 82)), Code.WALL_LEFT_THIN);
        saidAndMended(with(top(6, 5, 78)), Code.GROOVE_STRADDLES);
        saidAndMended(with(top(4, 5, 90)), Code.LID_TOP_THIN);
        saidAndMended(with(top(4, 5, 94)), Code.LID_OFF_WALL);
        assertThat(said(with(top(4, 5, 94)), Code.LID_TOP_THIN))
                .as("one thing at a time")
                .isEmpty();
        saidAndMended(with(top(4, 5, 82).withThickness(mm(20))), Code.LID_STANDS_OVER);
    }

    @Test
    void itsPanelIsJudgedThroughTheYear() {
        BoxPlan wide = openDrawer().with(openDrawer().size().withFootprint(mm(700), mm(600)));
        Lid.SawnOff flat = top(4, 5, 82).withStuff(new Stuff("maple-sugar", 0));
        saidAndMended(work(wide.with(flat)), Code.ENGAGEMENT_SHORT);
        assertThat(said(work(wide.with(flat.withStuff(new Stuff("sheet-plywood", 0)))), Code.ENGAGEMENT_SHORT))
                .isEmpty();
        Lid.SawnOff clipped = sawnOff(60, Joined.LOOSE, 3.2)
                .withStuff(new Stuff("maple-sugar", 0))
                .withGroove(new Groove(mm(4), mm(4), mm(82), Corners.CLIPPED, mm(12)));
        saidAndMended(with(clipped), Code.CORNER_OPEN);
    }

    /** Inside 224 × 142: what is as high as this goes in, and the lid must come down over it. */
    private static BoxPlan holding(double high) {
        SizeWish size = openDrawer().size();
        return openDrawer()
                .with(size.with(new Contents(
                        List.of(new Item(
                                "seed jars", mm(60), mm(60), mm(high), 2, Laid.ALONG, mm(2), mm(2), mm(0), null)),
                        null)));
    }

    @Test
    void whatIsInTheBoxIsJudgedUnderEveryLid() {
        for (Lid lid : List.of(top(4, 5, 82), onTop(Kept.LIP), onTop(Kept.HINGED))) {
            String kind = lid.getClass().getSimpleName();
            assertThat(said(work(holding(40).with(lid)), Code.CONTENTS_MEET_LID))
                    .as(kind)
                    .isEmpty();
            assertThat(said(work(holding(84).with(lid)), Code.CONTENTS_MEET_LID))
                    .as(kind)
                    .isPresent();
        }
        // under a lip of 6 it is too high, under hinges it is not
        assertThat(said(work(holding(78).with(onTop(Kept.LIP))), Code.CONTENTS_MEET_LID))
                .isPresent();
        assertThat(said(work(holding(78).with(onTop(Kept.HINGED))), Code.CONTENTS_MEET_LID))
                .isEmpty();
    }

    @Test
    void itsHingesAndItsLinerAreJudged() {
        Lid.SawnOff hinged = sawnOff(60, Joined.HINGED, 3.2);
        assertThat(said(with(hinged), Code.HINGE_WALL_THIN)).isEmpty();
        saidAndMended(with(hinged.with(Hinges.USUAL.withLeafWidth(mm(11)))), Code.HINGE_WALL_THIN);
        Lid.SawnOff lined = sawnOff(60, Joined.LINED, 3.2);
        assertThat(said(with(lined), Code.LINER_SHORT)).isEmpty();
        Lid.SawnOff high = new Lid.SawnOff(
                lined.stuff(),
                lined.thickness(),
                lined.groove(),
                lined.seam(),
                lined.skin(),
                lined.joined(),
                lined.kerf(),
                lined.flattened(),
                lined.hinges(),
                new Liner(mm(4), mm(30)),
                lined.running(),
                lined.vertical());
        saidAndMended(with(high), Code.LINER_SHORT);
    }
}
