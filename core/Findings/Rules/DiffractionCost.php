<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Approach\LandscapeAperture;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Optics\CloseUp;
use TruePupil\Core\Optics\Diffraction;
use TruePupil\Core\Optics\FocusPlan;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** An aperture so small that diffraction softens what it was closed for. */
#[Declared('depth.diffraction', Topic::Depth)]
final class DiffractionCost extends FindingRule
{
    public function needs(): array
    {
        return [Need::Settings, Need::Format];
    }

    public function judge(Situation $situation): ?Finding
    {
        [$aperture, $format] = [$situation->record->exposure->fNumber, $situation->format()];
        if ($aperture === null || $format === null) {
            return null;
        }
        // Near subjects make the lens work at a smaller aperture than it is marked.
        $print = Diffraction::printLimit($format);
        $pitch = $situation->kit?->body->pixelPitch();
        $pixel = $pitch === null ? null : Diffraction::pixelLimit($pitch);
        $effective =
            $aperture->exact *
            CloseUp::factor($situation->record->lens->focalLength ?? 0.0, $situation->focusDistance());
        $beyondPrint = Stops::of(2 * log($effective / $print, 2));
        $beyondPixel = $pixel === null ? null : Stops::of(2 * log($effective / $pixel, 2));
        $showsInPrint = $beyondPrint->value > 1 / 6;
        if (! $showsInPrint && ($beyondPixel === null || $beyondPixel->value < 1.0)) {
            return null;
        }
        // Depth that needed it is a fair price.
        $depth = $situation->depth();
        [$near, $far] = [$situation->statement->intent->sharpFrom(), $situation->statement->intent->sharpTo()];
        $focalLength = $situation->record->lens->focalLength;
        $circle = $situation->circleOfConfusion();
        $planned =
            $situation->statement->intent->asksForDepth() &&
            $near !== null &&
            $focalLength !== null &&
            $circle !== null &&
            $near * 1000 > $focalLength
                ? FocusPlan::forLimits($near, $far, $focalLength, $circle)->fNumber
                : null;
        $wasNeeded =
            ($planned !== null && $planned > $aperture->exact / 2 ** (1 / 4)) ||
            $situation->statement->intent->contents->sunStar;
        $small = $situation->approach->picture->landscapeAperture === LandscapeAperture::Small;
        $airy = Diffraction::at($effective)->airyMicrometres;

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $showsInPrint && ! $wasNeeded && ! $small ? Severity::Weakness : Severity::Choice,
            sentence: $showsInPrint
                ? sprintf(
                    '%s lies %s past the point where diffraction shows in a print (%s here): everything softens a '.
                        'little.%s',
                    $aperture,
                    $beyondPrint->inWords(),
                    Aperture::nearest($print),
                    $wasNeeded
                        ? ' The depth asked for it, so it is a fair price.'
                        : ' Open up as far as the depth allows.',
                )
                : sprintf(
                    'At %s diffraction spreads a point over %.1f pixels: seen only at full magnification, not in a '.
                        'print.',
                    $aperture,
                    $airy / (float) $pitch,
                ),
            evidence: [
                new Evidence(
                    'f-number',
                    $aperture->exact,
                    '',
                    $showsInPrint ? $print : (float) $pixel,
                    $showsInPrint ? -$beyondPrint->value : -$beyondPixel->value,
                    'stops',
                ),
                new Evidence(
                    'Airy disc',
                    $airy,
                    'µm',
                    $showsInPrint ? $format->circleOfConfusion() * 1000 : 2.5 * (float) $pitch,
                ),
            ],
            source: 'Airy diameter 2.44·λ·N at 550 nm against the circle of confusion (print) or 2.5 pixels.',
            suggestion: $showsInPrint && ! $wasNeeded
                ? SameExposure::with(
                    $situation,
                    'crisper detail',
                    aperture: Aperture::nearest(max($planned ?? 0.0, $print / 2 ** (1 / 12))),
                )
                : null,
            otherView: $small
                ? 'Others stay at middle apertures, ƒ/5.6 to ƒ/9, and focus with more care.'
                : 'Others take ƒ/11 to ƒ/16 for landscape as a habit and accept the cost.',
        );
    }
}
