<?php

declare(strict_types=1);

namespace TruePupil\Core\Panel;

/** Remarks of several people on the same thing. */
final readonly class PanelGroup
{
    /** @param  non-empty-list<PanelNote>  $notes */
    public function __construct(public array $notes)
    {
    }

    /** @return list<string> the names of those who spoke of it, each person once */
    public function authors(): array
    {
        return array_values(array_column($this->notes, 'author', 'authorId'));
    }

    /** Two or more people say the same of it, and none of them anything else. */
    public function agrees(): bool
    {
        return count($this->authors()) > 1 && count($this->kinds()) === 1;
    }

    /** One would keep what another would change. */
    public function disagrees(): bool
    {
        $kinds = $this->kinds();

        return count($kinds) === 2 &&
            array_diff_key($kinds[1], $kinds[0]) !== [] &&
            array_diff_key($kinds[0], $kinds[1]) !== [];
    }

    /** @return list<string> the names of those who would keep it and change it as well */
    public function undecided(): array
    {
        $kinds = $this->kinds();

        return array_values(array_intersect_key($kinds[1] ?? [], $kinds[0] ?? []));
    }

    /**
     * @return array<int, array<int|string, string>> names by person, of those who would keep it (1) and change it (0)
     */
    private function kinds(): array
    {
        $kinds = [];
        foreach ($this->notes as $note) {
            $kinds[(int) $note->isPraise][$note->authorId] = $note->author;
        }

        return $kinds;
    }
}
