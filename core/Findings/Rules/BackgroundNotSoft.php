<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Optics\BlurDisc;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** A background that was to go soft and did not: how wide its points spread, and what would spread them further. */
#[Declared('depth.background-not-soft', Topic::Depth)]
final class BackgroundNotSoft extends FindingRule
{
    /** A tenth less does not show. */
    private const NEARLY = 0.9;

    public function needs(): array
    {
        return [Need::Settings, Need::FocalLength, Need::Format];
    }

    public function judge(Situation $situation): ?Finding
    {
        $intent = $situation->statement->intent;
        [$focalLength, $aperture, $format, $focus] = [
            $situation->record->lens->focalLength,
            $situation->record->exposure->fNumber,
            $situation->format(),
            $situation->focusDistance(),
        ];
        if (
            ! $intent->asksForSeparation() ||
            $focalLength === null ||
            $aperture === null ||
            $format === null ||
            $focus === null ||
            $focus * 1000 <= $focalLength
        ) {
            return null;
        }
        $disc = BlurDisc::of(
            $focalLength,
            $aperture->exact,
            $focus,
            (float) $intent->distances->background,
        )->percentOfWidth($format);
        $wanted = (float) $intent->distances->separation;
        if ($disc >= $wanted * self::NEARLY) {
            return null;
        }
        // The disc shrinks in proportion to the f-number.
        $needed = Aperture::nearest((($aperture->exact * $disc) / $wanted) * 2 ** (-1 / 12));
        $widest = $situation->widest();
        $isInReach = $disc > 0 && $widest !== null && $needed->exact >= $widest->exact * 0.99;
        $stops = Stops::of($disc > 0 ? 2 * log($wanted / $disc, 2) : 9);

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: Severity::Weakness,
            sentence: sprintf(
                'Points of the background spread to %.1f %% of the frame\'s width; you wanted %.1f %%. %s',
                $disc,
                $wanted,
                $isInReach
                    ? sprintf('%s would do it.', $needed)
                    : 'The lens does not open that far: go nearer, move the subject away from the background, or take '.
                        'a longer lens.',
            ),
            evidence: [new Evidence('blur disc', $disc, '%', $wanted, -$stops->value, 'stops')],
            source: 'Blur disc f²/(N(s−f))·|d−s|/d on the sensor.',
            suggestion: $isInReach
                ? SameExposure::with($situation, 'the background goes soft', aperture: $needed)
                : null,
        );
    }
}
