<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Decision;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\FrameState;
use App\Models\Note;
use App\Models\NoteKind;
use App\View\Drawings\DepthRuler;
use App\View\Drawings\ExposureMapDrawing;
use App\View\Drawings\FrameOverlays;
use App\View\Drawings\MovementComb;
use App\View\Drawings\PupilDrawing;
use App\View\Drawings\ToneStrip;
use Illuminate\Support\Collection;
use TruePupil\Core\Brief\CheckMeasure;
use TruePupil\Core\Critique\FrameAdviser;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Panel\Panel;
use TruePupil\Core\Panel\PanelGroup;
use TruePupil\Core\Panel\PanelNote;
use TruePupil\Core\Plan\PlanComparison;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A frame as the screens show it. */
final readonly class FrameView
{
    /** @param  list<RecordRow>  $record */
    private function __construct(
        public Frame $frame,
        public FrameState $state,
        public array $record,
        public ?LightLedger $ledger,
        public ?ToneStrip $tones,
        public ?PupilDrawing $pupil,
        private ?Situation $situation,
    ) {
    }

    public static function of(Frame $frame): self
    {
        $situation = $frame->situation();
        $record = $frame->record();

        return new self(
            $frame,
            $frame->state,
            $record === null ? [] : RecordTable::rows($record),
            $frame->ledger($situation),
            $situation === null ? null : ToneStrip::of($situation->measures, $situation->wanted?->stops),
            $record === null ? null : PupilDrawing::of($record),
            $situation,
        );
    }

    /**
     * Every aperture against every time in the light of this frame, with the frame, the plan and the suggestions on it.
     */
    public function map(): ?ExposureMapDrawing
    {
        return $this->situation === null
            ? null
            : ExposureMapDrawing::of(app(FrameAdviser::class)->advise($this->situation, [])->map);
    }

    public function ruler(): ?DepthRuler
    {
        return $this->situation === null ? null : DepthRuler::ofFrame($this->situation);
    }

    public function comb(): ?MovementComb
    {
        return $this->situation === null ? null : MovementComb::ofFrame($this->situation);
    }

    /** What can be laid over the picture; null for one that was measured before that could be. */
    public function overlays(): ?FrameOverlays
    {
        return $this->situation === null
            ? null
            : FrameOverlays::of($this->situation->measures, $this->frame->marksDrawn());
    }

    /**
     * @return list<array{ratio: string, x: float, y: float, width: float, height: float}>
     *   the best crop of each usual shape
     */
    public function crops(): array
    {
        return $this->situation->measures->composition->crops ?? [];
    }

    /** The plan against what was shot, value by value. */
    public function planComparison(): ?PlanComparison
    {
        return $this->situation === null ? null : PlanComparison::of($this->situation->plan, $this->situation->record);
    }

    /** The account that the planned settings would have given in the frame's own light. */
    public function planLedger(): ?LightLedger
    {
        $settings = $this->situation?->plan?->settings();
        $light = $this->situation?->subjectLight();

        return $settings === null || $light === null || $this->situation?->wanted === null
            ? null
            : LightLedger::of($light, $settings, $this->situation->wanted->stops);
    }

    /** @return list<array<string, mixed>> */
    public function checks(): array
    {
        return $this->frame->checks ?? [];
    }

    /** @return list<array<string, mixed>> without what is said of its row, where it has one */
    public function ownChecks(): array
    {
        return $this->frame->attempt->frames->count() < 2
            ? $this->checks()
            : array_values(
                array_filter(
                    $this->checks(),
                    fn (array $check): bool => ! CheckMeasure::from($check['measure'])->isOfSeries(),
                ),
            );
    }

    /** @return Collection<int, FrameFinding> what the newest analysis says, what must be put right first */
    public function findings(): Collection
    {
        return $this->frame->findings
            ->filter(fn (FrameFinding $finding): bool => $finding->current || $finding->decision !== Decision::Open)
            ->sortBy(fn (FrameFinding $finding): array => [$finding->severity()->rank(), $finding->rule_id])
            ->values();
    }

    /** @return Collection<int, FrameFinding> what the student reads: everything that was not dismissed */
    public function published(): Collection
    {
        return $this->findings()
            ->filter(fn (FrameFinding $finding): bool => $finding->decision !== Decision::Dismissed)
            ->values();
    }

    /** @return array<int, array<string, mixed>> by number */
    public function suggestions(): array
    {
        return $this->frame->offeredSuggestions();
    }

    /** @return ?array<string, mixed> the suggestion that goes with the return */
    public function suggestion(): ?array
    {
        return $this->frame->chosenSuggestion();
    }

    /** @return list<string> what would have to be known for the rules that stayed silent, named once each */
    public function unknowns(): array
    {
        $needs = array_unique(array_merge(...array_values($this->frame->silences ?? []), ...[[]]));

        return array_values(array_map(fn (string $need): string => Need::from($need)->label(), $needs));
    }

    /**
     * The three things that a return begins with: what to keep, what to try, the one setting to change first. A
     * person's
     * notes come before what was computed.
     *
     * @return array{keep: ?string, try: ?string, change: ?array<string, mixed>}
     */
    public function first(): array
    {
        $note = fn (NoteKind $kind): ?string => $this->frame->notes->first(
            fn (Note $note): bool => $note->kind === $kind && $note->given_at !== null,
        )?->body;
        $finding = fn (bool $isPraise): ?string => $this->published()
            ->first(fn (FrameFinding $finding): bool => ($finding->severity() === Severity::Praise) === $isPraise)
            ?->sentence();

        return [
            'keep' => $note(NoteKind::Keep) ?? $finding(true),
            'try' => $note(NoteKind::Try) ?? ($note(NoteKind::GoBack) ?? $finding(false)),
            'change' => $this->suggestion(),
        ];
    }

    /** @return list<PanelGroup> the notes that were given, brought together */
    public function panel(): array
    {
        return Panel::merge(
            array_values(
                $this->frame->notes
                    ->filter(fn (Note $note): bool => $note->given_at !== null)
                    ->map(fn (Note $note): PanelNote => $note->forPanel())
                    ->all(),
            ),
        );
    }

    public function alt(): string
    {
        return 'Frame "'.
            $this->frame->original_name.
            '"'.
            ($this->frame->about === null ? '' : ': '.$this->frame->about);
    }
}
