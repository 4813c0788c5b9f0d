<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\DaySheet;
use App\Models\SetBrief;
use App\Models\User;
use Illuminate\Support\Carbon;
use InvalidArgumentException;
use TruePupil\Core\Day\DayLight;
use TruePupil\Core\Day\DaySheet as Content;
use TruePupil\Core\Day\DayTime;
use TruePupil\Core\Day\PlacedShot;
use TruePupil\Core\Day\Scouted;
use TruePupil\Core\Day\Shot;
use TruePupil\Core\Notebook\FieldNote;
use TruePupil\Core\Notebook\Notebook;

/** A day's sheet to tick: what to settle first, the shots in the order of the day, and what the light does between. */
final readonly class DayView
{
    private function __construct(public DaySheet $stored, public Content $sheet, private Notebook $notes)
    {
    }

    public static function of(DaySheet $stored): self
    {
        return new self($stored, $stored->sheet(), $stored->notebook());
    }

    /** The student's sheet for a brief, if there is one that says something. */
    public static function find(SetBrief $setBrief, User $student): ?self
    {
        $stored = DaySheet::for($setBrief, $student);
        if (! $stored->exists) {
            return null;
        }
        try {
            $view = self::of($stored);
        } catch (InvalidArgumentException) {
            return null;
        }

        return $view->sheet->shots === [] ? null : $view;
    }

    /**
     * Shots, and what the sun does between them.
     *
     * @return list<array{at: string, shot: ?PlacedShot, event: ?string, heading: ?string}>
     */
    public function lines(): array
    {
        $lines = [];
        $events = DayLight::events($this->sheet);
        $kind = null;
        foreach ($this->sheet->order() as $placed) {
            foreach ($events as $minute => $what) {
                if ($minute <= $placed->starts) {
                    $lines[] = ['at' => DayTime::text($minute), 'shot' => null, 'event' => $what, 'heading' => null];
                    unset($events[$minute]);
                }
            }
            $lines[] = [
                'at' => $this->sheet->begins === null ? '' : DayTime::text($placed->starts),
                'shot' => $placed,
                'event' => null,
                // Without hours the kinds follow each other, each under its name.
                'heading' => $this->sheet->begins === null && $kind !== $placed->shot->kind
                    ? $placed->shot->kind->heading()
                    : null,
            ];
            $kind = $placed->shot->kind;
        }
        foreach ($events as $minute => $what) {
            $lines[] = ['at' => DayTime::text($minute), 'shot' => null, 'event' => $what, 'heading' => null];
        }

        return $lines;
    }

    public function light(PlacedShot $shot): string
    {
        $outing = $this->sheet->outing($shot);

        // That it is down is said once, by the line of the sunset.
        return $outing === null || ! DayLight::isSunUp($outing) ? '' : ucfirst(DayLight::words($outing));
    }

    public function isDone(string $id): bool
    {
        return $this->notes->value($id, 'done') !== '';
    }

    public function word(string $id): string
    {
        return $this->notes->value($id, 'word');
    }

    /** When it was ticked, by the clock of the course. */
    public function doneAt(string $id): ?string
    {
        $at = $this->notes->at($id, 'done');

        return $at === null ? null : Carbon::createFromTimestampMs($at, $this->stored->setBrief->course->timezone)
            ->format('j M, H:i');
    }

    /** @return list<string> words that another device, or a later thought, has put others in place of */
    public function earlierWords(string $id): array
    {
        return array_values(array_map(
            fn (FieldNote $note): string => $note->value,
            array_filter($this->notes->earlier($id), fn (FieldNote $note): bool => $note->field === 'word'),
        ));
    }

    /** @return list<string> words noted for lines that are no longer on the sheet */
    public function leftOver(): array
    {
        $own = array_merge(
            array_map(fn (Scouted $line): string => $line->id, $this->sheet->scouting),
            array_map(fn (Shot $shot): string => $shot->id, $this->sheet->shots),
        );
        $words = [];
        foreach ($this->notes->values() as $entry => $fields) {
            if (! in_array((string) $entry, $own, true) && isset($fields['word'])) {
                $words[] = $fields['word'];
            }
        }

        return $words;
    }

    /** @return list<Shot> that were not ticked */
    public function gaps(): array
    {
        return array_values(
            array_filter($this->sheet->shots, fn (Shot $shot): bool => ! $this->isDone($shot->id)),
        );
    }

    /** What all shots take, against what there is. */
    public function time(): string
    {
        $available = $this->sheet->available();
        $takes = sprintf('The shots take %s', DayTime::minutes($this->sheet->minutes()));

        return match (true) {
            $available === null => $takes.'.',
            $this->sheet->minutes() > $available => sprintf(
                '%s; from %s to %s there are %d. Leave one out, or take less time for each.',
                $takes,
                DayTime::text($this->sheet->begins ?? 0),
                DayTime::text($this->sheet->ends ?? 0),
                $available,
            ),
            default => sprintf(
                '%s of %d; %d are left for the way and for what nobody planned.',
                $takes,
                $available,
                $available - $this->sheet->minutes(),
            ),
        };
    }
}
