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

    /** @return list<string> who spoke of it, each once */
    public function authors(): array
    {
        return array_values(array_unique(array_map(fn (PanelNote $note): string => $note->author, $this->notes)));
    }

    /** Two or more people say the same of it. */
    public function agrees(): bool
    {
        return count($this->authors()) > 1 && ! $this->disagrees();
    }

    /** One would keep what another would change. */
    public function disagrees(): bool
    {
        $keeps = array_unique(
            array_map(
                fn (PanelNote $note): string => $note->author,
                array_filter($this->notes, fn (PanelNote $note): bool => $note->isPraise),
            ),
        );
        $changes = array_unique(
            array_map(
                fn (PanelNote $note): string => $note->author,
                array_filter($this->notes, fn (PanelNote $note): bool => ! $note->isPraise),
            ),
        );

        return array_diff($keeps, $changes) !== [] && array_diff($changes, $keeps) !== [];
    }
}
