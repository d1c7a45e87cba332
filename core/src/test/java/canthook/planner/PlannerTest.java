package canthook.planner;

import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;

import canthook.AnyPlan;
import canthook.figure.BlankFigure;
import canthook.figure.Figure;
import canthook.figure.FitFigures;
import canthook.figure.JigFigure;
import canthook.figure.MarkFigures;
import canthook.figure.PanelFigures;
import canthook.figure.SizeFigures;
import canthook.figure.StandingFigure;
import canthook.figure.StickFigure;
import canthook.figure.TemplateFigure;
import canthook.panel.HeldPanel;
import canthook.plan.BoardAtHand;
import canthook.plan.BoxPlan;
import canthook.plan.Contents;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Leftover;
import canthook.plan.FingerChoice.Sharing;
import canthook.plan.Groove;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.plan.Lowered;
import canthook.plan.Opening;
import canthook.plan.SizeWish;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Weight;
import canthook.working.Worked;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PlannerTest {
    private static final Random RANDOM = new Random(2026);

    private static double between(double least, double most) {
        double t = RANDOM.nextDouble();
        return least + (most - least) * t * t;
    }

    private static BoxPlan anything() {
        BoxPlan drawer = envelopeDrawer();
        Groove bottom = new Groove(mm(between(0.5, 100)), mm(between(0.5, 200)), mm(between(0, 1500)));
        Groove lid = new Groove(mm(between(0.5, 100)), mm(between(0.5, 200)), mm(between(0, 1500)));
        return drawer.with(new SizeWish(
                        pick(SizeWish.From.values()),
                        mm(between(5, 3000)),
                        mm(between(5, 3000)),
                        mm(between(5, 1500)),
                        mm(between(1, 200)),
                        pick(SizeWish.Tips.values()),
                        RANDOM.nextBoolean() ? null : mm(between(0, 50)),
                        RANDOM.nextBoolean() ? null : mm(between(1, 200)),
                        new Contents(List.of(things(), things()), RANDOM.nextBoolean() ? null : mm(between(0.2, 100))),
                        new Opening(
                                mm(between(5, 5000)),
                                mm(between(5, 5000)),
                                mm(between(5, 3000)),
                                mm(between(0, 1000)),
                                mm(between(0, 1000)),
                                mm(between(0, 1000))),
                        RANDOM.nextBoolean() ? null : new Lowered(pick(Lowered.Which.values()), mm(between(3, 1500)))))
                .with(new FingerChoice(
                                RANDOM.nextBoolean() ? null : 3 + 2 * RANDOM.nextInt(199),
                                "anything",
                                mm(between(0.2, 200)),
                                RANDOM.nextBoolean() ? null : mm(between(-0.5, 2)),
                                RANDOM.nextBoolean() ? null : mm(between(0, 200)),
                                mm(between(0, 200)))
                        .with(pick(Sharing.values()))
                        .with(pick(Leftover.values())))
                .with(new JigChoice(null)
                        .with(pick(Way.values()))
                        .with(new Screw(
                                mm(between(0.1, 50)),
                                1 + RANDOM.nextInt(60),
                                1 + RANDOM.nextInt(60),
                                1 + RANDOM.nextInt(32),
                                null))
                        .withResolution(mm(between(0.001, 5)))
                        .with(new Leaves(
                                RANDOM.nextBoolean() ? null : mm(between(0, 200)),
                                RANDOM.nextBoolean() ? List.of() : Leaves.USUAL,
                                mm(0.1))))
                .with(new BoardAtHand(
                        mm(between(1, 20000)), mm(between(1, 3000)), mm(between(0, 500)), mm(between(0, 20)), true))
                .with(bottomOf(drawer).withGroove(bottom).withPinned(RANDOM.nextBoolean()))
                .with(lidOf(drawer).withGroove(lid));
    }

    private static Contents.Item things() {
        return new Contents.Item(
                "anything",
                mm(between(0.1, 3000)),
                mm(between(0.1, 3000)),
                mm(between(0.1, 1500)),
                1 + RANDOM.nextInt(20),
                pick(Contents.Laid.values()),
                mm(between(0, 500)),
                mm(between(0, 500)),
                mm(between(0, 500)),
                RANDOM.nextBoolean() ? null : mm(between(0.2, 100)));
    }

    private static <T> T pick(T[] values) {
        return values[RANDOM.nextInt(values.length)];
    }

    @Test
    void whateverIsAskedIsAnsweredWithVerdictsNotACrash() {
        int stopped = 0;
        int cases = AnyPlan.share(400);
        for (int i = 0; i < cases; i++) {
            BoxPlan plan = anything();
            WorkedPlan worked = work(plan);
            for (int step : new int[] {
                0, worked.jig().cuts().size() / 2, worked.jig().cuts().size() - 1
            }) {
                JigFigure.of(worked, step);
            }
            for (Figure figure : List.of(
                    SizeFigures.of(worked),
                    SizeFigures.unfolded(worked),
                    StandingFigure.of(worked),
                    BlankFigure.of(worked),
                    FitFigures.joint(worked),
                    FitFigures.band(worked),
                    StickFigure.of(worked),
                    TemplateFigure.of(worked),
                    MarkFigures.marked(worked))) {
                assertThat(figure.width()).as(figure.id()).isFinite().isPositive();
            }
            for (HeldPanel panel : worked.panels()) {
                assertThat(PanelFigures.section(worked, panel, 0.3).width()).isPositive();
                assertThat(PanelFigures.grooves(worked, panel, 0.9).width()).isPositive();
                assertThat(PanelFigures.ends(worked, panel.run()).notes()).hasSizeGreaterThan(4);
            }
            for (Worked number : worked.numbers()) {
                assertThat(number.plain()).as(number.id()).isFinite();
                assertThat(number.text(plan.display())).isNotEmpty();
            }
            for (Verdict verdict : worked.verdicts()) {
                assertThat(verdict.sentence()).isNotBlank();
                assertThat(worked.number(verdict.place()))
                        .as(verdict.code() + " at " + verdict.place())
                        .isPresent();
                verdict.fixes().forEach(fix -> work(fix.after()));
            }
            stopped += worked.verdicts().stream().anyMatch(v -> v.weight() == Weight.STOP) ? 1 : 0;
        }
        assertThat(stopped).isBetween(cases / 4, cases);
    }

    @Test
    void theSameInGivesTheSameOut() {
        assertThat(work(envelopeDrawer()).numbers())
                .isEqualTo(work(envelopeDrawer()).numbers());
    }

    @Test
    void numbersHaveOneIdEach() {
        assertThat(work(envelopeDrawer()).numbers()).extracting(Worked::id).doesNotHaveDuplicates();
    }

    @Test
    void aBoxWithoutBottomAndLidStillWorks() {
        BoxPlan drawer = envelopeDrawer();
        WorkedPlan worked = work(drawer.with(bottomOf(drawer).putAway()));
        assertThat(worked.panel("bottom")).isEmpty();
        assertThat(StickFigure.of(worked).marks())
                .extracting(Figure.Mark::id)
                .doesNotContain("bottom-groove")
                .contains("lid-groove");
    }

    @Test
    void theStickIsTrueToTheMillimetre() {
        Figure stick = StickFigure.of(work(envelopeDrawer()));
        List<Figure.Shape> fingers =
                stick.shapes().stream().filter(s -> s.role().equals("finger")).toList();
        assertThat(fingers).hasSize(7);
        assertThat(fingers.get(6).points().get(2)).isEqualTo(96.0);
        assertThat(stick.marks())
                .filteredOn(m -> m.id().equals("rip"))
                .singleElement()
                .satisfies(m -> assertThat(m.from()).isEqualTo(96.7));
    }

    /** At one place what is mended there has its fixes, the rest has its words only; together the places tell every fix there is. */
    @Test
    void everyFixIsToldAtTheStationItMends() {
        AnyPlan.seeds(1, AnyPlan.share(60)).forEach(any -> {
            List<Verdict> all = any.worked().verdicts();
            Set<Integer> told = new HashSet<>();
            for (Place place : Place.values()) {
                List<Verdict> here = any.worked().verdictsAt(place);
                assertThat(here)
                        .extracting(Verdict::sentence)
                        .isEqualTo(all.stream().map(Verdict::sentence).toList());
                for (int i = 0; i < here.size(); i++) {
                    if (!here.get(i).fixes().isEmpty()) {
                        assertThat(here.get(i))
                                .as(place + ", seed " + any.seed())
                                .isEqualTo(all.get(i));
                        told.add(i);
                    }
                }
            }
            for (int i = 0; i < all.size(); i++) {
                assertThat(told.contains(i))
                        .as(all.get(i).sentence())
                        .isEqualTo(!all.get(i).fixes().isEmpty());
            }
        });
    }
}
