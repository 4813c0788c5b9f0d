<?php

declare(strict_types=1);

namespace TruePupil\Core\Notebook;

/**
 * Notes from several devices as one: the latest word on a field stands, whatever order the notes arrived in, and what
 * stood there before can still be read.
 */
final readonly class Notebook
{
    /**
     * @param  array<array-key, array<string, FieldNote>>  $latest  by entry and field
     * @param  list<FieldNote>  $notes  in the order in which they were written
     */
    private function __construct(private array $latest, private array $notes)
    {
    }

    /** @param  list<FieldNote>  $notes  in any order; one that came twice counts once */
    public static function of(array $notes): self
    {
        $notes = array_values(array_column($notes, null, 'id'));
        // Two notes of the same millisecond are put in order by their ids: every device then comes to the same.
        usort($notes, fn (FieldNote $a, FieldNote $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);
        $latest = [];
        foreach ($notes as $note) {
            $latest[$note->entry][$note->field] = $note;
        }

        return new self($latest, $notes);
    }

    public function value(string $entry, string $field): string
    {
        return ($this->latest[$entry][$field] ?? null)->value ?? '';
    }

    /** When the word that stands was written, in milliseconds since 1970; null where nothing stands. */
    public function at(string $entry, string $field): ?int
    {
        return $this->value($entry, $field) === '' ? null : $this->latest[$entry][$field]->at;
    }

    /** @return array<array-key, array<string, string>> what stands, by entry and field */
    public function values(): array
    {
        $values = [];
        foreach ($this->latest as $entry => $fields) {
            $words = array_filter(
                array_map(fn (FieldNote $note): string => $note->value, $fields),
                fn (string $value): bool => $value !== '',
            );
            if ($words !== []) {
                $values[$entry] = $words;
            }
        }

        return $values;
    }

    /** @return list<FieldNote> words on an entry that no longer stand, the latest first; none that says the same */
    public function earlier(string $entry): array
    {
        $told = [];
        $earlier = [];
        foreach (array_reverse($this->notes) as $note) {
            $isNews = $note->entry === $entry && $note->value !== '' &&
                $note->value !== $this->value($entry, $note->field);
            if ($isNews && ! isset($told[$note->field][$note->value])) {
                $told[$note->field][$note->value] = true;
                $earlier[] = $note;
            }
        }

        return $earlier;
    }
}
