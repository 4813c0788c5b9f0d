<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Attempt;
use App\Models\AttemptState;
use App\Models\BriefDates;
use App\Models\SavedPlan;
use App\Models\SetBrief;
use App\Models\User;
use App\Planning\PhoneReach;
use App\Practice\Lesson;
use Illuminate\Support\Collection;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\BriefTopic;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Brief\PhoneWay;
use TruePupil\Core\Brief\Row;

/** A set brief as one student has it: its text, dates, own attempts and plan. */
final readonly class SetBriefForStudent
{
    private const MANY = 6;

    /**
     * @param  Brief  $brief  the text that the attempt in hand, or the next one, is held against
     * @param  Collection<int, Attempt>  $attempts  the student's own, in order
     * @param  ?string  $closed  why nothing can be handed in now
     * @param  ?PhoneWay  $phone  how it is done with a phone, where that is the student's camera
     */
    private function __construct(
        public SetBrief $setBrief,
        public Brief $brief,
        public BriefDates $dates,
        public Collection $attempts,
        public SavedPlan $plan,
        public ?string $closed,
        public ?DayView $day,
        public ?PhoneWay $phone,
    ) {
    }

    public static function of(SetBrief $setBrief, User $student): self
    {
        $attempts = Attempt::query()
            ->with('frames.picture')
            ->where('set_brief_id', $setBrief->id)
            ->where('user_id', $student->id)
            ->orderBy('number')
            ->get();
        $last = $attempts->last();
        $isInHand = $last !== null && $last->state !== AttemptState::Returned;
        $brief = $isInHand ? $last->setRelation('setBrief', $setBrief)->content() : $setBrief->content();

        return new self(
            $setBrief,
            $brief,
            $setBrief->datesOf($student),
            $attempts->toBase(),
            SavedPlan::forNext($setBrief, $student),
            $setBrief->whyNotNow($student),
            DayView::find($setBrief, $student),
            PhoneReach::forStudent($brief, $student),
        );
    }

    /** Whether it is worth a sheet of its own: it leads out, or wants many frames, or a sheet was begun. */
    public function isForADay(): bool
    {
        return $this->day !== null || $this->brief->topic === BriefTopic::GoingOut ||
            $this->brief->frames->least >= self::MANY;
    }

    /** Whether it asks for film: then the rolls are at hand. */
    public function isForFilm(): bool
    {
        return array_filter(
            $this->brief->checks,
            fn (Check $check): bool => str_starts_with($check->measure->id, 'film.'),
        ) !== [];
    }

    public function last(): ?Attempt
    {
        return $this->attempts->last();
    }

    public function mayHandIn(): bool
    {
        return $this->closed === null &&
            ($this->last() === null ||
                in_array($this->last()->state, [AttemptState::Draft, AttemptState::Returned], true));
    }

    /** @return list<Lesson> that go with it */
    public function lessons(): array
    {
        return Lesson::forBrief($this->setBrief->brief_id);
    }

    /** What the field for a picture, or for those of a row, is called. */
    public function uploadLabel(?Row $row): string
    {
        $last = $this->last();
        $isDraft = $last?->state === AttemptState::Draft;

        return match (true) {
            $row !== null && count($this->brief->rows()) > 1 => $row->label,
            $this->brief->most() > 1 => $isDraft ? 'More frames' : 'Your frames',
            $isDraft && $last->frames->isNotEmpty() => 'Take another picture instead',
            $last?->state === AttemptState::Returned => 'Picture for attempt '.($last->number + 1),
            default => 'Your picture',
        };
    }

    /** What became of the text since the course got it; null where nothing did. */
    public function correction(): ?string
    {
        $corrected = $this->setBrief->corrected_at;
        if ($corrected === null) {
            return null;
        }
        $day = $this->setBrief->course->formatDay($corrected);
        $last = $this->last();

        return $last !== null && $last->state !== AttemptState::Returned && $last->brief !== null
            ? 'The brief was corrected on '.$day.'. You had begun before: this is the text that yours is held against.'
            : 'Corrected on '.$day.'.';
    }
}
