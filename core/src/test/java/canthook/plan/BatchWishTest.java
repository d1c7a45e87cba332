package canthook.plan;

import static canthook.SeedLibrary.envelopeDrawer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import canthook.plan.BatchWish.Break;
import canthook.plan.BatchWish.Other;
import canthook.refusal.Refused;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class BatchWishTest {
    private static BatchWish wish(int count, List<Other> others, String cut) {
        return new BatchWish(count, 0, 0, Break.PAIRS, false, null, others, cut);
    }

    @Test
    void aBatchOfNoneOrOfTooManyIsRefusedAtItsField() {
        assertThatThrownBy(() -> wish(0, List.of(), null))
                .isInstanceOfSatisfying(
                        Refused.class, e -> assertThat(e.field()).isEqualTo("count"));
        assertThatThrownBy(() -> wish(201, List.of(), null)).hasMessageContaining("between 1 and 200");
        assertThatThrownBy(() -> wish(1, List.of(new Other("a", 1), new Other("a", 2)), null))
                .isInstanceOfSatisfying(
                        Refused.class, e -> assertThat(e.field()).isEqualTo("others[1].box"));
        assertThatThrownBy(() -> wish(1, Collections.nCopies(9, new Other("a", 1)), null))
                .hasMessageContaining("eight");
        assertThatThrownBy(() -> wish(1, List.of(), "yesterday"))
                .isInstanceOfSatisfying(
                        Refused.class, e -> assertThat(e.field()).isEqualTo("cut"));
    }

    @Test
    void aPlanOfAnEarlierVersionHasNeitherBatchNorEndsOfItsOwn() {
        BoxPlan plan = envelopeDrawer();
        assertThat(plan.version()).isEqualTo(BoxPlan.VERSION);
        assertThat(plan.batch()).isNull();
        assertThat(plan.isOfOneWood()).isTrue();
        BoxPlan other = plan.withEnds(new Stuff("pine-ponderosa", 0)).withBatch(wish(3, List.of(), null));
        assertThat(other.isOfOneWood()).isFalse();
        // a change elsewhere keeps both
        assertThat(other.with(plan.seasons()).with(plan.size()).withName("x").batch())
                .isEqualTo(other.batch());
        assertThat(other.with(plan.lid()).with(plan.fingers()).ends()).isEqualTo(other.ends());
    }
}
