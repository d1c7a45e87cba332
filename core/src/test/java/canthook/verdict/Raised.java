package canthook.verdict;

import static canthook.SeedLibrary.bitBox;
import static canthook.SeedLibrary.bottomOf;
import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.lidOf;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.onTop;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.sawnOff;
import static canthook.SeedLibrary.twoThicknesses;
import static canthook.SeedLibrary.work;
import static canthook.verdict.SpoiltPlans.bandSaw;
import static canthook.verdict.SpoiltPlans.blade;
import static canthook.verdict.SpoiltPlans.bothEdges;
import static canthook.verdict.SpoiltPlans.breadboard;
import static canthook.verdict.SpoiltPlans.by;
import static canthook.verdict.SpoiltPlans.cut;
import static canthook.verdict.SpoiltPlans.diagonals;
import static canthook.verdict.SpoiltPlans.divider;
import static canthook.verdict.SpoiltPlans.fitted;
import static canthook.verdict.SpoiltPlans.groove;
import static canthook.verdict.SpoiltPlans.hinged;
import static canthook.verdict.SpoiltPlans.holding;
import static canthook.verdict.SpoiltPlans.lid;
import static canthook.verdict.SpoiltPlans.lowered;
import static canthook.verdict.SpoiltPlans.pinned;
import static canthook.verdict.SpoiltPlans.rabbet;
import static canthook.verdict.SpoiltPlans.saw;
import static canthook.verdict.SpoiltPlans.seasons;
import static canthook.verdict.SpoiltPlans.second;
import static canthook.verdict.SpoiltPlans.size;
import static canthook.verdict.SpoiltPlans.slats;
import static canthook.verdict.SpoiltPlans.stacked;
import static canthook.verdict.SpoiltPlans.tray;
import static canthook.verdict.SpoiltPlans.upright;

import canthook.cutter.Cutter;
import canthook.plan.Assumed;
import canthook.plan.BoardAtHand;
import canthook.plan.Bottom;
import canthook.plan.BoxPlan;
import canthook.plan.Breadboard;
import canthook.plan.CardSlit;
import canthook.plan.FingerChoice;
import canthook.plan.FingerChoice.Parity;
import canthook.plan.FinishChoice;
import canthook.plan.Fitting;
import canthook.plan.GlueChoice;
import canthook.plan.Hinges;
import canthook.plan.JigChoice;
import canthook.plan.JigChoice.Leaves;
import canthook.plan.JigChoice.Screw;
import canthook.plan.JigChoice.Way;
import canthook.plan.LabelRecess;
import canthook.plan.Lid;
import canthook.plan.Lining;
import canthook.plan.Lowered.Which;
import canthook.plan.Opening;
import canthook.plan.Part;
import canthook.plan.SeasonsChoice;
import canthook.plan.SeasonsChoice.Home;
import canthook.plan.SeasonsChoice.Known;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.plan.Stay;
import canthook.plan.Stuff;
import canthook.planner.FirstGuess;
import canthook.planner.Planner;
import canthook.planner.WorkedPlan;
import canthook.shop.HouseRules;
import canthook.shop.Machine;
import canthook.shop.Machine.Kind;
import canthook.shop.Machine.Measure;
import canthook.shop.Shop;
import canthook.shop.TestCut;
import canthook.verdict.Verdict.Code;
import canthook.wood.Air;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** For every verdict a plan that raises it. */
final class Raised {
    private Raised() {}

    /** A plan and the shop it is made in. */
    record Case(BoxPlan plan, Shop shop) {
        WorkedPlan worked() {
            return Planner.work(plan, shop);
        }
    }

    private static Optional<Case> of(BoxPlan plan) {
        return Optional.of(new Case(plan, Shop.withDefaults()));
    }

    private static Optional<Case> tested(BoxPlan plan, TestCut... cuts) {
        return Optional.of(new Case(plan, new Shop(HouseRules.DEFAULT, List.of(cuts))));
    }

    private static Optional<Case> at(BoxPlan plan, Machine machine) {
        return Optional.of(new Case(plan, Shop.withDefaults().at(List.of(machine))));
    }

    /** A plan that raises it; empty for those of many boards, which are raised in the tests of the cut plan. */
    static Optional<Case> raising(Code code) {
        BoxPlan open = openDrawer();
        FingerChoice choice = open.fingers();
        JigChoice jig = new JigChoice(null);
        return switch (code) {
            case NO_INSIDE -> of(open.with(size(96, 90, Tips.SAND)));
            case SIZE_NOT_POSSIBLE ->
                of(open.with(new SizeWish(
                        From.OPENING,
                        mm(248),
                        mm(166),
                        mm(96),
                        mm(12),
                        Tips.SAND,
                        null,
                        null,
                        null,
                        new Opening(mm(200), mm(200), mm(8), mm(0), mm(0), mm(6)),
                        null)));
            case STILL_ASSUMED -> of(open.assuming(EnumSet.of(Assumed.LID, Assumed.HOME)));
            case UNEQUAL_MATES, TWO_DEPTHS -> of(open.with(twoThicknesses(12, 9)));
            case MATES_MOVE_APART -> of(open.withEnds(new Stuff("sheet-plywood", 0)));
            case THICKNESS_SPREAD ->
                of(open.with(new BoardAtHand(
                        mm(940), mm(110), null, null, false, List.of(mm(11.9), mm(12.1), mm(12), mm(12)))));
            case CONTENTS_DO_NOT_FIT -> of(holding(open, 400, 40));
            case CONTENTS_MEET_LID -> of(holding(envelopeDrawer(), 100, 70));
            case LOW_END_OFF_BOUNDARY -> of(lowered(open, Which.FRONT, 60));
            case LOW_END_NOT_LOWER -> of(lowered(open, Which.FRONT, 120));
            case LOW_END_TOO_LOW -> of(lowered(open, Which.FRONT, 9));
            case LOWERED_AGAINST_LID -> of(lowered(envelopeDrawer(), Which.FRONT, 60));
            case LID_ON_A_SLOPE -> of(lowered(envelopeDrawer(), Which.SLOPED, 60));
            case NOT_SETTLED -> of(seasons(Known.SHOP_AIR, null, Home.HEATED_HOUSE, 1.0));
            case SMALL_PART -> of(open.with(open.size().withFootprint(mm(200), mm(120))));
            case PROUD_BY_DESIGN -> of(open.with(size(96, 12, Tips.BY_DESIGN)));
            case KERF_TOO_WIDE -> of(open.with(choice.withKerf(mm(40))));
            case COUNT_NOT_POSSIBLE -> of(open.with(choice.withSections(61)));
            case HAIR_OVER_KERF -> of(open.with(choice.withKerf(mm(7.3)).exactly()));
            case NO_HAND_SAW -> of(by(open.with(choice.withKerf(mm(8))), Way.HAND));
            case SECTION_STRANGE -> of(open.with(choice.withSections(3)));
            case LADDER_CUT_OFF -> of(open.with(size(300, 12, Tips.SAND)).with(choice.withKerf(mm(0.5))));
            case BLANK_TOO_SHORT -> of(open.with(new BoardAtHand(mm(600), mm(110), null, null, false)));
            case BLANK_TOO_NARROW -> of(open.with(new BoardAtHand(mm(1200), mm(80), null, null, false)));
            case ENDS_OF_ANOTHER_BOARD -> of(open.withEnds(new Stuff("maple-sugar", 0)));
            case BATCH_INCOMPLETE,
                    BATCH_NOT_PROVEN,
                    DEFECT_IN_THE_WAY,
                    PANELS_INCOMPLETE,
                    PANELS_NOT_PROVEN,
                    BLANKS_DIFFER_IN_MOISTURE,
                    BLANK_TOO_WET -> Optional.empty();
            case RIDGED_FLOOR -> of(open.with(choice.with(blade(Cutter.Tooth.ALTERNATE, null))));
            case REACH_SHORT ->
                of(open.with(choice.with(blade(Cutter.Tooth.FLAT, mm(18))))
                        .with(jig.with(Way.ROUTER_SLED).withBase(mm(9))));
            case STACK_NOT_ALLOWED -> at(open.with(choice.with(stacked())), saw(false, Map.of()));
            case STACK_NOT_ASKED -> at(open.with(choice.with(stacked())), saw(null, Map.of()));
            case ARBOR_SHORT -> at(open.with(choice.with(stacked())), saw(true, Map.of(Measure.ARBOR, mm(6))));
            case CUTTER_TOO_LOW ->
                at(open.with(twoThicknesses(25, 25)), saw(null, Map.of(Measure.GREATEST_HEIGHT, mm(22))));
            case INSERT_NARROW -> at(open, saw(null, Map.of(Measure.THROAT, mm(3))));
            case BIT_OVER_OPENING ->
                at(
                        by(bitBox(), Way.ROUTER_SLED).with(bitBox().fingers().withKerf(mm(16))),
                        new Machine("r", "The router", Kind.ROUTER, Map.of(Measure.OPENING, mm(15)), null, ""));
            case BAND_KERF_OTHER -> at(bothEdges(open), bandSaw(Map.of(Measure.BAND_KERF, mm(1.1))));
            case BAND_SAW_NARROW ->
                at(bothEdges(open.with(size(140, 12, Tips.SAND))), bandSaw(Map.of(Measure.BAND_THROAT, mm(110))));
            case SECTIONS_DO_NOT_SUM ->
                of(by(open.with(choice.withWidths(List.of(mm(30), mm(30), mm(30)))), Way.STOPS));
            case WAY_CANNOT -> of(by(open.with(choice.with(Parity.EVEN)), Way.BAND_SAW));
            case KEY_TOO_WIDE -> of(open.with(jig.with(Way.ROD_KEY).withRod(mm(9))));
            case FENCE_CANNOT_CLOSE ->
                of(open.with(jig.with(Way.SHIM_FENCE).with(new Leaves(mm(30), Leaves.USUAL, null))));
            case LEAVES_OFF -> of(open.with(jig.with(Way.SHIM_FENCE).with(new Leaves(mm(7), List.of(mm(0.7)), null))));
            case SCREW_MISSES_BAND -> of(open.with(jig.with(Way.SCREW).with(new Screw(mm(25.4 / 16), 1, 1, 4, null))));
            case SCREW_GIVES -> of(by(open, Way.SCREW));
            case SPACERS_ADD_UP -> of(by(open, Way.SPACERS));
            case SCALE_COARSE -> of(open.with(jig.with(Way.STOPS).withResolution(mm(0.5))));
            case CLOSING_ERROR_LARGE -> of(open.with(jig.with(Way.HAND).withClosingError(mm(15))));
            case GUIDE_PART -> of(bitBox().with(bitBox().fingers().with(Parity.EVEN)));
            case KEY_THIN -> of(open.with(new JigChoice(mm(2))));
            case KEY_AT_HAND ->
                of(open.with(jig.withOwn(new JigChoice.Own("box-sled", "Box sled", List.of(mm(3.12), mm(6.3))))));
            case KEY_SPACERS, PRESS_AWAY, TEST_FIRST -> of(open);
            case TEST_CUT_OF_ANOTHER -> tested(open, cut(12.1, 12, null));
            case CORRECT_THE_FIT -> tested(open, cut(7.45, 7.2, null));
            case FIT_SETTLED -> tested(open, cut(7.45, 7.33, null));
            case MEASURE_AGAIN ->
                tested(
                        open,
                        new TestCut(
                                "2026-03-02T10:20:00Z",
                                List.of(mm(7.42), mm(7.48)),
                                List.of(mm(7.28), mm(7.34)),
                                null));
            case KERF_DIFFERS -> tested(bitBox(), cut(8.1, 7.98, null));
            case DID_NOT_FOLLOW -> tested(open, cut(7.45, 7.2, null), cut(7.45, 7.2, 0.13));
            case FIT_WANDERS -> tested(open, cut(7.45, 7.33, null), cut(7.45, 7.30, null), cut(7.45, 7.26, null));
            case PIECE_DISAGREES ->
                tested(
                        open,
                        new TestCut(
                                "2026-03-02T10:20:00Z",
                                List.of(mm(7.45), mm(7.45), mm(7.45)),
                                List.of(mm(7.3), mm(7.1), mm(7.31)),
                                null));
            case FINGERS_TAPER ->
                tested(
                        open,
                        new TestCut(
                                "2026-03-02T10:20:00Z",
                                List.of(mm(7.45), mm(7.46), mm(7.45)),
                                List.of(mm(7.28), mm(7.32), mm(7.36)),
                                null));
            case READINGS_IMPOSSIBLE -> tested(open, cut(4, 7.4, null));
            case GROOVE_DEEPER_THAN_WALL -> of(groove(open, 6, 12, 8));
            case GROOVE_OVER_HALF -> of(groove(open, 6, 8, 8));
            case GROOVE_STRADDLES -> of(groove(open, 6, 5, 5));
            case GROOVE_OFF_WALL -> of(groove(open, 6, 5, 94));
            case RABBET_THROUGH_WALL -> of(open.with(rabbet(12, 3)));
            case RABBET_OVER_HALF -> of(open.with(rabbet(8, 3)));
            case CORNER_OPEN -> of(open.with(rabbet(6, 19)));
            case SLATS_TOO_MANY -> of(open.with(slats(60, 4.0, true)));
            case SLATS_OPEN_WIDE -> of(open.with(slats(2, 2.9, true)));
            case SLATS_CLOSE -> of(open.with(slats(6, 0.1, true)));
            case SLATS_LOOSE -> of(open.with(slats(6, 0.5, false)));
            case APPLIED_SOLID ->
                of(open.with(new Bottom.Applied(
                        new Stuff("pine-ponderosa", 0), mm(6), mm(1), 0, Bottom.Grain.ALONG_LENGTH, null, null, null)));
            case PANEL_TOO_SMALL -> {
                Bottom.Captured bottom = bottomOf(open);
                yield of(open.with(open.size().withFootprint(mm(248), mm(50)))
                        .with(new Bottom.Captured(
                                bottom.stuff(),
                                bottom.thickness(),
                                bottom.groove(),
                                bottom.grain(),
                                false,
                                mm(40),
                                null)));
            }
            case ENGAGEMENT_SHORT -> of(groove(open.with(open.size().withFootprint(mm(600), mm(450))), 6, 4, 8));
            case WALL_LEFT_THIN -> of(groove(open, 6, 10.5, 8));
            case PANEL_RATTLES -> of(groove(open, 8, 5, 8));
            case PIN_MEETS_BACK -> of(pinned(4));
            case PIN_HOLDS_SHUT -> of(pinned(900));
            case PANEL_NOT_FLUSH -> of(open.with(bottomOf(open).with(Bottom.Lies.FLUSH)));
            case PANEL_TONGUE -> of(groove(open, 4, 5, 8));
            case MOISTURE_UNKNOWN -> of(seasons(Known.UNKNOWN, null, Home.HEATED_HOUSE, null));
            case MOISTURE_OVER_SATURATION -> of(seasons(Known.METER, 40.0, Home.HEATED_HOUSE, null));
            case SAME_CLIMATE -> of(seasons(Known.METER, 9.0, Home.OWN, null));
            case LID_LINE_OFF -> of(lid(6, 5, 60));
            case LID_TOP_THIN -> of(lid(6, 5, 87));
            case LID_MEETS_BOTTOM -> of(lid(6, 5, 13));
            case LID_OFF_WALL -> of(lid(6, 5, 92));
            case SEAM_OFF_BOX -> of(open.with(sawnOff(200, Lid.Joined.LOOSE, 1.0)));
            case SEAM_MEETS_PANEL -> of(open.with(sawnOff(84, Lid.Joined.LOOSE, 1.0)));
            case SEAM_HALF_THIN ->
                of(open.with(sawnOff(
                        work(open)
                                .fingers()
                                .joint()
                                .layout()
                                .boundaries()
                                .get(8)
                                .mm(),
                        Lid.Joined.LOOSE,
                        1.0)));
            case SEAM_OFF_MIDDLE -> {
                BoxPlan mid = FirstGuess.LID_SAWN_OFF.in(work(open.with(sawnOff(60, Lid.Joined.LOOSE, 1.0))));
                yield of(mid.with(
                        sawnOff(((Lid.SawnOff) mid.lid()).seam().plus(mm(0.4)).mm(), Lid.Joined.LOOSE, 1.0)));
            }
            case LINER_SHORT -> of(open.with(sawnOff(74, Lid.Joined.LINED, 1.0)));
            case LID_STANDS_IN -> of(open.with(onTop(Lid.Kept.HINGED).withOverhang(mm(0))));
            case LID_STANDS_OVER -> of(open.with(lidOf(envelopeDrawer()).withThickness(mm(20))));
            case LIP_TOO_DEEP -> of(open.with(onTop(Lid.Kept.LIP).withLip(mm(90))));
            case LID_OVER_LOW_WALL -> of(lowered(open.with(onTop(Lid.Kept.LIP)), Which.FRONT, 60));
            case BREADBOARD_ON_SHEET ->
                of(open.with(new Lid.OnTop(
                        new Stuff("sheet-plywood", 0),
                        mm(12),
                        mm(6),
                        Lid.Kept.HINGED,
                        mm(6),
                        true,
                        Breadboard.USUAL,
                        Hinges.USUAL,
                        null,
                        null,
                        null)));
            case BREADBOARD_THROUGH -> of(open.with(breadboard(Breadboard.USUAL.withTongue(mm(36)))));
            case BREADBOARD_PEGS -> of(open.with(breadboard(Breadboard.USUAL.withInset(mm(70)))));
            case HINGES_TOO_LONG -> of(hinged(Hinges.USUAL.withLeafLength(mm(130)), 12));
            case HINGES_TOO_FEW -> of(hinged(Hinges.USUAL.withCount(1), 12));
            case HINGE_WALL_THIN -> of(hinged(Hinges.USUAL.withLeafWidth(mm(11)), 12));
            case HINGE_IN_JOINT -> of(hinged(Hinges.USUAL.withInset(mm(5)), 12));
            case HINGE_DEEPER_THAN_LID -> of(hinged(Hinges.USUAL.with(Hinges.Share.ALL_IN_LID), 6));
            case HINGE_SCREW_SHORT -> of(hinged(Hinges.USUAL, 6));
            case DIVIDER_OFF_BOX -> of(fitted(open, divider(300, 50)));
            case DIVIDERS_MEET -> of(fitted(open, divider(80, 50), divider(83, 50)));
            case DADO_DEEP -> of(fitted(open, divider(80, 50).withDado(mm(6))));
            case DIVIDER_TOO_HIGH -> of(fitted(open, divider(80, 90)));
            case GRIP_NEAR_EDGE -> of(fitted(open, new Fitting.Grip(Part.B, mm(100), mm(28), mm(8))));
            case GRIP_OFF_WALL -> of(fitted(open, new Fitting.Grip(Part.B, mm(200), mm(28), mm(22))));
            case PEG_THICK -> of(fitted(open, new Fitting.Pegs(mm(5), Fitting.Which.OUTER)));
            case PEGS_NOWHERE ->
                of(fitted(
                        open, new Fitting.Pegs(mm(2), Fitting.Which.ALL), new Fitting.Pegs(mm(2), Fitting.Which.FREE)));
            case PIN_THICK -> of(fitted(open, new Fitting.CornerPin(mm(5), false)));
            case HANDLE_OFF_LID -> of(fitted(open, new Fitting.Handle(mm(80), mm(18), mm(18), mm(50))));
            case FEET_MEET -> of(fitted(open, new Fitting.Feet(mm(60), mm(10), mm(40))));
            case FITTING_TWICE -> of(fitted(open, new Lining(mm(1), true), new Lining(mm(2), true)));
            case TRAY_TOO_LONG -> of(fitted(open, tray(30, 20).withAlong(mm(240))));
            case TRAY_FALLS -> of(fitted(open, tray(30, 20).withClearance(mm(7))));
            case TRAY_TOO_HIGH -> of(fitted(open, tray(60, 40)));
            case SECOND_FLOOR_FALLS -> of(fitted(open, second(40).withCleat(mm(2))));
            case SECOND_FLOOR_HIGH -> of(fitted(open, second(90)));
            case LEVELS_MEET -> of(fitted(open, divider(80, 50), tray(40, 20)));
            case SHOULDER_THIN -> of(fitted(open, upright().withShoulder(mm(2))));
            case STAY_WITHOUT_LID -> of(fitted(open, new Stay(Stay.What.CATCH, Part.C, mm(100), mm(10))));
            case STAY_OFF_WALL ->
                of(fitted(open.with(onTop(Lid.Kept.HINGED)), new Stay(Stay.What.STAY, Part.B, mm(2), mm(10))));
            case SLIT_THROUGH -> of(fitted(open, new CardSlit(CardSlit.In.B, mm(1.2), mm(20), 20.0)));
            case LABEL_OFF_WALL -> of(fitted(open, new LabelRecess(Part.B, mm(60), mm(20), mm(8), mm(30))));
            case LINING_FILLS ->
                of(fitted(open.with(open.size().withFootprint(mm(60), mm(60))), new Lining(mm(20), true)));
            case GLUE_TOO_SHORT -> of(open.with(GlueChoice.USUAL.with(GlueChoice.Spread.BOTH_MATES)));
            case GLUE_UNDER_A_CORNER -> of(open.with(GlueChoice.USUAL.withOpen(0.5, null)));
            case GLUE_SEIZES -> of(open.with(choice.withClearance(mm(0.03))));
            case DIAGONALS_DISAGREE -> of(open.with(diagonals(298.4, 308.4)));
            case OUT_OF_SQUARE -> of(open.with(diagonals(299, 298)));
            case TRIM_BY_SANDING ->
                of(open.with(size(96, 12, Tips.TRIM)).with(GlueChoice.USUAL.with(GlueChoice.Trim.SAND)));
            case TRIM_NO_ROOM ->
                of(open.with(new SizeWish(From.OUTSIDE, mm(150), mm(40), mm(96), mm(19), Tips.TRIM, mm(1)))
                        .with(GlueChoice.USUAL.with(GlueChoice.Trim.SAW)));
            case BEVELS_MEET ->
                of(open.with(new SizeWish(From.OUTSIDE, mm(248), mm(166), mm(96), mm(12), Tips.BY_DESIGN, mm(4)))
                        .with(GlueChoice.USUAL.withBevel(60.0)));
            case EDGES_EAT_FINGERS ->
                of(open.with(GlueChoice.USUAL.with(new GlueChoice.Edge(GlueChoice.Edge.Shape.ROUND, mm(6)))));
            case FINISH_TOUCHED ->
                of(open.with(FinishChoice.of(FinishChoice.Finish.SHELLAC, null, false)
                        .touching(FinishChoice.Touches.FOOD)));
            case FINISH_DRIES_SLOWLY ->
                of(open.with(FinishChoice.of(FinishChoice.Finish.SHELLAC, null, false))
                        .with(new SeasonsChoice(
                                open.seasons().known(),
                                open.seasons().meter(),
                                new Air(12, 80),
                                open.seasons().home(),
                                open.seasons().one(),
                                open.seasons().other(),
                                open.seasons().weeks(),
                                null)));
            case FITTINGS_COLLIDE -> of(fitted(open.with(sawnOff(60, Lid.Joined.LOOSE, 1.0)), divider(80, 70)));
        };
    }
}
