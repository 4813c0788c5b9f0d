<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\AttemptState;
use App\Models\Decision;
use App\Models\FilmRoll;
use App\Models\Frame;
use App\Models\FrameFinding;
use App\Models\User;
use App\Wording\ChecksTold;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use TruePupil\Core\Notebook\FieldNote;
use TruePupil\Core\Notebook\Notebook;
use TruePupil\Core\Roll\Roll;
use TruePupil\Core\Roll\RollLog;

/** The log of a roll, with what came of its frames where they were handed in. */
final readonly class FilmLogView
{
    /** @param  Collection<int, Frame>  $scans */
    private function __construct(
        public FilmRoll $stored,
        public Roll $roll,
        public RollLog $log,
        private Notebook $notes,
        private Collection $scans,
        private ?string $timezone,
    ) {
    }

    public static function of(FilmRoll $stored, User $owner): self
    {
        return new self(
            $stored,
            $stored->roll(),
            $stored->log(),
            $stored->notebook(),
            $stored->scans()->with(['attempt.setBrief.course', 'findings'])->get()->toBase(),
            $owner->timezone,
        );
    }

    public function text(string $number, string $field): string
    {
        return $this->notes->value($number, $field);
    }

    /** A frame in one line. */
    public function line(string $number): string
    {
        $texts = $this->log->line($number)->texts ?? [];

        return implode(' · ', array_filter([
            isset($texts['aperture']) ? 'ƒ/'.preg_replace('~^[fƒ]\s*/?\s*~iu', '', $texts['aperture']) : null,
            $texts['time'] ?? null,
            $texts['lens'] ?? null,
            $texts['word'] ?? null,
            $texts['lost'] ?? null,
        ]));
    }

    /** When the first word on it was written, where its writer is at home. */
    public function writtenAt(string $number): ?string
    {
        $times = [];
        foreach (array_keys($this->log->line($number)->texts ?? []) as $field) {
            $times[] = $this->notes->at($number, $field);
        }
        $times = array_filter($times);

        // Where nobody said where they are at home, the zone is said with the hour.
        return $times === [] ? null : Carbon::createFromTimestampMs(min($times), $this->timezone ?? 'UTC')
            ->format($this->timezone === null ? 'j M, H:i T' : 'j M, H:i');
    }

    /** @return list<string> words that others took the place of */
    public function earlier(string $number): array
    {
        return array_map(
            fn (FieldNote $note): string => sprintf('%s %s', $note->field, $note->value),
            $this->notes->earlier($number),
        );
    }

    /** @return list<string> what could not be read of it */
    public function problems(string $number): array
    {
        return array_values($this->log->line($number)->problems ?? []);
    }

    /** Where what was metered fell, in words. */
    public function remark(string $number): ?string
    {
        return $this->log->line($number)?->remark($this->roll);
    }

    /**
     * What came of the frame where its scan was handed in.
     *
     * @return list<array{url: string, where: string, words: string}>
     */
    public function verdicts(string $number): array
    {
        $of = $this->scans->filter(fn (Frame $frame): bool => $frame->film_frame === $number);

        return array_values($of->map(fn (Frame $frame): array => [
            'url' => $frame->attempt->state === AttemptState::Returned
                ? route('attempts.return', $frame->attempt)
                : route('attempts.show', $frame->attempt),
            'where' => sprintf(
                '%s, attempt %d',
                $frame->attempt->content()->words->title,
                $frame->attempt->number,
            ),
            'words' => $this->verdict($frame),
        ])->all());
    }

    /** Numbers that scans were matched with. */
    public function scanned(): int
    {
        return $this->scans->pluck('film_frame')->unique()->count();
    }

    private function verdict(Frame $frame): string
    {
        if ($frame->attempt->state !== AttemptState::Returned) {
            return $frame->attempt->state->label();
        }
        $first = $frame->findings->first(
            fn (FrameFinding $finding): bool => $finding->current &&
                in_array($finding->decision, [Decision::Accepted, Decision::Reworded], true),
        );
        $checks = ChecksTold::of($frame->checks ?? [])->progress();

        return trim(sprintf(
            '%s %s',
            $checks === '' ? '' : 'Checks: '.$checks.'.',
            $first === null ? '' : $first->wording ?? $first->found()->sentence,
        ));
    }
}
