<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Frame;
use App\View\Drawings\TwinTones;
use TruePupil\Core\Exposure\Stops;

/** Two frames beside each other: what was set differently, how their tones lie, which checks came out otherwise. */
final readonly class BesideView
{
    /** How far two shapes may differ and still lie over each other, as a share. */
    private const SHAPE = 0.01;

    /** Lines of the ledger that are set on the camera, by id, as one says them. */
    private const SET = ['aperture' => 'aperture', 'time' => 'time', 'iso' => 'ISO', 'filter' => 'filter'];

    private function __construct(public FrameView $a, public FrameView $b, public ?TwinTones $tones)
    {
    }

    public static function of(Frame $a, Frame $b): self
    {
        $views = [FrameView::of($a), FrameView::of($b)];

        return new self($views[0], $views[1], TwinTones::of(...$views));
    }

    /** @return list<array{string, string, bool}> settings of A and of B, and whether they differ */
    public function settings(): array
    {
        $of = function (Frame $frame): array {
            $record = $frame->record();

            return [
                (string) $record?->exposure->fNumber,
                (string) $record?->exposure->exposureTime,
                (string) $record?->exposure->iso,
                $record?->lens->focalLength === null ? '' : round($record->lens->focalLength).' mm',
            ];
        };
        [$a, $b] = [$of($this->a->frame), $of($this->b->frame)];
        $rows = [];
        foreach ($a as $index => $value) {
            if ($value !== '' || $b[$index] !== '') {
                $rows[] = [$value ?: 'not recorded', $b[$index] ?: 'not recorded', $value !== $b[$index]];
            }
        }

        return $rows;
    }

    /** "from A to B: aperture +1, time +2; in all +3 stops"; null where a ledger is missing or nothing moved */
    public function moved(): ?string
    {
        if ($this->a->ledger === null || $this->b->ledger === null) {
            return null;
        }
        $parts = [];
        $sum = Stops::none();
        foreach ($this->b->ledger->against($this->a->ledger) as $row) {
            $name = self::SET[$row['id']] ?? null;
            if ($name !== null && $row['change'] !== null && $row['moved']) {
                $parts[] = $name.' '.$row['change']->signed();
                $sum = $sum->plus($row['change']);
            }
        }
        $all = $sum->signed();

        return $parts === [] ? null : sprintf(
            'from A to B: %s; in all %s',
            implode(', ', $parts),
            $all === '0' ? 'the same light' : ($all[0] === '+' ? '+' : '−').$sum->inWords(),
        );
    }

    /** @return array{list<array{CheckRow, CheckRow}>, list<array{CheckRow, CheckRow}>} that differ, that do not */
    public function checks(): array
    {
        $other = array_column($this->b->checks(), null, 'id');
        [$differ, $alike] = [[], []];
        foreach ($this->a->checks() as $check) {
            if (isset($other[$check['id']]) && $other[$check['id']]['measure'] === $check['measure']) {
                $pair = [CheckRow::all([$check])[0], CheckRow::all([$other[$check['id']]])[0]];
                $check['verdict'] === $other[$check['id']]['verdict'] ? $alike[] = $pair : $differ[] = $pair;
            }
        }

        return [$differ, $alike];
    }

    /** Whether both have one shape, so that one can lie over the other. */
    public function canLieOver(): bool
    {
        $shape = fn (Frame $frame): float => ($frame->width ?? 0) / max(1, $frame->height ?? 1);
        [$a, $b] = [$shape($this->a->frame), $shape($this->b->frame)];

        return $a > 0 && abs($a / max($b, 1e-6) - 1) < self::SHAPE;
    }

    /** Whose it is, and which attempt, or which of two frames of one attempt. */
    public function name(FrameView $view): string
    {
        $isOneAttempt = $this->a->frame->attempt_id === $this->b->frame->attempt_id;

        return $isOneAttempt
            ? $view->frame->original_name
            : $view->frame->attempt->user->name.' · attempt '.$view->frame->attempt->number;
    }
}
