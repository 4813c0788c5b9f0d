<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Frame;
use App\Patterns\CheckSpread;
use App\Patterns\ClassPatterns;
use App\View\Drawings\SettingsPicture;
use App\View\Drawings\SpreadStrip;
use TruePupil\Core\Checks\Verdict;

/**
 * What a class did with a brief as one thing a screen: what went well, what to teach next, the checks that were missed,
 * the settings that were used. Nobody is named, and only frames are shown whose owners allow it.
 */
final readonly class ProjectorSlides
{
    /** Checks that are shown, at most. */
    private const CHECKS = 4;

    /** @param  non-empty-list<Slide>  $all */
    private function __construct(public array $all)
    {
    }

    public static function of(ClassPatterns $patterns): self
    {
        $students = $patterns->students();
        $slides = [
            new Slide(
                $patterns->setBrief->course->name,
                $patterns->setBrief->content()->words->title,
                match ($students) {
                    0 => 'Nobody has handed in yet.',
                    1 => 'One student has handed in.',
                    default => $students.' students have handed in.',
                },
                frames: $patterns->shown(),
            ),
        ];
        foreach (array_slice($patterns->findings(isPraise: true), 0, 1) as $one) {
            $slides[] = self::finding('What went well', $one, $students);
        }
        foreach ($patterns->toTeach() as $one) {
            $slides[] = self::finding('To work on', $one, $students);
        }
        $missed = array_filter($patterns->checks(), fn (CheckSpread $one): bool => $one->count(Verdict::Missed) > 0);
        foreach (array_slice($missed, 0, self::CHECKS) as $spread) {
            $slides[] = new Slide(
                'Asked for',
                $spread->sentence,
                $spread->count(Verdict::Met).' met it, '.$spread->count(Verdict::Missed).' missed it',
                $spread->sides() === '' ? [] : [$spread->sides()],
                strip: SpreadStrip::of($spread),
            );
        }
        $picture = SettingsPicture::of($patterns->settings());
        if ($picture !== null) {
            $slides[] = new Slide(
                $patterns->setBrief->content()->words->title,
                'The settings you used',
                $picture->summary(),
                picture: $picture,
            );
        }

        return new self($slides);
    }

    /**
     * @param  array{
     *     topic: string,
     *     sentence: string,
     *     range: ?string,
     *     sides: string,
     *     students: int,
     *     frames: list<Frame>,
     *     ...
     * }  $one  as the patterns have it
     */
    private static function finding(string $kind, array $one, int $students): Slide
    {
        $lines = $one['range'] === null ? [] : [ucfirst($one['range']).'.'];
        $lines[] = ($one['students'] > 1 ? 'In one of them: ' : '').$one['sentence'];

        return new Slide(
            $kind,
            $one['topic'],
            $one['students'].' of '.$students.($one['sides'] === '' ? '' : ': '.$one['sides']),
            $lines,
            $one['frames'],
        );
    }
}
