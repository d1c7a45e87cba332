package canthook.server.answer;

import canthook.cutlist.CutList;
import canthook.cutlist.SawCut;
import canthook.fingers.End;
import canthook.jig.Cut;
import canthook.jig.Setting;
import canthook.length.LengthDisplay;
import canthook.length.Precision;
import canthook.plan.JigChoice.Way;
import canthook.planner.WorkedPlan;
import canthook.saw.Jobs;
import canthook.server.answer.Answer.CutListView;
import canthook.server.answer.Answer.JigView;
import canthook.server.answer.Answer.JobView;
import canthook.server.answer.Answer.MeetingView;
import canthook.server.answer.Answer.SetupView;
import canthook.server.answer.Answer.StepSizes;
import canthook.server.answer.Answer.StepView;
import canthook.server.answer.Answer.WayView;
import canthook.working.Worked;
import java.util.ArrayList;
import java.util.List;

/** Jig and cut list on the wire: how each cut is set, which stacks there are, what is done before and after. */
final class CutsAnswer {
    /** Of longer lists of passes the first of each set-up are sent; the papers have them all. */
    private static final int STEPS_SENT = 120;

    private CutsAnswer() {}

    static List<StepView> steps(WorkedPlan worked) {
        List<StepView> steps = new ArrayList<>();
        for (End end : End.values()) {
            worked.jig().cuts().stream()
                    .filter(cut -> cut.end() == end)
                    .limit(STEPS_SENT / 2)
                    .forEach(cut -> steps.add(step(worked, cut, cut.id())));
        }
        return steps;
    }

    private static StepView step(WorkedPlan worked, Cut cut, String id) {
        LengthDisplay display = worked.plan().display();
        Worked place = worked.jig().place(cut);
        return new StepView(
                id,
                cut.end().words(),
                cut.title(),
                cut.instruction(),
                display.number(cut.from(), Precision.CALIPER),
                display.number(cut.to(), Precision.CALIPER),
                place.id(),
                place.number(display),
                worked.jig().placeLabel(cut),
                StepSizes.of(cut, place));
    }

    static JigView jig(WorkedPlan worked) {
        List<WayView> ways = new ArrayList<>();
        for (Way way : Way.values()) {
            ways.add(new WayView(way, way.words(), worked.jig().able().contains(way)));
        }
        Setting setting = worked.jig().setting();
        LengthDisplay display = worked.plan().display();
        List<String> plans = setting == null
                ? List.of()
                : setting.fold(
                        key -> List.<String>of(),
                        screw -> screw.planWords(display),
                        spacers -> List.<String>of(),
                        stops -> List.<String>of(),
                        hand -> List.<String>of(),
                        bandSaw -> List.<String>of());
        return new JigView(
                ways, setting == null ? List.of() : setting.card(), setting == null ? "" : setting.errors(), plans);
    }

    static CutListView list(WorkedPlan worked) {
        CutList list = worked.cuts();
        LengthDisplay display = worked.plan().display();
        List<SetupView> setups = new ArrayList<>();
        int from = 0;
        int most = Math.max(8, STEPS_SENT / Math.max(1, list.setups().size()));
        for (CutList.Setup setup : list.setups()) {
            List<SawCut> cuts = list.cuts().subList(from, from + setup.passes());
            from += setup.passes();
            setups.add(new SetupView(
                    setup.stack(),
                    setup.end().words(),
                    display.text(setup.depth(), Precision.CALIPER),
                    setup.face().words(),
                    setup.passes(),
                    setup.upTo() == null ? null : display.text(setup.upTo(), Precision.CALIPER),
                    setup.why(),
                    cuts.stream()
                            .limit(list.cuts().size() > STEPS_SENT ? most : cuts.size())
                            .map(c -> step(worked, c.pass(), c.id()))
                            .toList()));
        }
        return new CutListView(
                setups,
                list.corners().stream()
                        .map(c -> new MeetingView(
                                c.number(),
                                c.one().toString(),
                                worked.fingers().joint().kind(c.one()).words(),
                                c.other().toString(),
                                worked.fingers().joint().kind(c.other()).words(),
                                c.sections(),
                                c.isLow() ? display.text(c.height(), Precision.CALIPER) : null))
                        .toList(),
                Jobs.of(worked).stream()
                        .map(j -> new JobView(j.when(), j.says(), j.number()))
                        .toList());
    }
}
