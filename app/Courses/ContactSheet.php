<?php

declare(strict_types=1);

namespace App\Courses;

use App\Models\Frame;
use App\Models\SetBrief;
use App\Models\User;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Verdict;

/** All frames of one brief that wait at the desk, as one contact sheet. */
final readonly class ContactSheet
{
    /** Attempts on a sheet; the longest waiting. */
    public const MOST = 120;

    /** @param  list<SetFrame>  $frames  whoever has waited longest first */
    private function __construct(public array $frames)
    {
    }

    /** @param  User  $reader  whose notes are counted */
    public static function of(SetBrief $setBrief, BriefCount $count, User $reader): self
    {
        $waiting = DeskQueue::of($setBrief->course)->waiting([$count], most: self::MOST);
        $frames = Frame::query()
            ->whereIn('attempt_id', array_map(fn (WaitingAttempt $one): int => $one->attempt, $waiting))
            ->orderBy('id')
            ->withCount(['notes' => fn ($notes) => $notes->where('author_id', $reader->id)])
            ->get(['id', 'attempt_id', 'width', 'tags', 'stated', 'checks'])
            ->groupBy('attempt_id');
        $comparisons = array_column($setBrief->content()->checks, 'comparison', 'id');
        $all = [];
        foreach ($waiting as $attempt) {
            $own = $frames->get($attempt->attempt, collect())->values();
            foreach ($own as $index => $frame) {
                $all[] = new SetFrame(
                    $frame->id,
                    $own->count() > 1 ? $index + 1 : null,
                    $frame->width !== null,
                    (string) $frame->record()?->settings(),
                    array_column($frame->checks ?? [], null, 'id'),
                    $comparisons,
                    (int) $frame->getAttribute('notes_count'),
                    $attempt,
                );
            }
        }

        return new self($all);
    }

    /**
     * Checks of single frames, the most missed first.
     *
     * @return array<string, string> what each asks for, by id
     */
    public function checks(): array
    {
        $missed = $sentences = [];
        foreach ($this->frames as $frame) {
            foreach ($frame->checks as $id => $check) {
                if (! Measures::of($check['measure'])->isOfSeries()) {
                    $missed[$id] = ($missed[$id] ?? 0) + ($frame->verdict($id)->isOff() ? 1 : 0);
                    $sentences[$id] ??= (string) $check['sentence'];
                }
            }
        }
        arsort($missed);

        $ordered = [];
        foreach (array_keys($missed) as $id) {
            $ordered[(string) $id] = $sentences[$id];
        }

        return $ordered;
    }

    /**
     * What was missed first, the most frequent first; then what was met, then what cannot be told.
     *
     * @return list<FrameGroup>
     */
    public function byCheck(string $check): array
    {
        $off = $met = $unknown = [];
        foreach ($this->frames as $frame) {
            $number = $frame->number($check);
            if ($frame->verdict($check)->isOff()) {
                $off[ucfirst((string) $number?->side())][] = $frame;
            } elseif ($frame->verdict($check) === Verdict::Met) {
                $met[] = $frame;
            } else {
                $unknown[] = $frame;
            }
        }
        uasort($off, fn (array $a, array $b): int => count($b) <=> count($a));
        $groups = array_map(
            fn (string $title, array $frames): FrameGroup => new FrameGroup($title, true, $frames),
            array_map(strval(...), array_keys($off)),
            array_values($off),
        );
        if ($met !== []) {
            $groups[] = new FrameGroup('Met', false, $met);
        }
        if ($unknown !== []) {
            $groups[] = new FrameGroup('Cannot be told', false, $unknown);
        }

        return $groups;
    }

    /** @return list<FrameGroup> a student's each, by name */
    public function byStudent(): array
    {
        $groups = [];
        foreach ($this->frames as $frame) {
            $groups[$frame->attempt->student][] = $frame;
        }
        ksort($groups, SORT_NATURAL | SORT_FLAG_CASE);

        return array_map(
            fn (string $name, array $frames): FrameGroup => new FrameGroup($name, false, $frames),
            array_map(strval(...), array_keys($groups)),
            array_values($groups),
        );
    }

    /** @return list<FrameGroup> all in one, the longest waiting first */
    public function byWait(): array
    {
        return $this->frames === [] ? [] : [new FrameGroup('', false, $this->frames)];
    }
}
