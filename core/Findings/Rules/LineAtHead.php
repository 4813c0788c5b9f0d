<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\Region;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Seen\SeenFace;
use TruePupil\Core\Situation\Situation;

/** A line of the background that grows out of a head, or runs through it. */
#[Declared('people.line-at-head', Topic::People)]
final class LineAtHead extends FindingRule
{
    /** Share of the frame's side from which a line belongs to the background … */
    private const LONG = 0.4;

    /** … if it is so many times as long as the head, which has edges of its own. */
    private const LONGER = 1.8;

    /** Share of a head from each of its sides within which a line only touches it. */
    private const RIM = 0.12;

    public function needs(): array
    {
        return [];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$people, $composition] = [$situation->measures->claims->people, $situation->measures->composition];
        if ($people === null || $composition === null) {
            return null;
        }
        foreach ($people->largeFaces() as [$face]) {
            foreach ($composition->lines as $line) {
                $length = self::through($face, $line, $composition->aspect);
                if ($length === null) {
                    continue;
                }

                return new Finding(
                    id: $this->id(),
                    topic: $this->topic(),
                    severity: Severity::Weakness,
                    sentence: $line['upright']
                        ? 'Does a post or an edge behind grow out of the head? Half a step to the side clears it.'
                        : 'Does a level line behind run through the head? Bend your knees, or go up a step, and it '.
                            'passes the shoulders or clears the hair.',
                    evidence: [
                        new Evidence(
                            'length of the line',
                            100 * $line['length'],
                            '%',
                            100 * $length,
                            100 * ($length - $line['length']),
                        ),
                    ],
                    source: 'The head that was found, and lines that are longer than it.',
                    confidence: $people->confidence(0.7),
                    patch: $face->head(),
                );
            }
        }

        return null;
    }

    /**
     * @param  array{angle: float, at: float, length: float, upright: bool}  $line
     * @return ?float the share of the frame's side from which it counts; null where it does not run through the head
     */
    private static function through(SeenFace $face, array $line, float $aspect): ?float
    {
        $head = $face->head();
        [$from, $size, $along] = $line['upright']
            ? [$head->x, $head->width, $head->height]
            : [$head->y, $head->height, $head->width];
        $inside = (self::at($line, $head, $aspect) - $from) / $size;
        $long = max(self::LONG, self::LONGER * $along);

        return $line['length'] >= $long && $inside > self::RIM && $inside < 1 - self::RIM ? $long : null;
    }

    /**
     * Where it crosses the middle of the head: it is told by where it crosses that of the frame.
     *
     * @param  array{angle: float, at: float, length: float, upright: bool}  $line
     */
    private static function at(array $line, Region $head, float $aspect): float
    {
        ['x' => $x, 'y' => $y] = $head->centre();
        $slope = tan(deg2rad($line['angle']));

        return $line['at'] + ($line['upright'] ? $slope * (0.5 - $y) / $aspect : $slope * ($x - 0.5) * $aspect);
    }
}
