<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Frame;
use App\Patterns\CheckSpread;
use App\Patterns\ClassPatterns;
use App\View\Drawings\SettingsPicture;
use App\View\Drawings\SpreadStrip;

/**
 * What a class did with a brief as one thing a screen: what went well, the demands that were missed, the
 * settings that were used. Nobody is named, and only frames are shown whose owners allow it.
 */
final readonly class ProjectorSlides
{
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
        foreach ($patterns->shown() as $frame) {
            $slides[] = self::wall($patterns->setBrief->content()->words->title, 'One of yours', $frame);
        }
        foreach (array_slice($patterns->findings(isPraise: true), 0, 1) as $one) {
            $slides[] = self::finding('What went well', $one, $students);
        }
        foreach ($patterns->toTeach() as $one) {
            $slides[] = self::demand($one, $students);
            foreach (['The one that meets it best', 'The one that is farthest off'] as $index => $title) {
                $frame = $one->bestAndWorst()[$index];
                $frame === null || $slides[] = self::wall($one->sentence, $title, $frame);
            }
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

    /** The picture alone; whose it is, is not said. */
    private static function wall(string $kind, string $title, Frame $frame): Slide
    {
        return new Slide($kind, $title, '', wall: WallFrame::of($frame));
    }

    private static function demand(CheckSpread $spread, int $students): Slide
    {
        return new Slide(
            'To work on',
            $spread->sentence,
            $spread->studentsOff().' of '.$students.' did not meet it',
            $spread->sides() === '' ? [] : [$spread->sides()],
            array_values(array_filter($spread->bestAndWorst())),
            strip: SpreadStrip::of($spread),
        );
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
