<?php

declare(strict_types=1);

namespace App\View\Drawings;

use App\Planning\PlanSheet;
use TruePupil\Core\Kit\Reach;
use TruePupil\Core\Optics\DepthOfField;

/** What is drawn of a plan: the map of what is barred, depth, movement and the sky. */
final readonly class PlanDrawings
{
    public function __construct(private PlanSheet $sheet)
    {
    }

    public function map(): ?ExposureMapDrawing
    {
        return ExposureMapDrawing::of($this->sheet->advice?->map);
    }

    public function sky(): ?SkyPath
    {
        return $this->sheet->outing === null ? null : SkyPath::of($this->sheet->outing);
    }

    /** The depth that the first settings give. */
    public function ruler(): ?DepthRuler
    {
        $first = $this->sheet->advice->suggestions[0] ?? null;
        if (
            $first === null ||
            $first->lens->focalLength === null ||
            $first->lens->focusDistance === null ||
            ($this->sheet->intent->distances->subject === null && ! $this->sheet->intent->asksForDepth())
        ) {
            return null;
        }
        $depth = DepthOfField::of(
            $first->lens->focalLength,
            $first->exposure->settings->aperture->exact,
            $first->lens->focusDistance,
            $this->sheet->kit->body->format->circleOfConfusion(),
        );

        return DepthRuler::of(
            $depth,
            $first->lens->focusDistance,
            $this->sheet->intent->asksForDepth() ? $this->sheet->intent->sharpFrom() : null,
            $this->sheet->intent->asksForDepth() ? $this->sheet->intent->sharpTo() : null,
        );
    }

    public function comb(): ?MovementComb
    {
        $first = $this->sheet->advice->suggestions[0] ?? null;
        $format = $this->sheet->kit->body->format;
        $blur =
            $first?->lens->focalLength === null
                ? null
                : $this->sheet->intent->movement?->blur(
                    $first->lens->focalLength,
                    $this->sheet->intent->distances->subject,
                    $format,
                );

        return $first === null || $blur === null || $blur->criticalLimit() === null
            ? null
            : MovementComb::of(
                $blur,
                $format->circleOfConfusion(),
                Reach::of($this->sheet->kit->body),
                $this->sheet->intent->movement->band(
                    $first->lens->focalLength ?? 0.0,
                    $this->sheet->intent->distances->subject,
                    $format,
                ),
                $first->exposure->settings->time,
            );
    }
}
