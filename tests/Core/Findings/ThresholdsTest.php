<?php

declare(strict_types=1);

namespace Tests\Core\Findings;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Composition\SubjectShape;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Rules;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Intent\Facing;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Situation\Situation;

/**
 * Both sides of the limits of findings from pixels: a hair inside a rule says one thing, a hair beyond it another. The
 * numbers are written out here, so that a limit that moves is noticed.
 */
final class ThresholdsTest extends TestCase
{
    use JudgesLimits;

    /** @return iterable<string, array{FindingRule, Closure(float): Situation, float, float}> silent, then speaking */
    public static function limitsOfSilence(): iterable
    {
        $tilt = fn (float $degrees): Situation => Situations::make(composition: ['tiltDeg' => $degrees]);
        yield 'a tilt that is seen' => [new Rules\Tilted(), $tilt, 0.69, 0.71];
        yield 'a tilt the other way' => [new Rules\Tilted(), $tilt, -0.69, -0.71];
        yield 'a tilt that is meant' => [new Rules\Tilted(), $tilt, 9.05, 8.95];
        yield 'texture to judge a soft frame by' => [
            new Rules\WholeFrameSoft(),
            fn (float $confidence): Situation => Situations::make(
                focus: ['sharpness' => 0.1, 'confidence' => $confidence],
            ),
            0.145,
            0.155,
        ];
        yield 'softness of a whole frame' => [
            new Rules\WholeFrameSoft(),
            fn (float $sharpness): Situation => Situations::make(focus: ['sharpness' => $sharpness]),
            0.665,
            0.655,
        ];
        yield 'texture to judge the focus by' => [
            new Rules\FocusOnSubject(),
            fn (float $confidence): Situation => Situations::make(
                focus: ['subject' => ['sharpness' => 0.3], 'confidence' => $confidence],
            ),
            0.195,
            0.205,
        ];
        yield 'a frame that has something sharp to be missed' => [
            new Rules\FocusOnSubject(),
            fn (float $sharpness): Situation => Situations::make(
                focus: ['subject' => ['sharpness' => 0.3], 'sharpness' => $sharpness],
            ),
            0.585,
            0.595,
        ];
        $subject = fn (float $sharpness): Situation => Situations::make(
            focus: [
                'subject' => ['sharpness' => $sharpness],
                'columns' => 3,
                'rows' => 1,
                'map' => [null, 0.9, 0.1],
            ],
        );
        yield 'focus that is missed' => [new Rules\FocusOnSubject(), $subject, 0.395, 0.385];
        yield 'focus that is held' => [new Rules\FocusOnSubject(), $subject, 0.515, 0.525];
        yield 'a subject of which enough is crisp' => [
            new Rules\FocusOnSubject(),
            fn (float $share): Situation => Situations::make(
                focus: ['subject' => ['crisp' => $share], 'columns' => 3, 'rows' => 1, 'map' => [null, 0.9, 0.1]],
            ),
            0.39,
            0.41,
        ];
        $eye = fn (float $sharpness): Situation => Situations::make(focus: ['eye' => ['sharpness' => $sharpness]]);
        yield 'an eye that is soft' => [new Rules\EyeSharp(), $eye, 0.395, 0.385];
        yield 'an eye that is crisp' => [new Rules\EyeSharp(), $eye, 0.515, 0.525];
        $beside = fn (float $ratio): Situation => Situations::make(focus: ['eye' => ['ratio' => $ratio]]);
        yield 'an eye behind its face' => [new Rules\EyeSharp(), $beside, 0.71, 0.69];
        yield 'an eye as sharp as its face' => [new Rules\EyeSharp(), $beside, 0.84, 0.86];
        yield 'a subject lost in the frame' => [
            new Rules\SubjectSize(),
            fn (float $percent): Situation => Situations::make(region: Region::of(0.4, 0.4, $percent / 10, 0.1)),
            2.05,
            1.95,
        ];
        yield 'a subject without room' => [
            new Rules\SubjectSize(),
            fn (float $percent): Situation => Situations::make(
                region: Region::of(0, 0, $percent / 100, 1.0),
                shape: new SubjectShape(Region::of(0, 0, $percent / 100, 1.0), 1, 1, '1'),
            ),
            69.5,
            70.5,
        ];
        yield 'a subject against the edge' => [
            new Rules\SubjectAtEdge(),
            fn (float $gap): Situation => Situations::make(region: Region::of($gap, 0.3, 0.2, 0.4), composition: []),
            0.021,
            0.019,
        ];
        yield 'an empty share' => [
            new Rules\EmptyShare(),
            fn (float $percent): Situation => Situations::make(
                composition: ['plain' => [['kind' => 'bright', 'sharePct' => $percent, 'side' => 'left']]],
            ),
            32.7,
            33.3,
        ];
        yield 'a pull at the edge' => [
            new Rules\EdgePull(),
            fn (float $pull): Situation => Situations::make(
                composition: [
                    'edges' => [
                        ['side' => 'left', 'from' => 0.2, 'to' => 0.7, 'kind' => 'bright', 'strength' => $pull / 0.5],
                    ],
                ],
            ),
            0.049,
            0.051,
        ];
        yield 'a second centre of attention' => [
            new Rules\CompetingAttention(),
            fn (float $weight): Situation => Situations::make(
                composition: [
                    'attention' => [
                        ['x' => 0.5, 'y' => 0.5, 'weight' => 1.0],
                        ['x' => 0.9, 'y' => 0.1, 'weight' => $weight],
                    ],
                ],
            ),
            0.79,
            0.81,
        ];
        yield 'balance away from the subject' => [
            new Rules\BalanceElsewhere(),
            fn (float $away): Situation => Situations::make(
                region: Region::of(0.1, 0.4, 0.2, 0.2),
                composition: ['balance' => ['x' => 0.2 + $away, 'y' => 0.5]],
            ),
            0.355,
            0.365,
        ];
        yield 'a picture built on symmetry' => [
            new Rules\AlmostCentred(),
            fn (float $likeness): Situation => Situations::make(
                composition: ['symmetryBest' => $likeness, 'symmetryAxis' => 0.53],
                intent: new Intent(idea: Idea::Symmetry),
            ),
            0.61,
            0.63,
        ];
        yield 'uprights that fall together' => [
            new Rules\ConvergingVerticals(),
            fn (float $degrees): Situation => Situations::make(composition: ['convergenceDeg' => $degrees]),
            2.95,
            3.05,
        ];
        yield 'lines that lead, of all there are' => [
            new Rules\LinesLead(),
            fn (float $share): Situation => Situations::make(
                region: Region::of(0.4, 0.4, 0.2, 0.2),
                composition: [
                    'aspect' => 1.0,
                    'segments' => [
                        ['x1' => 0.1, 'y1' => 0.1, 'x2' => 0.3, 'y2' => 0.3, 'length' => $share / 3],
                        ['x1' => 0.1, 'y1' => 0.9, 'x2' => 0.3, 'y2' => 0.7, 'length' => $share / 3],
                        ['x1' => 0.9, 'y1' => 0.9, 'x2' => 0.7, 'y2' => 0.7, 'length' => $share / 3],
                        ['x1' => 0.1, 'y1' => 0.02, 'x2' => 0.9, 'y2' => 0.02, 'length' => 1 - $share],
                    ],
                ],
            ),
            0.59,
            0.61,
        ];
        yield 'a line beside the outline' => [
            new Rules\EdgesMerge(),
            fn (float $besides): Situation => Situations::make(
                region: Region::of(0.4, 0.3, 0.2, 0.4),
                composition: [
                    'aspect' => 1.0,
                    'segments' => [
                        [
                            'x1' => 0.4 - $besides * M_SQRT2,
                            'y1' => 0.0,
                            'x2' => 0.4 - $besides * M_SQRT2,
                            'y2' => 1.0,
                            'length' => 0.7,
                        ],
                    ],
                ],
            ),
            0.0122,
            0.0118,
        ];
        yield 'room ahead that is short' => [
            new Rules\LookRoom(),
            fn (float $ratio): Situation => self::looking($ratio),
            0.81,
            0.79,
        ];
        yield 'room ahead that is given' => [
            new Rules\LookRoom(),
            fn (float $ratio): Situation => self::looking($ratio),
            1.24,
            1.26,
        ];
        yield 'room above a head' => [
            new Rules\HeadRoom(),
            fn (float $above): Situation => Situations::make(
                intent: new Intent(contents: new IntendedContents(person: true)),
                region: Region::of(0.4, $above, 0.2, 0.6),
            ),
            0.295,
            0.305,
        ];
        $cast = fn (float $warm, float $green): Situation => Situations::make(
            colour: ['cast' => ['warm' => $warm, 'green' => $green]],
        );
        yield 'a warm cast' => [
            new Rules\ColourCast(),
            fn (float $stops): Situation => $cast($stops, 0.0),
            0.345,
            0.355,
        ];
        yield 'a green cast, at half of that' => [
            new Rules\ColourCast(),
            fn (float $stops): Situation => $cast(0.0, $stops),
            0.172,
            0.178,
        ];
        yield 'colour without anything left' => [
            new Rules\OverSaturated(),
            fn (float $percent): Situation => Situations::make(colour: ['overSaturatedPct' => $percent]),
            7.45,
            7.55,
        ];
        yield 'one hue' => [
            new Rules\OneHue(),
            fn (float $percent): Situation => Situations::make(
                colour: ['dominant' => ['hue' => 'blue', 'sharePct' => $percent], 'saturation' => 0.4],
            ),
            79.5,
            80.5,
        ];
        yield 'dark corners' => [
            new Rules\DarkCorners(),
            fn (float $stops): Situation => Situations::make(colour: ['cornerStops' => -$stops]),
            0.98,
            1.02,
        ];
        yield 'a glow along edges' => [
            new Rules\HaloAlongEdges(),
            fn (float $share): Situation => Situations::make(colour: ['halo' => $share]),
            0.069,
            0.071,
        ];
        yield 'a dark face' => [
            new Rules\DarkFace(),
            fn (float $darker): Situation => Situations::make(
                subject: -$darker,
                intent: new Intent(contents: new IntendedContents(person: true)),
            ),
            0.9,
            1.1,
        ];
    }

    /** @param  Closure(float): Situation  $of */
    #[DataProvider('limitsOfSilence')]
    public function test_a_rule_begins_to_speak_at_its_limit(
        FindingRule $rule,
        Closure $of,
        float $silent,
        float $speaking,
    ): void {
        $this->assertBeginsToSpeak($rule, $of, $silent, $speaking);
    }

    /** @return iterable<string, array{FindingRule, Closure(float): Situation, float, Severity, float, Severity}> */
    public static function limitsOfWeight(): iterable
    {
        yield 'a tilt that disturbs' => [
            new Rules\Tilted(),
            fn (float $degrees): Situation => Situations::make(composition: ['tiltDeg' => $degrees]),
            1.97,
            Severity::Weakness,
            2.03,
            Severity::Fault,
        ];
        yield 'an idea that is kept' => [
            new Rules\IdeaKept(),
            fn (float $off): Situation => Situations::make(
                intent: new Intent(idea: Idea::Thirds),
                composition: ['ideas' => ['thirds' => $off, 'centre' => 20.0, 'diagonals' => 20.0, 'golden' => 20.0]],
            ),
            5.1,
            Severity::Weakness,
            4.9,
            Severity::Praise,
        ];
        yield 'a distraction that competes' => [
            new Rules\DistractionsLeft(),
            fn (float $percent): Situation => Situations::make(
                composition: [],
                marks: ['distractions' => [['x' => 0.1, 'y' => 0.1, 'attentionPct' => $percent]]],
            ),
            1.95,
            Severity::Choice,
            2.05,
            Severity::Weakness,
        ];
        yield 'an axis that is kept' => [
            new Rules\AxisMissed(),
            fn (float $off): Situation => Situations::make(
                marks: ['axis' => ['score' => 0.9, 'offPct' => $off, 'best' => 0.9]],
            ),
            1.25,
            Severity::Weakness,
            1.15,
            Severity::Praise,
        ];
        yield 'an axis of something symmetrical' => [
            new Rules\AxisMissed(),
            fn (float $likeness): Situation => Situations::make(
                marks: ['axis' => ['score' => $likeness, 'offPct' => 0.0, 'best' => $likeness]],
            ),
            0.61,
            Severity::Weakness,
            0.63,
            Severity::Praise,
        ];
        yield 'a subject framed by something' => [
            new Rules\FrameWithin(),
            fn (float $holds): Situation => Situations::make(
                marks: ['surround' => ['sharePct' => 40.0, 'holdsPct' => $holds]],
            ),
            94.5,
            Severity::Weakness,
            95.5,
            Severity::Praise,
        ];
        yield 'a rival of an isolated subject' => [
            new Rules\SubjectAlone(),
            fn (float $weight): Situation => Situations::make(
                intent: new Intent(idea: Idea::Isolation),
                composition: ['attention' => [['x' => 0.9, 'y' => 0.1, 'weight' => $weight]]],
            ),
            0.81,
            Severity::Weakness,
            0.79,
            Severity::Praise,
        ];
    }

    /** Looking to the right, with that much more room ahead than behind. */
    private static function looking(float $ratio): Situation
    {
        $behind = 0.8 / (1 + $ratio);

        return Situations::make(intent: new Intent(facing: Facing::Right), region: Region::of($behind, 0.3, 0.2, 0.4));
    }
}
