package canthook.size;

import static canthook.SeedLibrary.envelopeDrawer;
import static canthook.SeedLibrary.mm;
import static canthook.SeedLibrary.openDrawer;
import static canthook.SeedLibrary.work;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import canthook.length.Length;
import canthook.plan.BoardAtHand;
import canthook.plan.BoxPlan;
import canthook.plan.Contents;
import canthook.plan.Contents.Item;
import canthook.plan.Contents.Laid;
import canthook.plan.FingerChoice;
import canthook.plan.Lowered;
import canthook.plan.Opening;
import canthook.plan.SizeWish;
import canthook.plan.SizeWish.From;
import canthook.plan.SizeWish.Tips;
import canthook.planner.WorkedPlan;
import canthook.refusal.Refused;
import canthook.verdict.Verdict;
import canthook.verdict.Verdict.Code;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The box sized from what goes in or from the place it must fit, unequal walls, lower walls. */
class WhatLeadsTest {
    private static final Item PACKETS =
            new Item("packets", mm(80), mm(120), mm(110), 3, Laid.ALONG, mm(2), mm(2), mm(2), mm(3));
    private static final Item TIN = new Item("tin", mm(60), mm(100), mm(70), 1, Laid.ALONG, mm(1), mm(1), mm(1), null);
    private static final Contents SEEDS = new Contents(List.of(PACKETS, TIN), mm(4));

    private static SizeWish wish(From from, Tips tips, Length ends, Contents contents, Opening opening, Lowered low) {
        return new SizeWish(from, mm(248), mm(166), mm(96), mm(9), tips, null, ends, contents, opening, low);
    }

    private static BoxPlan open(SizeWish wish) {
        BoxPlan drawer = openDrawer();
        return drawer.with(wish).with(drawer.lid());
    }

    private static double value(WorkedPlan worked, String id) {
        return worked.number(id).orElseThrow().length().mm();
    }

    private static Verdict verdict(WorkedPlan worked, Code code) {
        return worked.verdicts().stream()
                .filter(v -> v.code() == code)
                .findFirst()
                .orElseThrow();
    }

    /** 3 · (80 + 2) + 2 · 3 = 252, divider 4, 60 + 1 = 61: 317 long. Widest 120 + 2; highest 110 + 2 over a floor at 8 + 6. */
    @Test
    void whatGoesInMakesTheInsideAndTheInsideTheBox() {
        WorkedPlan worked = work(open(wish(From.CONTENTS, Tips.SAND, null, SEEDS, null, null)));
        assertThat(value(worked, "size.needed-length")).isEqualTo(317);
        assertThat(value(worked, "size.inside-length")).isEqualTo(317);
        assertThat(value(worked, "size.inside-width")).isEqualTo(122);
        assertThat(value(worked, "size.outside-length")).isEqualTo(317 + 18);
        assertThat(value(worked, "size.height")).isEqualTo(8 + 6 + 112);
        assertThat(worked.size().contents().stream()
                        .filter(p -> !p.divider())
                        .map(p -> p.along().mm()))
                .containsExactly(1.0, 86.0, 171.0, 256.5);
        assertThat(worked.size().contents().stream().filter(SizedBox.Place::divider))
                .hasSize(3);
    }

    @Test
    void aSlidingLidAsksForItsGrooveAndWoodOverIt() {
        WorkedPlan worked = work(envelopeDrawer().with(wish(From.CONTENTS, Tips.SAND, null, SEEDS, null, null)));
        assertThat(value(worked, "size.height")).isEqualTo(8 + 6 + 112 + 6 + 9);
        Verdict meets = verdict(worked, Code.CONTENTS_MEET_LID);
        assertThat(meets.fixes().get(0).after().lid().groove().offset()).isEqualTo(mm(126));
    }

    @Test
    void stackedAndAcrossLieAsTheySay() {
        Item stacked = new Item("trays", mm(200), mm(100), mm(20), 4, Laid.STACKED, mm(2), mm(2), mm(5), null);
        Item across = new Item("jars", mm(50), mm(50), mm(60), 3, Laid.ACROSS, mm(1), mm(1), mm(0), mm(2));
        WorkedPlan worked = work(
                open(wish(From.CONTENTS, Tips.SAND, null, new Contents(List.of(stacked, across), null), null, null)));
        assertThat(value(worked, "size.needed-length")).isEqualTo(202 + 51);
        assertThat(value(worked, "size.needed-width")).isEqualTo(3 * 51 + 2 * 2);
        assertThat(value(worked, "size.needed-height")).isEqualTo(85);
    }

    @Test
    void whenTheOutsideLeadsTheContentsAreStillTried() {
        WorkedPlan worked = work(open(wish(From.OUTSIDE, Tips.SAND, null, SEEDS, null, null)));
        Verdict tooLong = verdict(worked, Code.CONTENTS_DO_NOT_FIT);
        assertThat(tooLong.sentence()).contains("87.0 mm too long");
        WorkedPlan mended = work(tooLong.fixes().get(0).after());
        assertThat(mended.verdicts()).extracting(Verdict::code).doesNotContain(Code.CONTENTS_DO_NOT_FIT);
    }

    /** A tray in a host 300 × 200 × 80: across 0.8 exact, along 12 loose, 5 under the host's lid. */
    @Test
    void aPlaceLessItsClearanceMakesTheOutside() {
        Opening host = new Opening(mm(300), mm(200), mm(80), mm(12), mm(0.8), mm(5));
        WorkedPlan worked = work(open(wish(From.OPENING, Tips.SAND, null, null, host, null)));
        assertThat(value(worked, "size.outside-length")).isEqualTo(288);
        assertThat(value(worked, "size.outside-width")).isEqualTo(199.2);
        assertThat(value(worked, "size.height")).isEqualTo(75);
        WorkedPlan proud = work(open(wish(From.OPENING, Tips.BY_DESIGN, null, null, host, null)));
        assertThat(value(proud, "size.outside-length")).isEqualTo(288 - 2 * 3);
        assertThat(value(proud, "size.side-length")).isEqualTo(288);
    }

    @Test
    void unequalMatesNeedTwoCutterHeights() {
        WorkedPlan worked = work(open(wish(From.OUTSIDE, Tips.SAND, mm(12), null, null, null)));
        assertThat(value(worked, "size.inside-length")).isEqualTo(248 - 24);
        assertThat(value(worked, "size.inside-width")).isEqualTo(166 - 18);
        assertThat(value(worked, "size.slot-depth")).isEqualTo(12.4);
        assertThat(value(worked, "size.end-slot-depth")).isEqualTo(9.4);
        assertThat(verdict(worked, Code.UNEQUAL_MATES).sentence()).contains("two cutter heights");
        assertThat(worked.number("fingers.glue-area").orElseThrow().number()).isEqualTo(12 * 9 * 12);
    }

    /** H 96, n 13, c 0.12: p 14.7785, s 7.4492. Four pitches 59.1138, a finger more 66.4432. */
    @Test
    void aLowFrontIsOfferedTheTwoBoundariesBesideIt() {
        Lowered low = new Lowered(Lowered.Which.FRONT, mm(60));
        WorkedPlan worked = work(open(wish(From.OUTSIDE, Tips.SAND, null, null, null, low)));
        assertThat(value(worked, "fingers.low-boundary")).isCloseTo(59.1138, within(1e-3));
        assertThat(worked.number("fingers.low-sections").orElseThrow().count()).isEqualTo(8);
        Verdict off = verdict(worked, Code.LOW_END_OFF_BOUNDARY);
        assertThat(off.fixes()).hasSize(2);
        assertThat(off.fixes().get(1).after().size().lowered().height().mm()).isCloseTo(66.4432, within(1e-3));
        WorkedPlan mended = work(off.fixes().get(0).after());
        assertThat(mended.verdicts()).extracting(Verdict::code).doesNotContain(Code.LOW_END_OFF_BOUNDARY);
    }

    /** (96 − 60) over a side of 248.8: 8.234°; the height that closes counts, not the one wished for. */
    @Test
    void aSlopedSideGivesItsAngle() {
        Lowered low = new Lowered(Lowered.Which.SLOPED, mm(60));
        WorkedPlan worked = work(open(wish(From.OUTSIDE, Tips.SAND, null, null, null, low)));
        assertThat(worked.number("fingers.slope").orElseThrow().number()).isCloseTo(8.2333, within(1e-3));
        BoxPlan once = open(wish(From.OUTSIDE, Tips.SAND, null, null, null, low))
                .with(new FingerChoice(13, "the stack", mm(7.3), mm(0.12), mm(3), mm(0)));
        WorkedPlan closes = work(once);
        assertThat(closes.fingers().wall().length()).isEqualTo(mm(13 * 7.3 - 7 * 0.12));
        assertThat(closes.number("fingers.slope").orElseThrow().number())
                .isCloseTo(Math.toDegrees(Math.atan((94.06 - 60) / 248.8)), within(1e-3));
        Lowered higher = new Lowered(Lowered.Which.BOTH_ENDS, mm(120));
        assertThat(verdict(work(open(wish(From.OUTSIDE, Tips.SAND, null, null, null, higher))), Code.LOW_END_NOT_LOWER)
                        .fixes())
                .hasSize(1);
    }

    @Test
    void measuredPartsGiveTheMeanAndWarnWhenTheyDiffer() {
        List<Length> readings = List.of(mm(9.02), mm(8.98), mm(9.06), mm(8.94));
        WorkedPlan worked = work(openDrawer().with(new BoardAtHand(mm(940), mm(110), null, null, false, readings)));
        assertThat(value(worked, "size.thickness")).isEqualTo(9);
        assertThat(value(worked, "size.thickness-spread")).isCloseTo(0.12, within(1e-9));
        assertThat(value(worked, "size.slot-depth")).isEqualTo(9.4);
        assertThat(verdict(worked, Code.THICKNESS_SPREAD)).isNotNull();
    }

    @Test
    void whatLeadsMustBeSaid() {
        assertThatThrownBy(() -> wish(From.CONTENTS, Tips.SAND, null, null, null, null))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("What goes in");
        assertThatThrownBy(() -> new Contents(List.of(), null)).isInstanceOf(Refused.class);
    }
}
