<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Frame;
use App\Models\Revisit;
use App\Models\SavedPlan;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use TruePupil\Core\Revisit\Chance;
use TruePupil\Core\Revisit\Chances;
use TruePupil\Core\Revisit\Wish;
use TruePupil\Core\Sky\Compass;

/** A picture to go back for: what it takes, when that can be, and the frame that came of it. */
final readonly class RevisitView
{
    /** Dates that are offered at once. */
    private const MOST = 6;

    /** Frames among which the new one is looked for. */
    private const LATEST = 30;

    private function __construct(
        public Frame $frame,
        public ?Revisit $stored,
        public Wish $wish,
        /** @var array<string, string> as typed */
        public array $typed,
        /** @var list<Chance> the next days on which it can be */
        public array $chances,
    ) {
    }

    public static function of(Frame $frame): self
    {
        $stored = Revisit::query()
            ->where('frame_id', $frame->id)
            ->where('user_id', $frame->attempt->user_id)
            ->with('again.attempt.setBrief')
            ->first();
        $timezone = new DateTimeZone($frame->attempt->setBrief->course->timezone);

        return new self(
            $frame,
            $stored,
            $stored?->content($timezone) ?? new Wish(),
            $stored === null ? self::planned($frame) : $stored->wish,
            self::chances($stored, $timezone),
        );
    }

    /** @return list<Chance> */
    private static function chances(?Revisit $stored, DateTimeZone $timezone): array
    {
        $place = $stored?->place();

        return $stored === null || $place === null ? [] : (new Chances($place, $stored->content($timezone)))->after(
            (new DateTimeImmutable('@'.Carbon::now()->getTimestamp()))->setTimezone($timezone),
            self::MOST,
        );
    }

    /** Why no date is told, or null. */
    public function whyNoDates(): ?string
    {
        return match (true) {
            $this->stored === null => null,
            ! $this->wish->canBeDated() => 'Say something of season, sun, moon or tide, and the days follow. Clouds '.
                'nobody can date: watch the forecast.',
            $this->stored->place() === null => 'Say where it is, and the days follow.',
            $this->chances === [] => 'On no day of the next year does all of this come together. Ask for less.',
            default => null,
        };
    }

    /** What has to be looked up or waited for beside the dates. */
    public function beside(): string
    {
        return implode(' ', array_filter([
            $this->wish->clouds === null ? null : sprintf(
                'Watch the forecast for %s.',
                explode(',', $this->wish->clouds->label())[0],
            ),
            $this->wish->water === null || $this->wish->tide === null
                ? null
                : 'The tide is reckoned from one high water, to about an hour: look it up in the table of the place '.
                    'before you go, and mind the way back.',
        ]));
    }

    /** Sun and moon in the middle of the time. */
    public function sky(Chance $chance): string
    {
        return implode('; ', array_filter([
            $chance->sun->altitude > 0
                ? sprintf('sun %d° up in the %s', round($chance->sun->altitude), Compass::words($chance->sun->azimuth))
                : sprintf('sun %d° down', round(-$chance->sun->altitude)),
            $this->wish->sky->moon === null ? null : ($chance->moon->altitude > 0
                ? sprintf(
                    'moon %d %% lit, %d° up in the %s',
                    round(100 * $chance->moonLit),
                    round($chance->moon->altitude),
                    Compass::words($chance->moon->azimuth),
                )
                : 'no moon'),
        ]));
    }

    /** @return Collection<int, Frame> the student's frames that came later, the latest first */
    public function later(): Collection
    {
        return Frame::query()
            ->where('id', '>', $this->frame->id)
            ->whereNotNull('tags')
            ->whereHas('attempt', fn ($query) => $query
                ->where('user_id', $this->frame->attempt->user_id)
                ->whereHas('setBrief', fn ($query) => $query->where(
                    'course_id',
                    $this->frame->attempt->setBrief->course_id,
                )))
            ->with('attempt.setBrief')
            ->orderByDesc('id')
            ->limit(self::LATEST)
            ->get()
            ->toBase();
    }

    public function settings(Frame $frame): string
    {
        return (string) $frame->record()?->settings();
    }

    /** @return array<string, string> place and bearing from the plan of the attempt, to begin with */
    private static function planned(Frame $frame): array
    {
        $plan = SavedPlan::forAttempt($frame->attempt)->input ?? [];

        return array_filter(
            array_intersect_key(array_map(strval(...), $plan), array_flip(['lat', 'lon', 'bearing'])),
            fn (string $text): bool => $text !== '',
        );
    }
}
