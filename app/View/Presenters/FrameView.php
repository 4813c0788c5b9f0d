<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Critique\FrameSituation;
use App\Imaging\PictureTags;
use App\Input\IntentInput;
use App\Input\MarksInput;
use App\Input\RegionInput;
use App\Input\StatedFieldsInput;
use App\Models\Decision;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\FrameState;
use App\Models\Note;
use App\View\Drawings\DepthRuler;
use App\View\Drawings\ExposureMapDrawing;
use App\View\Drawings\FrameDrawings;
use App\View\Drawings\FrameOverlays;
use App\View\Drawings\MovementComb;
use App\View\Drawings\PupilDrawing;
use App\View\Drawings\ToneStrip;
use App\Wording\ChecksTold;
use Illuminate\Support\Collection;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Capture\PictureOrigin;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Measures\StarsRoom;
use TruePupil\Core\Checks\Measures\ToneLostHighlightsPct;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Critique\AskedFor;
use TruePupil\Core\Critique\FrameAdviser;
use TruePupil\Core\Critique\Planner;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\LightLedger;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\SaidOtherwise;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Panel\Panel;
use TruePupil\Core\Panel\PanelGroup;
use TruePupil\Core\Panel\PanelNote;
use TruePupil\Core\Plan\PlanComparison;
use TruePupil\Core\Series\NightLadder;
use TruePupil\Core\Series\NightRung;
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
        $situation = app(FrameSituation::class)->asMeasured($frame);
        $record = $frame->record();

        return new self(
            $frame,
            $frame->state,
            $record === null ? [] : RecordTable::rows($record),
            $situation?->ledger(),
            $situation === null ? null : ToneStrip::of($situation->measures, $situation->assignment->wanted?->stops),
            $record === null ? null : PupilDrawing::of($record),
            $situation,
        );
    }

    /**
     * Every aperture against every time in the light of this frame, with the frame, the plan and the suggestions on it,
     * and what its depth and its movement come to; null where there is nothing to draw.
     */
    public function drawings(): ?FrameDrawings
    {
        if ($this->situation === null) {
            return null;
        }
        $advice = app(FrameAdviser::class)->advise($this->situation, []);
        $drawings = new FrameDrawings(
            ExposureMapDrawing::of($advice->map),
            DepthRuler::ofFrame($this->situation),
            MovementComb::ofFrame($this->situation),
            $advice->ladder,
        );

        return $drawings->map === null && $drawings->ruler === null && $drawings->comb === null ? null : $drawings;
    }

    /**
     * What is said of the frame in earnest: faults, weaknesses and choices, but no praise.
     *
     * @return Collection<int, FrameFinding>
     */
    public function serious(): Collection
    {
        return $this->published()->reject(
            fn (FrameFinding $finding): bool => $finding->severity() === Severity::Praise,
        );
    }

    public function saysSeriously(string $rule): bool
    {
        return $this->serious()->contains('rule_id', $rule);
    }

    /** A note of the frame by its number. */
    public function note(int $id): ?Note
    {
        return $this->frame->notes->find($id);
    }

    /** How many notes its student reads. */
    public function givenNotes(): int
    {
        return $this->frame->notes->whereNotNull('given_at')->count();
    }

    public function brief(): Brief
    {
        return $this->frame->attempt->content();
    }

    /** @return Collection<int, Frame> the frames of the attempt, where the brief takes several */
    public function siblings(): Collection
    {
        return $this->brief()->most() > 1 ? $this->frame->attempt->frames->toBase() : collect();
    }

    /** Its place among them, from 0. */
    public function position(): int
    {
        return (int) $this->siblings()->search(fn (Frame $other): bool => $other->is($this->frame));
    }

    public function isOneOfSeveral(): bool
    {
        return $this->frame->attempt->frames->count() > 1;
    }

    /**
     * The subject in percent, as the form has it.
     *
     * @param  ?array<string, mixed>  $input  what was typed before, where the form came back
     * @return ?array<string, mixed>
     */
    public function subject(?array $input): ?array
    {
        return $input ?? ($this->frame->subject === null ? null : RegionInput::write($this->frame->subject));
    }

    /** @return array<string, string> the intent as the fields of the form have it */
    public function intent(): array
    {
        return $this->frame->intent === null ? [] : IntentInput::write($this->frame->intent);
    }

    /** @return list<array{kind: string, points: string}> the marks as the fields of the form have them */
    public function marks(): array
    {
        return MarksInput::write($this->frame->marks ?? []);
    }

    /** What can be laid over a picture that has been judged. */
    public function judgedOverlays(): ?FrameOverlays
    {
        return $this->state === FrameState::Judged ? $this->overlays() : null;
    }

    /** @param  array<string, mixed>  $crop  left, top, width and height in percent, as the form takes them */
    public function cropField(array $crop): string
    {
        $percent = fn (string $side): float => round(100 * (float) $crop[$side], 1);

        return implode(' ', array_map($percent, ['x', 'y', 'width', 'height']));
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
        return $this->situation === null
            ? null
            : PlanComparison::of($this->situation->statement->plan, $this->situation->record);
    }

    /** The account that the planned settings would have given in the frame's own light. */
    public function planLedger(): ?LightLedger
    {
        $settings = $this->situation?->statement->plan?->settings();
        $light = $this->situation?->subjectLight();
        $wanted = $this->situation?->assignment->wanted;

        return $settings === null || $light === null || $wanted === null
            ? null
            : LightLedger::of($light, $settings, $wanted->stops);
    }

    /** @return list<array<string, mixed>> */
    public function checks(): array
    {
        return $this->frame->checks ?? [];
    }

    /**
     * What else the subject could be, as the desk offers it.
     *
     * @return array<string, Region> by what the button says
     */
    public function otherSubjects(): array
    {
        $seen = $this->frame->seen;
        $all = array_filter([
            'Mark what stands out' => $this->frame->proposed,
            'Mark the face' => ($seen->faces[0] ?? null)?->box,
            'Mark the person' => ($seen->bodies[0] ?? null)?->box,
        ]);
        foreach (array_slice($seen->things ?? [], 0, 2) as $thing) {
            $all['Mark the '.$thing->what] = $thing->box;
        }

        return array_filter($all, fn (Region $one): bool => $one != $this->frame->subject);
    }

    /** Its tones without what the raw file holds, so that they lie on the axis of any other frame. */
    public function plainTones(): ?ToneStrip
    {
        return $this->situation === null ? null : ToneStrip::ofRendering(
            $this->situation->measures,
            $this->situation->assignment->wanted?->stops,
        );
    }

    /** The frame to take next, where the brief is a ladder down from a long time; null where this rung holds. */
    public function nextRung(): ?NightRung
    {
        $limits = [];
        foreach ($this->brief()->checks as $check) {
            $limits[$check->measure->id] = $check->limit;
        }
        $exposure = $this->situation?->record->exposure;
        $lostLimit = $limits[ToneLostHighlightsPct::ID] ?? null;
        if (
            ! isset($limits[StarsRoom::ID]) ||
            ! is_numeric($lostLimit) ||
            $this->situation === null ||
            $exposure?->fNumber === null ||
            $exposure->exposureTime === null ||
            $exposure->iso === null
        ) {
            return null;
        }

        return (new NightLadder(
            (float) $lostLimit,
            $this->situation->starLimit(),
            // A roll has one speed.
            $this->situation->isFilm() ? $exposure->iso : Iso::of($this->situation->reach()->highestIso),
        ))->after(
            new ExposureSettings($exposure->fNumber, $exposure->exposureTime, $exposure->iso),
            $this->situation->measures->tone->lostInTwoPct(),
        );
    }

    /** @return list<array<string, mixed>> without what is said of its row, where it has one */
    public function ownChecks(): array
    {
        return $this->frame->attempt->frames->count() < 2
            ? $this->checks()
            : array_values(
                array_filter(
                    $this->checks(),
                    fn (array $check): bool => ! Measures::of($check['measure'])->isOfSeries(),
                ),
            );
    }

    /**
     * What the newest analysis says: first what was asked and missed, then what weighs most, praise last.
     *
     * @return Collection<int, FrameFinding>
     */
    public function findings(): Collection
    {
        $asked = $this->asked() ?? [];

        return $this->frame->findings
            ->filter(fn (FrameFinding $finding): bool => $finding->current || $finding->decision !== Decision::Open)
            ->sortBy(fn (FrameFinding $finding): array => [
                $finding->severity() === Severity::Praise,
                ! AskedFor::isAbout($finding->found(), $asked),
                ...$finding->found()->order(),
            ])
            ->values();
    }

    /** @return Collection<int, FrameFinding> the few that are shown at once */
    public function firstFindings(): Collection
    {
        return collect($this->planned()[0]);
    }

    /** @return Collection<int, FrameFinding> the others, folded away */
    public function otherFindings(): Collection
    {
        return collect($this->planned()[1]);
    }

    /** @return array{list<FrameFinding>, list<FrameFinding>} */
    private function planned(): array
    {
        return Planner::of(
            array_values($this->findings()->all()),
            fn (FrameFinding $finding): Finding => $finding->found(),
            $this->asked(),
        );
    }

    /** @return ?list<string> ids of rules that speak of checks that were missed or close; null without checks */
    private function asked(): ?array
    {
        $off = array_filter(
            $this->frame->checks ?? [],
            fn (array $check): bool => Verdict::from($check['verdict'])->isOff(),
        );

        return ($this->frame->checks ?? []) === []
            ? null
            : AskedFor::rules(array_column($off, 'measure'), app(Critic::class)->rules);
    }

    /** What the fold below the first findings holds. */
    public function foldedWords(): string
    {
        $others = $this->otherFindings();
        $asked = $this->asked();
        // Of many that were missed, some are folded, too.
        $isBeyond = $asked !== null && ! $others->contains(
            fn (FrameFinding $finding): bool => AskedFor::isAbout($finding->found(), $asked),
        );

        return sprintf($isBeyond ? 'Beyond the brief: %d more' : '%d more, of less weight', $others->count());
    }

    /** @return Collection<int, FrameFinding> what the student reads; before a return, what was not dismissed */
    public function published(): Collection
    {
        return $this->findings()
            ->filter(fn (FrameFinding $finding): bool => $finding->counts($this->frame->attempt->state))
            ->values();
    }

    /** @return array<int, Suggestion> by number */
    public function suggestions(): array
    {
        return $this->frame->offeredSuggestions();
    }

    /**
     * What would have to be known before other settings can be suggested; empty where there are some, or where nothing
     * asks for them.
     *
     * @return list<string>
     */
    public function missingForSuggestions(): array
    {
        $record = $this->situation?->record;
        if ($record === null || $this->suggestions() !== [] || $this->serious()->isEmpty()) {
            return [];
        }

        return array_keys(
            array_filter([
                'the aperture' => $record->exposure->fNumber === null,
                'the exposure time' => $record->exposure->exposureTime === null,
                'ISO' => $record->exposure->iso === null,
            ]),
        );
    }

    /** The suggestion that goes with the return. */
    public function suggestion(): ?Suggestion
    {
        return $this->frame->chosenSuggestion();
    }

    /** What the brief needs and the file does not say. */
    public function missing(): MissingSettings
    {
        return MissingSettings::of($this->frame, $this->record);
    }

    /** A question where its reason and what was tapped do not go together. */
    public function saidOtherwise(): ?string
    {
        return SaidOtherwise::question((string) $this->frame->reason, $this->frame->intent?->movement);
    }

    /** How the checks came out, in a sentence. */
    public function checksInWords(): string
    {
        $told = ChecksTold::of($this->checks());

        return $told->asked() === 0
            ? 'The brief asks nothing that is measured.'
            : trans_choice('{1} One check|[2,*] :count checks', $told->asked()).': '.$told->inWords().'.';
    }

    /** Whether the place is still in a file that cannot be written, and its student wants it nowhere. */
    public function saysPlace(): bool
    {
        return isset($this->frame->tags[PictureTags::HAS_PLACE]) && ! $this->frame->attempt->user->keeps_location;
    }

    /** @return list<string> what would have to be known for the rules that stayed silent, named once each */
    public function unknowns(): array
    {
        $needs = array_unique(array_merge(...array_values($this->frame->unmet_needs ?? []), ...[[]]));

        // Nobody can say what held a camera in the air.
        if ($this->situation?->record->origin === PictureOrigin::Aerial) {
            $needs = array_diff($needs, [Need::Support->value]);
        }
        // Who knows all three knows each of them.
        if (in_array(Need::Settings->value, $needs, true)) {
            $needs = array_diff($needs, [Need::Iso->value, Need::ExposureTime->value]);
        }
        // Nor which of its subjects it is, where a brief has none to choose from.
        if ($this->brief()->placements === []) {
            $needs = array_diff($needs, [Need::Placement->value]);
        }

        return array_values(array_map(fn (string $need): string => Need::from($need)->label(), $needs));
    }

    public function origin(): ?PictureOrigin
    {
        return $this->frame->stated?->origin;
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

    /** @return array<string, string> what the student stated, as the fields of the form have it */
    public function stated(): array
    {
        return $this->frame->stated === null ? [] : StatedFieldsInput::write($this->frame->stated);
    }

    /** With what and how it was taken, in a few words. */
    public function readout(): string
    {
        $record = $this->frame->record();

        return implode(
            ' · ',
            array_filter([
                $record?->lens->focalLength === null ? null : round($record->lens->focalLength).' mm',
                $record === null || $record->exposure->mode === ExposureMode::Unknown
                    ? null
                    : $record->exposure->mode->label(),
                $record?->support?->label(),
            ]),
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
