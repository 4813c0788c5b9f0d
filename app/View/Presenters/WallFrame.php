<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Frame;
use App\Models\FrameFinding;

/** A frame on the wall, without its owner's name, and what can be laid beside it: findings, numbers, a crop. */
final readonly class WallFrame
{
    /** Findings that a room can read. */
    private const MOST = 3;

    /**
     * @param  list<string>  $findings  what its student was told, or would be
     * @param  ?array{ratio: string, x: float, y: float, width: float, height: float}  $crop  the best of its own shape
     */
    private function __construct(
        public Frame $frame,
        public string $settings,
        public array $findings,
        public ?array $crop,
    ) {
    }

    public static function of(Frame $frame): self
    {
        $view = FrameView::of($frame);
        $said = $view->findings()
            ->filter(fn (FrameFinding $finding): bool => $finding->counts($frame->attempt->state))
            ->take(self::MOST)
            ->map(fn (FrameFinding $finding): string => self::forARoom($finding->sentence()));

        return new self(
            $frame,
            (string) $frame->record()?->settings(),
            array_values($said->all()),
            $view->crops()[0] ?? null,
        );
    }

    /** What is seen, without the advice: a room reads one sentence. */
    private static function forARoom(string $words): string
    {
        return preg_match('/^.{20,}?[.?!](?=”?\s)”?/us', $words, $first) === 1 ? $first[0] : $words;
    }

    /** @return list<CheckRow> */
    public function checks(): array
    {
        return CheckRow::all($this->frame->checks ?? []);
    }
}
