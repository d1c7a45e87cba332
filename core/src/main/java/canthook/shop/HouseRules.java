package canthook.shop;

import canthook.length.Length;
import canthook.refusal.Refused;
import canthook.shop.HouseRule.Kind;
import canthook.wood.Wood;
import java.util.EnumMap;
import java.util.Map;

/** The shop's habits: the defaults, and what the maker has changed. Two with the same values are equal. */
public final class HouseRules {
    /** The defaults a new shop starts from. */
    public static final HouseRules DEFAULT = new HouseRules(Map.of());

    private final Map<HouseRule, Double> changed;
    private final double[] values = new double[HouseRule.values().length];
    private final Length[] lengths = new Length[HouseRule.values().length];

    /**
     * @param changed values that are not the default, in millimetres, as a ratio, in seconds
     * @throws Refused when one lies outside what its rule allows, or two contradict each other
     */
    public HouseRules(Map<HouseRule, Double> changed) {
        Map<HouseRule, Double> kept = new EnumMap<>(HouseRule.class);
        changed.forEach((rule, value) -> {
            check(rule, value);
            if (value != rule.usual()) {
                kept.put(rule, value);
            }
        });
        this.changed = kept;
        for (HouseRule rule : HouseRule.values()) {
            values[rule.ordinal()] = kept.getOrDefault(rule, rule.usual());
            lengths[rule.ordinal()] = Length.mm(value(rule));
        }
        if (value(HouseRule.SECTION_BEST_FROM) > value(HouseRule.SECTION_BEST_TO)) {
            throw new Refused("value", "The best sections cannot begin above where they end.");
        }
    }

    private static void check(HouseRule rule, double value) {
        if (rule.kind() == Kind.LENGTH && Double.isFinite(value)) {
            Refused.unlessBetween(
                    "value", rule.label(), Length.mm(value), Length.mm(rule.least()), Length.mm(rule.most()));
        } else {
            Refused.unlessBetween(
                    "value",
                    rule.label(),
                    value,
                    rule.least(),
                    rule.most(),
                    rule.kind().unit());
        }
    }

    /** The value that stands, in what its kind is measured in. */
    public double value(HouseRule rule) {
        return values[rule.ordinal()];
    }

    public boolean isChanged(HouseRule rule) {
        return changed.containsKey(rule);
    }

    /** The same shop with one habit changed. */
    public HouseRules with(HouseRule rule, double value) {
        Map<HouseRule, Double> after = new EnumMap<>(HouseRule.class);
        after.putAll(changed);
        after.put(rule, value);
        return new HouseRules(after);
    }

    private Length length(HouseRule rule) {
        return lengths[rule.ordinal()];
    }

    /** Neighbouring passes overlap by at least this. */
    public Length overlap() {
        return length(HouseRule.OVERLAP);
    }

    /** A key is slimmer than its slot by this. */
    public Length keySlimmerBy() {
        return length(HouseRule.KEY_SLIMMER_BY);
    }

    /** How thick a stack clamp and backing hold. */
    public Length stackHighest() {
        return length(HouseRule.STACK_HIGHEST);
    }

    /** Diagonals may differ by, on 300. */
    public Length outOfSquare() {
        return length(HouseRule.OUT_OF_SQUARE);
    }

    /** Lost at each end of a blank. */
    public Length squaring() {
        return length(HouseRule.SQUARING);
    }

    /** Lost at each end of a planed board. */
    public Length snipe() {
        return length(HouseRule.SNIPE);
    }

    /** Of the saw that cuts parts apart, where it is not the joint's cutter. */
    public Length sawKerf() {
        return length(HouseRule.SAW_KERF);
    }

    public Length resawKerf() {
        return length(HouseRule.RESAW_KERF);
    }

    /** Off both faces of a resawn half together. */
    public Length planing() {
        return length(HouseRule.PLANING);
    }

    /** Height the maker gives up for one pass a slot. */
    public Length oneLowerBy() {
        return length(HouseRule.ONE_LOWER_BY);
    }

    public Length expectedChange() {
        return length(HouseRule.EXPECTED_CHANGE);
    }

    public Length leastOverHeight() {
        return length(HouseRule.LEAST_OVER_HEIGHT);
    }

    public Length extraPerTenSections() {
        return length(HouseRule.EXTRA_PER_TEN_SECTIONS);
    }

    public Length endFit() {
        return length(HouseRule.END_FIT);
    }

    public Length leastGap() {
        return length(HouseRule.LEAST_GAP);
    }

    public Length leastEngagement() {
        return length(HouseRule.LEAST_ENGAGEMENT);
    }

    /** Of the groove's depth, that a panel must still stand in it. */
    public double engagementShare() {
        return value(HouseRule.ENGAGEMENT_SHARE);
    }

    /** Depth of groove a wall of this thickness can bear. */
    public Length deepestGroove(Length wall) {
        return wall.times(value(HouseRule.GROOVE_SHARE));
    }

    /** The thinnest wall such a groove may be cut in: {@link #deepestGroove} the other way round. */
    public Length thinnestWall(Length groove) {
        return groove.times(1 / value(HouseRule.GROOVE_SHARE));
    }

    /** {@link #deepestGroove} in words. */
    public String shareOfWall() {
        double share = value(HouseRule.GROOVE_SHARE);
        return share == 0.5 ? "half" : Math.round(share * 100) + " % of";
    }

    public Length leastWallLeft() {
        return length(HouseRule.LEAST_WALL_LEFT);
    }

    public Length running() {
        return length(HouseRule.RUNNING);
    }

    public Length vertical() {
        return length(HouseRule.VERTICAL);
    }

    /** Off each edge where a lid was sawn off. */
    public Length flattened() {
        return length(HouseRule.FLATTENED);
    }

    /** Of a lip or a liner, at the wettest, both sides together. */
    public Length lipClearance() {
        return length(HouseRule.LIP_CLEARANCE);
    }

    /** Standard deviation of a step from slot to slot. */
    public Length indexError() {
        return length(HouseRule.INDEX_ERROR);
    }

    /** What each wall of a joint gives where wood meets wood; nothing of sheet goods. */
    public Length crush(Wood wood) {
        return wood.isSheet() ? Length.ZERO : length(crushRule(wood));
    }

    public String crushReason(Wood wood) {
        return wood.isSheet() ? "sheet goods do not crush." : crushRule(wood).reason();
    }

    private static HouseRule crushRule(Wood wood) {
        return wood.isHard() ? HouseRule.CRUSH_HARD : HouseRule.CRUSH_SOFT;
    }

    public Length smallestMove() {
        return length(HouseRule.SMALLEST_MOVE);
    }

    public Length kerfDiffers() {
        return length(HouseRule.KERF_DIFFERS);
    }

    /** How far planed parts may differ in thickness. */
    public Length spread() {
        return length(HouseRule.SPREAD);
    }

    /** How far the edges of two mates may move apart over the year. */
    public Length stepBetweenMates() {
        return length(HouseRule.STEP_BETWEEN_MATES);
    }

    /** Which rule says how far the tips stand proud, or under, by this school. */
    public static HouseRule proud(canthook.plan.SizeWish.Tips tips) {
        return switch (tips) {
            case SAND -> HouseRule.PROUD_SANDED;
            case TRIM -> HouseRule.PROUD_TRIMMED;
            case BY_DESIGN -> HouseRule.PROUD_BY_DESIGN;
            case UNDER -> HouseRule.UNDER;
        };
    }

    public Length proudOf(canthook.plan.SizeWish.Tips tips) {
        return length(proud(tips));
    }

    /** Target clearance of a wood before the extra for many sections. */
    public Length clearance(Wood wood) {
        return length(clearanceRule(wood));
    }

    /** Why this wood has the target it has. */
    public String clearanceReason(Wood wood) {
        return clearanceRule(wood).reason();
    }

    private static HouseRule clearanceRule(Wood wood) {
        if (wood.isSheet()) {
            return HouseRule.CLEARANCE_PLYWOOD;
        }
        return wood.isHard() ? HouseRule.CLEARANCE_HARD : HouseRule.CLEARANCE_SOFT;
    }

    /** How far either way of the target a clearance is still acceptable. */
    public Length band(Wood wood) {
        return length(wood.isSheet() ? HouseRule.BAND_AROUND_PLYWOOD : HouseRule.BAND_AROUND);
    }

    /** Sections this much of the thickness wide, or narrower, or wider, are seldom chosen. */
    public boolean isStrange(double sectionRatio) {
        return sectionRatio < value(HouseRule.SECTION_LEAST) || sectionRatio > value(HouseRule.SECTION_MOST);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof HouseRules rules && changed.equals(rules.changed);
    }

    @Override
    public int hashCode() {
        return changed.hashCode();
    }
}
