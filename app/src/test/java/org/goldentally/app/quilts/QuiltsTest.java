package org.goldentally.app.quilts;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.goldentally.app.account.CurrentOwner;
import org.goldentally.app.problems.NotFoundException;
import org.goldentally.app.problems.StaleVersionException;
import org.goldentally.app.shelf.ClothsOfDesign;
import org.goldentally.core.design.QuiltDesign;
import org.goldentally.core.measure.MeasureSystem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** What a real database will not show on demand: the clock, another writer in between, a change that comes twice. */
class QuiltsTest {

    private static final Instant NOW = Instant.parse("2026-11-26T12:00:00Z");
    private static final QuiltDesign DESIGN = QuiltDesign.first(MeasureSystem.INCH);

    private static final QuiltDesign IN_CENTIMETRES = QuiltDesign.first(MeasureSystem.CENTIMETRE);

    private final QuiltRepository kept = mock(QuiltRepository.class);
    private final QuiltSteps steps = mock(QuiltSteps.class);
    private final ClothsOfDesign shelf = mock(ClothsOfDesign.class);
    private final Clock clock = mock(Clock.class);
    private final CurrentOwner owner = new CurrentOwner();
    private final DesignDocuments documents = new DesignDocuments(new JsonMapper());
    private final List<Object> said = new ArrayList<>();
    private final Quilts quilts = new Quilts(kept, steps, owner, documents, shelf, clock, said::add);
    private final Quilt quilt = new Quilt(owner.id(), "Test", documents.write(DESIGN));

    @BeforeEach
    void aQuiltIsKept() {
        when(clock.instant()).thenReturn(NOW);
        when(shelf.named(any())).thenAnswer(call -> call.getArgument(0));
        when(kept.saveAndFlush(any())).thenAnswer(call -> call.getArgument(0));
        when(kept.findByIdAndOwnerIdAndDeletedAtIsNull(quilt.id(), owner.id())).thenReturn(Optional.of(quilt));
        when(kept.findByIdAndOwnerId(quilt.id(), owner.id())).thenReturn(Optional.of(quilt));
        when(kept.findWithLockByIdAndOwnerIdAndDeletedAtIsNull(quilt.id(), owner.id()))
                .thenReturn(Optional.of(quilt));
    }

    @Test
    void aDeletedQuiltCanBeBroughtBackForThirtyDaysByTheClock() {
        quilts.delete(quilt.id());
        assertThat(quilt.deletedAt()).isEqualTo(NOW);
        when(clock.instant()).thenReturn(NOW.plus(Duration.ofDays(30)).plusNanos(1));
        assertThatThrownBy(() -> quilts.bringBack(quilt.id())).isInstanceOf(NotFoundException.class);
        when(clock.instant()).thenReturn(NOW.plus(Duration.ofDays(30)).minusNanos(1));
        assertThat(quilts.bringBack(quilt.id()).id()).isEqualTo(quilt.id());
        assertThat(quilt.isDeleted()).isFalse();
    }

    @Test
    void aChangeToAnOlderVersionKeepsNothing() {
        assertThatThrownBy(() ->
                        quilts.change(quilt.id(), new Quilts.ChangeOf(7, UUID.randomUUID()), "Test", DESIGN, false))
                .isInstanceOf(StaleVersionException.class);
        verify(steps, never()).keep(any(), anyInt(), any(), any(), any());
        verify(kept, never()).saveAndFlush(any());
    }

    @Test
    void aChangeThatComesTwiceUnderOneNameIsOneStep() {
        UUID edit = UUID.randomUUID();
        quilts.change(quilt.id(), new Quilts.ChangeOf(0, edit), "Test", IN_CENTIMETRES, false);
        quilts.change(quilt.id(), new Quilts.ChangeOf(0, edit), "Test", IN_CENTIMETRES, false);
        verify(steps).keep(eq(quilt.id()), eq(1), any(), any(), any());
        assertThat(quilt.lastStep()).isEqualTo(1);
    }

    @Test
    void aNewNameAloneIsNoStepAndLeavesWhatCanBeDoneAgain() {
        quilt.goTo(2, 5);
        assertThat(quilts.change(quilt.id(), 0, "Garden path", DESIGN, false).name())
                .isEqualTo("Garden path");
        verify(steps, never()).keep(any(), anyInt(), any(), any(), any());
        assertThat(quilt.lastStep()).isEqualTo(5);
    }

    @Test
    void aNewStepEndsThoseThatCouldBeDoneAgain() {
        quilt.goTo(2, 5);
        quilts.change(quilt.id(), 0, "Test", IN_CENTIMETRES, false);
        verify(steps).deleteAfter(quilt.id(), 2);
        assertThat(quilt.step()).isEqualTo(3);
        assertThat(quilt.lastStep()).isEqualTo(3);
    }

    @Test
    void whatIsBeingKeptOrGoneBackToIsSaidAsItIsOnTheShelf() {
        QuiltDesign onShelf = QuiltDesign.first(MeasureSystem.INCH).withCloths(List.of());
        when(shelf.named(IN_CENTIMETRES)).thenReturn(onShelf);
        assertThat(quilts.change(quilt.id(), 0, "Test", IN_CENTIMETRES, false).design())
                .isSameAs(onShelf);
        when(steps.document(quilt.id(), 0)).thenReturn(documents.write(DESIGN));
        quilts.goStep(quilt.id(), new Quilts.ChangeOf(quilt.version(), null), -1);
        assertThat(said).containsExactly(new DesignComing(quilt.id(), onShelf), new DesignComing(quilt.id(), DESIGN));
    }

    @Test
    void aCopyOfALongNameIsCutToWhatIsAllowed() {
        Quilt named = new Quilt(owner.id(), "n".repeat(80), documents.write(DESIGN));
        when(kept.findByIdAndOwnerIdAndDeletedAtIsNull(named.id(), owner.id())).thenReturn(Optional.of(named));
        assertThat(quilts.copy(named.id()).name()).hasSize(80).startsWith("Copy of nnn");
    }

    @Test
    void whatIsSentTwiceIsDoneOnce() {
        UUID edit = UUID.randomUUID();
        quilt.calledBy(edit);
        Quilts.ChangeOf again = new Quilts.ChangeOf(99, edit);
        assertThat(quilts.goStep(quilt.id(), again, -1).design()).isEqualTo(DESIGN);
        assertThat(quilts.goTo(quilt.id(), again, 0).design()).isEqualTo(DESIGN);
        assertThat(quilts.takeOut(quilt.id(), again, 1).design()).isEqualTo(DESIGN);
        verify(kept, never()).saveAndFlush(any());
    }

    @Test
    void onlyAStepThatIsThereCanBeTakenOutOrGoneTo() {
        quilt.goTo(2, 5);
        Quilts.ChangeOf now = new Quilts.ChangeOf(quilt.version(), null);
        assertThatThrownBy(() -> quilts.takeOut(quilt.id(), now, 0)).isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> quilts.takeOut(quilt.id(), now, 3)).isInstanceOf(NotFoundException.class);
        assertThat(quilts.goTo(quilt.id(), now, 6).design()).isEqualTo(DESIGN);
        assertThat(quilts.goTo(quilt.id(), now, -1).design()).isEqualTo(DESIGN);
        verify(kept, never()).saveAndFlush(any());
    }

    /** The next letter goes on with the last step; the first change of all is a step of its own. */
    @Test
    void aChangeGoesOnWithTheLastStepWhereThereIsOne() {
        quilts.change(quilt.id(), 0, "Test", IN_CENTIMETRES, true);
        assertThat(quilt.step()).isEqualTo(1);
        when(steps.document(quilt.id(), 0)).thenReturn(documents.write(DESIGN));
        quilts.change(quilt.id(), quilt.version(), "Test", IN_CENTIMETRES.withBorders(List.of()), true);
        assertThat(quilt.step()).isEqualTo(1);
    }

    @Test
    void aNewNameIsTheLastOfTheDifferences() {
        assertThat(quilts.differences(quilt.id(), " Test ", DESIGN)).isEmpty();
        assertThat(quilts.differences(quilt.id(), "Garden path", DESIGN)).containsExactly("the name “Garden path”");
    }
}
