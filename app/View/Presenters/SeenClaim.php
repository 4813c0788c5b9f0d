<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Input\SeenInput;
use App\Models\Frame;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Seen\Seen;
use TruePupil\Core\Seen\SeenThing;

/** What was found in a frame, as its page shows it before it is sent, and what goes with the form. */
final readonly class SeenClaim
{
    private const NAMED = 3;

    private function __construct(private ?Seen $seen, public string $value)
    {
    }

    /** @param  mixed  $typed  what came back from a form that had a mistake elsewhere */
    public static function of(Frame $frame, mixed $typed): self
    {
        if (! is_string($typed)) {
            return new self($frame->seen, SeenInput::write($frame->seen));
        }
        try {
            return new self(SeenInput::read($typed), $typed);
        } catch (InvalidFields) {
            return new self(null, '');
        }
    }

    public function isThere(): bool
    {
        return $this->seen !== null;
    }

    public function isConfirmed(): bool
    {
        return $this->seen?->isConfirmed === true;
    }

    /** "Found: one face."; nothing where nothing was. */
    public function words(): string
    {
        return $this->seen === null ? '' : 'Found: '.$this->list().'.';
    }

    /** "one face and a bottle"; nothing where nothing was found. */
    public function list(): string
    {
        if ($this->seen === null) {
            return '';
        }
        $some = fn (int $count, string $one, string $many): array => match ($count) {
            0 => [],
            1 => [$one],
            default => [$count.' '.$many],
        };
        $parts = [
            ...$some(count($this->seen->faces), 'one face', 'faces'),
            ...$some(count($this->seen->bodies), 'one person', 'people'),
            ...array_map(
                fn (SeenThing $thing): string => (preg_match('/^[aeiou]/', $thing->what) ? 'an ' : 'a ').$thing->what,
                array_slice($this->seen->things, 0, self::NAMED),
            ),
        ];
        $last = array_pop($parts);

        return $parts === [] ? (string) $last : implode(', ', $parts).' and '.$last;
    }
}
