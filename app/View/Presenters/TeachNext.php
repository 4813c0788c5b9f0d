<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Briefs\BriefLibrary;
use App\Models\Frame;
use App\Patterns\CheckSpread;
use App\Patterns\ClassPatterns;
use App\Practice\Lesson;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Check;
use TruePupil\Core\Critique\CheckTopic;
use TruePupil\Core\Drill\DrillKind;
use TruePupil\Core\Findings\Topic;

/** A demand that a class missed, with what treats it: a lesson, a drill, another ready brief. */
final readonly class TeachNext
{
    private function __construct(
        public CheckSpread $spread,
        public ?Lesson $lesson,
        public ?DrillKind $drill,
        public ?Brief $brief,
    ) {
    }

    /** @return list<self> the most missed first */
    public static function all(ClassPatterns $patterns): array
    {
        return array_map(
            fn (CheckSpread $spread): self => self::of($spread, $patterns->setBrief->content()->id),
            $patterns->toTeach(),
        );
    }

    /** @param  string  $brief  id of the one that it was missed in */
    private static function of(CheckSpread $spread, string $brief): self
    {
        $topic = CheckTopic::of($spread->measure->id);
        $others = array_filter(
            app(BriefLibrary::class)->all(),
            fn (Brief $other): bool => $other->id !== $brief && array_filter(
                $other->checks,
                fn (Check $check): bool => $check->measure->id === $spread->measure->id,
            ) !== [],
        );

        return new self(
            $spread,
            Lesson::forTopic($topic->value),
            self::drill($topic),
            array_values($others)[0] ?? null,
        );
    }

    /** @return array<string, Frame> by what it does: the best and the worst of those that the class may see */
    public function frames(): array
    {
        return array_filter(array_combine(['meets it', 'misses it'], $this->spread->bestAndWorst()));
    }

    private static function drill(Topic $topic): ?DrillKind
    {
        return match ($topic) {
            Topic::Exposure => DrillKind::MeterSays,
            Topic::Tone => DrillKind::Histogram,
            Topic::Movement => DrillKind::SafeTime,
            Topic::Mode => DrillKind::Mode,
            Topic::Flash => DrillKind::Flash,
            Topic::Depth, Topic::Noise => DrillKind::Changed,
            default => null,
        };
    }
}
