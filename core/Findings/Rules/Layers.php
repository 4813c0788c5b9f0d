<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Composition\MarkMeasures;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Thresholds;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/**
 * Marked layers of depth: what each takes, and whether they part.
 *
 * @phpstan-import-type MarkedLayer from MarkMeasures
 */
#[Declared('composition.layers', Topic::Composition)]
final class Layers extends FindingRule
{
    public function needs(): array
    {
        return [Need::Composition];
    }

    public function judge(Situation $situation): ?Finding
    {
        $layers = $situation->measures->claims->marks->layers ?? [];
        $step = $situation->measures->claims->marks?->layerStep();
        $isMeant = $situation->statement->intent->idea === Idea::Depth;
        if ($step === null) {
            return null;
        }
        $hasNear = in_array('near', array_column($layers, 'kind'), true);
        $parts = $step >= Thresholds::LAYERS_PART;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: match (true) {
                $isMeant && ! $hasNear => Severity::Weakness,
                $isMeant && $parts => Severity::Praise,
                default => Severity::Choice,
            },
            sentence: implode(' ', [
                ucfirst(implode('; ', array_map(self::words(...), $layers))).'.',
                match (true) {
                    ! $hasNear => $isMeant
                        ? 'You wanted depth, and nothing near leads into it: go lower or nearer to something that does.'
                        : 'Nothing near leads in. Is the distance the point of it?',
                    $parts => $isMeant ? 'They part by their tones: the picture is deep, as you wanted.'
                        : 'They part by their tones.',
                    default => sprintf(
                        'Two neighbours differ by %s and run into each other; light or mist between them, or another '.
                            'hour, parts them.',
                        Stops::of($step)->inWords(),
                    ),
                },
            ]),
            evidence: [
                new Evidence(
                    'least step between neighbouring layers',
                    $step,
                    'stops',
                    Thresholds::LAYERS_PART,
                    $step - Thresholds::LAYERS_PART,
                ),
            ],
            source: 'The marks of near, middle and far; mean luminance of each.',
            confidence: 0.7,
        );
    }

    /** @param  MarkedLayer  $layer */
    private static function words(array $layer): string
    {
        return sprintf(
            '%s takes %.0f %% of the frame at %s from mid-grey, and %.0f %% of what draws the eye',
            ['near' => 'the near layer', 'middle' => 'the middle', 'far' => 'the far layer'][$layer['kind']] ?? 'one',
            $layer['sharePct'],
            Stops::of($layer['meanStops'])->signed(),
            $layer['attentionPct'],
        );
    }
}
