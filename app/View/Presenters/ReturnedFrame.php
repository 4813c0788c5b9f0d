<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Decision;
use App\Models\FrameFinding;
use App\Models\Note;
use App\Models\NoteKind;
use App\Wording\ChecksTold;
use Illuminate\Support\Collection;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Critique\QuietWords;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Panel\PanelGroup;
use TruePupil\Core\Panel\PanelNote;
use TruePupil\Core\Situation\Need;

/**
 * A frame as its student gets it back: first the three things to take along, a person's words before the program's;
 * then whatever has not been said with them. Nothing is said twice.
 */
final readonly class ReturnedFrame
{
    public function __construct(public FrameView $view)
    {
    }

    /**
     * What to keep and what to try, and whose word it is.
     *
     * @return list<array{label: string, text: string, by: string, finding?: FrameFinding, note?: Note}>
     */
    public function first(): array
    {
        return array_values(array_filter([
            $this->said('Keep', $this->keep()),
            $this->said('Try', $this->try()),
        ]));
    }

    /**
     * What holds the picture and what to try next, where nobody said anything of it.
     *
     * @return list<array{label: string, text: string, by: string, finding?: FrameFinding, note?: Note}>
     */
    public function quiet(): array
    {
        $frame = $this->view->frame;
        $holds = $frame->measures === null ? null : QuietWords::holds($frame->measures);

        return [
            ...$holds === null ? [] : [['label' => 'Keep', 'text' => $holds, 'by' => 'found by the program']],
            ['label' => 'Try', 'text' => QuietWords::next($frame->intent?->kind()), 'by' => 'by the program'],
        ];
    }

    /** The one setting to change first. */
    public function change(): ?Suggestion
    {
        return $this->view->suggestion();
    }

    /** @return list<PanelGroup> notes that are not among the first things */
    public function otherNotes(): array
    {
        $said = $this->saidIds(Note::class);

        return array_values(
            array_filter(
                $this->view->panel(),
                fn (PanelGroup $group): bool => array_filter(
                    $group->notes,
                    fn (PanelNote $note): bool => ! in_array($note->id, $said, true),
                ) !== [],
            ),
        );
    }

    /** @return Collection<int, FrameFinding> findings that are not among the first things */
    public function otherFindings(): Collection
    {
        $said = $this->saidIds(FrameFinding::class);

        return $this->view->published()->reject(
            fn (FrameFinding $finding): bool => in_array($finding->id, $said, true),
        )->values();
    }

    /** @return Collection<int, FrameFinding> those that are, for their evidence */
    public function saidFindings(): Collection
    {
        $said = $this->saidIds(FrameFinding::class);

        return $this->view->published()->filter(
            fn (FrameFinding $finding): bool => in_array($finding->id, $said, true),
        )->values();
    }

    /** How the checks of the brief came out, in a line; empty where there are none. */
    public function checksInWords(): string
    {
        return ChecksTold::of($this->view->ownChecks())->inWords();
    }

    /** What of the brief could not be told of the frame, and what it would have needed; null where all was told. */
    public function untold(): ?string
    {
        $untold = array_filter(
            $this->view->ownChecks(),
            fn (array $check): bool => $check['verdict'] === Verdict::Unknown->value,
        );
        $needs = array_unique(array_merge(...array_column($untold, 'missing'), ...[[]]));

        return $untold === [] ? null : sprintf(
            '%s: %d of %d checks cannot be told%s.',
            $this->view->frame->original_name,
            count($untold),
            count($this->view->ownChecks()),
            $needs === [] ? '' : ', for want of '.implode('; ', array_map(
                fn (string $need): string => Need::from($need)->label(),
                $needs,
            )),
        );
    }

    /** Whose word a finding is in a return. */
    public static function wordOf(FrameFinding $finding): string
    {
        return $finding->decision === Decision::Reworded
            ? 'in the words of whoever teaches'
            : 'found by the program';
    }

    /** @return ?array{label: string, text: string, by: string, finding?: FrameFinding, note?: Note} */
    private function said(string $label, Note|FrameFinding|null $what): ?array
    {
        return match (true) {
            $what === null => null,
            $what instanceof Note => [
                'label' => $label,
                'text' => $what->body,
                'by' => $what->author->name,
                'note' => $what,
            ],
            default => [
                'label' => $label,
                'text' => $what->sentence(),
                'by' => self::wordOf($what),
                'finding' => $what,
            ],
        };
    }

    private function keep(): Note|FrameFinding|null
    {
        return $this->note(NoteKind::Keep) ?? $this->finding(true);
    }

    private function try(): Note|FrameFinding|null
    {
        return $this->note(NoteKind::Try) ?? $this->note(NoteKind::GoBack) ?? $this->finding(false);
    }

    private function note(NoteKind $kind): ?Note
    {
        return $this->view->frame->notes->first(
            fn (Note $note): bool => $note->kind === $kind && $note->given_at !== null,
        );
    }

    private function finding(bool $isPraise): ?FrameFinding
    {
        return $this->view->published()->first(
            fn (FrameFinding $finding): bool => ($finding->severity() === Severity::Praise) === $isPraise,
        );
    }

    /**
     * @param  class-string  $class
     * @return list<int>
     */
    private function saidIds(string $class): array
    {
        $ids = [];
        foreach ([$this->keep(), $this->try()] as $what) {
            if ($what instanceof $class) {
                $ids[] = $what->id;
            }
        }

        return $ids;
    }
}
