<?php

declare(strict_types=1);

namespace TruePupil\Core\Capture;

/**
 * The tags of one file. What the EXIF group says (or its copy in XMP) is a number with a published meaning. What only
 * the maker's notes say is taken by its printed meaning alone: the same number means other things to every maker.
 */
final readonly class FileTags
{
    /** @param  array<string, mixed>  $tags  EXIF by its plain name, other groups with their name before a colon */
    public function __construct(private array $tags)
    {
    }

    public function has(string $name): bool
    {
        return ($this->tags[$name] ?? ($this->tags['XMP:'.$name] ?? null)) !== null;
    }

    public function number(string $name): ?float
    {
        $value = $this->tags[$name] ?? ($this->tags['XMP:'.$name] ?? null);

        return is_numeric($value) && is_finite((float) $value) ? (float) $value : null;
    }

    public function positive(string $name): ?float
    {
        $number = $this->number($name);

        return $number !== null && $number > 0.0 ? $number : null;
    }

    /** A positive number within what a camera can be set to; anything else is an accident. */
    public function within(string $name, float $least, float $most): ?float
    {
        $number = $this->positive($name);

        return $number === null || $number < $least || $number > $most ? null : $number;
    }

    public function whole(string $name): ?int
    {
        $number = $this->number($name);

        return $number === null ? null : (int) $number;
    }

    /** @return list<float> numbers of one tag; empty where one of them is none */
    public function numbers(string $name): array
    {
        $value = $this->tags[$name] ?? ($this->tags['XMP:'.$name] ?? null);
        $parts = is_scalar($value) ? (preg_split('/[\s,]+/', trim((string) $value)) ?: []) : [];
        $numbers = array_filter($parts, fn (string $part): bool => is_numeric($part) && is_finite((float) $part));

        return count($numbers) === count($parts) ? array_map(floatval(...), array_values($numbers)) : [];
    }

    public function text(string ...$names): ?string
    {
        foreach ($names as $name) {
            $text = self::clean($this->tags[$name] ?? ($this->tags['XMP:'.$name] ?? null));
            if ($text !== null) {
                return $text;
            }
        }

        return null;
    }

    /** What the maker's notes print, from the first of these tags that says anything. */
    public function maker(string ...$names): ?string
    {
        foreach ($names as $name) {
            // Before groups were kept, the words of the notes stood under their plain names.
            $text = self::clean($this->tags['MakerNotes:'.$name] ?? self::word($this->tags[$name] ?? null));
            if ($text !== null && preg_match('/^(n\/a|\(none\)|none|unknown.*|not (set|defined).*)$/i', $text) !== 1) {
                return $text;
            }
        }

        return null;
    }

    public function makerNumber(string ...$names): ?float
    {
        foreach ($names as $name) {
            $text = $this->maker($name);
            if ($text !== null && preg_match('/^\d+(?:\.\d+)?/', $text, $number) === 1 && (float) $number[0] > 0) {
                return (float) $number[0];
            }
        }

        return null;
    }

    public function hasMakerNotes(): bool
    {
        foreach ($this->tags as $name => $value) {
            if (str_starts_with($name, 'MakerNotes:')) {
                return true;
            }
        }

        return false;
    }

    private static function word(mixed $value): ?string
    {
        return is_string($value) && ! is_numeric($value) ? $value : null;
    }

    private static function clean(mixed $value): ?string
    {
        // Makers pad with blanks and zero bytes; some files hold bytes that are not text at all.
        if (! is_scalar($value) || is_bool($value)) {
            return null;
        }
        $text = trim(mb_substr(mb_scrub((string) $value, 'UTF-8'), 0, 120), " \t\n\r\0\x0B");

        return $text === '' ? null : $text;
    }
}
