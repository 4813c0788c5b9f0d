<?php

declare(strict_types=1);

namespace TruePupil\Core\Adviser;

use TruePupil\Core\Intent\Framing;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\SubjectKind;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Lens;

/** A lens of the kit at a focal length that frames the subject. */
final readonly class LensChoice
{
    /** A lens that frames this much wider or tighter, as a binary logarithm, still does: a step or two make it up. */
    public const NEAR_ENOUGH = 0.25;

    /** What a framing weighs that only the kind of subject speaks for. */
    private const SUPPOSED = 0.35;

    private function __construct(
        public Lens $lens,
        /** mm. */
        public float $focalLength,
        /** Binary logarithm of the focal length against the one asked for: positive is tighter. */
        public float $framing,
        /** How much the framing weighs: less where only the kind of subject speaks for it. */
        public float $strictness = 1.0,
    ) {
    }

    /** @param  float  $focalLength  mm, that was chosen whatever it frames */
    public static function at(Lens $lens, float $focalLength): self
    {
        return new self($lens, $focalLength, 0.0);
    }

    /** @return list<self> for every lens that frames the subject and focuses near enough */
    public static function all(Kit $kit, Intent $intent, SettingBounds $bounds = new SettingBounds()): array
    {
        $lenses = array_filter(
            $kit->lenses,
            fn (Lens $lens): bool => $intent->distances->subject === null ||
                $intent->distances->subject >= $lens->closestFocus - 1e-9,
        );
        $choices = [];
        foreach ($lenses as $lens) {
            foreach (self::focalLengths($lens, $kit, $intent, $bounds) as [$focalLength, $framing]) {
                $isInsideLens =
                    $intent->distances->subject !== null && $intent->distances->subject * 1000 <= $focalLength;
                $isFramed = $intent->focalLength35 === null || abs($framing) <= self::NEAR_ENOUGH + 1e-9;
                if (! $isInsideLens && $isFramed) {
                    $choices[] = new self(
                        $lens,
                        $focalLength,
                        $framing,
                        $intent->focalLength35 === null ? self::SUPPOSED : 1.0,
                    );
                }
            }
        }

        return $choices;
    }

    /** @return list<array{float, float}> focal length in mm, and how it frames */
    private static function focalLengths(Lens $lens, Kit $kit, Intent $intent, SettingBounds $bounds): array
    {
        $crop = $kit->body->format->crop();
        // What is demanded of the framing cuts off what of a zoom lies outside.
        [$from, $to] = [$bounds->focalLength35[0] / $crop, $bounds->focalLength35[1] / $crop];
        if ($lens->maxFocal < $from * 0.97 || $lens->minFocal > $to * 1.03) {
            return [];
        }
        [$shortest, $longest] = [
            min($lens->maxFocal, max($lens->minFocal, $from)),
            max($lens->minFocal, min($lens->maxFocal, $to)),
        ];
        $wanted35 = $intent->focalLength35 ?? self::usual($kit, $intent);
        if ($wanted35 !== null) {
            $wanted = $wanted35 / $crop;
            $focalLength = max($shortest, min($longest, $wanted));

            return [[$focalLength, log($focalLength / $wanted, 2)]];
        }
        // Nothing said of the framing: both ends of a zoom and the middle between them.
        $lengths = array_values(
            array_unique([$shortest, sqrt($shortest * $longest), $longest]),
        );

        return array_map(
            fn (float $focalLength): array => [$focalLength, 0.0],
            $shortest === $longest ? [$shortest] : $lengths,
        );
    }

    /** What a subject of its kind is usually taken with, as a 35 mm equivalent in mm, where nobody says. */
    private static function usual(Kit $kit, Intent $intent): ?float
    {
        $lengths = array_map(fn (Lens $lens): float => $lens->maxFocal, $kit->lenses);
        $longest = $lengths === [] ? null : max($lengths) * $kit->body->format->crop();

        return match (true) {
            $intent->contents->about->magnification !== null => null,
            $intent->kind()?->isNeverNearEnough() === true => $longest,
            $intent->contents->about->framing !== null => $intent->contents->about->framing->usualFocalLength(),
            default => match ($intent->kind()) {
                SubjectKind::Person => Framing::Bust->usualFocalLength(),
                SubjectKind::Room => Framing::Room->usualFocalLength(),
                SubjectKind::View => Framing::View->usualFocalLength(),
                SubjectKind::People, SubjectKind::Water => Framing::Group->usualFocalLength(),
                SubjectKind::Child, SubjectKind::Walker, SubjectKind::Vehicle => Framing::Whole->usualFocalLength(),
                SubjectKind::Thing, SubjectKind::Document => Framing::Half->usualFocalLength(),
                SubjectKind::Animal, SubjectKind::Plant, SubjectKind::Stage, SubjectKind::Cyclist => 100.0,
                SubjectKind::Runner => 135.0,
                default => null,
            },
        };
    }
}
